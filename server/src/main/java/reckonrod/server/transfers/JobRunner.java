package reckonrod.server.transfers;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
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
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Identity;
import reckonrod.core.link.Line;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Loader;
import reckonrod.core.load.Loaders;
import reckonrod.server.ReckonrodSettings;
import reckonrod.server.radios.Cables;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/**
 * Runs transfers beside the requests that started them. A transfer has its radio only as long as its row runs; that is asked
 * before every block, and whoever has lost it writes nothing more.
 */
@Component
class JobRunner {
    private static final Logger LOG = LoggerFactory.getLogger(JobRunner.class);

    private static final int TRIES_TO_KEEP_THE_END = 25;
    private static final long SWEEP_MILLIS = 1_000;
    private static final long BETWEEN_TRIES_MILLIS = 1_000;

    private final JobStore jobs;
    private final RadioUnits units;
    private final Cables cables;
    private final ReckonrodSettings settings;
    private final Clock clock;
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final Set<UUID> alive = ConcurrentHashMap.newKeySet();
    private volatile boolean stopping;

    JobRunner(JobStore jobs, RadioUnits units, Cables cables, ReckonrodSettings settings, Clock clock) {
        this.clock = clock;
        this.jobs = jobs;
        this.units = units;
        this.cables = cables;
        this.settings = settings;
    }

    /** How a transfer gets its line. */
    interface Opening {
        /** Opens it; see {@link Cables#open}. */
        Line open(RadioUnit unit) throws IOException;
    }

    /** Over the radio's own port. */
    Opening ownPort() {
        return cables::open;
    }

    /** What a transfer does once it has its line. */
    interface Work {
        /** Does it; what comes back is kept together with the end of the transfer. */
        Ending run(Loader loader) throws LinkException;
    }

    /**
     * A good end.
     *
     * @param message what to tell the person
     * @param keep keeps what was found out
     */
    record Ending(String message, Runnable keep) {}

    /**
     * Starts a transfer.
     *
     * @param before the snapshot that brings the radio back if the write fails; any for a read
     * @param opening gets its line
     */
    void start(UUID job, RadioUnit unit, UUID before, Opening opening, Work work) {
        alive.add(job);
        threads.execute(() -> {
            try {
                run(job, unit, before, opening, work);
            } finally {
                alive.remove(job);
            }
        });
    }

    private void run(UUID job, RadioUnit unit, UUID before, Opening opening, Work work) {
        JobWatch watch = new JobWatch(job, unit.id(), before);
        try (Line line = opening.open(unit)) {
            Ending ending = work.run(Loaders.over(unit.definition(), line, watch, LocalDateTime.now(clock)));
            jobs.finish(job, ending.keep(), ending.message());
        } catch (LeaseLost | LostUnderway lost) {
            lost(job, unit, before, watch.writing);
        } catch (LinkException failed) {
            if (failed.fault() == Fault.NO_LONGER_OURS) {
                lost(job, unit, before, watch.writing);
            } else {
                fail(
                        job,
                        stateAfter(failed.fault()),
                        failed.getMessage() + consequence(unit, watch.writing),
                        failed.fault());
            }
        } catch (IOException unreachable) {
            fail(
                    job,
                    JobState.FAILED,
                    (unit.byCard() ? "The card of " : "The port of ") + unit.name() + " cannot be opened. "
                            + unreachable.getMessage() + ". Nothing was written.",
                    Fault.CABLE);
        } catch (DataAccessException | TransactionException storage) {
            LOG.error("Transfer {} broke off", job, storage);
            fail(
                    job,
                    JobState.FAILED,
                    "The database did not answer, so the transfer was stopped." + consequence(unit, watch.writing),
                    null);
        } catch (RuntimeException bug) {
            LOG.error("Transfer {} broke", job, bug);
            fail(
                    job,
                    JobState.FAILED,
                    "The transfer broke off inside Reckonrod; the log on the server says more."
                            + consequence(unit, watch.writing),
                    null);
        }
    }

    private static JobState stateAfter(Fault fault) {
        return switch (fault) {
            case CANCELLED -> JobState.CANCELLED;
            case PROGRAM_ENDS -> JobState.INTERRUPTED;
            default -> JobState.FAILED;
        };
    }

    /** A card tells of itself what became of it; the radio is not touched by it. */
    private static String consequence(RadioUnit unit, boolean writing) {
        if (unit.byCard()) {
            return "";
        }
        return writing ? " " + unit.name() + " is half written: put the snapshot back." : " Nothing was written.";
    }

