package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListComparison;
import reckonrod.core.list.ListComparison.Part;
import reckonrod.core.list.ListComparison.Row;
import reckonrod.core.list.ListComparison.Side;
import reckonrod.server.problem.ProblemException;

/** What another list, or the same one at another time, has otherwise. */
@RestController
@RequestMapping("/api/lists/{id}/compare")
class CompareController {
    private final Compared compared;

    CompareController(Compared compared) {
        this.compared = compared;
    }

    /** How a channel differs. */
    enum CompareKind {
        only_there,
        only_here,
        changed,
        moved
    }

    /** A part of a channel that differs, in words. */
    record PartView(String part, String here, String there) {}

    /**
     * A channel that differs.
     *
     * @param key names it when it is to be taken over
     * @param hereSlot nothing where only the other list has it
     * @param thereSlot nothing where only this list has it
     */
    record CompareRow(
            String key,
            CompareKind kind,
            String label,
            String line,
            @Schema(nullable = true) Integer hereSlot,
            @Schema(nullable = true) Integer thereSlot,
            List<PartView> parts) {
        static CompareRow of(Row row) {
            Side shown = row.there().or(row::here).orElseThrow();
            return new CompareRow(
                    Compared.key(row),
                    CompareKind.valueOf(row.kind().name().toLowerCase(Locale.ROOT)),
                    shown.entry().channel().label(),
                    shown.entry().line(),
                    row.here().map(Side::slot).orElse(null),
                    row.there().map(Side::slot).orElse(null),
                    row.parts().stream()
                            .map(part -> new PartView(part.words(), part(row.here(), part), part(row.there(), part)))
                            .toList());
        }

        private static String part(Optional<Side> side, Part part) {
            return side.map(each -> part.of(each.entry().channel())).orElse("");
        }
    }

    /** What differs; {@code with} is what the other one is called. */
    record CompareView(String with, List<CompareRow> rows) {}

    /**
     * Compares.
     *
     * @param with the other list; the same one if left out
     * @param revision how that list was after a change of the past; as it is now if left out
     * @param radio the radio of the snapshot
     * @param snapshot what a radio held, instead of a list
     */
    @GetMapping
    CompareView compare(
            @PathVariable UUID id,
            @RequestParam(required = false) UUID with,
            @RequestParam(required = false) Long revision,
            @RequestParam(required = false) String radio,
            @RequestParam(required = false) UUID snapshot) {
        if (snapshot != null && radio != null) {
            ChannelList here = compared.here(id);
            return view(here, compared.snapshot(here, radio, snapshot));
        }
        if (revision == null && (with == null || with.equals(id))) {
            throw ProblemException.refused(
                    "nothing-to-compare",
                    "Nothing to compare with",
                    "with must name another list, revision a change of the past of this one, or radio and snapshot what"
                            + " a radio held.");
        }
        return view(compared.here(id), compared.other(Optional.ofNullable(with).orElse(id), revision));
    }

    private static CompareView view(ChannelList here, Compared.Other other) {
        return new CompareView(
                other.name(),
                ListComparison.of(here, other.list()).rows().stream()
                        .map(CompareRow::of)
                        .toList());
    }
}
