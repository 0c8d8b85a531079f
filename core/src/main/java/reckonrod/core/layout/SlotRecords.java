package reckonrod.core.layout;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ShiftLimit;

/** The slots in the bytes of one memory. Slots are named by the radio's own numbers. */
public final class SlotRecords {
    private final Layout layout;
    private final byte[] memory;
    private final Map<Integer, Integer> separateBySlot;

    SlotRecords(Layout layout, byte[] memory) {
        this.layout = layout;
        this.memory = memory;
        this.separateBySlot = new HashMap<>(
                layout.separate().map(each -> each.recordsBySlot(memory)).orElse(Map.of()));
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
        Optional<Frequency> separateTalk = layout.separate()
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
        SlotDraft draft = SlotDraft.of(content, separate);
        requireThatItTalksAsToldIn(content, draft);
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
        boolean toldByPart =
                layout.fields().stream().anyMatch(field -> field.part().equals(Part.TALKS))
                        || layout.shiftForm() != ShiftForm.SIGNED;
        if (content.transmit().isEmpty() && !toldByPart) {
            throw new IllegalArgumentException("The radio cannot hold a listen-only channel, was " + draft.name);
        }
    }

    private boolean needsSeparate(RadioSlot content) {
        return layout.separate().isPresent()
                && content.transmit().isPresent()
                && layout.shiftLimit() instanceof ShiftLimit.Steps steps
                && !steps.has(
                        Shift.between(content.receive(), content.transmit().get()));
    }

    private void writeSeparate(int slot, Frequency talk) {
        SeparateTalk records = layout.separate().orElseThrow();
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
            layout.separate().orElseThrow().release(memory, record);
        }
    }

    private int index(int slot) {
        if (!layout.slots().contains(slot)) {
            throw new IllegalArgumentException("Slot must be one of " + layout.slots() + ", was " + slot);
        }
        return slot - layout.slots().first();
    }
}
