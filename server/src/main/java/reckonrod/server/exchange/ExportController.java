package reckonrod.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.exchange.ListCsv;
import reckonrod.core.exchange.ListLines;
import reckonrod.core.exchange.PlacedChannels;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** Lists as files. They come back by the review, which reads lines and such tables. */
@RestController
@RequestMapping("/api/lists/{id}")
class ExportController {
    private final ListStore store;
    private final PlanLookup plans;
    private final DirectoryStore directory;

    ExportController(ListStore store, PlanLookup plans, DirectoryStore directory) {
        this.directory = directory;
        this.store = store;
        this.plans = plans;
    }

    /** The forms that a list is given out in. */
    enum Form {
        csv,
        lines,
        json,
        geojson,
        gpx
    }

    /**
     * A list as a file.
     *
     * @param history whether its past goes with it, in the form that holds all of a list
     */
    @GetMapping("/export")
    ResponseEntity<String> export(
            @PathVariable UUID id, @RequestParam Form as, @RequestParam(defaultValue = "false") boolean history) {
        ChannelList list = store.get(id).list();
        String text = switch (as) {
            case csv -> ListCsv.write(list);
            case lines -> ListLines.write(list, plans.planOf(list));
            case json -> history ? ListFile.write(list, store.wholeHistory(id)) : ListFile.write(list);
            case geojson -> PlacedChannels.geoJson(list, places(list));
            case gpx -> PlacedChannels.gpx(list, places(list));
        };
        MediaType type = switch (as) {
            case csv -> new MediaType("text", "csv", StandardCharsets.UTF_8);
            case lines -> new MediaType("text", "plain", StandardCharsets.UTF_8);
            case json -> MediaType.APPLICATION_JSON;
            case geojson -> new MediaType("application", "geo+json");
            case gpx -> new MediaType("application", "gpx+xml", StandardCharsets.UTF_8);
        };
        String ending = as == Form.lines ? "txt" : as.name();
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(list.name() + "." + ending, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(text);
    }

    private Map<String, DirectoryEntry> places(ChannelList list) {
        return directory.byIds(list.entries().values().stream()
                .map(ListEntry::directoryId)
                .filter(each -> !each.isEmpty())
                .distinct()
                .toList());
    }

    /** Which channels to copy. */
    record ChosenChannels(
            @NotEmpty(message = "must name at least one channel")
            @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = "must be given") UUID> channels) {}

    /** A table with tabs between its cells, and how many channels are in it. */
    record Copied(String text, int channels) {}

    /** Channels for the clipboard: a spreadsheet takes them, and the review of another list reads them. */
    @PostMapping("/copied")
    Copied copied(@PathVariable UUID id, @Valid @RequestBody ChosenChannels request) {
        ChannelList list = store.get(id).list();
        Set<UUID> wanted = Set.copyOf(request.channels());
        int here = (int) list.entries().values().stream()
                .filter(each -> wanted.contains(each.id()))
                .count();
        if (here < wanted.size()) {
            throw ProblemException.refused(
                    "channel-gone",
                    "Not all of them are there",
                    (wanted.size() - here) + " of the channels are no longer in the list. Nothing was copied.");
        }
        return new Copied(ListCsv.tabbed(list, wanted), here);
    }
}
