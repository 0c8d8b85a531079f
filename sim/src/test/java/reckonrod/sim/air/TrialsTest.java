package reckonrod.sim.air;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import reckonrod.core.prove.Knowledge;

/** The table of causes is tried on silences that the air makes, not on its own figures. */
class TrialsTest {
    @Test
    void fourQuestionsNameTheCauseBetterThanTheFixedOrderDoes() {
        Trials trials = new Trials(Knowledge.shipped(), 2_500, false);
        Trials.Score byWorth = trials.score(Trials.BY_WORTH, 4);
        Trials.Score inOrder = trials.score(Trials.IN_ORDER, 4);
        assertThat(byWorth.first()).isGreaterThanOrEqualTo(0.80).isGreaterThan(inOrder.first());
        assertThat(byWorth.amongThree()).isGreaterThanOrEqualTo(0.95).isGreaterThan(inOrder.amongThree());
        assertThat(byWorth.asked()).isLessThan(inOrder.asked());
    }

    /** Causes that are seldom met are found too, and every one can be made. */
    @Test
    void everyCauseIsFoundInTime() {
        Trials.Score all = new Trials(Knowledge.shipped(), 1_300, true).score(Trials.BY_WORTH, 20);
        assertThat(all.byCause()).hasSize(Knowledge.shipped().causes().size());
        assertThat(all.byCause().values()).allSatisfy(share -> assertThat(share).isGreaterThan(0.2));
        assertThat(all.amongThree()).isGreaterThanOrEqualTo(0.95);
    }
}
