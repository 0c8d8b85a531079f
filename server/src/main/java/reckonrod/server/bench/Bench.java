package reckonrod.server.bench;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Folder;
import reckonrod.core.link.Line;
import reckonrod.core.link.Port;
import reckonrod.server.ReckonrodSettings;
import reckonrod.server.ports.CardFolder;
import reckonrod.server.ports.CardLocations;
import reckonrod.server.ports.SerialPorts;
import reckonrod.server.ports.TcpTargets;
import reckonrod.server.radios.Cables;
import reckonrod.server.radios.PortAddress;
import reckonrod.server.radios.RadioUnit;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.cable.LineClock;
import reckonrod.sim.cable.TcpPort;
import reckonrod.sim.cable.TcpRadio;
import reckonrod.sim.face.RadioState;

/**
 * The simulated radios and the cables to them, and those to radios elsewhere. What a simulated radio holds is kept in the database, so that it is one radio for all programs on it.
 */
@Component
class Bench implements Cables {
    private static final Logger LOG = LoggerFactory.getLogger(Bench.class);

    private final ReckonrodSettings settings;
    private final BenchStore store;
    private final CardLocations cards;
    private final SerialPorts serialPorts;
    private final TcpTargets tcpTargets;
    private final Map<String, SimulatedRadio> radios = new ConcurrentHashMap<>();
    private final Map<String, TcpRadio> listeners = new ConcurrentHashMap<>();
    private final Set<String> plugged = ConcurrentHashMap.newKeySet();

    Bench(
            ReckonrodSettings settings,
            BenchStore store,
            CardLocations cards,
            SerialPorts serialPorts,
            TcpTargets tcpTargets) {
        this.settings = settings;
        this.store = store;
        this.cards = cards;
        this.serialPorts = serialPorts;
        this.tcpTargets = tcpTargets;
    }

    /**
     * Puts a radio on the bench with a memory of its own, unless it lies there already.
     *
     * @param firstMemory makes what it holds if it has no kept memory yet
     */
    void place(String id, RadioDefinition definition, Supplier<MemoryImage> firstMemory) {
        radios.computeIfAbsent(key(id, definition), any -> {
            if (!store.holds(id)) {
                MemoryImage first = keptInFile(id, definition.layout().bytes()).orElseGet(firstMemory);
                store.place(id, first, RadioState.off(definition));
            }
            KeptRadio kept = new KeptRadio(id, store);
            return SimulatedRadio.usual(definition, kept, kept);
        });
    }

    /** An id may stand for a radio of another model after a restore. */
    private static String key(String id, RadioDefinition definition) {
        return id + " " + definition.id();
    }

    /** Earlier versions kept it in a file of the data folder. */
    private Optional<MemoryImage> keptInFile(String id, int size) {
        Path file = settings.dataFolder().resolve("radios").resolve(id + ".memory");
        try {
            return Files.exists(file) && Files.size(file) == size
                    ? Optional.of(MemoryImage.of(Files.readAllBytes(file)))
                    : Optional.empty();
        } catch (IOException unreadable) {
            throw new UncheckedIOException("The simulated radio's memory " + file + " cannot be read", unreadable);
        }
    }

    /** The simulated radio behind a unit, if it is one. */
    Optional<SimulatedRadio> radio(RadioUnit unit) {
        if (!unit.port().isSimulated()) {
            return Optional.empty();
        }
        place(
                unit.id(),
                unit.definition(),
                () -> SimulatedRadio.fresh(unit.definition(), unit.id().hashCode()));
        return Optional.ofNullable(radios.get(key(unit.id(), unit.definition())));
    }

    @Override
    public Line open(RadioUnit unit) throws IOException {
        if (!plugged.add(unit.id())) {
            throw new IOException("A cable is in " + unit.name() + " already. Wait for the other transfer");
        }
        try {
            Runnable pulled = () -> plugged.remove(unit.id());
            Line line = line(unit);
            return line instanceof Port port ? new OnlyPort(port, pulled) : new OnlyFolder((Folder) line, pulled);
        } catch (IOException | RuntimeException unreachable) {
            plugged.remove(unit.id());
            throw unreachable;
        }
    }

    @Override
    public void forget(String id) {
        radios.keySet().removeIf(each -> each.startsWith(id + " "));
        store.forget(id);
        TcpRadio listener = listeners.remove(id);
        if (listener != null) {
            try {
                listener.close();
            } catch (IOException closedAnyway) {
                LOG.debug("The port of the deleted radio {} did not close", id, closedAnyway);
            }
        }
    }

    void clearCache() {
        radios.clear();
    }

    private Line line(RadioUnit unit) throws IOException {
        if (unit.port() instanceof PortAddress.Tcp tcp) {
            InetSocketAddress target = tcpTargets.open(tcp.host(), tcp.port());
            try {
                return new TcpPort(target);
            } catch (IOException nobody) {
                throw new IOException(
                        "Nothing answers at " + tcp.host() + ":" + tcp.port()
                                + ". Start the program that offers the radio there, or choose another port",
                        nobody);
            }
        }
        if (unit.port() instanceof PortAddress.Serial serial) {
            return serialPorts.open(
                    serial.path(), unit.definition().line().cable().pace().baud());
        }
        if (unit.port() instanceof PortAddress.Card card) {
            return cards.open(card.folder());
        }
        SimulatedRadio radio = radio(unit).orElseThrow(() -> new IOException("No cable goes to " + unit.name()));
        if (unit.byCard()) {
            return card(unit);
        }
        if (unit.port() instanceof PortAddress.SimulatedTcp) {
            return new TcpPort(listener(unit, radio).address());
        }
        return radio.plugIn(clock());
    }

    /** Transfers with different radios run at once; each radio has one listener. */
    private synchronized TcpRadio listener(RadioUnit unit, SimulatedRadio radio) throws IOException {
        TcpRadio listener = listeners.get(unit.id());
        if (listener == null) {
            listener = new TcpRadio(() -> radio.plugIn(clock()), 0);
            listeners.put(unit.id(), listener);
        }
        return listener;
    }

    /** The card of a simulated radio, which is in the radio and in this machine at once. */
    CardFolder card(RadioUnit unit) throws IOException {
        if (unit.definition().line().family() instanceof MemoryCard family) {
            return cards.ofSimulated(unit.id(), family.folder());
        }
        throw new IOException(unit.name() + " has no card");
    }

    /** Says when it is pulled. */
    private record OnlyFolder(Folder folder, Runnable pulled) implements Folder {
        @Override
        public List<String> find(String name, String file) throws IOException {
            return folder.find(name, file);
        }

        @Override
        public Optional<byte[]> read(String path) throws IOException {
            return folder.read(path);
        }

        @Override
        public void replace(String path, byte[] bytes) throws IOException {
            folder.replace(path, bytes);
        }

        @Override
        public void create(String path, byte[] bytes) throws IOException {
            folder.create(path, bytes);
        }

        @Override
        public void close() {
            folder.close();
            pulled.run();
        }
    }

    /** Says when it is pulled. */
    private record OnlyPort(Port port, Runnable pulled) implements Port {
        @Override
        public void write(byte[] bytes) throws IOException {
            port.write(bytes);
        }

        @Override
        public int read(byte[] into, int withinMillis) throws IOException {
            return port.read(into, withinMillis);
        }

        @Override
        public boolean runAt(int baud) throws IOException {
            return port.runAt(baud);
        }

        @Override
        public void close() {
            port.close();
            pulled.run();
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