    private void lost(UUID job, RadioUnit unit, UUID before, boolean writing) {
        LOG.warn("Transfer {} with {} was given up while this program stood still", job, unit.name());
        if (writing) {
            keepTrying(() -> jobs.strayed(unit.id(), before));
        }
    }

    private void fail(UUID job, JobState state, String message, Fault fault) {
        keepTrying(() -> jobs.fail(job, state, message, fault));
    }

    /** Keeps how it ended as soon as the database can; if that takes too long, the sweep tells it instead. */
    private void keepTrying(Runnable keep) {
        for (int i = 0; i < TRIES_TO_KEEP_THE_END; i++) {
            try {
                keep.run();
                return;
            } catch (RuntimeException storageGone) {
                LOG.warn("The end of a transfer cannot be kept yet: {}", storageGone.getMessage());
                pause();
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(BETWEEN_TRIES_MILLIS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Gives up what other programs began and are not heard of any more. */
    @Scheduled(fixedDelay = SWEEP_MILLIS)
    void sweep() {
        jobs.sweep(settings.lease(), alive);
    }

    @PreDestroy
    void stop() throws InterruptedException {
        stopping = true;
        threads.shutdown();
        threads.awaitTermination(3, TimeUnit.SECONDS);
    }

    /** Something that is kept for as long as the radio is ours. */
    private interface Telling {
        void tell() throws LeaseLost;
    }

    /** Carries {@link LeaseLost} through the callbacks of the core. */
    private static final class LostUnderway extends RuntimeException {
        LostUnderway(LeaseLost lost) {
            super(lost);
        }
    }

    /** Passes what a transfer tells on to the database, a few times a second, and asks there before each block. */
    private final class JobWatch implements reckonrod.core.link.TransferWatch {
        private static final long EVERY_NANOS = 150_000_000;

        private final UUID job;
        private final String unitId;
        private final UUID before;
        private long toldAtNanos;
        private Phase toldPhase = Phase.IDENTIFY;
        private boolean writing;
        private long heldAtNanos;
        private long heldAtMillis;

        JobWatch(UUID job, String unitId, UUID before) {
            this.job = job;
            this.unitId = unitId;
            this.before = before;
        }

        @Override
        public void progress(Phase phase, int bytesDone, int bytesTotal) {
            long now = System.nanoTime();
            if (phase != toldPhase || bytesDone == 0 || bytesDone == bytesTotal || now - toldAtNanos > EVERY_NANOS) {
                told(() -> jobs.progress(job, phase, bytesDone, bytesTotal));
                toldAtNanos = now;
                toldPhase = phase;
            }
        }

        /**
         * The row is asked a few times a second; whoever was suspended in between, by either clock, asks again before the next
         * block.
         */
        @Override
        public Optional<Stop> stop() {
            long nanos = System.nanoTime();
            long millis = clock.millis();
            if (heldAtMillis > 0
                    && nanos - heldAtNanos < EVERY_NANOS
                    && Math.abs(millis - heldAtMillis) < TimeUnit.NANOSECONDS.toMillis(EVERY_NANOS)) {
                return stopping ? Optional.of(Stop.PROGRAM_ENDS) : Optional.empty();
            }
            try {
                boolean asked = jobs.hold(job);
                heldAtNanos = nanos;
                heldAtMillis = millis;
                return stopping ? Optional.of(Stop.PROGRAM_ENDS) : asked ? Optional.of(Stop.ASKED) : Optional.empty();
            } catch (LeaseLost lost) {
                return Optional.of(Stop.NO_LONGER_OURS);
            }
        }

        @Override
        public void waitsForPerson(Phase phase, List<String> steps) {
            told(() -> jobs.asks(job, phase, steps));
        }

        @Override
        public void isThere(Identity identity) {
            if (identity.word().isPresent()) {
                told(() -> jobs.saysOfRadio(job, identity.word().get()));
            }
        }

        @Override
        public void memoryWasRead(MemoryImage memory) {
            told(() -> jobs.whileHeld(job, () -> units.keep(unitId, "Read from the radio", memory)));
        }

        @Override
        public Optional<Stop> writingBegins() {
            try {
                writing = jobs.writingBegins(job, unitId, before);
                return writing ? Optional.empty() : Optional.of(Stop.ASKED);
            } catch (LeaseLost lost) {
                return Optional.of(Stop.NO_LONGER_OURS);
            }
        }

        private void told(Telling telling) {
            try {
                telling.tell();
            } catch (LeaseLost lost) {
                throw new LostUnderway(lost);
            }
        }
    }
}
