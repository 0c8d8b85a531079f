package reckonrod.server.bench;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Folder;
import reckonrod.core.link.Line;
import reckonrod.core.link.Port;
import reckonrod.server.ReckonrodSettings;
import reckonrod.server.ports.DirectoryFolder;
import reckonrod.server.ports.SerialLine;
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
    private final ReckonrodSettings settings;
    private final BenchStore store;
    private final Map<String, SimulatedRadio> radios = new ConcurrentHashMap<>();
    private final Map<String, TcpRadio> listeners = new ConcurrentHashMap<>();
    private final Set<String> plugged = ConcurrentHashMap.newKeySet();

    Bench(ReckonrodSettings settings, BenchStore store) {
        this.settings = settings;
        this.store = store;
    }

    /**
     * Puts a radio on the bench with a memory of its own, unless it lies there already.
     *
     * @param firstMemory makes what it holds if it has no kept memory yet
     */
    void place(String id, RadioDefinition definition, Supplier<MemoryImage> firstMemory) {
        radios.computeIfAbsent(id, each -> {
            if (!store.holds(each)) {
                MemoryImage first =
                        keptInFile(each, definition.layout().bytes()).orElseGet(firstMemory);
                store.place(each, first, RadioState.off(definition));
            }
            KeptRadio kept = new KeptRadio(each, store);
            return SimulatedRadio.usual(definition, kept, kept);
        });
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
        return Optional.ofNullable(radios.get(unit.id()));
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

    private Line line(RadioUnit unit) throws IOException {
        if (unit.port() instanceof PortAddress.Tcp tcp) {
            try {
                return new TcpPort(tcp.address());
            } catch (IOException nobody) {
                throw new IOException(
                        "Nobody answers at " + tcp.host() + ":" + tcp.port()
                                + ". Start what offers the radio there, or choose another port",
                        nobody);
            }
        }
        if (unit.port() instanceof PortAddress.Serial serial) {
            return SerialLine.open(
                    serial.path(), unit.definition().line().cable().pace().baud());
        }
        if (unit.port() instanceof PortAddress.Card card) {
            return DirectoryFolder.open(Path.of(card.folder()));
        }
        SimulatedRadio radio = radio(unit).orElseThrow(() -> new IOException("No cable goes to " + unit.name()));
        if (unit.byCard()) {
            return card(unit.id());
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

    /** The card of a simulated radio: it is in the radio and in this machine at once. */
    DirectoryFolder card(String id) throws IOException {
        Path folder = settings.dataFolder().resolve("cards").resolve(id).toAbsolutePath();
        Files.createDirectories(folder);
        return DirectoryFolder.open(folder);
    }

    /** Says when it is pulled. */
    private record OnlyFolder(Folder folder, Runnable pulled) implements Folder {
        @Override
        public List<String> names() throws IOException {
            return folder.names();
        }

        @Override
        public Optional<byte[]> read(String name) throws IOException {
            return folder.read(name);
        }

        @Override
        public void write(String name, byte[] bytes) throws IOException {
            folder.write(name, bytes);
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
