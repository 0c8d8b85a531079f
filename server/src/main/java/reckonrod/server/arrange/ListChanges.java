package reckonrod.server.arrange;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.reckon.FindingView;

/** Changes a list and answers with what it became; lines are worked out here anew. */
@Component
public class ListChanges {
    private final ListStore store;
    private final ListViews views;
    private final PlanLookup plans;

    ListChanges(ListStore store, ListViews views, PlanLookup plans) {
        this.store = store;
        this.views = views;
        this.plans = plans;
    }

    /** The list after a change, the slot to look at, and what was done in words. */
    public record ListChanged(ListView list, int slot, String said) {}

    /**
     * Changes a list.
     *
     * @param baseVersion the version that the person was looking at
     */
    public ListChanged change(UUID id, long baseVersion, Function<ChannelList, ListChange> change) {
        ListStore.ChangedList changed = store.change(id, baseVersion, change);
        return new ListChanged(views.changed(changed.list()), changed.slot(), changed.summary());
    }

    /** The same for a change that needs the list's plan. */
    public ListChanged change(UUID id, long baseVersion, BiFunction<ChannelList, BandPlan, ListChange> change) {
        return change(id, baseVersion, list -> change.apply(list, plans.planOf(list)));
    }

    /** A line as it comes in; one that gives no channel is a problem with its findings. */
    public ListEntry entry(String line, BandPlan plan) {
        return ListEntry.of(UUID.randomUUID(), channel(line, plan), line.strip());
    }

    /** The channel of a line; a line that gives none is a problem with its findings. */
    public Channel channel(String line, BandPlan plan) {
        WorkedAnswer answer = Reckoner.reckon(line, plan);
        return answer.channel().orElseThrow(() -> {
            List<FindingView> findings = answer.findings().stream()
                    .map(each -> FindingView.of(each, plan))
                    .toList();
            return new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "line-without-channel",
                    "The line gives no channel",
                    findings.get(0).message() + " " + findings.get(0).why(),
                    Map.of("field", "line", "line", line, "findings", findings));
        });
    }
}
