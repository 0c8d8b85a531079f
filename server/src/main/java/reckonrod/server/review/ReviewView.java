package reckonrod.server.review;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.judge.Review;
import reckonrod.core.judge.Review.ReviewedLine;
import reckonrod.core.judge.Review.Verdict;
import reckonrod.server.reckon.FindingView;
import reckonrod.server.reckon.ReckonAnswer;

/** A reviewed listing on the wire. */
record ReviewView(int good, int doubtful, int bad, int freeSlots, List<ReviewLine> lines) {
    /** What to do with a line. */
    enum VerdictView {
        good,
        doubtful,
        bad
    }

    /**
     * One line with its answer.
     *
     * @param number its number in the text, from 1
     * @param twin where the same pair and tones are already; empty if nowhere
     */
    record ReviewLine(
            int number,
            String line,
            VerdictView verdict,
            String name,
            @Schema(nullable = true) ReckonAnswer.Sum sum,
            @Schema(nullable = true) String talkTone,
            @Schema(nullable = true) String listenTone,
            String more,
            String twin,
            List<FindingView> findings) {
        static ReviewLine of(ReviewedLine reviewed, BandPlan plan) {
            Channel channel = reviewed.answer().channel().orElse(null);
            List<FindingView> findings = reviewed.answer().findings().stream()
                    .map(each -> FindingView.of(each, plan))
                    .toList();
            VerdictView verdict = VerdictView.valueOf(reviewed.verdict().name().toLowerCase(Locale.ROOT));
            return channel == null
                    ? new ReviewLine(
                            reviewed.number(),
                            reviewed.answer().line(),
                            verdict,
                            "",
                            null,
                            null,
                            null,
                            "",
                            reviewed.twin(),
                            findings)
                    : new ReviewLine(
                            reviewed.number(),
                            reviewed.answer().line(),
                            verdict,
                            channel.name(),
                            ReckonAnswer.Sum.of(channel, plan),
                            channel.talkTone().text().orElse(null),
                            channel.listenTone().text().orElse(null),
                            more(channel),
                            reviewed.twin(),
                            findings);
        }

        private static String more(Channel channel) {
            StringBuilder words = new StringBuilder(channel.emission().name())
                    .append(", ")
                    .append(channel.power().word());
            channel.flags().stream()
                    .map(DirectoryFlag::words)
                    .forEach(each -> words.append(", ").append(each));
            return words.toString();
        }
    }

    static ReviewView of(Review review, int freeSlots, BandPlan plan) {
        return new ReviewView(
                count(review, Verdict.GOOD),
                count(review, Verdict.DOUBTFUL),
                count(review, Verdict.BAD),
                freeSlots,
                review.lines().stream().map(each -> ReviewLine.of(each, plan)).toList());
    }

    private static int count(Review review, Verdict verdict) {
        return (int) review.lines().stream()
                .filter(each -> each.verdict() == verdict)
                .count();
    }
}
