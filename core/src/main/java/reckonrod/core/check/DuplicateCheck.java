package reckonrod.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.tone.Tone;

/** Looks for channels that stand in the list twice, or nearly. */
final class DuplicateCheck implements ListRule {
    static final FindingKind DUPLICATE = new FindingKind(
            "duplicate-channel",
            Severity.DOUBT,
            "The same pair and tones stand in slot {other} as {otherName}.",
            "A second copy takes a slot and makes a scan stop twice.");
    static final FindingKind NEAR = new FindingKind(
            "near-duplicate-channel",
            Severity.NOTE,
            "Slot {other} ({otherName}) has the same pair and talk tone and differs only in {difference}.",
            "One of the two may be a leftover of an edit.");
    static final FindingKind NEAR_FREQUENCY = new FindingKind(
            "nearly-the-same-frequency",
            Severity.NOTE,
            "Slot {other} ({otherName}) listens only {distance} away, with the same shift.",
            "Two repeaters are not that close; a digit of one may have slipped.");
    static final FindingKind CO_CHANNEL = new FindingKind(
            "co-channel",
            Severity.NOTE,
            "Slot {other} ({otherName}) listens on the same {listen} but {difference}.",
            "Two repeaters share the output; what you talk on and your talk tone decide which one you open.");

    private static final long NEAR_HERTZ = 5_000;

    private record Pair(Frequency receive, Optional<Frequency> transmit, Tone talkTone) {
        static Pair of(Channel channel) {
            return new Pair(channel.receive(), channel.transmit(), channel.talkTone());
        }
    }

    /** The findings by slot; the first of the copies is left in peace. */
    @Override
    public Map<Integer, List<Finding>> check(ChannelList list, BandPlan plan) {
        Map<Pair, Integer> pairs = new HashMap<>();
        Map<Frequency, Integer> outputs = new HashMap<>();
        Map<Integer, List<Finding>> findings = new HashMap<>();
        list.entries().forEach((slot, entry) -> {
            Channel channel = entry.channel();
            Integer samePair = pairs.putIfAbsent(Pair.of(channel), slot);
            Integer sameOutput = outputs.putIfAbsent(channel.receive(), slot);
            if (samePair != null) {
                findings.put(slot, List.of(copy(channel, samePair, list)));
            } else if (sameOutput != null) {
                findings.put(slot, List.of(coChannel(channel, sameOutput, list)));
            }
        });
        nearFrequencies(list, findings);
        return findings;
    }

    private static Finding copy(Channel channel, int other, ChannelList list) {
        Channel first = list.entries().get(other).channel();
        List<String> differences = new ArrayList<>();
        if (!first.listenTone().equals(channel.listenTone())) {
            differences.add("the listen tone");
        }
        if (first.emission() != channel.emission()) {
            differences.add("the emission");
        }
        if (first.power() != channel.power()) {
            differences.add("the power");
        }
        if (first.onAir().equals(channel.onAir()) && differences.isEmpty()) {
            return Finding.of(DUPLICATE, Field.SLOT, other(other, first, Map.of()));
        }
        return Finding.of(
                NEAR, Field.SLOT, other(other, first, Map.of("difference", String.join(" and ", differences))));
    }

    private static Finding coChannel(Channel channel, int other, ChannelList list) {
        Channel first = list.entries().get(other).channel();
        String difference = first.transmit().equals(channel.transmit()) ? "has another talk tone" : "talks elsewhere";
        return Finding.of(
                CO_CHANNEL,
                Field.RECEIVE,
                other(other, first, Map.of("listen", channel.receive().toString(), "difference", difference)));
    }

    private static Map<String, String> other(int slot, Channel channel, Map<String, String> more) {
        Map<String, String> facts = new HashMap<>(more);
        facts.put("other", String.valueOf(slot));
        facts.put("otherName", channel.label());
        return facts;
    }

    private static void nearFrequencies(ChannelList list, Map<Integer, List<Finding>> findings) {
        List<Map.Entry<Integer, ListEntry>> rising = list.entries().entrySet().stream()
                .filter(entry -> entry.getValue().channel().isDuplex())
                .sorted(Comparator.comparing((Map.Entry<Integer, ListEntry> entry) ->
                        entry.getValue().channel().receive()))
                .toList();
        for (int i = 1; i < rising.size(); i++) {
            for (int j = i - 1; j >= 0 && distance(rising.get(j), rising.get(i)) < NEAR_HERTZ; j--) {
                near(rising.get(j), rising.get(i), findings);
            }
        }
    }

    private static long distance(Map.Entry<Integer, ListEntry> lower, Map.Entry<Integer, ListEntry> upper) {
        return upper.getValue().channel().receive().hertz()
                - lower.getValue().channel().receive().hertz();
    }

    private static void near(
            Map.Entry<Integer, ListEntry> lower,
            Map.Entry<Integer, ListEntry> upper,
            Map<Integer, List<Finding>> findings) {
        Channel a = lower.getValue().channel();
        Channel b = upper.getValue().channel();
        long distance = distance(lower, upper);
        if (distance == 0 || !a.shift().equals(b.shift())) {
            return;
        }
        boolean upperLater = upper.getKey() > lower.getKey();
        int later = Math.max(upper.getKey(), lower.getKey());
        int earlier = Math.min(upper.getKey(), lower.getKey());
        List<Finding> all = new ArrayList<>(findings.getOrDefault(later, List.of()));
        all.add(Finding.of(
                NEAR_FREQUENCY,
                Field.RECEIVE,
                other(earlier, upperLater ? a : b, Map.of("distance", distance + " Hz"))));
        findings.put(later, List.copyOf(all));
    }
}
