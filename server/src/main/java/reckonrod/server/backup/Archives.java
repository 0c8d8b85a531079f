package reckonrod.server.backup;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import reckonrod.server.ReckonrodSettings;
import reckonrod.server.follow.RunningWork;
import reckonrod.server.problem.DiskFull;
import reckonrod.server.problem.ProblemException;

/** Archives on their way in: brought, looked at, and put in the place of what is there, which is kept as an archive before. */
@Service
class Archives {
    private static final Duration KEPT = Duration.ofHours(24);
    private static final String INCOMING = "incoming-";
    private static final int MOST_INCOMING = 4;
    private static final String BEFORE = "before-restore-";
    private static final Duration KEPT_BEFORE = Duration.ofDays(30);
    private static final int FEWEST_BEFORE = 3;
    private static final int MOST_BEFORE = 10;
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);

    private final Path folder;
    private final ArchiveWriter writer;
    private final ArchiveReader reader;
    private final Restoring restoring;
    private final List<RunningWork.Source> work;
    private final Clock clock;
    private final Semaphore making = new Semaphore(1);

    Archives(
            ReckonrodSettings settings,
            ArchiveWriter writer,
            ArchiveReader reader,
            Restoring restoring,
            List<RunningWork.Source> work,
            Clock clock) {
        this.folder = settings.dataFolder().resolve("archives");
        this.writer = writer;
        this.reader = reader;
        this.restoring = restoring;
        this.work = work;
        this.clock = clock;
    }

    /** An archive that was brought, and how many rows its tables have and those that are here. */
    record Brought(UUID id, Manifest manifest, Map<String, Long> here) {}

    /** Keeps what comes until it is restored, for a day at most. */
    Brought bring(InputStream body) throws IOException {
        Files.createDirectories(folder);
        sweep();
        requireRoom();
        UUID id = UUID.randomUUID();
        try {
            Files.copy(body, incoming(id));
            Manifest manifest = reader.manifest(incoming(id));
            restoring.requireKnown(manifest);
            return new Brought(id, manifest, restoring.here());
        } catch (IOException | RuntimeException wrong) {
            Files.deleteIfExists(incoming(id));
            DiskFull.requireNot(wrong, "The archive");
            throw wrong;
        }
    }

    /**
     * Puts an archive in the place of what is there.
     *
     * @return where what was there is kept
     */
    synchronized Path restore(UUID id) throws IOException {
        Path file = incoming(id);
        if (!Files.exists(file)) {
            throw ProblemException.notFound("That archive is not here any more. Choose its file again.");
        }
        List<RunningWork> running =
                work.stream().flatMap(source -> source.running().stream()).toList();
        if (!running.isEmpty()) {
            throw ProblemException.conflict(
                    "work-runs",
                    "Something runs",
                    running.get(0).name() + " is at work (" + running.get(0).phase()
                            + "). Let that end or stop it, then restore. Nothing was changed.");
        }
        String asItIs = restoring.mark();
        Path before = keep();
        try {
            restoring.restore(file, asItIs);
        } catch (ProblemException refused) {
            if (!refused.code().equals(Restoring.RESTORE_BROKEN_OFF)) {
                // It would be the copy of what is still there.
                Files.deleteIfExists(before);
            }
            throw refused;
        }
        thinOut();
        Files.deleteIfExists(file);
        return before;
    }

    /**
     * What is there now as an archive, in a file that whoever asked has to delete. One is made at a time: each reads the whole
     * database.
     */
    Path made() throws IOException {
        if (!making.tryAcquire()) {
            throw ProblemException.busy("A backup is being made already. Wait until it is finished, then try again.");
        }
        try {
            return make();
        } finally {
            making.release();
        }
    }

    private Path make() throws IOException {
        Files.createDirectories(folder);
        sweep();
        Path half = folder.resolve("half-" + UUID.randomUUID() + ".zip");
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(half))) {
            writer.write(out);
        } catch (IOException | RuntimeException full) {
            Files.deleteIfExists(half);
            DiskFull.requireNot(full, "The backup");
            throw full;
        }
        return half;
    }

    private Path keep() throws IOException {
        try {
            return Files.move(
                    made(),
                    folder.resolve(BEFORE + MOMENT.format(clock.instant()) + "-"
                            + UUID.randomUUID().toString().substring(0, 4) + ".zip"));
        } catch (IOException full) {
            DiskFull.requireNot(full, "The backup");
            throw ProblemException.refused(
                    "cannot-keep",
                    "What is there cannot be kept",
                    "Before anything is restored, what is there is kept as an archive in " + folder.toAbsolutePath()
                            + ", and that failed: " + full.getMessage() + ". Make room there. Nothing was changed.");
        }
    }

    /** Of what was there before each restore, the newest few stay, and the others for as long as somebody may want to go back. */
    private void thinOut() throws IOException {
        Instant old = clock.instant().minus(KEPT_BEFORE);
        List<Path> before;
        try (Stream<Path> files = Files.list(folder)) {
            before = files.filter(each -> each.getFileName().toString().startsWith(BEFORE))
                    .sorted(Comparator.comparing(Path::getFileName).reversed())
                    .toList();
        }
        for (int i = FEWEST_BEFORE; i < before.size(); i++) {
            if (i >= MOST_BEFORE
                    || Files.getLastModifiedTime(before.get(i)).toInstant().isBefore(old)) {
                Files.deleteIfExists(before.get(i));
            }
        }
    }

    private Path incoming(UUID id) {
        return folder.resolve(INCOMING + id + ".zip");
    }

    /** Whoever uploads archives and restores none of them must not fill the disk: the oldest of them goes. */
    private void requireRoom() throws IOException {
        List<Path> waiting;
        try (Stream<Path> files = Files.list(folder)) {
            waiting = files.filter(each -> each.getFileName().toString().startsWith(INCOMING))
                    .sorted(Comparator.comparing(Archives::changedAt))
                    .toList();
        }
        for (int i = 0; i <= waiting.size() - MOST_INCOMING; i++) {
            Files.deleteIfExists(waiting.get(i));
        }
    }

    private static Instant changedAt(Path file) {
        try {
            return Files.getLastModifiedTime(file).toInstant();
        } catch (IOException goneMeanwhile) {
            return Instant.EPOCH;
        }
    }

    /** What nobody restored within a day goes. */
    private void sweep() throws IOException {
        Instant old = clock.instant().minus(KEPT);
        try (Stream<Path> files = Files.list(folder)) {
            for (Path each : files.toList()) {
                String name = each.getFileName().toString();
                if ((name.startsWith(INCOMING) || name.startsWith("half-"))
                        && Files.getLastModifiedTime(each).toInstant().isBefore(old)) {
                    Files.deleteIfExists(each);
                }
            }
        }
    }
}
