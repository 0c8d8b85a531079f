package reckonrod.sim.cable;

import java.io.IOException;
import java.util.Arrays;
import java.util.Random;
import reckonrod.core.link.Port;
import reckonrod.sim.device.Device;

/** A cable to a simulated radio in this process, as slow as its line and with the trouble it was given. */
public final class SimulatedPort implements Port {
    private static final long BITS_OF_A_BYTE = 10;

    private final Device device;
    private final int baud;
    private final LineClock clock;
    private final Trouble trouble;
    private final Random noise = new Random(7);
    private byte[] waiting = {};
    private long writeBytes;
    private long answeredBytes;
    private boolean pulled;

    /**
     * A cable.
     *
     * @param device the radio at its end
     * @param baud speed of the line, in bits a second; a byte takes ten
     * @param clock how the time of the line passes
     * @param trouble what is wrong with it
     */
    public SimulatedPort(Device device, int baud, LineClock clock, Trouble trouble) {
        this.device = device;
        this.baud = baud;
        this.clock = clock;
        this.trouble = trouble;
    }

    @Override
    public void write(byte[] bytes) throws IOException {
        requireCable();
        int sent = 0;
        byte[] answer = {};
        for (byte next : bytes) {
            if (trouble instanceof Trouble.PulledWhileWriting pull
                    && device.isOfWrite(next)
                    && writeBytes++ == pull.atByte()) {
                pulled = true;
                break;
            }
            answer = device.take(next);
            sent++;
        }
        clock.busyFor(lineMicros(sent));
        requireCable();
        offer(answer);
    }

    private void offer(byte[] answer) {
        if (trouble instanceof Trouble.NoAnswer) {
            return;
        }
        byte[] spoiled = answer.clone();
        for (int i = 0; i < spoiled.length; i++, answeredBytes++) {
            if (trouble instanceof Trouble.Garbage) {
                spoiled[i] = (byte) noise.nextInt(256);
            } else if (trouble instanceof Trouble.FlippedByte flip && flip.atByte() == answeredBytes) {
                spoiled[i] ^= 0x10;
            }
        }
        int old = waiting.length;
        waiting = Arrays.copyOf(waiting, old + spoiled.length);
        System.arraycopy(spoiled, 0, waiting, old, spoiled.length);
    }

    @Override
    public int read(byte[] into, int withinMillis) throws IOException {
        requireCable();
        if (!hasAnswer()) {
            clock.idleFor(withinMillis * 1_000L);
            device.silence();
            return 0;
        }
        int count = Math.min(into.length, waiting.length);
        clock.busyFor(lineMicros(count));
        System.arraycopy(waiting, 0, into, 0, count);
        waiting = Arrays.copyOfRange(waiting, count, waiting.length);
        return count;
    }

    /** Whether the radio has sent something that was not read yet. */
    boolean hasAnswer() {
        return waiting.length > 0;
    }

    private long lineMicros(int bytes) {
        return bytes * BITS_OF_A_BYTE * 1_000_000L / baud;
    }

    private void requireCable() throws IOException {
        if (pulled) {
            throw new IOException("The simulated cable is off");
        }
    }

    @Override
    public void close() {
        pulled = true;
    }
}
