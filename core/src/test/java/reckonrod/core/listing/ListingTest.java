package reckonrod.core.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.State;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;

class ListingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final String HEADINGS = "Call;Site;Lat;Lon;Output MHz;Shift;Tone;Last confirmed;Status\n";

    private static final BandPlan PLAN =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static Mapping guess(Table table) {
        return TableReading.of(table, List.of(PLAN)).mapping();
    }

    private static RowReading read(String headings, String row) {
        Table table = CsvTable.parse(headings + row + "\n");
        return new RowReader(guess(table), table.headings().size(), "file", TODAY, Optional.empty())
                .read(table.rows().get(0));
    }

    private static DirectoryEntry good(String row) {
        return read(HEADINGS, row).fold(RowReading.Good::entry, bad -> {
            throw new AssertionError(bad.reason());
        });
    }

    private static List<String> doubts(String row) {
        return read(HEADINGS, row)
                .fold(
                        good -> good.doubts().stream()
                                .map(each -> each.kind().code())
                                .toList(),
                        bad -> List.of("bad: " + bad.reason()));
    }

    @Test
    void aRowBecomesAnEntry() {
        DirectoryEntry entry = good("qv0sk;Skarra;47.6;-38.2;145,310;-0.6;71,9;2026-05-01;on air");
        assertThat(entry.id()).isEqualTo("file:QV0SK@145.310@Skarra");
        assertThat(entry.callSign()).isEqualTo("QV0SK");
        assertThat(entry.site().position().orElseThrow()).hasToString("47.60000 N 38.20000 W");
        assertThat(entry.signal().input().frequency(entry.signal().output())).contains(Frequency.ofHertz(144_710_000));
        assertThat(entry.signal().talkTone()).hasToString("CTCSS 71.9");
        assertThat(entry.standing().state()).isEqualTo(State.ON_AIR);
        assertThat(entry.standing().confirmedOn()).contains(LocalDate.of(2026, 5, 1));
    }

    /** Hertz, kilohertz and megahertz; shifts in either; days that can be read in one way only. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "145.31|-0.6|1.5.2026|2026-05-01",
                "145310|-600|2026/05/01|2026-05-01",
                "145310000|-600 kHz|25/05/2026|2026-05-25",
                "145.310 MHz|−0.600 MHz|05/25/2026|2026-05-25"
            })
    void unitsAreFoundOut(String output, String shift, String day, LocalDate confirmed) {
        DirectoryEntry entry = good("QV0SK;Skarra;47.6;-38.2;" + output + ";" + shift + ";71.9;" + day + ";up");
        assertThat(entry.signal().output()).isEqualTo(Frequency.ofHertz(145_310_000));
        assertThat(entry.signal().input().frequency(entry.signal().output())).contains(Frequency.ofHertz(144_710_000));
        assertThat(entry.standing().confirmedOn()).contains(confirmed);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Q;S;;;145.31;-0.6;71.9;2026-05-01;|row-without-position",
                "Q;S;0;0;145.31;-0.6;71.9;2026-05-01;|row-position-zero",
                "Q;S;95;10;145.31;-0.6;71.9;2026-05-01;|row-cell-unreadable",
                "Q;S;47;-38;145.31;-0.6;71.8;2026-05-01;|row-tone-unusual",
                "Q;S;47;-38;145.31;-0.6;71.9;2027-05-01;|row-confirmed-in-future",
                "Q;S;47;-38;145.31;-0.6;71.9;05/06/2026;|row-cell-unreadable"
            })
    void whatIsDoubtfulIsTakenAndTold(String row, String code) {
        assertThat(doubts(row)).containsExactly(code);
    }

    /** What stands in the other columns, in the words that listings use; an entry goes without what cannot be read. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "25 W|20m|-5|FM|active|E,L open|0 [EMERGENCY_POWER, LINKED, OPEN] ON_AIR FM 25.0 20.0 -5.0",
                "7,5||120|narrow|off-air|closed/wide|0 [CLOSED, WIDE_AREA] OFF_AIR NFM 7.5 - 120.0",
                "|||analogue + digital|?|ELOW|0 [EMERGENCY_POWER, LINKED, OPEN, WIDE_AREA] UNKNOWN FM - - -",
                "|||digital|YES||0 [] ON_AIR DIGITAL - - -",
                "lots|tall|high|am|down|none of these|4 [] OFF_AIR AM - - -",
                "9000|0.1|9999|||off-air|3 [] OFF_AIR FM - - -"
            })
    void theOtherColumnsAreRead(
            String watts, String antenna, String ground, String mode, String state, String flags, String entry) {
        String cells = Stream.of(watts, antenna, ground, mode, state, flags)
                .map(each -> each == null ? "" : each)
                .collect(Collectors.joining(";"));
        Table table = CsvTable.parse("Output;Power W;Antenna height;Ground;Mode;State;Flags\n145.310;" + cells + "\n");
        RowReading reading = new RowReader(guess(table), table.headings().size(), "file", TODAY, Optional.empty())
                .read(table.rows().get(0));
        assertThat(reading.<String>fold(ListingTest::brief, bad -> bad.reason()))
                .isEqualTo(entry);
    }

    /** Notes of several lines become one; notes of a thousand letters are left out, and the entry goes without them. */
    @Test
    void notesAreOneLineOfSensibleLength() {
        Table table = CsvTable.parse(
                "Output,Notes\n145.310,\"up the hill,\nmind the sheep\"\n145.350," + "x".repeat(1_000) + "\n");
        List<RowReading> read = table.rows().stream()
                .map(new RowReader(guess(table), 2, "file", TODAY, Optional.empty())::read)
                .toList();
        assertThat(read)
                .extracting(each ->
                        each.<String>fold(good -> good.entry().standing().notes(), bad -> bad.reason()))
                .containsExactly("up the hill, mind the sheep", "");
        assertThat(read.get(1).<List<Finding>>fold(good -> good.doubts(), bad -> List.of()))
                .extracting(Finding::message)
                .anySatisfy(message -> assertThat(message).contains("at most 500 characters, was 1000"));
    }

    private static String brief(RowReading.Good good) {
        DirectoryEntry entry = good.entry();
        long unreadable = good.doubts().stream()
                .filter(each -> each.kind().code().equals("row-cell-unreadable"))
                .count();
        return "%d %s %s %s %s %s %s"
                .formatted(
                        unreadable,
                        entry.standing().flags(),
                        entry.standing().state(),
                        entry.signal().mode(),
                        figure(entry.signal().watts()),
                        figure(entry.site().antennaMetres()),
                        figure(entry.site().groundMetres()));
    }

    private static String figure(OptionalDouble figure) {
        return figure.isPresent() ? String.valueOf(figure.getAsDouble()) : "-";
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Q;S;47;-38;;-0.6;71.9;;|output is empty",
                "Q;S;47;-38;abc;-0.6;71.9;;|abc",
                "Q;S;47;-38;145.31;sideways;71.9;;|sideways",
                "Q;S;47;-38;145.31;-0.6;loud;;|loud",
                "Q;S;47;-38;145.31;-0.6;71.9|7 cells, the headings have 9",
                "Q;=1+1;47;-38;145.31;-0.6;71.9;;|formula"
            })
    void whatIsWrongIsRefusedWithTheReason(String row, String said) {
        assertThat(doubts(row)).singleElement().asString().startsWith("bad: ").contains(said);
    }

    @Test
    void aHugeFieldIsRefusedAndNotShownWhole() {
        assertThat(doubts("Q;" + "x".repeat(5_000) + ";47;-38;145.31;-0.6;71.9;;"))
                .singleElement()
                .asString()
                .contains("5000 characters")
                .hasSizeLessThan(200);
    }

    /** Without headings that say anything, the values do. */
    @Test
    void columnsAreGuessedFromTheirValues() {
        Table table = CsvTable.parse("""
                a\tb\tc\td\te
                QV0SK\t145.310\t144.710\t71.9\t2026-05-01
                QV0PL\t147.135\t147.735\t127.3\t2026-05-02
                """);
        assertThat(guess(table).columns())
                .containsExactly(
                        Optional.of(Column.CALL_SIGN),
                        Optional.of(Column.OUTPUT),
                        Optional.of(Column.INPUT),
                        Optional.of(Column.TALK_TONE),
                        Optional.of(Column.CONFIRMED_ON));
        assertThat(guess(CsvTable.parse("Standort|Ausgabe|Ablage|Breite|Länge\nSkarra|145.31|-|47|-38\n"))
                        .columns())
                .containsExactly(
                        Optional.of(Column.SITE),
                        Optional.of(Column.OUTPUT),
                        Optional.of(Column.SHIFT),
                        Optional.of(Column.LATITUDE),
                        Optional.of(Column.LONGITUDE));
    }

    /** Latitudes of 50 to 54 degrees are no frequencies of 6 m, whichever comes first; what repeats is not taken for a name. */
    @Test
    void degreesAndNamesAreToldFromFrequencies() {
        assertThat(guess(CsvTable.parse("""
                        a,b,c,d,e
                        51.51234,-0.12712,Alder Hill,51.530,yes
                        53.48081,-2.24263,Birch Moss,145.7375,yes
                        """)).columns())
                .containsExactly(
                        Optional.of(Column.LATITUDE),
                        Optional.of(Column.LONGITUDE),
                        Optional.of(Column.SITE),
                        Optional.of(Column.OUTPUT),
                        Optional.empty());
        assertThat(guess(CsvTable.parse("a,b,c\n-117.1234,Here,438.825\n-118.1236,Here,439.000\n"))
                        .columns())
                .containsExactly(Optional.of(Column.LONGITUDE), Optional.empty(), Optional.of(Column.OUTPUT));
    }

    /** Rows that were left out come back whole from their file, and no cell of it is a formula to a spreadsheet. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "-5.5",
                "+1,25",
                "-",
                "=1+2",
                "@home",
                "-x",
                "'-x",
                "''=a",
                "'quoted'",
                "plain",
                "- 0.6",
                "+0.6 MHz"
            })
    void aCellComesBackFromWhatMadeItHarmless(String cell) {
        String harmless = CsvWriter.harmless(cell);
        assertThat(harmless).matches("[^=@].*").doesNotMatch("[+-](?![0-9.,]*$).*");
        String file = CsvWriter.write(List.of(List.of(CsvWriter.harmless("=Key"), "b"), List.of(harmless, "1")));
        Table table = CsvTable.parse(file);
        assertThat(table.headings().get(0)).isEqualTo("=Key");
        assertThat(table.rows().get(0).cells().get(0)).isEqualTo(cell);
    }

    /** Lines are counted as an editor counts them, over quoted line breaks and empty lines. */
    @Test
    void rowsKnowTheirLine() {
        Table table = CsvTable.parse("a,b\r\n\"x\ny\",1\n\nz,2\n");
        assertThat(table.rows()).extracting(Table.Row::line).containsExactly(2, 5);
        assertThat(table.rows().get(0).cells().get(0)).isEqualTo("x\ny");
    }

    @ParameterizedTest
    @ValueSource(strings = {"no columns here\nat all\n", "a,b\n", "a,b\n1,\"2\n3,4\n"})
    void whatIsNoTableSaysWhatToDo(String text) {
        assertThatThrownBy(() -> CsvTable.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .containsAnyOf("pasted as lines", "headings alone", "never closed");
    }

    @Test
    void bytesThatAreNoTextAreRefused() {
        byte[] latin = "Ort;Höhe\n".getBytes(StandardCharsets.ISO_8859_1);
        assertThatThrownBy(() -> TableText.decode(latin, Optional.empty())).hasMessageContaining("line 1");
        assertThat(TableText.decode(latin, Optional.of(StandardCharsets.ISO_8859_1)))
                .isEqualTo("Ort;Höhe\n");
        assertThatThrownBy(() -> TableText.decode(new byte[] {'P', 'K', 3, 4}, Optional.empty()))
                .hasMessageContaining("spreadsheet");
        assertThatThrownBy(() -> TableText.decode(new byte[] {'a', 0, 1}, Optional.empty()))
                .hasMessageContaining("byte 1");
        assertThatThrownBy(() -> TableText.decode(new byte[0], Optional.empty()))
                .hasMessageContaining("empty");
        assertThat(TableText.decode("\uFEFFa,ö".getBytes(StandardCharsets.UTF_16BE), Optional.empty()))
                .isEqualTo("a,ö");
        assertThat(TableText.decode("\uFEFFa,ö".getBytes(StandardCharsets.UTF_8), Optional.empty()))
                .isEqualTo("a,ö");
    }

    @Test
    void doubtsAreWholeSentences() {
        read(HEADINGS, "Q;S;0;0;145.31;-0.6;71.8;2027-05-01;")
                .fold(
                        good -> {
                            assertThat(good.doubts())
                                    .extracting(Finding::message)
                                    .allSatisfy(text ->
                                            assertThat(text).endsWith(".").doesNotContain("{"));
                            return null;
                        },
                        bad -> {
                            throw new AssertionError(bad.reason());
                        });
    }
}
