package reckonrod.core.link;

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
        READ_BACK("Reading back");

        private final String words;

        Phase(String words) {
            this.words = words;
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

    /** Called once, before the first byte of the first block is written: from here on the radio may be half written. */
    void writingBegins();
}
