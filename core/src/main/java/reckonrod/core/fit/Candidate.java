package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.RadioSlot;

/** A channel on its way into a radio: each concern changes what it must and says why. */
final class Candidate {
    private final int slot;
    private final Place place;
    private final Optional<Carrying.Overrule> overrule;
    private final ListEntry entry;
    private final RadioWide wide;
    private final List<FitReason> reasons = new ArrayList<>();
    private Channel channel;

    Candidate(int slot, Place place, ListEntry entry, RadioWide wide, Optional<Carrying.Overrule> overrule) {
        this.slot = slot;
        this.place = place;
        this.overrule = overrule;
        this.entry = entry;
        this.wide = wide;
        this.channel = entry.channel();
    }

    /** Its slot in the list. */
    int slot() {
        return slot;
    }

    /** Where it goes in the radio. */
    Place place() {
        return place;
    }

    /** What the person has otherwise for it in this radio. */
    Optional<Carrying.Overrule> overrule() {
        return overrule;
    }

    /** What of the radio is set once for all channels. */
    RadioWide wide() {
        return wide;
    }

    /** The channel as it is by now. */
    Channel channel() {
        return channel;
    }

    /** The entry of the list that it comes from. */
    ListEntry entry() {
        return entry;
    }

    /** The channel as the person wrote it. */
    Channel asWritten() {
        return entry.channel();
    }

    void becomes(Channel next) {
        channel = next;
    }

    /** It goes in changed. */
    void adapted(FindingKind kind, Field field, Map<String, String> facts, String before, String after) {
        reasons.add(new FitReason(FitMark.ADAPTED, Finding.of(kind, field, facts), before, after));
    }

    /** It goes in changed, and the list could say so. */
    void adapted(
            FindingKind kind,
            Field field,
            Map<String, String> facts,
            String before,
            String after,
            String label,
            Channel instead) {
        Fix fix = new Fix(label, new Edit.ReplaceChannel(instead));
        reasons.add(new FitReason(FitMark.ADAPTED, new Finding(kind, field, facts, List.of(fix)), before, after));
    }

    /** It goes in, and the person has to do something on the radio. */
    void byHand(FindingKind kind, Field field, Map<String, String> facts, String before, String after) {
        reasons.add(new FitReason(FitMark.BY_HAND, Finding.of(kind, field, facts), before, after));
    }

    /** It does not go in. */
    void leftOut(FindingKind kind, Field field, Map<String, String> facts, String before) {
        reasons.add(new FitReason(FitMark.LEFT_OUT, Finding.of(kind, field, facts), before, ""));
    }

    Placement placed() {
        FitMark mark = FitMark.EXACT;
        for (FitReason each : reasons) {
            mark = each.mark().compareTo(mark) > 0 ? each.mark() : mark;
        }
        if (mark == FitMark.LEFT_OUT) {
            return new Placement(
                    slot,
                    OptionalInt.empty(),
                    entry,
                    mark,
                    reasons.stream()
                            .filter(each -> each.mark() == FitMark.LEFT_OUT)
                            .toList(),
                    Optional.empty());
        }
        return new Placement(
                slot,
                place.slotThere(),
                entry,
                mark,
                reasons,
                Optional.of(new RadioSlot(
                        channel.name(),
                        channel.receive(),
                        channel.transmit(),
                        channel.talkTone(),
                        channel.listenTone(),
                        channel.emission(),
                        channel.power(),
                        true,
                        java.util.Set.of())));
    }
}
