package reckonrod.server.review;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.exchange.ListCsv;
import reckonrod.core.listing.Mapping;
import reckonrod.core.listing.TableReading;
import reckonrod.core.take.ListingLines;
import reckonrod.server.imports.ColumnMeanings;
import reckonrod.server.imports.SideQuestionView;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** Turns a pasted table into lines. */
@RestController
@RequestMapping("/api/lines")
class LinesController {
    private static final int SHOWN_SET_ASIDE = 20;

    private final PlanLookup plans;
    private final Clock clock;

    LinesController(PlanLookup plans, Clock clock) {
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * A text as it was pasted.
     *
     * @param columns the meaning of each column as a person gave it, empty where it is left out; absent to find out
     */
    record LinesRequest(
            @NotNull(message = "must be given") String text,

            @NotBlank(message = "must name a band plan, such as r2-north-america")
            String bandPlan,

            @Schema(nullable = true) List<String> columns) {}

    /**
     * The text as lines; the same text where it is no table, or where its columns have to be asked about first.
     *
     * @param unread how many rows stay as their cells
     * @param leftOut headings of columns that went into no line
     * @param setAside what stood between the rows and is none, such as titles
     * @param columns what the columns mean, where a person has to say it
     */
    record LinesView(
            String text,
            boolean table,
            int unread,
            List<String> leftOut,
            List<String> setAside,
            @Schema(nullable = true) TableColumns columns) {
        private static LinesView unchanged(String text) {
            return new LinesView(text, false, 0, List.of(), List.of(), null);
        }
    }

    /** The columns of a table and what has to be decided about them. */
    record TableColumns(
            List<TableColumn> columns,
            @Schema(nullable = true) SideQuestionView question) {
        private static TableColumns of(TableReading reading) {
            return new TableColumns(
                    reading.columns().stream().map(TableColumn::of).toList(),
                    reading.question().map(SideQuestionView::of).orElse(null));
        }
    }

    /**
     * One column.
     *
     * @param meaning empty where it is left out or unknown
     * @param unknown whether it has cells and nobody understood it
     * @param cells its first cells that are not empty
     */
    record TableColumn(String heading, String meaning, boolean unknown, List<String> cells) {
        private static TableColumn of(TableReading.ReadColumn column) {
            return new TableColumn(
                    column.heading(),
                    column.meaning().map(Enum::name).orElse(""),
                    column.basis() == TableReading.Basis.UNKNOWN,
                    column.cells());
        }
    }

    @PostMapping
    LinesView lines(@Valid @RequestBody LinesRequest request) {
        BandPlan plan = plans.plan(request.bandPlan());
        LocalDate today = LocalDate.now(clock);
        if (request.columns() != null) {
            Mapping mapping =
                    ColumnMeanings.parse(request.columns(), request.columns().size());
            return read(mapped(request.text(), mapping, plan, today), mapping);
        }
        Optional<ListingLines> own = ListCsv.lines(request.text(), plan);
        if (own.isPresent()) {
            return new LinesView(
                    String.join("\n", own.get().lines()), true, own.get().unread(), List.of(), List.of(), null);
        }
        ListingLines lines = ListingLines.of(request.text(), plan, today);
        if (lines.isRead()) {
            return read(lines, lines.reading().orElseThrow().mapping());
        }
        return lines.reading()
                .map(reading -> new LinesView(request.text(), true, 0, List.of(), List.of(), TableColumns.of(reading)))
                .orElseGet(() -> LinesView.unchanged(request.text()));
    }

    private static ListingLines mapped(String text, Mapping mapping, BandPlan plan, LocalDate today) {
        try {
            return ListingLines.of(text, mapping, plan, today);
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("mapping-wrong", "The columns do not fit", wrong.getMessage() + ".");
        }
    }

    private static LinesView read(ListingLines lines, Mapping mapping) {
        return new LinesView(
                String.join("\n", lines.lines()),
                true,
                lines.unread(),
                lines.leftOut(mapping),
                lines.setAside().stream().limit(SHOWN_SET_ASIDE).toList(),
                null);
    }
}
