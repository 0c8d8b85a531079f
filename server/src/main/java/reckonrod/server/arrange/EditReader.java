package reckonrod.server.arrange;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.finding.Field;
import reckonrod.core.list.BankRule;
import reckonrod.core.list.BlockEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Intent;
import reckonrod.core.list.ListComparison;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.Ordering;
import reckonrod.core.list.PowerPolicy;
import reckonrod.core.list.SlotRange;
import reckonrod.core.list.Spot;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.ToneText;
import reckonrod.core.notation.WorkedAnswer;
import reckonrod.core.planchange.PlanChange;
import reckonrod.core.radio.NameRule;
import reckonrod.core.rework.Rework;
import reckonrod.core.rework.Reworking;
import reckonrod.core.take.TakenNames;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.reckon.FindingView;
import reckonrod.server.take.Takes;

/** Makes edits of what comes over the wire: lines become channels by the list's plan, entries become what they are taken as. */
@Component
class EditReader {
    private final PlanLookup plans;
    private final Takes takes;
    private final Compared compared;
    private final Displays displays;
    private final PlaceFinder places;
    private final Clock clock;
    private final PolicyEdits policies;

    EditReader(
            PlanLookup plans,
            Takes takes,
            Compared compared,
            Displays displays,
            PlaceFinder places,
            Clock clock,
            PolicyEdits policies) {
        this.policies = policies;
        this.clock = clock;
        this.places = places;
        this.displays = displays;
        this.compared = compared;
        this.plans = plans;
        this.takes = takes;
    }

    /** Lines as channels, alone or as a new block. */
    ListEdit put(ChannelEdits.Put put, ChannelList list) {
        BandPlan plan = plans.planOf(list);
        List<ListEntry> entries =
                put.lines().stream().map(line -> entry(line, plan)).toList();
        return block(put.block())
                .<ListEdit>map(name -> new ListEdit.PutBlock(name, put.slot(), entries))
                .orElseGet(() -> Boolean.TRUE.equals(put.here())
                        ? new ListEdit.PutHere(put.slot(), entries)
                        : new ListEdit.Put(put.slot(), entries));
    }

    /** Another line for a channel. */
    ListEdit rewrite(ChannelEdits.Rewrite rewrite, ChannelList list) {
        return new ListEdit.Rewrite(
                rewrite.channel(),
                channel(rewrite.line(), plans.planOf(list)),
                rewrite.line().strip());
    }

    /** Entries of the directory as channels, alone or as a new block. */
    ListEdit take(ChannelEdits.Take take, ChannelList list) {
        BandPlan plan = plans.planOf(list);
        int slot = Optional.ofNullable(take.slot()).orElse(list.slots().first());
        List<ListEntry> entries = takes.channels(take.take(), list, plan);
        return TakenNames.taking(list, takes.recipe(take.take(), list), block(take.block()), slot, entries, plan);
    }

    /** Every channel as another plan works it out. */
    ListEdit goBy(WholeEdits.GoBy goBy, ChannelList list) {
        BandPlan from = plans.planOf(list);
        BandPlan to = plans.plan(goBy.bandPlan(), Optional.ofNullable(goBy.licence()));
        PlanChange change = PlanChange.of(list, from, to);
        return new ListEdit.GoBy(
                change.list().bandPlanId(),
                change.list().licence(),
                to.title() + ", licence " + to.licence().name(),
                change.list().entries());
    }

    /** Channels as another list has them, with lines that this list's plan reads as the same. */
    ListEdit takeOver(WholeEdits.TakeOver over, ChannelList list) {
        BandPlan plan = plans.planOf(list);
        Compared.Other other = other(over, list);
        return ListComparison.takeOver(
                list,
                compared.rows(list, other.list(), over.rows()),
                other.name(),
                UUID::randomUUID,
                channel -> LineWriter.write(channel, plan));
    }

    private Compared.Other other(WholeEdits.TakeOver over, ChannelList list) {
        if (over.radio() != null && over.snapshot() != null) {
            return compared.snapshot(list, over.radio(), over.snapshot());
        }
        if (over.from() == null) {
            throw ProblemException.refused(
                    "nothing-to-take-over",
                    "From where?",
                    "from must name a list, or radio and snapshot what a radio held.");
        }
        return compared.other(over.from(), over.revision());
    }

