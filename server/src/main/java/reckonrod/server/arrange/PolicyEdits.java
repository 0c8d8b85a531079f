package reckonrod.server.arrange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Power;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.LowestPower;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Intent;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Listening;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.list.PowerPolicy;
import reckonrod.core.list.Spot;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.rework.Rework;
import reckonrod.core.rework.Reworking;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** A policy is said of a list and its channels are brought to it, in one edit. */
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
        return together(
                list,
                list.intent().listening(policy),
                new Rework.Listen(policy, plans.planOf(list)),
                "Listening policy: " + policy.words());
    }

    ListEdit talkBy(PowerPolicy policy, ChannelList list) {
        return together(
                list,
                list.intent().power(policy),
                new Rework.PowerOfEach(powers(policy, list), policy.words()),
                "Power policy: " + policy.words());
    }

    private ListEdit together(ChannelList list, Intent intent, Rework rework, String said) {
        List<UUID> all = list.entries().values().stream().map(ListEntry::id).toList();
        List<ListEdit> edits = new ArrayList<>();
        if (!list.intent().equals(intent)) {
            edits.add(new ListEdit.Mean(intent, said));
        }
        int changed = 0;
        if (!all.isEmpty()) {
            ManyEdit.RewriteMany rewriting = (ManyEdit.RewriteMany) Reworking.of(list, all, rework, plans.planOf(list));
            changed = rewriting.channels().size();
            if (changed > 0 || edits.isEmpty()) {
                edits.add(rewriting);
            }
        }
        return edits.isEmpty()
                ? new ListEdit.Mean(intent, said)
                : new ListEdit.Together(
                        edits, said + (changed == 1 ? "; 1 channel changes" : "; " + changed + " channels change"));
    }

    private Map<UUID, Power> powers(PowerPolicy policy, ChannelList list) {
        if (policy instanceof PowerPolicy.LowOnCalling) {
            Predicate<ListEntry> calls = calling(plans.planOf(list));
            return list.entries().values().stream()
                    .filter(calls)
                    .collect(Collectors.toMap(ListEntry::id, each -> Power.LOW));
        }
        return policy instanceof PowerPolicy.LowestThatReaches reaching ? reaching(reaching.from(), list) : Map.of();
    }

    private static Predicate<ListEntry> calling(BandPlan plan) {
        List<Belongs.Span> spans = Belongs.spans(plan).stream()
                .filter(each -> each.words().equals(Belongs.CALLING))
                .toList();
        return entry -> spans.stream()
                .anyMatch(each -> each.range().contains(entry.channel().receive()));
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
                unit.definition().limits().power().stream()
                        .collect(Collectors.toMap(PowerLevel::level, PowerLevel::watts, (first, other) -> first)));
    }
}
