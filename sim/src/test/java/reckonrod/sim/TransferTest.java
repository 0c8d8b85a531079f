package reckonrod.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
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
import reckonrod.sim.device.clone.CloneKey;
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
    private final Watcher watch = new Watcher(radio);

    private Loader transfer() {
        return watch.over(W12, radio.plugIn(clock));
    }

    @Test
    void readsWritesAndTheFaceShowsIt() throws LinkException {
        transfer().write(before, after);
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

    private Loader transfer(Watcher other) {
        return other.over(W12, radio.plugIn(clock));
    }

    private static RadioDefinition model(String id) {
        return RadioDefinitions.shipped().find(id).orElseThrow();
    }

    private static String firmware(RadioDefinition model) {
        return model.line().firmware().orElseThrow();
    }

    private static SimulatedRadio radio(RadioDefinition model) {
        return SimulatedRadio.passing(model, firmware(model), SimulatedRadio.fresh(model, 42));
    }

    private static MemoryImage changed(MemoryImage image, int from, int bytes) {
        byte[] memory = image.toBytes();
        for (int i = from; i < from + bytes; i++) {
            memory[i] ^= (byte) (1 + i % 200);
        }
        return MemoryImage.of(memory);
    }

    /** Read, written, read back, put back; the line is busy all the time, and what is foretold is what it takes. */
    @ParameterizedTest
    @ValueSource(strings = {"wrenling-w12", "dunnet-d7", "wrenling-w40", "kestrow-k31", "orvane-ov62"})
    void everyFamilyReadsWritesAndPutsBack(String id) throws LinkException {
        RadioDefinition model = model(id);
        SimulatedRadio radio = radio(model);
        MemoryImage held = radio.memory().image();
        Watcher reading = new Watcher(radio);
        assertThat(reading.over(model, radio.plugIn(clock)).read()).isEqualTo(held);
        assertThat(reading.wasRead).isEqualTo(held);
        assertThat(reading.done)
                .isEqualTo(reading.total)
                .isEqualTo(model.layout().bytes());
        assertThat(reading.there.said()).isEqualTo(model.line().usualIdent());
        assertThat(reading.there.word()).isEmpty();
        for (int bytes : new int[] {1, 300, 2_000}) {
            MemoryImage wanted = changed(held, 0x40, bytes);
            LineClock.Counting one = LineClock.counting();
            Watcher writing = new Watcher(radio);
            assertThat(writing.over(model, radio.plugIn(one)).write(held, wanted))
                    .isEqualTo(wanted);
            assertThat(radio.memory().image()).isEqualTo(wanted);
            assertThat(writing.wroteSomething).isTrue();
            assertThat(writing.done).isEqualTo(writing.total);
            double seconds = one.busyMicros() / 1_000_000.0;
            assertThat((double) Loaders.estimate(model, held, wanted).seconds())
                    .as("%s, %d bytes", id, bytes)
                    .isBetween(seconds - 0.1, seconds + 1.1);
            held = wanted;
        }
        LineClock.Counting nothing = LineClock.counting();
        assertThat(new Watcher(radio).over(model, radio.plugIn(nothing)).write(held, held))
                .isEqualTo(held);
        assertThat(nothing.busyMicros()).as("nothing to write").isLessThan(100_000);
        assertThat(Loaders.estimate(model, held, held)).isEqualTo(new WriteEstimate(0, 0, 0));
        MemoryImage first = SimulatedRadio.fresh(model, 42);
        Watcher back = new Watcher(radio);
        assertThat(back.over(model, radio.plugIn(clock)).restore(first)).isEqualTo(first);
        assertThat(back.wasRead).as("what it held is kept").isEqualTo(held);
        assertThat(radio.memory().image()).isEqualTo(first);
    }

    /** Only what differs goes, both ways, where the radio can do so. */
    @Test
    void onlyBlocksThatDifferAreSentAndTheLineIsNeverLeftIdle() throws LinkException {
        transfer().write(before, after);
        int blocks = before.blocksThatDiffer(after, 16).size();
        assertThat(blocks).isLessThan(10);
        assertThat(watch.total).isEqualTo(2 * blocks * 16);
        assertThat(clock.idleMicros()).isZero();
    }

    /** The D7 says which blocks were changed, and is believed only if the sum of all agrees. */
    @Test
    void aRadioThatTellsWhatWasChangedIsReadInAMomentAndNotBelievedBlindly() throws LinkException {
        RadioDefinition d7 = model("dunnet-d7");
        SimulatedRadio radio = radio(d7);
        MemoryImage held = new Watcher(radio).over(d7, radio.plugIn(clock)).read();
        MemoryImage byHand = changed(held, 0x400, 70);
        radio.memory().replace(byHand);
        LineClock.Counting quick = LineClock.counting();
        assertThat(new Watcher(radio).over(d7, radio.plugIn(quick)).readAgain(held))
                .isEqualTo(byHand);
        assertThat(quick.busyMicros()).isLessThan(150_000);
        // What is "known" was never what the radio held when it was told to remember.
        radio.memory().replace(held);
        assertThat(new Watcher(radio).over(d7, radio.plugIn(clock)).readAgain(SimulatedRadio.fresh(d7, 43)))
                .isEqualTo(held);
    }

    private static RadioDefinition called(RadioDefinition model, String ident) {
        LinkDefinition line = model.line();
        return new RadioDefinition(
                model.model(),
                model.settings(),
                model.memory(),
                Optional.empty(),
                Optional.of(new LinkDefinition(line.family(), ident, line.firmware(), line.person())),
                model.panel(),
                model.shift(),
                model.face(),
                model.handling());
    }

    /** Another model and another family of firmware are refused by name; another firmware of the family goes on with a word. */
    @ParameterizedTest
    @ValueSource(strings = {"wrenling-w12", "dunnet-d7", "wrenling-w40", "kestrow-k31", "orvane-ov62"})
    void whoIsAtTheOtherEndIsTold(String id) throws LinkException {
        RadioDefinition model = model(id);
        MemoryImage held = SimulatedRadio.fresh(model, 42);
        MemoryImage wanted = changed(held, 0x100, 3);
        SimulatedRadio wrong = SimulatedRadio.passing(called(model, "WRENLING W99"), "2.00", held);
        Watcher one = new Watcher(wrong);
        assertThatThrownBy(() -> one.over(model, wrong.plugIn(clock)).write(held, wanted))
                .isInstanceOfSatisfying(
                        LinkException.class,
                        refused -> assertThat(refused.fault()).isEqualTo(Fault.OTHER_MODEL))
                .hasMessageContainingAll("WRENLING W99 2.00", model.title());
        String[] number = firmware(model).split("\\.", 2);
        SimulatedRadio newer = SimulatedRadio.passing(model, (Integer.parseInt(number[0]) + 1) + ".00", held);
        assertThatThrownBy(() ->
                        new Watcher(newer).over(model, newer.plugIn(clock)).write(held, wanted))
                .isInstanceOfSatisfying(
                        LinkException.class,
                        refused -> assertThat(refused.fault()).isEqualTo(Fault.OTHER_FIRMWARE))
                .hasMessageContaining(number[0] + ".x");
        assertThat(List.of(wrong, newer))
                .allSatisfy(each -> assertThat(each.memory().image()).isEqualTo(held));
        SimulatedRadio sister = SimulatedRadio.passing(model, number[0] + ".99", held);
        Watcher two = new Watcher(sister);
        two.over(model, sister.plugIn(clock)).write(held, wanted);
        assertThat(two.there.word().orElseThrow()).contains(number[0] + ".99", firmware(model));
        assertThat(sister.memory().image()).isEqualTo(wanted);
    }

    /** The wrong end, the wrong port, the wrong speed: told as what it is, and nothing is written. */
    @ParameterizedTest
    @ValueSource(strings = {"wrenling-w12", "dunnet-d7", "wrenling-w40", "orvane-ov62"})
    void whatIsWrongWithACableIsToldAsWhatItIs(String id) {
        RadioDefinition model = model(id);
        SimulatedRadio radio = radio(model);
        Map<Trouble, Fault> told = Map.of(
                new Trouble.NoAnswer(), Fault.NO_ANSWER,
                new Trouble.Garbage(), Fault.GARBAGE,
                new Trouble.Echo(), Fault.ECHO,
                new Trouble.OtherDevice(), Fault.OTHER_DEVICE,
                new Trouble.OtherSpeed(4_800), Fault.OTHER_SPEED);
        told.forEach((trouble, fault) -> {
            radio.setTrouble(trouble);
            Watcher one = new Watcher(radio);
            MemoryImage held = radio.memory().image();
            assertFault(fault, () -> one.over(model, radio.plugIn(clock)).write(held, changed(held, 0x80, 9)));
            assertThat(one.wroteSomething).as("%s", trouble).isFalse();
            assertThat(radio.memory().image()).isEqualTo(held);
        });
    }

    /** Nobody starts it, or starts the other of the two: it ends in words, after three minutes at the most. */
    @Test
    void aPersonWhoDoesNothingOrTheWrongThingIsTold() {
        RadioDefinition k31 = model("kestrow-k31");
        SimulatedRadio radio = radio(k31);
        Watcher alone = new Watcher(null);
        assertFault(
                Fault.NOBODY_AT_THE_RADIO,
                () -> alone.over(k31, radio.plugIn(clock)).read());
        assertThat(clock.idleMicros()).isBetween(175_000_000L, 185_000_000L);
        radio.start(CloneKey.TAKE);
        assertFault(Fault.REFUSED, () -> alone.over(k31, radio.plugIn(clock)).read());
        radio.start(CloneKey.SEND);
        MemoryImage held = radio.memory().image();
        assertFault(Fault.REFUSED, () -> alone.over(k31, radio.plugIn(clock)).write(held, changed(held, 9, 9)));
        assertThat(alone.wroteSomething).isFalse();
        Watcher asked = new Watcher(null);
        asked.stopAfter = 0;
        assertFault(Fault.CANCELLED, () -> asked.over(k31, radio.plugIn(clock)).read());
    }

    /** Up to the moment when all is there, the OV62 is as it was, whatever happens. */
    @Test
    void aRadioThatKeepsAsAWholeIsNeverHalfWritten() throws LinkException {
        RadioDefinition ov62 = model("orvane-ov62");
        MemoryImage held = SimulatedRadio.fresh(ov62, 42);
        MemoryImage wanted = changed(held, 0x300, 500);
        int whole = 0;
        for (int at = 0; whole == 0; at++) {
            SimulatedRadio radio = SimulatedRadio.passing(ov62, "5.02", held);
            radio.setTrouble(new Trouble.PulledWhileWriting(at));
            Watcher one = new Watcher(radio);
            try {
                one.over(ov62, radio.plugIn(clock)).write(held, wanted);
                whole = at;
            } catch (LinkException pulled) {
                assertThat(pulled.fault()).isEqualTo(Fault.CABLE);
                assertThat(radio.memory().image()).as("byte %d", at).isEqualTo(held);
            }
        }
        assertThat(whole).isGreaterThan(500);
    }

    /** Numbers go round at 256, and a packet that comes late is passed over by its number. */
    @Test
    void packetsAreCountedAroundAndLateOnesPassedOver() throws LinkException {
        RadioDefinition w40 = model("wrenling-w40");
        SimulatedRadio radio = radio(w40);
        MemoryImage held = radio.memory().image();
        MemoryImage wanted = changed(held, 0, w40.layout().bytes());
        Watcher one = new Watcher(radio);
        one.over(w40, radio.plugIn(clock)).restore(wanted);
        assertThat(3 * w40.layout().bytes() / 64).isGreaterThan(256);
        assertThat(radio.memory().image()).isEqualTo(wanted);
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
            Watcher one = new Watcher(radio);
            radio.setTrouble(new Trouble.PulledWhileWriting(at));
            assertFault(Fault.CABLE, () -> transfer(one).write(before, after));
            assertThat(one.wroteSomething).as("byte %d", at).isTrue();
            radio.setTrouble(new Trouble.None());
            transfer(new Watcher(radio)).restore(before);
            assertThat(radio.memory().image()).as("byte %d", at).isEqualTo(before);
        }
    }

    @Test
    void cancellingStopsBetweenTwoBlocks() {
        int blocks = before.blocksThatDiffer(after, 16).size();
        watch.stopAfter = 2 + blocks / 2;
        assertFault(Fault.CANCELLED, () -> transfer().write(before, after));
        assertThat(watch.wroteSomething).isTrue();
        Watcher early = new Watcher(radio);
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
                watch.over(W12, port).write(before, after);
            }
            assertThat(radio.memory().image()).isEqualTo(after);
            radio.setTrouble(new Trouble.PulledWhileWriting(30));
            try (Port port = new TcpPort(listening.address())) {
                assertFault(
                        Fault.CABLE, () -> new Watcher(radio).over(W12, port).restore(before));
            }
            assertThat(radio.memory().image()).isNotEqualTo(before).isNotEqualTo(after);
        }
        assertThatThrownBy(() -> new TcpPort(new InetSocketAddress(InetAddress.getLoopbackAddress(), 1)))
                .isInstanceOf(IOException.class);
    }
}
