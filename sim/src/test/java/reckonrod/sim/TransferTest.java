package reckonrod.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.LinkDefinition;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Loader;
import reckonrod.core.link.Port;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.WriteEstimate;
import reckonrod.core.load.Loaders;
import reckonrod.core.panel.FacePart;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.sim.cable.LineClock;
import reckonrod.sim.cable.TcpPort;
import reckonrod.sim.cable.TcpRadio;
import reckonrod.sim.cable.Trouble;
import reckonrod.sim.device.FileMemory;
import reckonrod.sim.face.RadioFace;

class TransferTest {
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
    private static final RadioSlot SKARRA = new RadioSlot(
            "SKARRA",
            Frequency.parse("145.310"),
            Optional.of(Frequency.parse("144.710")),
            Tone.parse("CTCSS 71.9"),
            NoTone.NONE,
            Emission.FM,
            Power.HIGH,
            true,
            Set.of());

    private final MemoryImage before = SimulatedRadio.fresh(W12, 42);
    private final MemoryImage after = new ImageCodec(W12).encode(before, Map.of(4, SKARRA, 90, SKARRA));
    private final SimulatedRadio radio = SimulatedRadio.passing(W12, "1.07", before);
    private final LineClock.Counting clock = LineClock.counting();
    private final Watch watch = new Watch();

    /** Remembers what a transfer told it, and cancels after so many blocks. */
    private static final class Watch implements TransferWatch {
        private int blocks;
        private int stopAfter = Integer.MAX_VALUE;
        private Stop reason = Stop.ASKED;
        private int done;
        private int total;
        private boolean wroteSomething;
        private MemoryImage wasRead;

        @Override
        public void progress(Phase phase, int bytesDone, int bytesTotal) {
            assertThat(bytesDone).isBetween(done, bytesTotal);
            done = bytesDone;
            total = bytesTotal;
            blocks++;
        }

        @Override
        public Optional<Stop> stop() {
            return blocks > stopAfter ? Optional.of(reason) : Optional.empty();
        }

        @Override
        public void memoryWasRead(MemoryImage memory) {
            assertThat(wroteSomething).isFalse();
            wasRead = memory;
        }

        @Override
        public void writingBegins() {
            wroteSomething = true;
        }
    }

    private Loader transfer() {
        return Loaders.over(W12, radio.plugIn(clock), watch);
    }

    @Test
    void readsWritesAndTheFaceShowsIt() throws LinkException {
        assertThat(transfer().read()).isEqualTo(before);
        assertThat(watch.wasRead).isEqualTo(before);
        assertThat(watch.done).isEqualTo(watch.total).isEqualTo(4096);
        transfer(new Watch()).write(before, after);
        assertThat(radio.memory().image()).isEqualTo(after);
        RadioFace face = radio.face();
        assertThat(face.press(RadioFace.Key.UP).on()).isFalse();
        face.press(RadioFace.Key.POWER);
        assertThat(face.press(RadioFace.Key.NEXT_IN_USE)).satisfies(display -> {
            assertThat(display.text(FacePart.SLOT)).isEqualTo("004");
            assertThat(display.text(FacePart.FREQUENCY)).isEqualTo("145.310");
            assertThat(display.text(FacePart.TONE)).isEmpty();
        });
        assertThat(face.press(RadioFace.Key.TALK_DOWN)).satisfies(display -> {
            assertThat(display.text(FacePart.FREQUENCY)).isEqualTo("144.710");
            assertThat(display.text(FacePart.TONE)).isEqualTo("CTCSS 71.9");
        });
        assertThat(face.press(RadioFace.Key.TALK_UP).text(FacePart.FREQUENCY)).isEqualTo("145.310");
        assertThat(face.press(RadioFace.Key.UP).text(FacePart.TONE)).isEqualTo("EMPTY");
    }

    private Loader transfer(Watch other) {
        return Loaders.over(W12, radio.plugIn(clock), other);
    }

    @Test
    void onlyBlocksThatDifferAreSentAndTheLineIsNeverLeftIdle() throws LinkException {
        transfer().write(before, after);
        int blocks = before.blocksThatDiffer(after, 16).size();
        assertThat(blocks).isLessThan(10);
        assertThat(watch.total).isEqualTo(4096 + 2 * blocks * 16);
        double efficiency = (double) clock.busyMicros() / (clock.busyMicros() + clock.idleMicros());
        assertThat(efficiency).isGreaterThanOrEqualTo(0.95);
    }

