package reckonrod.core.planchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Talk;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.ChannelList;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.planchange.PlanChange.Outcome;

class PlanChangeTest {
    private static final BandPlans PLANS = BandPlans.shipped();
    private static final BandPlan R1 = PLANS.find("r1-europe").orElseThrow();
    private static final BandPlan AU = PLANS.find("r3-australia").orElseThrow();
    private static final BandPlan R2 = PLANS.find("r2-north-america").orElseThrow();

    /** By rule: worked out anew. Given, by size or by pair: never touched. */
    @Test
    void onlyWhatCameFromARuleIsWorkedOutAnew() {
        ChannelList list = Lists.of(
                R1,
                "RULE 438.825- 71.9",
                "SIZE 438.825 -7.6",
                "PAIR 438.825 431.225",
                "SAME 145.750-",
                "NEVER 145.700 listen-only");
        PlanChange change = PlanChange.of(list, R1, AU);
        assertThat(change.list().bandPlanId()).isEqualTo("r3-australia");
        assertThat(talk(change.list(), 0)).isEqualTo("433.825");
        assertThat(talk(change.list(), 1)).isEqualTo("431.225");
        assertThat(talk(change.list(), 2)).isEqualTo("431.225");
        assertThat(change.list().entries().get(1)).isEqualTo(list.entries().get(1));
        assertThat(change.rows().get(0)).satisfies(row -> {
            assertThat(row.outcome()).isEqualTo(Outcome.REWORKED);
            assertThat(row.moves()).isTrue();
            assertThat(row.before().transmit()).hasToString("Optional[431.225 MHz]");
        });
        assertThat(change.rows()).extracting(PlanChange.Row::slot).doesNotContain(4);
    }

    @Test
    void withoutARuleTheShiftIsKeptAsGivenAndTheNewDoubtIsTold() {
        PlanChange change = PlanChange.of(Lists.of(R2, "A 146.835- 88.5", "B 145.310- 71.9"), R2, R1);
        assertThat(change.list().entries().get(1).channel().talk())
                .isEqualTo(new Talk.Shifted(reckonrod.core.frequency.Shift.ofHertz(-600_000), false));
        assertThat(change.rows()).extracting(PlanChange.Row::outcome).containsExactly(Outcome.KEPT, Outcome.KEPT);
        assertThat(change.rows().get(0).findings())
                .extracting(finding -> finding.kind().code())
                .contains("talk-outside-windows");
        assertThat(change.rows().get(1).findings()).extracting(Finding::message).noneMatch(m -> m.contains("outside"));
    }

    /** The line of every entry still reads back as its channel, by the new plan. */
    @Test
    void linesKeepReadingBack() {
        ChannelList list = Lists.of(R2, "A 145.310- 71.9 E", "B 147.135+", "C 442.700+ D023N", "D 446.000");
        for (BandPlan to : PLANS.all()) {
            PlanChange.of(list, R2, to).list().entries().values().stream()
                    .filter(entry -> to.bandAt(entry.channel().receive()).isPresent()
                            && entry.channel().transmit().map(to::mayTalk).orElse(true))
                    .forEach(entry -> assertThat(
                                    Reckoner.reckon(entry.line(), to).channel())
                            .as(to.id() + " " + entry.line())
                            .contains(entry.channel()));
        }
    }

    @Test
    void anotherLicenceMovesNothingAndShowsWhatItForbids() {
        ChannelList list = Lists.of(R1, "TEN 29.640-", "TWO 145.750-");
        PlanChange change = PlanChange.of(list, R1, R1.judgingBy("entry"));
        assertThat(change.list().licence()).isEqualTo("entry");
        assertThat(change.list().entries()).isEqualTo(list.entries());
        assertThat(change.rows()).singleElement().satisfies(row -> {
            assertThat(row.moves()).isFalse();
            assertThat(row.findings())
                    .extracting(finding -> finding.kind().code())
                    .isEqualTo(List.of("talk-outside-licence"));
        });
    }

    private static String talk(ChannelList list, int slot) {
        return list.entries().get(slot).channel().transmit().orElseThrow().toMegahertzText();
    }
}
