package reckonrod.sim.cable;

/** What can be wrong with a simulated cable, for practice and for proof. */
public sealed interface Trouble {
    /** The cable is good. */
    record None() implements Trouble {}

    /** The radio never answers. */
    record NoAnswer() implements Trouble {}

    /** Every answer is noise. */
    record Garbage() implements Trouble {}

    /** The cable ends in itself: what is sent comes back. */
    record Echo() implements Trouble {}

    /** Something else speaks on the line, in lines of plain text. */
    record OtherDevice() implements Trouble {}

    /**
     * The radio's line runs at another speed.
     *
     * @param baud its speed, in bits a second
     */
    record OtherSpeed(int baud) implements Trouble {}

    /**
     * One bit of one answered byte arrives wrong, once.
     *
     * @param atByte which byte the radio sends, counted from 0
     */
    record FlippedByte(long atByte) implements Trouble {}

    /**
     * The cable comes off while the host writes.
     *
     * @param atByte after how many bytes of write requests
     */
    record PulledWhileWriting(long atByte) implements Trouble {}

    /**
     * Everything that happens on a bad line, both ways: bytes lost, doubled, changed and swapped, messages cut off, doubled,
     * swapped and late; now and then the radio is switched off or the cable pulled.
     *
     * @param seed makes one storm differ from another
     */
    record Storm(long seed) implements Trouble {}
}
