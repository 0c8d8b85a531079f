package reckonrod.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.NavigableMap;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.finding.Field;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Dismissal;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;

class ListJudgementTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    /** What only the line shows counts in the list too, once, and can be laid aside like the rest. */
    @Test
    void findingsOnTheLineCountInTheList() {
        ChannelList list = Lists.of(R2, "LOCAL 53.010- 71.9 wx9", "SIGN 145.310+");
        assertThat(ListJudgement.of(list, R2).get(0).open())
                .extracting(finding -> finding.kind().code())
                .containsExactlyInAnyOrder("local-options", "not-understood");
        assertThat(ListJudgement.of(list, R2).get(1).open())
                .extracting(finding -> finding.kind().code())
                .containsExactlyInAnyOrder("shift-sign-differs", "fm-in-kept-segment");
        ChannelList aside = ((ListChange.Changed) new ListEdit.LayAside(
                                list.entries().get(0).id(),
                                new Dismissal("local-options", Field.TRANSMIT, "Asked the keeper"))
                        .applyTo(list))
                .list();
        SlotFindings found = ListJudgement.of(aside, R2).get(0);
        assertThat(found.open()).extracting(finding -> finding.kind().code()).containsExactly("not-understood");
        assertThat(found.laidAside()).hasSize(1);
    }

    @Test
    void aLineThatGivesAnotherChannelByNowIsNotHeld() {
        ChannelList list = Lists.of(R2, "LOCAL 53.010-");
        BandPlan r1 = BandPlans.shipped().find("r1-europe").orElseThrow();
        assertThat(ListJudgement.of(list, r1).get(0).open())
                .extracting(finding -> finding.kind().code())
                .doesNotContain("frequency-outside-known", "local-options");
    }

    /** A count and what it counts are one judgement: of the list, of every radio, and of what was laid aside. */
    @Test
    void theCountIsThatOfTheListAndOfEveryRadio() {
        ChannelList list = Lists.of(R2, "VELLAN HALT 147.510", "VELLAN HELT 147.540", "TONE 145.310- 71.5");
        FitReport fit = new Fitter(
                        RadioDefinitions.shipped()
                                .find("wrenling-w12")
                                .orElseThrow()
                                .model(),
                        R2)
                .fit(list);
        NavigableMap<Integer, SlotFindings> found = ListJudgement.of(list, R2);
        FindingCounts alone = FindingCounts.of(found.values(), List.of());
        assertThat(alone.errors()).isPositive();
        assertThat(FindingCounts.of(found.values(), List.of(fit, fit)))
                .isEqualTo(new FindingCounts(alone.errors(), alone.doubts(), alone.notes() + 2, 0));
        ChannelList aside = ((ListChange.Changed) new ListEdit.LayAside(
                                list.entries().get(2).id(),
                                new Dismissal(
                                        found.get(2).open().get(0).kind().code(),
                                        found.get(2).open().get(0).field(),
                                        "Asked the keeper"))
                        .applyTo(list))
                .list();
        assertThat(FindingCounts.of(ListJudgement.of(aside, R2).values(), List.of())
                        .laidAside())
                .isEqualTo(1);
    }
}
