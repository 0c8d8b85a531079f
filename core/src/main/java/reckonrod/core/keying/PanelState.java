package reckonrod.core.keying;

import java.util.List;
import java.util.OptionalInt;
import java.util.OptionalLong;
import reckonrod.core.image.MemoryImage;

/**
 * A state of a panel.
 *
 * @param memory what the radio holds
 * @param onSlot the slot that is called; absent while frequencies are dialled
 * @param hertz the frequency that is dialled; absent if nobody knows
 * @param values which value each item has, by its place; −1 if nobody knows
 * @param name the name that is entered for what is dialled
 * @param typed digits or letters that make no whole yet
 * @param page how often the function key was pressed, or which page of soft keys is shown
 * @param item the item that is looked at, by its place; −1 for none
 * @param open whether the item is open to be set
 * @param draft what it would be set to; −1 for nothing yet
 * @param said what the radio says; empty for nothing
 * @param idleMillis how long no key was pressed
 */
public record PanelState(
        MemoryImage memory,
        OptionalInt onSlot,
        OptionalLong hertz,
        List<Integer> values,
        String name,
        String typed,
        int page,
        int item,
        boolean open,
        int draft,
        String said,
        int idleMillis) {
    static final int NONE = -1;

    public PanelState {
        values = List.copyOf(values);
    }

    /** Whether an item is looked at. */
    public boolean inMenu() {
        return item != NONE;
    }

    PanelState withMemory(MemoryImage next) {
        return new PanelState(next, onSlot, hertz, values, name, typed, page, item, open, draft, said, idleMillis);
    }

    PanelState on(OptionalInt slot) {
        return new PanelState(memory, slot, hertz, values, name, "", page, item, open, draft, said, idleMillis);
    }

    /** Another frequency; a name that was entered is forgotten with the old one. */
    PanelState dialled(long next, List<Integer> now) {
        return new PanelState(
                memory, onSlot, OptionalLong.of(next), now, "", "", page, item, open, draft, said, idleMillis);
    }

    PanelState named(String next) {
        return new PanelState(memory, onSlot, hertz, values, next, typed, page, item, open, draft, said, idleMillis);
    }

    PanelState typing(String digits) {
        return new PanelState(memory, onSlot, hertz, values, name, digits, page, item, open, draft, said, idleMillis);
    }

    PanelState paged(int next) {
        return new PanelState(memory, onSlot, hertz, values, name, "", next, item, open, draft, said, idleMillis);
    }

    PanelState at(int next) {
        return new PanelState(memory, onSlot, hertz, values, name, "", page, next, false, NONE, said, idleMillis);
    }

    PanelState opened(int value) {
        return new PanelState(memory, onSlot, hertz, values, name, "", page, item, true, value, said, idleMillis);
    }

    PanelState withDraft(int value) {
        return new PanelState(memory, onSlot, hertz, values, name, typed, page, item, open, value, said, idleMillis);
    }

    PanelState withValues(List<Integer> next) {
        return new PanelState(memory, onSlot, hertz, next, name, typed, page, item, open, draft, said, idleMillis);
    }

    PanelState saying(String words) {
        return new PanelState(memory, onSlot, hertz, values, name, typed, page, item, open, draft, words, idleMillis);
    }

    PanelState idle(int millis) {
        return new PanelState(memory, onSlot, hertz, values, name, typed, page, item, open, draft, said, millis);
    }
}
