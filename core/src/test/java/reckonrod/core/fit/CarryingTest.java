package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ManyEdit;
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
        Map<Integer, RadioSlot> slots = slots(OT9, new Carrying(new Carrying.Places.Packed(), Map.of()));
        assertThat(slots.values()).extracting(RadioSlot::name).containsExactly("A", "B", "C", "D");
        assertThat(slots.keySet()).containsExactly(1, 2, 3, 4);
        assertThat(fit(OT9, new Carrying(new Carrying.Places.Packed(), Map.of()), LIST)
                        .placements()
                        .get(2)
                        .reasons())
                .extracting(each -> each.finding().kind())
                .doesNotContain(PlaceConcern.NO_ROOM)
                .isNotEmpty();
    }

    @Test
    void movedTheyKeepTheirDistances() {
        Map<Integer, RadioSlot> slots = slots(OT9, new Carrying(new Carrying.Places.Moved(1), Map.of()));
        assertThat(slots.keySet()).containsExactly(1, 2, 4, 5);
        FitReport down = fit(OT9, new Carrying(new Carrying.Places.Moved(-2), Map.of()), LIST);
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
        FitReport report = fit(OT9, new Carrying(new Carrying.Places.Packed(), Map.of()), many);
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
}
