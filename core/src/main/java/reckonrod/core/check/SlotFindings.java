package reckonrod.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.Dismissal;

/**
 * The findings on one channel of a list.
 *
 * @param open what is to be looked at, gravest first
 * @param laidAside what the person has laid aside for the channel as it is, with the reason
 */
public record SlotFindings(List<Finding> open, List<LaidAside> laidAside) {
    /** No findings at all. */
    public static final SlotFindings NONE = new SlotFindings(List.of(), List.of());

    /**
     * A finding that was laid aside.
     *
     * @param reason why, in the person's words
     */
    public record LaidAside(Finding finding, String reason) {}

    public SlotFindings {
        open = List.copyOf(open);
        laidAside = List.copyOf(laidAside);
    }

    static SlotFindings of(List<Finding> findings, List<Dismissal> dismissals) {
        List<Finding> open = new ArrayList<>();
        List<LaidAside> laidAside = new ArrayList<>();
        for (Finding finding : findings) {
            Optional<Dismissal> dismissal =
                    dismissals.stream().filter(each -> each.covers(finding)).findFirst();
            dismissal.ifPresentOrElse(
                    each -> laidAside.add(new LaidAside(finding, each.reason())), () -> open.add(finding));
        }
        return new SlotFindings(open, laidAside);
    }
}
