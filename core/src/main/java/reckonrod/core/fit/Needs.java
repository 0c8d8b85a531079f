package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.LimitFacts.Fact;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** What a radio must be able to do to carry a list as it is: the smallest set of limits, in words. */
public final class Needs {
    private Needs() {}

    /** What the list needs, in the order in which the limits of a radio are told. */
    public static List<Fact> of(ChannelList list, BandPlan plan) {
        List<Channel> channels =
                list.entries().values().stream().map(ListEntry::channel).toList();
        if (channels.isEmpty()) {
            return List.of();
        }
        List<Fact> needs = new ArrayList<>();
        needs.add(new Fact(
                "Slots",
                channels.size() + "; to keep their numbers, " + list.entries().firstKey() + "–"
                        + list.entries().lastKey()));
        needs.add(new Fact("Names", names(channels)));
        needs.add(new Fact("Listens on", stretches(channels, plan, channel -> Optional.of(channel.receive()))));
        needs.add(new Fact("Talks on", stretches(channels, plan, Channel::transmit)));
        needs.add(new Fact("Kinds", kinds(channels)));
        needs.add(new Fact(
                "Tones sent", tones(channels.stream().map(Channel::talkTone).toList())));
        needs.add(new Fact(
                "Tones waited for",
                tones(channels.stream().map(Channel::listenTone).toList())));
        needs.add(new Fact("Shift", shift(channels, plan)));
        if (channels.stream().anyMatch(each -> each.transmit().isEmpty())) {
            needs.add(new Fact("Listen-only", "slots that can be kept from talking"));
        }
        int banks = list.scanning().banks().size();
        if (banks > 0) {
            needs.add(new Fact("Banks", String.valueOf(banks)));
        }
        return needs;
    }

    private static String names(List<Channel> channels) {
        int longest =
                channels.stream().mapToInt(each -> each.name().length()).max().orElse(0);
        boolean small =
                channels.stream().flatMapToInt(each -> each.name().chars()).anyMatch(Character::isLowerCase);
        return longest == 0 ? "none" : longest + " characters" + (small ? ", small letters too" : "");
    }

    /** By the bands of the plan, and what lies outside all of them as from its lowest to its highest. */
    private static String stretches(
            List<Channel> channels, BandPlan plan, Function<Channel, Optional<Frequency>> which) {
        Set<String> bands = new LinkedHashSet<>();
        TreeSet<Frequency> outside = new TreeSet<>();
        channels.stream()
                .flatMap(each -> which.apply(each).stream())
                .sorted()
                .forEach(
                        each -> plan.bandAt(each).map(Band::name).ifPresentOrElse(bands::add, () -> outside.add(each)));
        List<String> words = new ArrayList<>(bands);
        if (!outside.isEmpty()) {
            words.add(
                    outside.size() == 1
                            ? outside.first() + " besides"
                            : outside.first() + " to " + outside.last() + " besides");
        }
        return words.isEmpty() ? "nowhere" : String.join(", ", words);
    }

    private static String kinds(Collection<Channel> channels) {
        return channels.stream()
                .map(Channel::emission)
                .distinct()
                .sorted()
                .map(Emission::name)
                .collect(Collectors.joining(", "));
    }

    private static String tones(List<Tone> tones) {
        List<CtcssTone> ctcss = tones.stream()
                .flatMap(each -> each instanceof ReversedTone reversed
                        ? java.util.stream.Stream.of(reversed.tone())
                        : each instanceof CtcssTone some
                                ? java.util.stream.Stream.of(some)
                                : java.util.stream.Stream.empty())
                .distinct()
                .toList();
        List<DcsCode> dcs = tones.stream()
                .filter(DcsCode.class::isInstance)
                .map(DcsCode.class::cast)
                .distinct()
                .toList();
        List<String> words = new ArrayList<>();
        if (!ctcss.isEmpty()) {
            int table = ToneTable.FIRST_38.containsAll(ctcss)
                    ? ToneTable.FIRST_38.size()
                    : ToneTable.STANDARD.ctcss().containsAll(ctcss)
                            ? ToneTable.STANDARD.ctcss().size()
                            : ToneTable.EXTENDED.ctcss().size();
            words.add("the " + table + " CTCSS tones");
        }
        if (!dcs.isEmpty()) {
            List<DcsCode> upright = dcs.stream()
                    .map(each -> each.polarity() == DcsCode.Polarity.NORMAL ? each : each.inverted())
                    .toList();
            words.add("the "
                    + (ToneTable.STANDARD.dcs().containsAll(upright)
                            ? ToneTable.STANDARD.dcs().size()
                            : ToneTable.EXTENDED.dcs().size())
                    + " DCS codes" + (upright.equals(dcs) ? "" : ", inverted too"));
        }
        if (tones.stream().anyMatch(ReversedTone.class::isInstance)) {
            words.add("reversed tones");
        }
        return words.isEmpty() ? "none" : String.join(", ", words);
    }

    private static String shift(List<Channel> channels, BandPlan plan) {
        List<Channel> duplex = channels.stream().filter(Channel::isDuplex).toList();
        if (duplex.isEmpty()) {
            return "none";
        }
        boolean across = duplex.stream()
                .anyMatch(each ->
                        !plan.bandAt(each.receive()).equals(each.transmit().flatMap(plan::bandAt)));
        boolean odd =
                duplex.stream().anyMatch(each -> each.shift().orElse(Shift.NONE).sizeHertz() % 50_000 != 0);
        if (across || odd) {
            return "any pair: "
                    + (across ? "some talk in another band than they listen in" : "some are no multiple of 50 kHz");
        }
        long sizes = duplex.stream()
                .map(each -> plan.bandAt(each.receive()).map(Band::name).orElse("") + " "
                        + each.shift().orElse(Shift.NONE).sizeHertz())
                .distinct()
                .count();
        long bands = duplex.stream()
                .map(each -> plan.bandAt(each.receive()).map(Band::name).orElse(""))
                .distinct()
                .count();
        return sizes > bands
                ? "a size for each slot, in multiples of 50 kHz"
                : "one size for each band, in multiples of 50 kHz";
    }
}
