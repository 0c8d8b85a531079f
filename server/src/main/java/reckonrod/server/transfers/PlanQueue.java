package reckonrod.server.transfers;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.transfers.KeptPlanRecord.State;

/** Makes kept plans one after the other; one that fails stops none. What the program does not get to stays kept. */
@Component
class PlanQueue {
    private static final Logger LOG = LoggerFactory.getLogger(PlanQueue.class);
    private static final long LOOK_EVERY_MILLIS = 150;

    private final KeptPlans plans;
    private final PlannedWrites planned;
    private final Transfers transfers;
    private final JobRunner runner;
    private final JobStore jobs;
    private final ExecutorService thread = Executors.newSingleThreadExecutor();

    PlanQueue(KeptPlans plans, PlannedWrites planned, Transfers transfers, JobRunner runner, JobStore jobs) {
        this.plans = plans;
        this.planned = planned;
        this.transfers = transfers;
        this.runner = runner;
        this.jobs = jobs;
    }

    /** From now on these are made, in that order. */
    void run(List<UUID> ids) {
        thread.execute(() -> ids.forEach(this::make));
    }

    private void make(UUID id) {
        try {
            KeptPlans.Kept kept = plans.get(id);
            if (!plans.claim(id)) {
                return;
            }
            if (!kept.stale().isEmpty()) {
                plans.stands(id, State.FAILED, kept.stale() + " Nothing was written.", Optional.empty());
                return;
            }
            JobView job = transfers.write(
                    planned.plan(kept.unit().withLine(), kept.plan().request()), runner.ownPort());
            plans.stands(id, State.RUNNING, "", Optional.of(job.id()));
            JobView end = ended(job.id());
            plans.stands(
                    id, end.state() == JobState.DONE ? State.DONE : State.FAILED, end.message(), Optional.of(job.id()));
        } catch (ProblemException refused) {
            plans.stands(id, State.FAILED, refused.getMessage(), Optional.empty());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException broken) {
            LOG.error("Plan {} broke off", id, broken);
            plans.stands(
                    id,
                    State.FAILED,
                    "It broke off inside Reckonrod; the log on the server says more.",
                    Optional.empty());
        } finally {
            plans.left(id);
        }
    }

    private JobView ended(UUID job) throws InterruptedException {
        JobView now = jobs.get(job);
        while (now.state() == JobState.RUNNING) {
            Thread.sleep(LOOK_EVERY_MILLIS);
            now = jobs.get(job);
        }
        return now;
    }

    @PreDestroy
    void stop() {
        thread.shutdownNow();
    }
}
