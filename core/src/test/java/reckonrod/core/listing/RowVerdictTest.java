package reckonrod.core.listing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import reckonrod.core.Entries;
import reckonrod.core.directory.DirectoryEntry;

class RowVerdictTest {
    private static final DirectoryEntry ENTRY = Entries.at("x:1", "SKARRA", 47.5, -38)
            .confirmed(LocalDate.of(2026, 5, 1))
            .build();
    private static final DirectoryEntry MOVED = Entries.at("x:1", "SKARRA", 47.6, -38)
            .confirmed(LocalDate.of(2026, 5, 1))
            .build();

    private static RowVerdict judge(DirectoryEntry entry, DirectoryEntry known) {
        return RowVerdict.of(new RowReading.Good(entry, List.of()), Optional.ofNullable(known), OptionalInt.empty());
    }

    @Test
    void aRowIsNewTheSameOrChangedAndSaysHow() {
        assertThat(judge(ENTRY, null).kind()).isEqualTo(RowKind.NEW);
        assertThat(judge(ENTRY, ENTRY)).isEqualTo(new RowVerdict(RowKind.SAME, Optional.of(ENTRY), false, ""));
        RowVerdict changed = judge(MOVED, ENTRY);
        assertThat(changed.kind()).isEqualTo(RowKind.CHANGED);
        assertThat(changed.says()).contains("47.6");
        assertThat(changed.entry()).contains(MOVED);
    }

    @Test
    void whatCannotGoInSaysWhyAndGivesNoEntry() {
        RowVerdict bad = RowVerdict.of(new RowReading.Bad("It holds a formula"), Optional.empty(), OptionalInt.empty());
        assertThat(bad).isEqualTo(new RowVerdict(RowKind.BAD, Optional.empty(), false, "It holds a formula"));
        RowVerdict twice = RowVerdict.of(new RowReading.Good(ENTRY, List.of()), Optional.empty(), OptionalInt.of(7));
        assertThat(twice.kind()).isEqualTo(RowKind.BAD);
        assertThat(twice.entry()).isEmpty();
        assertThat(twice.says()).contains("same repeater as in line 7");
    }
}
