package reckonrod.sim.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.panel.FaceKey;
import reckonrod.core.panel.FacePart;
import reckonrod.core.panel.FaceRow;
import reckonrod.core.radio.Contents;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.device.RadioMemory;

/** What each simulated radio shows is what its bytes say, in its own way. */
class RadioFaceTest {
    private static RadioSlot slot(String name, String receive, String transmit) {
        return new RadioSlot(
                name,
                Frequency.parse(receive),
                Optional.of(transmit).filter(text -> !text.isEmpty()).map(Frequency::parse),
                NoTone.NONE,
                NoTone.NONE,
                Emission.FM,
                Power.HIGH,
                true,
                Set.of());
    }

    private static RadioSlot toned(RadioSlot slot, String talk, String listen) {
        return new RadioSlot(
                slot.name(),
                slot.receive(),
                slot.transmit(),
                Tone.parse(talk),
                Tone.parse(listen),
                slot.emission(),
                slot.power(),
                slot.scan(),
                slot.banks());
    }

    /** A radio of that model that holds this, and is switched on. */
    private static final class Radio {
        private final RadioMemory memory;
        private final RadioFace face;

        Radio(String model, Contents contents) {
            this(RadioDefinitions.shipped().find(model).orElseThrow(), contents);
        }

        Radio(RadioDefinition definition, Contents contents) {
            memory = RadioMemory.of(new ImageCodec(definition).encode(SimulatedRadio.fresh(definition, 5), contents));
            face = new RadioFace(definition, memory, RadioState.Keeper.of(RadioState.off(definition)));
            press(RadioFace.Key.POWER);
        }

        Radio(String model, Map<Integer, RadioSlot> slots) {
            this(model, Contents.of(slots));
        }

        Display press(RadioFace.Key... keys) {
            Stream.of(keys).forEach(face::press);
            return face.display();
        }

        String shows(FacePart part, RadioFace.Key... keys) {
            return press(keys).text(part);
        }

        /** All that the line in use shows, row by row. */
        List<String> rows(RadioFace.Key... keys) {
            return press(keys).lines().stream()
                    .filter(Display.DisplayLine::active)
                    .flatMap(line -> line.rows().stream())
                    .map(row -> String.join(
                            " ",
                            row.parts().stream().map(Display.DisplayPart::text).toList()))
                    .toList();
        }
    }

    private static final RadioSlot BOTH = toned(slot("BOTH", "145.310", "144.710"), "CTCSS 71.9", "DCS 023 N");
    private static final RadioSlot MARINE = slot("MARINE", "156.800", "");

    @Test
    void slotsGoRoundAtBothEndsAndListenOnlyDoesNotTalk() {
        Radio w12 = new Radio("wrenling-w12", Map.of(0, BOTH, 149, MARINE));
        assertThat(w12.shows(FacePart.SLOT, RadioFace.Key.DOWN)).isEqualTo("149");
        assertThat(w12.shows(FacePart.TONE, RadioFace.Key.TALK_DOWN)).isEqualTo("RX ONLY");
        assertThat(w12.press().talking()).isFalse();
        assertThat(w12.shows(FacePart.SLOT, RadioFace.Key.UP)).isEqualTo("000");
        assertThat(w12.shows(FacePart.SLOT, RadioFace.Key.NEXT_IN_USE)).isEqualTo("149");
        assertThat(w12.rows(RadioFace.Key.NEXT_IN_USE)).containsExactly("000 RX", "145.310", "BOTH DCS 023 N");
        assertThat(w12.rows(RadioFace.Key.TALK_DOWN)).containsExactly("000 TX", "144.710", "BOTH CTCSS 71.9");
    }

    @Test
    void turningReleasesTheTalkKeyAndOffKnowsNoKey() {
        Radio w12 = new Radio("wrenling-w12", Map.of(0, BOTH, 149, BOTH));
        assertThat(w12.press(RadioFace.Key.TALK_DOWN).talking()).isTrue();
        assertThat(w12.press(RadioFace.Key.NEXT_IN_USE).talking()).isFalse();
        assertThat(w12.press(RadioFace.Key.POWER))
                .isEqualTo(w12.press(RadioFace.Key.UP, RadioFace.Key.SCAN, RadioFace.Key.TALK_DOWN));
        assertThat(w12.press(RadioFace.Key.POWER).talking()).isFalse();
        assertThat(w12.shows(FacePart.SLOT)).isEqualTo("149");
        assertThatThrownBy(() -> w12.press(RadioFace.Key.LINE)).hasMessageContaining("no key for line");
    }

