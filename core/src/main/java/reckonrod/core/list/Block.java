package reckonrod.core.list;

/**
 * A named span of slots.
 *
 * @param name what it is called, not blank
 * @param slots the span
 */
public record Block(String name, SlotRange slots) {
    public Block {
        if (name.isBlank()) {
            throw new IllegalArgumentException("Block name must not be blank");
        }
    }
}
