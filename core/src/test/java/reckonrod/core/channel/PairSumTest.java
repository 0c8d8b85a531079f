package reckonrod.core.channel;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;

class PairSumTest {
    private static final BandPlan R2 = BandPlans.shipped().find(BandPlans.USUAL).orElseThrow();

    /** A pair in two bands has a difference, and to call it a shift would say nothing. */
    @ParameterizedTest
    @CsvSource({
        "145.310-, 145.310, -0.600, 144.710",
        "147.135+ 71.9, 147.135, +0.600, 147.735",
        "147.510, 147.510, simplex, 147.510",
        "145.350 > 433.475, 145.350, split, 433.475",
        "146.520 > 147.520, 146.520, +1.000, 147.520",
        "162.550, 162.550, '', ''"
    })
    void aPairIsASumOrWhatItIsInstead(String line, String listen, String shift, String talk) {
        Channel channel = Lists.of(R2, line).entries().get(0).channel();
        PairSum sum = PairSum.of(channel, R2);
        assertThat(sum.listen()).isEqualTo(listen);
        assertThat(sum.shift().replace('\u2212', '-')).isEqualTo(shift);
        assertThat(sum.talk()).isEqualTo(talk);
    }
}
