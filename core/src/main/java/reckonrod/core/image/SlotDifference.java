package reckonrod.core.image;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeSet;
import reckonrod.core.radio.RadioSlot;

/**
 * How one slot differs between two images.
 *
 * @param slot the slot's number
 * @param before what it held; absent when it was free
 * @param after what it holds; absent when it is free
 */
public record SlotDifference(int slot, Optional<SlotReading> before, Optional<SlotReading> after) {
    /** What happens to a slot. */
    public enum Kind {
        /** It was free and gets a channel. */
        ADDED,
        /** Its channel keeps its frequency and changes otherwise. */
        CHANGED,
        /** Its channel goes, and another one comes. */
        REPLACED,
        /** Its channel goes, and the slot is free. */
        REMOVED
    }

    /** What happens to this slot. */
    public Kind kind() {
        if (before.isEmpty()) {
            return Kind.ADDED;
        }
        if (after.isEmpty()) {
            return Kind.REMOVED;
        }
        Optional<RadioSlot> was = before.get().content();
        Optional<RadioSlot> is = after.get().content();
        boolean same = was.isPresent()
                && is.isPresent()
                && was.get().receive().equals(is.get().receive());
        return same ? Kind.CHANGED : Kind.REPLACED;
    }

    /** Whether the channel that was there is there no more. */
    public boolean takesAway() {
        return kind() == Kind.REMOVED || kind() == Kind.REPLACED;
    }

    /** The slots that differ, rising. */
    public static List<SlotDifference> between(ImageCodec codec, MemoryImage before, MemoryImage after) {
        NavigableMap<Integer, SlotReading> old = codec.decode(before);
        NavigableMap<Integer, SlotReading> now = codec.decode(after);
        TreeSet<Integer> slots = new TreeSet<>(old.keySet());
        slots.addAll(now.keySet());
        List<SlotDifference> differences = new ArrayList<>();
        for (int slot : slots) {
            Optional<SlotReading> was = Optional.ofNullable(old.get(slot));
            Optional<SlotReading> is = Optional.ofNullable(now.get(slot));
            if (!was.equals(is)) {
                differences.add(new SlotDifference(slot, was, is));
            }
        }
        return differences;
    }

    /** The parts that differ, in words; empty unless both are readable. */
    public List<String> parts() {
        Optional<RadioSlot> old = before.flatMap(SlotReading::content);
        Optional<RadioSlot> now = after.flatMap(SlotReading::content);
        List<String> parts = new ArrayList<>();
        if (old.isPresent() && now.isPresent()) {
            RadioSlot a = old.get();
            RadioSlot b = now.get();
            add(parts, "name", a.name(), b.name());
            add(parts, "listen", a.receive(), b.receive());
            add(parts, "talk", a.transmit(), b.transmit());
            add(parts, "talk tone", a.talkTone(), b.talkTone());
            add(parts, "listen tone", a.listenTone(), b.listenTone());
            add(parts, "kind", a.emission(), b.emission());
            add(parts, "power", a.power(), b.power());
            add(parts, "scan", a.scan(), b.scan());
            add(parts, "banks", a.banks(), b.banks());
        }
        return parts;
    }

    private static void add(List<String> parts, String name, Object before, Object after) {
        if (!before.equals(after)) {
            parts.add(name);
        }
    }
}
