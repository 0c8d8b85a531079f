package reckonrod.server.radios;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.shelf.SnapshotFile;
import reckonrod.core.shelf.Thinning;
import reckonrod.server.problem.ProblemException;

/** All snapshots of all radios: named, annotated, thinned out, handed on as files. */
@Service
@Transactional
class SnapshotLibrary {
    private static final int LARGEST_FILE = 2 << 20;

    private final SnapshotRepository snapshots;
    private final UnitRepository records;
    private final RadioUnits units;
    private final Clock clock;
    /** What a snapshot holds never changes. */
    private final Map<UUID, Integer> channels = new ConcurrentHashMap<>();

    SnapshotLibrary(SnapshotRepository snapshots, UnitRepository records, RadioUnits units, Clock clock) {
        this.snapshots = snapshots;
        this.records = records;
        this.units = units;
        this.clock = clock;
    }

    /**
     * A snapshot in the library.
     *
     * @param needed why it cannot go; empty if it can
     */
    record Shelved(
            UUID id,
            RadioUnit unit,
            Instant takenAt,
            String reason,
            String name,
            String note,
            boolean kept,
            int channels,
            String digest,
            String needed) {}

    void clearCache() {
        channels.clear();
    }

    /** All of them, newest first. */
    @Transactional(readOnly = true)
    public List<Shelved> all() {
        Map<String, RadioUnit> radios =
                units.every().stream().collect(Collectors.toMap(RadioUnit::id, Function.identity()));
        Map<String, UnitRecord> known =
                records.findAll().stream().collect(Collectors.toMap(UnitRecord::id, Function.identity()));
        List<Shelved> all = new ArrayList<>();
        for (SnapshotRecord each : snapshots.findAll()) {
            RadioUnit unit = radios.get(each.radioId());
            if (unit != null) {
                all.add(shelved(each, unit, needed(each, known.get(each.radioId()))));
            }
        }
        all.sort(Comparator.comparing(Shelved::takenAt).reversed());
        return all;
    }

    private Shelved shelved(SnapshotRecord record, RadioUnit unit, String needed) {
        MemoryImage image = MemoryImage.of(record.image());
        return new Shelved(
                record.id(),
                unit,
                record.takenAt(),
                record.reason(),
                record.name(),
                record.note(),
                record.kept(),
                channels.computeIfAbsent(record.id(), any -> count(unit.definition(), image)),
                image.digest(),
                needed);
    }

    /** An image of another size than the definition has by now holds nothing that can be counted. */
    private static int count(RadioDefinition definition, MemoryImage image) {
        return definition
                        .memory()
                        .filter(layout -> layout.bytes() == image.size())
                        .isPresent()
                ? new ImageCodec(definition).decode(image).size()
                : 0;
    }

    private static String needed(SnapshotRecord snapshot, UnitRecord unit) {
        if (Objects.equals(unit.snapshotToPutBack(), snapshot.id())) {
            return unit.name() + " is half written, and this brings it back";
        }
        return Objects.equals(unit.writtenSnapshot(), snapshot.id())
                ? "it says what was written into " + unit.name() + " last"
                : "";
    }

    public void isKnownAs(UUID id, String name, String note, boolean kept) {
        record(id).isKnownAs(name, note, kept);
    }

    /** Lets one go for good. */
    public void forget(UUID id) {
        SnapshotRecord snapshot = record(id);
        String needed = needed(snapshot, units.record(snapshot.radioId()));
        if (!needed.isEmpty()) {
            throw ProblemException.conflict(
                    "snapshot-needed", "It is needed", "This snapshot cannot go: " + needed + ".");
        }
        if (snapshot.kept()) {
            throw ProblemException.conflict(
                    "snapshot-kept", "It is kept for ever", "Take the mark away first, if it is to go.");
        }
        snapshots.delete(snapshot);
    }

    /** Those that the usual rule lets go, over all radios. */
    @Transactional(readOnly = true)
    public List<UUID> canGo() {
        Map<String, List<Thinning.Held>> byRadio = new HashMap<>();
        all().forEach(each -> byRadio.computeIfAbsent(each.unit().id(), any -> new ArrayList<>())
                .add(new Thinning.Held(
                        each.id(),
                        each.takenAt(),
                        each.kept() || !each.name().isEmpty() || !each.needed().isEmpty())));
        return byRadio.values().stream()
                .flatMap(each -> Thinning.USUAL.canGo(each, clock.instant(), clock.getZone()).stream())
                .toList();
    }

    /** Lets go those that were shown, and no others: what cannot go by now stays. */
    public int thin(List<UUID> shown) {
        List<UUID> going = canGo().stream().filter(shown::contains).toList();
        snapshots.deleteAllById(going);
        return going.size();
    }

    @Transactional(readOnly = true)
    public SnapshotFile file(UUID id) {
        SnapshotRecord snapshot = record(id);
        RadioUnit unit = units.get(snapshot.radioId());
        String note = snapshot.name().isEmpty()
                ? snapshot.note()
                : snapshot.name() + (snapshot.note().isEmpty() ? "" : ": " + snapshot.note());
        return new SnapshotFile(
                unit.definition().id(),
                unit.name(),
                snapshot.takenAt(),
                snapshot.reason(),
                note,
                MemoryImage.of(snapshot.image()));
    }

    /** Takes a file in, as a snapshot of a radio of the same model. It is dated as it was taken, so that it is not taken for what the radio holds now. */
    public SnapshotRecord takeIn(RadioUnit unit, String text) {
        if (text.length() > LARGEST_FILE) {
            throw ProblemException.tooLarge("Too large", "No snapshot of a radio is that large.");
        }
        SnapshotFile file;
        try {
            file = SnapshotFile.read(text);
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("snapshot-not-read", "Not a good snapshot", wrong.getMessage() + ".");
        }
        if (!file.model().equals(unit.definition().id())) {
            throw ProblemException.refused(
                    "snapshot-of-another-model",
                    "Of another model",
                    "This snapshot is of a " + file.model() + " (" + file.unit() + "), and " + unit.name() + " is a "
                            + unit.definition().id()
                            + ". Take it in for a radio of its model, make a list of it, and write that.");
        }
        if (file.image().size() != unit.definition().layout().bytes()) {
            throw ProblemException.refused(
                    "snapshot-not-read",
                    "Not a good snapshot",
                    "This snapshot has " + file.image().size() + " bytes, and a "
                            + unit.definition().title() + " has "
                            + unit.definition().layout().bytes() + ".");
        }
        SnapshotRecord record = new SnapshotRecord(
                UUID.randomUUID(),
                unit.id(),
                file.takenAt(),
                "Brought from a file of " + file.unit() + ": " + file.reason(),
                file.image().toBytes());
        record.isKnownAs("", file.note(), false);
        boolean newest = units.newestSnapshot(unit.id())
                .filter(each -> each.takenAt().isAfter(file.takenAt()))
                .isEmpty();
        if (newest) {
            throw ProblemException.refused(
                    "not-read-yet",
                    "Read the radio first",
                    "This snapshot would be the newest of " + unit.name()
                            + ", and taken for what the radio holds now. Read the radio first, then take the file in.");
        }
        return snapshots.save(record);
    }

    private SnapshotRecord record(UUID id) {
        return snapshots.findById(id).orElseThrow(() -> ProblemException.notFound("There is no snapshot " + id + "."));
    }
}
