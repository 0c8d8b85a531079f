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
                        "BROKEN none ?? row not read: Frequency must be a number such as 145.650, with MHz, kHz or Hz behind it if"
                                + " you like, was \"none\"");
    }

    /** A table with the size of a shift and its sign apart, and one whose tones nobody can place: that one is asked about. */
    @Test
    void aShiftIsReadFromBothOfItsColumnsAndWhatIsOpenStays() {
        assertThat(of("""
                Location,Output,Offset,+/-,Tone
                SKARRA,145.310,0.600,-,71.9
                OSTREY,441.150,5.0,+,156.7
                PELL,145.350,0.600,,
                FAR,145.350,1.000,,
                """).lines())
                .containsExactly(
                        "SKARRA 145.310 -0.600 T71.9",
                        "OSTREY 441.150 +5.000 T156.7",
                        "PELL 145.350",
                        "FAR 145.350 1.000");
        assertThat(of("""
                Location,Output,Shift,Input,Tone,Status
                SKARRA,145.310,-,144.710,1750,off air
                OSTREY,441.150,-,446.150,156.7,
                PELL,145.350,,,88.5,
                """).lines())
                .containsExactly(
                        "SKARRA 145.310 > 144.710 off-air burst",
                        "OSTREY 441.150 - > 446.150 T156.7",
                        "PELL 145.350 T88.5");
        assertThat(of("Location,Output,Shift,Tone,Notes\nOSTREY,145.350,-,1750,opens with 1750 Hz\n")
                        .lines())
                .containsExactly("OSTREY 145.350- burst");
        assertThat(of("""
                Channel Name,Receive Frequency,Transmit Frequency,Bandwidth,Transmit Power,CTCSS Encode
                SKARRA,145.310,144.710,12.5,Low,71.9
                PELL,147.135,147.735,25,High,
                """).lines()).containsExactly("SKARRA 145.310 > 144.710 T71.9 NFM low", "PELL 147.135 > 147.735");
        ListingLines asking = of("Name,Frequency,Tx/Rx tone,Shift\nSKARRA,145.310,71.9,-\n");
        assertThat(asking.isRead()).isFalse();
        assertThat(asking.reading().orElseThrow().unknown())
                .singleElement()
                .satisfies(column -> assertThat(column.heading()).isEqualTo("Tx/Rx tone"));
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
