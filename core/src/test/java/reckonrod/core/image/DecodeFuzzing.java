package reckonrod.core.image;

import java.util.List;
import java.util.NavigableMap;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.radio.RadioSlot;

/**
 * What a coverage-guided fuzzer throws at every image codec: {@code perf/fuzz} runs it for as long as one likes, and {@link EveryImageTest}
 * runs some of it with each build. The first byte chooses the radio; then come places and bytes that are put there.
 */
public final class DecodeFuzzing {
    private static final List<RadioDefinition> RADIOS = RadioDefinitions.shipped().all().stream()
            .filter(each -> each.memory().isPresent())
            .toList();
    private static final List<byte[]> GROUNDS = RADIOS.stream()
            .map(radio -> {
                byte[] bytes = new byte[radio.layout().bytes()];
                new Random(1).nextBytes(bytes);
                return bytes;
            })
            .toList();

    private DecodeFuzzing() {}

    /** Called by the fuzzer: decoding throws nothing, and writing what was read changes no byte. */
    public static void fuzzerTestOneInput(byte[] data) {
        if (data.length == 0) {
            return;
        }
        int which = (data[0] & 0xFF) % RADIOS.size();
        byte[] bytes = GROUNDS.get(which).clone();
        for (int i = 1; i + 2 < data.length; i += 3) {
            bytes[((data[i] & 0xFF) << 8 | data[i + 1] & 0xFF) % bytes.length] = data[i + 2];
        }
        MemoryImage image = MemoryImage.of(bytes);
        ImageCodec codec = new ImageCodec(RADIOS.get(which));
        NavigableMap<Integer, SlotReading> decoded = codec.decode(image);
        codec.settings(image);
        NavigableMap<Integer, RadioSlot> readable = new TreeMap<>();
        decoded.forEach((slot, reading) -> reading.content().ifPresent(content -> readable.put(slot, content)));
        Set<Integer> unreadable = decoded.keySet().stream()
                .filter(slot -> !readable.containsKey(slot))
                .collect(Collectors.toSet());
        if (!codec.encode(image, readable, unreadable).equals(image)) {
            throw new IllegalStateException(RADIOS.get(which).title() + " is changed by writing what it holds");
        }
    }
}
