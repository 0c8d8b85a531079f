package reckonrod.core.link.polled;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;
import reckonrod.core.definition.LinkDefinition.PolledBlocks;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.Exchange;
import reckonrod.core.link.Exchange.Meaning;
import reckonrod.core.link.Framing;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.Port;
import reckonrod.core.link.Talk;
import reckonrod.core.link.blocks.BlockLink;

/** Talks to a radio over a port, one exchange after the other. */
public final class PolledLink implements BlockLink {
    /** A block goes over the line in a request and its answer: 8 bytes around its data. */
    public static final int BYTES_AROUND_BLOCK = 8;

    private static final int HEAD = 3;

    private final RadioDefinition radio;
    private final PolledBlocks family;
    private final Framing framing;
    private final Talk talk;

    /** Over an open line to a radio of that model. */
    public PolledLink(RadioDefinition radio, PolledBlocks family, Port port) {
        this.radio = radio;
        this.family = family;
        this.framing = Frame.framing(family.blockBytes(), radio.layout().bytes() / family.blockBytes());
        this.talk = new Talk(radio, family, port);
    }

    @Override
    public Identity identify() throws LinkException {
        byte[] answer = talk.greet(asked(Frame.of(Frame.ENQUIRE), Frame.IDENT));
        return Identity.require(radio, new String(answer, 2, answer.length - 2, StandardCharsets.US_ASCII));
    }

    @Override
    public byte[] read(int block) throws LinkException {
        byte[] request = Frame.at(Frame.READ, block * family.blockBytes());
        byte[] answer = talk.ask(asked(request, Frame.DATA, request[1], request[2]));
        return Arrays.copyOfRange(answer, HEAD, answer.length);
    }

    @Override
    public void write(int block, byte[] data) throws LinkException {
        byte[] request = Frame.at(Frame.WRITE, block * family.blockBytes(), data);
        talk.ask(asked(request, Frame.ACCEPT, request[1], request[2]));
    }

    @Override
    public int sum() throws LinkException {
        return ByteBuffer.wrap(talk.ask(asked(Frame.of(Frame.SUM), Frame.TOTAL)))
                .getInt(1);
    }

    @Override
    public Optional<BitSet> changed() throws LinkException {
        if (!family.tellsChanged()) {
            return Optional.empty();
        }
        byte[] answer = talk.ask(asked(Frame.of(Frame.CHANGED), Frame.MAP));
        return Optional.of(BitSet.valueOf(Arrays.copyOfRange(answer, 1, answer.length)));
    }

    @Override
    public void remember() throws LinkException {
        if (family.tellsChanged()) {
            talk.ask(asked(Frame.of(Frame.REMEMBER), Frame.ACCEPT, (byte) 0, (byte) 0));
        }
    }

    @Override
    public void leave() {
        try {
            talk.ask(asked(Frame.of(Frame.LEAVE), Frame.ACCEPT, (byte) 0, (byte) 0));
        } catch (LinkException unheard) {
            // The person switches the radio off and on; the screen says so anyway.
        }
    }

    /** @param answerHead how the answer must begin */
    private Exchange.Asked asked(byte[] request, byte... answerHead) {
        return new Exchange.Asked(
                request,
                framing,
                frame -> frame[0] == Frame.REFUSE
                        ? Meaning.REFUSAL
                        : Arrays.equals(Arrays.copyOf(frame, answerHead.length), answerHead)
                                ? Meaning.ANSWER
                                : Meaning.WRONG);
    }
}
