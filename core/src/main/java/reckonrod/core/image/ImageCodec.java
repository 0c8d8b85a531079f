package reckonrod.core.image;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.layout.Layout;
import reckonrod.core.layout.MeaninglessException;
import reckonrod.core.layout.SlotRecords;
import reckonrod.core.radio.Contents;
import reckonrod.core.radio.RadioSetting;
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
        this(radio.layout(), radio.title());
    }

    private ImageCodec(Layout layout, String title) {
        this.layout = layout;
        this.title = title;
    }

    /**
     * A codec for what the keys of a radio work on, whether somebody else can read that or not.
     *
     * @throws IllegalStateException if it is not known how that lies
     */
    public static ImageCodec inside(RadioDefinition radio) {
        return new ImageCodec(radio.keyedLayout(), radio.title());
    }

    /** A memory in which no slot is in use, and every setting has its first value. */
    public MemoryImage blank() {
        byte[] memory = new byte[layout.bytes()];
        SlotRecords records = layout.of(memory);
        for (int slot = layout.slots().first(); slot <= layout.slots().last(); slot++) {
            records.free(slot);
        }
        records.emptyBanks();
        layout.sum(memory);
        return MemoryImage.of(memory);
    }

    /** How far the radio shifts where it has one size for a stretch; absent for another radio or a frequency outside of all. */
    public Optional<Shift> shiftSize(MemoryImage image, Frequency receive) {
        return layout.of(image.toBytes()).shiftSize(receive);
    }

    /**
     * The image with another size of the shift where the radio has one for a stretch: all its shifted slots there are others then.
     *
     * @throws IllegalArgumentException if the radio has none there
     */
    public MemoryImage withShiftSize(MemoryImage base, Frequency receive, Shift size) {
        byte[] memory = requireSize(base).toBytes();
        layout.of(memory).setShiftSize(receive, size);
        layout.sum(memory);
        return MemoryImage.of(memory);
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

    /** The same, and the banks of a radio that keeps them as lists have the order that is asked for. */
    public MemoryImage encode(MemoryImage base, Contents contents) {
        return encode(base, contents.slots(), contents.banks(), Set.of());
    }

    /**
     * The image with another content in one slot; all others keep what they hold, whatever that is.
     *
     * @throws IllegalArgumentException if the content does not fit the radio
     */
    public MemoryImage put(MemoryImage base, int slot, RadioSlot content) {
        return encode(base, Map.of(slot, content), allBut(base, slot));
    }

    /** The image with one slot out of use; all others keep what they hold. */
    public MemoryImage clear(MemoryImage base, int slot) {
        return encode(base, Map.of(), allBut(base, slot));
    }

    private Set<Integer> allBut(MemoryImage base, int slot) {
        Set<Integer> others = new TreeSet<>(decode(base).keySet());
        others.remove(slot);
        return others;
    }

    /** The same, and some slots keep what they hold, whatever that is. */
    MemoryImage encode(MemoryImage base, Map<Integer, RadioSlot> contents, Set<Integer> kept) {
        return encode(base, contents, Map.of(), kept);
    }

    /**
     * The same.
     *
     * @param order the slots of each bank in the order that is wanted; what is not among them comes behind, as it stood
     * @throws IllegalArgumentException if a slot that is kept would mean something else then
     */
    MemoryImage encode(
            MemoryImage base, Map<Integer, RadioSlot> contents, Map<Integer, List<Integer>> order, Set<Integer> kept) {
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
        records.setShiftSizes(contents.entrySet().stream()
                .filter(each -> !kept.contains(each.getKey()))
                .map(Map.Entry::getValue)
                .toList());
        written.forEach(records::write);
        records.putIntoBanks(banks(layout.of(base.toBytes()).banks(), contents, order, kept), held.keySet());
        requireKept(held, layout.of(memory), kept);
        MemoryImage changed = MemoryImage.of(memory);
        if (changed.equals(base)) {
            return base;
        }
        layout.sum(memory);
        return MemoryImage.of(memory);
    }

    /** Who is in which bank: who should be and who is kept, first in the order wanted, then as they stood, then by slot. */
    private static Map<Integer, List<Integer>> banks(
            Map<Integer, List<Integer>> before,
            Map<Integer, RadioSlot> contents,
            Map<Integer, List<Integer>> order,
            Set<Integer> kept) {
        Map<Integer, List<Integer>> banks = new TreeMap<>();
        before.forEach((bank, stood) -> {
            Set<Integer> members = new TreeSet<>();
            stood.stream().filter(kept::contains).forEach(members::add);
            contents.forEach((slot, content) -> {
                if (!kept.contains(slot) && content.banks().contains(bank)) {
                    members.add(slot);
                }
            });
            Set<Integer> ordered = new LinkedHashSet<>(order.getOrDefault(bank, List.of()));
            ordered.addAll(stood);
            ordered.addAll(members);
            ordered.retainAll(members);
            banks.put(bank, List.copyOf(ordered));
        });
        return banks;
    }

    private static void requireKept(Map<Integer, SlotReading> before, SlotRecords after, Set<Integer> kept) {
        for (int slot : kept) {
            Optional<SlotReading> now = after.isInUse(slot) ? Optional.of(reading(after, slot)) : Optional.empty();
            if (!Optional.ofNullable(before.get(slot)).equals(now)) {
                throw new IllegalArgumentException(
                        "Slot " + slot + " was to stay as it is, and would be another with what is"
                                + " set for the whole radio; let it be replaced, or leave out what needs that");
            }
        }
    }

    /** What the settings of the radio are set to; nothing where the bytes mean none of the values. */
    public Map<RadioSetting, Optional<String>> settings(MemoryImage image) {
        return layout.settings(requireSize(image).toBytes());
    }

    /**
     * The image with a setting changed.
     *
     * @throws IllegalArgumentException if the memory has no such setting, or that no such value
     */
    public MemoryImage with(MemoryImage base, RadioSetting setting, String value) {
        byte[] memory = requireSize(base).toBytes();
        layout.set(memory, setting, value);
        layout.sum(memory);
        return MemoryImage.of(memory);
    }

    /** The slots of each bank in their order, for a radio that keeps them as lists; otherwise nothing. */
    public NavigableMap<Integer, List<Integer>> banks(MemoryImage image) {
        return layout.of(requireSize(image).toBytes()).banks();
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
