package reckonrod.core.keying;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import reckonrod.core.keying.Choices.Target;

/**
 * What is worked towards: a slot that is stored or cleared, or an item that is opened and taken.
 *
 * @param slot the slot; −1 if it does not matter
 * @param stores whether the slot is stored
 * @param clears whether the slot is cleared, before it is stored
 * @param frequency the digits of the frequency to be dialled, to store
 * @param target what has to be set, to store
 * @param name the name to be entered, to store or for the slot; absent if the panel has none
 * @param act the place of the item that is taken; absent to store or clear
 * @param value the number of its value, or of a bank, that is taken there
 * @param onSlot whether the slot must be called for that
 */
record Goal(
        int slot,
        boolean stores,
        boolean clears,
        Optional<String> frequency,
        Target target,
        Optional<String> name,
        OptionalInt act,
        int value,
        boolean onSlot) {
    private static final Target NOTHING = new Target(0, List.of(), List.of(), List.of());

    static Goal storing(int slot, boolean clears, String frequency, Target target, Optional<String> name) {
        return new Goal(
                slot, true, clears, Optional.of(frequency), target, name, OptionalInt.empty(), PanelState.NONE, false);
    }

    static Goal clearing(int slot) {
        return new Goal(
                slot,
                false,
                true,
                Optional.empty(),
                NOTHING,
                Optional.empty(),
                OptionalInt.empty(),
                PanelState.NONE,
                false);
    }

    /** Takes a value, or does what the item does, wherever one is. */
    static Goal taking(int item, int value) {
        return new Goal(
                PanelState.NONE,
                false,
                false,
                Optional.empty(),
                NOTHING,
                Optional.empty(),
                OptionalInt.of(item),
                value,
                false);
    }

    /** The same for a slot that is called. */
    static Goal inSlot(int slot, int item, int value, Optional<String> name) {
        return new Goal(slot, false, false, Optional.empty(), NOTHING, name, OptionalInt.of(item), value, true);
    }
}
