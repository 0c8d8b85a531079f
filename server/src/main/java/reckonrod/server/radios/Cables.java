package reckonrod.server.radios;

import java.io.IOException;
import reckonrod.core.link.Line;

/** The cables and cards of the radios. */
public interface Cables {
    /**
     * Plugs a cable into a unit, or opens its card. There is one socket: nobody else gets in before the line is closed.
     *
     * @throws IOException if nothing is reached there, or a cable is in; the message says what and what to do, without a full
     *     stop
     */
    Line open(RadioUnit unit) throws IOException;

    /** A radio was deleted; another one may get its id. */
    void forget(String id);
}
