package reckonrod.server.imports;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Signal;
import reckonrod.core.listing.Column;
import reckonrod.core.listing.CsvWriter;
import reckonrod.core.listing.RowKind;
import reckonrod.server.lists.ListStore;
import reckonrod.server.problem.ProblemException;

/** Listings on their way into the directory: brought, mapped, read, looked at, then taken whole or given up. */
@RestController
@RequestMapping("/api/imports")
class ImportController {
    private static final int ROWS_SHOWN = 100;

    private final ImportStore store;
    private final ImportTaking taking;
    private final Importing importing;
    private final ImportEvents events;
    private final ListStore lists;

    ImportController(
            ImportStore store, ImportTaking taking, Importing importing, ImportEvents events, ListStore lists) {
        this.events = events;
        this.lists = lists;
        this.store = store;
        this.taking = taking;
        this.importing = importing;
    }

    /** What a column can mean. */
    record ColumnView(String id, String words) {}

    /** What the columns mean, one for each; empty where it is left out. */
    record MappingRequest(
            @NotEmpty(message = "must say what each column means")
            List<String> columns) {}

    /** What of it is taken. */
    record TakeImportRequest(boolean doubtful, boolean dropGone) {}

    /** A row of an import: what it would do, to which entry, and what there is to say of it. */
    record ImportRowView(
            int line,
            String kind,
            boolean doubtful,
            String label,
            @Schema(nullable = true) Signals signals,
            String says) {
        /** What it works on, as it would go into the directory; tones are empty where there are none. */
        record Signals(String output, String input, String talkTone, String listenTone, String mode) {
            static Signals of(DirectoryEntry entry) {
                Signal signal = entry.signal();
                return new Signals(
                        signal.output().toMegahertzText(),
                        signal.input().shown(),
                        signal.talkTone().text().orElse(""),
                        signal.listenTone().text().orElse(""),
                        signal.mode().word());
            }
        }
    }

    @GetMapping
    List<ImportView> all() {
        return store.all().stream()
                .map(each -> ImportView.of(each, store.counts(each.id()), null))
                .toList();
    }

    @GetMapping("/columns")
    List<ColumnView> columns() {
        return Arrays.stream(Column.values())
                .map(column -> new ColumnView(column.name(), column.words()))
                .toList();
    }

    /** A file or pasted lines come in as the body, just as they are; the band plan supplies the shifts that lines leave out. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ImportView bring(
            @RequestParam String name,
            @RequestParam(defaultValue = "") String charset,
            @RequestParam(defaultValue = "csv") ImportView.Kind kind,
            @RequestParam(defaultValue = BandPlans.USUAL) String bandPlan,
            HttpServletRequest request)
            throws IOException {
        Brought brought = new Brought(
                ImportKind.valueOf(kind.name().toUpperCase(Locale.ROOT)), name.strip(), charset(charset), bandPlan);
        try (Spool spool = Spool.of(request.getInputStream())) {
            return importing.bring(brought, spool);
        }
    }

    private static Optional<Charset> charset(String name) {
        try {
            return name.isBlank() ? Optional.empty() : Optional.of(Charset.forName(name));
        } catch (IllegalArgumentException unknown) {
            throw ProblemException.refused(
                    "charset-unknown", "Unknown encoding", "\"" + name + "\" is no encoding; UTF-8 is usual.");
        }
    }

    /** Pulls the whole listing of the directory service. */
    @PostMapping("/service")
    @ResponseStatus(HttpStatus.CREATED)
    ImportView pull() {
        return importing.pull();
    }

    @GetMapping("/{id}")
    ImportView get(@PathVariable UUID id) {
        return importing.view(id);
    }

