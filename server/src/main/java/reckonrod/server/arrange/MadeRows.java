package reckonrod.server.arrange;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.finding.Finding;
import reckonrod.core.fit.Carrying;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.fit.Placement;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.server.arrange.ListView.RowFit;
import reckonrod.server.arrange.ListView.RowView;
import reckonrod.server.radios.RadioUnit;

/**
 * The rows of lists as they were put in words last. Of a list with a thousand channels an edit changes one or two; a row whose
 * channel, findings and fit are what they were is not written again.
 */
@Component
public class MadeRows {
    private static final int MOST_ROWS = 30_000;
    private static final int MOST_PLANS = 8;
    private static final int MOST_RADIOS = 100;

    private final Map<BandPlan, ByPlan> byPlan = new ConcurrentHashMap<>();

    /** What becomes of a channel in one radio. */
    record Fitted(String radioId, Placement placement, List<Finding> findings) {
        /** Whether the same is said of it, though the channel itself may be another. */
        boolean saysAs(Fitted other) {
            return radioId.equals(other.radioId)
                    && placement.mark() == other.placement.mark()
                    && placement.place().equals(other.placement.place())
                    && Objects.equals(placement.reasons(), other.placement.reasons())
                    && Objects.equals(findings, other.findings);
        }
    }

    private record Makings(int slot, ListEntry entry, SlotFindings findings, List<Fitted> fits) {
        /** The entry is asked first: it is what an edit changes, and records begin to compare with their last part. */
        boolean same(Makings other) {
            return slot == other.slot && entry.equals(other.entry) && equals(other);
        }
    }

    private record Remembered(Placement placement, Object wide) {
        /** The placement of an entry, if it is that of this one; that it is ranked or scanned otherwise does not matter. */
        Optional<Placement> of(int slot, ListEntry entry, Object now) {
            if (placement.slot() != slot || !wide.equals(now)) {
                return Optional.empty();
            }
            ListEntry before = placement.entry();
            if (before.equals(entry)) {
                return Optional.of(placement);
            }
            return before.standing().equals(entry.standing())
                            || !before.withStanding(entry.standing()).equals(entry)
                    ? Optional.empty()
                    : Optional.of(placement.of(entry));
        }
    }

    /** Two radios of a model that carry lists alike make the same of them. */
    private record Carried(RadioDefinition definition, Carrying carrying) {}

    private record Made(Makings makings, RowView row) {}

    /** A list fitted to one of the person's radios; what was fitted before is not fitted again. */
    public FitReport fit(RadioUnit unit, ChannelList list, BandPlan plan) {
        return by(plan).fit(unit, list);
    }

    /** The rows by one plan. */
    ByPlan by(BandPlan plan) {
        if (byPlan.size() > MOST_PLANS) {
            byPlan.clear();
        }
        return byPlan.computeIfAbsent(plan, ByPlan::new);
    }

    /** The rows of lists that have the same plan. */
    static final class ByPlan {
        private final BandPlan plan;
        private final Map<UUID, Made> byEntry = new ConcurrentHashMap<>();
        private final Map<Carried, Map<UUID, Remembered>> byRadio = new ConcurrentHashMap<>();

        private ByPlan(BandPlan plan) {
            this.plan = plan;
        }

        /** A list fitted to a radio; an entry that stands where it stood is not fitted again. */
        FitReport fit(RadioUnit unit, ChannelList list) {
            if (byRadio.size() > MOST_RADIOS) {
                byRadio.clear();
            }
            Map<UUID, Remembered> known = byRadio.computeIfAbsent(
                    new Carried(unit.definition(), unit.carrying()), any -> new ConcurrentHashMap<>());
            if (known.size() > MOST_ROWS) {
                known.clear();
            }
            return new Fitter(unit.definition().model(), plan, unit.carrying()).fit(list, (slot, entry, wide, anew) -> {
                Optional<Placement> before =
                        Optional.ofNullable(known.get(entry.id())).flatMap(each -> each.of(slot, entry, wide));
                Placement now = before.orElseGet(anew);
                known.put(entry.id(), new Remembered(now, wide));
                return now;
            });
        }

        RowView row(int slot, ListEntry entry, SlotFindings findings, List<Fitted> fits) {
            Makings makings = new Makings(slot, entry, findings, fits);
            Made before = byEntry.get(entry.id());
            if (before != null && before.makings.same(makings)) {
                return before.row;
            }
            if (byEntry.size() > MOST_ROWS) {
                byEntry.clear();
            }
            List<RowFit> said = before != null && sayTheSame(before.makings.fits, fits)
                    ? before.row.fits()
                    : fits.stream()
                            .map(each -> RowFit.of(each.radioId(), each.placement(), each.findings(), plan))
                            .toList();
            RowView row = RowView.of(slot, entry, plan, findings, said);
            byEntry.put(entry.id(), new Made(makings, row));
            return row;
        }

        private static boolean sayTheSame(List<Fitted> before, List<Fitted> now) {
            return before.size() == now.size()
                    && IntStream.range(0, now.size())
                            .allMatch(each -> now.get(each).saysAs(before.get(each)));
        }
    }
}
