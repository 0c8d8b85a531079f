package reckonrod.sim.cable;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;

/** Offers a simulated radio on a terminal of this machine, as on one end of a pair of pseudo-terminals. */
public final class TerminalRadio {
    private static final long LOOK_EVERY_MICROS = 500;

    private TerminalRadio() {}

    /**
     * Serves until the terminal is gone.
     *
     * @param plugIn plugs a cable into the radio
     * @param terminal its path; it passes bytes as they are
     * @throws IOException if it cannot be opened or breaks
     */
    public static void serve(Supplier<SimulatedPort> plugIn, Path terminal) throws IOException {
        try (InputStream in = new java.io.FileInputStream(terminal.toFile());
                OutputStream out = new java.io.FileOutputStream(terminal.toFile());
                SimulatedPort cable = plugIn.get()) {
            Carrier.carry(buffer -> read(in, buffer), out, cable);
        }
    }

    /** A terminal knows no time-outs, so it is looked at often. */
    private static int read(InputStream in, byte[] buffer) throws IOException {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(Carrier.SILENCE_MILLIS);
        while (in.available() == 0) {
            if (System.nanoTime() > until) {
                return 0;
            }
            LockSupport.parkNanos(TimeUnit.MICROSECONDS.toNanos(LOOK_EVERY_MICROS));
        }
        return in.read(buffer);
    }
}
