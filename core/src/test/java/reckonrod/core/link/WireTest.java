package reckonrod.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HexFormat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.clone.CloneFrame;
import reckonrod.core.link.packets.Packet;
import reckonrod.core.link.polled.Frame;
import reckonrod.core.link.records.RecordFrame;

/**
 * What goes over the line, byte by byte. Both ends use the same frames, so only bytes that were worked out by other means tell
 * that they are those of {@code docs/links.md}.
 */
class WireTest {
    private static final HexFormat HEX = HexFormat.of();

    private static byte[] bytes(String hex) {
        return HEX.parseHex(hex == null ? "" : hex);
    }

    private static byte[] frame(String family, String head, byte[] content) {
        return switch (family) {
            case "polled" -> Frame.of((byte) head.charAt(0), content);
            case "clone" -> CloneFrame.of((byte) head.charAt(0), content);
            case "records" -> RecordFrame.of((byte) head.charAt(0), content);
            default -> {
                byte[] kindAndNumber = bytes(head);
                yield Packet.of(kindAndNumber[0], kindAndNumber[1], content);
            }
        };
    }

    private static Framing framing(String family) {
        return switch (family) {
            case "polled" -> Frame.framing(16, 256);
            case "clone" -> CloneFrame.framing(16);
            case "records" -> RecordFrame::cut;
            default -> Packet::cut;
        };
    }

    private static int checkBytes(String family) {
        return family.equals("polled") || family.equals("records") ? 1 : 2;
    }

    /** The standards give the sums of the digits 1 to 9; here they stand as contents too. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            packets | 0100 |                                      | c30100009b88
            packets | 8100 | 313233343536373839                   | c3810009313233343536373839b5c0
            packets | 02fe | 1240                                 | c302fe02124044e1
            packets | 03ff | 0040ff00c37f                         | c303ff060040ff00c37f4842
            packets | 8407 | cbf43926                             | c3840704cbf43926b0e2
            packets | 7f03 |                                      | c37f03000dd2
            packets | 0504 |                                      | c30504008b8c
            polled  | E    |                                      | 459f
            polled  | I    | 0441422031                           | 4904414220317b
            polled  | R    | 0ff0                                 | 520ff0ab
            polled  | D    | 0120f0f1f2f3f4f5f6f7f8f9fafbfcfdfeff | 440120f0f1f2f3f4f5f6f7f8f9fafbfcfdfeff37
            polled  | A    | 0120                                 | 410120bc
            polled  | S    |                                      | 53ad
            polled  | T    | cbf43926                             | 54cbf43926cc
            polled  | X    |                                      | 58b2
            clone   | H    | 0441422031                           | 4804414220315bc5
            clone   | G    | 0441422031cbf43926                   | 470441422031cbf439265de2
            clone   | B    | 0102ffffffffffffffffffffffffffffffff | 420102ffffffffffffffffffffffffffffffff6ada
            clone   | Z    | cbf43926                             | 5acbf439265d1d
            clone   | A    | 0102                                 | 4101025ae9
            clone   | Q    | cbf43926                             | 51cbf439265d14
            records | ?    |                                      | 003fe4
            records | !    | 41422031                             | 0421414220319e
            records | D    | 01002000                             | 0444010020000e
            records | b    | 0102fffe80                           | 05620102fffe808c
            records | f    | 01002000ff                           | 056601002000ff30
            records | e    | cbf43926                             | 0465cbf439262c
            records | K    | cbf43926                             | 044bcbf4392612
            records | k    | 0102                                 | 026b010215
            records | n    |                                      | 006e13
            """)
    void framesAreAsTheProtocolSays(String family, String head, String content, String golden) {
        byte[] frame = frame(family, head, bytes(content));
        assertThat(HEX.formatHex(frame)).isEqualTo(golden);
        Framing framing = framing(family);
        for (int length = 1; length < frame.length; length++) {
            assertThat(framing.cut(Arrays.copyOf(frame, length)))
                    .as("%d bytes of it", length)
                    .isInstanceOf(Framing.More.class);
        }
        byte[] withNext = Arrays.copyOf(frame, frame.length + 3);
        assertThat(framing.cut(withNext)).isInstanceOfSatisfying(Framing.Whole.class, whole -> {
            assertThat(whole.length()).isEqualTo(frame.length);
            assertThat(whole.frame()).isEqualTo(Arrays.copyOf(frame, frame.length - checkBytes(family)));
        });
        for (int bit = 0; bit < frame.length * 8; bit++) {
            byte[] spoiled = frame.clone();
            spoiled[bit / 8] ^= (byte) (1 << bit % 8);
            assertThat(framing.cut(spoiled)).as("bit %d turned over", bit).isNotInstanceOf(Framing.Whole.class);
        }
    }

    @Test
    void theSumOfAMemoryIsThatOfTheStandard() {
        MemoryImage digits = MemoryImage.of("123456789".getBytes(StandardCharsets.US_ASCII));
        assertThat(digits.cyclicSum()).isEqualTo(0xCBF43926);
        assertThat(digits.digest()).isEqualTo("15e2b0d3c33891ebb0f1ef609ec419420c20e320ce94c65fbc8c3312448eb225");
    }

    /** What begins no frame is nonsense at once, and is not waited for. */
    @ParameterizedTest
    @CsvSource({
        "packets, c2",
        "packets, 00",
        "polled, 00",
        "polled, 65",
        "clone, 00",
        "clone, 7a",
        "records, 8a3f",
        "records, ff"
    })
    void whatBeginsNoFrameIsNonsense(String family, String hex) {
        assertThat(framing(family).cut(bytes(hex))).isInstanceOf(Framing.Nonsense.class);
    }

    /** The longest there is goes over whole; one byte more is refused before it is sent. */
    @Test
    void aPacketIsAsLongAsItsLengthCanSay() {
        byte[] longest = new byte[255];
        Arrays.fill(longest, (byte) 0xC3);
        byte[] packet = Packet.of(Packet.PUT, 9, longest);
        assertThat(Packet.cut(packet))
                .isInstanceOfSatisfying(
                        Framing.Whole.class,
                        whole -> assertThat(Packet.content(whole.frame())).isEqualTo(longest));
        assertThatThrownBy(() -> Packet.of(Packet.PUT, 9, new byte[256]))
                .hasMessageContaining("at most 255 bytes, was 256");
    }

    /** A name of a radio that is longer than a signed byte can count still ends where it ends. */
    @Test
    void aLongNameIsReadToItsEnd() {
        String name = "ORVANE ".repeat(28).strip();
        byte[] frame = CloneFrame.who(CloneFrame.TAKES, name, (byte) 1, (byte) 2, (byte) 3, (byte) 4);
        assertThat(CloneFrame.framing(16).cut(frame)).isInstanceOfSatisfying(Framing.Whole.class, whole -> {
            assertThat(CloneFrame.ident(whole.frame())).isEqualTo(name);
            assertThat(whole.frame()).endsWith(1, 2, 3, 4);
        });
        assertThat(CloneFrame.number(CloneFrame.numbered(CloneFrame.BLOCK, 0xFFFE)))
                .isEqualTo(0xFFFE);
    }
}
