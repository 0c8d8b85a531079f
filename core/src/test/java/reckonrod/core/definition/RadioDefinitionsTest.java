package reckonrod.core.definition;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.panel.Dialect;
import reckonrod.core.panel.Overwriting;
import reckonrod.core.panel.Panel;
import reckonrod.core.radio.NameRule;
import reckonrod.core.radio.ShiftMenu;

class RadioDefinitionsTest {
    @Test
    void theW12HoldsWhatItIsSaidToHold() {
        RadioDefinition w12 = RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
        assertThat(w12.limits().slots().count()).isEqualTo(150);
        assertThat(w12.limits().name().longest()).isEqualTo(7);
        assertThat(w12.limits().tones().talk().ctcss()).hasSize(50);
        assertThat(w12.limits().tones().listen().dcs()).hasSize(83);
        assertThat(w12.line().cable().pace().baud()).isEqualTo(9600);
    }

    /** Each slip of the pen in a definition is found when it is loaded, and its line is named. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            byte: 9, bits: 8        | byte: 8, bits: 8      | overlaps another field
            stride: 20              | stride: 18            | must end within the record
            in_use: { map: 0x0C00 } | in_use: { map: 0x0BF0 } | overlaps another
            base: 0x0C20            | base: 0x0FF0          | must end within the memory
            talk tone, byte: 9, bits: 8 | talk tone, byte: 9, bits: 4 | talk tone must be able to hold
            bcd, unit_hertz: 10 }   | bcd, unit_hertz: 1 }  | receive must be able to hold 136.000 MHz
            bcd, unit_hertz: 10 }   | bcd, unit_hertz: 100 } | receive must be able to hold 136.00625 MHz
            bits: 56                | bits: 48              | name must be able to hold AAAAAAA
            low_bit: 3, bits: 1     | low_bit: 8, bits: 1   | low_bit must be a whole number 0 to 7
            last: 149               | last: 199             | overlaps another
            family: polled blocks   | family: semaphore     | family must be
            level: low              | level: tiny           | level must be high, mid or low
            holds: emission         | holds: squelch        | holds must be a part of a slot
            - { holds: name, byte: 12, bits: 56, fill: 0x20 } | # | fields must hold name
            holds: transmit         | holds: shift          | a number with a sign must be binary
            values: [low, high]     | values: [high]        | power must be able to hold LOW
            kept_as: any pair       | kept_as: prose        | kept_as must be
            kind: handheld          | kind: pocket          | kind must be handheld or mobile
            ctcss: "50"             | ctcss: "49"           | ctcss must be 0 or one of the common tables, 38 or 50 or 51
            bytes: 4096             | bytes: 4100           | whole blocks of 16 bytes
            """)
    void faultsOfTheLayoutAreFoundAtLoad(String right, String wrong, String fault) {
        Faults.require("wrenling-w12", right, wrong, fault);
    }

    /** The same for what only some radios have. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            orvane-ov62  | - { holds: polarity, byte: 8, low_bit: 6, bits: 1 } | # | fields must hold polarity
            orvane-ov62  | one_polarity: "yes" | one_polarity: "no"           | talk tone must be able to hold DCS
            orvane-ov62  | holds: bank number, byte: 9, low_bit: 0, bits: 4 | holds: bank number, byte: 9, low_bit: 0, bits: 3 | banks must be able to hold [8]
            orvane-ov62  | banks: 8,           | banks: 16,                   | banks must be able to hold [16]
            orvane-ov62  | byte: 0x2001        | byte: 0x203E                 | overlaps another region
            orvane-ov62  | bits: 3             | bits: 2                      | must have room for 5 values
            orvane-ov62  | advised: "180 s"    | advised: "90 s"              | advised must be one of
            orvane-ov62  | fails: ["30 s"]     | fails: ["180 s"]             | and not the advised one
            orvane-ov62  | low_bit: 2          | low_bit: 1                   | overlaps another field
            dunnet-d7    | stride: 144         | stride: 142                  | a bank of 64 slots must end within
            dunnet-d7    | free: "0xFFFF"      | free: "0x0100"               | and the free one none of them
            dunnet-d7    | base: 0x6000        | base: 0x5E00                 | the array of banks at byte 24064 overlaps
            dunnet-d7    | banks: 40,          | banks: 60,                   | the array of banks must end within the memory
            dunnet-d7    | listen tone reversed | polarity                    | fields hold polarity
            dunnet-d7    | - { holds: listen tone reversed, byte: 10, low_bit: 4, bits: 1 } | # | fields must hold listen tone reversed
            dunnet-d7    | bits: 24, number: binary, unit_hertz: 1250 } | bits: 18, number: binary, unit_hertz: 1250 } | receive must be able to hold
            wrenling-w40 | by_hand: [AM]       | by_hand: [FM, NFM, AM]       | leave one that a slot keeps
            wrenling-w40 | mhz: "108-135.995"  | mhz: "108-136"               | stretches of receive must lie apart
            wrenling-w40 | bits: 80            | bits: 72                     | name must be able to hold
            kestrow-km90 | home: 0             | home: 501                    | home must be one of the slots
            kestrow-km90 | unit_hertz: 50000   | unit_hertz: 500              | shift size must be able to hold
            kestrow-km90 | byte: 9, low_bit: 1, bits: 9 | byte: 9, low_bit: 0, bits: 9 | overlaps another field
            """)
    void faultsOfWhatOnlySomeHaveAreFoundToo(String id, String right, String wrong, String fault) {
        Faults.require(id, right, wrong, fault);
    }

    /** A menu by which the wrong thing would be keyed in is no menu. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            number: 13, label: CLICK             | number: 12, label: CLICK           | item 12 or what it sets stands in the menu twice
            label: CALL T, sets: talk tone       | label: CALL T, sets: listen tone   | item 32 or what it sets stands in the menu twice
            shown: [SOFT, FULL]                  | shown: [SOFT, SOFT]                | shown must differ from each other, were [SOFT, SOFT]
            shown: [SOFT, FULL]                  | shown: [SOFT]                      | values and shown must be as many, were 2 and 1
            sets: power, values: [low, high]     | sets: power, values: [low, low]    | values must differ from each other
            sets: power, values: [low, high]     | sets: power, values: [low, mid]    | FORCE: power can be
            values: [FM, NFM],                   | values: [FM, SSB],                 | must be one of FM, NFM, AM, was "SSB"
            values: [FM, NFM],                   | values: [FM, AM],                  | WIDTH: emission can be
            values: [none, higher, lower], shown: [LEVEL, ABOVE, BELOW] | values: [none, higher], shown: [LEVEL, ABOVE] | direction must have the values none, higher, lower, had none, higher
            setting: key beep                    | setting: key boop                  | setting must be one of [end-of-talk tone,
            frequency_digits: 6                  | frequency_digits: 5                | frequency_digits must be a whole number 6 to 7
            slot_digits: 3                       | slot_digits: 2                     | slot_digits must be enough for slot 149, was 2
            dialect: numbered menu               | dialect: knobs                     | a panel is one of numbered menu, function key and dial, soft keys
            keys: { menu: LIST,                  | keys: { mneu: LIST,                | has exactly the keys [back, down, menu, mode, take, up]
            keys: { menu: LIST,                  | keys: { menu: TAKE,                | two keys have the same print
            empty: VOID                          | emtpy: VOID                        | "emtpy" is no key that belongs here
            empty: VOID                          | empty: FILLED                      | must not be told by the same word
            - { number: 51, label: PUT IN, sets: store } | #                          | the menu must have items for direction, size, talk tone and store
            - { number: 52, label: OUT, sets: erase }    | #                          | erase where a slot in use is not stored over
            cleared_by_frequency: [talk tone     | cleared_by_frequency: [talk tune   | was "talk tune"
            slot_in_use: refuses                 | slot_in_use: eats                  | stores, asks or refuses
            pause_ms: 10000                      | pause_ms: 100                      | pause_ms must be a whole number 1000 to 120000
            look: dots                           | look: dashes                       | look must be strokes, dots, page
            shows: [frequency]                   | shows: [frequncy]                  | was "frequncy"
            shows: [slot, state]                 | shows: []                          | shows must be a list with something in it
            baud: 9600                           | baud: 12                           | baud must be a whole number 300 to 1000000
            tries: 3                             | tries: 0                           | tries must be a whole number 1 to 10
            ident: WRENLING W12                  | ident: ""                          | ident must be what the radio calls itself
            firmware: "1.07"                     | firmware: new                      | firmware must be a number with a point
            person:                              | persons:                           | "person" is missing
            panel:                               | pannel:                            | "pannel" is no key that belongs here
            """)
    void faultsOfTheMenuAndTheLinkAreFoundToo(String right, String wrong, String fault) {
        Faults.require("wrenling-w12", right, wrong, fault);
    }

    /** What a menu sets must be there, and can be set to all that a channel needs. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            kestrow-k31  | function_ms: 3000                  | #                                  | function_ms must say how soon
            kestrow-k31  | { number: 11,                      | { number: 9,                       | TONE T must have a number of 10 to 49
            kestrow-k31  | { number: 11,                      | { number: 51,                      | TONE T must have a number of 10 to 49
            kestrow-k31  | fast: 10                           | #                                  | fast must be 2 to 50 where there is a dial
            kestrow-k31  | function: F                        | soft_1: F                          | has exactly the keys [back, down, fast_down, fast_up, function, function_held, mode, push, up]
            kestrow-k31  | shown: ["OFF", SEND, WAIT, BOTH]   | values: [none, talk], shown: [A, B] | TONES: tones on must have the values none, talk, listen, both
            kestrow-k31  | sets: scan, shown: [STOP, PASS]    | sets: scan, values: ["yes"], shown: [STOP] | SCAN: scan must have the values yes, no, had yes
            kestrow-k31  | listen_only: "yes"                 | listen_only: "no"                  | TALKS sets talks, which this radio does not have
            kestrow-k31  | label: CLEAR, sets: erase          | label: CLEAR, sets: bank           | slots join a bank, or a channel is in one of them; not both
            dunnet-d7    | label: By                          | label: Away                        | labels of soft keys must differ
            dunnet-d7    | { number: 23,                      | { number: 24,                      | Factory must have its place on the pages, 1 to 23, was 24
            dunnet-d7    | soft_2: B                          | soft_2: A                          | two keys have the same print
            dunnet-d7    | label: Flip, sets: reversed, shown: [opens, shuts] | label: Flip, sets: polarity, shown: [opens, shuts] | Flip sets polarity, which this radio does not have
            kestrow-km90 | label: Name, sets: name            | label: Name, sets: reversed        | Name sets reversed, which this radio does not have
            kestrow-km90 | label: Talking, sets: talks, shown: [Allowed, Never] | label: Talking, sets: bank | slots join a bank, or a channel is in one
            orvane-ov62  | label: bank, sets: bank            | label: bank, sets: bank, values: [none, "1", "2"] | bank: bank must have the values none, 1, 2, 3, 4, 5, 6, 7, 8, had none, 1, 2
            orvane-ov62  | label: bank, sets: bank            | label: bank, sets: bank, values: [none, "1", "2", "3", "4", "5", "6", "7", "8", "9"] | bank can be none, 1, 2, 3, 4, 5, 6, 7, 8 by the limits of this radio, was 9
            orvane-ov62  | label: bank, sets: bank            | label: bank, sets: bank, values: [none, one] | must be one of none, a number, was "one"
            orvane-ov62  | shown: [upright, turned]           | values: ["no"], shown: [upright]   | code side: polarity must have the values yes, no, had no
            wrenling-w12 | setting: key beep                  | setting: key beep, values: ["on"]  | setting has no values of its own
            wrenling-w12 | label: CALL T, sets: talk tone     | label: CALL T, sets: talk tone, values: [none] | talk tone has no values of its own
            """)
    void whatAMenuSetsIsThereAndCanBeSet(String id, String right, String wrong, String fault) {
        Faults.require(id, right, wrong, fault);
    }

    /** Figures that are each fine by themselves. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            wrenling-w12 | watts: "1"   | watts: "0"      | powers must be above 0 W and fall from high to low, each once; the power
            wrenling-w12 | watts: "1"   | watts: "-0.5"   | was low with -0.5 W
            wrenling-w12 | watts: "1"   | watts: "50"     | was low with 50 W
            wrenling-w12 | watts: "1"   | watts: five     | watts must be a number such as 5 or 0.5, was "five"
            kestrow-k31  | level: mid   | level: high     | was high with
            kestrow-k31  | level: mid   | level: low      | was low with
            kestrow-k31  | most_hertz: 320000000 | most_hertz: 600 | most_hertz must be the widest shift in hertz
            orvane-ot9  | most_hertz: 99950000 | most_hertz: 600 | most_hertz must be the widest shift in hertz
            wrenling-w40 | name: AM switch | name: busy lock | two settings are called "busy lock"
            kestrow-km90 | folder: KM90 | folder: "../KM90" | folder must be a plain name of up to 8
            kestrow-km90 | folder: KM90 | folder: ".KM90"   | was ".KM90"
            kestrow-km90 | folder: KM90 | folder: COM1      | was "COM1"
            kestrow-km90 | folder: KM90 | folder: cron.d    | was "cron.d"
            kestrow-km90 | file: MEMORY.BIN | file: "a/b"   | file must be a plain name of up to 8
            kestrow-km90 | file: MEMORY.BIN | file: nul.txt   | was "nul.txt"
            kestrow-km90 | file: MEMORY.BIN | file: AUTHORIZED.KEYS | was "AUTHORIZED.KEYS"
            kestrow-km90 | file: MEMORY.BIN | file: index.txt | not INDEX.TXT
            kestrow-km90 | file: MEMORY.BIN | file: ".bin"  | was ".bin"
            kestrow-km90 | first: 0, last: 500 | first: 600, last: 500     | Slots must rise
            """)
    void figuresThatDoNotGoTogetherAreFoundToo(String id, String right, String wrong, String fault) {
        Faults.require(id, right, wrong, fault);
    }

    /** What ships has no such slips; and what was kept before anybody looked for them is read as ever. */
    @Test
    void slipsAreOfNewTextsOnly() {
        assertThat(RadioDefinitions.shipped().all())
                .allSatisfy(each -> assertThat(RadioDefinitions.readNew("x.yaml", Faults.yaml(each.id()))
                                .id())
                        .isEqualTo(each.id()));
        String kept = Faults.yaml("wrenling-w12").replace("shown: [SOFT, FULL]", "shown: [SOFT, SOFT]");
        assertThat(RadioDefinitions.read("kept.yaml", kept).panel()).isPresent();
    }

