package reckonrod.sim.cable;

/** What can be wrong with a simulated cable, for practice and for proof. */
public sealed interface Trouble {
    /** The cable is good. */
    record None() implements Trouble {}

    /** The radio never answers. */
    record NoAnswer() implements Trouble {}

    /** Every answer is noise. */
    record Garbage() implements Trouble {}

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
}
