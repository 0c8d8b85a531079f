package reckonrod.server.imports;

import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** Reads imports beside the requests that started them. */
@Component
class ImportRunner {
    private static final Logger LOG = LoggerFactory.getLogger(ImportRunner.class);

    private static final int TRIES_TO_KEEP_THE_END = 25;

    private final ImportStore store;
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private volatile boolean stopping;

    ImportRunner(ImportStore store) {
        this.store = store;
    }

    /**
     * Reads the rows of a source from that one on, until there are no more.
     *
     * @param from how many were read before
     */
    void read(UUID id, RowSource source, int from) {
        threads.execute(() -> run(id, source, from));
    }

    private void run(UUID id, RowSource source, int from) {
        int read = from;
        try {
            Map<String, Integer> lines = store.linesByEntry(id);
            while (true) {
                RowSource.Chunk chunk = source.from(read);
                read += chunk.rows().size();
                if (store.stage(id, chunk, read, lines)) {
                    store.end(id, ImportState.BROKEN_OFF, "Stopped. The " + read + " rows read so far are kept.");
                    return;
                }
                if (stopping) {
                    return;
                }
                if (chunk.rows().isEmpty() || read >= chunk.total()) {
                    store.allRead(id);
                    return;
                }
            }
        } catch (RowSource.BrokenOff broken) {
            end(id, broken.getMessage() + ". The " + read + " rows read so far are kept; let it go on later.");
        } catch (DataAccessException | TransactionException storage) {
            LOG.error("Import {} broke off", id, storage);
            end(id, "The database did not answer; check that it has room on its disk, then let it go on.");
        } catch (RuntimeException bug) {
            LOG.error("Import {} broke", id, bug);
            end(id, "Reading broke off inside Reckonrod; the log on the server says more.");
        }
    }

    /** Keeps how it ended as soon as the database can; if that takes too long, the sweep tells it instead. */
    private void end(UUID id, String message) {
        for (int i = 0; i < TRIES_TO_KEEP_THE_END && !stopping; i++) {
            try {
                store.end(id, ImportState.BROKEN_OFF, message);
                return;
            } catch (RuntimeException storageGone) {
                LOG.warn("The end of import {} cannot be kept yet: {}", id, storageGone.getMessage());
                pause();
            }
        }
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
