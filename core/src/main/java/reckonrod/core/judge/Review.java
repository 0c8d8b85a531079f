package reckonrod.core.judge;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.OnAir;
import reckonrod.core.finding.Severity;
import reckonrod.core.list.ChannelList;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;

/**
 * Many lines worked out at once, such as a whole directory listing.
 *
 * @param lines one for each line that is not blank and does not begin with {@code #}
 */
public record Review(List<ReviewedLine> lines) {
    /** The most lines that are reviewed in one go. */
    public static final int MOST_LINES = 5_000;

    /** What to do with a line. */
    public enum Verdict {
        /** It gives a channel, and nothing speaks against it. */
        GOOD,
        /** It gives a channel, and something is to be looked at first. */
        DOUBTFUL,
        /** It gives no channel, or one that cannot be right. */
        BAD
    }

    /**
     * One line of the text.
     *
     * @param number its number in the text, from 1
     * @param answer the worked answer
     * @param verdict what to do with it
     * @param twin where the same channel is already: a slot of the list or an earlier line, in words; else empty
     */
    public record ReviewedLine(int number, WorkedAnswer answer, Verdict verdict, String twin) {}

    public Review {
        lines = List.copyOf(lines);
    }

    /**
     * Works every line out.
     *
     * @param text lines of directory notation, at most {@link #MOST_LINES}
     * @param list the list that they would go into
     * @throws IllegalArgumentException if there are more lines than that
     */
    public static Review of(String text, ChannelList list, BandPlan plan) {
        List<String> lines = text.lines().toList();
        if (lines.size() > MOST_LINES) {
            throw new IllegalArgumentException(
                    "Text must be at most " + MOST_LINES + " lines, was " + lines.size() + " lines");
        }
        Map<OnAir, String> known = new HashMap<>();
        list.entries()
                .forEach((slot, entry) -> known.putIfAbsent(entry.channel().onAir(), "slot " + slot));
        List<ReviewedLine> reviewed = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).replace("\uFEFF", "").strip();
            if (!line.isEmpty() && line.charAt(0) != '#') {
                WorkedAnswer answer = Reckoner.reckon(line, plan);
                String here = "line " + (i + 1);
                String twin = answer.channel()
                        .map(channel -> known.putIfAbsent(channel.onAir(), here))
                        .orElse(null);
                reviewed.add(new ReviewedLine(
                        i + 1,
                        answer,
                        verdict(answer, twin != null),
                        Optional.ofNullable(twin).orElse("")));
            }
        }
        return new Review(reviewed);
    }

    private static Verdict verdict(WorkedAnswer answer, boolean twin) {
        boolean error = answer.findings().stream().anyMatch(each -> each.kind().severity() == Severity.ERROR);
        if (answer.channel().isEmpty() || error) {
            return Verdict.BAD;
        }
        boolean doubt = answer.findings().stream().anyMatch(each -> each.kind().severity() == Severity.DOUBT);
        return doubt || twin ? Verdict.DOUBTFUL : Verdict.GOOD;
    }
}
