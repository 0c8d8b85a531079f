package reckonrod.core.list;

/**
 * A run of slot numbers, both ends inside it.
 *
 * @param first the lowest, 0 to 9999
 * @param last the highest, not below {@code first}
 */
public record SlotRange(int first, int last) {
    public SlotRange {
        if (first < 0 || last > 9999 || last < first) {
            throw new IllegalArgumentException("Slots must rise from 0 to at most 9999, was " + first + "-" + last);
        }
    }

    /** Whether the slot is one of them. */
    public boolean contains(int slot) {
        return first <= slot && slot <= last;
    }

    /** Whether the two have a slot in common. */
    public boolean overlaps(SlotRange other) {
        return first <= other.last && other.first <= last;
    }

    /** How many there are. */
    public int count() {
        return last - first + 1;
    }

    @Override
    public String toString() {
        return first + "–" + last;
    }
}
