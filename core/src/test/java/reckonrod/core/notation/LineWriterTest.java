package reckonrod.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;

class LineWriterTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    /** What is usual is left out, a name that could be read as something else is quoted. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '\'', textBlock = """
            skarra 145,310 - ct 71,9 fm high    | skarra 145.310- T71.9
            145.310 -600 71.9                   | 145.310 -0.600 T71.9
            LEG 1 147.510 NFM low               | "LEG 1" 147.510 simplex NFM low
            FERRY 145.350/433.475 D023N D047I   | FERRY 145.350 > 433.475 D023N RD047I
            156.800                             | 156.800
            132.8 am                            | 132.800
            132.8 fm                            | 132.800 FM
            145.310 listen mid                  | 145.310 listen-only mid
            132.810                             | 132.810
            145.310- 2b rev 71.9 w c            | 145.310- T118.8 REV71.9 C W
            460.1 listen                        | 460.100 listen-only
            """)
    void writesTheShortestLineThatReadsBack(String typed, String written) {
        WorkedAnswer answer = Reckoner.reckon(typed, R2);
        String line = LineWriter.write(answer.channel().orElseThrow(), R2);
        assertThat(line).isEqualTo(written);
        assertThat(Reckoner.reckon(line, R2).channel()).isEqualTo(answer.channel());
    }
}
