package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.list.SlotRange;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.Tone;

/** One radio carries a list in its own way: at other slots, and some channels otherwise. */
class CarryingTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final RadioDefinition OT9 =
            RadioDefinitions.shipped().find("orvane-ot9").orElseThrow();
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    private static final RadioDefinition KM90 =
            RadioDefinitions.shipped().find("kestrow-km90").orElseThrow();

    private static final ChannelList LIST =
            Lists.of(R2, "A 146.520", "B 145.310- 71.9", "AIR 132.800", "C 147.135+ 100.0", "D 446.000");

    private static UUID id(int slot) {
        return new UUID(0, slot);
    }

    private static FitReport fit(RadioDefinition radio, Carrying carrying, ChannelList list) {
        return new Fitter(radio.model(), R2, carrying).fit(list);
    }

    private static Map<Integer, RadioSlot> slots(RadioDefinition radio, Carrying carrying) {
        return fit(radio, carrying, LIST).contents().slots();
    }

    /** What does not go in takes no slot, and the list's slot 0 is no hindrance to a radio that begins with 1. */
    @Test
    void packedTheyStandOneBehindTheOther() {
        Map<Integer, RadioSlot> slots = slots(OT9, new Carrying(new Carrying.Places.Packed(), Map.of(), Map.of()));
        assertThat(slots.values()).extracting(RadioSlot::name).containsExactly("A", "B", "C", "D");
        assertThat(slots.keySet()).containsExactly(1, 2, 3, 4);
        assertThat(fit(OT9, new Carrying(new Carrying.Places.Packed(), Map.of(), Map.of()), LIST)
                        .placements()
                        .get(2)
                        .reasons())
                .extracting(each -> each.finding().kind())
                .doesNotContain(PlaceConcern.NO_ROOM)
                .isNotEmpty();
    }

    @Test
    void movedTheyKeepTheirDistances() {
        Map<Integer, RadioSlot> slots = slots(OT9, new Carrying(new Carrying.Places.Moved(1), Map.of(), Map.of()));
        assertThat(slots.keySet()).containsExactly(1, 2, 4, 5);
        FitReport down = fit(OT9, new Carrying(new Carrying.Places.Moved(-2), Map.of(), Map.of()), LIST);
        assertThat(down.contents().slots().keySet()).containsExactly(1, 2);
        assertThat(down.placements().get(0).reasons().get(0).before()).isEqualTo("-2");
    }

    /** Of more channels than slots those of the best rank stay, then those that come first. */
    @Test
    void theBestRanksStayWhereThereAreTooFewSlots() {
        String[] lines = IntStream.range(0, 120)
                .mapToObj(each -> "N" + each + " 146." + (500 + each % 20 * 5))
                .toArray(String[]::new);
        ChannelList many = Lists.of(R2, lines);
        many = new ManyEdit.Rank(List.of(id(118)), Optional.of(1))
                .applyTo(many)
                .fold(changed -> changed.list(), refused -> {
                    throw new AssertionError(refused.reason());
                });
        FitReport report = fit(OT9, new Carrying(new Carrying.Places.Packed(), Map.of(), Map.of()), many);
        assertThat(report.contents().slots()).hasSize(99);
        assertThat(report.contents().slots().get(99).name()).isEqualTo("N118");
        assertThat(report.placements().get(98).mark()).isEqualTo(FitMark.LEFT_OUT);
        assertThat(report.placements().get(98).reasons().get(0).finding().kind())
                .isEqualTo(PlaceConcern.NO_ROOM);
        assertThat(report.placements().get(97).mark()).isNotEqualTo(FitMark.LEFT_OUT);
    }

    @Test
    void whatIsOtherwiseOnPurposeIsSoInThisRadioAndTold() {
        Carrying carrying = new Carrying(
                new Carrying.Places.Same(),
                Map.of(),
                Map.of(
                        id(0), new Carrying.Overrule(true, false, Optional.empty(), Optional.empty()),
                        id(1),
                                new Carrying.Overrule(
                                        false, false, Optional.of("HILL"), Optional.of(Tone.parse("CTCSS 88.5"))),
                        id(3), new Carrying.Overrule(false, true, Optional.empty(), Optional.empty()),
                        id(99), new Carrying.Overrule(true, false, Optional.empty(), Optional.empty())));
        FitReport report = fit(W12, carrying, LIST);
        Map<Integer, RadioSlot> slots = report.contents().slots();
        assertThat(slots).doesNotContainKey(0);
        assertThat(slots.get(1).name()).isEqualTo("HILL");
        assertThat(slots.get(1).talkTone()).isEqualTo(Tone.parse("CTCSS 88.5"));
        assertThat(slots.get(3).transmit()).isEmpty();
        assertThat(report.placements().get(1).reasons())
                .extracting(FitReason::why)
                .containsExactlyInAnyOrder(
                        "You have it otherwise in this radio: it is called HILL.",
                        "You have it otherwise in this radio: it sends CTCSS 88.5.");
    }

    /** A name that only this radio has is shortened for it like any other, told apart from others there, and is no matter of the list. */
    @Test
    void aNameOfThisRadioAloneIsTheOneThatItShows() {
        Carrying carrying = new Carrying(
                new Carrying.Places.Moved(1),
                Map.of(),
                Map.of(
                        id(0), new Carrying.Overrule(false, false, Optional.of("HILLTOP WEST"), Optional.empty()),
                        id(4), new Carrying.Overrule(false, false, Optional.of("HILLTOP WEST 2"), Optional.empty())));
        FitReport report = fit(OT9, carrying, LIST);
        List<String> names =
                report.contents().slots().values().stream().map(RadioSlot::name).toList();
        assertThat(names.get(0)).startsWith("H");
        assertThat(names.get(3)).startsWith("H").isNotEqualTo(names.get(0));
        assertThat(names.subList(1, 3)).containsExactly("B", "C");
        assertThat(report.placements().get(0).reasons())
                .flatExtracting(each -> each.finding().fixes())
                .isEmpty();
    }

    /** A tone that this radio cannot send does not slip in by being asked for on purpose. */
    @Test
    void whatIsAskedForOnPurposeMustFitAllTheSame() {
        Carrying carrying = new Carrying(
                new Carrying.Places.Moved(1),
                Map.of(),
                Map.of(
                        id(1),
                        new Carrying.Overrule(
                                false, false, Optional.of("A LONG NAME"), Optional.of(Tone.parse("DCS 023 N")))));
        Placement placement = fit(OT9, carrying, LIST).placements().get(1);
        assertThat(placement.mark()).isEqualTo(FitMark.LEFT_OUT);
        assertThat(placement.reasons())
                .extracting(FitReason::why)
                .anyMatch(each -> each.contains("cannot send DCS 023 N"));
    }

    /** A and B (0, 1), AIR and C (2, 3), and D (4) that is in no block. */
    private static final ChannelList BLOCKS = new ChannelList(
            LIST.name(),
            LIST.bandPlanId(),
            "",
            LIST.slots(),
            LIST.intent(),
            List.of(new Block("First", new SlotRange(0, 1)), new Block("Second", new SlotRange(2, 3))),
            LIST.entries(),
            LIST.scanning());

    private static Map<Integer, String> names(Carrying carrying) {
        Map<Integer, String> names = new TreeMap<>();
        fit(KM90, carrying, BLOCKS).contents().slots().forEach((slot, content) -> names.put(slot, content.name()));
        return names;
    }

    private static Carrying blocks(Carrying.Places places, Map<String, Carrying.Into> blocks) {
        return new Carrying(places, blocks, Map.of());
    }

    @Test
    void blocksStayOutOrBeginElsewhere() {
        Carrying.Into out = new Carrying.Into.Out();
        assertThat(names(blocks(new Carrying.Places.Same(), Map.of("First", out))))
                .isEqualTo(Map.of(2, "AIR", 3, "C", 4, "D"));
        assertThat(names(blocks(new Carrying.Places.Moved(2), Map.of("First", new Carrying.Into.From(100)))))
                .isEqualTo(Map.of(4, "AIR", 5, "C", 6, "D", 100, "A", 101, "B"));
        // What is packed goes around what has a place of its own, and a block that stays out takes none.
        assertThat(names(blocks(new Carrying.Places.Packed(), Map.of("Second", new Carrying.Into.From(1)))))
                .isEqualTo(Map.of(0, "A", 1, "AIR", 2, "C", 3, "B", 4, "D"));
        assertThat(names(blocks(new Carrying.Places.Packed(), Map.of("First", out))))
                .isEqualTo(Map.of(0, "AIR", 1, "C", 2, "D"));
    }

    /** Never two in one slot: the better rank goes, the other is told by which. */
    @Test
    void twoThatWantOneSlotAreToldApart() {
        Carrying carrying = blocks(new Carrying.Places.Same(), Map.of("Second", new Carrying.Into.From(0)));
        assertThat(names(carrying)).isEqualTo(Map.of(0, "A", 1, "B", 4, "D"));
        ChannelList ranked = new ManyEdit.Rank(List.of(id(3)), Optional.of(1))
                .applyTo(BLOCKS)
                .fold(changed -> changed.list(), refused -> {
                    throw new AssertionError(refused.reason());
                });
        FitReport report = fit(KM90, carrying, ranked);
        assertThat(report.contents().slots().get(1).name()).isEqualTo("C");
        assertThat(report.placements().get(1).reasons())
                .extracting(FitReason::why)
                .containsExactly("Slot 1 of this radio is for C, which has a better rank or comes before it.");
        // What does not fit for another reason takes no slot from anybody.
        Carrying overruled = new Carrying(
                carrying.places(),
                carrying.blocks(),
                Map.of(id(0), new Carrying.Overrule(true, false, Optional.empty(), Optional.empty())));
        assertThat(names(overruled)).isEqualTo(Map.of(0, "AIR", 1, "B", 4, "D"));
    }

    @Test
    void aBlockThatWasRenamedIsTold() {
        Carrying carrying = blocks(new Carrying.Places.Same(), Map.of("Third", new Carrying.Into.Out()));
        assertThat(fit(KM90, carrying, BLOCKS).wide())
                .extracting(Finding::message)
                .anyMatch(each -> each.contains("block Third"));
        assertThat(fit(KM90, carrying, BLOCKS).contents().slots()).hasSize(5);
    }
}