    /** What is foretold of a write is what it takes, to the second. */
    @Test
    void theEstimateIsWhatTheWriteTakes() throws LinkException {
        byte[] bytes = before.toBytes();
        for (int changed : new int[] {16, 512, 2048}) {
            Arrays.fill(bytes, 0x40, 0x40 + changed, (byte) changed);
            MemoryImage target = MemoryImage.of(bytes);
            radio.memory().replace(before);
            LineClock.Counting one = LineClock.counting();
            WriteEstimate estimate = Loaders.estimate(W12, before, target);
            Loaders.over(W12, radio.plugIn(one), new Watch()).write(before, target);
            double seconds = one.busyMicros() / 1_000_000.0;
            assertThat(estimate.bytes()).isEqualTo(changed);
            assertThat((double) estimate.seconds()).as("%d bytes", changed).isBetween(seconds - 0.1, seconds + 1);
        }
        assertThat(Loaders.estimate(W12, before, before)).isEqualTo(new WriteEstimate(0, 0, 0));
    }

    @Test
    void anotherModelIsRefusedAndBothAreNamed() {
        LinkDefinition line = W12.line();
        RadioDefinition other = new RadioDefinition(
                W12.model(),
                W12.settings(),
                W12.memory(),
                Optional.of(new LinkDefinition(
                        line.family(),
                        "WRENLING W40",
                        line.baud(),
                        line.blockBytes(),
                        line.answerWithinMillis(),
                        line.tries(),
                        line.person())),
                W12.shiftMenu(),
                W12.face());
        SimulatedRadio wrong = SimulatedRadio.passing(other, "2.00", before);
        assertThatThrownBy(() -> Loaders.over(W12, wrong.plugIn(clock), watch).write(before, after))
                .isInstanceOfSatisfying(
                        LinkException.class,
                        refused -> assertThat(refused.fault()).isEqualTo(Fault.OTHER_MODEL))
                .hasMessageContainingAll("WRENLING W40 2.00", "Wrenling W12");
        assertThat(wrong.memory().image()).isEqualTo(before);
    }

    @Test
    void silenceAndNoiseAreToldApart() {
        radio.setTrouble(new Trouble.NoAnswer());
        assertFault(Fault.NO_ANSWER, () -> transfer().read());
        radio.setTrouble(new Trouble.Garbage());
        assertFault(Fault.GARBAGE, () -> transfer().read());
        assertThat(watch.wroteSomething).isFalse();
    }

    @ParameterizedTest
    @ValueSource(longs = {0, 5, 19, 20, 21, 40, 60, 100, 130, 180, 200})
    void aFlippedByteIsAskedForAgain(long at) throws LinkException {
        radio.setTrouble(new Trouble.FlippedByte(at));
        transfer().write(before, after);
        assertThat(radio.memory().image()).isEqualTo(after);
    }

    /** Anywhere: in a block that would be written, in a slot that would not, in the settings. */
    @ParameterizedTest
    @ValueSource(ints = {0x0C00, 0x0040 + 20 * 77, 0x0000, 0x0FFF})
    void aRadioThatWasChangedSinceItWasReadIsNotWritten(int at) {
        byte[] other = before.toBytes();
        other[at] ^= 1;
        radio.memory().replace(MemoryImage.of(other));
        assertFault(Fault.CHANGED_SINCE_READ, () -> transfer().write(before, after));
        assertThat(watch.wroteSomething).isFalse();
        assertThat(watch.wasRead.toBytes()).isEqualTo(other);
        assertThat(radio.memory().image().toBytes()).isEqualTo(other);
    }

    /** Wherever the cable comes off, the radio is known to be half written and the snapshot brings it back. */
    @Test
    void aCablePulledAtAnyByteOfTheWriteIsToldAndTheSnapshotGoesBack() throws LinkException {
        int bytes = before.blocksThatDiffer(after, 16).size() * 20;
        for (int at = 0; at < bytes; at++) {
            Watch one = new Watch();
            radio.setTrouble(new Trouble.PulledWhileWriting(at));
            assertFault(Fault.CABLE, () -> transfer(one).write(before, after));
            assertThat(one.wroteSomething).as("byte %d", at).isTrue();
            radio.setTrouble(new Trouble.None());
            transfer(new Watch()).restore(before);
            assertThat(radio.memory().image()).as("byte %d", at).isEqualTo(before);
        }
    }

