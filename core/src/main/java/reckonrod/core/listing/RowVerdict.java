package reckonrod.core.listing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.EntryChange;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Severity;

/**
 * What is to be said of a row before it goes into the directory.
 *
 * @param entry what goes in; empty for a bad row
 * @param doubtful whether something more than a note is to be looked at
 * @param says what changes and what is in doubt, or why the row is bad
 */
public record RowVerdict(RowKind kind, Optional<DirectoryEntry> entry, boolean doubtful, String says) {
    /**
     * Judges a row.
     *
     * @param known the entry that the directory has under the same key
     * @param earlierLine the line of the same listing that had the same key before; only the first one is taken
     */
    public static RowVerdict of(RowReading reading, Optional<DirectoryEntry> known, OptionalInt earlierLine) {
        return reading.fold(
                good -> earlierLine.isPresent()
                        ? bad("It is the same repeater as in line " + earlierLine.getAsInt()
                                + "; only the first one is taken")
                        : of(good, known),
                bad -> bad(bad.reason()));
    }

    private static RowVerdict of(RowReading.Good good, Optional<DirectoryEntry> known) {
        List<EntryChange> changes =
                known.map(was -> EntryChange.between(was, good.entry())).orElse(List.of());
        RowKind kind = known.isEmpty() ? RowKind.NEW : changes.isEmpty() ? RowKind.SAME : RowKind.CHANGED;
        String changed = changes.stream().map(EntryChange::toString).collect(Collectors.joining("; "));
        String says = Stream.concat(
                        Stream.of(changed.isEmpty() ? "" : changed + "."),
                        good.doubts().stream().map(Finding::message))
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(" "));
        boolean doubtful = good.doubts().stream().anyMatch(each -> each.kind().severity() != Severity.NOTE);
        return new RowVerdict(kind, Optional.of(good.entry()), doubtful, says);
    }

    private static RowVerdict bad(String reason) {
        return new RowVerdict(RowKind.BAD, Optional.empty(), false, reason);
    }
}
