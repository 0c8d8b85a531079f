package reckonrod.sim.face;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.device.RadioMemory;

class RadioFaceTest {
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    private static RadioSlot slot(String name, Optional<Frequency> transmit) {
        return new RadioSlot(
                name,
                Frequency.parse("145.310"),
                transmit,
                NoTone.NONE,
                Tone.parse("DCS 023 N"),
                Emission.FM,
                Power.HIGH,
                true,
                Set.of());
    }

    private final RadioMemory memory = RadioMemory.of(new ImageCodec(W12)
            .encode(
                    SimulatedRadio.fresh(W12, 5),
                    Map.of(
                            0, slot("BOTH", Optional.of(Frequency.parse("144.710"))),
                            149, slot("MARINE", Optional.empty()))));
    private final RadioFace face = new RadioFace(W12, memory, RadioState.Keeper.of(RadioState.off(W12)));

    @BeforeEach
    void switchOn() {
        face.press(RadioFace.Key.POWER);
    }

    @Test
    void slotsGoRoundAtBothEnds() {
        assertThat(face.press(RadioFace.Key.DOWN).slot()).isEqualTo(149);
        assertThat(face.press(RadioFace.Key.UP).slot()).isZero();
        assertThat(face.press(RadioFace.Key.NEXT_IN_USE).slot()).isEqualTo(149);
        assertThat(face.press(RadioFace.Key.NEXT_IN_USE).slot()).isZero();
    }

    @Test
    void aListenOnlySlotDoesNotTalkAndShowsItsListenTone() {
        face.press(RadioFace.Key.DOWN);
        assertThat(face.display().tone()).isEqualTo("DCS 023 N");
        RadioFace.Display held = face.press(RadioFace.Key.TALK_DOWN);
        assertThat(held.talking()).isFalse();
        assertThat(held.frequency()).isEqualTo("145.310");
        assertThat(held.notice()).isEqualTo("RX ONLY");
    }

    @Test
    void turningReleasesTheTalkKeyAndOffKnowsNoKey() {
        assertThat(face.press(RadioFace.Key.TALK_DOWN).talking()).isTrue();
        assertThat(face.press(RadioFace.Key.NEXT_IN_USE).talking()).isFalse();
        assertThat(face.press(RadioFace.Key.POWER)).isEqualTo(face.press(RadioFace.Key.UP));
        assertThat(face.press(RadioFace.Key.TALK_DOWN).on()).isFalse();
        face.press(RadioFace.Key.POWER);
        assertThat(face.display().talking()).isFalse();
    }

    @Test
    void itFollowsTheBytesAndSaysWhenTheyMeanNothing() {
        byte[] bytes = memory.image().toBytes();
        bytes[0x40] = (byte) 0xFF;
        memory.replace(MemoryImage.of(bytes));
        assertThat(face.display().notice()).isEqualTo("CH ERROR");
        bytes[0x0C00] = 0;
        memory.replace(MemoryImage.of(bytes));
        assertThat(face.display().notice()).isEqualTo("EMPTY");
    }
}