    @Test
    void itFollowsTheBytesAndSaysWhenTheyMeanNothing() {
        Radio w12 = new Radio("wrenling-w12", Map.of(0, BOTH));
        byte[] bytes = w12.memory.image().toBytes();
        bytes[0x40] = (byte) 0xFF;
        w12.memory.replace(MemoryImage.of(bytes));
        assertThat(w12.rows()).containsExactly("000 ", "", " CH ERROR");
        bytes[0x0C00] = 0;
        w12.memory.replace(MemoryImage.of(bytes));
        assertThat(w12.rows()).containsExactly("000 ", "", " EMPTY");
    }

    /** Bytes that somebody else wrote can ask for more than the radio can do. */
    @Test
    void itDoesNotTalkWhereItsHardwareCannot() {
        Radio ov62 = new Radio("orvane-ov62", Map.of(0, slot("Talks", "145.310", "145.310")));
        byte[] bytes = ov62.memory.image().toBytes();
        // 145.310 MHz is 14 53 10 00 in tens of hertz, least first; 162.000 is receive only.
        bytes[0x0203] = 0x16;
        bytes[0x0202] = 0x20;
        bytes[0x0201] = 0x00;
        ov62.memory.replace(MemoryImage.of(bytes));
        assertThat(ov62.rows(RadioFace.Key.TALK_DOWN)).containsExactly("000 Talks r", "162.000  off limits");
        assertThat(ov62.press().talking()).isFalse();
    }

    @Test
    void oneLineOfSixCharactersGoesFromPartToPart() {
        Radio k31 = new Radio("kestrow-k31", Map.of(1, toned(BOTH, "CTCSS 100.0", "none")));
        assertThat(k31.rows()).containsExactly("BOTH");
        assertThat(k31.rows(RadioFace.Key.DISPLAY)).containsExactly("145310");
        assertThat(k31.rows(RadioFace.Key.TALK_DOWN)).containsExactly("144710");
        assertThat(k31.rows(RadioFace.Key.DISPLAY)).containsExactly("-");
        assertThat(k31.rows(RadioFace.Key.DISPLAY)).containsExactly("T100.0");
        assertThat(k31.rows(RadioFace.Key.DISPLAY)).containsExactly("ALL");
        assertThat(k31.rows(RadioFace.Key.DISPLAY)).containsExactly("001");
        assertThat(k31.rows(RadioFace.Key.UP)).containsExactly("------");
    }

    @Test
    void amThatNoSlotKeepsNeedsItsSwitch() {
        Radio w40 = new Radio("wrenling-w40", Map.of(1, slot("Air", "121.500", ""), 2, BOTH));
        assertThat(w40.shows(FacePart.EMISSION)).isEqualTo("FM");
        assertThat(w40.shows(FacePart.EMISSION, RadioFace.Key.AM)).isEqualTo("AM");
        assertThat(w40.shows(FacePart.EMISSION, RadioFace.Key.UP)).isEqualTo("FM");
        assertThat(w40.rows()).containsExactly("BOTH 002", "145.310 <", "FM 5W D023 N");
    }

    @Test
    void thePageHasAHomeKeyAndTheEmissionOfTheSlot() {
        RadioSlot air = new RadioSlot(
                "Tower",
                Frequency.parse("118.700"),
                Optional.empty(),
                NoTone.NONE,
                NoTone.NONE,
                Emission.AM,
                Power.HIGH,
                false,
                Set.of(2));
        Radio km90 = new Radio("kestrow-km90", Map.of(0, BOTH, 7, air));
        assertThat(km90.rows(RadioFace.Key.NEXT_IN_USE))
                .containsExactly("007 every slot hear", "Tower", "118.700 ", "AM  ");
        assertThat(km90.rows(RadioFace.Key.HOME))
                .containsExactly("000 every slot hear", "BOTH", "145.310 down", "FM 50 W code023 N");
        assertThat(km90.shows(FacePart.BANK, RadioFace.Key.BANK)).isEqualTo("list 2");
        assertThat(km90.shows(FacePart.SLOT)).isEqualTo("007");
        assertThat(km90.shows(FacePart.BANK, RadioFace.Key.BANK)).isEqualTo("every slot");
    }

