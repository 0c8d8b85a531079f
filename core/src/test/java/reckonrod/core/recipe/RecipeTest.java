package reckonrod.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.datafile.DataFileException;
import reckonrod.core.list.BankEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEntry;

class RecipeTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    /** Pairs with decimal commas; everything that a channel can be has a form. */
    private static final String PAIRS = """
            name: Pairs
            separator: semicolon
            decimal_mark: comma
            encoding: iso-8859-1
            columns:
              - { heading: No, holds: slot, plus: 1 }
              - { heading: Is, holds: name }
              - { heading: Hears, holds: listen, decimals: 5 }
              - { heading: Sends, holds: talk, never: "-" }
              - { heading: T, holds: talk tone, none: off }
              - { heading: R, holds: listen tone, none: off }
              - { heading: Kind, holds: emission, words: { FM: wide, NFM: narrow, AM: am } }
              - { heading: P, holds: power, words: { high: 3, mid: 2, low: 1 } }
            """;

    /** Shifts with their directions, and tones behind a word that says which of them count. */
    private static final String SHIFTS = """
            name: Shifts
            line_end: lf
            quotes: always
            encoding: utf-8 with mark
            most_rows: 9
            columns:
              - { heading: f, holds: listen, unit: kHz }
              - { heading: way, holds: direction, words: { plus: up, minus: down, same: "", other: pair, never: mute } }
              - { heading: by, holds: shift size or talk, unit: Hz }
              - { heading: mode, holds: tones, words: { none: none, talk: enc, both: sql, code: dig, code_talk: enc dig, listen: dec, cross: both } }
              - { heading: tone, holds: talk ctcss, none: "88.5" }
              - { heading: tone heard, holds: listen ctcss, none: "88.5" }
              - { heading: code, holds: talk code, none: "023" }
              - { heading: pol, holds: talk polarity, words: { N: n, I: r } }
              - { heading: emission, holds: emission, words: { FM: FM, NFM: NFM, AM: AM } }
              - { heading: power, holds: power, words: { high: high, mid: mid, low: low } }
              - { heading: name, holds: name, most: 12 }
              - { heading: scan, holds: scan, words: { yes: x, no: "" } }
            """;

    private final ChannelList list = Lists.of(
            R2,
            "SKARRA 145.310- 71.9",
            "PELL 147.135+ T127.3 R127.3 mid",
            "HALDEN 146.835- D023N/D023N low",
            "FERRY X 145.350 > 433.475",
            "LEG 1 147.510 nfm",
            "TOWER 118.300 am",
            "BERG 147.315+ T88.5 R88.5");

    private static String changed(RecipeTable.Written written) {
        return written.changed().entrySet().stream()
                .map(each -> each.getKey() + " " + each.getValue())
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @ValueSource(strings = {PAIRS, SHIFTS})
    void whatGoesOutComesBackAsItWas(String yaml) {
        ExportRecipe recipe = ExportRecipe.read("x.yaml", yaml);
        RecipeTable table = new RecipeTable(recipe);
        RecipeTable.Written written = table.write(list);
        assertThat(written.leftOut()).isEmpty();
        assertThat(changed(written)).isEmpty();
        List<RecipeTable.ReadRow> rows = table.read(table.text(table.bytes(written.text())));
        assertThat(rows.stream().map(row -> row.channel().orElseThrow().onAir()).toList())
                .isEqualTo(list.entries().values().stream()
                        .map(each -> each.channel().onAir())
                        .toList());
        assertThat(ExportRecipe.read("x.yaml", recipe.toYaml())).isEqualTo(recipe);
    }

    @Test
    void theTableIsWrittenAsTheRecipeSays() {
        assertThat(new RecipeTable(ExportRecipe.read("x.yaml", PAIRS))
                        .write(list)
                        .text())
                .startsWith("No;Is;Hears;Sends;T;R;Kind;P\r\n1;SKARRA;145,31000;144,71;71,9;off;wide;3\r\n")
                .contains("6;TOWER;118,30000;-;off;off;am;3\r\n");
        RecipeTable shifts = new RecipeTable(ExportRecipe.read("x.yaml", SHIFTS));
        String text = shifts.write(list).text();
        assertThat(text)
                .contains(
                        "\"145310\",\"down\",\"600000\",\"enc\",\"71.9\",\"88.5\",\"023\",\"n\",\"FM\",\"high\",\"SKARRA\",\"x\"\n")
                .contains("\"145350\",\"pair\",\"433475000\"")
                .contains("\"TOWER\",\"\"\n");
        assertThat(shifts.bytes(text)).startsWith(0xEF, 0xBB, 0xBF);
    }

    /** What has no form is left out and what would come back otherwise is told, before anything goes out. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            X 147.135+ R100.0           | LISTEN_TONE [X]        |
            X 145.31250 listen-only     |                        | it never talks, and the column
            X 147.13505+                |                        | 147.13505 MHz needs more than 4 decimals
            X 147.135+ D023I            |                        | there is no word for tones "code talk"
            X 147.135+ T88.5 R100.0     | LISTEN_TONE [X]        |
            X 146.520 am                |                        | there is no word for emission "AM"
            X 146.520 low               | POWER [X]              |
            ŁÓDŹ 146.520                |                        | "ŁÓDŹ" has characters that ISO-8859-1 has not
            """)
    void whatATableCannotHoldIsTold(String line, String changed, String leftOut) {
        ExportRecipe narrow = ExportRecipe.read("x.yaml", """
                name: Narrow
                encoding: iso-8859-1
                columns:
                  - { heading: name, holds: name }
                  - { heading: rx, holds: listen, decimals: 4 }
                  - { heading: tx, holds: talk, decimals: 4 }
                  - { heading: mode, holds: tones, words: { none: none, talk: t, both: b, listen: none } }
                  - { heading: tone, holds: talk ctcss }
                  - { heading: kind, holds: emission, words: { FM: FM, NFM: NFM } }
                """);
        RecipeTable.Written written = new RecipeTable(narrow).write(Lists.of(R2, line));
        assertThat(changed(written)).isEqualTo(changed == null ? "" : changed);
        assertThat(written.leftOut().stream().map(RecipeTable.LeftOut::why).collect(Collectors.joining()))
                .startsWith(leftOut == null ? "" : leftOut);
        assertThat(written.rows()).hasSize(leftOut == null ? 1 : 0);
    }

    /** A shift of nothing would have a channel talk that must not; a name that is too long stays apart from others. */
    @Test
    void nothingTalksByATableThatNeverTalkedAndLongNamesStayApart() {
        ExportRecipe recipe = ExportRecipe.read("x.yaml", """
                name: Narrow
                columns:
                  - { heading: name, holds: name, most: 6 }
                  - { heading: rx, holds: listen }
                  - { heading: by, holds: shift }
                """);
        RecipeTable.Written written = new RecipeTable(recipe)
                .write(Lists.of(R2, "HARBOUR EAST 145.310-", "HARBOUR WEST 147.135+", "MARINE 156.800"));
        assertThat(written.leftOut())
                .extracting(RecipeTable.LeftOut::label, RecipeTable.LeftOut::why)
                .containsExactly(
                        Tuple.tuple(
                                "MARINE",
                                "read back from its row, talk would be 156.800 and not never; the columns have no form for that"));
        assertThat(written.rows().stream().map(row -> row.get(0)).distinct())
                .hasSize(2)
                .allMatch(name -> name.length() <= 6);
        assertThat(changed(written)).isEqualTo("NAME [HARBOUR EAST, HARBOUR WEST]");
    }

    @Test
    void rowsBeyondTheLimitAreLeftOutByName() {
        ExportRecipe recipe = ExportRecipe.read("x.yaml", SHIFTS.replace("most_rows: 9", "most_rows: 5"));
        assertThat(new RecipeTable(recipe).write(list).leftOut())
                .extracting(RecipeTable.LeftOut::label, RecipeTable.LeftOut::why)
                .containsExactly(
                        Tuple.tuple("TOWER", "the table has its 5 rows already"),
                        Tuple.tuple("BERG", "the table has its 5 rows already"));
    }

    /** A table as somebody's spreadsheet gives it back: other order, a column more, a wrong cell, cut off. */
    @Test
    void aTableIsReadByItsHeadingsAndWrongCellsAreToldByTheirRow() {
        RecipeTable pairs = new RecipeTable(ExportRecipe.read("x.yaml", PAIRS));
        List<RecipeTable.ReadRow> rows = pairs.read("""
                Hears;sends;NOTE;T;R;Kind;P;Is;No
                145.31;144,710;x;71,9;off;WIDE;3;SKARRA;1
                145,31;144,71;x;7,1;off;wide;3;SKARRA;1
                145,31;144,71;x;71,9;off;wide;9;SKARRA;1
                145,31;144,71;x
                """);
        assertThat(rows.get(0).channel().orElseThrow().onAir())
                .isEqualTo(list.entries().get(0).channel().onAir());
        assertThat(rows.stream().skip(1).map(row -> row.line() + " " + row.fault()))
                .containsExactly(
                        "3 T must be a tone such as 71.9 or D023N or off, was \"7,1\"",
                        "4 P must be one of 3, 2, 1, was \"9\"",
                        "5 the row has 3 cells, and the table has 9 columns");
        assertThatThrownBy(() -> pairs.read("Hears;Sends\n145;145"))
                .hasMessageContaining("missing \"No\", \"Is\", \"T\"");
        assertThatThrownBy(() -> pairs.read("No;Is;Hears;Sends;T;R;Kind;P\n1;\"SKA;145"))
                .hasMessageContaining("quotation mark");
        assertThatThrownBy(() -> new RecipeTable(ExportRecipe.read("x.yaml", SHIFTS))
                        .text("Ö".getBytes(StandardCharsets.ISO_8859_1)))
                .hasMessageContaining("The file is not in UTF-8");
    }

    /** Whatever a recipe is called and its words are, its text reads back as it was. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "plain",
                "with \"quotes\"",
                "back\\slash",
                "tab\there",
                "bell\u0007",
                "# no comment: at all",
                "- [x]",
                "Łódź",
                "yes",
                "12"
            })
    void anyWordsOfARecipeReadBack(String words) {
        ExportRecipe recipe = ExportRecipe.read("x.yaml", """
                name: %1$s
                columns:
                  - { heading: %1$s, holds: listen }
                  - { heading: k, holds: nothing, text: %1$s }
                  - { heading: p, holds: power, words: { high: %1$s, low: x } }
                """.formatted(RecipeText.quoted(words)));
        assertThat(recipe.name()).isEqualTo(words);
        assertThat(recipe.headings()).first().isEqualTo(words);
        assertThat(ExportRecipe.read("x.yaml", recipe.toYaml())).isEqualTo(recipe);
    }

    @Test
    void aTableHasItsColumnsAndItsRows() {
        String many = IntStream.rangeClosed(1, 81)
                .mapToObj(i -> "  - { heading: h" + i + ", holds: " + (i == 1 ? "listen" : "nothing") + " }\n")
                .collect(Collectors.joining());
        assertThatThrownBy(() -> ExportRecipe.read("x.yaml", "name: Wide\ncolumns:\n" + many))
                .hasMessageContaining("columns must be 1 to 80, were 81");
        RecipeTable pairs = new RecipeTable(ExportRecipe.read("x.yaml", PAIRS));
        assertThatThrownBy(() -> pairs.read("")).hasMessageContaining("The file is empty");
        assertThat(pairs.read("No;Is;Hears;Sends;T;R;Kind;P\n")).isEmpty();
    }

    /** Decimals with a comma in a table that is parted by commas: every cell behind is another's, and each could be read. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            145.310,144.710,71.9     | 144.710
            145.310,144.710,71.9,    | 144.710
            145.310,144.710,71.9,, ; | the row has 5 cells, and the table has 3 columns
            145,310,144,710,71,9     | the row has 6 cells, and the table has 3 columns
            145,31,144.710,71.9      | the row has 4 cells, and the table has 3 columns
            145.310,144.710          | the row has 2 cells, and the table has 3 columns
            "145.310",144.710,71.9   | 144.710
            """)
    void aRowThatIsPartedElsewhereIsNoChannel(String cells, String told) {
        ExportRecipe recipe = ExportRecipe.read("x.yaml", """
                name: Three
                columns:
                  - { heading: f, holds: listen }
                  - { heading: t, holds: talk }
                  - { heading: tone, holds: talk ctcss }
                """);
        RecipeTable table = new RecipeTable(recipe);
        RecipeTable.ReadRow row = table.read("f,t,tone\n" + cells + "\n").get(0);
        assertThat(row.channel()
                        .map(each -> each.transmit().orElseThrow().toMegahertzText())
                        .orElse(row.fault()))
                .isEqualTo(told);
        assertThatThrownBy(() -> table.read("f,t,Tone,tone\n" + cells))
                .hasMessageContaining("The heading \"Tone\" stands above two columns");
        assertThat(table.read("f,t,tone,x,x\n145.310,144.710,71.9,1,2\n").get(0).channel())
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            holds: slot, plus: 1      | holds: slots           | 6: holds must be one of slot, row, nothing, listen
            decimals: 5               | decimals: 7            | 8: decimals must be a whole number 0 to 6
            holds: listen, decimals: 5 | holds: nothing        | a column must hold listen
            heading: Sends            | heading: hears         | headings must differ
            separator: semicolon      | separator: space       | 2: separator must be one of bar, comma, semicolon, tab
            encoding: iso-8859-1      | encoding: ebcdic       | 4: encoding must be one of utf-8
            heading: P, holds: power  | heading: P, colour: 1, holds: power | 13: "colour" is no key
            high: 3, mid: 2, low: 1   | loud: 3                | words must have at least one of high, mid, low
            encoding: iso-8859-1      | encoding: iso-8859-1 with mark | only utf-8 and utf-16le can have a mark
            decimal_mark: comma       | decimal_mark: dot      | decimal_mark must be comma or point, was "dot"
            holds: listen, decimals: 5 | holds: listen, unit: GHz | unit must be
            name: Pairs               | name: ""               | name
            plus: 1                   | plus: 10000            | plus must be a whole number -9999 to 9999
            """)
    void faultsOfARecipeAreToldByTheirLine(String right, String wrong, String told) {
        assertThat(PAIRS).contains(right);
        assertThatThrownBy(() -> ExportRecipe.read("x.yaml", PAIRS.replace(right, wrong)))
                .isInstanceOf(DataFileException.class)
                .hasMessageContaining(told);
    }

    /** An example in a form that nobody described: a recipe is worked out, reads it, and writes it again just as it was. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "No,Label,Receive,Transmit,Mode,Tone,Skip,Colour\r\n1,SKARRA,145.3100,144.7100,FM,71.9,off,red\r\n2,PELL,147.1350,147.7350,FM,127.3,off,red\r\n4,LEG,147.5100,147.5100,NFM,0.0,on,red\r\n",
                "name;output MHz;shift;ctcss;power\nSKARRA;145,310;-0,6;71,9;high\nPELL;147,135;0,6;none;low\nLEG;147,510;0,0;none;low\n",
                "f kHz\tdir\toffset\ttone\tName\n145310\t-\t600\t71.9\tSKARRA\n147135\t+\t600\t127.3\tPELL\n147510\t\t0\t\tLEG\n",
                "\"Name\",\"Rx\",\"Tx\",\"Tx tone\",\"Rx tone\"\n\"SKARRA\",\"145310000\",\"144710000\",\"D023N\",\"off\"\n\"PELL\",\"147135000\",\"147735000\",\"71.9\",\"71.9\"\n\"LEG\",\"147510000\",\"147510000\",\"off\",\"off\"\n",
            })
    void aRecipeIsWorkedOutFromAnExample(String example) {
        RecipeGuess guess = RecipeGuess.of("Mine", example);
        assertThat(guess.read()).as(guess.fault() + guess.recipe().toYaml()).isEqualTo(3);
        RecipeTable table = new RecipeTable(guess.recipe());
        List<RecipeTable.ReadRow> rows = table.read(example);
        TreeMap<Integer, ListEntry> entries = new TreeMap<>();
        for (RecipeTable.ReadRow row : rows) {
            int slot = entries.size() + (entries.size() == 2 ? 2 : 1);
            entries.put(slot, ListEntry.of(new UUID(0, slot), row.channel().orElseThrow(), ""));
        }
        ChannelList read = list.byPlan(R2.id(), "", entries);
        if (example.contains("Skip")) {
            read = ((ListChange.Changed) new BankEdit.Scan(List.of(new UUID(0, 4)), Optional.of(false)).applyTo(read))
                    .list();
        }
        assertThat(table.write(read).text()).isEqualTo(example);
        assertThat(guess.open()).isEqualTo(example.contains("Colour") ? List.of("Colour") : List.of());
    }

    /** Numbers that could be frequencies and are none: places, tones under a heading of their own, whole megahertz among others. */
    @Test
    void placesAndTonesAreNoFrequencies() {
        RecipeGuess guess = RecipeGuess.of("Mine", """
                Lat,Lon,Sub,Freq,Name,In
                47.51,38.04,71.9,145.31,SKARRA,144.71
                47.60,38.25,88.5,446,CALL,446
                """);
        assertThat(guess.recipe().toYaml())
                .contains("\"Freq\", holds: listen", "\"In\", holds: talk", "\"Sub\", holds: talk ctcss")
                .contains("\"Lat\", holds: nothing", "\"Lon\", holds: nothing");
        assertThat(guess.read()).isEqualTo(2);
    }

    /** Where two columns say different things, neither is believed. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.310;-;-0.6;144.710 |
            145.310;+;-0.6;144.710 | it would talk on 144.710, and the direction says plus
            145.310;-;0.6;145.910  | it would talk on 145.910, and the direction says minus
            145.310;-;-0.6;144.510 | it would talk on 144.510, and the shift says
            """)
    void columnsThatContradictEachOtherAreRefused(String row, String told) {
        ExportRecipe recipe = ExportRecipe.read("x.yaml", """
                name: Twice
                separator: semicolon
                columns:
                  - { heading: f, holds: listen }
                  - { heading: way, holds: direction, words: { plus: "+", minus: "-" } }
                  - { heading: by, holds: shift }
                  - { heading: t, holds: talk }
                """);
        String fault = new RecipeTable(recipe).read("f;way;by;t\n" + row).get(0).fault();
        assertThat(fault)
                .contains(told == null ? "" : told)
                .satisfies(it -> assertThat(it.isEmpty()).isEqualTo(told == null));
    }

    @Test
    void aMarkThatMayStandForThousandsIsRefused() {
        ExportRecipe recipe = ExportRecipe.read("x.yaml", """
                name: Kilohertz
                separator: semicolon
                columns:
                  - { heading: f, holds: listen, unit: kHz }
                  - { heading: t, holds: talk, unit: kHz }
                """);
        assertThat(new RecipeTable(recipe).read("f;t\n145,310;145310").get(0).fault())
                .isEqualTo("f must be a number of kHz, with a point before decimals, was \"145,310\"");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            just words           | No columns were found
            a,b                  | at least one row below it
            145.310,144.710~1,2  | The first row must be one of headings, and has the number 145.310
            name,size~A,3        | No column of the example has frequencies
            """)
    void anExampleThatIsNoneIsRefused(String example, String told) {
        assertThatThrownBy(() -> RecipeGuess.of("Mine", example.replace("~", "\n")))
                .hasMessageContaining(told);
    }
}
