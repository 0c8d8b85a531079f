package reckonrod.core.take;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.listing.RowReading;

class LineEntryTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    /** A line becomes an entry of the directory with all that it says; one that gives no repeater is refused with the reason. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            SKARRA 145.310- T71.9 R100.0 E L     | dir:SKARRA@145.310 145.310 −0.600 T71.9 R100.0 FM UNKNOWN [EMERGENCY_POWER, LINKED]
            PELL 145.350 > 433.475 nfm           | dir:PELL@145.350 145.350 > 433.475 NFM UNKNOWN []
            LEG 147.510 simplex                  | dir:LEG@147.510 147.510 simplex FM UNKNOWN []
            OST 145.310 -0.6 off-air O           | dir:OST@145.310 145.310 −0.600 FM OFF_AIR [OPEN]
            TEN 29.620- T100.0                   | dir:TEN@29.620 29.620 −0.100 T100.0 FM UNKNOWN []
            PELL 147.135 T127.3                  | dir:PELL@147.135 147.135 +0.600 T127.3 FM UNKNOWN [] shift-by-plan
            AIR 132.800 am                       | ! 132.800 MHz belongs to another service (air band)
            SKARRA 145.310 listen-only           | ! The line gives a channel that only listens, and no repeater.
            SKARRA                               | ! No frequency was found in
            """)
    void aLineBecomesAnEntry(String line, String told) {
        String read = LineEntry.read(line, "dir", R2).fold(LineEntryTest::says, bad -> "! " + bad.reason());
        assertThat(read).startsWith(told);
    }

    private static String says(RowReading.Good good) {
        DirectoryEntry entry = good.entry();
        return Stream.of(
                        entry.id(),
                        entry.signal().output().toMegahertzText()
                                + entry.signal().input().words(),
                        entry.signal()
                                .talkTone()
                                .text()
                                .map(tone -> "T" + tone.replace("CTCSS ", ""))
                                .orElse(""),
                        entry.signal()
                                .listenTone()
                                .text()
                                .map(tone -> "R" + tone.replace("CTCSS ", ""))
                                .orElse(""),
                        entry.signal().mode().name(),
                        entry.standing().state().name(),
                        entry.standing().flags().toString(),
                        good.doubts().stream().map(each -> each.kind().code()).collect(Collectors.joining(" ")))
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(" "));
    }
}
