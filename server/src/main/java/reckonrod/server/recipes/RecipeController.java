package reckonrod.server.recipes;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
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
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.exchange.ListLines;
import reckonrod.core.list.ChannelList;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.recipe.RecipeGuess;
import reckonrod.core.recipe.RecipeTable;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.recipes.RecipeStore.RecipeFile;
import reckonrod.server.request.AnyText;
import tools.jackson.databind.annotation.JsonDeserialize;

/** Recipes for tables: those that ship, and the person's own; lists go out by them, and tables come in. */
@RestController
@RequestMapping("/api/table-recipes")
class RecipeController {
    private static final String NEEDED = "must be given";
    private static final String BLANK = "must be the text of a recipe";
    private static final int SHOWN_ROWS = 12;
    private static final int MOST_TOLD = 5;
    private static final int MOST_FILE = 3_000_000;

    private final RecipeStore store;
    private final ListStore lists;
    private final PlanLookup plans;

    RecipeController(RecipeStore store, ListStore lists, PlanLookup plans) {
        this.plans = plans;
        this.store = store;
        this.lists = lists;
    }

    /** What a recipe is called. */
    record RecipeName(String id, String name, boolean ships) {}

    /** A recipe with the text of its file. */
    record RecipeFileView(String id, String name, boolean ships, long version, String yaml) {
        static RecipeFileView of(RecipeFile file) {
            return new RecipeFileView(file.id(), file.recipe().name(), file.ships(), file.version(), file.yaml());
        }
    }

    /** The text of a recipe. */
    record RecipeBody(
            @NotBlank(message = BLANK) @JsonDeserialize(using = AnyText.class)
            String yaml) {}

    /** Another text for a recipe. */
    record RecipeEdit(
            @NotNull(message = NEEDED) Long baseVersion,

            @NotBlank(message = BLANK) @JsonDeserialize(using = AnyText.class)
            String yaml) {}

    @GetMapping
    List<RecipeName> all() {
        return store.all().stream()
                .map(each -> new RecipeName(each.id(), each.recipe().name(), each.ships()))
                .toList();
    }

    @GetMapping("/{id}")
    RecipeFileView get(@PathVariable String id) {
        return RecipeFileView.of(store.get(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RecipeFileView add(@Valid @RequestBody RecipeBody request) {
        return RecipeFileView.of(store.add(request.yaml()));
    }

    @PutMapping("/{id}")
    RecipeFileView change(@PathVariable String id, @Valid @RequestBody RecipeEdit request) {
        return RecipeFileView.of(store.change(id, request.baseVersion(), request.yaml()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        store.delete(id);
    }

    /** The text of a recipe, and the list to show it with. */
    record PreviewRequest(
            @NotBlank(message = BLANK) @JsonDeserialize(using = AnyText.class)
            String yaml,

            @NotNull(message = NEEDED) UUID list) {}

    /** Channels that have no row, and why; the first few by name. */
    record LeftOutView(int slot, String label, String why) {}

    /** A part in which channels would come back otherwise; the first few by name. */
    record ChangedView(String part, int channels, List<String> labels) {}

    /** What a table would be, and what it would lose. */
    record TablePreview(
            List<String> headings,
            List<List<String>> rows,
            int channels,
            int written,
            List<LeftOutView> leftOut,
            List<ChangedView> changed) {}

    @PostMapping("/preview")
    TablePreview preview(@Valid @RequestBody PreviewRequest request) {
        var recipe = RecipeStore.read(request.yaml());
        ChannelList list = lists.get(request.list()).list();
        RecipeTable.Written written = new RecipeTable(recipe).write(list);
        return new TablePreview(
                recipe.headings(),
                written.rows().stream().limit(SHOWN_ROWS).toList(),
                list.entries().size(),
                written.rows().size(),
                written.leftOut().stream()
                        .map(each -> new LeftOutView(each.slot(), each.label(), each.why()))
                        .toList(),
                written.changed().entrySet().stream()
                        .map(each -> new ChangedView(
                                each.getKey().words(),
                                each.getValue().size(),
                                each.getValue().stream().limit(MOST_TOLD).toList()))
                        .toList());
    }

    /** A list as a table by a recipe. */
    @GetMapping("/{id}/table")
    ResponseEntity<byte[]> table(@PathVariable String id, @RequestParam UUID list) {
        RecipeFile file = store.get(id);
        ChannelList channels = lists.get(list).list();
        RecipeTable table = new RecipeTable(file.recipe());
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", file.recipe().form().encoding()))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(channels.name() + ".csv", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(table.bytes(table.write(channels).text()));
    }

    /**
     * A table to be read by a recipe.
     *
     * @param list the list whose plan is to read the lines
     * @param file its bytes, in Base64
     */
    record TableRequest(
            @NotNull(message = NEEDED) UUID list,

            @NotNull(message = NEEDED)
            @Size(max = MOST_FILE, message = "must be at most 3 million characters of Base64")
            String file) {}

    /** A table as lines for the review; rows that give no channel are lines that say why. */
    record TableLines(
            List<String> lines,
            int unread,
            @Schema(nullable = true) String firstFault) {}

    @PostMapping("/{id}/lines")
    TableLines lines(@PathVariable String id, @Valid @RequestBody TableRequest request) {
        RecipeTable table = new RecipeTable(store.get(id).recipe());
        BandPlan plan = plans.planOf(lists.get(request.list()).list());
        try {
            List<RecipeTable.ReadRow> rows =
                    table.read(table.text(Base64.getDecoder().decode(request.file())));
            return new TableLines(
                    rows.stream().map(row -> line(row, plan)).toList(),
                    (int) rows.stream().filter(row -> row.channel().isEmpty()).count(),
                    rows.stream()
                            .filter(row -> row.channel().isEmpty())
                            .findFirst()
                            .map(row -> "line " + row.line() + ": " + row.fault())
                            .orElse(null));
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused(
                    "table-unreadable", "The table cannot be read", wrong.getMessage() + ". Nothing was taken.");
        }
    }

    private static String line(RecipeTable.ReadRow row, BandPlan plan) {
        return row.channel()
                .map(channel -> LineWriter.write(ListLines.asItIs(channel), plan))
                .orElseGet(() -> "\"row at line " + row.line() + " cannot be read: "
                        + row.fault().replace("\"", "'") + '"');
    }

    /** An example of a table, and what its recipe is to be called. */
    record ExampleRequest(
            @NotBlank(message = "must not be blank") @Size(max = 60, message = "must be at most 60 characters")
            String name,

            @NotBlank(message = "must be the text of a table")
            @Size(max = MOST_FILE, message = "must be at most 3 million characters")
            @JsonDeserialize(using = AnyText.class)
            String text) {}

    /**
     * A recipe that was worked out.
     *
     * @param open headings of columns that nobody understands
     * @param fault why the first row that gives no channel gives none
     */
    record GuessView(
            String yaml,
            List<String> open,
            int rows,
            int read,
            @Schema(nullable = true) String fault) {}

    @PostMapping("/guess")
    GuessView guess(@Valid @RequestBody ExampleRequest request) {
        try {
            RecipeGuess guess = RecipeGuess.of(request.name().strip(), request.text());
            return new GuessView(
                    guess.recipe().toYaml(),
                    guess.open(),
                    guess.rows(),
                    guess.read(),
                    guess.fault().isEmpty() ? null : guess.fault());
        } catch (IllegalArgumentException none) {
            throw ProblemException.refused(
                    "example-unreadable", "No recipe can be made of it", none.getMessage() + ".");
        }
    }
}
