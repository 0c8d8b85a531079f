package reckonrod.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.layout.BitPlace.Order;
import reckonrod.core.radio.NameRule;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

class EncodingTest {
    private static final Map<String, Encoding<?>> ENCODINGS = Map.ofEntries(
            Map.entry("bcd 10 Hz", new FrequencyUnits(NumberForm.BCD, 10)),
            Map.entry("binary 1250 Hz", new FrequencyUnits(NumberForm.BINARY, 1_250)),
            Map.entry("signed 50 kHz", new ShiftUnits(NumberForm.BINARY, 50_000, true)),
            Map.entry("size 50 kHz", new ShiftUnits(NumberForm.BCD, 50_000, false)),
            Map.entry(
                    "tenths",
                    new ToneTenths(List.of(tone("CTCSS 88.5"), tone("DCS 023 N"), tone("DCS 023 I"), tone("none")))),
            Map.entry("numbered", new Choice<>(List.of(Power.LOW, Power.HIGH), 1)),
            Map.entry("name", new TextBytes(new NameRule(4, "ABC "), 0xFF)),
            Map.entry("banks", new NumberedBits()),
            Map.entry("or none", new OrNone<>(new FrequencyUnits(NumberForm.BINARY, 10), 0xFFFFFFFFL)),
            Map.entry("leftover", new Leftover<>(new Choice<>(ToneTable.FIRST_38, 0))));

    private static Tone tone(String text) {
        return text.equals("none") ? reckonrod.core.tone.NoTone.NONE : Tone.parse(text);
    }

    private static Object value(String encoding, String text) {
        return switch (encoding) {
            case "bcd 10 Hz", "binary 1250 Hz" -> Frequency.parse(text);
            case "signed 50 kHz", "size 50 kHz" -> Shift.parse(text);
            case "tenths" -> tone(text);
            case "numbered" -> Power.valueOf(text);
            case "banks" ->
                text.equals("-")
                        ? Set.of()
                        : Set.of(Arrays.stream(text.split(" "))
                                .map(Integer::valueOf)
                                .toArray());
            case "or none" -> text.equals("-") ? Optional.empty() : Optional.of(Frequency.parse(text));
            case "leftover" -> Optional.of(tone(text));
            default -> text.equals("-") ? "" : text;
        };
    }

    @SuppressWarnings("unchecked") // The table pairs each encoding with its own values.
    private static void write(Encoding<?> encoding, Bits bits, Object value) {
        ((Encoding<Object>) encoding).write(bits, value);
    }

