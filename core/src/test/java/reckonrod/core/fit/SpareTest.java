package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.list.Origin;

/** A radio with too few slots does first without what another channel covers. */
class SpareTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static ChannelList list(String... lines) {
        return Lists.of(R2, lines);
    }

    private static List<String> spare(ChannelList list, Map<UUID, Spare.Outlook> outlooks) {
        FitReport report = new Fitter(
                        RadioDefinitions.shipped()
                                .find("wrenling-w12")
                                .orElseThrow()
                                .model(),
                        R2)
                .fit(list);
        return Spare.of(report, "Skarra", outlooks).stream()
                .map(each -> each.placement().entry().channel().label() + ": "
                        + each.why().message())
                .toList();
    }

    @Test
    void whatIsTheSameOnTheAirIsSpareAndTheBetterRankStays() {
        ChannelList twice = list("A 145.310- 71.9", "B 145.310- 71.9", "C 145.310- 77.0", "D 145.310- T71.9 R71.9");
        assertThat(spare(twice, Map.of()))
                .containsExactly("B: Nobody can tell it from A on the air, and that goes in too.");
        ChannelList ranked = new ManyEdit.Rank(List.of(new UUID(0, 1)), Optional.of(2))
                .applyTo(twice)
                .fold(changed -> changed.list(), refused -> {
                    throw new AssertionError(refused.reason());
                });
        assertThat(spare(ranked, Map.of()))
                .containsExactly("A: Nobody can tell it from B on the air, and that goes in too.");
    }

    /** The same entry with another talk tone may open another of its receivers; that is no cover. */
    @Test
    void theSameRepeaterIsSpareOnlyIfTheOtherOpensIt() {
        ChannelList list = list("A 145.310- 71.9", "B 145.310- T71.9 R71.9", "C 145.310- 77.0");
        TreeMap<Integer, ListEntry> entries = new TreeMap<>(list.entries());
        entries.replaceAll((slot, entry) -> entry.withOrigin(Origin.named("skarra-2")));
        ChannelList known = list.byPlan(R2.id(), "", entries);
        assertThat(spare(known, Map.of())).containsExactly("B: It is the same repeater as A, which goes in too.");
    }

    /** What does not go in makes no room by being left out, and covers nothing. */
    @Test
    void onlyWhatGoesInCounts() {
        assertThat(spare(list("A 223.500", "B 223.500"), Map.of())).isEmpty();
    }

    @Test
    void whatIsDeadOrFarComesAfterWhatIsCovered() {
        ChannelList list = list("FAR 146.940- 100.0", "DEAD 147.000+", "NEAR 146.550", "AGAIN 146.550");
        assertThat(spare(
                        list,
                        Map.of(
                                new UUID(0, 0), new Spare.Outlook(false, Optional.of("140")),
                                new UUID(0, 1), new Spare.Outlook(true, Optional.empty()),
                                new UUID(0, 2), new Spare.Outlook(false, Optional.empty()))))
                .containsExactly(
                        "AGAIN: Nobody can tell it from NEAR on the air, and that goes in too.",
                        "FAR: From Skarra it is heard in fewer than half of the places, 140 km away.",
                        "DEAD: By the directory it looks dead.");
    }
}
