package reckonrod.server.imports;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import reckonrod.server.ReckonrodSettings;

/** Reads imports beside the requests that started them. */
@Component
class ImportRunner {
    private static final Logger LOG = LoggerFactory.getLogger(ImportRunner.class);

    private static final int TRIES_TO_KEEP_THE_END = 25;
    private static final long SWEEP_MILLIS = 1_000;
    private static final int PAGES_TAKE_LONGER = 3;

    private final ImportStore store;
    private final ReckonrodSettings settings;
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final Set<UUID> alive = ConcurrentHashMap.newKeySet();
    private volatile boolean stopping;

    ImportRunner(ImportStore store, ReckonrodSettings settings) {
        this.store = store;
        this.settings = settings;
    }

    /** Opens where the rows come from. */
    interface Opening {
        RowSource open() throws IOException;
    }

    /**
     * Reads the rows of a source from that one on, until there are no more.
     *
     * @param reader who reads: it stops when another one has taken over
     * @param from how many were read before
     */
    void read(UUID id, UUID reader, Opening opening, int from) {
        alive.add(id);
        threads.execute(() -> {
            try {
                run(id, reader, opening, from);
            } finally {
                alive.remove(id);
            }
        });
    }

    private void run(UUID id, UUID reader, Opening opening, int from) {
        int read = from;
        try (RowSource source = opening.open()) {
            while (true) {
                RowSource.Chunk chunk = source.from(read);
                read += chunk.rows().size();
                if (store.stage(id, reader, chunk, read)) {
                    store.brokenOff(id, reader, "Stopped. The " + read + " rows read so far are kept.");
                    return;
                }
                if (chunk.rows().isEmpty() || read >= chunk.total()) {
                    store.allRead(id, reader);
                    return;
                }
                if (stopping) {
                    store.brokenOff(
                            id,
                            reader,
                            "Reckonrod was stopped while it was read. The " + read
                                    + " rows read so far are kept; let it go on.");
                    return;
                }
            }
        } catch (ImportStore.ReaderLost lost) {
            LOG.warn("Import {} was given up or taken over while this program stood still", id);
        } catch (RowSource.BrokenOff broken) {
            end(id, reader, broken.getMessage() + ". The " + read + " rows read so far are kept; let it go on later.");
        } catch (DataAccessException | TransactionException storage) {
            LOG.error("Import {} broke off", id, storage);
            end(id, reader, "The database did not answer; check that it has room on its disk, then let it go on.");
        } catch (IOException | RuntimeException bug) {
            LOG.error("Import {} broke", id, bug);
            end(id, reader, "Reading broke off inside Reckonrod; the log on the server says more.");
        }
    }

    /** Keeps how it ended as soon as the database can; if that takes too long, the sweep tells it instead. */
    private void end(UUID id, UUID reader, String message) {
        for (int i = 0; i < TRIES_TO_KEEP_THE_END && !stopping; i++) {
            try {
                store.brokenOff(id, reader, message);
                return;
            } catch (ImportStore.ReaderLost lost) {
                return;
            } catch (RuntimeException storageGone) {
                LOG.warn("The end of import {} cannot be kept yet: {}", id, storageGone.getMessage());
                pause();
            }
        }
    }

    /** Gives up what other programs began to read and are not heard of any more. A page of a service may take its time. */
    @Scheduled(fixedDelay = SWEEP_MILLIS)
    void sweep() {
        store.sweep(settings.lease().multipliedBy(PAGES_TAKE_LONGER), alive);
    }

    private static void pause() {
        try {
            Thread.sleep(1_000);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @PreDestroy
    void stop() throws InterruptedException {
        stopping = true;
        threads.shutdown();
        threads.awaitTermination(3, TimeUnit.SECONDS);
    }
}
