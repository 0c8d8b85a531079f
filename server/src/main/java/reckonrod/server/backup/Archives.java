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
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import reckonrod.server.ReckonrodSettings;
import reckonrod.server.follow.RunningWork;
import reckonrod.server.problem.ProblemException;

/** Archives on their way in: brought, looked at, and put in the place of what is there, which is kept as an archive before. */
@Service
class Archives {
    private static final Duration KEPT = Duration.ofHours(24);
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);

    private final Path folder;
    private final ArchiveWriter writer;
    private final ArchiveReader reader;
    private final Restoring restoring;
    private final List<RunningWork.Source> work;
    private final Clock clock;

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
        UUID id = UUID.randomUUID();
        try {
            Files.copy(body, incoming(id));
            return new Brought(id, reader.manifest(incoming(id)), restoring.here());
        } catch (IOException | RuntimeException wrong) {
            Files.deleteIfExists(incoming(id));
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
        restoring.restore(file, asItIs);
        Files.deleteIfExists(file);
        return before;
    }

    /** What is there now as an archive, in a file that whoever asked has to delete. */
    Path made() throws IOException {
        Files.createDirectories(folder);
        sweep();
        Path half = folder.resolve("half-" + UUID.randomUUID() + ".zip");
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(half))) {
            writer.write(out);
        } catch (IOException | RuntimeException full) {
            Files.deleteIfExists(half);
            throw full;
        }
        return half;
    }

    private Path keep() throws IOException {
        try {
            return Files.move(
                    made(),
                    folder.resolve("before-restore-" + MOMENT.format(clock.instant()) + "-"
                            + UUID.randomUUID().toString().substring(0, 4) + ".zip"));
        } catch (IOException full) {
            throw ProblemException.refused(
                    "cannot-keep",
                    "What is there cannot be kept",
                    "Before anything is restored, what is there is kept as an archive in " + folder.toAbsolutePath()
                            + ", and that failed: " + full.getMessage() + ". Make room there. Nothing was changed.");
        }
    }

    private Path incoming(UUID id) {
        return folder.resolve("incoming-" + id + ".zip");
    }

    /** What nobody restored within a day goes. */
    private void sweep() throws IOException {
        Instant old = clock.instant().minus(KEPT);
        try (Stream<Path> files = Files.list(folder)) {
            for (Path each : files.toList()) {
                String name = each.getFileName().toString();
                if ((name.startsWith("incoming-") || name.startsWith("half-"))
                        && Files.getLastModifiedTime(each).toInstant().isBefore(old)) {
                    Files.deleteIfExists(each);
                }
            }
        }
    }
}