    /** What belongs into a block. */
    ListEdit fill(BlockEdits.FillBlock fill, ChannelList list) {
        try {
            return new BlockEdit.Fill(
                    fill.block(),
                    Optional.ofNullable(fill.filling()).map(each -> each.read(list, plans.planOf(list), this::place)));
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("filling-wrong", "That cannot be asked", wrong.getMessage() + ".");
        }
    }

    /** A place as it was said, else as it is found: under the name that it is found by, which shows what was meant. */
    Spot place(SpotView spot) {
        return spot.position().map(each -> new Spot(spot.place().strip(), each)).orElseGet(() -> {
            PlaceFinder.Place found = places.one(spot.place());
            return new Spot(found.name(), found.position());
        });
    }

    /** An order along a way. */
    Ordering along(List<SpotView> via) {
        try {
            return new Ordering.Along(via.stream().map(this::place).toList());
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("way-wrong", "That is no way", wrong.getMessage() + ".");
        }
    }

    /** A recipe for names; nothing if none is given. */
    Optional<NameRecipe> naming(NamingView naming) {
        try {
            return Optional.ofNullable(naming).map(each -> each.read(this::place));
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("naming-wrong", "Nothing can be named so", wrong.getMessage() + ".");
        }
    }

    PolicyEdits policies() {
        return policies;
    }

    /** A power policy; the lowest that reaches must say from where. */
    ListEdit talkBy(WholeEdits.TalkBy by, ChannelList list) {
        if (by.policy() == IntentView.TalkingPolicy.lowest_that_reaches && by.from() == null) {
            throw ProblemException.refused(
                    "place-missing", "From where?", "from must be given for the lowest power that reaches: a place.");
        }
        return policies.talkBy(
                switch (by.policy()) {
                    case as_typed -> new PowerPolicy.AsTyped();
                    case low_on_calling -> new PowerPolicy.LowOnCalling();
                    case lowest_that_reaches -> new PowerPolicy.LowestThatReaches(place(by.from()));
                },
                list);
    }

    /** What is said of the list besides its policies. */
    ListEdit mean(WholeEdits.Mean mean, ChannelList list) {
        List<String> said = new ArrayList<>();
        Intent next = list.intent();
        try {
            if (mean.purpose() != null) {
                next = next.meant(mean.purpose());
                said.add("Say what the list is for");
            }
            Optional<NameRecipe> recipe = naming(mean.naming());
            if (recipe.isPresent()) {
                next = next.naming(recipe.get());
                said.add("Name what comes from a directory by " + recipe.get().words());
            }
            if (mean.abbreviations() != null) {
                next = next.abbreviating(abbreviations(mean.abbreviations()));
                said.add("Abbreviate "
                        + (next.abbreviations().isEmpty()
                                ? "nothing of one's own"
                                : String.join(", ", next.abbreviations().keySet())));
            }
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("intent-wrong", "That cannot be", wrong.getMessage() + ".");
        }
        if (said.isEmpty()) {
            throw ProblemException.refused(
                    "nothing-said", "Nothing was said", "purpose, naming or abbreviations must be given.");
        }
        return new ListEdit.Mean(next, String.join("; ", said));
    }

    private static Map<String, String> abbreviations(List<WholeEdits.Abbreviation> words) {
        Map<String, String> map = new LinkedHashMap<>();
        for (WholeEdits.Abbreviation each : words) {
            if (map.put(each.word(), each.shorter()) != null) {
                throw new IllegalArgumentException("The word " + each.word() + " is abbreviated twice");
            }
        }
        return map;
    }

    /** When channels were answered; nobody was answered tomorrow. */
    ListEdit prove(ManyEdits.Prove prove) {
        // Where the person is, it may be tomorrow already.
        if (prove.day() != null && prove.day().isAfter(LocalDate.now(clock).plusDays(1))) {
            throw ProblemException.refused(
                    "day-to-come",
                    "That day is still to come",
                    "day must be today or before, was " + prove.day() + ".");
        }
        try {
            return new ManyEdit.Prove(prove.channels(), Optional.ofNullable(prove.day()));
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("day-wrong", "That is no such day", wrong.getMessage() + ".");
        }
    }

