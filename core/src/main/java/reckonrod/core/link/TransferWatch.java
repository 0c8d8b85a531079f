package reckonrod.core.link;

import java.util.List;
import java.util.Optional;
import reckonrod.core.image.MemoryImage;

/** Follows a transfer and may stop it. */
public interface TransferWatch {
    /** What a transfer is doing. */
    enum Phase {
        IDENTIFY("Asking the radio who it is"),
        READ("Reading"),
        COMPARE("Making sure that nothing changed"),
        WRITE("Writing"),
        READ_BACK("Reading back"),
        /** The radio sends by itself once the person starts it there. */
        WAIT_FOR_SEND("Waiting for the radio to send"),
        /** The radio takes once the person sets it to that. */
        WAIT_FOR_TAKE("Waiting for the radio to be ready to take");

        private final String words;

        Phase(String words) {
            this.words = words;
        }

        /** Whether it is the person's turn. */
        public boolean isForPerson() {
            return this == WAIT_FOR_SEND || this == WAIT_FOR_TAKE;
        }

        /** What is being done, in words for the person. */
        public String words() {
            return words;
        }
    }

    /**
     * Called after each block.
     *
     * @param phase what is being done
     * @param bytesDone the memory bytes done, over all phases
     * @param bytesTotal the memory bytes to be done, over all phases
     */
    void progress(Phase phase, int bytesDone, int bytesTotal);

    /** Why a transfer is to stop. */
    enum Stop {
        /** The person wants it. */
        ASKED("Stopped, as you asked."),
        /** The program ends. */
        PROGRAM_ENDS("Reckonrod was stopped while this transfer ran."),
        /** It was given up meanwhile, and another transfer may have been let in. */
        NO_LONGER_OURS("This program stood still for so long that the transfer was given up meanwhile.");

        private final String words;

        Stop(String words) {
            this.words = words;
        }

        /** What to tell the person. */
        public String words() {
            return words;
        }
    }

    /** Why the transfer is to stop, if it is. Asked before each block; nothing more is written then. */
    Optional<Stop> stop();

    /**
     * Called once the whole memory was read, before anything is written; in a write only when it is not as expected.
     *
     * @param memory what the radio holds
     */
    void memoryWasRead(MemoryImage memory);

    /**
     * Called when the person has something to do on the radio before it goes on.
     *
     * @param phase what is waited for
     * @param steps what to do, in order
     */
    default void waitsForPerson(Phase phase, List<String> steps) {}

    /**
     * Called once the radio has said who it is.
     *
     * @param identity its name and firmware, and what there is to say of that
     */
    default void isThere(Identity identity) {}

    /**
     * Called once, before the first byte of the first block is written: from here on the radio may be half written.
     *
     * @return why it is not to begin, if it is not; nothing is written then
     */
    Optional<Stop> writingBegins();
}
