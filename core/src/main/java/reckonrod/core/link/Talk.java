package reckonrod.core.link;

import java.io.IOException;
import java.util.Arrays;
import reckonrod.core.definition.LinkDefinition.Cable;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.Conversation.Go;
import reckonrod.core.link.Conversation.Over;
import reckonrod.core.link.Conversation.Stuck;
import reckonrod.core.link.Conversation.Turn;
import reckonrod.core.link.LinkException.Fault;

/** Carries conversations over a port, one after the other: the one place where bytes and time meet them. */
public final class Talk {
    private final RadioDefinition radio;
    private final Cable cable;
    private final Port port;
    private final byte[] buffer = new byte[4096];

    /** Is told each state that listens on, and may end it. */
    public interface Each {
        /**
         * It listens on in that state.
         *
         * @throws LinkException if it shall not
         */
        void at(Conversation<?> now) throws LinkException;
    }

    /** Over an open line to a radio of that model. */
    public Talk(RadioDefinition radio, Cable cable, Port port) {
        this.radio = radio;
        this.cable = cable;
        this.port = port;
    }

    /**
     * Asks and waits for the answer.
     *
     * @throws LinkException if none comes
     */
    public byte[] ask(Exchange.Asked asked) throws LinkException {
        return over(asked.request(), Exchange.of(asked, cable.pace().tries()), any -> {});
    }

    /**
     * Carries a conversation to its end.
     *
     * @param first what is said first
     * @param each is told each state that listens on
     * @return what it came to
     * @throws LinkException if it came to nothing, told as what it is
     */
    public <R> R over(byte[] first, Conversation<R> begun, Each each) throws LinkException {
        Turn<R> end = carry(first, begun, each);
        if (end instanceof Over<R> over) {
            return over.result();
        }
        throw Diagnosis.of(radio, cable, first, (Stuck<R>) end);
    }

    /**
     * As {@link #over}; who comes first, and finds out what is at the other end.
     *
     * @throws LinkException as {@link #over}
     */
    public byte[] greet(Exchange.Asked asked) throws LinkException {
        Turn<byte[]> end =
                carry(asked.request(), Exchange.of(asked, cable.pace().tries()), any -> {});
        if (end instanceof Over<byte[]> over) {
            return over.result();
        }
        Stuck<byte[]> stuck = (Stuck<byte[]>) end;
        throw Diagnosis.otherSpeed(radio, cable, stuck, this::answersAt, asked)
                .orElseGet(() -> Diagnosis.of(radio, cable, asked.request(), stuck));
    }

    private boolean answersAt(int baud, Exchange.Asked asked) {
        try {
            return port.runAt(baud) && carry(asked.request(), Exchange.of(asked, 1), any -> {}) instanceof Over;
        } catch (IOException | LinkException gone) {
            return false;
        }
    }

    private <R> Turn<R> carry(byte[] first, Conversation<R> begun, Each each) throws LinkException {
        try {
            say(first);
            Conversation<R> now = begun;
            while (true) {
                int count = port.read(buffer, cable.pace().answerWithinMillis());
                Turn<R> turn = count == 0 ? now.silence() : now.heard(Arrays.copyOf(buffer, count));
                if (!(turn instanceof Go<R> go)) {
                    return turn;
                }
                say(go.say());
                now = go.next();
                each.at(now);
            }
        } catch (IOException broken) {
            throw new LinkException(
                    Fault.CABLE, "The cable came off or the port is gone. Plug it in again and start over.");
        }
    }

    private void say(byte[] bytes) throws IOException {
        if (bytes.length > 0) {
            port.write(bytes);
        }
    }
}
