package reckonrod.server.radios;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Port;
import reckonrod.core.radio.RadioDefinition;
import reckonrod.server.ReckonrodSettings;
import reckonrod.sim.LineClock;
import reckonrod.sim.RadioMemory;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.TcpPort;
import reckonrod.sim.TcpRadio;

/**
 * The simulated radios and the cables to them. A port is {@code simulated} for a cable in this process,
 * {@code simulated-tcp} for one over TCP on loopback to a radio of this process, or {@code tcp:HOST:NUMBER} for a radio in
 * another process.
 */
@Component
public class Bench {
    private static final String FIRMWARE = "1.07";
    private static final String TCP = "tcp:";

    private final ReckonrodSettings settings;
    private final Map<String, SimulatedRadio> radios = new ConcurrentHashMap<>();
    private final Map<String, TcpRadio> listeners = new ConcurrentHashMap<>();

    Bench(ReckonrodSettings settings) {
        this.settings = settings;
    }

    /**
     * Puts a radio on the bench with a memory of its own, before it is used for the first time.
     *
     * @param firstMemory what it holds if it has no kept memory yet
     */
    public void place(String id, RadioDefinition definition, MemoryImage firstMemory) {
        radios.computeIfAbsent(id, each -> {
            RadioMemory memory =
                    RadioMemory.keptIn(settings.dataFolder().resolve("radios").resolve(each + ".memory"), firstMemory);
            return new SimulatedRadio(definition, FIRMWARE, memory);
        });
    }

    /** The simulated radio behind a unit, if it is one. */
    public Optional<SimulatedRadio> radio(RadioUnit unit) {
        if (!unit.port().startsWith("simulated")) {
            return Optional.empty();
        }
        place(
                unit.id(),
                unit.definition(),
                SimulatedRadio.fresh(unit.definition(), unit.id().hashCode()));
        return Optional.ofNullable(radios.get(unit.id()));
    }

    /**
     * Plugs a cable into a unit.
     *
     * @throws IOException if nothing is reached there
     */
    public Port open(RadioUnit unit) throws IOException {
        if (unit.port().startsWith(TCP)) {
            return new TcpPort(tcpAddress(unit.port()));
        }
        SimulatedRadio radio = radio(unit).orElseThrow(() -> new IOException("No port " + unit.port()));
        if (unit.port().equals("simulated-tcp")) {
            TcpRadio listener = listeners.get(unit.id());
            if (listener == null) {
                listener = new TcpRadio(radio, 0, this::clock);
                listeners.put(unit.id(), listener);
            }
            return new TcpPort(listener.address());
        }
        return radio.plugIn(clock());
    }

    private static InetSocketAddress tcpAddress(String port) throws IOException {
        int colon = port.lastIndexOf(':');
        try {
            return new InetSocketAddress(
                    port.substring(TCP.length(), colon), Integer.parseInt(port.substring(colon + 1)));
        } catch (IndexOutOfBoundsException | IllegalArgumentException noAddress) {
            throw new IOException("A TCP port must be tcp:HOST:NUMBER, was " + port, noAddress);
        }
    }

    private LineClock clock() {
        return settings.realLineSpeed() ? LineClock.real() : LineClock.counting();
    }

    @PreDestroy
    void close() throws IOException {
        for (TcpRadio listener : listeners.values()) {
            listener.close();
        }
    }
}
