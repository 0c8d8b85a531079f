package reckonrod.server.arrange;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import reckonrod.core.channel.Power;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.LowestPower;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Listening;
import reckonrod.core.list.PowerPolicy;
import reckonrod.core.list.Spot;
import reckonrod.core.rework.Policies;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** The edits of policies, with what the directory, the ground and the person's radios say of reach. */
@Component
class PolicyEdits {
    private final PlanLookup plans;
    private final DirectoryStore directory;
    private final RadioUnits radios;
    private final TerrainTiles terrain;

    PolicyEdits(PlanLookup plans, DirectoryStore directory, RadioUnits radios, TerrainTiles terrain) {
        this.plans = plans;
        this.directory = directory;
        this.radios = radios;
        this.terrain = terrain;
    }

    ListEdit listenBy(Listening policy, ChannelList list) {
        return orRefused(() -> Policies.listenBy(policy, list, plans.planOf(list)));
    }

    ListEdit talkBy(PowerPolicy policy, ChannelList list) {
        return orRefused(() -> Policies.talkBy(
                policy,
                list,
                plans.planOf(list),
                policy instanceof PowerPolicy.LowestThatReaches reaching ? reaching(reaching.from(), list) : Map.of()));
    }

    /** A channel whose line would then read as another one stops the policy, and is named. */
    private static ListEdit orRefused(Supplier<ListEdit> edit) {
        try {
            return edit.get();
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused(
                    "change-refused", "That cannot be done", wrong.getMessage() + ". Nothing was changed.");
        }
    }

    private Map<UUID, Power> reaching(Spot from, ChannelList list) {
        LowestPower lowest =
                new LowestPower(radios.all().stream().map(PolicyEdits::levels).toList(), plans.planOf(list), terrain);
        Map<String, DirectoryEntry> entries = directory.byIds(list.entries().values().stream()
                .map(ListEntry::directoryId)
                .filter(id -> !id.isEmpty())
                .distinct()
                .toList());
        Map<UUID, Power> powers = new HashMap<>();
        list.entries()
                .values()
                .forEach(each -> Optional.ofNullable(entries.get(each.directoryId()))
                        .flatMap(entry -> lowest.from(from.position(), entry))
                        .ifPresent(power -> powers.put(each.id(), power)));
        return powers;
    }

    private static LowestPower.Levels levels(RadioUnit unit) {
        return new LowestPower.Levels(
                unit.definition().model().kind().word(),
                unit.definition().limits().watts());
    }
}
