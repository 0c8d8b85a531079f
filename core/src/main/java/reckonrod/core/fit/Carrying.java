package reckonrod.core.fit;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.channel.Channel;
import reckonrod.core.tone.Tone;

/**
 * How one radio of the person's carries a list: at which of its slots, and what is otherwise in this radio than in the list.
 *
 * @param places at which slots
 * @param blocks what is otherwise for the blocks of a list, by their names; those that are not named go as {@code places} says
 * @param overrules what is otherwise, by the identity of the channel
 */
public record Carrying(Places places, Map<String, Into> blocks, Map<UUID, Overrule> overrules) {
    /** At the slots of the list, as the list says. */
    public static final Carrying AS_LISTED = new Carrying(new Places.Same(), Map.of(), Map.of());

    /** The most slots that a radio can be asked to have. */
    public static final int MOST_SLOT = 9999;

    /** At which slots of the radio the channels of a list go. */
    public sealed interface Places {
        /** At the same numbers. */
        record Same() implements Places {}

        /**
         * All moved by as much.
         *
         * @param by how many slots up; down if negative
         */
        record Moved(int by) implements Places {}

        /** One behind the other from the first slot of the radio on, in the order of the list; what does not go in takes no slot. */
        record Packed() implements Places {}
    }

    /** Where a block goes. */
    public sealed interface Into {
        /** Not into this radio. */
        record Out() implements Into {}

        /**
         * With its first slot there; the rest of it keeps its distances.
         *
         * @param slot a slot of the radio, 0 to 9,999
         */
        record From(int slot) implements Into {
            public From {
                if (slot < 0 || slot > MOST_SLOT) {
                    throw new IllegalArgumentException(
                            "the first slot of a block must be 0 to " + MOST_SLOT + ", was " + slot);
                }
            }
        }
    }

    /**
     * What is otherwise for one channel in one radio.
     *
     * @param leftOut whether it does not go in at all
     * @param listenOnly whether it goes in without its talk frequency
     * @param name what it is called there; absent for its name
     * @param talkTone the tone that is sent there; absent for its own
     */
    public record Overrule(boolean leftOut, boolean listenOnly, Optional<String> name, Optional<Tone> talkTone) {
        /**
         * What no channel can have is no overrule either: every fit of the radio would break on it.
         *
         * @throws IllegalArgumentException if no channel can have that name or send that tone
         */
        public Overrule {
            name = name.map(String::strip).filter(each -> !each.isEmpty());
            name.ifPresent(Channel::requireName);
            talkTone.ifPresent(Channel::requireSent);
        }

        /** Whether it says nothing. */
        public boolean isEmpty() {
            return !leftOut && !listenOnly && name.isEmpty() && talkTone.isEmpty();
        }
    }

    /** What the person has otherwise for a channel. */
    public Optional<Overrule> overrule(UUID channel) {
        return Optional.ofNullable(overrules.get(channel));
    }

    public Carrying {
        blocks = Map.copyOf(blocks);
        overrules = Map.copyOf(overrules);
    }
}
