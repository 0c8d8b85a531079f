package reckonrod.core.link.clone;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import reckonrod.core.definition.LinkDefinition.StreamedClone;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Course;
import reckonrod.core.link.Exchange;
import reckonrod.core.link.Exchange.Meaning;
import reckonrod.core.link.Framing;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Loader;
import reckonrod.core.link.Port;
import reckonrod.core.link.Talk;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.core.link.WriteEstimate;

/**
 * Whole transfers of a radio on which the person starts each of them. The radio says the sum of what it holds when it is
 * ready to take, and again when it has taken; so one start is enough for a write, and it is proven to the last byte.
 */
public final class CloneLoader implements Loader {
    private static final int LINE_BITS_OF_A_BYTE = 10;
    private static final int PATIENCE_MILLIS = 180_000;

    private final RadioDefinition radio;
    private final StreamedClone family;
    private final Framing framing;
    private final Talk talk;
    private final TransferWatch watch;
    private final Course course;
    private final int memoryBytes;
    private final int patience;

    /** A transfer to be made once, over an open line to a radio of that model. */
    public CloneLoader(RadioDefinition radio, StreamedClone family, Port port, TransferWatch watch) {
        this.radio = radio;
        this.family = family;
        this.framing = CloneFrame.framing(family.blockBytes());
        this.talk = new Talk(radio, family, port);
        this.watch = watch;
        this.course = new Course(watch);
        this.memoryBytes = radio.layout().bytes();
        this.patience = PATIENCE_MILLIS / family.pace().answerWithinMillis();
    }

    @Override
    public MemoryImage read() throws LinkException {
        course.adds(memoryBytes);
        MemoryImage image = received();
        watch.memoryWasRead(image);
        return image;
    }

    @Override
    public MemoryImage write(MemoryImage from, MemoryImage to) throws LinkException {
        course.adds(memoryBytes);
        Ready.There there = ready();
        if (there.sum() != from.cyclicSum()) {
            throw new LinkException(
                    Fault.CHANGED_SINCE_READ,
                    "The radio's memory was changed since it was read. Read it again and look at what writing would change"
                            + " now.");
        }
        return given(there, to);
    }

    @Override
    public MemoryImage restore(MemoryImage to) throws LinkException {
        course.adds(2 * memoryBytes);
        watch.memoryWasRead(received());
        return given(ready(), to);
    }

    /** The cost of a write: all of the memory goes, whatever differs. */
    public static WriteEstimate estimate(StreamedClone family, MemoryImage from, MemoryImage to) {
        if (from.equals(to)) {
            return new WriteEstimate(0, 0, 0);
        }
        int blocks = to.size() / family.blockBytes();
        long lineBits = (long) blocks
                * (family.blockBytes() + CloneFrame.BYTES_AROUND_BLOCK + CloneFrame.BYTES_OF_TAKEN)
                * LINE_BITS_OF_A_BYTE;
        int baud = family.pace().baud();
        return new WriteEstimate(blocks, to.size(), (int) ((lineBits + baud - 1) / baud));
    }

    /** The radio sends; spoiled on the way, the person is asked to start it once more. */
    private MemoryImage received() throws LinkException {
        for (int tries = family.pace().tries(); ; tries--) {
            boolean again = tries < family.pace().tries();
            await(Phase.WAIT_FOR_SEND, family.send(), again);
            int[] told = {0};
            try {
                Receiving.Received received =
                        talk.over(new byte[0], Receiving.waiting(memoryBytes, family.blockBytes(), patience), now -> {
                            course.stopIfTold();
                            if (now.bytesDone() > told[0]) {
                                course.advance(Phase.READ, now.bytesDone() - told[0]);
                                told[0] = now.bytesDone();
                            }
                        });
                watch.isThere(Identity.require(radio, received.ident()));
                course.advance(Phase.READ, memoryBytes - told[0]);
                return received.image();
            } catch (LinkException failed) {
                if (failed.fault() != Fault.GARBAGE || tries <= 1) {
                    throw nobody(failed);
                }
                course.adds(told[0]);
            }
        }
    }

    private Ready.There ready() throws LinkException {
        await(Phase.WAIT_FOR_TAKE, family.take(), false);
        try {
            Ready.There there =
                    talk.over(new byte[0], Ready.waiting(family.blockBytes(), patience), any -> course.stopIfTold());
            watch.isThere(Identity.require(radio, there.ident()));
            return there;
        } catch (LinkException failed) {
            throw nobody(failed);
        }
    }

    private static LinkException nobody(LinkException failed) {
        return failed.fault() == Fault.NO_ANSWER
                ? new LinkException(
                        Fault.NOBODY_AT_THE_RADIO,
                        "Nothing came for three minutes. Start over, and start the transfer on the radio when the screen says"
                                + " so; if you did, check that the plug sits tight and that this is the port of its cable.")
                : failed;
    }

    private void await(Phase phase, List<String> steps, boolean again) throws LinkException {
        List<String> all = new ArrayList<>(steps);
        if (again) {
            all.add(0, "What came was spoiled on the way. Start the radio once more:");
        }
        course.in(phase);
        watch.waitsForPerson(phase, all);
        course.stopIfTold();
    }

    private MemoryImage given(Ready.There there, MemoryImage to) throws LinkException {
        if (there.sum() == to.cyclicSum()) {
            course.advance(Phase.WRITE, memoryBytes);
            return to;
        }
        course.writingBegins();
        for (int block = 0; block < memoryBytes / family.blockBytes(); block++) {
            course.stopIfTold();
            int number = block;
            talk.ask(new Exchange.Asked(
                    CloneFrame.numbered(CloneFrame.BLOCK, block, to.block(block, family.blockBytes())),
                    framing,
                    frame -> frame[0] != CloneFrame.TAKEN
                            ? Meaning.WRONG
                            : CloneFrame.number(frame) == number ? Meaning.ANSWER : Meaning.OLD));
            course.advance(Phase.WRITE, family.blockBytes());
        }
        course.in(Phase.READ_BACK);
        byte[] end = CloneFrame.of(
                CloneFrame.END,
                ByteBuffer.allocate(Integer.BYTES).putInt(to.cyclicSum()).array());
        byte[] holds = talk.ask(new Exchange.Asked(
                end,
                framing,
                frame -> frame[0] == CloneFrame.HOLDS
                        ? Meaning.ANSWER
                        : frame[0] == CloneFrame.TAKEN ? Meaning.OLD : Meaning.WRONG));
        if (ByteBuffer.wrap(holds).getInt(1) != to.cyclicSum()) {
            throw new LinkException(
                    Fault.NOT_AS_WRITTEN,
                    "The radio does not hold what was written. Its memory may be worn or the cable bad; put the snapshot"
                            + " back.");
        }
        return to;
    }
}
