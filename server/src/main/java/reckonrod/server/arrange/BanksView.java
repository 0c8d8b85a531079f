package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.fit.BankFit;
import reckonrod.core.fit.FitReport;
import reckonrod.core.list.Bank;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ScanPlan;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.reckon.FindingView;

/**
 * The banks of a list and what its scan stops at, and what each radio makes of them.
 *
 * @param skipListenOnly whether a scan passes by listen-only channels, in a list that has others
 * @param skipOffAir whether it passes by channels of repeaters that are off the air
 * @param priority the channel that it comes back to again and again
 * @param skipped the channels that it passes by, with the reason
 */
record BanksView(
        List<BankView> banks,
        boolean skipListenOnly,
        boolean skipOffAir,
        @Schema(nullable = true) UUID priority,
        List<SkippedView> skipped,
        List<RadioBanksView> radios) {
    /**
     * A bank.
     *
     * @param rule what is in it by itself
     * @param said the same in words
     * @param channels all that is in it, in its order
     * @param byHand those of them that the person put there; they come first
     */
    record BankView(
            String name,
            @Schema(nullable = true) BankEdits.BankRuleView rule,
            @Schema(nullable = true) String said,
            List<UUID> channels,
            List<UUID> byHand) {
        static BankView of(Bank bank, ScanPlan plan) {
            return new BankView(
                    bank.name(),
                    bank.rule()
                            .map(rule -> new BankEdits.BankRuleView(
                                    rule.block().orElse(null),
                                    rule.belongs().map(BelongsView::of).orElse(null)))
                            .orElse(null),
                    bank.rule().map(rule -> rule.said()).orElse(null),
                    plan.members(bank.name()),
                    bank.channels());
        }
    }

    /**
     * A channel that a scan passes by.
     *
     * @param why by which rule; nothing if the person said so
     */
    record SkippedView(
            UUID channel, @Schema(nullable = true) String why) {}

    /**
     * What becomes of a bank in a radio.
     *
     * @param number the radio's own number for it; nothing where it does not go in
     */
    record BankFitView(String bank, @Schema(nullable = true) Integer number, int channels, int missing) {
        static BankFitView of(BankFit fit) {
            return new BankFitView(
                    fit.bank(),
                    fit.number().isPresent() ? fit.number().getAsInt() : null,
                    fit.channels(),
                    fit.missing());
        }
    }

    /** What one radio makes of them. */
    record RadioBanksView(
            String radioId, String radio, int banks, List<BankFitView> fits, List<FindingView> findings) {}

    static BanksView of(ChannelList list, BandPlan plan, Map<RadioUnit, FitReport> reports) {
        ScanPlan scan = ScanPlan.of(list);
        return new BanksView(
                list.scanning().banks().stream()
                        .map(each -> BankView.of(each, scan))
                        .toList(),
                list.scanning().skipListenOnly(),
                list.scanning().skipOffAir(),
                list.scanning().priority().orElse(null),
                list.entries().values().stream()
                        .filter(each -> !scan.scans(each))
                        .map(each -> new SkippedView(
                                each.id(),
                                each.scan().isPresent()
                                        ? null
                                        : scan.skippedFor(each).orElse(null)))
                        .toList(),
                reports.entrySet().stream()
                        .map(each -> new RadioBanksView(
                                each.getKey().id(),
                                each.getKey().name(),
                                each.getKey().definition().model().limits().banks(),
                                each.getValue().banks().stream()
                                        .map(BankFitView::of)
                                        .toList(),
                                each.getValue().wide().stream()
                                        .map(finding -> FindingView.of(finding, plan))
                                        .toList()))
                        .toList());
    }
}
