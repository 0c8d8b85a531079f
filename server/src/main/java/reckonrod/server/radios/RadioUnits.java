package reckonrod.server.radios;

import java.time.Clock;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotReading;
import reckonrod.core.radio.RadioSetting;
import reckonrod.server.definitions.DefinitionLookup;
import reckonrod.server.problem.ProblemException;

/** Keeps the person's radios and the snapshots of their memories. */
@Service
@Transactional
public class RadioUnits {
    private static final Logger LOG = LoggerFactory.getLogger(RadioUnits.class);

    private final UnitRepository units;
    private final SnapshotRepository snapshots;
    private final LendingRepository lendings;
    private final DefinitionLookup definitions;
    private final Clock clock;

    RadioUnits(
            UnitRepository units,
            SnapshotRepository snapshots,
            LendingRepository lendings,
            DefinitionLookup definitions,
            Clock clock) {
        this.lendings = lendings;
        this.units = units;
        this.snapshots = snapshots;
        this.definitions = definitions;
        this.clock = clock;
    }

    /** All radios that are in use, by name. */
    @Transactional(readOnly = true)
    public List<RadioUnit> all() {
        return every().stream().filter(each -> each.shelf().retired().isEmpty()).toList();
    }

    /** All radios, those too that are laid aside for good. One whose model cannot be read any more does not take the others with it. */
    @Transactional(readOnly = true)
    List<RadioUnit> every() {
        Map<String, Shelf.Lent> out = lendings.findByBackAtIsNull().stream()
                .collect(Collectors.toMap(LendingRecord::radioId, LendingRecord::lent));
        return units.findAll().stream()
                .flatMap(record -> definitions
                        .find(record.definitionId())
                        .map(model -> unit(record, model, Optional.ofNullable(out.get(record.id()))))
                        .or(() -> {
                            LOG.warn(
                                    "{} is of the model {}, which cannot be read",
                                    record.name(),
                                    record.definitionId());
                            return Optional.empty();
                        })
                        .stream())
                .sorted(Comparator.comparing(RadioUnit::name))
                .toList();
    }

    /** One radio. */
    @Transactional(readOnly = true)
    public RadioUnit get(String id) {
        return unit(record(id));
    }

    /** Whether there is a radio of that id. */
    @Transactional(readOnly = true)
    public boolean holds(String id) {
        return units.existsById(id);
    }

    /** A new radio, with the colour of its label and its antenna. */
    public void add(String id, String name, String definitionId, PortAddress port, String label, String antenna) {
        UnitRecord unit = new UnitRecord(id, name, definitionId, port.text());
        unit.isKnownAs(new ShelfRequests.Known(name, label, "", "", antenna, ""));
        units.save(unit);
    }

    /**
     * From now on, until {@link #wasWritten} or {@link #wasRestored}, the radio may be half written.
     *
     * @param before the snapshot that brings it back
     */
    public void writingBegins(String id, UUID before) {
        record(id).writingBegins(before);
    }

    /**
     * The radio was written with a list, and read back to prove it.
     *
     * @param slots those whose channels came from a list
     */
    public void wasWritten(String id, UUID listId, String listName, MemoryImage image, Collection<Integer> slots) {
        UnitRecord unit = record(id);
        unit.isWhole();
        unit.holds(listId, listName, clock.instant());
        Snapshot written = keep(id, "Written with " + listName, image);
        unit.wasWritten(List.copyOf(slots), written.id());
    }

    /** What was written from a list last time, by slot. */
    @Transactional(readOnly = true)
    public Map<Integer, SlotReading> writtenFromLists(String id) {
        UnitRecord unit = record(id);
        if (unit.writtenSnapshot() == null) {
            return Map.of();
        }
        ImageCodec codec = new ImageCodec(unit(unit).definition());
        Map<Integer, SlotReading> written =
                new HashMap<>(codec.decode(snapshot(id, unit.writtenSnapshot()).image()));
        written.keySet().retainAll(Set.copyOf(unit.writtenSlots()));
        return written;
    }

    /**
     * A snapshot was put back, and read back to prove it. What an older one brought back is the radio's own again, though it
     * be the same as a list wrote later.
     */
    public void wasRestored(String id, UUID restored) {
        UnitRecord unit = record(id);
        unit.isWhole();
        boolean older = unit.writtenSnapshot() != null
                && snapshot(id, restored)
                        .takenAt()
                        .isBefore(snapshot(id, unit.writtenSnapshot()).takenAt());
        if (older) {
            unit.wasWritten(List.of(), null);
        }
    }

