package reckonrod.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;
import reckonrod.core.list.BankEdit;
import reckonrod.core.list.BlockEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Origin;
import reckonrod.core.list.SlotRange;

/** What each kind of column makes of a channel, and of a cell. */
class RecipeCellsTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final String BASE = """
            name: Cells
            columns:
              - { heading: f, holds: listen }
              - { heading: t, holds: talk, never: never }
            """;

    private static final String TONES = """
              - { heading: tt, holds: talk ctcss }
              - { heading: lt, holds: listen ctcss }
              - { heading: tc, holds: talk code }
              - { heading: lc, holds: listen code }
            """;

    private static RecipeTable table(String columns) {
        return new RecipeTable(ExportRecipe.read("x.yaml", BASE + columns));
    }

    private static String column(String holds) {
        return "  - { heading: x, " + holds + " }\n";
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            holds: slot                          | 145.310-                     | 0
            holds: slot, plus: -9                | 145.310-                     | -9
            holds: row, plus: 1                  | 145.310-                     | 1
            holds: nothing, text: x              | 145.310-                     | x
            holds: listen, unit: kHz             | 145.3125-                    | 145312.5
            holds: talk, unit: Hz, never: no     | 145.310-                     | 144710000
            holds: talk, unit: Hz, never: no     | 162.550                      | no
            holds: shift                         | 145.310-                     | -0.6
            holds: shift, unit: kHz, decimals: 1 | 145.310-                     | -600.0
            holds: shift                         | 146.520                      | 0
            holds: shift size                    | 145.310-                     | 0.6
            holds: shift size or talk            | 145.310-                     | 0.6
            holds: shift size or talk            | 145.310 > 433.475            | 433.475
            'holds: direction, words: { plus: u, minus: d }' | 145.310 > 433.475 | u
            'holds: direction, words: { plus: u, minus: d }' | 145.310 > 50.110  | d
            'holds: direction, words: { plus: u, minus: d, other: o }' | 145.310 > 50.110 | o
            'holds: direction, words: { same: s, never: n }' | 162.550           | n
            'holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, code_listen: g, cross: h }' | 145.310-               | a
            'holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, code_listen: g, cross: h }' | 145.310- 71.9          | b
            'holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, code_listen: g, cross: h }' | 145.310- T71.9 R88.5   | c
            'holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, code_listen: g, cross: h }' | 145.310- R88.5         | d
            'holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, code_listen: g, cross: h }' | 145.310- D023N/D023N   | e
            'holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, code_listen: g, cross: h }' | 145.310- D023N         | f
            'holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, code_listen: g, cross: h }' | 145.310- R D023N       | g
            'holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, code_listen: g, cross: h }' | 145.310- T71.9 R D023N | h
            'holds: talk polarity, words: { N: n, I: i }' | 145.310- D023I       | i
            'holds: talk polarity, words: { N: n, I: i }' | 145.310- 71.9        | n
            'holds: listen polarity, words: { N: n, I: i }' | 145.310- R D023I   | i
            'holds: listen polarity, words: { N: n, I: i }' | 145.310- D023I     | n
            holds: listen tone, none: off        | 145.310- R D023N             | D023N
            holds: listen code                   | 145.310- D025N R D023N       | 023
            holds: talk tone, none: off          | 145.310- D023I               | D023I
            holds: talk ctcss, none: off         | 145.310- D023I               | off
            holds: talk code, none: off          | 145.310- D023I               | 023
            holds: talk code, none: off          | 145.310- 71.9                | off
            'holds: emission, words: { FM: w, NFM: n }' | 145.310- nfm           | n
            'holds: power, words: { high: 3, low: 1 }'  | 145.310- low           | 1
            'holds: scan, words: { yes: x, no: o }'     | 145.310-               | x
            'holds: pinned, words: { yes: x, no: o }'   | 145.310-               | o
            holds: codes                         | 145.310- E L                 | E L
            holds: line                          | 145.310- 71.9                | 145.310- 71.9
            """)
    void aChannelIsWrittenAs(String holds, String line, String cell) {
        RecipeTable.Written written = table(column(holds) + (holds.contains("holds: tones") ? TONES : ""))
                .write(Lists.of(R2, line));
        assertThat(written.leftOut()).isEmpty();
        assertThat(written.rows().get(0).get(2)).isEqualTo(cell == null ? "" : cell);
    }

    /** What has no form is said, and nothing else goes in its place. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            'holds: direction, words: { plus: u }'     | 145.310-          | there is no word for direction "minus"
            'holds: direction, words: { plus: u, minus: d }' | 146.520     | there is no word for direction "same"
            'holds: tones, words: { none: a, talk: b }' | 145.310- R88.5   | there is no word for tones "listen"
            'holds: power, words: { high: 3 }'         | 145.310- low      | there is no word for power "low"
            holds: listen, decimals: 2                 | 145.3125-         | 145.3125 MHz needs more than 2 decimals
            holds: line, most: 4                       | 145.310- 71.9     | line "145.310- 71.9" has more than the 4 characters of its column
            """)
    void whatHasNoFormIsToldAndLeftOut(String holds, String line, String told) {
        assertThat(table(column(holds)).write(Lists.of(R2, line)).leftOut())
                .extracting(RecipeTable.LeftOut::why)
                .singleElement()
                .asString()
                .startsWith(told);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            holds: slot                     | 1.5     | x must be a whole number, was "1.5"
            holds: slot                     | 12      | 144.710 - - FM high []
            holds: shift size               | -0.6    | x must be a size without a sign, was "-0.6"
            holds: shift                    | -0.6    | 144.710 - - FM high []
            holds: shift, unit: kHz         | -0,6    | x must be a number of kHz, with a point before decimals, was "-0,6"
            holds: listen, unit: Hz         | 1.5     | x must be whole hertz, was 1.5 Hz
            holds: talk tone                | 9.9     | x must be a tone such as 71.9 or D023N, or nothing, was "9.9"
            holds: talk ctcss, none: off    | D023    | x must be a tone such as 71.9 or off, was "D023"
            holds: talk code                | 089     | x must be a code such as 023, or nothing, was "089"
            holds: talk code                | 23      | 144.710 DCS 023 N - FM high []
            holds: talk code                | D023I   | 144.710 DCS 023 I - FM high []
            holds: talk tone                | d23i    | 144.710 DCS 023 I - FM high []
            holds: listen tone              | 88,5    | 144.710 - CTCSS 88.5 FM high []
            holds: codes                    | E Q     | x must be codes such as E or L, was "Q"
            holds: codes                    | E  L    | 144.710 - - FM high [EMERGENCY_POWER, LINKED]
            'holds: power, words: { low: "", high: H }' | h  | 144.710 - - FM high []
            'holds: power, words: { low: "", high: H }' | '' | 144.710 - - FM low []
            'holds: power, words: { low: "", high: H }' | M  | x must be one of H, nothing, was "M"
            'holds: direction, words: { plus: u, minus: d }' | u | the columns contradict each other: it would talk on 144.710, and the direction says plus
            'holds: direction, words: { same: s, minus: d }' | s | the direction says that it talks where it listens, and the talk frequency is 144.710
            'holds: direction, words: { never: n, minus: d }' | n | never - - FM high []
            'holds: direction, words: { plus: s, minus: S }' | s | x may mean plus or minus by the recipe, was "s"
            'holds: power, words: { mid: L, low: L }'  | L | 144.710 - - FM mid []
            'holds: tones, words: { talk: b, none: a }' | b | the talk side is to have a tone, and no column has it
            'holds: tones, words: { code: b, none: a }' | b | the talk side is to have a code, and no column has it
            """)
    void aCellIsReadAs(String holds, String cell, String told) {
        RecipeTable.ReadRow row = table(column(holds))
                .read("f,t,x\n145.310,144.710,\"" + cell + "\"\n")
                .get(0);
        assertThat(row.channel().map(RecipeCellsTest::says).orElse(row.fault())).isEqualTo(told);
    }

    /** Tone, code and polarity in columns of their own; the word of a further column says which of them count. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            b,71.9,88.5,023,i | 144.710 CTCSS 71.9 - FM high []
            c,71.9,88.5,023,i | 144.710 CTCSS 71.9 CTCSS 88.5 FM high []
            c,71.9,,023,i     | 144.710 CTCSS 71.9 CTCSS 71.9 FM high []
            d,71.9,88.5,023,i | 144.710 - CTCSS 88.5 FM high []
            e,71.9,88.5,023,i | 144.710 DCS 023 I DCS 023 I FM high []
            f,71.9,88.5,023,n | 144.710 DCS 023 N - FM high []
            a,71.9,88.5,023,i | 144.710 - - FM high []
            h,71.9,88.5,023,i | the talk side has a tone and a code, and no column says which of them counts
            h,,88.5,023,i     | 144.710 DCS 023 I CTCSS 88.5 FM high []
            """)
    void aWordSaysWhichTonesCount(String cells, String told) {
        RecipeTable table = table("""
                  - { heading: m, holds: tones, words: { none: a, talk: b, both: c, listen: d, code: e, code_talk: f, cross: h } }
                  - { heading: tt, holds: talk ctcss }
                  - { heading: lt, holds: listen ctcss }
                  - { heading: tc, holds: talk code }
                  - { heading: tp, holds: talk polarity, words: { N: n, I: i } }
                """);
        RecipeTable.ReadRow row =
                table.read("f,t,m,tt,lt,tc,tp\n145.310,144.710," + cells + "\n").get(0);
        assertThat(row.channel().map(RecipeCellsTest::says).orElse(row.fault())).isEqualTo(told);
    }

    /** Where a channel stands and where it came from. */
    @Test
    void theListAndTheDirectoryHaveColumnsToo() {
        UUID id = new UUID(0, 0);
        ChannelList list = Lists.of(R2, "SKARRA 145.310- 71.9", "PELL 147.135+");
        TreeMap<Integer, ListEntry> entries = new TreeMap<>(list.entries());
        entries.put(
                0,
                entries.get(0)
                        .withOrigin(new Origin("v:1", "QV0SK", "Skarra", Optional.of(new Position(47.5, -38.25)))));
        list = list.byPlan(list.bandPlanId(), list.licence(), entries);
        for (ListEdit edit : List.of(
                new BlockEdit.AddBlock("Coast", new SlotRange(0, 0)),
                new BankEdit.AddBank("A", Optional.empty(), List.of(id)),
                new BankEdit.AddBank("Night", Optional.empty(), List.of(id)))) {
            list = ((ListChange.Changed) edit.applyTo(list)).list();
        }
        List<List<String>> rows = new RecipeTable(ExportRecipe.read("x.yaml", BASE.replace("name: Cells", """
                name: Cells
                separator: semicolon
                decimal_mark: comma""") + """
                  - { heading: b, holds: block }
                  - { heading: k, holds: banks }
                  - { heading: c, holds: call sign }
                  - { heading: la, holds: latitude }
                  - { heading: lo, holds: longitude }
                """))
                .write(list)
                .rows();
        assertThat(rows.get(0))
                .containsExactly("145,31", "144,71", "Coast", "A / Night", "QV0SK", "47,50000", "-38,25000");
        assertThat(rows.get(1)).containsExactly("147,135", "147,735", "", "", "", "", "");
    }

    private static String says(Channel channel) {
        return List.of(
                        channel.transmit().map(Frequency::toMegahertzText).orElse("never"),
                        channel.talkTone().text().orElse("-"),
                        channel.listenTone().text().orElse("-"),
                        channel.emission().name(),
                        channel.power().word(),
                        channel.flags().toString())
                .stream()
                .collect(Collectors.joining(" "));
    }
}
