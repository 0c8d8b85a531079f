package reckonrod.perf;

import java.util.Arrays;
import java.util.Optional;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.load.Loaders;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.cable.LineClock;

/** How much of a 9,600-baud line's own speed a whole read and a write of a quarter of the memory reach, in real time. */
final class LinkMeasurement {
    private LinkMeasurement() {}

    /** Line time of the bytes sent, divided by the time it really took. */
    static double efficiency() throws LinkException {
        RadioDefinition radio = RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
        MemoryImage before = SimulatedRadio.fresh(radio, 1);
        byte[] changed = before.toBytes();
        Arrays.fill(changed, 0x40, 0x440, (byte) 0x11);
        SimulatedRadio simulated = SimulatedRadio.passing(radio, "1.07", before);
        LineClock real = LineClock.real();
        LineClock.Counting counted = LineClock.counting();
        LineClock both = new LineClock() {
            @Override
            public void busyFor(long micros) {
                counted.busyFor(micros);
                real.busyFor(micros);
            }

            @Override
            public void idleFor(long micros) {
                real.idleFor(micros);
            }
        };
        long start = System.nanoTime();
        Loaders.over(radio, simulated.plugIn(both), new Silent()).read();
        Loaders.over(radio, simulated.plugIn(both), new Silent()).write(before, MemoryImage.of(changed));
        return counted.busyMicros() / ((System.nanoTime() - start) / 1000.0);
    }

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
        public void writingBegins() {}
    }
}
