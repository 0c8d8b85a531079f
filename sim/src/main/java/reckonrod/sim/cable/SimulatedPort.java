package reckonrod.sim.cable;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import reckonrod.core.link.Port;
import reckonrod.sim.device.Device;

/** A cable to a simulated radio in this process, as slow as its line and with the trouble it was given. */
public final class SimulatedPort implements Port {
    private static final long BITS_OF_A_BYTE = 10;

    /** What comes in one go: about a twentieth of a second of the line. */
    private static final int GOES_A_SECOND = 20;

    private static final int STORM_PIECE = 128;

    private static final byte[] NOTHING = {};
    private static final byte[] OTHER_WORDS = "$WX,1013,hPa,14.2,C*5B\r\n".getBytes(StandardCharsets.US_ASCII);

    private final Device device;
    private final LineClock clock;
    private final Trouble trouble;
    private final Optional<Storm> storm;
    private final Random noise = new Random(7);
    private final int radioBaud;
    private int baud;
    private byte[] waiting = NOTHING;
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
        this.radioBaud = trouble instanceof Trouble.OtherSpeed other ? other.baud() : baud;
        this.baud = baud;
        this.clock = clock;
        this.trouble = trouble;
        this.storm = trouble instanceof Trouble.Storm each ? Optional.of(new Storm(each.seed())) : Optional.empty();
    }

    @Override
    public void write(byte[] bytes) throws IOException {
        requireCable();
        byte[] arriving = storm.map(each -> each.through(bytes)).orElse(bytes);
        int sent = 0;
        byte[] answer = NOTHING;
        for (byte next : arriving) {
            if (trouble instanceof Trouble.PulledWhileWriting pull
                    && device.isOfWrite(next)
                    && writeBytes++ == pull.atByte()) {
                pulled = true;
                break;
            }
            answer = joined(answer, reached(next));
            sent++;
        }
        clock.busyFor(lineMicros(storm.isPresent() ? bytes.length : sent));
        requireCable();
        offer(trouble instanceof Trouble.Echo ? bytes : answer);
    }

    /** What the radio says to a byte, if it hears it. */
    private byte[] reached(byte next) {
        boolean deaf = trouble instanceof Trouble.Echo
                || trouble instanceof Trouble.OtherDevice
                || isOtherSpeed()
                || storm.map(Storm::isOff).orElse(false);
        return deaf ? NOTHING : device.take(next);
    }

    private boolean isOtherSpeed() {
        return radioBaud != baud;
    }

    private void offer(byte[] answer) {
        if (trouble instanceof Trouble.NoAnswer) {
            return;
        }
        byte[] spoiled = trouble instanceof Trouble.OtherDevice ? OTHER_WORDS.clone() : answer.clone();
        for (int i = 0; i < spoiled.length; i++, answeredBytes++) {
            if (trouble instanceof Trouble.Garbage || isOtherSpeed()) {
                spoiled[i] = (byte) noise.nextInt(256);
            } else if (trouble instanceof Trouble.FlippedByte flip && flip.atByte() == answeredBytes) {
                spoiled[i] ^= 0x10;
            }
        }
        waiting = joined(waiting, storm.map(each -> stormed(each, spoiled)).orElse(spoiled));
    }

    /** A long stream meets the storm many times. */
    private static byte[] stormed(Storm storm, byte[] bytes) {
        byte[] arrives = NOTHING;
        for (int at = 0; at < bytes.length; at += STORM_PIECE) {
            arrives = joined(
                    arrives, storm.through(Arrays.copyOfRange(bytes, at, Math.min(bytes.length, at + STORM_PIECE))));
        }
        return arrives;
    }

    @Override
    public int read(byte[] into, int withinMillis) throws IOException {
        requireCable();
        if (!hasAnswer()) {
            clock.idleFor(withinMillis * 1_000L);
            boolean off = isOtherSpeed() || storm.map(Storm::isOff).orElse(false);
            byte[] ownWords = device.silence();
            if (!off && ownWords.length > 0) {
                offer(ownWords);
            }
            return 0;
        }
        int count = Math.min(
                Math.min(into.length, waiting.length), Math.max(1, baud / (int) BITS_OF_A_BYTE / GOES_A_SECOND));
        clock.busyFor(lineMicros(count));
        System.arraycopy(waiting, 0, into, 0, count);
        waiting = Arrays.copyOfRange(waiting, count, waiting.length);
        return count;
    }

    @Override
    public boolean runAt(int other) {
        baud = other;
        return true;
    }

    /** Whether the radio has sent something that was not read yet. */
    boolean hasAnswer() {
        return waiting.length > 0;
    }

    private long lineMicros(int bytes) {
        return bytes * BITS_OF_A_BYTE * 1_000_000L / baud;
    }

    private void requireCable() throws IOException {
        if (pulled || storm.map(Storm::isPulled).orElse(false)) {
            throw new IOException("The simulated cable is off");
        }
    }

    private static byte[] joined(byte[] first, byte[] second) {
        if (second.length == 0) {
            return first;
        }
        byte[] both = Arrays.copyOf(first, first.length + second.length);
        System.arraycopy(second, 0, both, first.length, second.length);
        return both;
    }

    @Override
    public void close() {
        pulled = true;
    }
}
