package reckonrod.server.radios;

import java.io.IOException;
import reckonrod.core.link.Port;

/** The cables to the radios. */
public interface Cables {
    /**
     * Plugs a cable into a unit. There is one socket: nobody else gets in before the port is closed.
     *
     * @throws IOException if nothing is reached there, or a cable is in
     */
    Port open(RadioUnit unit) throws IOException;
}
