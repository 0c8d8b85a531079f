package reckonrod.core.list;

import java.util.Optional;

/**
 * A named span of slots.
 *
 * @param name what it is called, not blank
 * @param slots the span
 * @param order the order that its channels are kept in; absent where they stay as they were placed
 * @param filling what goes there by itself; absent where only what is put there does
 * @param naming how channels from a directory are named that go there; absent where they are named as the list has it
 */
public record Block(
        String name,
        SlotRange slots,
        Optional<Ordering> order,
        Optional<Filling> filling,
        Optional<NameRecipe> naming) {
    public Block {
        if (name.isBlank()) {
            throw new IllegalArgumentException("Block name must not be blank");
        }
    }

    /** A block whose channels stay as they are placed. */
    public Block(String name, SlotRange slots) {
        this(name, slots, Optional.empty(), Optional.empty(), Optional.empty());
    }

    Block called(String next) {
        return new Block(next, slots, order, filling, naming);
    }

    Block at(SlotRange next) {
        return new Block(name, next, order, filling, naming);
    }

    Block ordered(Optional<Ordering> next) {
        return new Block(name, slots, next, filling, naming);
    }

    Block filled(Optional<Filling> next) {
        return new Block(name, slots, order, next, naming);
    }

    Block named(Optional<NameRecipe> next) {
        return new Block(name, slots, order, filling, next);
    }
}
