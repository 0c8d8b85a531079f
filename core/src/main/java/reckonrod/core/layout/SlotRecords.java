package reckonrod.core.layout;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ShiftLimit;

/** The slots in the bytes of one memory. Slots are named by the radio's own numbers. */
public final class SlotRecords {
    private final Layout layout;
    private final byte[] memory;
    private final Map<Integer, Integer> separateBySlot;
    private final Map<Integer, Set<Integer>> banksBySlot = new HashMap<>();

    SlotRecords(Layout layout, byte[] memory) {
        this.layout = layout;
        this.memory = memory;
        this.separateBySlot = new HashMap<>(layout.besides()
                .separate()
                .map(each -> each.recordsBySlot(memory))
                .orElse(Map.of()));
        banks().forEach((bank, slots) -> slots.forEach(slot ->
                banksBySlot.computeIfAbsent(slot, any -> new TreeSet<>()).add(bank)));
    }

    /** The slots of each bank in their order, where banks are lists; otherwise nothing. */
    public NavigableMap<Integer, List<Integer>> banks() {
        NavigableMap<Integer, List<Integer>> banks = new TreeMap<>();
        layout.besides()
                .banks()
                .ifPresent(lists -> IntStream.rangeClosed(1, lists.count())
                        .forEach(bank -> banks.put(bank, lists.read(memory, bank, layout.slots()))));
        return banks;
    }

    /**
     * Puts slots into the banks, where those are lists. A bank that names just these, in this order, keeps its bytes: what it names
     * of slots that were free and stay so is the radio's matter.
     *
     * @param wanted the slots of each bank in their order
     * @param before the slots that were in use before
     * @throws IllegalArgumentException if a bank cannot hold so many
     */
    public void putIntoBanks(Map<Integer, List<Integer>> wanted, Set<Integer> before) {
        layout.besides()
                .banks()
                .ifPresent(lists -> banks().forEach((bank, named) -> {
                    List<Integer> next = wanted.getOrDefault(bank, List.of());
                    if (!named.stream()
                            .filter(slot -> before.contains(slot) || isInUse(slot))
                            .toList()
                            .equals(next)) {
                        lists.write(memory, bank, next);
                    }
                }));
    }

    /**
     * Sets the shift sizes that these contents need, where a radio has one for each stretch.
     *
     * @throws IllegalArgumentException if two of them need different ones
     */
    public void setShiftSizes(Collection<RadioSlot> contents) {
        layout.besides().shiftSizes().ifPresent(sizes -> {
            Map<ShiftSizes.Size, Shift> needed = new HashMap<>();
            for (RadioSlot content : contents) {
                Shift size = SlotDraft.of(content, false, false).shiftSize;
                if (size.hertz() == 0) {
                    continue;
                }
                ShiftSizes.Size place = sizes.at(content.receive())
                        .filter(each ->
                                each.stretch().contains(content.transmit().orElseThrow()))
                        .orElseThrow(
                                () -> new IllegalArgumentException("The radio has no shift from " + content.receive()
                                        + " to " + content.transmit().get()));
                Shift other = needed.putIfAbsent(place, size);
                if (other != null && !other.equals(size)) {
                    throw new IllegalArgumentException("The radio has one shift size on "
                            + place.stretch().toWords() + ", were " + other.toSizeText() + " and " + size.toSizeText());
                }
            }
            needed.forEach((place, size) -> place.write(memory, size));
        });
    }

    /** How far is shifted there, where the radio has one size for a stretch. */
    public Optional<Shift> shiftSize(Frequency receive) {
        return layout.besides().shiftSizes().flatMap(sizes -> sizes.at(receive)).map(size -> size.read(memory));
    }

    /**
     * Sets how far is shifted there.
     *
     * @throws IllegalArgumentException if the radio has no size for that
     */
    public void setShiftSize(Frequency receive, Shift size) {
        layout.besides()
                .shiftSizes()
                .flatMap(sizes -> sizes.at(receive))
                .orElseThrow(() -> new IllegalArgumentException("The radio has no shift size for " + receive))
                .write(memory, size);
    }

    /** Takes every slot out of every bank that is a list. */
    public void emptyBanks() {
        layout.besides()
                .banks()
                .ifPresent(lists -> banks().keySet().forEach(bank -> lists.write(memory, bank, List.of())));
    }

    /** Whether the slot is in use. */
    public boolean isInUse(int slot) {
        int index = index(slot);
        return layout.presence().isIn(memory, index, layout.recordStart(index));
    }

