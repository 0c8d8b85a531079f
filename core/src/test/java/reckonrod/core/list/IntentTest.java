package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.geography.Position;

/** What the person wants of a list besides its channels: names, ranks, days, distances between channels. */
class IntentTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Position HERE = new Position(46.6, -38);
    private static final Spot SKARRA = new Spot("Skarra", HERE);

    private final ChannelList list =
            Lists.of(R2, "A 146.520", "B 147.135+ 71.9", "C 446.000", "D 145.310-", "E 162.550 rx");

    private static ListEntry standingAt(ListEntry entry, double kilometresEast) {
        return entry.withOrigin(
                new Origin("v:" + entry.id(), "QV0SK", "Holm", Optional.of(HERE.onCourse(90, kilometresEast * 1000))));
    }

    private ChannelList eastOf(double... kilometres) {
        TreeMap<Integer, ListEntry> entries = new TreeMap<>(list.entries());
        for (int slot = 0; slot < kilometres.length; slot++) {
            double east = kilometres[slot];
            entries.computeIfPresent(slot, (at, entry) -> Double.isNaN(east) ? entry : standingAt(entry, east));
        }
        return list.with(entries);
    }

    private static List<UUID> all(ChannelList list) {
        return list.entries().values().stream().map(ListEntry::id).toList();
    }

    private static ChannelList done(ChannelList list, ListEdit edit) {
        return edit.applyTo(list).fold(ListChange.Changed::list, refused -> {
            throw new AssertionError(refused.reason());
        });
    }

    private static String refusal(ChannelList list, ListEdit edit) {
        return edit.applyTo(list).fold(changed -> "", ListChange.Refused::reason);
    }

    private static String drawn(ChannelList list) {
        StringBuilder drawn = new StringBuilder();
        for (int slot = 0; slot <= list.entries().lastKey(); slot++) {
            drawn.append(Optional.ofNullable(list.entries().get(slot))
                    .map(each -> each.channel().name())
                    .orElse("."));
        }
        return drawn.toString();
    }

    @Test
    void channelsStandInTheOrderOfTheWayOfTheirRankAndOfTheDayTheyWereProven() {
        ChannelList placed = eastOf(40, Double.NaN, 5, 90, 20);
        Spot east = new Spot("Holm", HERE.onCourse(90, 100_000));
        assertThat(drawn(done(placed, new ManyEdit.Order(all(list), new Ordering.Along(List.of(SKARRA, east))))))
                .isEqualTo("CEADB");
        assertThat(drawn(done(placed, new ManyEdit.Order(all(list), new Ordering.Along(List.of(east, SKARRA))))))
                .isEqualTo("DAECB");
        ChannelList ranked = done(
                done(list, new ManyEdit.Rank(List.of(new UUID(0, 3)), Optional.of(1))),
                new ManyEdit.Rank(List.of(new UUID(0, 1), new UUID(0, 4)), Optional.of(2)));
        assertThat(drawn(done(ranked, new ManyEdit.Order(all(list), Ordering.By.RANK))))
                .isEqualTo("DBEAC");
        ChannelList proven = done(
                done(list, new ManyEdit.Prove(List.of(new UUID(0, 2)), Optional.of(LocalDate.of(2026, 5, 1)))),
                new ManyEdit.Prove(List.of(new UUID(0, 3)), Optional.of(LocalDate.of(2026, 6, 1))));
        assertThat(drawn(done(proven, new ManyEdit.Order(all(list), Ordering.By.LAST_PROVEN))))
                .isEqualTo("DCABE");
        assertThatThrownBy(() -> new Ordering.Along(List.of(SKARRA, SKARRA))).hasMessageContaining("lie apart");
    }

    /** What was answered is proven as it was on the air, under whatever name. */
    @Test
    void aChannelIsProvenNoMoreOnceItIsAnotherOnTheAir() {
        ListEntry proven = list.entries()
                .get(1)
                .withStanding(list.entries().get(1).standing().provenOn(Optional.of(LocalDate.of(2026, 5, 1))));
        Channel renamed = proven.channel().withName("BELLS");
        assertThat(proven.withChannel(renamed, "x").standing().proven()).isPresent();
        Channel other = Lists.entry(R2, 1, "B 147.135+ 88.5").channel();
        assertThat(proven.withChannel(other, "x").standing().proven()).isEmpty();
    }

    @Test
    void channelsAreSpreadAndWhatIsInTheWayIsNamed() {
        List<UUID> three = List.of(new UUID(0, 0), new UUID(0, 1), new UUID(0, 2));
        assertThat(drawn(done(list, new ManyEdit.Spread(all(list), 3)))).isEqualTo("A..B..C..D..E");
        assertThat(refusal(list, new ManyEdit.Spread(three, 2)))
                .isEqualTo(
                        "Slot 4 is where one of them would come to stand, and E stands there. Move it first, or choose another distance.");
        assertThat(refusal(list, new ManyEdit.Spread(all(list), 40))).contains("would need slots up to 160");
        assertThat(refusal(list, new ManyEdit.Spread(all(list), 1))).contains("close the gaps");
        ChannelList pinned = done(list, new ManyEdit.PinMany(List.of(new UUID(0, 4)), true));
        assertThat(refusal(pinned, new ManyEdit.Spread(all(list), 2))).contains("E stands there");
    }

    @Test
    void aRecipeNamesByWhatTheChannelHas() {
        ListEntry entry = standingAt(list.entries().get(1), 12.4);
        ListEntry crossBand = Lists.entry(R2, 9, "X 147.135 tx 446.000");
        NameRecipe far =
                new NameRecipe(List.of(NamePart.PLACE, NamePart.DISTANCE, NamePart.NUMBER), Optional.of(SKARRA));
        assertThat(far.nameOf(entry.channel(), entry.origin(), 3, R2)).isEqualTo("Holm 12km 3");
        assertThat(far.words()).isEqualTo("place and distance from Skarra and number");
        assertThat(far.nameOf(crossBand.channel(), Optional.empty(), -1, R2)).isEqualTo("X");
        NameRecipe talk = NameRecipe.of(NamePart.PLACE, NamePart.CROSS_BAND_TALK);
        assertThat(talk.nameOf(crossBand.channel(), Optional.empty(), 0, R2)).isEqualTo("X 446.000");
        assertThat(talk.nameOf(entry.channel(), Optional.empty(), 0, R2)).isEqualTo("B");
        assertThatThrownBy(() -> NameRecipe.of(NamePart.DISTANCE)).hasMessageContaining("must say from where");
        assertThatThrownBy(() -> NameRecipe.of(NamePart.PLACE, NamePart.PLACE))
                .hasMessageContaining("none of them twice");
    }

    @Test
    void numbersCountInTheirBlockAndOutsideOfBlocksTheyAreSlots() {
        ChannelList blocks = done(list, new BlockEdit.AddBlock("SECOND", new SlotRange(2, 9)));
        List<Integer> numbers = new ArrayList<>();
        blocks.entries().keySet().forEach(slot -> numbers.add(NameRecipe.number(blocks, slot)));
        assertThat(numbers).containsExactly(0, 1, 1, 2, 3);
    }

    @Test
    void abbreviationsAreOneWordForALongerOne() {
        Intent own = Intent.NONE.abbreviating(Map.of(" Lighthouse ", "lts"));
        assertThat(own.abbreviations()).containsExactly(Map.entry("LIGHTHOUSE", "LTS"));
        assertThatThrownBy(() -> Intent.NONE.abbreviating(Map.of("LTS", "LIGHT")))
                .hasMessageContaining("must be shorter than its word, was LIGHT for LTS");
        assertThatThrownBy(() -> Intent.NONE.abbreviating(Map.of("OLD TOWER", "OT")))
                .hasMessageContaining("one word for another");
        assertThatThrownBy(() -> Intent.NONE.abbreviating(Map.of("TOWER", "T", "tower", "TW")))
                .hasMessageContaining("TOWER is abbreviated twice");
        assertThat(refusal(list, new ListEdit.Mean(list.intent(), "x"))).contains("so already");
    }
}
