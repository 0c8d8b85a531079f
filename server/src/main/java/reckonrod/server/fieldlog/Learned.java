package reckonrod.server.fieldlog;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.fieldlog.Result;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ManyEdit;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.problem.ProblemException;

/** Takes home to the lists what a test shows: the day on which a channel was answered last. */
@Component
class Learned {
    private static final int TRIES = 5;

    private final ListStore lists;
    private final FieldLog log;

    Learned(ListStore lists, FieldLog log) {
        this.lists = lists;
        this.log = log;
    }

    /** After a test was kept or removed; only one that was, or has become, a proof says anything. */
    void from(FieldTestRecord test, Result before, Result after) {
        boolean says = (before == Result.PROVEN) != (after == Result.PROVEN);
        if (!says || test.listId() == null || test.channelId() == null) {
            return;
        }
        for (int i = 0; i < TRIES; i++) {
            if (noted(test)) {
                return;
            }
        }
    }

    /** False if somebody changed the list in between. */
    private boolean noted(FieldTestRecord test) {
        Optional<StoredList> list = list(test.listId());
        Optional<ListEntry> entry = list.flatMap(each -> each.list().entries().values().stream()
                .filter(one -> one.id().equals(test.channelId()))
                .findFirst());
        if (entry.isEmpty()) {
            return true;
        }
        Optional<LocalDate> day = log.provenDay(list.get(), entry.get());
        Optional<LocalDate> stands = entry.get().standing().proven();
        boolean newer = day.isPresent()
                && stands.filter(each -> !each.isBefore(day.get())).isEmpty();
        boolean taken =
                stands.filter(each -> each.equals(log.day(test.testedAt()))).isPresent() && !day.equals(stands);
        if (!newer && !taken) {
            return true;
        }
        try {
            lists.change(
                    test.listId(), list.get().version(), new ManyEdit.Prove(List.of(test.channelId()), day)::applyTo);
            return true;
        } catch (ProblemException changedMeanwhile) {
            return false;
        }
    }

    private Optional<StoredList> list(UUID id) {
        try {
            return Optional.of(lists.get(id));
        } catch (ProblemException gone) {
            return Optional.empty();
        }
    }
}
