package reckonrod.core.take;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;

class ListingLinesTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static ListingLines of(String text) {
        return ListingLines.of(text, R2, LocalDate.of(2026, 11, 26));
    }

    /** The tone columns are what their headings say, in whatever order they stand. */
    @Test
    void aTableWithHeadingsIsReadByThem() {
        ListingLines lines = of("""
                Name,Frequency,Offset,Decode,Encode
                SKARRA,145.310,-0.6,,71.9
                OSTREY,441.150,+5,100.0,156.7
                PELL,147.510,0,,
                BROKEN,none,,,
                """);
        assertThat(lines.isTable()).isTrue();
        assertThat(lines.unread()).isEqualTo(1);
        assertThat(lines.lines())
                .containsExactly(
                        "SKARRA 145.310 -0.600 T71.9",
                        "OSTREY 441.150 +5.000 T156.7 R100.0",
                        "PELL 147.510 simplex",
                        "BROKEN none");
    }

    @Test
    void linesThatOnlyLookLikeATableStayAsTheyAre() {
        String text = "SKARRA,145.310,-,71.9\nOSTREY,441.150,+,156.7";
        assertThat(of(text).isTable()).isFalse();
        assertThat(of(text).lines()).containsExactlyElementsOf(text.lines().toList());
        assertThat(of("145.310- 71.9").isTable()).isFalse();
        assertThat(of("").lines()).isEmpty();
    }
}
