package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.finding.Finding;
import reckonrod.core.fit.FitReason;
import reckonrod.core.fit.Placement;
import reckonrod.core.judge.FindingCounts;
import reckonrod.core.list.Block;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.Ordering;
import reckonrod.core.list.Spot;
import reckonrod.server.plans.PlanView;
import reckonrod.server.reckon.FindingView;
import reckonrod.server.reckon.ReckonAnswer;

/**
 * A list on the wire, judged and fitted.
 *
 * @param bands the names of the bands of its plan, and that of its calling frequencies
 * @param flags what a directory may say of a channel besides
 * @param rows its channels; when {@code since} is there, only those that differ from the view of that mark
 * @param freed the slots that hold nothing any more since that view
 * @param sameFits the channels among the rows of which the radios make what they did in that view; their fits are not said again
 * @param counts the findings of all rows, those of the radios too
 * @param mark names this view; said as {@code Known-List} with a change, only what differs comes back
 * @param since the mark of the view that rows and freed are to be applied to
 */
public record ListView(
        UUID id,
        String name,
        long version,
        PlanView bandPlan,
        String licence,
        int firstSlot,
        int lastSlot,
        List<String> bands,
        List<String> flags,
        IntentView intent,
        List<BlockView> blocks,
        BanksView banks,
        List<RowView> rows,
        List<Integer> freed,
        List<UUID> sameFits,
        String mark,
        @Schema(nullable = true) String since,
        List<RadioName> radios,
        CountsView counts,
        @Schema(nullable = true) UUID homeId,
        @Schema(nullable = true) String undo,
        @Schema(nullable = true) String redo) {
    /** How many findings are open, on the list and on what each radio makes of it, and how many were laid aside. */
    public record CountsView(int errors, int doubts, int notes, int laidAside) {
        static CountsView of(FindingCounts counts) {
            return new CountsView(counts.errors(), counts.doubts(), counts.notes(), counts.laidAside());
        }
    }

    /** A finding that was laid aside, with the reason. */
    public record LaidAsideView(FindingView finding, String reason) {
        static LaidAsideView of(SlotFindings.LaidAside each, BandPlan plan) {
            return new LaidAsideView(FindingView.of(each.finding(), plan), each.reason());
        }
    }

    /**
     * A span of slots with its name.
     *
     * @param orderFrom where the distances of that order are taken from
     * @param orderVia the places that the way of that order leads by; none for another order
     * @param orderWords the order in words
     * @param naming how what comes into it is named; nothing if as the list has it
     * @param named the same in words
     * @param filling what it is filled with by itself; nothing if by hand
     * @param belongs the same in words
     */
    public record BlockView(
            String name,
            int firstSlot,
            int lastSlot,
            @Schema(nullable = true) EditRequest.By order,
            @Schema(nullable = true) SpotView orderFrom,
            List<SpotView> orderVia,
            @Schema(nullable = true) String orderWords,
            @Schema(nullable = true) FillingView filling,
            @Schema(nullable = true) String belongs,
            @Schema(nullable = true) NamingView naming,
            @Schema(nullable = true) String named) {
        static BlockView of(Block block) {
            return new BlockView(
                    block.name(),
                    block.slots().first(),
                    block.slots().last(),
                    block.order().map(EditRequest.By::of).orElse(null),
                    block.order()
                            .filter(Ordering.Distance.class::isInstance)
                            .map(Ordering.Distance.class::cast)
                            .map(each -> SpotView.of(new Spot(each.place(), each.from())))
                            .orElse(null),
                    block.order()
                            .filter(Ordering.Along.class::isInstance)
                            .map(Ordering.Along.class::cast)
                            .map(each ->
                                    each.places().stream().map(SpotView::of).toList())
                            .orElse(List.of()),
                    block.order().map(Ordering::words).orElse(null),
                    block.filling().map(FillingView::of).orElse(null),
                    block.filling().map(filling -> filling.belongs().said()).orElse(null),
                    block.naming().map(NamingView::of).orElse(null),
                    block.naming().map(NameRecipe::words).orElse(null));
        }
    }

    /** One of the person's radios. */
    public record RadioName(String id, String name) {}

    /**
     * A channel in its slot.
     *
     * @param band the band that it listens in; empty where that is none of the plan
     * @param scan whether a scan stops at it, if the person said so
     * @param rank how much it matters, if the person said so: 1 the most, 9 the least
     * @param proven the day on which it was answered last
     */
    public record RowView(
            int slot,
            UUID id,
            String line,
            String published,
            String name,
            String label,
            String band,
            long receiveHz,
            @Schema(nullable = true) Long transmitHz,
            ReckonAnswer.Sum sum,
            @Schema(nullable = true) String talkTone,
            @Schema(nullable = true) String listenTone,
            String emission,
            String power,
            List<String> flags,
            boolean pinned,
            @Schema(nullable = true) Boolean scan,
            @Schema(nullable = true) Integer rank,
            @Schema(nullable = true) LocalDate proven,
            String directoryId,
            List<FindingView> findings,
            List<LaidAsideView> laidAside,
            List<RowFit> fits) {
        static RowView of(int slot, ListEntry entry, BandPlan plan, SlotFindings findings, List<RowFit> fits) {
            Channel channel = entry.channel();
            return new RowView(
                    slot,
                    entry.id(),
                    entry.line(),
                    entry.published(),
                    channel.name(),
                    channel.label(),
                    plan.bandAt(channel.receive()).map(Band::name).orElse(""),
                    channel.receive().hertz(),
                    channel.transmit().map(transmit -> transmit.hertz()).orElse(null),
                    ReckonAnswer.Sum.of(channel, plan),
                    channel.talkTone().text().orElse(null),
                    channel.listenTone().text().orElse(null),
                    channel.emission().name(),
                    channel.power().word(),
                    channel.flags().stream().map(DirectoryFlag::words).toList(),
                    entry.pinned(),
                    entry.scan().orElse(null),
                    entry.standing().rank().orElse(null),
                    entry.standing().proven().orElse(null),
                    entry.directoryId(),
                    findings.open().stream()
                            .map(each -> FindingView.of(each, plan))
                            .toList(),
                    findings.laidAside().stream()
                            .map(each -> LaidAsideView.of(each, plan))
                            .toList(),
                    fits);
        }

        RowView withFits(List<RowFit> others) {
            return new RowView(
                    slot,
                    id,
                    line,
                    published,
                    name,
                    label,
                    band,
                    receiveHz,
                    transmitHz,
                    sum,
                    talkTone,
                    listenTone,
                    emission,
                    power,
                    flags,
                    pinned,
                    scan,
                    rank,
                    proven,
                    directoryId,
                    findings,
                    laidAside,
                    others);
        }
    }

    /**
     * What becomes of a channel in one radio.
     *
     * @param place its slot there; nothing when it is left out
     */
    public record RowFit(
            String radioId,
            Mark mark,
            @Schema(nullable = true) Integer place,
            List<ReasonView> reasons,
            List<FindingView> findings) {
        static RowFit of(String radioId, Placement placement, List<Finding> findings, BandPlan plan) {
            return new RowFit(
                    radioId,
                    Mark.of(placement.mark()),
                    placement.place().isPresent() ? placement.place().getAsInt() : null,
                    reasons(placement),
                    findings.stream().map(each -> FindingView.of(each, plan)).toList());
        }

        /** The reasons of a placement. */
        public static List<ReasonView> reasons(Placement placement) {
            return placement.reasons().stream().map(ReasonView::of).toList();
        }
    }

    /** The four marks of the fit. */
    public enum Mark {
        exact,
        adapted,
        by_hand,
        left_out;

        /** The wire form of a mark. */
        public static Mark of(reckonrod.core.fit.FitMark mark) {
            return switch (mark) {
                case EXACT -> exact;
                case ADAPTED -> adapted;
                case BY_HAND -> by_hand;
                case LEFT_OUT -> left_out;
            };
        }
    }

    /** Why a channel is not exact, what changes, and what would avoid it. */
    public record ReasonView(String code, String field, String why, String before, String after, String avoid) {
        static ReasonView of(FitReason reason) {
            return new ReasonView(
                    reason.finding().kind().code(),
                    reason.field().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
                    reason.why(),
                    reason.before(),
                    reason.after(),
                    reason.avoid());
        }
    }
}
