package reckonrod.server.transfers;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.image.PlanWords;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.transfers.KeptPlanRecord.State;

/** Keeps writes that are to be made later; one for a radio, the newest. */
@Service
@Transactional
class KeptPlans implements RestoreCheck {
    /** What this program claimed and has no transfer yet. */
    private final Set<UUID> begun = ConcurrentHashMap.newKeySet();

    private final KeptPlanRepository plans;
    private final PlannedWrites planned;
    private final RadioUnits units;
    private final JobStore jobs;
    private final Clock clock;

    KeptPlans(KeptPlanRepository plans, PlannedWrites planned, RadioUnits units, JobStore jobs, Clock clock) {
        this.jobs = jobs;
        this.plans = plans;
        this.planned = planned;
        this.units = units;
        this.clock = clock;
    }

    /**
     * A kept plan.
     *
     * @param stale why it cannot be made as it was shown; empty while it can
     * @param state how it stands, as its transfer tells it
     * @param message how it ended
     */
    record Kept(KeptPlanRecord plan, RadioUnit unit, String stale, State state, String message) {}

    Kept keep(RadioUnit unit, TransferController.WriteRequest request) {
        PlannedWrites.Planned now = planned.plan(unit, request);
        plans.findFirstByRadioIdAndState(unit.id(), State.WAITING).ifPresent(plans::delete);
        KeptPlanRecord plan = plans.save(new KeptPlanRecord(
                UUID.randomUUID(),
                unit.id(),
                now.list().list().name(),
                request,
                PlanWords.lines(now.plan()),
                PlanWords.sum(now.plan()),
                clock.instant()));
        return new Kept(plan, unit, "", State.WAITING, "");
    }

    @Transactional(readOnly = true)
    List<Kept> all() {
        return plans.findAllByOrderByKeptAt().stream()
                .flatMap(plan -> unit(plan).map(unit -> kept(plan, unit)).stream())
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll() {
        all();
    }

    @Transactional(readOnly = true)
    Kept get(UUID id) {
        KeptPlanRecord plan = record(id);
        return kept(plan, units.get(plan.radioId()));
    }

    /** One whose model cannot be read any more does not take the others with it. */
    private Optional<RadioUnit> unit(KeptPlanRecord plan) {
        try {
            return Optional.of(units.get(plan.radioId()));
        } catch (ProblemException unreadable) {
            return Optional.empty();
        }
    }

    /**
     * Takes a plan to make it, in this program and no other.
     *
     * @return whether it was still waiting
     */
    boolean claim(UUID id) {
        Optional<KeptPlanRecord> waiting = plans.locked(id).filter(plan -> plan.state() == State.WAITING);
        waiting.ifPresent(plan -> {
            begun.add(id);
            plan.stands(State.RUNNING, "", null);
        });
        return waiting.isPresent();
    }

    /** What was claimed here is begun, or was given up. */
    void left(UUID id) {
        begun.remove(id);
    }

    private Kept kept(KeptPlanRecord plan, RadioUnit unit) {
        if (plan.state() == State.RUNNING && plan.jobId() == null && begun.contains(plan.id())) {
            return new Kept(plan, unit, "", State.RUNNING, "");
        }
        if (plan.state() == State.RUNNING && plan.jobId() == null) {
            return new Kept(
                    plan,
                    unit,
                    "",
                    State.FAILED,
                    "It was not begun; the program ended, or begins it this moment. Nothing was written.");
        }
        if (plan.state() != State.RUNNING) {
            String stale = plan.state() == State.WAITING ? stale(plan, unit) : "";
            return new Kept(plan, unit, stale, plan.state(), plan.message());
        }
        // The program that made it may have ended meanwhile; its transfer is told by the row in any case.
        JobView job = jobs.get(plan.jobId());
        State state = job.state() == JobState.RUNNING
                ? State.RUNNING
                : job.state() == JobState.DONE ? State.DONE : State.FAILED;
        return new Kept(plan, unit, "", state, job.message());
    }

    private String stale(KeptPlanRecord plan, RadioUnit unit) {
        try {
            boolean newer = units.newestSnapshot(unit.id())
                    .filter(each -> !each.id().equals(plan.request().snapshotId()))
                    .filter(each -> !each.image()
                            .equals(units.snapshot(unit.id(), plan.request().snapshotId())
                                    .image()))
                    .isPresent();
            if (newer) {
                return unit.name() + " was read again since, and holds something else.";
            }
            planned.plan(unit, plan.request());
            return "";
        } catch (ProblemException otherwise) {
            return otherwise.getMessage();
        }
    }

    void forget(UUID id) {
        plans.delete(record(id));
    }

    void stands(UUID id, State state, String message, Optional<UUID> job) {
        plans.findById(id).ifPresent(plan -> plan.stands(state, message, job.orElse(null)));
    }

    private KeptPlanRecord record(UUID id) {
        return plans.findById(id).orElseThrow(() -> ProblemException.notFound("There is no plan " + id + " any more."));
    }
}