    /** How far it is read, as events of the name {@code import}, until it is read or broke off. */
    @GetMapping(path = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter follow(@PathVariable UUID id) {
        return events.follow(id);
    }

    /** Says what the columns mean, and begins to read. */
    @PutMapping("/{id}/columns")
    ImportView map(@PathVariable UUID id, @Valid @RequestBody MappingRequest request) {
        return importing.map(id, request.columns());
    }

    /** Back to the columns, because one of them means something else. */
    @PostMapping("/{id}/map-again")
    ImportView mapAgain(@PathVariable UUID id) {
        store.mapAgain(id);
        return importing.view(id);
    }

    /** Goes on reading after a fault. */
    @PostMapping("/{id}/go-on")
    ImportView goOn(@PathVariable UUID id) {
        return importing.goOn(id);
    }

    @PostMapping("/{id}/stop")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void stop(@PathVariable UUID id) {
        store.requestCancel(id);
    }

    @PostMapping("/{id}/take")
    ImportView take(@PathVariable UUID id, @RequestBody TakeImportRequest request) {
        taking.take(id, request.doubtful(), request.dropGone());
        return importing.view(id);
    }

    /** Takes a taken import back, while nothing depends on it. */
    @PostMapping("/{id}/take-back")
    ImportView takeBack(@PathVariable UUID id) {
        taking.takeBack(id, lists.channelsByEntry());
        return importing.view(id);
    }

    /**
     * Removes a source with all its entries. Channels that were taken from it stay in their lists.
     *
     * @param entries how many entries are known to go
     */
    @DeleteMapping("/sources/{source}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeSource(@PathVariable String source, @RequestParam long entries) {
        taking.removeSource(source, entries);
    }

    @DeleteMapping("/{id}")
    ImportView giveUp(@PathVariable UUID id) {
        store.giveUp(id);
        return importing.view(id);
    }

    /** Rows of a kind: added, changed, same, bad, doubtful, from that line on; or gone, after so many of them. */
    @GetMapping("/{id}/rows")
    List<ImportRowView> rows(
            @PathVariable UUID id, @RequestParam String kind, @RequestParam(defaultValue = "0") int fromLine) {
        if (fromLine < 0) {
            throw ProblemException.refused(
                    "line-out-of-range", "Out of range", "fromLine must be 0 or more, was " + fromLine + ".");
        }
        if (kind.equals("gone")) {
            return store.gone(id, fromLine, ROWS_SHOWN).stream()
                    .map(entry -> new ImportRowView(
                            0, "gone", false, entry.label(), ImportRowView.Signals.of(entry), "no longer in it"))
                    .toList();
        }
        Optional<RowKind> wanted = switch (kind) {
            case "added" -> Optional.of(RowKind.NEW);
            case "changed" -> Optional.of(RowKind.CHANGED);
            case "same" -> Optional.of(RowKind.SAME);
            case "bad" -> Optional.of(RowKind.BAD);
            case "doubtful" -> Optional.empty();
            default ->
                throw ProblemException.refused(
                        "kind-unknown",
                        "No such rows",
                        "kind was \"" + kind + "\" and must be added, changed, same, bad, doubtful or gone.");
        };
        return store.rows(id, wanted, fromLine, ROWS_SHOWN).stream()
                .map(row -> row.kind() == RowKind.BAD
                        ? new ImportRowView(row.line(), "bad", false, String.join(", ", row.cells()), null, row.says())
                        : new ImportRowView(
                                row.line(),
                                kind,
                                row.doubtful(),
                                row.entry().label(),
                                ImportRowView.Signals.of(row.entry()),
                                row.says()))
                .toList();
    }

    /** The bad rows as a file, with the line and the reason in front, to be mended and brought again. */
    @GetMapping(path = "/{id}/bad.csv", produces = "text/csv")
    ResponseEntity<String> bad(@PathVariable UUID id) {
        List<List<String>> rows = new ArrayList<>();
        List<String> headings = new ArrayList<>(List.of("line", "reason"));
        store.get(id).headings().stream().map(CsvWriter::harmless).forEach(headings::add);
        rows.add(headings);
        int from = 0;
        while (true) {
            List<StagedRow> page = store.rows(id, Optional.of(RowKind.BAD), from, 1_000);
            if (page.isEmpty()) {
                break;
            }
            for (StagedRow row : page) {
                List<String> cells = new ArrayList<>(List.of(String.valueOf(row.line()), row.says()));
                row.cells().stream().map(CsvWriter::harmless).forEach(cells::add);
                rows.add(cells);
            }
            from = page.get(page.size() - 1).line() + 1;
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header("Content-Disposition", "attachment; filename=\"rows-left-out.csv\"")
                .body(CsvWriter.write(rows));
    }
}
