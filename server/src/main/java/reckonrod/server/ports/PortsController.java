package reckonrod.server.ports;

import com.fazecast.jSerialComm.SerialPort;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Comparator;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The serial ports of this machine, as they are now. */
@RestController
class PortsController {
    private final SerialPorts serial;
    private final CardLocations cards;

    PortsController(SerialPorts serial, CardLocations cards) {
        this.serial = serial;
        this.cards = cards;
    }

    /**
     * A port.
     *
     * @param path what it is opened by
     * @param says what the system tells of what is plugged in there
     * @param trouble why it cannot be used now; nothing if it can
     */
    record PortView(
            String path,
            String says,
            @Schema(nullable = true) String trouble) {}

    @GetMapping("/api/ports")
    List<PortView> ports() {
        return serial.listed().stream()
                .map(port -> new PortView(
                        port.getSystemPortPath(),
                        says(port),
                        PortTrouble.foreseen(port.getSystemPortPath()).orElse(null)))
                .sorted(Comparator.comparing(PortView::path))
                .toList();
    }

    /**
     * Where cards may lie.
     *
     * @param allowed the folders beneath which a card's folder may be
     * @param offered folders that are there now
     */
    record CardFoldersView(List<String> allowed, List<String> offered) {}

    @GetMapping("/api/card-folders")
    CardFoldersView cardFolders() {
        return new CardFoldersView(cards.allowed(), cards.offered());
    }

    private static String says(SerialPort port) {
        String what = port.getPortDescription();
        String name = port.getDescriptivePortName();
        String serial = port.getSerialNumber();
        String told = what == null || what.isBlank() ? name : what;
        boolean tells = serial != null && !serial.isBlank() && !serial.equals("Unknown");
        return told + (tells ? ", number " + serial : "");
    }
}
