package reckonrod.server.imports;

import java.nio.charset.Charset;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.listing.Column;
import reckonrod.core.listing.ColumnGuess;
import reckonrod.core.listing.CsvTable;
import reckonrod.core.listing.Mapping;
import reckonrod.core.listing.RowReader;
import reckonrod.core.listing.RowWriter;
import reckonrod.core.listing.Table;
import reckonrod.core.listing.TableText;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.sim.world.DirectoryService;
import reckonrod.sim.world.World;
import tools.jackson.databind.json.JsonMapper;

/** The course of an import, from its file or service to rows that can be looked at. */
@Component
class Importing {
    private static final int SAMPLE = 5;
    private static final String USUAL_PLAN = "r2-north-america";

    private final ImportStore store;
    private final ImportRunner runner;
    private final ServiceBench bench;
    private final PlanLookup plans;
    private final JsonMapper json;
    private final Clock clock;

    Importing(
            ImportStore store,
            ImportRunner runner,
            ServiceBench bench,
            PlanLookup plans,
            JsonMapper json,
            Clock clock) {
        this.store = store;
        this.runner = runner;
        this.bench = bench;
        this.plans = plans;
        this.json = json;
        this.clock = clock;
    }

    /** Brings a file in. What cannot be read at all is refused here, and nothing is kept of it. */
    ImportView bring(Brought brought, byte[] content) {
        if (brought.kind() == ImportKind.SERVICE) {
            return pull();
        }
        String source = sourceOf(brought.name());
        plans.plan(brought.bandPlan());
        Optional<Table> table = readable(brought.kind(), content, brought.charset());
        UUID id = store.begin(source, brought, content);
        if (table.isEmpty()) {
            store.reading(id, List.of("line"), List.of());
            runner.read(id, source(store.get(id)), 0);
        }
        return view(id);
    }

    // A file that is brought again under the same name means the same repeaters.
    private static String sourceOf(String name) {
        String plain =
                name.toLowerCase(Locale.ROOT).replaceAll("\\.[a-z]+$", "").replaceAll("[^\\p{L}\\p{N}]+", "-");
        String source = plain.length() > 30 ? plain.substring(0, 30) : plain;
        if (source.isBlank() || source.equals("-")) {
            throw ProblemException.refused(
                    "name-missing",
                    "The listing needs a name",
                    "name must hold a letter or a digit, was \"" + name + "\".");
        }
        return source.equals(World.SOURCE) ? source + "-file" : source;
    }

    private Optional<Table> readable(ImportKind kind, byte[] content, Optional<Charset> charset) {
        try {
            String text = TableText.decode(content, charset);
            return switch (kind) {
                case CSV -> Optional.of(CsvTable.parse(text));
                case GEOJSON -> Optional.of(GeoJsonTable.parse(text, json));
                case LINES, SERVICE -> Optional.empty();
            };
        } catch (IllegalArgumentException unreadable) {
            throw ProblemException.refused(
                    "listing-unreadable", "The listing cannot be read", unreadable.getMessage() + ".");
        }
    }

    private Optional<Table> table(ImportRecord record) {
        return record.kind() == ImportKind.SERVICE
                ? Optional.empty()
                : store.content(record.id()).flatMap(content -> readable(record.kind(), content, charset(record)));
    }

    private static Optional<Charset> charset(ImportRecord record) {
        return record.charset().map(Charset::forName);
    }

    /** Begins to pull the whole listing of the service. */
    ImportView pull() {
        DirectoryService service = bench.service()
                .orElseThrow(() -> ProblemException.refused(
                        "no-service", "No directory service", "There is no directory service here. Bring a file."));
        UUID id = store.begin(
                World.SOURCE,
                new Brought(ImportKind.SERVICE, "Directory service", Optional.empty(), USUAL_PLAN),
                new byte[0]);
        store.reading(id, RowWriter.headings(), List.of());
        runner.read(id, new ServiceSource(service.address(), World.SOURCE, today()), 0);
        return view(id);
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    /** Says what the columns mean, and begins to read. */
    ImportView map(UUID id, List<String> columns) {
        ImportRecord record = store.get(id);
        Table table = table(record).orElseThrow(() -> noColumns(record));
        mapping(columns, table);
        store.remember(table.headings(), columns);
        store.readingAnew(id, table.headings(), columns);
        runner.read(id, source(store.get(id)), 0);
        return view(id);
    }

    private static ProblemException noColumns(ImportRecord record) {
        return ProblemException.conflict(
                "import-state", "The import has moved on", "\"" + record.name() + "\" has no columns to be mapped.");
    }

    private static Mapping mapping(List<String> columns, Table table) {
        if (columns.size() != table.headings().size()) {
            throw ProblemException.refused(
                    "mapping-incomplete",
                    "A column is without meaning",
                    "columns must name " + table.headings().size() + " meanings, one for each heading, named "
                            + columns.size() + ".");
        }
        Mapping mapping;
        try {
            mapping = new Mapping(columns.stream()
                    .map(each -> each.isBlank() ? Optional.<Column>empty() : Optional.of(Column.valueOf(each)))
                    .toList());
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("mapping-wrong", "The columns cannot mean that", wrong.getMessage() + ".");
        }
        mapping.missing().ifPresent(missing -> {
            throw ProblemException.refused(
                    "mapping-incomplete", "A column is missing", "Rows cannot become entries yet: " + missing + ".");
        });
        return mapping;
    }

    /** Goes on reading where it broke off. */
    ImportView goOn(UUID id) {
        ImportRecord record = store.get(id);
        store.reading(id, record.headings(), record.columns());
        runner.read(id, source(record), record.rowsRead());
        return view(id);
    }

    private RowSource source(ImportRecord record) {
        return switch (record.kind()) {
            case SERVICE ->
                new ServiceSource(
                        bench.service().map(DirectoryService::address).orElse("http://127.0.0.1:9/"),
                        record.source(),
                        today());
            case LINES ->
                new LineSource(
                        TableText.decode(store.content(record.id()).orElseThrow(), charset(record)),
                        record.source(),
                        plans.plan(record.bandPlan()));
            case CSV, GEOJSON -> {
                Table table = table(record).orElseThrow();
                yield new FileSource(
                        table,
                        new RowReader(
                                mapping(record.columns(), table),
                                table.headings().size(),
                                record.source(),
                                today(),
                                Optional.of(plans.plan(record.bandPlan()))));
            }
        };
    }

    /** How an import stands; with its columns while they are to be mapped. */
    ImportView view(UUID id) {
        ImportRecord record = store.get(id);
        ImportView.Columns columns = record.state() == ImportState.MAPPING
                ? table(record).map(table -> columns(table, record)).orElse(null)
                : null;
        return ImportView.of(record, store.counts(id), columns);
    }

    private ImportView.Columns columns(Table table, ImportRecord record) {
        Optional<List<String>> remembered =
                record.columns().isEmpty() ? store.remembered(table.headings()) : Optional.of(record.columns());
        Mapping guess = ColumnGuess.of(table);
        List<String> guessed = remembered.orElseGet(() -> guess.columns().stream()
                .map(each -> each.map(Column::name).orElse(""))
                .toList());
        return new ImportView.Columns(
                table.headings(),
                guessed,
                remembered.isPresent(),
                table.rows().stream().limit(SAMPLE).map(Table.Row::cells).toList(),
                remembered.isPresent() ? null : guess.missing().orElse(null));
    }
}