    /** What is in a bank by itself; nothing if that is not said. */
    Optional<BankRule> bankRule(BankEdits.BankRuleView rule, ChannelList list) {
        try {
            return Optional.ofNullable(rule)
                    .map(each -> new BankRule(
                            Optional.ofNullable(each.belongs())
                                    .map(it -> it.read(list, plans.planOf(list), this::place)),
                            block(each.block())));
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("filling-wrong", "That cannot be asked", wrong.getMessage() + ".");
        }
    }

    /** Power, kind and tones of many channels. */
    ListEdit setMany(ManyEdits.SetMany set, ChannelList list) {
        BandPlan plan = plans.planOf(list);
        return rework(
                set.channels(),
                list,
                () -> new Rework.Set(
                        Optional.ofNullable(set.power()).map(each -> Power.parse(each.name())),
                        Optional.ofNullable(set.emission()).map(each -> Emission.valueOf(each.name())),
                        Optional.ofNullable(set.talkTone()).map(each -> ToneText.read(each, plan)),
                        Optional.ofNullable(set.listenTone()).map(each -> ToneText.read(each, plan))));
    }

    /** A short name, which displays of that length must be able to show. */
    ListEdit shortName(ChannelEdits.ShortName shorter) {
        Optional<String> name =
                Optional.ofNullable(shorter.name()).map(String::strip).filter(each -> !each.isEmpty());
        NameRule rule = displays.all().stream()
                .filter(each -> each.longest() == shorter.length())
                .findFirst()
                .orElseThrow(() -> ProblemException.refused(
                        "display-unknown",
                        "No such display",
                        "length must be one of "
                                + displays.all().stream()
                                        .map(each -> String.valueOf(each.longest()))
                                        .collect(Collectors.joining(", "))
                                + ", was " + shorter.length() + "."));
        if (name.filter(each -> !rule.canShow(each)).isPresent()) {
            throw ProblemException.refused(
                    "name-cannot-be-shown",
                    "That cannot be shown",
                    "A display of " + shorter.length() + " characters cannot show \"" + name.get() + "\": it has 1 to "
                            + shorter.length() + " of " + rule.characters().strip() + " and the blank.");
        }
        return new ListEdit.ShortName(shorter.channel(), shorter.length(), name);
    }

    /** Names made of parts. */
    ListEdit nameMany(ManyEdits.NameMany name, ChannelList list) {
        Optional<NameRecipe> recipe = naming(name.naming());
        return rework(name.channels(), list, () -> new Rework.NameBy(recipe, list, plans.planOf(list)));
    }

    /** The same done to many channels. */
    ListEdit rework(List<UUID> channels, ChannelList list, Supplier<Rework> rework) {
        try {
            return Reworking.of(list, channels, rework.get(), plans.planOf(list));
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused(
                    "change-refused", "That cannot be done", wrong.getMessage() + ". Nothing was changed.");
        }
    }

    private ListEntry entry(String line, BandPlan plan) {
        return ListEntry.of(UUID.randomUUID(), channel(line, plan), line.strip());
    }

    /** The channel of a line; a line that gives none is a problem with its findings. */
    private static Channel channel(String line, BandPlan plan) {
        WorkedAnswer answer = Reckoner.reckon(line, plan);
        return answer.channel().orElseThrow(() -> {
            List<FindingView> findings = answer.findings().stream()
                    .map(each -> FindingView.of(each, plan))
                    .toList();
            return new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "line-without-channel",
                    "The line gives no channel",
                    findings.get(0).message() + " " + findings.get(0).why(),
                    Map.of("field", "line", "line", line, "findings", findings));
        });
    }

    private static Optional<String> block(String name) {
        return Optional.ofNullable(name).map(String::strip).filter(each -> !each.isEmpty());
    }

    /** Slots as they were named. */
    static SlotRange range(EditRequest.Slots slots) {
        try {
            return new SlotRange(slots.first(), slots.last());
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("slots-wrong", "No such slots", wrong.getMessage() + ".");
        }
    }

    /** A part of a channel by its name. */
    static Field field(String name) {
        return Arrays.stream(Field.values())
                .filter(each -> each.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> ProblemException.refused(
                        "field-unknown",
                        "No such part of a channel",
                        "field was \"" + name + "\" and must be one of "
                                + Arrays.stream(Field.values())
                                        .map(each -> each.name().toLowerCase(java.util.Locale.ROOT))
                                        .collect(Collectors.joining(", "))
                                + "."));
    }
}