    /** What ships is what lies in the folder: a radio is one file. */
    @Test
    void everyFileOfTheFolderShips() throws IOException {
        try (var files =
                java.nio.file.Files.list(java.nio.file.Path.of("src/main/resources/reckonrod/core/definition"))) {
            assertThat(RadioDefinitions.shipped().all())
                    .extracting(each -> each.id() + ".yaml")
                    .containsExactlyInAnyOrderElementsOf(
                            files.map(each -> each.getFileName().toString()).toList());
        }
    }

    /** Six digits, the last worth 100 Hz: leading zeros are typed, and what leaving them out would mean is told. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.310- | Item 41 WAY: BELOW. | Item 42 SPAN: type 006000 for 600 kHz. Without the zeros in front it would be 60 MHz.
            441.150+ | Item 41 WAY: ABOVE. | Item 42 SPAN: type 050000 for 5 MHz. Without the zeros in front it would be 50 MHz.
            927.500- | Item 41 WAY: BELOW. | Item 42 SPAN: type 250000 for 25 MHz. All 6 digits are needed.
            146.520  | Item 41 WAY: LEVEL. The size does not matter then. |
            145.350 > 446.475 | Item 42 SPAN cannot hold 301.125 MHz: it takes 6 digits, the last worth 0.1 kHz. This channel goes in by cable only. |
            132.800  | |
            """)
    void aShiftIsKeyedInWithItsLeadingZeros(String line, String first, String second) {
        RadioDefinition w12 = RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
        assertThat(w12.shiftMenu()
                        .orElseThrow()
                        .keying(reckonrod.core.notation.Reckoner.reckon(
                                        line,
                                        reckonrod.core.bandplan.BandPlans.shipped()
                                                .find("r2-north-america")
                                                .orElseThrow())
                                .channel()
                                .orElseThrow()))
                .containsExactlyElementsOf(java.util.stream.Stream.of(first, second)
                        .filter(java.util.Objects::nonNull)
                        .toList());
    }

    @ParameterizedTest
    @CsvSource({
        "Skarra, SKARRA",
        "VELLAN HL, VELLNHL",
        "OSTREY NORTH, OSTREYN",
        "Upper Skarra Tower, UPSKRRT",
        "SAFETYPLACE 12, SFTYP12",
        "123456789, 1234567",
        "Ærø Höjd, -R-HOJD",
        "RACE CTRL, RACCTRL",
        "LEG 10, LEG 10"
    })
    void namesAreShortenedSoThatTheyCanStillBeRead(String name, String shown) {
        NameRule rule = RadioDefinitions.shipped()
                .find("wrenling-w12")
                .orElseThrow()
                .limits()
                .name();
        assertThat(rule.shorten(name)).isEqualTo(shown);
        assertThat(rule.allows(rule.shorten(name))).isTrue();
    }

    /** People may have written down a radio of their own in the older form of a panel. */
    @Test
    void anOlderPanelIsStillRead() {
        String now = DataFile.resourceText(RadioDefinitions.class, "wrenling-w12.yaml")
                .replaceAll("(?s)\\npanel:.*?\\n\\n", "\n");
        RadioDefinition older = RadioDefinitions.read("own.yaml", now + """
                panel:
                  shift:
                    direction_item: 41 WAY
                    size_item: 42 SPAN
                    lower: BELOW
                    higher: ABOVE
                    none: LEVEL
                    digits: 6
                    last_digit_hertz: 100
                  numbered:
                    keys: { menu: LIST, take: TAKE, back: BACK, up: UP, down: DOWN, mode: M/F }
                    pause_ms: 10000
                    frequency_digits: 6
                    slot_digits: 3
                    size_digits: 6
                    size_unit_hertz: 100
                    overwrites: "no"
                    cleared_by_frequency: [talk tone]
                    items:
                      - { number: 31, label: CALL T, sets: talk tone }
                      - { number: 41, label: WAY, sets: direction, values: [none, higher, lower] }
                      - { number: 42, label: SPAN, sets: size }
                      - { number: 51, label: PUT IN, sets: store }
                      - { number: 52, label: TAKE OUT, sets: erase }
                """);
        assertThat(older.panel().map(Panel::overwriting)).contains(Overwriting.REFUSES);
        assertThat(older.panel().map(Panel::dialect)).contains(Dialect.NUMBERED_MENU);
        assertThat(older.shiftMenu().map(ShiftMenu::lower))
                .as("as it was written")
                .contains("BELOW");
        RadioDefinition oldest = RadioDefinitions.read("own.yaml", now + """
                panel:
                  shift:
                    direction_item: 41 WAY
                    size_item: 42 SPAN
                    lower: BELOW
                    higher: ABOVE
                    none: LEVEL
                    digits: 6
                    last_digit_hertz: 100
                """);
        assertThat(oldest.panel()).isEmpty();
        assertThat(oldest.shiftMenu().map(ShiftMenu::lower)).contains("BELOW");
        assertThat(oldest.settings())
                .allSatisfy(each -> assertThat(each.panel()).isEmpty());
    }
}
