package reckonrod.sim;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Identity;
import reckonrod.core.link.Line;
import reckonrod.core.link.Loader;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.load.Loaders;
import reckonrod.sim.device.clone.CloneKey;

/** Remembers what a transfer told it, stops it after so many steps, and does on the radio what the person is asked to do. */
final class Watcher implements TransferWatch {
    static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 3, 10, 22);

    final List<Phase> phases = new ArrayList<>();
    int steps;
    int stopAfter = Integer.MAX_VALUE;
    Stop reason = Stop.ASKED;
    int done;
    int total;
    boolean wroteSomething;
    MemoryImage wasRead;
    Identity there;
    /** What happens once half of what is to be written has been. */
    Runnable halfWay = () -> {};

    private final SimulatedRadio atHand;

    /** Stands beside that radio, or beside none. */
    Watcher(SimulatedRadio atHand) {
        this.atHand = atHand;
    }

    Loader over(RadioDefinition definition, Line line) {
        return Loaders.over(definition, line, this, NOW);
    }

    @Override
    public void progress(Phase phase, int bytesDone, int bytesTotal) {
        assertThat(bytesDone).as("%s", phase).isBetween(done, bytesTotal);
        done = bytesDone;
        total = bytesTotal;
        steps++;
        if (phase == Phase.WRITE && bytesDone > bytesTotal / 4) {
            halfWay.run();
        }
        if (phases.isEmpty() || phases.get(phases.size() - 1) != phase) {
            phases.add(phase);
        }
    }

    @Override
    public Optional<Stop> stop() {
        return steps > stopAfter ? Optional.of(reason) : Optional.empty();
    }

    @Override
    public void memoryWasRead(MemoryImage memory) {
        assertThat(wroteSomething).isFalse();
        wasRead = memory;
    }

    @Override
    public void waitsForPerson(Phase phase, List<String> what) {
        assertThat(what).isNotEmpty();
        if (atHand != null) {
            atHand.start(phase == Phase.WAIT_FOR_TAKE ? CloneKey.TAKE : CloneKey.SEND);
        }
    }

    @Override
    public void isThere(Identity identity) {
        there = identity;
    }

    @Override
    public Optional<Stop> writingBegins() {
        Optional<Stop> stop = stop();
        wroteSomething = stop.isEmpty();
        return stop;
    }
}