    /** A thousand troubles at random: a write that says it is done is done, one that says it wrote nothing wrote nothing. */
    @Test
    void noTroubleEverEndsInSilence() throws LinkException {
        Random random = new Random(2026);
        int done = 0;
        for (int i = 0; i < 1_000; i++) {
            byte[] wanted = before.toBytes();
            int length = 1 + random.nextInt(400);
            random.nextBytes(wanted);
            byte[] target = before.toBytes();
            System.arraycopy(wanted, 0, target, random.nextInt(4096 - length), length);
            MemoryImage to = MemoryImage.of(target);
            radio.setTrouble(trouble(random));
            Watch one = new Watch();
            if (random.nextInt(5) == 0) {
                one.stopAfter = random.nextInt(320);
                one.reason = random.nextBoolean() ? TransferWatch.Stop.ASKED : TransferWatch.Stop.NO_LONGER_OURS;
            }
            try {
                assertThat(transfer(one).write(before, to)).isEqualTo(to);
                assertThat(radio.memory().image())
                        .as("round %d says it is done", i)
                        .isEqualTo(to);
                done++;
            } catch (LinkException told) {
                assertThat(one.wroteSomething || radio.memory().image().equals(before))
                        .as("round %d, %s", i, told.fault())
                        .isTrue();
            }
            radio.setTrouble(new Trouble.None());
            assertThat(transfer(new Watch()).restore(before)).isEqualTo(before);
            assertThat(radio.memory().image()).isEqualTo(before);
        }
        assertThat(done).isBetween(200, 800);
    }

    private static Trouble trouble(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> new Trouble.PulledWhileWriting(random.nextInt(600));
            case 1, 2 -> new Trouble.FlippedByte(random.nextInt(6_000));
            case 3 -> random.nextInt(10) == 0 ? new Trouble.Garbage() : new Trouble.NoAnswer();
            default -> new Trouble.None();
        };
    }

    @Test
    void cancellingStopsBetweenTwoBlocks() {
        int blocks = before.blocksThatDiffer(after, 16).size();
        watch.stopAfter = 256 + blocks / 2;
        assertFault(Fault.CANCELLED, () -> transfer().write(before, after));
        assertThat(watch.wroteSomething).isTrue();
        Watch early = new Watch();
        early.stopAfter = 1;
        radio.memory().replace(before);
        early.reason = TransferWatch.Stop.NO_LONGER_OURS;
        assertFault(Fault.NO_LONGER_OURS, () -> transfer(early).write(before, after));
        assertThat(early.wroteSomething).isFalse();
    }

    private static void assertFault(Fault fault, org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
        assertThatThrownBy(call)
                .isInstanceOfSatisfying(
                        LinkException.class,
                        failed -> assertThat(failed.fault()).isEqualTo(fault));
    }

    @Test
    void theSameGoesOverTcpAndAClosedLineIsACableFault() throws IOException, LinkException {
        try (TcpRadio listening = new TcpRadio(() -> radio.plugIn(LineClock.counting()), 0)) {
            try (Port port = new TcpPort(listening.address())) {
                Loaders.over(W12, port, watch).write(before, after);
            }
            assertThat(radio.memory().image()).isEqualTo(after);
            radio.setTrouble(new Trouble.PulledWhileWriting(30));
            try (Port port = new TcpPort(listening.address())) {
                assertFault(
                        Fault.CABLE, () -> Loaders.over(W12, port, new Watch()).restore(before));
            }
            assertThat(radio.memory().image()).isNotEqualTo(before).isNotEqualTo(after);
        }
        assertThatThrownBy(() -> new TcpPort(new InetSocketAddress(InetAddress.getLoopbackAddress(), 1)))
                .isInstanceOf(IOException.class);
    }

    @Test
    void theMemoryIsKeptBetweenStartsAndAForeignFileIsRefused(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("radios/blue.memory");
        new FileMemory(file, before).replace(after);
        assertThat(new FileMemory(file, before).image()).isEqualTo(after);
        Files.write(file, new byte[7]);
        assertThatThrownBy(() -> new FileMemory(file, before)).hasMessageContaining("must have 4096 bytes, was 7");
    }

    /** A real clock is never faster than its line; how near it keeps to it is measured by {@code perf/run}. */
    @Test
    void theRealClockIsNeverFasterThanItsLine() throws LinkException {
        long start = System.nanoTime();
        LineClock real = LineClock.real();
        for (int i = 0; i < 100; i++) {
            real.busyFor(2_000);
        }
        long millis = (System.nanoTime() - start) / 1_000_000;
        assertThat(millis).isGreaterThanOrEqualTo(199L);
    }
}
