package reckonrod.server.fieldlog;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import reckonrod.core.fieldlog.Result;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ManyEdit;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.problem.ProblemException;

/**
 * Keeps tests, and takes home to the lists what they show: the day on which a channel was answered last. Both or neither, so that
 * whoever sends a test again after a failure finds nothing half done.
 */
@Component
class Learned {
    private static final int TRIES = 5;

    private final ListStore lists;
    private final FieldLog log;
    private final TransactionTemplate whole;

    Learned(ListStore lists, FieldLog log, PlatformTransactionManager transactions) {
        this.lists = lists;
        this.log = log;
        whole = new TransactionTemplate(transactions);
    }

    /** A test as it stands, kept. */
    FieldTestView keep(UUID id, TestRequest request) {
        return whileListsMove(() -> {
            FieldLog.Kept kept = log.keep(id, request);
            note(kept.record(), kept.was(), kept.record().result());
            return FieldTestView.of(kept.record());
        });
    }

    /** Tests of a file, kept; how many were not known yet. */
    int take(List<FieldLog.Brought> read) {
        return whileListsMove(() -> {
            List<FieldTestRecord> taken = log.take(read);
            taken.forEach(each -> note(each, Result.OPEN, each.result()));
            return taken.size();
        });
    }

    /** A test taken out, and what it showed with it. */
    void remove(UUID id) {
        whileListsMove(() -> {
            log.remove(id).ifPresent(each -> note(each, each.result(), Result.OPEN));
            return true;
        });
    }

    /** A list that somebody changes at the same moment is read anew. */
    private <T> T whileListsMove(Supplier<T> work) {
        for (int i = 0; i < TRIES; i++) {
            try {
                return whole.execute(status -> work.get());
            } catch (ListMoved | OptimisticLockingFailureException moved) {
                // Nothing of it was kept; the next try sees the list as it is by then.
            }
        }
        throw ProblemException.busy(
                "The list is being changed, so nothing was kept. The test stays in the browser and is sent again by itself.");
    }

    private static final class ListMoved extends RuntimeException {
        private static final long serialVersionUID = 1;

        ListMoved(Throwable cause) {
            super(cause);
        }
    }

    /** Only a test that was, or has become, a proof says anything. */
    private void note(FieldTestRecord test, Result before, Result after) {
        boolean says = (before == Result.PROVEN) != (after == Result.PROVEN);
        if (!says || test.listId() == null || test.channelId() == null) {
            return;
        }
        Optional<StoredList> list = lists.find(test.listId());
        list.flatMap(each -> each.list().entries().values().stream()
                        .filter(one -> one.id().equals(test.channelId()))
                        .findFirst())
                .ifPresent(entry -> note(test, list.get(), entry));
    }

    private void note(FieldTestRecord test, StoredList list, ListEntry entry) {
        Optional<LocalDate> day = log.provenDay(list, entry);
        Optional<LocalDate> stands = entry.standing().proven();
        boolean newer = day.isPresent()
                && stands.filter(each -> !each.isBefore(day.get())).isEmpty();
        boolean taken =
                stands.filter(each -> each.equals(log.day(test.testedAt()))).isPresent() && !day.equals(stands);
        if (!newer && !taken) {
            return;
        }
        try {
            lists.change(list.id(), list.version(), new ManyEdit.Prove(List.of(entry.id()), day)::applyTo);
        } catch (ProblemException refused) {
            // Trying again helps only where somebody else was quicker; all else is told.
            throw refused.status() == HttpStatus.CONFLICT ? new ListMoved(refused) : refused;
        }
    }
}
