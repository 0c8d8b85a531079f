package reckonrod.core.take;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Trust;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Listening;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.Origin;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;
import reckonrod.core.tone.NoTone;

/** Works out the channels of directory entries. */
public final class Taking {
    static final FindingKind ALREADY = new FindingKind(
            "entry-already-in-list",
            Severity.NOTE,
            "{name} in slot {slot} has the same pair and tones.",
            "Taken once more it stands in the list twice.");

    static final FindingKind DIRECTION_BY_PLAN = new FindingKind(
            "entry-direction-by-plan",
            Severity.DOUBT,
            "The entry says how far it shifts, {shift} MHz, and not which way; repeaters of {plan} talk {way} there.",
            "A repeater may differ from the plan; look it up before you rely on it.");

    static final FindingKind DIRECTION_OPEN = new FindingKind(
            "entry-direction-open",
            Severity.ERROR,
            "The entry says how far it shifts, {shift} MHz, and not which way; {plan} has no such shift there.",
            "Look up where the repeater listens, and type its channel with both frequencies.");

    private Taking() {}

    /**
     * The channels of some entries, in their order. Names follow the recipe; one that the list or an earlier entry has already
     * gets the output behind it.
     *
     * @param plan supplies the shifts that entries leave out, and judges the channels
     * @param today the day the age of the entries is judged on
     */
    public static List<Taken> all(
            List<DirectoryEntry> entries, ChannelList list, NameRecipe recipe, BandPlan plan, LocalDate today) {
        Set<String> names = new HashSet<>();
        list.entries()
                .values()
                .forEach(entry -> names.add(folded(entry.channel().name())));
        List<Taken> taken = new ArrayList<>();
        for (DirectoryEntry entry : entries) {
            Optional<Channel> channel = channel(entry, plan)
                    .map(each -> named(each, Origin.of(entry), recipe, TakenNames.STANDS_NOWHERE, names, plan))
                    .map(each -> listening(each, list.intent().listening()));
            taken.add(one(entry, channel, list, plan, today));
        }
        return taken;
    }

    /** A channel with its name by a recipe, which is told apart from those names and becomes one of them. */
    static Channel named(
            Channel channel, Origin origin, NameRecipe recipe, int number, Set<String> names, BandPlan plan) {
        String byRecipe = recipe.nameOf(channel, Optional.of(origin), number, plan);
        String usual = byRecipe.isEmpty() ? channel.receive().toMegahertzText() : byRecipe;
        String name = names.contains(folded(usual)) ? clear(usual, channel) : usual;
        names.add(folded(name));
        return channel.withName(name);
    }

    /** The name with the output behind it. */
    private static String clear(String name, Channel channel) {
        String ending = " " + channel.receive().toMegahertzText();
        int most = Channel.MOST_NAME_CHARACTERS - ending.length();
        return (name.length() > most ? name.substring(0, most).strip() : name) + ending;
    }

    /** An open list has no channel that waits for a tone. */
    private static Channel listening(Channel channel, Listening policy) {
        return policy == Listening.OPEN ? channel.withTones(channel.talkTone(), NoTone.NONE) : channel;
    }

    private static Optional<Finding> twin(Channel channel, ChannelList list) {
        return list.entries().entrySet().stream()
                .filter(each -> each.getValue().channel().onAir().equals(channel.onAir()))
                .findFirst()
                .map(each -> Finding.of(
                        ALREADY,
                        Field.LINE,
                        Map.of(
                                "name", each.getValue().channel().label(),
                                "slot", String.valueOf(each.getKey()))));
    }

    static String folded(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static Taken one(
            DirectoryEntry entry, Optional<Channel> channel, ChannelList list, BandPlan plan, LocalDate today) {
        List<Finding> findings = new ArrayList<>(Trust.in(entry, today).findings());
        direction(entry, plan).ifPresent(findings::add);
        if (channel.isEmpty()) {
            frequencies(entry.signal(), plan)
                    .ifPresent(
                            line -> findings.addAll(Reckoner.reckon(line, plan).findings()));
            return new Taken(entry, "", Optional.empty(), findings);
        }
        twin(channel.get(), list).ifPresent(findings::add);
        String line = LineWriter.write(channel.get(), plan);
        WorkedAnswer answer = Reckoner.reckon(line, plan);
        answer.findings().stream()
                .filter(each -> findings.stream().noneMatch(each::sameSubject))
                .forEach(findings::add);
        return new Taken(entry, line, channel, findings);
    }

    /** The line that says an entry's channel, without a name; absent where an entry gives no channel. */
    public static Optional<String> line(DirectoryEntry entry, BandPlan plan) {
        return channel(entry, plan).map(channel -> LineWriter.write(channel, plan));
    }

    /** The channel of an entry, still without a name; absent for digital voice, or where no line can say it. */
    public static Optional<Channel> channel(DirectoryEntry entry, BandPlan plan) {
        Signal signal = entry.signal();
        Optional<Emission> emission = signal.mode().emission();
        if (emission.isEmpty()) {
            return Optional.empty();
        }
        return frequencies(signal, plan)
                .flatMap(line -> Reckoner.reckon(line, plan).channel())
                .map(each -> each.withTones(signal.talkTone(), signal.listenTone())
                        .withEmission(emission.get())
                        .withFlags(entry.standing().flags()));
    }

    /** Output and input in the notation; absent where nobody knows which way the input lies. */
    private static Optional<String> frequencies(Signal signal, BandPlan plan) {
        String output = signal.output().toMegahertzText();
        return signal.input() instanceof Input.Sized sized
                ? byPlan(signal.output(), sized, plan)
                        .map(rule -> output + " " + rule.shift().toMegahertzText())
                : Optional.of(output + signal.input().words());
    }

    /** The only way that repeaters shift by so much there. */
    private static Optional<ShiftRule> byPlan(Frequency output, Input.Sized sized, BandPlan plan) {
        List<ShiftRule> rules = plan.bandAt(output).stream()
                .flatMap(band -> band.rulesFor(output).stream())
                .filter(rule -> Math.abs(rule.shift().hertz()) == sized.size().hertz())
                .toList();
        return rules.size() == 1 ? Optional.of(rules.get(0)) : Optional.empty();
    }

    private static Optional<Finding> direction(DirectoryEntry entry, BandPlan plan) {
        if (!(entry.signal().input() instanceof Input.Sized sized)) {
            return Optional.empty();
        }
        String shift = sized.words().strip();
        return Optional.of(byPlan(entry.signal().output(), sized, plan)
                .map(rule -> Finding.of(
                        DIRECTION_BY_PLAN,
                        Field.TRANSMIT,
                        Map.of(
                                "shift",
                                shift,
                                "way",
                                rule.shift().hertz() < 0 ? "lower" : "higher",
                                "plan",
                                plan.shortTitle())))
                .orElseGet(() ->
                        Finding.of(DIRECTION_OPEN, Field.TRANSMIT, Map.of("shift", shift, "plan", plan.shortTitle()))));
    }
}
