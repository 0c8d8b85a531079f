package reckonrod.core.fieldlog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.io.StringReader;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;
import reckonrod.core.geography.GpxReader;
import reckonrod.core.geography.Position;

class FieldLogTest {
    private static FieldTest test(int number, String place, String note, Seen... seen) {
        return new FieldTest(
                new UUID(7, number),
                Instant.parse("2026-11-27T14:05:30Z").plusSeconds(number * 60L),
                place,
                Optional.of(new Position(47.5 + number / 100.0, -38.25)),
                "Blue",
                "SKARRA",
                "145.310- T71.9",
                Set.of(seen),
                number % 6,
                note);
    }

    @ParameterizedTest
    @CsvSource({
        "light tail, PROVEN",
        "answered noise, PROVEN",
        "light shown identified nothing, HEARD",
        "light noise, SILENT",
        "nothing, SILENT",
        "light shown, OPEN",
    })
    void whatWasSeenSaysHowItWent(String seen, Result result) {
        FieldTest read = FieldLogCsv.read("Moment,Line,Seen and heard\n2026-11-27T15:05:30+01:00,145.310-," + seen)
                .get(0);
        assertThat(read.result()).isEqualTo(result);
        assertThat(read.at()).isEqualTo(Instant.parse("2026-11-27T14:05:30Z"));
    }

    /** What looks like a formula, has commas, quotes or lines of its own comes back as it was. */
    @Test
    void aLogComesBackFromItsTable() {
        List<FieldTest> log = List.of(
                test(1, "Harbour wall", "", Seen.LIGHT, Seen.TAIL),
                test(2, "=1+1", "said \"five\", and 9\nthen none", Seen.NOTHING),
                test(6, "", "+48", Seen.values()));
        String text = FieldLogCsv.write(log);
        assertThat(text).contains("'=1+1");
        assertThat(FieldLogCsv.read(text)).isEqualTo(log);
        List<FieldTest> foreign =
                FieldLogCsv.read("\uFEFFseen and heard;line;moment\r\ntail;145.310-;2026-11-27T14:05:30Z\r\n");
        assertThat(foreign.get(0).result()).isEqualTo(Result.PROVEN);
        assertThat(FieldLogCsv.read("\uFEFFseen and heard;line;moment\r\ntail;145.310-;2026-11-27T14:05:30Z\r\n"))
                .as("the same file twice is the same test")
                .isEqualTo(foreign);
    }

