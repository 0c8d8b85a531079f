package reckonrod.core.link;

import reckonrod.core.image.MemoryImage;

/** Follows a transfer and may stop it. */
public interface TransferWatch {
    /** What a transfer is doing. */
    enum Phase {
        IDENTIFY,
        READ,
        COMPARE,
        WRITE,
        READ_BACK
    }

    /**
     * Called after each block.
     *
     * @param phase what is being done
     * @param bytesDone the memory bytes done, over all phases
     * @param bytesTotal the memory bytes to be done, over all phases
     */
    void progress(Phase phase, int bytesDone, int bytesTotal);

    /** Whether the person wants the transfer to stop. Asked before each block. */
    boolean cancelled();

    /**
     * Called once the whole memory was read, before anything is written.
     *
     * @param memory what the radio holds
     */
    void memoryWasRead(MemoryImage memory);

    /** Called once, before the first byte of the first block is written: from here on the radio may be half written. */
    void writingBegins();
}
