package reckonrod.core.image;

import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.layout.Layout;
import reckonrod.core.layout.MeaninglessException;
import reckonrod.core.layout.SlotRecords;
import reckonrod.core.radio.RadioSlot;

/** Turns the memory of one radio model into slots and back: a fold over its layout, which knows every byte. */
public final class ImageCodec {
    private final Layout layout;
    private final String title;

    /**
     * A codec for that radio.
     *
     * @throws IllegalStateException if nobody can read the radio's memory
     */
    public ImageCodec(RadioDefinition radio) {
        this.layout = radio.layout();
        this.title = radio.title();
    }

    /**
     * The slots in use, by their number.
     *
     * @throws IllegalArgumentException if the image has another size than the radio's memory
     */
    public NavigableMap<Integer, SlotReading> decode(MemoryImage image) {
        SlotRecords records = layout.of(requireSize(image).toBytes());
        NavigableMap<Integer, SlotReading> slots = new TreeMap<>();
        for (int slot = layout.slots().first(); slot <= layout.slots().last(); slot++) {
            if (records.isInUse(slot)) {
                slots.put(slot, reading(records, slot));
            }
        }
        return slots;
    }

    /** What one slot says; absent when it is not in use. */
    public Optional<SlotReading> decode(MemoryImage image, int slot) {
        SlotRecords records = layout.of(requireSize(image).toBytes());
        return records.isInUse(slot) ? Optional.of(reading(records, slot)) : Optional.empty();
    }

    /**
     * The image in which exactly these slots are in use. Slots that already hold what is asked for keep their bytes; a slot
     * that goes out of use keeps its record and loses its flags. The sums are made right if anything changes.
     *
     * @param base what the radio holds now
     * @param contents what it shall hold, by slot number
     * @throws IllegalArgumentException if a content does not fit the radio; nothing is made then
     */
    public MemoryImage encode(MemoryImage base, Map<Integer, RadioSlot> contents) {
        return encode(base, contents, Set.of());
    }

    /** The same, and some slots keep what they hold, whatever that is. */
    MemoryImage encode(MemoryImage base, Map<Integer, RadioSlot> contents, Set<Integer> kept) {
        NavigableMap<Integer, SlotReading> held = decode(base);
        byte[] memory = base.toBytes();
        SlotRecords records = layout.of(memory);
        // What goes makes room for what comes.
        held.keySet().stream()
                .filter(slot -> !kept.contains(slot) && !contents.containsKey(slot))
                .forEach(records::free);
        NavigableMap<Integer, RadioSlot> written = new TreeMap<>(contents);
        written.entrySet()
                .removeIf(each -> kept.contains(each.getKey())
                        || Optional.of(new SlotReading.Held(each.getValue()))
                                .equals(Optional.ofNullable(held.get(each.getKey()))));
        written.keySet().forEach(records::makeRoom);
        written.forEach(records::write);
        MemoryImage changed = MemoryImage.of(memory);
        if (changed.equals(base)) {
            return base;
        }
        layout.sum(memory);
        return MemoryImage.of(memory);
    }

    private MemoryImage requireSize(MemoryImage image) {
        if (image.size() != layout.bytes()) {
            throw new IllegalArgumentException(
                    "Image must have " + layout.bytes() + " bytes for the " + title + ", was " + image.size());
        }
        return image;
    }

    private static SlotReading reading(SlotRecords records, int slot) {
        try {
            return new SlotReading.Held(records.read(slot));
        } catch (MeaninglessException meaningless) {
            return new SlotReading.Unreadable("its bytes are no channel: " + meaningless.getMessage());
        }
    }
}
