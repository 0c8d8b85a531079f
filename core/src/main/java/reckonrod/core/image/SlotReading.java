package reckonrod.core.image;

import java.util.Optional;
import reckonrod.core.radio.RadioSlot;

/** What the bytes of a slot that is in use say. */
public sealed interface SlotReading {
    /** The content, if the bytes mean one. */
    Optional<RadioSlot> content();

    /**
     * The bytes mean this.
     *
     * @param slot the content
     */
    record Held(RadioSlot slot) implements SlotReading {
        @Override
        public Optional<RadioSlot> content() {
            return Optional.of(slot);
        }
    }

    /**
     * The bytes mean nothing.
     *
     * @param reason which field is wrong, and what was found there
     */
    record Unreadable(String reason) implements SlotReading {
        @Override
        public Optional<RadioSlot> content() {
            return Optional.empty();
        }
    }
}
