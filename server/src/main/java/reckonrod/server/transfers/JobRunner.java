package reckonrod.server.transfers;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.Port;
import reckonrod.core.link.Transfer;
import reckonrod.server.radios.Bench;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Runs transfers beside the requests that started them. */
@Component
class JobRunner {
    private static final Logger LOG = LoggerFactory.getLogger(JobRunner.class);

    private final JobStore jobs;
    private final RadioUnits units;
    private final Bench bench;
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private volatile boolean stopping;

    JobRunner(JobStore jobs, RadioUnits units, Bench bench) {
        this.jobs = jobs;
        this.units = units;
        this.bench = bench;
    }

    /** What a transfer does once it has its line. */
    interface Work {
        /**
         * Does it.
         *
         * @return what to tell the person at the end
         */
        String run(Transfer transfer) throws LinkException;
    }

    /**
     * Starts a transfer.
     *
     * @param before the snapshot that brings the radio back if the write fails; any for a read
     */
    void start(UUID job, RadioUnit unit, UUID before, Work work) {
        threads.execute(() -> run(job, unit, before, work));
    }

    private void run(UUID job, RadioUnit unit, UUID before, Work work) {
        JobWatch watch = new JobWatch(job, unit.id(), before);
        try (Port port = bench.open(unit)) {
            String message = work.run(new Transfer(unit.definition(), port, watch));
            jobs.end(job, JobState.DONE, message);
        } catch (LinkException failed) {
            boolean cancelled = failed.fault() == LinkException.Fault.CANCELLED;
            jobs.end(
                    job,
                    cancelled ? JobState.CANCELLED : JobState.FAILED,
                    failed.getMessage() + consequence(unit, watch.writing));
        } catch (IOException unreachable) {
            jobs.end(
                    job,
                    JobState.FAILED,
                    "The port of " + unit.name()
                            + " cannot be opened. Check the cable and the port, then start again.");
        } catch (RuntimeException bug) {
            LOG.error("Transfer {} broke", job, bug);
            endAfterBug(job, unit, watch.writing);
        }
    }

    private void endAfterBug(UUID job, RadioUnit unit, boolean writing) {
        try {
            jobs.end(job, JobState.FAILED, "The transfer broke off inside Reckonrod." + consequence(unit, writing));
        } catch (RuntimeException storageGone) {
            // Nobody can be told now; the sweep tells it once the database is back.
            LOG.error("The end of transfer {} could not be kept", job, storageGone);
        }
    }

    private static String consequence(RadioUnit unit, boolean writing) {
        return writing ? " " + unit.name() + " is half written: put the snapshot back." : " Nothing was written.";
    }

    @PreDestroy
    void stop() throws InterruptedException {
        stopping = true;
        threads.shutdown();
        threads.awaitTermination(3, TimeUnit.SECONDS);
    }

    /** Passes what a transfer tells on to the database, a few times a second. */
    private final class JobWatch implements reckonrod.core.link.TransferWatch {
        private static final long EVERY_NANOS = 150_000_000;

        private final UUID job;
        private final String unitId;
        private final UUID before;
        private long toldAtNanos;
        private Phase toldPhase = Phase.IDENTIFY;
        private boolean cancel;
        private boolean writing;

        JobWatch(UUID job, String unitId, UUID before) {
            this.job = job;
            this.unitId = unitId;
            this.before = before;
        }

        @Override
        public void progress(Phase phase, int bytesDone, int bytesTotal) {
            long now = System.nanoTime();
            if (phase != toldPhase || bytesDone == 0 || bytesDone == bytesTotal || now - toldAtNanos > EVERY_NANOS) {
                cancel = jobs.progress(job, phase, bytesDone, bytesTotal);
                toldAtNanos = now;
                toldPhase = phase;
            }
        }

        @Override
        public boolean cancelled() {
            return cancel || stopping;
        }

        @Override
        public void memoryWasRead(MemoryImage memory) {
            units.keep(unitId, "Read from the radio", memory);
        }

        @Override
        public void writingBegins() {
            units.writingBegins(unitId, before);
            writing = true;
        }
    }
}
