package reckonrod.core.directory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.Entries;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.finding.Finding;

class TrustTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

    /** The borders of a year and of three years, to the day; a dead entry is one that is old, silent or dropped. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "never",
            value = {
                "2026-11-24, ON_AIR, FM, FRESH, false, ''",
                "2025-11-25, ON_AIR, FM, FRESH, false, ''",
                "2025-11-24, ON_AIR, FM, AGEING, false, entry-ageing",
                "2023-11-25, ON_AIR, FM, AGEING, false, entry-ageing",
                "2023-11-24, ON_AIR, FM, OLD, true, entry-old",
                "never, ON_AIR, FM, UNCONFIRMED, false, entry-unconfirmed",
                "2026-11-01, OFF_AIR, FM, FRESH, true, entry-off-air",
                "2026-11-01, NO_LONGER_LISTED, FM, FRESH, true, entry-no-longer-listed",
                "2026-11-01, ON_AIR, DIGITAL, FRESH, false, entry-digital"
            })
    void ageAndStateSayHowFarAnEntryIsTrusted(
            LocalDate confirmed, State state, Mode mode, Trust.Age age, boolean dead, String code) {
        Trust trust = Trust.in(
                Entries.at("x:1", "SKARRA", 47.5, -38)
                        .mode(mode)
                        .state(state)
                        .confirmed(confirmed)
                        .build(),
                TODAY);
        assertThat(trust.age()).isEqualTo(age);
        assertThat(trust.looksDead()).isEqualTo(dead);
        assertThat(trust.findings())
                .extracting(each -> each.kind().code())
                .isEqualTo(code.isEmpty() ? List.of() : List.of(code));
        assertThat(trust.findings())
                .extracting(Finding::message)
                .allSatisfy(text -> assertThat(text).doesNotContain("{").contains("SKARRA"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"> 145.150", "-0.600", "+7.600", "±0.600", "+", "-", "simplex", ""})
    void anInputIsReadBackFromItsWords(String words) {
        Input input = Input.parse(words);
        assertThat(Input.parse(input.words())).isEqualTo(input);
        assertThat(input.words().strip().replace('\u2212', '-')).isEqualTo(words);
    }

    @Test
    void everyChangeOfAnEntryIsTold() {
        DirectoryEntry before = Entries.at("x:1", "SKARRA", 47.5, -38).build();
        DirectoryEntry after = Entries.at("x:1", "SKARRA", 47.5, -38)
                .line("145.310", "-0.600", "88.5")
                .state(State.OFF_AIR)
                .flags(Set.of(DirectoryFlag.LINKED))
                .build();
        assertThat(EntryChange.between(before, before)).isEmpty();
        assertThat(EntryChange.between(before, after))
                .extracting(EntryChange::toString)
                .containsExactly(
                        "talk tone CTCSS 71.9 → CTCSS 88.5",
                        "state on the air → off the air",
                        "flags nothing → linked");
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> Entries.at("x:1", "A\u0000", 0, 0).build()).hasMessageContaining("control");
        assertThatThrownBy(() -> Entries.at("", "A", 0, 0).build()).hasMessageContaining("Key");
        assertThatThrownBy(() -> Entries.at("x:1", "A", 0, 0)
                        .flags(Set.of(DirectoryFlag.OFF_AIR))
                        .build())
                .hasMessageContaining("state");
        assertThatThrownBy(() -> Entries.at("x:1", "A".repeat(81), 0, 0).build())
                .hasMessageContaining("was 81");
    }

    /** A closed repeater is good to know of, and no less to be trusted. */
    @Test
    void aClosedOneIsTold() {
        Entries entry = Entries.at("x:1", "SKARRA", 47.5, -38).confirmed(TODAY);
        assertThat(Trust.in(entry.build(), TODAY).findings()).isEmpty();
        Trust closed = Trust.in(entry.flags(Set.of(DirectoryFlag.CLOSED)).build(), TODAY);
        assertThat(closed.findings())
                .extracting(Finding::toString)
                .containsExactly("NOTE entry-closed: SKARRA is closed.");
        assertThat(closed.looksDead()).isFalse();
    }
}
