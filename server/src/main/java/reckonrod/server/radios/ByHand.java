package reckonrod.server.radios;

import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.fit.ByHandStep;
import reckonrod.server.problem.ProblemException;

/** What is left to do by hand after a write: kept until it is done, however often the program is started. */
@Service
@Transactional
public class ByHand {
    private final ByHandRepository steps;
    private final RadioUnits units;
    private final Clock clock;

    ByHand(ByHandRepository steps, RadioUnits units, Clock clock) {
        this.steps = steps;
        this.units = units;
        this.clock = clock;
    }

    /** The radio was written: these are left to do, and no others. */
    public void follow(String radioId, List<ByHandStep> left) {
        Set<String> known = new HashSet<>();
        for (ByHandRecord each : steps.findByRadioIdOrderByOfRadioAscWordsAsc(radioId)) {
            boolean again = left.stream().anyMatch(step -> step.words().equals(each.words()));
            if (!again) {
                steps.delete(each);
            } else {
                known.add(each.words());
                if (!each.ofRadio()) {
                    each.isDone(null);
                }
            }
        }
        left.stream()
                .filter(step -> known.add(step.words()))
                .forEach(step -> steps.save(new ByHandRecord(UUID.randomUUID(), radioId, step, clock.instant())));
    }

    @Transactional(readOnly = true)
    List<ByHandRecord> of(String radioId) {
        return steps.findByRadioIdOrderByOfRadioAscWordsAsc(units.get(radioId).id());
    }

    void tick(String radioId, UUID id, boolean done) {
        steps.findById(id)
                .filter(each -> each.radioId().equals(radioId))
                .orElseThrow(() -> ProblemException.notFound(
                        "There is no such step any more; the radio was written again meanwhile."))
                .isDone(done ? clock.instant() : null);
    }
}
