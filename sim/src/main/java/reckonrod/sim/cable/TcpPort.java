package reckonrod.sim.cable;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import reckonrod.core.link.Port;

/** A cable over TCP, to a simulated radio in another process. */
public final class TcpPort implements Port {
    private static final int CONNECT_WITHIN_MILLIS = 1_000;

    private final Socket socket;
    private final OutputStream out;

    /**
     * Connects.
     *
     * @throws IOException if nobody listens there
     */
    public TcpPort(InetSocketAddress address) throws IOException {
        socket = new Socket();
        socket.setTcpNoDelay(true);
        socket.connect(address, CONNECT_WITHIN_MILLIS);
        out = socket.getOutputStream();
    }

    @Override
    public void write(byte[] bytes) throws IOException {
        out.write(bytes);
        out.flush();
    }

    @Override
    public int read(byte[] into, int withinMillis) throws IOException {
        socket.setSoTimeout(withinMillis);
        try {
            int count = socket.getInputStream().read(into);
            if (count < 0) {
                throw new IOException("The other end closed the line");
            }
            return count;
        } catch (SocketTimeoutException nothingCame) {
            return 0;
        }
    }

    @Override
    public void close() {
        try {
            socket.close();
        } catch (IOException alreadyGone) {
            // Closing a broken line leaves nothing to do.
        }
    }
}