    /** Golden bits, in a record of ones and in one of zeros; what is read is what was written, and nothing else changes. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            bcd 10 Hz      | 32 | 0 | BIG    | 145.310   | 14531000
            bcd 10 Hz      | 32 | 0 | LITTLE | 145.310   | 00105314
            binary 1250 Hz | 24 | 0 | BIG    | 145.310   | 01c618
            binary 1250 Hz | 24 | 0 | LITTLE | 145.310   | 18c601
            binary 1250 Hz | 20 | 4 | LITTLE | 145.310   | 80611c
            signed 50 kHz  | 16 | 0 | LITTLE | -0.600    | f4ff
            signed 50 kHz  | 16 | 0 | BIG    | +5.000    | 0064
            signed 50 kHz  | 12 | 4 | BIG    | -7.600    | f680
            size 50 kHz    | 16 | 0 | BIG    | 7.600     | 0152
            tenths         | 16 | 0 | BIG    | CTCSS 88.5 | 0375
            tenths         | 16 | 0 | BIG    | DCS 023 N | 8013
            tenths         | 16 | 0 | LITTLE | DCS 023 I | 13c0
            tenths         | 16 | 0 | BIG    | none      | 0000
            numbered       | 8  | 0 | BIG    | HIGH      | 02
            name           | 32 | 0 | BIG    | AB        | 4142ffff
            name           | 32 | 0 | BIG    | -         | ffffffff
            banks          | 12 | 4 | LITTLE | 1 10 12   | 10a0
            banks          | 12 | 0 | BIG    | -         | 0000
            or none        | 32 | 0 | BIG    | -         | ffffffff
            leftover       | 8  | 0 | BIG    | CTCSS 71.9 | 01
            """)
    void bitsAreAsTheEncodingSays(String name, int bits, int lowBit, Order order, String text, String golden) {
        Encoding<?> encoding = ENCODINGS.get(name);
        BitPlace place = new BitPlace(1, lowBit, bits, order);
        for (int around : new int[] {0x00, 0xFF}) {
            byte[] record = new byte[place.bytes() + 2];
            Arrays.fill(record, (byte) around);
            byte[] before = record.clone();
            Bits view = new Bits(record, 0, place);
            write(encoding, view, value(name, text));
            assertThat(encoding.read(view)).isEqualTo(value(name, text));
            for (int i = 0; i < record.length; i++) {
                int mask = i >= 1 && i <= place.bytes() ? place.mask(i - 1) : 0;
                assertThat((record[i] ^ before[i]) & ~mask & 0xFF)
                        .as("byte %d", i)
                        .isZero();
            }
            if (around == 0) {
                assertThat(HexFormat.of().formatHex(record, 1, 1 + place.bytes()))
                        .isEqualTo(golden);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            bcd 10 Hz      | 16 | 145.310    | 0 to 9999, was 14531000
            bcd 10 Hz      | 32 | 145.310005 | multiple of 10 Hz
            binary 1250 Hz | 16 | 145.310    | 0 to 65535
            signed 50 kHz  | 8  | -6.450     | -128 to 127, was -129
            signed 50 kHz  | 8  | +6.400     | -128 to 127, was 128
            size 50 kHz    | 16 | -0.600     | was -12
            tenths         | 16 | CTCSS 91.5 | one of the radio's
            numbered       | 1  | HIGH       | 0 to 1, was 2
            name           | 32 | ABCAB      | one the radio can show
            name           | 32 | AX         | one the radio can show
            banks          | 10 | 11         | 1 to 10, was 11
            """)
    void whatDoesNotFitIsRefused(String name, int bits, String text, String message) {
        byte[] record = new byte[8];
        Bits view = new Bits(record, 0, new BitPlace(0, 0, bits, Order.BIG));
        assertThatThrownBy(() -> write(ENCODINGS.get(name), view, value(name, text)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(message);
        assertThat(record).containsOnly(0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            bcd 10 Hz | 32 | 1453100a
            bcd 10 Hz | 32 | 00000000
            tenths    | 16 | 0376
            tenths    | 16 | 4013
            numbered  | 8  | 00
            numbered  | 8  | 03
            name      | 32 | 4158ffff
            """)
    void bitsThatMeanNothingAreTold(String name, int bits, String hex) {
        Bits view = new Bits(HexFormat.of().parseHex(hex), 0, new BitPlace(0, 0, bits, Order.BIG));
        assertThatThrownBy(() -> ENCODINGS.get(name).read(view)).isInstanceOf(MeaninglessException.class);
    }

    /** A value that was chosen and is off may be anything, and stays what it is. */
    @Test
    void whatIsSwitchedOffStays() {
        Encoding<Optional<Tone>> encoding = new Leftover<>(new Choice<>(List.of(tone("CTCSS 71.9")), 0));
        byte[] record = {(byte) 0xEE};
        Bits view = new Bits(record, 0, new BitPlace(0, 0, 8, Order.BIG));
        assertThat(encoding.read(view)).isEmpty();
        encoding.write(view, Optional.empty());
        assertThat(record).containsExactly(0xEE);
    }

    @Test
    void aPlaceIsWholeBytesOrANumber() {
        assertThatThrownBy(() -> new BitPlace(0, 1, 64, Order.BIG)).hasMessageContaining("must be whole bytes");
        assertThatThrownBy(() -> new BitPlace(0, 8, 4, Order.BIG)).hasMessageContaining("from bit 0 to 7");
    }
}
