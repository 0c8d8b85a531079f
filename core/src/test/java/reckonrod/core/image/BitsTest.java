package reckonrod.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.radio.BitPlace;
import reckonrod.core.radio.NumberForm;

class BitsTest {
    @ParameterizedTest
    @CsvSource({
        "BCD, 32, 14531000, 14531000",
        "BCD, 32, 99999999, 99999999",
        "BCD, 8, 0, 0",
        "BINARY, 16, 65535, ffff",
        "BINARY, 32, 4294967295, ffffffff",
        "BINARY, 1, 1, 1",
    })
    void numbersAreWrittenAndReadInTheirForm(NumberForm form, int bits, long number, String hex) {
        assertThat(Long.toHexString(Bits.toRaw(number, form, bits))).isEqualTo(hex);
        assertThat(Bits.toNumber(Bits.toRaw(number, form, bits), form, bits)).isEqualTo(number);
    }

    @ParameterizedTest
    @CsvSource({"BCD, 32, 100000000, 99999999", "BCD, 8, 100, 99", "BINARY, 1, 2, 1", "BINARY, 8, -1, 255"})
    void numbersThatDoNotFitAreRefused(NumberForm form, int bits, long number, String most) {
        assertThatThrownBy(() -> Bits.toRaw(number, form, bits))
                .hasMessageContaining("0 to " + most + ", was " + number);
    }

    @Test
    void aBcdDigitAboveNineIsNoNumber() {
        assertThat(Bits.toNumber(0x1A, NumberForm.BCD, 8)).isEqualTo(-1);
        assertThat(Bits.toNumber(0xF0000000L, NumberForm.BCD, 32)).isEqualTo(-1);
    }

    /** Writing a place leaves every other bit as it was, whether they are all ones or all zeros. */
    @ParameterizedTest
    @CsvSource({"0, 0, 8", "1, 3, 1", "2, 0, 3", "2, 5, 3", "1, 0, 24", "0, 7, 1"})
    void onlyTheBitsOfThePlaceChange(int byteOffset, int lowBit, int bits) {
        BitPlace place = new BitPlace(byteOffset, lowBit, bits);
        for (int around : new int[] {0x00, 0xFF}) {
            byte[] memory = new byte[6];
            Arrays.fill(memory, (byte) around);
            long inverse = around == 0 ? NumberForm.BINARY.most(bits) : 0;
            Bits.writeRaw(memory, 1, place, inverse);
            assertThat(Bits.readRaw(memory, 1, place)).isEqualTo(inverse);
            int changed = 0;
            for (byte each : memory) {
                changed += Integer.bitCount((each ^ around) & 0xFF);
            }
            assertThat(changed).isEqualTo(bits);
        }
    }

    @Test
    void aPlaceMayNotCrossAByteUnlessItIsWholeBytes() {
        assertThatThrownBy(() -> new BitPlace(0, 5, 4)).hasMessageContaining("4 bits from bit 5 of byte 0");
        assertThatThrownBy(() -> new BitPlace(0, 1, 8)).hasMessageContaining("whole bytes");
    }
}
