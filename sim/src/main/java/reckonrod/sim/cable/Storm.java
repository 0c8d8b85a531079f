package reckonrod.sim.cable;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.Random;

/** Does to what goes over a line what a bad line does to it. How bad it is differs from one storm to the other. */
final class Storm {
    private static final byte[] NOTHING = {};

    private final Random chance;
    private final double often;
    private final int offAfter;
    private final int pulledAfter;
    private byte[] late = NOTHING;
    private int messages;

    Storm(long seed) {
        chance = new Random(seed);
        // From one in some thousand messages to one in ten.
        often = Math.pow(10, -1 - 3 * chance.nextDouble());
        offAfter = soonOrLate();
        pulledAfter = soonOrLate();
    }

    /** After how many messages something happens once, if at all: the first are as likely to be hit as the many later ones. */
    private int soonOrLate() {
        return chance.nextInt(4) == 0 ? (int) Math.pow(10, 3.3 * chance.nextDouble()) : Integer.MAX_VALUE;
    }

    /** Whether the radio is switched off by now. */
    boolean isOff() {
        return messages > offAfter;
    }

    /** Whether the cable is pulled by now. */
    boolean isPulled() {
        return messages > pulledAfter;
    }

    /** What arrives of a message. */
    byte[] through(byte[] message) {
        if (message.length == 0) {
            return message;
        }
        messages++;
        byte[] arrives = late.length == 0 ? message : joined(late, message);
        late = NOTHING;
        if (chance.nextDouble() >= often) {
            return arrives;
        }
        return switch (chance.nextInt(10)) {
            case 0 -> NOTHING;
            case 1 -> joined(arrives, arrives);
            case 2 -> Arrays.copyOf(arrives, chance.nextInt(arrives.length));
            case 3 -> Arrays.copyOfRange(arrives, 1 + chance.nextInt(arrives.length), arrives.length);
            case 4 -> {
                late = arrives;
                yield NOTHING;
            }
            case 5 -> swapped(arrives);
            case 6 -> without(arrives);
            case 7 -> noise(arrives, 1 + chance.nextInt(arrives.length));
            case 8 -> joined(noise(new byte[1 + chance.nextInt(5)], 5), arrives);
            default -> flipped(arrives);
        };
    }

    private byte[] flipped(byte[] message) {
        byte[] result = message.clone();
        for (int i = 1 + chance.nextInt(3); i > 0; i--) {
            result[chance.nextInt(result.length)] ^= (byte) (1 << chance.nextInt(8));
        }
        return result;
    }

    private byte[] noise(byte[] message, int bytes) {
        byte[] result = message.clone();
        int from = chance.nextInt(result.length);
        for (int i = from; i < Math.min(result.length, from + bytes); i++) {
            result[i] = (byte) chance.nextInt(256);
        }
        return result;
    }

    private byte[] swapped(byte[] message) {
        byte[] result = message.clone();
        int at = chance.nextInt(result.length);
        int other = chance.nextInt(result.length);
        result[at] = message[other];
        result[other] = message[at];
        return result;
    }

    private byte[] without(byte[] message) {
        int at = chance.nextInt(message.length);
        int count = 1 + chance.nextInt(4);
        return joined(
                Arrays.copyOf(message, at),
                Arrays.copyOfRange(message, Math.min(message.length, at + count), message.length));
    }

    private static byte[] joined(byte[] first, byte[] second) {
        ByteArrayOutputStream both = new ByteArrayOutputStream();
        both.writeBytes(first);
        both.writeBytes(second);
        return both.toByteArray();
    }
}