    @Test
    void twoLinesAreTurnedAndTalkEachForItself() {
        Radio ov62 = new Radio("orvane-ov62", Map.of(3, BOTH, 9, slot("Other", "433.500", "433.500")));
        ov62.press(RadioFace.Key.NEXT_IN_USE, RadioFace.Key.LINE, RadioFace.Key.NEXT_IN_USE, RadioFace.Key.NEXT_IN_USE);
        Display both = ov62.press(RadioFace.Key.TALK_DOWN);
        assertThat(both.lines()).extracting(Display.DisplayLine::slot).containsExactly(3, 9);
        assertThat(ov62.rows()).containsExactly("009 Other T", "433.500  *");
        assertThat(ov62.rows(RadioFace.Key.LINE)).containsExactly("003 BOTH r", "145.310 - *");
    }

    @Test
    void zonesAreWalkedInTheirOwnOrderAndAToneCanKeepTheSpeakerShut() {
        RadioSlot quiet = toned(slot("Quiet", "147.510", "147.510"), "none", "reversed CTCSS 71.9");
        Radio d7 = new Radio(
                "dunnet-d7",
                new Contents(
                        new TreeMap<>(Map.of(
                                1, BOTH.scanned(true, Set.of(3)),
                                2, quiet.scanned(false, Set.of(3)),
                                8, MARINE_2.scanned(true, Set.of(3, 4)))),
                        new TreeMap<>(Map.of(3, List.of(8, 1, 2), 4, List.of(8))),
                        List.of()));
        assertThat(d7.shows(FacePart.BANK)).isEqualTo("All");
        assertThat(d7.shows(FacePart.BANK, RadioFace.Key.BANK)).isEqualTo("Zone 3");
        assertThat(d7.shows(FacePart.SLOT)).isEqualTo("001");
        assertThat(d7.shows(FacePart.SLOT, RadioFace.Key.UP)).isEqualTo("002");
        assertThat(d7.shows(FacePart.TONE)).isEqualTo("not ~71.9");
        assertThat(d7.shows(FacePart.SLOT, RadioFace.Key.UP)).isEqualTo("008");
        assertThat(d7.shows(FacePart.SLOT, RadioFace.Key.DOWN, RadioFace.Key.DOWN))
                .isEqualTo("001");
        // The scan leaves out what is not flagged, and stays in the zone.
        assertThat(d7.press(RadioFace.Key.SCAN).scanning()).isTrue();
        assertThat(d7.shows(FacePart.SLOT)).isEqualTo("008");
        assertThat(d7.shows(FacePart.STATE, RadioFace.Key.MOMENT)).isEqualTo("seek");
        assertThat(d7.shows(FacePart.SLOT)).isEqualTo("001");
        assertThat(d7.press(RadioFace.Key.TALK_DOWN).scanning()).isFalse();
        assertThat(d7.shows(FacePart.BANK, RadioFace.Key.BANK)).isEqualTo("Zone 4");
        assertThat(d7.shows(FacePart.BANK, RadioFace.Key.BANK)).isEqualTo("All");
    }

    private static final RadioSlot MARINE_2 = slot("Call", "146.520", "");

    @Test
    void aScanWithNothingToStopAtSaysSo() {
        Radio w12 = new Radio("wrenling-w12", Map.of(4, BOTH.scanned(false, Set.of())));
        Display shown = w12.face.press(RadioFace.Key.SCAN);
        assertThat(shown.scanning()).isFalse();
        assertThat(shown.text(FacePart.TONE)).isEqualTo("NO SCAN");
        assertThat(w12.shows(FacePart.SLOT, RadioFace.Key.MOMENT)).isEqualTo("000");
    }

