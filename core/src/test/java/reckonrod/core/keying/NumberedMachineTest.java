package reckonrod.core.keying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.radio.RadioSlot;

/** Each trap of a panel with a numbered menu, key by key. */
class NumberedMachineTest {
    private static final Map<Character, PanelKey> KEYS = Map.of(
            'M', PanelKey.MENU,
            'T', PanelKey.TAKE,
            'B', PanelKey.BACK,
            'U', PanelKey.UP,
            'D', PanelKey.DOWN,
            'S', PanelKey.MODE);

    private final RadioDefinition w12 = radio("wrenling-w12");
    private final PanelMachine machine = PanelMachine.of(w12);
    private final ImageCodec codec = new ImageCodec(w12);
    private final PanelState fresh = machine.unpacked(empty(w12));

    static RadioDefinition radio(String id) {
        return RadioDefinitions.shipped().find(id).orElseThrow();
    }

    /** A memory in which no slot is in use. */
    static MemoryImage empty(RadioDefinition radio) {
        return new ImageCodec(radio)
                .encode(MemoryImage.of(new byte[radio.layout().bytes()]), Map.of());
    }

    /** Keys as letters: digits as they are, M menu, T take, B back, U up, D down, S slots; a dot is a pause of six seconds. */
    private static PanelState pressed(PanelMachine machine, PanelState from, String keys) {
        PanelState state = from;
        for (char each : keys.replace(" ", "").toCharArray()) {
            state = each == '.'
                    ? machine.pause(state, 6_000)
                    : machine.press(
                            state, KEYS.getOrDefault(each, Character.isDigit(each) ? PanelKey.digit(each) : null));
        }
        return state;
    }

    private PanelState pressed(String keys) {
        return pressed(machine, fresh, keys);
    }

    private String held(PanelState state, int slot) {
        return codec.decode(state.memory(), slot)
                .flatMap(reading -> reading.content())
                .map(RadioSlot::words)
                .orElse("nothing");
    }

    @Test
    void aChannelIsStoredAsItWasDialled() {
        PanelState stored = pressed("145310 M41T 2T 42T 006000T 31T 009T 21T 1T 51T 008T");
        assertThat(held(stored, 8)).isEqualTo("145.310, talk 144.710, talk tone CTCSS 88.5, FM high");
        assertThat(machine.shows(stored)).containsExactly("51 PUT IN", "", "KEPT");
    }

    /** What goes wrong by hand goes wrong here in the same way. */
    @ParameterizedTest
    @CsvSource(textBlock = """
            145310 M51T . . 001T,                        '',        the menu closes after a pause
            145310 M31T 008 . . M51T 001T,                145.310-,  what was begun in the menu is lost with it
            145310 M31T 008T B 145350 M51T 001T,            145.350-,  another frequency forgets the tone
            145310 M42T 6T 41T 2T 51T 001T,              '',        a size without its zeros is 60 MHz and talks where it cannot
            145310 M42T 006T 41T 2T 51T 001T,            145.310 talk 144.710, zeros behind fill up by themselves
            145310 M31T 008B 51T 001T,                    145.310-,  back keeps nothing
            1453 . . 10 M51T 001T,                       136.000-,  half a frequency is forgotten
            145310 M51T 1T,                              '',        a slot takes all its digits
            145310 M51T 150T,                            '',        there is no such slot
            145310 M31T 999T 51T 001T,                   145.310-,  there is no such tone
            199310 M51T 001T,                            136.000-,  it does not dial there and keeps what was dialled
            145312 M51T 001T,                            145.3125-, the steps of the radio add the rest
            """)
    void trapsOfTheMenu(String keys, String expected, String why) {
        PanelState state = pressed(keys);
        String held = held(state, 1);
        if (expected.isEmpty()) {
            assertThat(held).as(why).isEqualTo("nothing");
            assertThat(state.memory()).as(why).isEqualTo(fresh.memory());
        } else if (expected.endsWith("-")) {
            assertThat(held).as(why).startsWith(expected.replace("-", "") + ", talk the same, FM low");
        } else {
            assertThat(held).as(why).startsWith(expected.replace(" talk", ", talk"));
        }
    }

    @Test
    void aSlotInUseMustBeClearedFirst() {
        PanelState one = pressed("145310 M51T 001T");
        PanelState refused = pressed(machine, one, "B 145350 M51T 001T");
        assertThat(machine.shows(refused)).contains("FILLED");
        assertThat(refused.memory()).isEqualTo(one.memory());
        PanelState asked = pressed(machine, refused, "B 52T 001T");
        assertThat(machine.shows(asked)).contains("SURE");
        assertThat(held(pressed(machine, asked, "B"), 1)).as("back leaves it").startsWith("145.310");
        assertThat(held(pressed(machine, asked, ". ."), 1))
                .as("a pause leaves it")
                .startsWith("145.310");
        PanelState cleared = pressed(machine, asked, "T");
        assertThat(held(cleared, 1)).isEqualTo("nothing");
        assertThat(held(pressed(machine, cleared, "51T 001T"), 1)).startsWith("145.350");
        assertThat(machine.shows(pressed(machine, cleared, "52T 001T"))).contains("VOID");
    }

