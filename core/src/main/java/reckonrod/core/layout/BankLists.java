package reckonrod.core.layout;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.list.SlotRange;

/**
 * Banks as lists of slot numbers, one behind the other: a slot may be in several, and each has an order of its own.
 *
 * @param base the first byte of the first list
 * @param stride the bytes from one list to the next
 * @param count how many lists
 * @param entries how many slots a list can name
 * @param first where the first of them stands in a list; the others follow it without a gap
 * @param free the number that names no slot
 */
record BankLists(int base, int stride, int count, int entries, BitPlace first, long free) {
    BankLists {
        if (first.lowBit() != 0 || first.bits() % 8 != 0) {
            throw new IllegalArgumentException(
                    "the number of a slot in a bank must be whole bytes, was " + first.bits() + " bits");
        }
        if (first.byteOffset() + entries * first.bytes() > stride) {
            throw new IllegalArgumentException("a bank of " + entries + " slots must end within its " + stride
                    + " bytes, was up to byte " + (first.byteOffset() + entries * first.bytes() - 1));
        }
    }

    /**
     * The slots of a bank in their order. What names no slot of the radio is passed by, and so is a slot that was named before.
     *
     * @param bank its number, from 1
     */
    List<Integer> read(byte[] memory, int bank, SlotRange slots) {
        Set<Integer> named = new LinkedHashSet<>();
        for (int i = 0; i < entries; i++) {
            long slot = entry(memory, bank, i).number();
            if (slot != free && slot <= slots.last() && slot >= slots.first()) {
                named.add((int) slot);
            }
        }
        return List.copyOf(named);
    }

    /**
     * Writes the slots of a bank.
     *
     * @throws IllegalArgumentException if it cannot hold so many; nothing is written then
     */
    void write(byte[] memory, int bank, List<Integer> slots) {
        if (slots.size() > entries) {
            throw new IllegalArgumentException(
                    "Bank " + bank + " must hold at most " + entries + " channels, was " + slots.size());
        }
        for (int i = 0; i < entries; i++) {
            entry(memory, bank, i).setNumber(i < slots.size() ? slots.get(i) : free);
        }
    }

    /** Every place of a list, for who asks which bits it owns. */
    List<BitPlace> places() {
        List<BitPlace> places = new ArrayList<>();
        for (int i = 0; i < entries; i++) {
            places.add(place(i));
        }
        return places;
    }

    private Bits entry(byte[] memory, int bank, int index) {
        return new Bits(memory, base + (bank - 1) * stride, place(index));
    }

    private BitPlace place(int index) {
        return new BitPlace(first.byteOffset() + index * first.bytes(), 0, first.bits(), first.order());
    }
}