    @Test
    void theInputIsHeardWhileItsKeyIsHeld() {
        Radio d7 = new Radio("dunnet-d7", Map.of(1, BOTH, 2, MARINE_2));
        assertThat(d7.shows(FacePart.FREQUENCY, RadioFace.Key.INPUT_DOWN)).isEqualTo("144.710");
        assertThat(d7.shows(FacePart.STATE)).isEqualTo("other side");
        assertThat(d7.press().talking()).isFalse();
        assertThat(d7.shows(FacePart.FREQUENCY, RadioFace.Key.INPUT_UP)).isEqualTo("145.310");
        assertThat(d7.shows(FacePart.FREQUENCY, RadioFace.Key.UP, RadioFace.Key.INPUT_DOWN))
                .isEqualTo("146.520");
    }

    static Stream<RadioDefinition> withMemory() {
        return RadioDefinitions.shipped().all().stream()
                .filter(each -> each.memory().isPresent());
    }

    /** A tone or a frequency that is cut off is another one. */
    @ParameterizedTest
    @MethodSource("withRows")
    void theLongestThereIsIsShownWhole(RadioDefinition definition) {
        String name = "W".repeat(definition.limits().name().longest());
        String frequency = definition.id().equals("dunnet-d7") ? "147.51375" : "147.50625";
        int first = definition.limits().slots().first();
        boolean tones =
                definition.face().rows().stream().anyMatch(row -> row.shows().contains(FacePart.TONE));
        for (String tone : List.of("CTCSS 254.1", "DCS 754 N")) {
            RadioSlot slot = new RadioSlot(
                    name,
                    Frequency.parse(frequency),
                    Optional.of(Frequency.parse(frequency)),
                    Tone.parse(tone),
                    Tone.parse(tone),
                    Emission.NFM,
                    Power.LOW,
                    true,
                    Set.of());
            Radio radio = new Radio(definition, Contents.of(Map.of(first, slot)));
            for (RadioFace.Key key : List.of(RadioFace.Key.TALK_UP, RadioFace.Key.TALK_DOWN)) {
                assertThat(radio.shows(FacePart.NAME, key)).isEqualTo(name);
                assertThat(radio.shows(FacePart.FREQUENCY)).isEqualTo(frequency);
                assertThat(radio.shows(FacePart.TONE)).endsWith(tones ? tone.substring(tone.length() - 5) : "");
            }
        }
    }

    /** The shipped ones, and one of a person's own that says nothing of its display. */
    static Stream<RadioDefinition> withRows() {
        String own = RadioDefinitions.shippedText("wrenling-w12");
        return Stream.concat(
                        withMemory(),
                        Stream.of(RadioDefinitions.read("own.yaml", own.substring(0, own.indexOf("\nface:")))))
                .filter(each -> each.face().rows().stream().noneMatch(FaceRow::one));
    }

    /** Whatever lies in a memory and whatever is pressed: it shows something, and nowhere more than there is room for. */
    @ParameterizedTest
    @MethodSource("withMemory")
    void anyBytesAndAnyKeysAreShown(RadioDefinition definition) {
        Random random = new Random(13);
        List<RadioFace.Key> keys = Stream.of(RadioFace.Key.values())
                .filter(key -> !Set.of("LINE", "AM", "HOME", "BANK", "DISPLAY", "SCAN")
                                        .contains(key.name())
                                && !key.name().startsWith("INPUT")
                        || definition.face().has(FaceKey.valueOf(key.name().replaceAll("_.*", ""))))
                .toList();
        for (int round = 0; round < 12; round++) {
            byte[] bytes = new byte[definition.layout().bytes()];
            random.nextBytes(bytes);
            RadioFace face = new RadioFace(
                    definition,
                    RadioMemory.of(MemoryImage.of(bytes)),
                    RadioState.Keeper.of(RadioState.off(definition)));
            face.press(RadioFace.Key.POWER);
            for (int i = 0; i < 40; i++) {
                Display shown = face.press(keys.get(random.nextInt(keys.size())));
                shown.lines().stream()
                        .flatMap(line -> line.rows().stream())
                        .forEach(row -> assertThat(String.join(
                                        " ",
                                        row.parts().stream()
                                                .map(Display.DisplayPart::text)
                                                .filter(text -> !text.isEmpty())
                                                .toList()))
                                .hasSizeLessThanOrEqualTo(row.characters()));
            }
        }
    }
}
