package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;

class RangesTest {
    @Test
    void bothEndsAreInside() {
        SlotRange slots = new SlotRange(1, 200);
        assertThat(slots.contains(1) && slots.contains(200)).isTrue();
        assertThat(slots.contains(0) || slots.contains(201)).isFalse();
        assertThat(slots.count()).isEqualTo(200);
        FrequencyRange range = FrequencyRange.parse("145.200-145.495");
        assertThat(range.contains(Frequency.ofHertz(145_200_000)) && range.contains(Frequency.ofHertz(145_495_000)))
                .isTrue();
        assertThat(range.contains(Frequency.ofHertz(145_199_999)) || range.contains(Frequency.ofHertz(145_495_001)))
                .isFalse();
        assertThat(FrequencyRange.parse(range.toString())).isEqualTo(range);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.200          | two frequencies with a hyphen, such as 145.200-145.495, was "145.200"
            145.495-145.200  | Upper edge must be at or above the lower edge 145.495 MHz, was 145.200 MHz
            145.2-           | a number such as
            -145.2           | a number such as
            145.2-146-147    | a number such as
            """)
    void whatIsNoRangeIsTold(String text, String fault) {
        assertThatThrownBy(() -> FrequencyRange.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(fault);
    }

    /** One frequency is a range too; ranges that only touch have that one in common. */
    @ParameterizedTest
    @CsvSource({
        "144-148, 145-146, true, true",
        "145-146, 144-148, true, false",
        "144-146, 146-148, true, false",
        "144-145.999999, 146-148, false, false",
        "146-148, 144-145.999999, false, false",
        "146-146, 146-146, true, true",
        "144-148, 144-148, true, true",
        "144-148, 147-149, true, false"
    })
    void rangesOverlapAndHoldEachOther(String one, String other, boolean overlap, boolean holds) {
        FrequencyRange first = FrequencyRange.parse(one);
        FrequencyRange second = FrequencyRange.parse(other);
        assertThat(first.overlaps(second)).isEqualTo(overlap);
        assertThat(second.overlaps(first)).isEqualTo(overlap);
        assertThat(first.contains(second)).isEqualTo(holds);
    }

    @ParameterizedTest
    @CsvSource({"5, 4", "-1, 4", "0, 10000"})
    void slotsThatDoNotRiseAreRefused(int first, int last) {
        assertThatThrownBy(() -> new SlotRange(first, last)).hasMessageContaining("was " + first + "-" + last);
    }

    @Test
    void blocksMayNotOverlapAndEntriesMustHaveASlot() {
        List<Block> overlapping = List.of(new Block("A", new SlotRange(0, 5)), new Block("B", new SlotRange(5, 9)));
        assertThatThrownBy(() -> new ChannelList(
                        "x", "p", "", new SlotRange(0, 9), NameRecipe.PLACE, overlapping, new TreeMap<>()))
                .hasMessageContaining("B follows A");
        assertThatThrownBy(() -> new Block(" ", new SlotRange(0, 1))).hasMessageContaining("blank");
        TreeMap<Integer, ListEntry> outside = new TreeMap<>();
        outside.put(10, null);
        assertThatThrownBy(
                        () -> new ChannelList("x", "p", "", new SlotRange(0, 9), NameRecipe.PLACE, List.of(), outside))
                .hasMessageContaining("0–9, was 10");
    }
}
