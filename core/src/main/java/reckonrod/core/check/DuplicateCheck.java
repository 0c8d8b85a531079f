package reckonrod.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.ListEntry;
import reckonrod.core.tone.Tone;

/** Looks for channels that stand in the list twice. */
final class DuplicateCheck {
    static final FindingKind DUPLICATE = new FindingKind(
            "duplicate-channel",
            Severity.DOUBT,
            "The same pair and tones stand in slot {other} as {otherName}.",
            "A second copy takes a slot and makes a scan stop twice.");

    private record Key(Frequency receive, Optional<Frequency> transmit, Tone talkTone, Tone listenTone) {
        static Key of(Channel channel) {
            return new Key(channel.receive(), channel.transmit(), channel.talkTone(), channel.listenTone());
        }
    }

    /** The findings by slot; the first of the copies is left in peace. */
    Map<Integer, Finding> check(Map<Integer, ListEntry> entries) {
        Map<Key, Integer> first = new HashMap<>();
        Map<Integer, Finding> findings = new HashMap<>();
        List<Integer> slots = new ArrayList<>(entries.keySet());
        for (int slot : slots) {
            Integer other = first.putIfAbsent(Key.of(entries.get(slot).channel()), slot);
            if (other != null) {
                findings.put(
                        slot,
                        Finding.of(
                                DUPLICATE,
                                Field.SLOT,
                                Map.of(
                                        "other", String.valueOf(other),
                                        "otherName",
                                                entries.get(other).channel().label())));
            }
        }
        return findings;
    }
}