    /**
     * What a slot that is in use holds.
     *
     * @throws MeaninglessException if its bytes mean nothing
     */
    public RadioSlot read(int slot) {
        int index = index(slot);
        SlotDraft draft = new SlotDraft();
        layout.fields().forEach(field -> field.read(memory, layout.recordStart(index), draft));
        layout.maps().forEach(map -> map.part().set().accept(draft, map.map().get(memory, index)));
        layout.besides().banks().ifPresent(any -> draft.banks = banksBySlot.getOrDefault(slot, Set.of()));
        layout.besides()
                .shiftSizes()
                .ifPresent(sizes -> draft.shiftSize = draft.receive
                        .flatMap(sizes::at)
                        .map(size -> size.read(memory))
                        .orElse(Shift.NONE));
        Optional<Frequency> separateTalk = layout.besides()
                .separate()
                .filter(any -> draft.separate && separateBySlot.containsKey(slot))
                .map(each -> each.read(memory, separateBySlot.get(slot)));
        return draft.toSlot(layout.shiftForm(), separateTalk);
    }

    /** Takes a slot out of use. Its record keeps its other bytes. */
    public void free(int slot) {
        int index = index(slot);
        layout.presence().set(memory, index, layout.recordStart(index), false);
        layout.maps().forEach(map -> map.map().set(memory, index, false));
        releaseSeparate(slot);
    }

    /** Gives back what the slot has in a second array, so that slots that are written before it can have that. */
    public void makeRoom(int slot) {
        index(slot);
        releaseSeparate(slot);
    }

    /**
     * Writes a slot.
     *
     * @throws IllegalArgumentException if the layout cannot hold it; some bytes may be written by then
     */
    public void write(int slot, RadioSlot content) {
        int index = index(slot);
        int start = layout.recordStart(index);
        boolean separate = needsSeparate(content);
        SlotDraft draft =
                SlotDraft.of(content, separate, layout.limits().tones().onePolarity());
        requireThatItTalksAsToldIn(content, draft);
        if (draft.listenReversed && !has(Part.LISTEN_REVERSED)) {
            throw new IllegalArgumentException(
                    "The radio cannot wait for a tone to go away, was " + content.listenTone());
        }
        layout.fields().forEach(field -> field.write(memory, start, draft));
        layout.maps()
                .forEach(map -> map.map().set(memory, index, map.part().get().apply(draft)));
        layout.presence().set(memory, index, start, true);
        if (separate) {
            writeSeparate(slot, content.transmit().orElseThrow());
        } else {
            releaseSeparate(slot);
        }
    }

    private void requireThatItTalksAsToldIn(RadioSlot content, SlotDraft draft) {
        boolean toldByPart = has(Part.TALKS) || layout.shiftForm() != ShiftForm.SIGNED;
        if (content.transmit().isEmpty() && !toldByPart) {
            throw new IllegalArgumentException("The radio cannot hold a listen-only channel, was " + draft.name);
        }
    }

    private boolean has(Part<?> part) {
        return layout.fields().stream().anyMatch(field -> field.part().equals(part));
    }

    private boolean needsSeparate(RadioSlot content) {
        return layout.besides().separate().isPresent()
                && content.transmit().isPresent()
                && layout.limits().shift() instanceof ShiftLimit.Steps steps
                && !steps.has(
                        Shift.between(content.receive(), content.transmit().get()));
    }

    private void writeSeparate(int slot, Frequency talk) {
        SeparateTalk records = layout.besides().separate().orElseThrow();
        Integer record = separateBySlot.get(slot);
        if (record == null) {
            record = unused(records);
            separateBySlot.values().remove(record);
            separateBySlot.put(slot, record);
        }
        records.write(memory, record, slot, talk);
    }

    private int unused(SeparateTalk records) {
        for (int i = 0; i < records.count(); i++) {
            if (records.isFree(memory, i) || !isOfUsedSlot(i)) {
                return i;
            }
        }
        throw new IllegalArgumentException(
                "The radio has " + records.count() + " talk frequencies of their own, and all are taken");
    }

    /** A record may be left over from a slot that was freed on the radio. */
    private boolean isOfUsedSlot(int record) {
        return separateBySlot.entrySet().stream()
                .anyMatch(each ->
                        each.getValue() == record && layout.slots().contains(each.getKey()) && isInUse(each.getKey()));
    }

    private void releaseSeparate(int slot) {
        Integer record = separateBySlot.remove(slot);
        if (record != null) {
            layout.besides().separate().orElseThrow().release(memory, record);
        }
    }

    private int index(int slot) {
        if (!layout.slots().contains(slot)) {
            throw new IllegalArgumentException("Slot must be one of " + layout.slots() + ", was " + slot);
        }
        return slot - layout.slots().first();
    }
}
