package reckonrod.core.image;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.layout.SlotRecords;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ShiftLimit;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/** What holds for the image of every radio that ships, whatever its layout. */
class EveryImageTest {
    private static final int SEEDS = 6;

    static Stream<RadioDefinition> radios() {
        return RadioDefinitions.shipped().all().stream()
                .filter(each -> each.memory().isPresent());
    }

    @ParameterizedTest
    @MethodSource("radios")
    void decodingGivesWhatWasEncodedAndOnlyOwnedBitsChange(RadioDefinition radio) {
        ImageCodec codec = new ImageCodec(radio);
        byte[] owned = radio.layout().ownedBits();
        for (long seed = 1; seed <= SEEDS; seed++) {
            Random random = new Random(seed);
            byte[] before = new byte[radio.layout().bytes()];
            random.nextBytes(before);
            MemoryImage image = MemoryImage.of(before);
            // Several writes after each other, so that a second array fills, empties and fills again.
            for (int round = 0; round < 3; round++) {
                NavigableMap<Integer, RadioSlot> contents = contents(radio.limits(), random);
                MemoryImage encoded = codec.encode(image, contents);
                assertThat(held(codec, encoded))
                        .as("%s, seed %d", radio.title(), seed)
                        .isEqualTo(contents);
                assertThat(codec.encode(encoded, contents)).isEqualTo(encoded);
                assertThat(radio.layout().wrongSums(encoded.toBytes())).isEmpty();
                image = encoded;
            }
            byte[] after = image.toBytes();
            for (int i = 0; i < after.length; i++) {
                assertThat((after[i] ^ before[i]) & ~owned[i])
                        .as("%s, seed %d, byte %d", radio.title(), seed, i)
                        .isZero();
            }
        }
    }

    /** A memory of random bytes is told slot by slot, never throws, and written as it is it stays as it is. */
    @ParameterizedTest
    @MethodSource("radios")
    void anyBytesDecodeAndStayAsTheyAre(RadioDefinition radio) {
        ImageCodec codec = new ImageCodec(radio);
        for (long seed = 1; seed <= SEEDS; seed++) {
            Random random = new Random(seed);
            byte[] bytes = new byte[radio.layout().bytes()];
            random.nextBytes(bytes);
            SlotRecords records = radio.layout().of(bytes);
            IntStream.rangeClosed(
                            radio.layout().slots().first(),
                            radio.layout().slots().last())
                    .filter(slot -> random.nextInt(3) > 0)
                    .forEach(records::free);
            MemoryImage image = MemoryImage.of(bytes);
            var decoded = codec.decode(image);
            NavigableMap<Integer, RadioSlot> readable = new TreeMap<>();
            decoded.forEach((slot, reading) -> reading.content().ifPresent(content -> readable.put(slot, content)));
            Set<Integer> unreadable = decoded.keySet().stream()
                    .filter(slot -> !readable.containsKey(slot))
                    .collect(Collectors.toSet());
            assertThat(codec.encode(image, readable, unreadable))
                    .as("seed %d", seed)
                    .isEqualTo(image);
        }
    }

    @Test
    void whatTheFuzzerDoesHoldsForSomeOfIt() {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            byte[] data = new byte[1 + random.nextInt(600)];
            random.nextBytes(data);
            DecodeFuzzing.fuzzerTestOneInput(data);
        }
    }

    private static NavigableMap<Integer, RadioSlot> held(ImageCodec codec, MemoryImage image) {
        NavigableMap<Integer, RadioSlot> held = new TreeMap<>();
        codec.decode(image)
                .forEach((slot, reading) -> held.put(slot, reading.content().orElseThrow()));
        return held;
    }

    private static NavigableMap<Integer, RadioSlot> contents(Limits limits, Random random) {
        NavigableMap<Integer, RadioSlot> contents = new TreeMap<>();
        int separate = limits.shift() instanceof ShiftLimit.Steps steps ? steps.separate() : Integer.MAX_VALUE;
        for (int slot = limits.slots().first(); slot <= limits.slots().last(); slot++) {
            if (random.nextInt(3) > 0) {
                RadioSlot content = slot(limits, random, separate > 0);
                separate -= isSeparate(content, limits) ? 1 : 0;
                contents.put(slot, content);
            }
        }
        return contents;
    }

    private static boolean isSeparate(RadioSlot slot, Limits limits) {
        return limits.shift() instanceof ShiftLimit.Steps steps
                && slot.transmit().isPresent()
                && !steps.has(Shift.between(slot.receive(), slot.transmit().get()));
    }

    private static RadioSlot slot(Limits limits, Random random, boolean anyPair) {
        Frequency talk = frequency(limits.transmit(), random);
        Frequency listen = frequency(limits.receive(), random);
        if (limits.shift() instanceof ShiftLimit.Steps steps && (!anyPair || random.nextInt(4) > 0)) {
            // Listening a multiple away from where it talks, in the same stretch.
            listen = talk.plus(Shift.ofHertz((random.nextInt(21) - 10L) * steps.stepHertz()));
        }
        StringBuilder name = new StringBuilder();
        String characters = limits.name().characters();
        for (int i = random.nextInt(limits.name().longest() + 1); i > 0; i--) {
            name.append(characters.charAt(random.nextInt(characters.length())));
        }
        boolean listenOnly = limits.listenOnly() && random.nextInt(5) == 0;
        Tone talkTone = tone(limits.tones().talk().all(), random);
        Tone listenTone = tone(limits.tones().listen().all(), random);
        if (limits.tones().listen().reversed() && listenTone instanceof CtcssTone some && random.nextBoolean()) {
            listenTone = new ReversedTone(some);
        }
        if (!limits.tones().together(talkTone, listenTone)) {
            listenTone = NoTone.NONE;
        }
        Set<Integer> banks = IntStream.rangeClosed(1, limits.banks())
                .filter(bank -> random.nextInt(Math.max(4, limits.banks())) == 0)
                .limit(limits.scan().banksAChannel())
                .boxed()
                .collect(Collectors.toSet());
        return new RadioSlot(
                name.toString().stripTrailing(),
                listen,
                listenOnly ? Optional.empty() : Optional.of(talk),
                talkTone,
                listenTone,
                one(limits.receive().get(0).kept(), random),
                one(limits.power(), random).level(),
                random.nextBoolean(),
                banks);
    }

    private static Tone tone(List<Tone> tones, Random random) {
        return random.nextBoolean() ? NoTone.NONE : one(tones, random);
    }

    private static Frequency frequency(List<BandLimit> bands, Random random) {
        BandLimit band = one(bands, random);
        long width = band.range().upper().hertz() - band.range().lower().hertz();
        long hertz = band.range().lower().hertz() + (long) (random.nextDouble() * width);
        Frequency frequency = one(band.steps(), random).nearest(Frequency.ofHertz(hertz));
        return band.contains(frequency) ? frequency : band.range().lower();
    }

    private static <T> T one(List<T> values, Random random) {
        return values.get(random.nextInt(values.size()));
    }
}
