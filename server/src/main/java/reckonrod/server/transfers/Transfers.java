package reckonrod.server.transfers;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Line;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.load.Loaders;
import reckonrod.server.ports.ZipFolder;
import reckonrod.server.radios.ByHand;
import reckonrod.server.radios.CardsOut;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;
import reckonrod.server.transfers.JobRunner.Ending;
import reckonrod.server.transfers.PlannedWrites.Planned;

/** What the three sorts of transfers do, over whichever line: the radio's own, or a card that came through the browser. */
@Component
class Transfers {
    private final JobStore jobs;
    private final JobRunner runner;
    private final RadioUnits units;
    private final CardsOut cards;
    private final ByHand byHand;
    private final Clock clock;

    Transfers(JobStore jobs, JobRunner runner, RadioUnits units, CardsOut cards, ByHand byHand, Clock clock) {
        this.byHand = byHand;
        this.jobs = jobs;
        this.runner = runner;
        this.units = units;
        this.cards = cards;
        this.clock = clock;
    }

    JobView read(RadioUnit unit, JobRunner.Opening opening) {
        Optional<MemoryImage> known = units.newestSnapshot(unit.id())
                .map(Snapshot::image)
                .filter(image -> image.size() == unit.definition().layout().bytes());
        JobView job = jobs.begin(unit.id(), JobKind.READ);
        runner.start(job.id(), unit, null, opening, transfer -> {
            MemoryImage held = known.isPresent() ? transfer.readAgain(known.get()) : transfer.read();
            String came = cards.meaning(unit, held)
                    .orElseGet(() -> unit.name() + " was read and a snapshot of it is kept." + reset(unit, held));
            return new Ending(came, () -> cards.cameBack(unit, held));
        });
        return job;
    }

    private String reset(RadioUnit unit, MemoryImage held) {
        return units.heldBeforeReset(unit, held)
                .map(each ->
                        " It holds no channel any more: it was reset, or it is another radio. What it held before can be"
                                + " put back.")
                .orElse("");
    }

    JobView write(Planned planned, JobRunner.Opening opening) {
        RadioUnit unit = planned.unit();
        MemoryImage image = planned.plan().image();
        String list = planned.list().list().name();
        JobView job = jobs.begin(unit.id(), JobKind.WRITE);
        runner.start(job.id(), unit, planned.before().id(), opening, transfer -> {
            MemoryImage held = transfer.write(planned.before().image(), image);
            if (transfer.leavesTheRest()) {
                return cardGoes(unit, out(planned));
            }
            return new Ending(
                    unit.name() + " holds " + list + ": " + planned.told() + " " + planned.blocks()
                            + (planned.blocks() == 1 ? " changed block" : " changed blocks")
                            + " written, read back and found equal; the rest is as it was, by the radio's own sum of all.",
                    () -> {
                        units.wasWritten(unit.id(), planned.list().id(), list, held, planned.slots());
                        byHand.follow(unit.id(), planned.byHand());
                    });
        });
        return job;
    }

    JobView restore(RadioUnit unit, Snapshot snapshot, JobRunner.Opening opening) {
        JobView job = jobs.begin(unit.id(), JobKind.RESTORE);
        runner.start(job.id(), unit, snapshot.id(), opening, transfer -> {
            MemoryImage held = transfer.restore(snapshot.image());
            if (transfer.leavesTheRest()) {
                String before = units.newestSnapshot(unit.id())
                        .map(each -> each.image().digest())
                        .orElse("");
                return cardGoes(
                        unit,
                        new CardsOut.Out(
                                held, before, Optional.empty(), "the snapshot", List.of(), List.of(), clock.instant()));
            }
            return new Ending(unit.name() + " holds the snapshot again, read back and found equal.", () -> {
                units.wasRestored(unit.id(), snapshot.id());
                units.keep(unit.id(), "Put back: " + snapshot.reason(), held);
            });
        });
        return job;
    }

    /** The card that a write makes, packed; it is on its way from here on. */
    byte[] packed(Planned planned) throws IOException {
        RadioUnit unit = planned.unit();
        ZipFolder folder = ZipFolder.empty();
        try {
            Loaders.over(unit.definition(), folder, new Silent(), LocalDateTime.now(clock))
                    .restore(planned.plan().image());
        } catch (LinkException impossible) {
            throw new IllegalStateException("An empty archive takes everything", impossible);
        }
        cards.goes(unit.id(), out(planned));
        return folder.archive();
    }

    private CardsOut.Out out(Planned planned) {
        return new CardsOut.Out(
                planned.plan().image(),
                planned.before().image().digest(),
                Optional.of(planned.list().id()),
                planned.list().list().name(),
                planned.slots(),
                planned.byHand(),
                clock.instant());
    }

    /** Nobody follows what takes no time. */
    private static final class Silent implements TransferWatch {
        @Override
        public void progress(Phase phase, int bytesDone, int bytesTotal) {}

        @Override
        public Optional<Stop> stop() {
            return Optional.empty();
        }

        @Override
        public void memoryWasRead(MemoryImage memory) {}

        @Override
        public Optional<Stop> writingBegins() {
            return Optional.empty();
        }
    }

    private Ending cardGoes(RadioUnit unit, CardsOut.Out out) {
        return new Ending(
                "The card of " + unit.name()
                        + " is written, and read back. Nothing is in the radio yet: take the card in"
                        + " there, export, then read the card here; that proves it.",
                () -> cards.goes(unit.id(), out));
    }

    /** A line that is there already. */
    static JobRunner.Opening over(Line line) {
        return unit -> line;
    }
}
