package reckonrod.perf;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.Loader;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.load.Loaders;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.cable.LineClock;
import reckonrod.sim.device.clone.CloneKey;

/** How much of its line's own speed each family reaches, in real time, and how long a whole read and a usual write take. */
final class LinkMeasurement {
    private static final int CHANNELS = 30;

    private LinkMeasurement() {}

    /**
     * What was measured of one radio.
     *
     * @param share line time of the bytes sent, divided by the time it really took
     * @param readSeconds a whole read
     * @param writeSeconds a write of thirty channels into a radio that held none
     */
    record Measured(String radio, int baud, double share, double readSeconds, double writeSeconds) {
        @Override
        public String toString() {
            return String.format(
                    "%-14s %6d baud: %.1f %% of the line's own speed, whole read %.1f s, thirty channels written in %.1f s",
                    radio, baud, 100 * share, readSeconds, writeSeconds);
        }
    }

    /** Every radio with a cable. */
    static List<Measured> all() throws LinkException {
        List<Measured> measured = new java.util.ArrayList<>();
        for (String id : List.of("wrenling-w12", "dunnet-d7", "wrenling-w40", "kestrow-k31", "orvane-ov62")) {
            measured.add(of(RadioDefinitions.shipped().find(id).orElseThrow()));
        }
        return measured;
    }

    private static Measured of(RadioDefinition radio) throws LinkException {
        MemoryImage before = SimulatedRadio.fresh(radio, 1);
        Map<Integer, RadioSlot> slots = new HashMap<>();
        for (int i = 0; i < CHANNELS; i++) {
            slots.put(radio.limits().slots().first() + i, slot(i));
        }
        MemoryImage after = new ImageCodec(radio).encode(before, slots);
        SimulatedRadio simulated =
                SimulatedRadio.passing(radio, radio.line().firmware().orElseThrow(), before);
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
                // The person is quick here; what they take is not the line's.
            }
        };
        long start = System.nanoTime();
        over(radio, simulated, both).read();
        long readEnd = System.nanoTime();
        over(radio, simulated, both).write(before, after);
        long end = System.nanoTime();
        return new Measured(
                radio.title(),
                radio.line().cable().pace().baud(),
                counted.busyMicros() / ((end - start) / 1_000.0),
                (readEnd - start) / 1e9,
                (end - readEnd) / 1e9);
    }

    private static Loader over(RadioDefinition radio, SimulatedRadio simulated, LineClock clock) {
        return Loaders.over(radio, simulated.plugIn(clock), new Person(simulated), LocalDateTime.MIN);
    }

    private static RadioSlot slot(int number) {
        return new RadioSlot(
                "LEG " + number,
                Frequency.parse("145.310"),
                Optional.of(Frequency.parse("144.710")),
                Tone.parse("CTCSS 71.9"),
                NoTone.NONE,
                Emission.FM,
                Power.HIGH,
                true,
                Set.of());
    }

    /** Does on the radio what is asked, at once. */
    private record Person(SimulatedRadio radio) implements TransferWatch {
        @Override
        public void progress(Phase phase, int bytesDone, int bytesTotal) {}

        @Override
        public Optional<Stop> stop() {
            return Optional.empty();
        }

        @Override
        public void memoryWasRead(MemoryImage memory) {}

        @Override
        public void waitsForPerson(Phase phase, List<String> steps) {
            radio.start(phase == Phase.WAIT_FOR_TAKE ? CloneKey.TAKE : CloneKey.SEND);
        }

        @Override
        public Optional<Stop> writingBegins() {
            return Optional.empty();
        }
    }
}
