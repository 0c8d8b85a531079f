package reckonrod.core.keying;

import java.util.List;
import java.util.OptionalInt;
import java.util.OptionalLong;
import reckonrod.core.image.MemoryImage;

/**
 * A state of a panel with a numbered menu.
 *
 * @param memory what the radio holds
 * @param onSlot the slot that is chosen; absent while frequencies are dialled
 * @param hertz the frequency that is dialled; absent if nobody knows
 * @param values which value each item has, by its place in the menu; −1 if nobody knows
 * @param typed digits that make no whole yet
 * @param item the item that is looked at, by its place in the menu; −1 outside the menu
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
        String typed,
        int item,
        boolean open,
        int draft,
        String said,
        int idleMillis) {
    static final int NONE = -1;

    public PanelState {
        values = List.copyOf(values);
    }

    /** Whether the menu is open. */
    public boolean inMenu() {
        return item != NONE;
    }

    PanelState withMemory(MemoryImage next) {
        return new PanelState(next, onSlot, hertz, values, typed, item, open, draft, said, idleMillis);
    }

    PanelState on(OptionalInt slot) {
        return new PanelState(memory, slot, hertz, values, "", item, open, draft, said, idleMillis);
    }

    PanelState dialled(long next, List<Integer> now) {
        return new PanelState(memory, onSlot, OptionalLong.of(next), now, "", item, open, draft, said, idleMillis);
    }

    PanelState typing(String digits) {
        return new PanelState(memory, onSlot, hertz, values, digits, item, open, draft, said, idleMillis);
    }

    PanelState at(int next) {
        return new PanelState(memory, onSlot, hertz, values, "", next, false, NONE, said, idleMillis);
    }

    PanelState opened(int value) {
        return new PanelState(memory, onSlot, hertz, values, "", item, true, value, said, idleMillis);
    }

    PanelState withValues(List<Integer> next) {
        return new PanelState(memory, onSlot, hertz, next, typed, item, open, draft, said, idleMillis);
    }

    PanelState saying(String words) {
        return new PanelState(memory, onSlot, hertz, values, typed, item, open, draft, words, idleMillis);
    }

    PanelState idle(int millis) {
        return new PanelState(memory, onSlot, hertz, values, typed, item, open, draft, said, millis);
    }
}
