package reckonrod.server.radios;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The library of snapshots. */
@RestController
class SnapshotController {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmm", Locale.ROOT);

    private final SnapshotLibrary library;
    private final RadioUnits units;

    SnapshotController(SnapshotLibrary library, RadioUnits units) {
        this.library = library;
        this.units = units;
    }

    /**
     * A snapshot in the library.
     *
     * @param name what somebody called it; empty where it is called by its radio and day
     * @param digest names what it holds: two of the same hold the same
     * @param needed why it cannot go; empty if it can
     */
    record ShelvedView(
            UUID id,
            String radioId,
            String radio,
            String model,
            String modelId,
            Instant takenAt,
            String reason,
            String name,
            String note,
            boolean kept,
            int channels,
            String digest,
            String needed) {
        static ShelvedView of(SnapshotLibrary.Shelved each) {
            return new ShelvedView(
                    each.id(),
                    each.unit().id(),
                    each.unit().name(),
                    each.unit().definition().title(),
                    each.unit().definition().id(),
                    each.takenAt(),
                    each.reason(),
                    each.name(),
                    each.note(),
                    each.kept(),
                    each.channels(),
                    each.digest(),
                    each.needed());
        }
    }

    /** What somebody notes of a snapshot. */
    record SnapshotNote(
            @NotNull(message = "must be given") @Size(max = 60, message = "must have at most 60 characters")
            String name,

            @NotNull(message = "must be given") @Size(max = 500, message = "must have at most 500 characters")
            String note,

            boolean kept) {}

    /** Snapshots that can go by the usual rule, to be looked at; and then to be let go. */
    record ThinningView(
            @NotNull(message = "must be given") @Size(max = 10_000, message = "must be at most 10000")
            List<UUID> going) {}

    /** How many went. */
    record ThinnedView(int gone) {}

    @GetMapping("/api/snapshots")
    List<ShelvedView> all() {
        return library.all().stream().map(ShelvedView::of).toList();
    }

    @PutMapping("/api/snapshots/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void note(@PathVariable UUID id, @Valid @RequestBody SnapshotNote request) {
        library.isKnownAs(id, request.name().strip(), request.note().strip(), request.kept());
    }

    @DeleteMapping("/api/snapshots/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id) {
        library.forget(id);
    }

    @GetMapping("/api/snapshots/thinning")
    ThinningView canGo() {
        return new ThinningView(library.canGo());
    }

    @PostMapping("/api/snapshots/thinning")
    ThinnedView thin(@Valid @RequestBody ThinningView request) {
        return new ThinnedView(library.thin(request.going()));
    }

    @GetMapping(
            path = "/api/snapshots/{id}/file",
            produces = {MediaType.TEXT_PLAIN_VALUE, MediaType.APPLICATION_PROBLEM_JSON_VALUE})
    ResponseEntity<byte[]> file(@PathVariable UUID id) {
        var file = library.file(id);
        String name = file.model() + "-" + DAY.format(file.takenAt().atZone(ZoneId.systemDefault())) + ".snapshot.txt";
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(file.text().getBytes(StandardCharsets.UTF_8));
    }

    /** A file of a snapshot; the id of the snapshot that it became. */
    record BroughtView(UUID id) {}

    /** The text of a file. */
    record SnapshotText(
            @NotNull(message = "must be the text of a snapshot")
            String text) {}

    @PostMapping("/api/radios/{id}/snapshots")
    @ResponseStatus(HttpStatus.CREATED)
    BroughtView takeIn(@PathVariable String id, @Valid @RequestBody SnapshotText request) {
        return new BroughtView(
                library.takeIn(units.get(id).withLink(), request.text()).id());
    }
}
