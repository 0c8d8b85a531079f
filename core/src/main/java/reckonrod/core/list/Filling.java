package reckonrod.core.list;

import java.util.Optional;

/**
 * How a block is filled by itself.
 *
 * @param belongs which channels go there
 * @param spare how many slots at its end are kept free for what is put there by hand, 0 to 999
 * @param full what becomes of a channel that finds no room
 */
public record Filling(Belongs belongs, int spare, WhenFull full) {
    /** The most slots that can be kept free. */
    public static final int MOST_SPARE = 999;

    /** What becomes of a channel that belongs into a block and finds no room there. */
    public sealed interface WhenFull {
        /** Whether the block may become larger. */
        default boolean grows() {
            return false;
        }

        /** The block that gets what finds no room. */
        default Optional<String> passesTo() {
            return Optional.empty();
        }

        /** Why even that did not help, as behind "no slot is free". */
        default String why() {
            return "";
        }

        /** The block takes the next free slot behind it, as long as no other block claims that. */
        record Grow() implements WhenFull {
            @Override
            public boolean grows() {
                return true;
            }

            @Override
            public String why() {
                return ", and what stands behind it leaves it no room to grow";
            }
        }

        /** The channel does not go in, and that is said. */
        record Refuse() implements WhenFull {}

        /**
         * It goes to another block.
         *
         * @param block the name of that one
         */
        record Overflow(String block) implements WhenFull {
            @Override
            public Optional<String> passesTo() {
                return Optional.of(block);
            }

            @Override
            public String why() {
                return ", and block " + block + " has no room either";
            }
        }
    }

    public Filling {
        if (spare < 0 || spare > MOST_SPARE) {
            throw new IllegalArgumentException("Spare slots must be 0 to " + MOST_SPARE + ", was " + spare);
        }
    }
}
