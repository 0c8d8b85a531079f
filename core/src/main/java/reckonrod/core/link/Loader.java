package reckonrod.core.link;

import reckonrod.core.image.MemoryImage;

/** Loads one radio over one line, once. Whatever its family, a radio is never left other than was said. */
public interface Loader {
    /**
     * Reads the whole memory.
     *
     * @throws LinkException if another model answers, the line fails, or the person cancels
     */
    MemoryImage read() throws LinkException;

    /**
     * Reads the whole memory, and may leave out what the radio says was not changed since it was known. What comes back is
     * proven by the radio's sum of all.
     *
     * @param known what the radio was last known to hold
     * @throws LinkException as {@link #read}
     */
    default MemoryImage readAgain(MemoryImage known) throws LinkException {
        return read();
    }

    /**
     * Brings the radio from one image to another: makes sure that it still holds the first, to the last byte, writes what
     * differs, and reads that back.
     *
     * @param from what the radio was last read to hold
     * @param to what it shall hold
     * @return what it holds now, every byte proven by what the radio said in this transfer
     * @throws LinkException as {@link #read}; also if the radio was changed since, anywhere, or holds something else
     *     afterwards
     */
    MemoryImage write(MemoryImage from, MemoryImage to) throws LinkException;

    /**
     * Brings the radio to an image, whatever it holds now: reads all of it, writes what differs, reads that back.
     *
     * @return what it holds now, every byte proven by what the radio said in this transfer
     * @throws LinkException as {@link #write}
     */
    MemoryImage restore(MemoryImage to) throws LinkException;

    /** Whether what is written gets into the radio only by what the person does afterwards, so that it is not proven yet. */
    default boolean leavesTheRest() {
        return false;
    }
}