    /** On slots, digits call a slot; nothing is dialled there and nothing is set. */
    @Test
    void onSlotsDigitsCallASlot() {
        assertThat(machine.shows(pressed("S"))).contains("VOID");
        PanelState two = pressed("145310 M51T 001T B 145350 M51T 017T B S");
        assertThat(machine.shows(two)).startsWith("CH 001", "145.310");
        PanelState called = pressed(machine, two, "017");
        assertThat(machine.shows(called)).startsWith("CH 017", "145.350");
        assertThat(pressed(machine, called, "145").onSlot()).isEqualTo(OptionalInt.of(17));
        assertThat(machine.shows(pressed(machine, called, "145"))).contains("VOID");
        assertThat(machine.shows(pressed(machine, called, "M31T"))).contains("NOT IN M");
        assertThat(pressed(machine, called, "U").onSlot()).as("round").isEqualTo(OptionalInt.of(1));
        assertThat(pressed(machine, called, "M52T 017TT").onSlot()).isEqualTo(OptionalInt.empty());
    }

    /** The other radio of this kind has words and habits of its own: it stores over, and keeps the tone with the frequency. */
    @Test
    void anotherRadioHasOtherHabits() {
        RadioDefinition w40 = radio("wrenling-w40");
        PanelMachine other = PanelMachine.of(w40);
        PanelState begun = other.unpacked(empty(w40));
        PanelState stored = pressed(other, begun, "145310 M13T 009T 25T 001T B 145350 M25T 001T");
        assertThat(new ImageCodec(w40)
                        .decode(stored.memory(), 1)
                        .orElseThrow()
                        .content()
                        .orElseThrow()
                        .words())
                .isEqualTo("145.350, talk the same, talk tone CTCSS 88.5, FM low");
        assertThat(other.shows(stored)).containsExactly("25 Store", "", "Kept");
    }

    static Stream<RadioDefinition> radios() {
        return RadioDefinitions.shipped().all().stream();
    }

    /** Whatever is pressed on whatever it holds, one slot changes at most, but for what changes all by its nature. */
    @ParameterizedTest
    @MethodSource("radios")
    void anyKeysInAnyOrderDoNoHarm(RadioDefinition radio) {
        PanelMachine keyed = PanelMachine.of(radio);
        ImageCodec read = ImageCodec.inside(radio);
        List<PanelKey> keys = List.of(PanelKey.values());
        Random random = new Random(7);
        byte[] noise = new byte[radio.keyedLayout().bytes()];
        random.nextBytes(noise);
        PanelState state = keyed.begin(MemoryImage.of(noise));
        // Among them now and then what would store, were it not begun wherever one is.
        Deque<PanelKey> storing = new ArrayDeque<>();
        RadioSlot content = KeySheetsTest.content(radio, "145.310- 71.9");
        int changes = 0;
        Map<Integer, ?> was = read.decode(state.memory());
        for (int i = 0; i < 900 || changes == 0 && i < 2_000; i++) {
            PanelState before = state;
            if (storing.isEmpty() && random.nextInt(40) == 0) {
                storing.addAll(List.of(PanelKey.BACK, PanelKey.BACK));
                new KeySheets(radio)
                        .store(keyed.begin(), 8 + random.nextInt(3), content)
                        .lines()
                        .forEach(line -> storing.addAll(line.keys()));
            }
            state = random.nextInt(300) == 0
                    ? keyed.pause(state, random.nextInt(20_000))
                    : keyed.press(state, storing.isEmpty() ? keys.get(random.nextInt(keys.size())) : storing.remove());
            assertThat(keyed.shows(state)).isNotEmpty();
            if (!state.memory().equals(before.memory())) {
                changes++;
                PanelPart part = keyed.item(before.item()).part();
                Map<Integer, ?> is = read.decode(state.memory());
                long others = was.entrySet().stream()
                        .filter(each -> !each.getValue().equals(is.get(each.getKey())))
                        .count();
                was = is;
                assertThat(others)
                        .as("slots that became others by %s", part)
                        .isLessThanOrEqualTo(
                                part == PanelPart.RESET || part == PanelPart.SIZE
                                        ? Integer.MAX_VALUE
                                        : part == PanelPart.SETTING ? 0 : 1);
            }
        }
        assertThat(changes).isPositive();
    }

    @Test
    void aRadioWithoutKnownKeysIsRefused() throws IOException {
        String yaml;
        try (InputStream file = getClass().getResourceAsStream("/reckonrod/core/definition/dunnet-d7.yaml")) {
            yaml = new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
        RadioDefinition keyless = RadioDefinitions.read(
                "own.yaml", yaml.substring(0, yaml.indexOf("\npanel:")) + yaml.substring(yaml.indexOf("\nface:")));
        assertThatThrownBy(() -> PanelMachine.of(keyless))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("Dunnet D7");
    }
}
