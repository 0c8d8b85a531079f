package reckonrod.core.link.blocks;

import java.util.BitSet;
import java.util.Optional;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;

/** A radio whose memory is read and written block by block, in any order. */
public interface BlockLink {
    /** Asks who is there; any other radio than the expected one is refused by name. */
    Identity identify() throws LinkException;

    /** Reads a block. */
    byte[] read(int block) throws LinkException;

    /** Writes a block; what the radio took is not proven by that. */
    void write(int block, byte[] data) throws LinkException;

    /** The cyclic sum that the radio works out of its whole memory. */
    int sum() throws LinkException;

    /** The blocks that were changed since {@link #remember}, if the radio tells. */
    Optional<BitSet> changed() throws LinkException;

    /** From now on the radio marks what is changed, if it can. */
    void remember() throws LinkException;

    /** Says goodbye. What was read or read back is proven by then, so a radio that does not answer changes nothing. */
    void leave();
}
