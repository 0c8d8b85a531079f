package reckonrod.server.radios;

import java.net.InetSocketAddress;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How a radio is reached. */
public sealed interface PortAddress {
    /** The word that it is kept as. */
    String text();

    /** Not at all: what is done on it is done by hand. */
    record None() implements PortAddress {
        @Override
        public String text() {
            return "none";
        }
    }

    /** A radio of the bench, with its cable in this program. */
    record Simulated() implements PortAddress {
        @Override
        public String text() {
            return "simulated";
        }
    }

    /** A radio of the bench, over TCP on loopback. */
    record SimulatedTcp() implements PortAddress {
        @Override
        public String text() {
            return "simulated-tcp";
        }
    }

    /** A radio in another program, over TCP. */
    record Tcp(String host, int port) implements PortAddress {
        @Override
        public String text() {
            return "tcp:" + host + ":" + port;
        }

        /** Where to ask; not resolved before it is used. */
        public InetSocketAddress address() {
            return new InetSocketAddress(host, port);
        }
    }

    /** Whether it lies on the bench, with a face that can be shown. */
    default boolean isSimulated() {
        return this instanceof Simulated || this instanceof SimulatedTcp;
    }

    /**
     * Reads the word.
     *
     * @throws IllegalArgumentException if it is none of the forms
     */
    static PortAddress parse(String text) {
        Matcher tcp = Pattern.compile("tcp:(.+):([0-9]{1,5})").matcher(text);
        return switch (text) {
            case "none" -> new None();
            case "simulated" -> new Simulated();
            case "simulated-tcp" -> new SimulatedTcp();
            default -> {
                if (!tcp.matches() || Integer.parseInt(tcp.group(2)) > 65_535) {
                    throw new IllegalArgumentException(
                            "A port must be none, simulated, simulated-tcp or tcp:HOST:NUMBER, was \"" + text + "\"");
                }
                yield new Tcp(tcp.group(1), Integer.parseInt(tcp.group(2)));
            }
        };
    }
}
