package reckonrod.core.fit;

import java.util.OptionalInt;

/** Where a channel is to go in a radio, or why nowhere. */
sealed interface Place {
    /** Into this slot, if the radio has it. */
    record At(int slot) implements Place {
        @Override
        public OptionalInt slotThere() {
            return OptionalInt.of(slot);
        }
    }

    /** There is no slot left. */
    record NoRoom() implements Place {}

    /** Another channel goes into the slot that was meant for it. */
    record Taken(int slot, String by) implements Place {}

    /** Its block does not go into this radio. */
    record OutWithBlock(String block) implements Place {}

    /** The slot in the radio, if there is one for it. */
    default OptionalInt slotThere() {
        return OptionalInt.empty();
    }
}
