package reckonrod.server.backup;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The whole installation as one file, and back. */
@RestController
@RequestMapping("/api/archive")
class ArchiveController {
    /** What people would count, and the table that it is in. */
    private static final Map<String, String> COUNTED = counted();

    private final Archives archives;
    private final Clock clock;

    ArchiveController(Archives archives, Clock clock) {
        this.archives = archives;
        this.clock = clock;
    }

    private static Map<String, String> counted() {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("channel_list", "lists");
        all.put("list_revision", "changes of lists");
        all.put("radio_unit", "radios");
        all.put("snapshot", "snapshots");
        all.put("transfer_job", "transfers");
        all.put("directory_entry", "directory entries");
        all.put("directory_import", "imports");
        all.put("band_plan", "band plans of your own");
        all.put("export_recipe", "export recipes of your own");
        return all;
    }

    /** Written whole before it goes out: a slow reader holds nothing up, and half of it can be told from all. */
    @GetMapping
    ResponseEntity<InputStreamResource> archive() throws IOException {
        Path file = archives.made();
        long size = Files.size(file);
        return ResponseEntity.ok()
                .contentType(new MediaType("application", "zip"))
                .contentLength(size)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("reckonrod-" + LocalDate.now(clock) + ".zip", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(new InputStreamResource(Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE)));
    }

    /** How many of something are in the archive, and how many are here. */
    record CountView(String what, long there, long here) {}

    /** An archive that was brought. */
    record ArchiveView(UUID id, Instant madeAt, String program, List<CountView> counts) {}

    /** The archive comes in as the body; nothing is changed yet. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ArchiveView bring(HttpServletRequest request) throws IOException {
        Archives.Brought brought = archives.bring(request.getInputStream());
        return new ArchiveView(
                brought.id(),
                brought.manifest().madeAt(),
                brought.manifest().program(),
                COUNTED.entrySet().stream()
                        .map(each -> new CountView(
                                each.getValue(),
                                brought.manifest().rows().getOrDefault(each.getKey(), 0L),
                                brought.here().getOrDefault(each.getKey(), 0L)))
                        .toList());
    }

    /** What was there is kept as an archive in the data folder, under that name. */
    record RestoredView(String kept) {}

    @PostMapping("/{id}/restore")
    RestoredView restore(@PathVariable UUID id) throws IOException {
        return new RestoredView(archives.restore(id).toAbsolutePath().toString());
    }
}
