package reckonrod.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.radio.RadioDefinition;
import reckonrod.core.radio.RadioDefinitions;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

class ImageCodecTest {
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    private final ImageCodec codec = new ImageCodec(W12);

    private static MemoryImage zeros() {
        return MemoryImage.of(new byte[W12.memory().bytes()]);
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
                true);
        byte[] memory = codec.encode(zeros(), Map.of(4, skarra)).toBytes();
        // Golden: receive, transmit (BCD, 10 Hz), listen 1+50+83+1 = 135, talk 3, NFM and high, a byte of the radio's,
        // name.
        assertThat(HexFormat.of().withUpperCase().formatHex(memory, 0x0040 + 4 * 20, 0x0040 + 5 * 20))
                .isEqualTo("14531000" + "14471000" + "87" + "03" + "09" + "00" + "534B4152524120" + "00");
        assertThat(memory[0x0C00]).isEqualTo((byte) 0x10);
        assertThat(memory[0x0C20]).isEqualTo((byte) 0x10);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void decodingGivesWhatWasEncodedAndOnlyOwnedBitsChange(long seed) {
        Random random = new Random(seed);
        byte[] before = new byte[W12.memory().bytes()];
        random.nextBytes(before);
        MemoryImage base = MemoryImage.of(before);
        NavigableMap<Integer, RadioSlot> contents = randomContents(random);
        MemoryImage encoded = codec.encode(base, contents);
        NavigableMap<Integer, RadioSlot> decoded = new TreeMap<>();
        codec.decode(encoded)
                .forEach((slot, reading) -> decoded.put(slot, reading.content().orElseThrow()));
        assertThat(decoded).as("seed %d", seed).isEqualTo(contents);
        assertThat(codec.encode(encoded, contents)).isEqualTo(encoded);
        byte[] after = encoded.toBytes();
        byte[] owned = W12.memory().ownedBits();
        for (int i = 0; i < after.length; i++) {
            assertThat((after[i] ^ before[i]) & ~owned[i])
                    .as("seed %d, byte %d", seed, i)
                    .isZero();
        }
    }

    static NavigableMap<Integer, RadioSlot> randomContents(Random random) {
        NavigableMap<Integer, RadioSlot> contents = new TreeMap<>();
        for (int slot = 0; slot < 150; slot++) {
            if (random.nextInt(3) > 0) {
                contents.put(slot, randomSlot(random));
            }
        }
        return contents;
    }

    private static RadioSlot randomSlot(Random random) {
        StringBuilder name = new StringBuilder();
        String characters = W12.limits().name().characters();
        for (int i = random.nextInt(8); i > 0; i--) {
            name.append(characters.charAt(random.nextInt(characters.length())));
        }
        return new RadioSlot(
                name.toString().stripTrailing(),
                frequency(random),
                random.nextInt(5) == 0 ? Optional.empty() : Optional.of(frequency(random)),
                tone(random),
                tone(random),
                random.nextBoolean() ? Emission.FM : Emission.NFM,
                random.nextBoolean() ? Power.HIGH : Power.LOW,
                random.nextBoolean());
    }

    private static Frequency frequency(Random random) {
        return random.nextBoolean()
                ? Frequency.ofHertz(136_000_000 + 10L * random.nextInt(3_800_001))
                : Frequency.ofHertz(400_000_000 + 10L * random.nextInt(8_000_001));
    }

    private static Tone tone(Random random) {
        List<DcsCode> dcs = W12.limits().tones().dcs();
        return switch (random.nextInt(4)) {
            case 0 -> NoTone.NONE;
            case 1 -> W12.limits().tones().ctcss().get(random.nextInt(50));
            case 2 -> dcs.get(random.nextInt(83));
            default -> dcs.get(random.nextInt(83)).inverted();
        };
    }

    @Test
    void bytesThatMeanNothingAreToldAndNeverThrow() {
        byte[] memory = new byte[W12.memory().bytes()];
        memory[0x0C00] = 0x07;
        memory[0x0040] = (byte) 0xAB;
        memory[0x0040 + 20 + 3] = 1;
        memory[0x0040 + 20 + 7] = 1;
        memory[0x0040 + 20 + 8] = (byte) 0xFF;
        assertThat(codec.decode(MemoryImage.of(memory)).values())
                .extracting(Object::toString)
                .satisfiesExactly(
                        first -> assertThat(first).contains("receive 0xab000000"),
                        second -> assertThat(second).contains("tone number 255"),
                        third -> assertThat(third).contains("receive 0x0"));
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
                true);
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
                true);
        RadioSlot renamed = new RadioSlot(
                "OTHER",
                old.receive(),
                old.transmit(),
                old.talkTone(),
                old.listenTone(),
                old.emission(),
                old.power(),
                old.scan());
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
