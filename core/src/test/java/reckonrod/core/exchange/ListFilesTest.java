package reckonrod.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.take.ListingLines;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

class ListFilesTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final BandPlan R1 = BandPlans.shipped().find("r1-europe").orElseThrow();

    private static final List<String> NAMES = List.of(
            "",
            "SKARRA",
            "=1+1",
            "-5",
            "@HOME",
            "+QV1AB",
            "A, B",
            "A;B",
            "say \"no\"",
            "LEG 10",
            "Ärger",
            "'quoted'",
            "145.310");
    private static final List<Tone> TONES = List.of(
            NoTone.NONE,
            CtcssTone.parse("71.9"),
            CtcssTone.parse("150.0"),
            DcsCode.parse("023N"),
            DcsCode.parse("754I"),
            new ReversedTone(CtcssTone.parse("100.0")));

    private static <T> T one(Random random, List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private static Channel channel(Random random) {
        Tone talkTone = one(random, TONES.subList(0, 5));
        return new Channel(
                one(random, NAMES),
                Frequency.ofHertz(145_200_000 + 2_500L * random.nextInt(120)),
                one(
                        random,
                        List.of(
                                new Talk.Same(),
                                new Talk.Never(),
                                new Talk.Shifted(Shift.ofHertz(-600_000), true),
                                new Talk.Shifted(Shift.ofHertz(-605_000), false),
                                new Talk.On(Frequency.parse("433.475")))),
                talkTone,
                one(random, TONES),
                one(random, List.of(Emission.values())),
                one(random, List.of(Power.values())),
                Set.of());
    }

    private static ChannelList list(Random random) {
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        for (int slot = 0; slot < 150; slot += 1 + random.nextInt(3)) {
            entries.put(slot, ListEntry.of(new UUID(0, slot), channel(random), "as, \"typed\""));
        }
        return ChannelList.empty("List", R2.id(), new SlotRange(0, 149)).byPlan(R2.id(), "", entries);
    }

    private static List<Channel> read(List<String> lines, BandPlan plan) {
        return lines.stream()
                .map(line -> Reckoner.reckon(line, plan)
                        .channel()
                        .orElseThrow(() -> new AssertionError("no channel in " + line)))
                .toList();
    }

    /** What goes on the air, the name and the power come back as they were, whoever reads it by whichever plan. */
    @ParameterizedTest
    @ValueSource(longs = {61, 62, 63, 64})
    void listsRoundTrip(long seed) {
        ChannelList list = list(new Random(seed));
        List<Channel> channels =
                list.entries().values().stream().map(ListEntry::channel).toList();
        for (BandPlan plan : List.of(R2, R1)) {
            ListingLines table = ListCsv.lines(ListCsv.write(list), plan).orElseThrow();
            assertThat(table.unread()).isZero();
            same(channels, read(table.lines(), plan), seed);
        }
        same(channels, read(ListLines.write(list, R2).lines().toList(), R2), seed);
    }

    private static void same(List<Channel> before, List<Channel> after, long seed) {
        assertThat(after).hasSameSizeAs(before);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).onAir())
                    .as("seed %d, %s", seed, before.get(i))
                    .isEqualTo(before.get(i).onAir());
            assertThat(after.get(i).name()).isEqualTo(before.get(i).name());
            assertThat(after.get(i).power()).isEqualTo(before.get(i).power());
        }
    }

    /** A plan that has another shift there does not read another size into the lines. */
    @Test
    void shiftsAreWrittenOut() {
        ChannelList list = Lists.of(R2, "OSTREY 145.430-", "PELL 147.135+ 127.3");
        assertThat(ListLines.write(list, R2)).isEqualTo("OSTREY 145.430 -0.600\nPELL 147.135 +0.600 T127.3\n");
    }

    /** As a spreadsheet gives it back: other separators and decimal marks, columns moved and left out, tones as bare figures. */
    @Test
    void whatASpreadsheetMadeOfItIsRead() {
        String text = """
                Power;listen mhz;Name;EMISSION;Talk MHz;Talk tone
                high;145,31;SKARRA;fm;144,71;71,9
                low;146.520;;NFM;146,52;
                mid;132.81;TOWER;am;never;none
                HIGH;146.835;HL;FM;146.235;D023N
                """;
        assertThat(ListCsv.lines(text, R2).orElseThrow().lines())
                .containsExactly(
                        "SKARRA 145.310 > 144.710 T71.9",
                        "146.520 simplex NFM low",
                        "TOWER 132.810 mid",
                        "HL 146.835 > 146.235 D023N");
    }

    /** A row that cannot be read never becomes a channel: it says its line and why, and the others are read. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "X,145.31O,144.710,none,FM,high | Listen MHz must be a frequency such as 145.310, was '145.31O'",
                "X,145.310,,none,FM,high | Talk MHz must be a frequency such as 145.310, was ''",
                "X,145.310,144.710,7l.9,FM,high | Talk tone must be none, CTCSS 71.9 or DCS 023 N, was '7l.9'",
                "X,145.310,144.710,none,SSB,high | Emission must be fm, nfm, am, was 'SSB'",
                "X,145.310,144.710,none,FM,4 W | Power must be high, mid, low, was '4 W'",
                "X,145310,144.710,none,FM,high | Listen MHz must be a frequency",
                "X,145.310 | The row has 2 cells, the headings have 6",
                "X,145.310,144.710,none,FM | The row has 5 cells, the headings have 6",
                "X,145.310,144.710,none,FM,high,low | The row has 7 cells, the headings have 6",
                "X,146,520,147,520,none,FM,high | The row has 8 cells, the headings have 6"
            })
    void aRowThatCannotBeReadSaysWhy(String row, String says) {
        String text =
                "Name,Listen MHz,Talk MHz,Talk tone,Emission,Power\nA,146.520,146.520,none,FM,high\n" + row + "\n";
        ListingLines read = ListCsv.lines(text, R2).orElseThrow();
        assertThat(read.unread()).isEqualTo(1);
        assertThat(read.lines()).hasSize(2);
        assertThat(read.lines().get(1)).startsWith("\"line 3 cannot be read: ").contains(says);
        assertThat(Reckoner.reckon(read.lines().get(1), R2).channel()).isEmpty();
    }

    /** Which of two columns counts nobody can tell; every line says so. */
    @Test
    void twoColumnsOfOneHeadingAreNotChosenBetween() {
        ListingLines read = ListCsv.lines("""
                        Name,Listen MHz,Talk MHz,Talk tone,talk tone,Emission,Power
                        A,145.310,144.710,71.9,88.5,FM,high
                        """, R2).orElseThrow();
        assertThat(read.unread()).isEqualTo(1);
        assertThat(read.lines().get(0)).contains("two columns are headed 'Talk tone'; leave one of them out");
        assertThat(Reckoner.reckon(read.lines().get(0), R2).channel()).isEmpty();
    }

    @Test
    void othersTablesAreNotTakenForOurs() {
        for (String text : List.of("", "SKARRA 145.310- 71.9", "Name,Output,Shift,Tone\nA,145.310,-,71.9", "\"open")) {
            assertThat(ListCsv.lines(text, R2)).isEmpty();
        }
    }

    /** No cell is taken for a formula by a spreadsheet. */
    @Test
    void cellsAreHarmless() throws IOException {
        List<String> cells = new ArrayList<>();
        for (int seed = 0; seed < 20; seed++) {
            CSVParser.parse(ListCsv.write(list(new Random(seed))), CSVFormat.RFC4180)
                    .forEach(row -> row.forEach(cells::add));
        }
        assertThat(cells).anyMatch(each -> each.contains(",")).anyMatch(each -> each.startsWith("'="));
        assertThat(cells).noneMatch(each -> each.matches("[=@].*") || each.matches("[+-][^0-9].*"));
    }
}
