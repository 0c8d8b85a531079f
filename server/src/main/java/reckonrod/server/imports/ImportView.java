package reckonrod.server.imports;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;

/**
 * An import on the wire.
 *
 * @param gone how many entries of its source stand no longer in it
 */
record ImportView(
        UUID id,
        Kind kind,
        String source,
        String name,
        State state,
        String message,
        int rowsRead,
        int rowsTotal,
        Counts counts,
        int gone,
        Instant begunAt,
        @Schema(nullable = true) Columns columns) {
    /** What its rows would do to the directory; doubtful ones are counted among the new and the changed. */
    record Counts(long added, long changed, long same, long bad, long doubtful) {}

    /**
     * The columns of its table, while their meaning is to be said.
     *
     * @param guessed what each probably means; empty where it is left out
     * @param remembered whether that is what a person said for the same headings before
     * @param open the headings of columns that have cells and that nobody understood
     * @param sample the first rows
     * @param missing what is missing for rows to become entries
     * @param question which column is received, where nothing settles it
     */
    record Columns(
            List<String> headings,
            List<String> guessed,
            boolean remembered,
            List<String> open,
            List<List<String>> sample,
            @Schema(nullable = true) String missing,
            @Schema(nullable = true) SideQuestionView question) {}

    /** Where the rows come from. */
    enum Kind {
        service,
        csv,
        geojson,
        lines
    }

    /** How it stands. */
    enum State {
        mapping,
        reading,
        broken_off,
        read,
        taken,
        taken_back,
        given_up
    }

    static ImportView of(ImportRecord each, Counts counts, Columns columns) {
        return new ImportView(
                each.id(),
                Kind.valueOf(each.kind().name().toLowerCase(Locale.ROOT)),
                each.source(),
                each.name(),
                State.valueOf(each.state().name().toLowerCase(Locale.ROOT)),
                each.message(),
                each.rowsRead(),
                each.rowsTotal(),
                counts,
                each.goneCount(),
                each.begunAt(),
                columns);
    }
}