    /** Keeps what a radio holds; it is known from now on. */
    public Snapshot keep(String radioId, String reason, MemoryImage image) {
        record(radioId).contentsAreKnown();
        return snapshot(snapshots.save(
                new SnapshotRecord(UUID.randomUUID(), radioId, clock.instant(), reason, image.toBytes())));
    }

    /** The snapshots of a radio, newest first. */
    @Transactional(readOnly = true)
    public List<Snapshot> snapshots(String radioId) {
        return snapshots.findByRadioIdOrderByTakenAtDesc(record(radioId).id()).stream()
                .map(RadioUnits::snapshot)
                .toList();
    }

    /** How many snapshots of a radio there are. */
    @Transactional(readOnly = true)
    public long snapshotCount(String radioId) {
        return snapshots.countByRadioId(radioId);
    }

    /** What the radio held when it was read last, if it was read at all; that may be another thing than it holds now. */
    @Transactional(readOnly = true)
    public Optional<Snapshot> newestSnapshot(String radioId) {
        return snapshots
                .findFirstByRadioIdOrderByTakenAtDesc(record(radioId).id())
                .map(RadioUnits::snapshot);
    }

    /** The newest snapshot, if it still stands for what the radio holds. */
    @Transactional(readOnly = true)
    public Optional<Snapshot> known(RadioUnit unit) {
        return unit.unknownSince().isPresent() ? Optional.empty() : newestSnapshot(unit.id());
    }

    /** What the radio itself was set to when it was read last; nothing where that is not known. */
    @Transactional(readOnly = true)
    public Map<RadioSetting, Optional<String>> settings(RadioUnit unit) {
        return lastRead(unit)
                .map(each -> new ImageCodec(unit.definition()).settings(each.image()))
                .orElse(Map.of());
    }

    /**
     * What the radio holds, as far as anybody here knows; empty where it was never read, where an archive was restored since, where
     * its memory is not laid out, or where it has another size since its model was edited.
     */
    @Transactional(readOnly = true)
    public Optional<Snapshot> lastRead(RadioUnit unit) {
        return unit.definition()
                .memory()
                .flatMap(layout -> known(unit).filter(each -> each.image().size() == layout.bytes()));
    }

    /**
     * What a radio held before it came to hold nothing, if that is so: it was reset, or is another one.
     *
     * @param now what it was read to hold
     */
    @Transactional(readOnly = true)
    public Optional<Snapshot> heldBeforeReset(RadioUnit unit, MemoryImage now) {
        ImageCodec codec = new ImageCodec(unit.definition());
        if (!codec.decode(now).isEmpty()) {
            return Optional.empty();
        }
        return snapshots(unit.id()).stream()
                .filter(each -> each.image().size() == now.size())
                .filter(each -> !codec.decode(each.image()).isEmpty())
                .findFirst();
    }

    /** One snapshot of a radio; that of another radio is not found. */
    @Transactional(readOnly = true)
    public Snapshot snapshot(String radioId, UUID id) {
        return snapshots
                .findById(id)
                .filter(each -> each.radioId().equals(radioId))
                .map(RadioUnits::snapshot)
                .orElseThrow(() -> ProblemException.notFound("There is no snapshot " + id + " of this radio."));
    }

    UnitRecord record(String id) {
        return units.findById(id)
                .orElseThrow(() -> ProblemException.notFound("There is no radio \"" + id + "\" here."));
    }

    private RadioUnit unit(UnitRecord record) {
        return unit(
                record,
                definitions.get(record.definitionId()),
                lendings.findByRadioIdAndBackAtIsNull(record.id()).map(LendingRecord::lent));
    }

    private static RadioUnit unit(UnitRecord record, RadioDefinition definition, Optional<Shelf.Lent> lent) {
        return new RadioUnit(
                record.id(),
                record.name(),
                definition,
                PortAddress.stored(record.port()),
                record.halfWritten()
                        ? Optional.of(new RadioUnit.HalfWritten(record.snapshotToPutBack()))
                        : Optional.empty(),
                Optional.ofNullable(record.loadedListName())
                        .map(name -> new RadioUnit.Loaded(
                                Optional.ofNullable(record.loadedListId()), name, record.loadedAt())),
                Optional.ofNullable(record.unknownSince()),
                record.shelf(lent),
                record.carrying());
    }

    private static Snapshot snapshot(SnapshotRecord record) {
        return new Snapshot(
                record.id(), record.radioId(), record.takenAt(), record.reason(), MemoryImage.of(record.image()));
    }
}