    @Test
    void whatCannotBeReadIsToldWithItsRowAndNothingIsTaken() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FieldLogCsv.read("Moment,Line\n2026-11-27T14:05:30Z,145.310-"))
                .withMessageContaining("there is no Seen and heard");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FieldLogCsv.read("""
                        Moment,Line,Seen and heard,Latitude,Longitude,Strength
                        2026-11-27T14:05:30Z,145.310-,tail,47.5,-38.1,5
                        27.11.2026 14:05,145.310-,tail,,,
                        2026-11-27T14:05:30Z,145.310-,tale,,,
                        2026-11-27T14:05:30Z,145.310-,tail,47.5,,
                        2026-11-27T14:05:30Z,145.310-,tail,97.5,-38,
                        2026-11-27T14:05:30Z,145.310-,tail,,,9
                        2026-11-27T14:05:30Z,,tail,,,
                        """))
                .withMessageContaining("6 rows")
                .withMessageContaining("line 3: Moment must be like")
                .withMessageContaining("line 4: What was seen must be")
                .withMessageContaining("line 5: Longitude must be in degrees")
                .withMessageContaining("line 6")
                .withMessageContaining("line 7: Strength must be 1 to 5")
                .withMessageContaining("line 8: Line must not be empty");
    }

    /** A comma in a note that nobody quoted, a cell that is missing, a column that is there twice: nothing of that is passed over. */
    @Test
    void aTableWithCellsTooManyOrTooFewIsNoLog() {
        String headings = "Moment,Line,Seen and heard,Note\n";
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FieldLogCsv.read(headings + "2026-11-27T14:05:30Z,145.310-,tail,loud, clear\n"))
                .withMessageContaining("line 2: The row has 5 cells, the headings have 4");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FieldLogCsv.read(headings + "2026-11-27T14:05:30Z,145.310-,tail\n"))
                .withMessageContaining("line 2: The row has 3 cells, the headings have 4");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FieldLogCsv.read("Moment,Line,line,Seen and heard\n2026-11-27T14:05:30Z,a,b,tail\n"))
                .withMessageContaining("Two columns are headed \"Line\"");
        assertThat(FieldLogCsv.read(headings + "2026-11-27T14:05:30Z,145.310-,tail,\"loud, clear\"\n"))
                .extracting(FieldTest::note)
                .containsExactly("loud, clear");
    }

    @Test
    void whatIsDatedMoreThanADayAheadComesOfAWrongClock() {
        FieldTest test = test(1, "", "", Seen.TAIL);
        assertThat(test.isAheadOf(test.at().minusSeconds(86_400))).isFalse();
        assertThat(test.isAheadOf(test.at().minusSeconds(86_401))).isTrue();
    }

    /** Of many faults the first are told, and how many more there are; eight are told whole. */
    @ParameterizedTest
    @CsvSource({"8, '', line 9:", "9, ; and 1 more, line 9:", "30, ; and 22 more, line 9:"})
    void ofManyFaultsTheFirstAreTold(int faults, String more, String last) {
        String rows = "27.11.2026,145.310-,tail\n".repeat(faults);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FieldLogCsv.read("Moment,Line,Seen and heard\n" + rows))
                .withMessageStartingWith(faults + " rows cannot be read, so nothing was taken in: line 2:")
                .withMessageContaining(last)
                .withMessageEndingWith(more)
                .satisfies(refused ->
                        assertThat(refused.getMessage().contains("line 10:")).isFalse());
    }

    /** A GPX 1.1 document by its schema's names: its namespace, each point with its moment and who tried it. */
    @Test
    void aGpxIsWhatItsSchemaSays() throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        Element gpx = factory.newDocumentBuilder()
                .parse(new InputSource(new StringReader(FieldLogGpx.write(List.of(test(1, "Harbour", "", Seen.TAIL))))))
                .getDocumentElement();
        assertThat(gpx.getNamespaceURI()).isEqualTo("http://www.topografix.com/GPX/1/1");
        assertThat(gpx.getAttribute("version")).isEqualTo("1.1");
        assertThat(gpx.getAttribute("creator")).isEqualTo("Reckonrod");
        Element point = (Element) gpx.getElementsByTagName("wpt").item(0);
        assertThat(point.getAttribute("lon")).isEqualTo("-38.250000");
        List<String> inside = IntStream.range(0, point.getChildNodes().getLength())
                .mapToObj(point.getChildNodes()::item)
                .filter(Element.class::isInstance)
                .map(each -> each.getLocalName())
                .toList();
        assertThat(inside).as("the schema has them in this order").containsExactly("time", "name", "desc");
        assertThat(point.getElementsByTagName("time").item(0).getTextContent()).isEqualTo("2026-11-27T14:06:30Z");
        assertThat(point.getElementsByTagName("desc").item(0).getTextContent()).contains("by Blue", "145.310- T71.9");
    }

    @Test
    void placesGoOutAsGpxThatCanBeReadAgain() {
        String gpx = FieldLogGpx.write(List.of(
                test(1, "Harbour", "a < b & c \u0007", Seen.TAIL),
                test(2, "Hill", "", Seen.NOTHING),
                new FieldTest(
                        new UUID(7, 9),
                        Instant.EPOCH,
                        "somewhere",
                        Optional.empty(),
                        "",
                        "X",
                        "146.520",
                        Set.of(),
                        0,
                        "")));
        assertThat(gpx)
                .contains("a &lt; b &amp; c", "<name>SKARRA, answered</name>")
                .doesNotContain("somewhere");
        assertThat(GpxReader.parse(gpx).points()).hasSize(2);
    }
}
