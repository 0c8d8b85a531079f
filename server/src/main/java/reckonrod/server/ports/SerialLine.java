package reckonrod.server.ports;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.io.IOException;
import reckonrod.core.link.Port;

/** A serial port of this machine, opened for one transfer. */
public final class SerialLine implements Port {
    private static final int DATA_BITS = 8;

    private final SerialPort port;
    private int waits = -1;

    private SerialLine(SerialPort port) {
        this.port = port;
    }

    /**
     * Opens a port.
     *
     * @param path what the system calls it, such as {@code /dev/ttyUSB0}
     * @param baud the speed, in bits a second
     * @throws IOException if it cannot be opened; the message says why and what to do
     */
    public static SerialLine open(String path, int baud) throws IOException {
        SerialPort port;
        try {
            port = SerialPort.getCommPort(path);
        } catch (SerialPortInvalidPortException unknown) {
            throw new IOException("There is no port " + path + ". Plug the cable in, or choose another port", unknown);
        }
        port.setComPortParameters(baud, DATA_BITS, SerialPort.ONE_STOP_BIT, SerialPort.NO_PARITY);
        port.setFlowControl(SerialPort.FLOW_CONTROL_DISABLED);
        if (!port.openPort(0)) {
            throw new IOException(PortTrouble.of(path));
        }
        port.flushIOBuffers();
        return new SerialLine(port);
    }

    @Override
    public void write(byte[] bytes) throws IOException {
        int written = 0;
        while (written < bytes.length) {
            int count = port.writeBytes(bytes, bytes.length - written, written);
            if (count <= 0) {
                throw new IOException("The port is gone");
            }
            written += count;
        }
    }

    @Override
    public int read(byte[] into, int withinMillis) throws IOException {
        if (waits != withinMillis) {
            port.setComPortTimeouts(SerialPort.TIMEOUT_READ_SEMI_BLOCKING, withinMillis, 0);
            waits = withinMillis;
        }
        int count = port.readBytes(into, into.length);
        if (count < 0 || count == 0 && !port.isOpen()) {
            throw new IOException("The port is gone");
        }
        return count;
    }

    @Override
    public boolean runAt(int baud) throws IOException {
        if (!port.setBaudRate(baud)) {
            return false;
        }
        port.flushIOBuffers();
        return true;
    }

    @Override
    public void close() {
        port.closePort();
    }
}
