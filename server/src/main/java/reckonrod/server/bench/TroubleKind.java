package reckonrod.server.bench;

import reckonrod.sim.cable.Trouble;

/** The kinds of cable trouble, as they are named outside. */
enum TroubleKind {
    none,
    no_answer,
    garbage,
    echo,
    other_device,
    other_speed,
    flipped_byte,
    pulled_while_writing,
    storm;

    private static final int OTHER_BAUD = 4_800;

    static TroubleKind of(Trouble trouble) {
        if (trouble instanceof Trouble.NoAnswer) {
            return no_answer;
        } else if (trouble instanceof Trouble.Garbage) {
            return garbage;
        } else if (trouble instanceof Trouble.Echo) {
            return echo;
        } else if (trouble instanceof Trouble.OtherDevice) {
            return other_device;
        } else if (trouble instanceof Trouble.OtherSpeed) {
            return other_speed;
        } else if (trouble instanceof Trouble.FlippedByte) {
            return flipped_byte;
        } else if (trouble instanceof Trouble.PulledWhileWriting) {
            return pulled_while_writing;
        }
        return trouble instanceof Trouble.Storm ? storm : none;
    }

    /** The byte that it happens at, or what makes a storm differ; 0 where that says nothing. */
    static long byteOf(Trouble trouble) {
        if (trouble instanceof Trouble.FlippedByte flip) {
            return flip.atByte();
        } else if (trouble instanceof Trouble.PulledWhileWriting pull) {
            return pull.atByte();
        }
        return trouble instanceof Trouble.Storm each ? each.seed() : 0;
    }

    Trouble at(long atByte) {
        return switch (this) {
            case none -> new Trouble.None();
            case no_answer -> new Trouble.NoAnswer();
            case garbage -> new Trouble.Garbage();
            case echo -> new Trouble.Echo();
            case other_device -> new Trouble.OtherDevice();
            case other_speed -> new Trouble.OtherSpeed(OTHER_BAUD);
            case flipped_byte -> new Trouble.FlippedByte(atByte);
            case pulled_while_writing -> new Trouble.PulledWhileWriting(atByte);
            case storm -> new Trouble.Storm(atByte);
        };
    }
}
