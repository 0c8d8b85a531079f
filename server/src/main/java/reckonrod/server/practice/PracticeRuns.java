package reckonrod.server.practice;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.drill.Spacing;

/** Keeps the drills that were done, by person and model. */
@Service
@Transactional
class PracticeRuns {
    private final PracticeRunRepository runs;
    private final Clock clock;

    PracticeRuns(PracticeRunRepository runs, Clock clock) {
        this.runs = runs;
        this.clock = clock;
    }

    /** What was done of each channel, the oldest first. */
    Map<UUID, List<PracticeRun>> of(String person, String model) {
        Map<UUID, List<PracticeRun>> by = new HashMap<>();
        runs.findByPersonAndModelOrderByDoneAt(person, model)
                .forEach(each -> by.computeIfAbsent(each.channelId(), any -> new ArrayList<>())
                        .add(each));
        return by;
    }

    /** Keeps one; the same again changes nothing. */
    LocalDate keep(UUID id, PracticeRun.Of of, PracticeRun.Went went) {
        if (!runs.existsById(id)) {
            runs.saveAndFlush(new PracticeRun(id, of, went, clock.instant()));
        }
        return due(of(of.person(), of.model()).getOrDefault(of.channelId(), List.of()));
    }

    /** When a channel is to be repeated. */
    LocalDate due(List<PracticeRun> done) {
        return Spacing.due(done.stream()
                .map(each ->
                        new Spacing.Run(each.doneAt().atZone(clock.getZone()).toLocalDate(), each.isClean()))
                .toList());
    }

    /** Which of these comes next. */
    Optional<Integer> next(List<Optional<LocalDate>> due) {
        return Spacing.next(due, LocalDate.now(clock)).stream().boxed().findFirst();
    }

    boolean isDue(LocalDate day) {
        return !day.isAfter(LocalDate.now(clock));
    }
}
