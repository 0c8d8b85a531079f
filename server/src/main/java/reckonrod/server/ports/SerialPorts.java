package reckonrod.server.ports;

import com.fazecast.jSerialComm.SerialPort;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import reckonrod.server.ReckonrodSettings;

/** The serial ports that may be opened: those that the operating system lists, and those that the machine's owner adds. */
@Component
public class SerialPorts {
    private final List<String> added;

    SerialPorts(ReckonrodSettings settings) {
        added = List.copyOf(settings.allowed().serialPorts());
    }

    List<SerialPort> listed() {
        return Arrays.asList(SerialPort.getCommPorts());
    }

    /** Why a path cannot be opened as a port; empty if it can. Nothing at the path is touched, so nothing is learned about it. */
    public Optional<String> refusal(String path) {
        return device(path).isPresent()
                ? Optional.empty()
                : Optional.of("This machine lists no serial port " + path
                        + ". Plug the cable in and choose a port from the list, or have the owner of this machine add the path to"
                        + " RECKONROD_SERIAL_PORTS");
    }

    /**
     * Opens a port.
     *
     * @param baud the speed, in bits a second
     * @throws IOException if it may not or cannot be opened; the message says why and what to do
     */
    public SerialLine open(String path, int baud) throws IOException {
        return SerialLine.open(
                device(path).orElseThrow(() -> new IOException(refusal(path).orElseThrow())), baud);
    }

    /** The device behind a path: a link that the system keeps under a steady name is as good as the port it leads to. */
    private Optional<String> device(String path) {
        if (added.contains(path)) {
            return Optional.of(path);
        }
        List<String> known =
                listed().stream().map(SerialPort::getSystemPortPath).toList();
        if (known.contains(path)) {
            return Optional.of(path);
        }
        try {
            Path named = Path.of(path);
            return named.isAbsolute() && named.normalize().startsWith("/dev/serial")
                    ? Optional.of(named.normalize().toRealPath().toString()).filter(known::contains)
                    : Optional.empty();
        } catch (IOException | InvalidPathException none) {
            return Optional.empty();
        }
    }
}
