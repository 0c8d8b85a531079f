package reckonrod.core.keying;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.fit.Carrying;
import reckonrod.core.fit.Fitter;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.radio.RadioSlot;

/** Sheets are pressed, key by key, and give the very bytes that the codec gives in what the panel can set. */
class KeySearchTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final List<String> LINES = List.of(
            "145.310- 71.9 SKARRA",
            "146.940- 100.0",
            "146.940- 100.0 low",
            "147.000+ 88.5 listen 88.5",
            "146.520",
            "147.540 low narrow",
            "146.835- D023N",
            "443.975+ D071N listen D071N",
            "442.700+ 103.5 mid",
            "146.400 -0.600 67.0",
            "445.990 +5.000 254.1",
            "145.3125- 71.9",
            "462.5625 low narrow",
            "156.800 listen only",
            "146.010 > 146.610 D754I");

    /** The places of tones and size in the menu of the W12. */
    private static final Set<Integer> RIGHT = Set.of(2, 3, 5);

    private static RadioDefinition radio(String id) {
        return NumberedMachineTest.radio(id);
    }

    private static List<RadioSlot> contents(RadioDefinition radio, String... lines) {
        Carrying packed = new Carrying(new Carrying.Places.Packed(), Map.of(), Map.of());
        return List.copyOf(new Fitter(radio.model(), R2, packed)
                .fit(Lists.of(R2, lines))
                .contents()
                .slots()
                .values());
    }

    private static RadioSlot content(RadioDefinition radio, String line) {
        return contents(radio, line).get(0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"wrenling-w12", "wrenling-w40"})
    void everySheetGivesTheVeryBytes(String id) {
        RadioDefinition radio = radio(id);
        KeySearch search = new KeySearch(radio);
        NumberedMachine machine = search.machine();
        ImageCodec codec = new ImageCodec(radio);
        PanelState state = machine.begin(NumberedMachineTest.empty(radio));
        int slot = 7;
        for (RadioSlot content : contents(radio, LINES.toArray(String[]::new))) {
            KeySheet sheet = search.store(state, slot, content);
            PanelState pressed = state;
            for (KeySheet.Line line : sheet.lines()) {
                for (PanelKey key : line.keys()) {
                    pressed = machine.press(machine.pause(pressed, 5_000), key);
                }
                assertThat(machine.shows(pressed)).isEqualTo(line.shows());
            }
            MemoryImage wanted = codec.put(state.memory(), slot, content.withName(""));
            assertThat(pressed.memory())
                    .as("%s by %s", content.words(), sheet.lines())
                    .isEqualTo(wanted);
            assertThat(sheet.after()).isEqualTo(pressed.idle(sheet.after().idleMillis()));
            assertThat(sheet.cannot().isEmpty()).isEqualTo(content.name().isEmpty());
            state = pressed;
            slot++;
        }
        assertThat(codec.decode(state.memory())).hasSize(LINES.size());
    }

    /** The same channel once more takes fewer keys than from a state that nobody knows, and a slot in use is cleared where it must. */
    @Test
    void whatIsDialledAlreadyIsNotDialledAgain() {
        RadioDefinition radio = radio("wrenling-w12");
        KeySearch search = new KeySearch(radio);
        RadioSlot skarra = content(radio, "145.310- 71.9");
        KeySheet first = search.store(search.machine().begin(NumberedMachineTest.empty(radio)), 8, skarra);
        KeySheet again = search.store(first.after(), 9, skarra);
        assertThat(again.lines()).hasSize(2);
        assertThat(again.presses()).isEqualTo(5);
        KeySheet over = search.store(again.after(), 9, content(radio, "145.310- 74.4"));
        assertThat(over.lines().toString()).contains("SURE");
        KeySheet cleared = search.clear(over.after(), 9);
        assertThat(new ImageCodec(radio).decode(cleared.after().memory(), 9)).isEmpty();
        assertThat(search.clear(cleared.after(), 9).cannot().toString()).contains("empty already");
        assertThat(first.seconds()).isBetween(first.presses() / 2, 3 * first.presses());
    }

    /** A slot that was thought free and is not: the same keys are refused, and what to press then ends with the very bytes. */
    @Test
    void aSlotThatIsInUseAfterAllIsClearedAndStoredOnceMore() {
        RadioDefinition radio = radio("wrenling-w12");
        KeySearch search = new KeySearch(radio);
        NumberedMachine machine = search.machine();
        ImageCodec codec = new ImageCodec(radio);
        RadioSlot skarra = content(radio, "145.310- 71.9");
        PanelState thought = machine.begin();
        KeySheet sheet = search.store(thought, 8, skarra);
        KeySheet then = search.whenRefused(thought, sheet, 8, skarra);
        PanelState real = machine.begin(codec.put(thought.memory(), 8, content(radio, "147.000+ 88.5 OTHER")));
        real = pressed(machine, real, sheet);
        assertThat(machine.shows(real)).contains("FILLED");
        real = pressed(machine, real, then);
        assertThat(real.memory()).isEqualTo(codec.put(codec.clear(real.memory(), 8), 8, skarra.withName("")));
        assertThat(machine.shows(real)).contains("KEPT");
        assertThat(new KeySearch(radio("wrenling-w40"))
                        .whenRefused(thought, sheet, 8, skarra)
                        .lines())
                .isEmpty();
    }

    private static PanelState pressed(NumberedMachine machine, PanelState from, KeySheet sheet) {
        PanelState state = from;
        for (KeySheet.Line line : sheet.lines()) {
            for (PanelKey key : line.keys()) {
                state = machine.press(state, key);
            }
        }
        return state;
    }

    /** What no key can set is said; nothing that is half right is offered. */
    @ParameterizedTest
    @CsvSource({"145.350 > 433.475, does not go into 6 digits", "145.31025 simplex, cannot be typed"})
    void whatThePanelCannotDoIsSaid(String line, String why) {
        RadioDefinition radio = radio("wrenling-w12");
        KeySearch search = new KeySearch(radio);
        RadioSlot content = Reckoner.reckon(line, R2)
                .channel()
                .map(each -> new RadioSlot(
                        "",
                        each.receive(),
                        each.transmit(),
                        each.talkTone(),
                        each.listenTone(),
                        each.emission(),
                        each.power(),
                        true,
                        Set.of()))
                .orElseThrow();
        KeySheet sheet = search.store(search.machine().begin(NumberedMachineTest.empty(radio)), 8, content);
        assertThat(sheet.lines()).isEmpty();
        assertThat(sheet.cannot().toString()).contains(why);
    }

    /** A definition of one's own may lack an item, or a value: the sheet is held against the codec, and what is wrong is not given out. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "- { number: 21, label: FORCE, sets: power, values: [low, high], shown: [SOFT, FULL] };'';"
                        + "by keys the slot would hold 145.310, talk 144.710, talk tone CTCSS 71.9, FM high",
                "values: [low, high], shown: [SOFT, FULL];values: [high], shown: [FULL];21 FORCE has no value for that",
                "- { number: 46, label: ROUND, sets: scan, values: [\"yes\", \"no\"], shown: [STOPS, PASSES] };'';''"
            })
    void whatAPanelLacksIsNotKeyedInWrong(String part, String instead, String why) throws IOException {
        String yaml;
        try (InputStream file = KeySearch.class.getResourceAsStream("/reckonrod/core/definition/wrenling-w12.yaml")) {
            yaml = new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
        assertThat(yaml).contains(part);
        RadioDefinition radio = RadioDefinitions.read("own.yaml", yaml.replace(part, instead));
        KeySearch search = new KeySearch(radio);
        RadioSlot low = content(radio, "145.310- 71.9 low");
        KeySheet sheet = search.store(search.machine().begin(), 8, low);
        assertThat(sheet.lines().isEmpty()).isEqualTo(!why.isEmpty());
        assertThat(sheet.cannot().toString()).contains(why);
    }

    /** No way that tries every key in the menu is shorter. */
    @Test
    void noOtherWayIsShorter() {
        RadioDefinition radio = radio("wrenling-w12");
        KeySearch search = new KeySearch(radio);
        NumberedMachine machine = search.machine();
        RadioSlot skarra = content(radio, "145.310- 71.9");
        PanelState from = search.store(machine.begin(NumberedMachineTest.empty(radio)), 8, skarra)
                .after();
        assertThat(search.clear(from, 8).presses()).isEqualTo(shortest(machine, from, radio, 8, Optional.empty()));
        RadioSlot other = content(radio, "145.310- 71.9 low");
        assertThat(search.store(from, 9, other).presses())
                .isEqualTo(shortest(machine, from, radio, 9, Optional.of(other)));
    }

    /** Breadth first over all keys but digits outside the menu, and what is right already is not opened. */
    private static int shortest(
            NumberedMachine machine, PanelState from, RadioDefinition radio, int slot, Optional<RadioSlot> wanted) {
        ImageCodec codec = new ImageCodec(radio);
        Queue<PanelState> open = new ArrayDeque<>(List.of(from));
        Map<List<Object>, Integer> known = new HashMap<>();
        known.put(key(from), 0);
        while (!open.isEmpty()) {
            PanelState state = open.poll();
            int keys = known.get(key(state));
            for (PanelKey key : PanelKey.values()) {
                boolean isRight =
                        state.inMenu() && !state.open() && key == PanelKey.TAKE && RIGHT.contains(state.item());
                if (isRight || !state.inMenu() && (key.isDigit() || key == PanelKey.MODE)) {
                    continue;
                }
                PanelState next = machine.press(state, key);
                if (!next.memory().equals(from.memory())) {
                    if (codec.decode(next.memory(), slot)
                                    .flatMap(each -> each.content())
                                    .equals(wanted)
                            && codec.decode(next.memory()).size() == (wanted.isPresent() ? 2 : 0)) {
                        return keys + 1;
                    }
                } else if (known.putIfAbsent(key(next), keys + 1) == null) {
                    open.add(next);
                }
            }
        }
        throw new AssertionError("no way");
    }

    private static List<Object> key(PanelState state) {
        return List.of(state.values(), state.typed(), state.item(), state.open(), state.draft());
    }
}
