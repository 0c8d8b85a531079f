package reckonrod.server.imports;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.SourceName;
import reckonrod.core.listing.CsvRows;
import reckonrod.core.listing.CsvTable;
import reckonrod.core.listing.CsvWriter;
import reckonrod.core.listing.GeoJsonRows;
import reckonrod.core.listing.RowReader;
import reckonrod.core.listing.RowWriter;
import reckonrod.core.listing.Table;
import reckonrod.core.listing.TableReader;
import reckonrod.core.listing.TableRows;
import reckonrod.core.listing.TableText;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** The course of an import, from its file or service to rows that can be looked at. */
@Component
class Importing {
    private static final List<String> LINE = List.of("line");
    private static final long MOST_REWRITTEN_BYTES = 4L * 1024 * 1024;

    private final ImportStore store;
    private final ImportContent content;
    private final ImportRunner runner;
    private final OfferedService service;
    private final PlanLookup plans;
    private final Clock clock;

    Importing(
            ImportStore store,
            ImportContent content,
            ImportRunner runner,
            OfferedService service,
            PlanLookup plans,
            Clock clock) {
        this.store = store;
        this.content = content;
        this.runner = runner;
        this.service = service;
        this.plans = plans;
        this.clock = clock;
    }

    /** Brings a file in. What cannot be read at all is refused here, and nothing is kept of it. */
    ImportView bring(Brought brought, Spool spool) {
        if (brought.kind() == ImportKind.SERVICE) {
            return pull();
        }
        Optional<String> table = readable(() -> asCsv(brought, spool));
        if (table.isPresent()) {
            Brought csv = new Brought(
                    ImportKind.CSV, brought.name(), Optional.of(StandardCharsets.UTF_8), brought.bandPlan());
            try (Spool rewritten = Spool.of(new ByteArrayInputStream(table.get().getBytes(StandardCharsets.UTF_8)))) {
                return begin(csv, rewritten);
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }
        return begin(brought, spool);
    }

    /** A table of another form as CSV: a web page, JSON, columns held apart by blanks, or rows with titles between them. */
    private static Optional<String> asCsv(Brought brought, Spool spool) throws IOException {
        if (Files.size(spool.file()) > MOST_REWRITTEN_BYTES) {
            return Optional.empty();
        }
        String text;
        try {
            text = TableText.decode(Files.readAllBytes(spool.file()), brought.charset());
        } catch (IllegalArgumentException noText) {
            // Told where the file itself is read.
            return Optional.empty();
        }
        return TableReader.find(text)
                .filter(found -> brought.kind() == ImportKind.LINES || !isReadAsItIs(brought, text, found))
                .map(found -> CsvWriter.write(Stream.concat(
                                Stream.of(found.table().headings()),
                                found.table().rows().stream().map(Table.Row::cells))
                        .map(row -> row.stream().map(CsvWriter::harmless).toList())
                        .toList()));
    }

    /** Whether reading the file row by row gives the same table, with the line of each row. */
    private static boolean isReadAsItIs(Brought brought, String text, TableReader found) {
        if (brought.kind() == ImportKind.GEOJSON) {
            return text.contains("\"FeatureCollection\"");
        }
        try {
            return found.setAside().isEmpty()
                    && CsvTable.parse(text).headings().equals(found.table().headings());
        } catch (IllegalArgumentException noCsv) {
            return false;
        }
    }

    private ImportView begin(Brought brought, Spool spool) {
        String source = sourceOf(brought.name());
        plans.plan(brought.bandPlan());
        if (brought.kind() == ImportKind.LINES) {
            int lines = readable(() -> LineSource.count(text(Files.newInputStream(spool.file()), brought.charset())));
            UUID id = store.begin(source, brought, spool.file(), TableLook.ofRows(LINE, lines));
            read(id, store.reading(id, LINE, List.of()), 0);
            return view(id);
        }
        TableLook look = readable(() -> look(brought, () -> Files.newInputStream(spool.file())));
        return view(store.begin(source, brought, spool.file(), look));
    }

    /** Opens what is read, from its beginning. */
    private interface Opening {
        InputStream open() throws IOException;
    }

    private interface Attempt<T> {
        T get() throws IOException;
    }

    private static <T> T readable(Attempt<T> work) {
        try {
            return work.get();
        } catch (IllegalArgumentException unreadable) {
            throw ProblemException.refused(
                    "listing-unreadable", "The listing cannot be read", unreadable.getMessage() + ".");
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static Reader text(InputStream bytes, Optional<Charset> charset) throws IOException {
        return TableText.reader(bytes, charset);
    }

    private TableLook look(Brought brought, Opening opening) throws IOException {
        ImportKind kind = brought.kind();
        Optional<Charset> charset = brought.charset();
        List<String> names;
        if (kind == ImportKind.GEOJSON) {
            try (Reader reader = text(opening.open(), charset)) {
                names = GeoJsonRows.names(reader);
            }
        } else {
            names = List.of();
        }
        try (TableRows rows = rows(kind, text(opening.open(), charset), names)) {
            return TableLook.of(rows, plans.plan(brought.bandPlan()));
        }
    }

    private TableRows rows(ImportKind kind, Reader text, List<String> names) throws IOException {
        return kind == ImportKind.GEOJSON ? new GeoJsonRows(text, names) : new CsvRows(text);
    }

    private void read(UUID id, UUID reader, int from) {
        ImportRecord record = store.get(id);
        runner.read(id, reader, () -> source(record), from);
    }

    private String sourceOf(String name) {
        String source = SourceName.ofFile(name)
                .orElseThrow(() -> ProblemException.refused(
                        "name-missing",
                        "The listing needs a name",
                        "name must hold a letter or a digit, was \"" + name + "\"."));
        return source.equals(service.source()) ? source + "-file" : source;
    }

    private static Optional<Charset> charset(ImportRecord record) {
        return record.charset().map(Charset::forName);
    }

    /** Begins to pull the whole listing of the service. */
    ImportView pull() {
        String address = service.address()
                .orElseThrow(() -> ProblemException.refused(
                        "no-service", "No directory service", "There is no directory service here. Bring a file."));
        UUID id = store.begin(
                service.source(),
                new Brought(ImportKind.SERVICE, "Directory service", Optional.empty(), BandPlans.USUAL),
                null,
                TableLook.ofRows(RowWriter.headings(), 0));
        UUID reader = store.reading(id, RowWriter.headings(), List.of());
        runner.read(id, reader, () -> new ServiceSource(address, service.source(), today()), 0);
        return view(id);
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    /** Says what the columns mean, and begins to read. */
    ImportView map(UUID id, List<String> columns) {
        ImportRecord record = store.get(id);
        List<String> headings = record.look().headings();
        if (!record.kind().hasColumns()) {
            throw noColumns(record);
        }
        ColumnMeanings.parse(columns, headings.size());
        store.remember(headings, columns);
        read(id, store.reading(id, headings, columns), 0);
        return view(id);
    }

    private static ProblemException noColumns(ImportRecord record) {
        return ProblemException.conflict(
                "import-state", "The import has moved on", "\"" + record.name() + "\" has no columns to be mapped.");
    }

    private static Brought asBrought(ImportRecord record) {
        return new Brought(record.kind(), record.name(), charset(record), record.bandPlan());
    }

    /** Goes on reading where it broke off. */
    ImportView goOn(UUID id) {
        UUID reader = store.goingOn(id);
        read(id, reader, store.get(id).rowsRead());
        return view(id);
    }

    private RowSource source(ImportRecord record) throws IOException {
        if (record.kind() == ImportKind.SERVICE) {
            return new ServiceSource(service.address().orElse("http://127.0.0.1:9/"), record.source(), today());
        }
        TableLook look = record.look();
        Reader text = text(new PartStream(content, record.id()), charset(record));
        if (record.kind() == ImportKind.LINES) {
            return new LineSource(text, look.rows(), record.source(), plans.plan(record.bandPlan()));
        }
        return new FileSource(
                rows(record.kind(), text, look.headings()),
                look.rows(),
                new RowReader(
                        ColumnMeanings.parse(record.columns(), look.headings().size()),
                        look.headings().size(),
                        record.source(),
                        today(),
                        Optional.of(plans.plan(record.bandPlan()))));
    }

    /** How an import stands; with its columns while they are to be mapped. */
    ImportView view(UUID id) {
        ImportRecord record = store.get(id);
        if (record.mustBeLookedAt()) {
            ImportRecord unseen = record;
            record = store.lookedAt(id, readable(() -> look(asBrought(unseen), () -> new PartStream(content, id))));
        }
        return ImportView.of(record, store.counts(id), record.state() == ImportState.MAPPING ? columns(record) : null);
    }

    private ImportView.Columns columns(ImportRecord record) {
        TableLook look = record.look();
        Optional<List<String>> remembered =
                record.columns().isEmpty() ? store.remembered(look.headings()) : Optional.of(record.columns());
        return new ImportView.Columns(
                look.headings(),
                remembered.orElse(look.guessed()),
                remembered.isPresent(),
                remembered.isPresent() ? List.of() : look.unknown(),
                look.sample(),
                remembered.isPresent() ? null : look.missingOfGuess().orElse(null),
                remembered.isPresent() ? null : look.question());
    }
}
