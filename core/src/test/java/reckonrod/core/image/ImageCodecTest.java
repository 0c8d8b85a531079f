package reckonrod.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HexFormat;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

class ImageCodecTest {
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    private final ImageCodec codec = new ImageCodec(W12);

    private static MemoryImage zeros() {
        return MemoryImage.of(new byte[W12.layout().bytes()]);
    }

    @Test
    void aRecordLooksAsTheLayoutSays() {
        RadioSlot skarra = new RadioSlot(
                "SKARRA",
                Frequency.parse("145.310"),
                Optional.of(Frequency.parse("144.710")),
                Tone.parse("CTCSS 71.9"),
                Tone.parse("DCS 025 I"),
                Emission.NFM,
                Power.HIGH,
                true,
                Set.of());
        byte[] memory = codec.encode(zeros(), Map.of(4, skarra)).toBytes();
        // Golden: receive, transmit (BCD, 10 Hz), listen 1+50+83+1 = 135, talk 3, NFM and high, a byte of the radio's,
        // name.
        assertThat(HexFormat.of().withUpperCase().formatHex(memory, 0x0040 + 4 * 20, 0x0040 + 5 * 20))
                .isEqualTo("14531000" + "14471000" + "87" + "03" + "09" + "00" + "534B4152524120" + "00");
        assertThat(memory[0x0C00]).isEqualTo((byte) 0x10);
        assertThat(memory[0x0C20]).isEqualTo((byte) 0x10);
    }

    /** The second array, the value beside its switch, the signed multiple and the sum, byte for byte. */
    @Test
    void aRecordOfTheK31LooksAsItsLayoutSays() {
        RadioDefinition k31 = RadioDefinitions.shipped().find("kestrow-k31").orElseThrow();
        ImageCodec codecOfK31 = new ImageCodec(k31);
        RadioSlot skarra = new RadioSlot(
                "SKARRA",
                Frequency.parse("145.310"),
                Optional.of(Frequency.parse("144.710")),
                Tone.parse("CTCSS 71.9"),
                NoTone.NONE,
                Emission.NFM,
                Power.LOW,
                true,
                Set.of(1, 10));
        RadioSlot cross = new RadioSlot(
                "X",
                Frequency.parse("145.350"),
                Optional.of(Frequency.parse("433.475")),
                NoTone.NONE,
                Tone.parse("DCS 023 N"),
                Emission.FM,
                Power.HIGH,
                false,
                Set.of());
        byte[] base = new byte[k31.layout().bytes()];
        // A free slot of ones; a listen tone that was chosen once and is off.
        for (int slot = 1; slot <= 900; slot++) {
            k31.layout().of(base).free(slot);
        }
        base[0x0200 + 7] = 0x2A;
        MemoryImage image = codecOfK31.encode(MemoryImage.of(base), Map.of(1, skarra, 900, cross));
        byte[] memory = image.toBytes();
        HexFormat hex = HexFormat.of().withUpperCase();
        assertThat(hex.formatHex(memory, 0x0200, 0x0200 + 20))
                .isEqualTo("B8B9DD00" + "F4FF" + "02" + "2A" + "19" + "1020" + "00" + "534B41525241" + "0000");
        assertThat(hex.formatHex(memory, 0x0200 + 899 * 20, 0x0200 + 900 * 20))
                .isEqualTo("58C9DD00" + "0000" + "00" + "32" + "42" + "0100" + "00" + "580000000000" + "0000");
        assertThat(hex.formatHex(memory, 0x4900, 0x4908)).isEqualTo("8403" + "2C6E9502" + "0000");
        assertThat(codecOfK31.decode(image, 900).flatMap(SlotReading::content)).contains(cross);

        // A record of the second array that is gone makes the slot unreadable, never simplex.
        memory[0x4900] = 0;
        memory[0x4901] = 0;
        assertThat(codecOfK31.decode(MemoryImage.of(memory), 900).orElseThrow().toString())
                .contains("a talk frequency of its own that stands nowhere");
        assertThat(k31.layout().wrongSums(memory)).hasSize(1);
    }

    @Test
    void bytesThatMeanNothingAreToldAndNeverThrow() {
        byte[] memory = new byte[W12.layout().bytes()];
        memory[0x0C00] = 0x07;
        memory[0x0040] = (byte) 0xAB;
        memory[0x0040 + 20 + 3] = 1;
        memory[0x0040 + 20 + 7] = 1;
        memory[0x0040 + 20 + 8] = (byte) 0xFF;
        assertThat(codec.decode(MemoryImage.of(memory)).values())
                .extracting(Object::toString)
                .satisfiesExactly(
                        first -> assertThat(first).contains("0xab000000"),
                        second -> assertThat(second).contains("value number 255"),
                        third -> assertThat(third).contains("frequency 0x0"));
        for (long seed = 1; seed <= 50; seed++) {
            new Random(seed).nextBytes(memory);
            codec.decode(MemoryImage.of(memory));
        }
    }

    @Test
    void whatDoesNotFitIsRefusedBeforeAnythingIsMade() {
        RadioSlot odd = new RadioSlot(
                "X",
                Frequency.ofHertz(145_310_005),
                Optional.empty(),
                NoTone.NONE,
                NoTone.NONE,
                Emission.FM,
                Power.HIGH,
                true,
                Set.of());
        assertThatThrownBy(() -> codec.encode(zeros(), Map.of(0, odd))).hasMessageContaining("multiple of 10 Hz");
        assertThatThrownBy(() -> codec.encode(zeros(), Map.of(150, odd))).hasMessageContaining("0–149, was 150");
        assertThatThrownBy(() -> codec.decode(MemoryImage.of(new byte[12]))).hasMessageContaining("4096 bytes");
    }

    @Test
    void differencesAreToldSlotBySlot() {
        RadioSlot old = new RadioSlot(
                "OLD",
                Frequency.parse("146.520"),
                Optional.empty(),
                NoTone.NONE,
                NoTone.NONE,
                Emission.FM,
                Power.HIGH,
                true,
                Set.of());
        RadioSlot renamed = new RadioSlot(
                "OTHER",
                old.receive(),
                old.transmit(),
                old.talkTone(),
                old.listenTone(),
                old.emission(),
                old.power(),
                old.scan(),
                old.banks());
        MemoryImage before = codec.encode(zeros(), Map.of(1, old, 2, old, 3, old));
        MemoryImage after = codec.encode(before, Map.of(2, renamed, 3, old, 149, old));
        assertThat(SlotDifference.between(codec, before, after))
                .extracting(each -> each.slot() + " " + each.kind() + " " + each.parts())
                .containsExactly("1 REMOVED []", "2 CHANGED [name]", "149 ADDED []");
        assertThat(before.blocksThatDiffer(after, 16))
                .containsExactly(
                        (0x40 + 2 * 20 + 12) / 16,
                        0x40 / 16 + 149 * 20 / 16,
                        0x40 / 16 + (149 * 20 + 19) / 16,
                        0xC0,
                        0xC1,
                        0xC2,
                        0xC3);
    }
}
