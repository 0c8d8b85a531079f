package reckonrod.server.ports;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.stereotype.Component;
import reckonrod.server.ReckonrodSettings;

/**
 * Where radios may be reached over TCP: on this machine's loopback addresses, and at the hosts that its owner adds. Never at our own
 * database or server, never at a port that belongs to the system, and never at so many targets that it would serve as a port scanner.
 */
@Component
public class TcpTargets {
    private static final int FIRST_PORT = 1_024;
    private static final int MOST_TARGETS = 12;
    private static final Duration WITHIN = Duration.ofMinutes(10);
    private static final int USUAL_DATABASE_PORT = 5_432;
    private static final Pattern DATABASE =
            Pattern.compile("(?:jdbc:postgresql://|,)(\\[[^]]+]|[^:/,?]*)(?::([0-9]+))?");

    private final List<String> hosts;
    private final String databaseUrl;
    private final ServletWebServerApplicationContext web;
    private final Clock clock;
    private final Map<InetSocketAddress, Instant> tried = new LinkedHashMap<>();

    TcpTargets(
            ReckonrodSettings settings,
            @Value("${spring.datasource.url}") String databaseUrl,
            ServletWebServerApplicationContext web,
            Clock clock) {
        this.hosts = settings.allowed().tcpHosts().stream()
                .map(each -> each.toLowerCase(Locale.ROOT))
                .toList();
        this.databaseUrl = databaseUrl;
        this.web = web;
        this.clock = clock;
    }

    /** Why nothing can be reached there, without asking there; empty if something may be. */
    public Optional<String> refusal(String host, int port) {
        try {
            resolve(host, port);
            return Optional.empty();
        } catch (IOException refused) {
            return Optional.of(refused.getMessage());
        }
    }

    /**
     * The address to connect to. It is resolved once, so that a name cannot lead elsewhere between check and use.
     *
     * @throws IOException if the target is not allowed or too many were tried; the message says what to do, without a full stop
     */
    public InetSocketAddress open(String host, int port) throws IOException {
        InetSocketAddress target = resolve(host, port);
        count(target);
        return target;
    }

    private InetSocketAddress resolve(String host, int port) throws IOException {
        if (port < FIRST_PORT || port > 65_535) {
            throw new IOException("A radio's TCP port must be " + FIRST_PORT + " to 65535, was " + port);
        }
        InetAddress address = allowed(host);
        boolean thisMachine = address.isLoopbackAddress() || address.isAnyLocalAddress() || isOurs(address);
        if (thisMachine && ownPort().isPresent() && port == ownPort().getAsInt()
                || isDatabase(address, thisMachine, port)) {
            throw new IOException("Port " + port + " is Reckonrod's own. Choose the port of the radio");
        }
        return new InetSocketAddress(address, port);
    }

    private InetAddress allowed(String host) throws IOException {
        boolean added = hosts.contains(host.toLowerCase(Locale.ROOT));
        // Unless the owner listed it, a name is not even looked up: that would tell a name server what is asked here.
        boolean literal =
                host.equalsIgnoreCase("localhost") || host.matches("127(\\.[0-9]{1,3}){3}") || host.equals("[::1]");
        if (!added && !literal) {
            throw new IOException("Radios are reached over TCP on this machine only, and " + host
                    + " is not a loopback address. Use localhost, or have the owner of this machine add the host to"
                    + " RECKONROD_TCP_HOSTS");
        }
        try {
            InetAddress address = InetAddress.getByName(host);
            if (!added && !address.isLoopbackAddress()) {
                throw new IOException(host + " does not lead to this machine");
            }
            return address;
        } catch (UnknownHostException unknown) {
            throw new IOException("No host " + host + " is known here. Check its name", unknown);
        }
    }

    private static boolean isOurs(InetAddress address) {
        try {
            return NetworkInterface.getByInetAddress(address) != null;
        } catch (SocketException untold) {
            return false;
        }
    }

    private boolean isDatabase(InetAddress address, boolean thisMachine, int port) {
        if (!databaseUrl.contains("//")) {
            // The short form of the address means the usual port of this machine.
            return thisMachine && port == USUAL_DATABASE_PORT;
        }
        Matcher each = DATABASE.matcher(databaseUrl);
        while (each.find()) {
            int at = each.group(2) == null ? USUAL_DATABASE_PORT : Integer.parseInt(each.group(2));
            if (at != port) {
                continue;
            }
            try {
                InetAddress database = InetAddress.getByName(each.group(1));
                if (database.equals(address) || thisMachine && (database.isLoopbackAddress() || isOurs(database))) {
                    return true;
                }
            } catch (UnknownHostException unknown) {
                return true;
            }
        }
        return false;
    }

    private OptionalInt ownPort() {
        return web.getWebServer() == null
                ? OptionalInt.empty()
                : OptionalInt.of(web.getWebServer().getPort());
    }

    private synchronized void count(InetSocketAddress target) throws IOException {
        Instant old = clock.instant().minus(WITHIN);
        tried.values().removeIf(at -> at.isBefore(old));
        if (!tried.containsKey(target) && tried.size() >= MOST_TARGETS) {
            throw new IOException(MOST_TARGETS + " different TCP ports were tried within " + WITHIN.toMinutes()
                    + " minutes. Wait a few minutes, then try this one");
        }
        tried.put(target, clock.instant());
    }
}
