package reckonrod.server.plans;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.datafile.DataFileException;
import reckonrod.server.problem.FileFault;
import reckonrod.server.problem.ProblemException;

/** Keeps the person's own plans as the texts of their files. What the loader refuses is not kept. */
@Service
@Transactional
class PlanStore {
    private static final int MOST_CHARACTERS = 200_000;

    private final BandPlans shipped;
    private final PlanRepository own;
    private final Clock clock;

    PlanStore(BandPlans shipped, PlanRepository own, Clock clock) {
        this.shipped = shipped;
        this.own = own;
        this.clock = clock;
    }

    /**
     * A plan's file.
     *
     * @param version the version of a plan of one's own; 0 for one that ships
     */
    record PlanFile(BandPlan plan, String yaml, boolean ships, long version) {}

    @Transactional(readOnly = true)
    public PlanFile get(String id) {
        Optional<BandPlan> ships = shipped.find(id);
        if (ships.isPresent()) {
            return new PlanFile(ships.get(), BandPlans.shippedText(id), true, 0);
        }
        return file(record(id));
    }

    /** A new plan of one's own. */
    public PlanFile add(String yaml) {
        BandPlan plan = read("plan.yaml", yaml);
        if (shipped.find(plan.id()).isPresent() || own.existsById(plan.id())) {
            throw ProblemException.conflict(
                    "band-plan-exists",
                    "That id is taken",
                    "There is a plan \"" + plan.id()
                            + "\" already. Choose another id in the line that begins with id:.");
        }
        return file(own.saveAndFlush(new PlanRecord(plan.id(), yaml, clock.instant())));
    }

    /** Another text for a plan of one's own. */
    public PlanFile change(String id, long baseVersion, String yaml) {
        if (shipped.find(id).isPresent()) {
            throw ProblemException.refused(
                    "band-plan-ships",
                    "That plan ships with the program",
                    "It stays as it is, so that you can always come back to it. Copy it and edit the copy.");
        }
        PlanRecord record = record(id);
        if (record.version() != baseVersion) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    "The plan was changed in another tab or window. Nothing was overwritten; copy your text and open it anew.");
        }
        BandPlan plan = read(id + ".yaml", yaml);
        if (!plan.id().equals(id)) {
            throw ProblemException.refused(
                    "band-plan-id",
                    "The id stays",
                    "The id was \"" + plan.id() + "\" and must stay \"" + id + "\", since lists name the plan by it.");
        }
        record.become(yaml, clock.instant());
        return file(own.saveAndFlush(record));
    }

    /** Takes a plan of one's own away, if no list and no list's history names it. */
    public void delete(String id) {
        PlanRecord record = record(id);
        List<String> lists = own.listsThatNamed(id);
        if (!lists.isEmpty()) {
            throw ProblemException.conflict(
                    "band-plan-in-use",
                    "A list uses it",
                    "The plan is named by " + String.join(", ", lists) + " or by its history, so it is kept.");
        }
        own.delete(record);
    }

    private PlanRecord record(String id) {
        return own.findById(id)
                .orElseThrow(() -> ProblemException.notFound("There is no band plan \"" + id + "\" of your own."));
    }

    private static PlanFile file(PlanRecord record) {
        return new PlanFile(
                BandPlans.read(record.getId() + ".yaml", record.yaml()), record.yaml(), false, record.version());
    }

    /** Reads the text; its faults, each with its line, are the problem that comes back. */
    static BandPlan read(String name, String yaml) {
        if (yaml.length() > MOST_CHARACTERS) {
            throw ProblemException.refused(
                    "band-plan-too-long",
                    "The plan is too long",
                    "It has " + yaml.length() + " characters; at most " + MOST_CHARACTERS + " are read.");
        }
        try {
            return BandPlans.readNew(name, yaml);
        } catch (DataFileException refused) {
            throw FileFault.problem("band-plan-faulty", "The plan has faults", refused);
        }
    }
}
