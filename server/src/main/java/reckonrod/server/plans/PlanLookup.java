package reckonrod.server.plans;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.bandplan.Licence;
import reckonrod.core.datafile.DataFileException;
import reckonrod.core.list.ChannelList;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.problem.ProblemException;

/** Finds band plans, those that ship and the person's own. */
@Component
@Transactional(readOnly = true)
public class PlanLookup implements RestoreCheck {
    private static final Logger LOG = LoggerFactory.getLogger(PlanLookup.class);

    private final BandPlans shipped;
    private final PlanRepository own;
    private final Map<String, Read> read = new ConcurrentHashMap<>();

    /** A plan as it was read last; good as long as the version in the database is the same. */
    private record Read(long version, BandPlan plan) {}

    PlanLookup(BandPlans shipped, PlanRepository own) {
        this.shipped = shipped;
        this.own = own;
    }

    /** All plans, those that ship first. */
    public List<BandPlan> all() {
        List<BandPlan> plans = new ArrayList<>(shipped.all());
        own.findAll().stream()
                .flatMap(record -> readable(record).stream())
                .sorted(Comparator.comparing(BandPlan::title))
                .forEach(plans::add);
        return List.copyOf(plans);
    }

    /** The plan of that id; another id is a problem that names the plans there are. */
    public BandPlan plan(String id) {
        return shipped.find(id).or(() -> ownPlan(id)).orElseThrow(() -> unknown(id));
    }

    /** The same, judging by that class of licence; another class is a problem that names those there are. */
    public BandPlan plan(String id, Optional<String> licence) {
        BandPlan plan = plan(id);
        String name = licence.orElse("");
        List<String> names = plan.licences().stream().map(Licence::name).toList();
        if (!name.isEmpty() && !names.contains(name)) {
            throw ProblemException.refused(
                    "licence-unknown",
                    "Unknown class of licence",
                    "\"" + name + "\" is no class of licence of " + plan.title() + "; there are "
                            + String.join(", ", names) + ".");
        }
        return plan.judgingBy(name);
    }

    /** The plan that a list goes by, judging by the list's class of licence. */
    public BandPlan planOf(ChannelList list) {
        return plan(list.bandPlanId()).judgingBy(list.licence());
    }

    /** One that cannot be read is left out, as it would be later; what depends on it says so itself. */
    @Override
    public void readAll() {
        all();
    }

    @Override
    public void clearCache() {
        read.clear();
    }

    private Optional<BandPlan> ownPlan(String id) {
        return own.versionOf(id).flatMap(version -> {
            Read known = read.get(id);
            return known != null && known.version() == version
                    ? Optional.of(known.plan())
                    : own.findById(id).map(this::plan);
        });
    }

    /** A plan that this program cannot read (any more) must not take the others with it. */
    private Optional<BandPlan> readable(PlanRecord record) {
        try {
            return Optional.of(plan(record));
        } catch (DataFileException unreadable) {
            LOG.warn("The band plan {} cannot be read: {}", record.getId(), unreadable.getMessage());
            return Optional.empty();
        }
    }

    private BandPlan plan(PlanRecord record) {
        return read.compute(
                        record.getId(),
                        (id, known) -> known != null && known.version() == record.version()
                                ? known
                                : new Read(record.version(), BandPlans.read(id + ".yaml", record.yaml())))
                .plan();
    }

    private ProblemException unknown(String id) {
        return ProblemException.refused(
                "band-plan-unknown",
                "Unknown band plan",
                "\"" + id + "\" is no band plan here; there are "
                        + all().stream().map(BandPlan::id).collect(Collectors.joining(", ")) + ".");
    }
}
