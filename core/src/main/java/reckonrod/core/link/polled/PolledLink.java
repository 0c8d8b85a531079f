package reckonrod.core.link.polled;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import reckonrod.core.definition.LinkDefinition;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Port;

/** Talks to a radio over a port, one exchange after the other. */
final class PolledLink {
    private static final int HEAD = 3;

    private final RadioDefinition radio;
    private final LinkDefinition link;
    private final Port port;
    private final byte[] buffer = new byte[256];

    PolledLink(RadioDefinition radio, Port port) {
        this.radio = radio;
        this.link = radio.line();
        this.port = port;
    }

    /** Asks who is there; any other radio than the expected one is refused by name. */
    String identify() throws LinkException {
        byte[] answer = exchange(Frame.of(Frame.ENQUIRE), new byte[] {Frame.IDENT});
        String ident = new String(answer, 2, answer.length - 2, StandardCharsets.US_ASCII);
        if (!ident.startsWith(link.ident() + " ")) {
            throw new LinkException(
                    Fault.OTHER_MODEL,
                    "The radio on the cable says it is a " + ident + ", but a " + radio.title()
                            + " was expected. Nothing was read or written. Choose the right radio or change the cable over.");
        }
        return ident;
    }

    byte[] read(int block) throws LinkException {
        int address = block * link.blockBytes();
        byte[] request = Frame.at(Frame.READ, address);
        byte[] answer = exchange(request, new byte[] {Frame.DATA, request[1], request[2]});
        return Arrays.copyOfRange(answer, HEAD, answer.length);
    }

    void write(int block, byte[] data) throws LinkException {
        byte[] request = Frame.at(Frame.WRITE, block * link.blockBytes(), data);
        exchange(request, new byte[] {Frame.ACCEPT, request[1], request[2]});
    }

    /** Says goodbye. What was read or read back is proven by then, so a radio that does not answer changes nothing. */
    void leave() {
        try {
            exchange(Frame.of(Frame.LEAVE), new byte[] {Frame.ACCEPT, 0, 0});
        } catch (LinkException unheard) {
            // The person switches the radio off and on; the screen says so anyway.
        }
    }

    private byte[] exchange(byte[] request, byte[] answerHead) throws LinkException {
        try {
            port.write(request);
            Exchange exchange = Exchange.of(request, answerHead, link.blockBytes(), link.tries());
            while (true) {
                int count = port.read(buffer, link.answerWithinMillis());
                Exchange.Step step = count == 0 ? exchange.silence() : exchange.arrived(Arrays.copyOf(buffer, count));
                if (step instanceof Exchange.Answered answered) {
                    return answered.frame();
                } else if (step instanceof Exchange.Waiting waiting) {
                    exchange = waiting.next();
                } else if (step instanceof Exchange.SendAgain again) {
                    port.write(request);
                    exchange = again.next();
                } else {
                    throw failure(step);
                }
            }
        } catch (IOException broken) {
            throw new LinkException(
                    Fault.CABLE, "The cable came off or the port is gone. Plug it in again and start over.");
        }
    }

    private LinkException failure(Exchange.Step step) {
        if (step instanceof Exchange.Refused) {
            return new LinkException(
                    Fault.REFUSED,
                    "The " + radio.title() + " refused a block. Switch it off and on in its link mode and start over.");
        }
        if (step instanceof Exchange.GivenUp given && given.anythingCame()) {
            return new LinkException(
                    Fault.GARBAGE,
                    "What came from the radio makes no sense, " + link.tries()
                            + " times over. Check that the plug sits tight and that the radio is in its link mode.");
        }
        return new LinkException(
                Fault.NO_ANSWER,
                "The radio does not answer. Check that it is switched on in its link mode and that the plug sits tight.");
    }
}
