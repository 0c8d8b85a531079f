package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.channel.OnAir;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.Finder;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.geography.Position;
import reckonrod.core.list.Origin;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Verdict;

/**
 * A channel that a radio with too few slots can do without.
 *
 * @param placement the channel, which goes in now
 * @param why what makes it the one to leave out
 */
public record Spare(Placement placement, Finding why) {
    static final FindingKind REPEATER_TWICE = new FindingKind(
            "spare-repeater-twice",
            Severity.NOTE,
            "It is the same repeater as {other}, which goes in too.",
            "Left out of this radio, it makes room, and {other} still opens the repeater.");

    static final FindingKind SAME_ON_AIR = new FindingKind(
            "spare-same-on-air",
            Severity.NOTE,
            "Nobody can tell it from {other} on the air, and that goes in too.",
            "Left out of this radio, it makes room, and nothing is lost but its name.");

    static final FindingKind LOOKS_DEAD = new FindingKind(
            "spare-looks-dead",
            Severity.NOTE,
            "By the directory it looks dead.",
            "Key it up once more before you leave it out for good.");

    static final FindingKind OUT_OF_REACH = new FindingKind(
            "spare-out-of-reach",
            Severity.NOTE,
            "From {place} it is heard in fewer than half of the places, {kilometres} km away.",
            "It may be wanted on a trip; leave it out of the radio that stays.");

    private static final int NO_RANK = 10;

    /**
     * How the entry that a channel came from looks from where the radio is used.
     *
     * @param looksDead whether its directory gives it up
     * @param kilometres how far away it is; absent where it is in reach, or that is not known
     */
    public record Outlook(boolean looksDead, Optional<String> kilometres) {
        /**
         * The outlook of an entry.
         *
         * @param here where the radio is used; absent if reach has no say
         */
        public static Outlook of(DirectoryEntry entry, Finder finder, Optional<Position> here) {
            return new Outlook(
                    finder.trust(entry).looksDead(),
                    here.map(place -> finder.from(place, entry))
                            .filter(found -> found.reach().map(Reach::verdict).equals(Optional.of(Verdict.UNLIKELY)))
                            .map(found -> String.format(Locale.ROOT, "%.0f", found.metres() / 1000)));
        }
    }

    /** Whether another channel that goes in does the same, so that nothing is lost. */
    public boolean isCovered() {
        return why.kind().equals(REPEATER_TWICE) || why.kind().equals(SAME_ON_AIR);
    }

    /**
     * What can be done without, those first that lose least.
     *
     * @param report what goes in
     * @param place what the place is called that the radio is used from
     * @param outlooks how the entries look from there, by channel; those that are not named are in reach
     */
    public static List<Spare> of(FitReport report, String place, Map<UUID, Outlook> outlooks) {
        // Who is to stay comes first: the better rank, then the earlier slot.
        List<Placement> going = report.placements().stream()
                .filter(each -> each.content().isPresent())
                .sorted(Comparator.comparingInt(
                        each -> each.entry().standing().rank().orElse(NO_RANK)))
                .toList();
        Map<OnAir, Placement> onAir = new HashMap<>();
        Map<String, Placement> repeaters = new HashMap<>();
        List<Spare> twice = new ArrayList<>();
        List<Spare> far = new ArrayList<>();
        for (Placement each : going) {
            Optional<Placement> same =
                    Optional.ofNullable(onAir.putIfAbsent(each.entry().channel().onAir(), each));
            Optional<Placement> repeater = each.entry()
                    .origin()
                    .map(Origin::directoryId)
                    .flatMap(id -> Optional.ofNullable(repeaters.putIfAbsent(id, each)))
                    .filter(other -> opensToo(other, each));
            Optional<Outlook> outlook =
                    Optional.ofNullable(outlooks.get(each.entry().id()));
            if (same.isPresent()) {
                twice.add(covered(each, SAME_ON_AIR, same.get()));
            } else if (repeater.isPresent()) {
                twice.add(covered(each, REPEATER_TWICE, repeater.get()));
            } else if (outlook.filter(Outlook::looksDead).isPresent()) {
                far.add(new Spare(each, Finding.of(LOOKS_DEAD, Field.SLOT, Map.of())));
            } else {
                outlook.flatMap(Outlook::kilometres)
                        .ifPresent(kilometres -> far.add(new Spare(
                                each,
                                Finding.of(
                                        OUT_OF_REACH, Field.SLOT, Map.of("place", place, "kilometres", kilometres)))));
            }
        }
        twice.addAll(far);
        return twice;
    }

    /** A repeater is covered by another channel of it that talks on the same frequencies and opens it with the same tone. */
    private static boolean opensToo(Placement one, Placement other) {
        OnAir here = one.entry().channel().onAir();
        OnAir there = other.entry().channel().onAir();
        return here.receive().equals(there.receive())
                && here.transmit().equals(there.transmit())
                && here.talkTone().sameOnAir(there.talkTone());
    }

    private static Spare covered(Placement each, FindingKind kind, Placement by) {
        return new Spare(
                each,
                Finding.of(
                        kind, Field.SLOT, Map.of("other", by.entry().channel().label())));
    }
}
