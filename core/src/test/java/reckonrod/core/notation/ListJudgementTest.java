package reckonrod.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.finding.Field;
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
}
