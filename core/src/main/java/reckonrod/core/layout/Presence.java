package reckonrod.core.layout;

import java.util.OptionalLong;

/** How a slot tells that it is in use. */
sealed interface Presence {
    boolean isIn(byte[] memory, int index, int recordStart);

    /** Says that the slot is in use, or free. A record that goes out of use keeps its other bytes. */
    void set(byte[] memory, int index, int recordStart, boolean inUse);

    /**
     * By a map beside the records.
     *
     * @param map a bit for each slot that is in use
     */
    record ByMap(BitMap map) implements Presence {
        @Override
        public boolean isIn(byte[] memory, int index, int recordStart) {
            return map.get(memory, index);
        }

        @Override
        public void set(byte[] memory, int index, int recordStart, boolean inUse) {
            map.set(memory, index, inUse);
        }
    }

    /**
     * By bits of the record that say that it is free: a mark of their own, or bytes that a field in use never has.
     *
     * @param place the bits
     * @param free what they are in a free slot
     * @param used what they are in a slot in use; absent where another field has those bits then
     */
    record ByMark(BitPlace place, long free, OptionalLong used) implements Presence {
        public ByMark {
            long most = NumberForm.BINARY.most(place.bits());
            if (free < 0 || free > most || used.isPresent() && (used.getAsLong() < 0 || used.getAsLong() > most)) {
                throw new IllegalArgumentException("the marks of a slot must be numbers of " + place.bits()
                        + " bits, were " + free + (used.isPresent() ? " and " + used.getAsLong() : ""));
            }
            if (used.isPresent() && used.getAsLong() == free) {
                throw new IllegalArgumentException(
                        "the marks of a free slot and of one in use must differ, both were " + free);
            }
        }

        @Override
        public boolean isIn(byte[] memory, int index, int recordStart) {
            return new Bits(memory, recordStart, place).number() != free;
        }

        @Override
        public void set(byte[] memory, int index, int recordStart, boolean inUse) {
            Bits bits = new Bits(memory, recordStart, place);
            if (!inUse) {
                bits.setNumber(free);
            } else if (used.isPresent() && bits.number() == free) {
                bits.setNumber(used.getAsLong());
            }
        }
    }
}
