package reckonrod.sim.cable;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.util.function.Supplier;

/** Offers a simulated radio on a TCP port of this machine, one cable at a time, at the speed of its line. */
public final class TcpRadio implements AutoCloseable {
    private final ServerSocket listener;
    private final Supplier<SimulatedPort> plugIn;

    /**
     * Listens on loopback.
     *
     * @param plugIn plugs a cable into the radio
     * @param port the TCP port, or 0 for any free one
     * @throws IOException if the port is taken
     */
    public TcpRadio(Supplier<SimulatedPort> plugIn, int port) throws IOException {
        listener = new ServerSocket();
        listener.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 1);
        this.plugIn = plugIn;
        Thread thread = new Thread(this::serve, "tcp-radio-" + listener.getLocalPort());
        thread.setDaemon(true);
        thread.start();
    }

    /** Where it listens. */
    public InetSocketAddress address() {
        return (InetSocketAddress) listener.getLocalSocketAddress();
    }

    private void serve() {
        while (!listener.isClosed()) {
            try (Socket socket = listener.accept();
                    SimulatedPort cable = plugIn.get()) {
                socket.setTcpNoDelay(true);
                pass(socket, cable);
            } catch (IOException cableOff) {
                // The host sees its line close; the radio waits for the next cable.
            }
        }
    }

    private static void pass(Socket socket, SimulatedPort cable) throws IOException {
        socket.setSoTimeout(Carrier.SILENCE_MILLIS);
        InputStream in = socket.getInputStream();
        Carrier.carry(
                buffer -> {
                    try {
                        return in.read(buffer);
                    } catch (SocketTimeoutException silence) {
                        return 0;
                    }
                },
                socket.getOutputStream(),
                cable);
    }

    @Override
    public void close() throws IOException {
        listener.close();
    }
}
