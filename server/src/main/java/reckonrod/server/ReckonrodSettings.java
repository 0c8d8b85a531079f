package reckonrod.server;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * The settings of an installation.
 *
 * @param password asked for in the browser; may be empty only on loopback
 * @param dataFolder the only folder that the program writes to, besides cards
 * @param demo whether the demo data is loaded into an empty database
 * @param realLineSpeed whether simulated cables are as slow as real ones
 * @param allowed what the owner of the machine allows beyond that
 * @param lease how long a program that is not heard of keeps the radio or listing that it works on
 */
@ConfigurationProperties("reckonrod")
public record ReckonrodSettings(
        String password, Path dataFolder, boolean demo, boolean realLineSpeed, Allowed allowed, Duration lease) {
    public ReckonrodSettings {
        allowed = allowed == null ? Allowed.NOTHING : allowed;
    }

    /**
     * What only the owner of the machine decides; no request can change it.
     *
     * @param cardFolders the folders beneath which a radio's card may lie, besides one in the data folder
     * @param serialPorts paths that may be opened as serial ports besides those that the system lists
     * @param tcpHosts hosts at which radios may be reached over TCP besides this machine
     * @param proxies the addresses of proxies whose forwarding headers are believed, as a regular expression; empty for none
     */
    public record Allowed(List<Path> cardFolders, List<String> serialPorts, List<String> tcpHosts, String proxies) {
        /** Nothing beyond the usual. */
        public static final Allowed NOTHING = new Allowed(List.of(), List.of(), List.of(), "");

        public Allowed {
            cardFolders = cardFolders == null ? List.of() : List.copyOf(cardFolders);
            serialPorts = serialPorts == null ? List.of() : List.copyOf(serialPorts);
            tcpHosts = tcpHosts == null ? List.of() : List.copyOf(tcpHosts);
            proxies = proxies == null ? "" : proxies;
        }
    }
}
