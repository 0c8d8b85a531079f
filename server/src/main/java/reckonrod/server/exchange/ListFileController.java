package reckonrod.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.ListStore.PastList;
import reckonrod.server.lists.ListSummary;
import reckonrod.server.plans.PlanLookup;

/** A list that was exported as JSON comes in as a list of its own; it never changes one that is there. */
@RestController
class ListFileController {
    private static final int MOST_CHARACTERS = 20_000_000;
    private static final int MOST_NAME = 60;

    private final ListStore store;
    private final PlanLookup plans;
    private final Clock clock;

    ListFileController(ListStore store, PlanLookup plans, Clock clock) {
        this.clock = clock;
        this.store = store;
        this.plans = plans;
    }

    /** The text of the file. */
    record ListFileRequest(
            @NotNull(message = "must be given")
            @Size(max = MOST_CHARACTERS, message = "must be at most 20 million characters")
            String text) {}

    @PostMapping("/api/lists/from-file")
    @ResponseStatus(HttpStatus.CREATED)
    ListSummary fromFile(@Valid @RequestBody ListFileRequest request) {
        return store.create(renamed(ListFile.read(request.text(), plans, clock.instant())))
                .summary();
    }

    /** The same under a name that no list has; with a history, that is one change more. */
    private Iterator<PastList> renamed(Iterator<PastList> past) {
        PastList first = past.next();
        if (!past.hasNext()) {
            String name = freeName(first.list().name());
            return List.of(new PastList(
                            "Begin " + name, first.at(), first.list().copyNamed(name, 0), first.name()))
                    .iterator();
        }
        return new Iterator<>() {
            private PastList next = first;

            @Override
            public boolean hasNext() {
                return next != null;
            }

            @Override
            public PastList next() {
                PastList now = next;
                next = past.hasNext() ? past.next() : calledFreely(now).orElse(null);
                return now;
            }
        };
    }

    private Optional<PastList> calledFreely(PastList last) {
        String name = freeName(last.list().name());
        return name.equals(last.list().name())
                ? Optional.empty()
                : Optional.of(new PastList(
                        "Call the list " + name, clock.instant(), last.list().copyNamed(name, 0), ""));
    }

    /** The name, with a number behind it where a list of that name is there. */
    private String freeName(String name) {
        Set<String> taken = store.all().stream()
                .map(each -> each.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
        return IntStream.iterate(1, number -> number + 1)
                .mapToObj(number -> number == 1 ? name : shortened(name, " (" + number + ")"))
                .filter(each -> !taken.contains(each.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow();
    }

    private static String shortened(String name, String ending) {
        return name.substring(0, Math.min(name.length(), MOST_NAME - ending.length()))
                        .strip()
                + ending;
    }
}
