package reckonrod.server.bench;

import reckonrod.sim.cable.Trouble;

/** The kinds of cable trouble, as they are named outside. */
enum TroubleKind {
    none,
    no_answer,
    garbage,
    flipped_byte,
    pulled_while_writing;

    static TroubleKind of(Trouble trouble) {
        if (trouble instanceof Trouble.NoAnswer) {
            return no_answer;
        }
        if (trouble instanceof Trouble.Garbage) {
            return garbage;
        }
        return trouble instanceof Trouble.FlippedByte
                ? flipped_byte
                : trouble instanceof Trouble.PulledWhileWriting ? pulled_while_writing : none;
    }

    /** The byte that it happens at; 0 where that says nothing. */
    static long byteOf(Trouble trouble) {
        if (trouble instanceof Trouble.FlippedByte flip) {
            return flip.atByte();
        }
        return trouble instanceof Trouble.PulledWhileWriting pull ? pull.atByte() : 0;
    }

    Trouble at(long atByte) {
        return switch (this) {
            case none -> new Trouble.None();
            case no_answer -> new Trouble.NoAnswer();
            case garbage -> new Trouble.Garbage();
            case flipped_byte -> new Trouble.FlippedByte(atByte);
            case pulled_while_writing -> new Trouble.PulledWhileWriting(atByte);
        };
    }
}
