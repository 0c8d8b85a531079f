package reckonrod.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;

class ReviewTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    @Test
    void everyLineIsJudgedAndTwinsAreFound() {
        String text = """
                # from the printed list
                SKARRA 145.310- 71.9

                OSTREY\t145.430\t-\t118.8
                PELL 147.135+ 127.9
                nothing here
                SKARRA AGAIN 145.310- 71.9
                HOME 146.940- 100.0
                BACK 145.310+
                """;
        Review review = Review.of(text, Lists.of(R2, "HARBOUR 146.940- 100.0"), R2);
        assertThat(review.lines())
                .extracting(line -> line.number() + " " + line.verdict() + " " + line.twin())
                .containsExactly(
                        "2 GOOD ",
                        "4 GOOD ",
                        "5 BAD ",
                        "6 BAD ",
                        "7 DOUBTFUL line 2",
                        "8 DOUBTFUL slot 0",
                        "9 DOUBTFUL ");
        assertThat(review.lines().get(1).answer().line()).isEqualTo("OSTREY\t145.430\t-\t118.8");
    }

    @Test
    void moreThanTheMostLinesAreRefused() {
        assertThatThrownBy(() -> Review.of("145.310-\n".repeat(5_001), Lists.of(R2), R2))
                .hasMessageContaining("at most 5000 lines, was 5001");
        assertThat(Review.of("145.310-\r\n".repeat(5_000), Lists.of(R2), R2).lines())
                .hasSize(5_000);
    }
}
