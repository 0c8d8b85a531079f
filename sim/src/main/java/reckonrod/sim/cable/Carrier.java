package reckonrod.sim.cable;

import java.io.IOException;
import java.io.OutputStream;
import java.util.Arrays;

/** Carries bytes both ways between a line of the system and a simulated radio. */
final class Carrier {
    /** How long nothing comes before the radio takes the line for silent. */
    static final int SILENCE_MILLIS = 100;

    private Carrier() {}

    /** The end of the line where the host's bytes come out. */
    interface Source {
        /** Waits for bytes; 0 when the line is silent, −1 when it is gone. */
        int read(byte[] buffer) throws IOException;
    }

    /** Returns when the line is gone. */
    static void carry(Source in, OutputStream out, SimulatedPort cable) throws IOException {
        byte[] buffer = new byte[256];
        while (true) {
            int count = in.read(buffer);
            if (count < 0) {
                return;
            }
            if (count > 0) {
                cable.write(Arrays.copyOf(buffer, count));
            } else {
                cable.read(buffer, 0);
            }
            while (cable.hasAnswer()) {
                int answered = cable.read(buffer, 0);
                out.write(buffer, 0, answered);
                out.flush();
            }
        }
    }
}
