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
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Trust;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
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
        EntryTalk talk = EntryTalk.of(entry.signal(), plan);
        talk.finding()
                .filter(each -> entry.signal().mode().emission().isPresent())
                .ifPresent(findings::add);
        if (channel.isEmpty()) {
            talk.line()
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
        return EntryTalk.of(signal, plan)
                .line()
                .flatMap(line -> Reckoner.reckon(line, plan).channel())
                .map(each -> dressed(each, entry, emission.get()));
    }

    /** What of an entry is said of a channel anywhere: with its tones, kind and flags, but where it talks is the caller's matter. */
    private static Channel dressed(Channel channel, DirectoryEntry entry, Emission emission) {
        Signal signal = entry.signal();
        return channel.withTones(signal.talkTone(), signal.listenTone())
                .withEmission(emission)
                .withFlags(entry.standing().flags());
    }

    /** The channel of an entry as far as it listens, whatever the entry says of talking. */
    static Optional<Channel> listening(DirectoryEntry entry, BandPlan plan) {
        Signal signal = entry.signal();
        return signal.mode()
                .emission()
                .flatMap(emission -> Reckoner.reckon(signal.output().toMegahertzText(), plan)
                        .channel()
                        .map(each -> dressed(each, entry, emission)));
    }
}
