package reckonrod.server.radios;

import java.net.InetSocketAddress;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How a radio is reached. */
public sealed interface PortAddress {
    Pattern TCP = Pattern.compile("tcp:([^\\s:]+):([0-9]{1,5})");

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

    /**
     * A serial port of this machine.
     *
     * @param path what the system calls it
     */
    record Serial(String path) implements PortAddress {
        @Override
        public String text() {
            return "serial:" + path;
        }
    }

    /**
     * A memory card in a slot of this machine, or a folder that is carried there.
     *
     * @param folder its path
     */
    record Card(String folder) implements PortAddress {
        @Override
        public String text() {
            return "card:" + folder;
        }
    }

    /** Whether it lies on the bench, with a face that can be shown. */
    default boolean isSimulated() {
        return this instanceof Simulated || this instanceof SimulatedTcp;
    }

    /** Reads a stored word; one that no Reckonrod wrote counts as no port, so that the radio can still be shown and given another. */
    static PortAddress stored(String text) {
        try {
            return parse(text);
        } catch (IllegalArgumentException unknown) {
            return new None();
        }
    }

    /**
     * Reads the word.
     *
     * @throws IllegalArgumentException if it is none of the forms
     */
    static PortAddress parse(String text) {
        Matcher tcp = TCP.matcher(text);
        if (tcp.matches() && Integer.parseInt(tcp.group(2)) <= 65_535) {
            return new Tcp(tcp.group(1), Integer.parseInt(tcp.group(2)));
        }
        if (text.startsWith("serial:/") && text.length() > "serial:/".length()) {
            return new Serial(text.substring("serial:".length()));
        }
        if (text.startsWith("card:/")) {
            return new Card(text.substring("card:".length()));
        }
        return switch (text) {
            case "none" -> new None();
            case "simulated" -> new Simulated();
            case "simulated-tcp" -> new SimulatedTcp();
            default ->
                throw new IllegalArgumentException(
                        "A port must be none, simulated, simulated-tcp, tcp:HOST:NUMBER, serial:/PATH or card:/FOLDER, was \""
                                + text + "\"");
        };
    }
}
