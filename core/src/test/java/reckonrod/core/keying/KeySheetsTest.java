package reckonrod.core.keying;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
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
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.RadioSlot;

/** Sheets are pressed, key by key, and give the very bytes that the codec gives in what the panel can set. */
class KeySheetsTest {
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

    static RadioSlot content(RadioDefinition radio, String line) {
        return contents(radio, line).get(0);
    }

    static Stream<RadioDefinition> radios() {
        return RadioDefinitions.shipped().all().stream()
                .filter(each -> each.panel().isPresent());
    }

    @Test
    void everyShippedRadioHasItsKeys() {
        assertThat(radios()).hasSize(RadioDefinitions.shipped().all().size());
    }

    /** One after the other into a radio of noise, with nearly the longest pause before each key, in slots that are free and in use. */
    @ParameterizedTest
    @MethodSource("radios")
    void everySheetGivesTheVeryBytes(RadioDefinition radio) {
        KeySheets sheets = new KeySheets(radio);
        PanelMachine machine = sheets.machine();
        ImageCodec codec = ImageCodec.inside(radio);
        int pause = shortest(machine) - 1;
        boolean letters = machine.at(PanelPart.NAME).isPresent();
        PanelState state = machine.begin();
        int slot = 7;
        int keyed = 0;
        for (RadioSlot content : contents(radio, LINES.toArray(String[]::new))) {
            KeySheet sheet = sheets.store(machine.begin(state.memory()), slot, content);
            if (sheet.lines().isEmpty()) {
                assertThat(sheet.cannot()).as(content.words()).isNotEmpty();
                continue;
            }
            PanelState pressed = machine.begin(state.memory());
            for (KeySheet.Line line : sheet.lines()) {
                for (PanelKey key : line.keys()) {
                    pressed = machine.press(machine.pause(pressed, pause), key);
                }
                assertThat(machine.shows(pressed)).isEqualTo(line.shows());
            }
            MemoryImage wanted = codec.put(state.memory(), slot, letters ? content : content.withName(""));
            assertThat(codec.decode(pressed.memory(), slot).flatMap(each -> each.content()))
                    .as("%s by %s", content.words(), sheet.lines())
                    .isEqualTo(codec.decode(wanted, slot).flatMap(each -> each.content()));
            assertThat(pressed.memory()).as(content.words()).isEqualTo(wanted);
            assertThat(sheet.cannot().toString().contains("The name " + content.name()))
                    .isEqualTo(!letters && !content.name().isEmpty());
            state = pressed;
            slot += keyed++ % 3 == 2 ? 0 : 1;
        }
        assertThat(keyed)
                .isGreaterThanOrEqualTo(
                        contents(radio, LINES.toArray(String[]::new)).size() - 1);
    }

    /** A sheet is made for a radio of which nothing is known, so it must hold whatever that one was dialled to before. */
    @ParameterizedTest
    @MethodSource("radios")
    void aSheetHoldsWhateverWasDialledBefore(RadioDefinition radio) {
        KeySheets sheets = new KeySheets(radio);
        PanelMachine machine = sheets.machine();
        List<RadioSlot> contents = contents(radio, LINES.toArray(String[]::new));
        Random random = new Random(11);
        for (RadioSlot content : contents) {
            KeySheet sheet = sheets.store(machine.begin(), 8, content);
            for (int round = 0; round < 12 && !sheet.lines().isEmpty(); round++) {
                PanelState real = dialledSomehow(machine, random);
                assertThat(machine.content(pressed(machine, real, sheet), 8))
                        .as("%s by %s from %s", content.words(), sheet.lines(), real.values())
                        .isEqualTo(machine.content(sheet.after(), 8));
            }
        }
    }

    /** Every item at some value of its own, as the keys could have left it. */
    private static PanelState dialledSomehow(PanelMachine machine, Random random) {
        PanelState fresh = machine.unpacked();
        List<Integer> values = new ArrayList<>();
        for (PanelItem item : machine.panel().items()) {
            int count = item.part().isListed() ? machine.count(item) : 1;
            values.add(random.nextInt(count));
        }
        return fresh.withValues(values).named("ABC");
    }

    private static int shortest(PanelMachine machine) {
        Panel.Timing timing = machine.panel().timing();
        return timing.functionMillis() > 0
                ? Math.min(timing.functionMillis(), timing.pauseMillis())
                : timing.pauseMillis();
    }

    /** Names, banks, the scan, a tone: by the fewest keys, each held against the codec; and nothing else becomes other. */
    @ParameterizedTest
    @MethodSource("radios")
    void oneThingIsChangedWithoutTheRest(RadioDefinition radio) {
        KeySheets sheets = new KeySheets(radio);
        PanelMachine machine = sheets.machine();
        boolean letters = machine.at(PanelPart.NAME).isPresent();
        RadioSlot skarra = content(radio, "145.310- 71.9 SKAR");
        RadioSlot named = letters ? skarra : skarra.withName("");
        RadioSlot before = radio.limits().scan().skips() ? named : named.scanned(false, named.banks());
        PanelState from =
                machine.begin(sheets.store(machine.begin(), 8, before).after().memory());
        int anew = sheets.store(from, 8, before.withName("")).presses();
        List<RadioSlot> wishes = new ArrayList<>(List.of(
                content(radio, "145.310- 74.4").withName(before.name()).scanned(before.scan(), before.banks())));
        if (letters) {
            wishes.add(before.withName("SKA"));
        }
        if (radio.limits().scan().skips()) {
            wishes.add(before.scanned(false, before.banks()));
        }
        if (radio.limits().banks() > 0) {
            wishes.add(before.scanned(before.scan(), Set.of(3)));
        }
        for (RadioSlot wish : wishes) {
            KeySheet sheet = sheets.change(from, 8, wish);
            PanelState after = pressed(machine, from, sheet);
            assertThat(machine.content(after, 8))
                    .as("%s by %s", wish.words(), sheet)
                    .contains(wish);
            assertThat(sheet.presses())
                    .as("%s by %s", wish.words(), sheet.lines())
                    .isLessThan(anew);
            KeySheet back = sheets.change(machine.begin(after.memory()), 8, before);
            assertThat(machine.content(pressed(machine, machine.begin(after.memory()), back), 8))
                    .contains(before);
        }
        assertThat(sheets.change(from, 8, before).cannot().toString()).contains("holds that already");
        assertThat(sheets.clear(from, 8).after().memory())
                .isEqualTo(ImageCodec.inside(radio).clear(from.memory(), 8));
    }

    /** A slot that is stored joins the banks it is to be in, one by one; that of a full radio keeps those of others. */
    @ParameterizedTest
    @ValueSource(strings = {"kestrow-k31", "kestrow-km90", "dunnet-d7"})
    void aSlotJoinsItsBanks(String id) {
        RadioDefinition radio = radio(id);
        KeySheets sheets = new KeySheets(radio);
        PanelMachine machine = sheets.machine();
        RadioSlot other = content(radio, "147.000+ 88.5 OTHER").scanned(true, Set.of(2, 3));
        RadioSlot skarra = content(radio, "145.310- 71.9 SKAR").scanned(true, Set.of(2, 5));
        PanelState from = machine.begin(machine.codec().put(machine.begin().memory(), 7, other));
        KeySheet sheet = sheets.store(from, 8, skarra);
        PanelState after = pressed(machine, from, sheet);
        assertThat(machine.content(after, 8)).contains(skarra);
        assertThat(machine.content(after, 7)).contains(other);
        assertThat(after.memory()).isEqualTo(machine.codec().put(from.memory(), 8, skarra));
    }

    /** Whatever a setting stands at, the same keys set it, where the panel has it at all. */
    @ParameterizedTest
    @MethodSource("radios")
    void settingsAndTheResetAreKeyedIn(RadioDefinition radio) {
        KeySheets sheets = new KeySheets(radio);
        PanelMachine machine = sheets.machine();
        ImageCodec codec = ImageCodec.inside(radio);
        for (RadioSetting setting : radio.settings()) {
            KeySheet sheet = sheets.set(machine.begin(), setting, setting.advised());
            boolean has = machine.panel().items().stream()
                    .anyMatch(item -> item.setting().filter(setting::equals).isPresent());
            assertThat(sheet.lines().isEmpty()).as(setting.name()).isNotEqualTo(has);
            if (!codec.settings(codec.blank()).containsKey(setting)) {
                continue;
            }
            for (String stands : setting.values()) {
                PanelState state = machine.begin(codec.with(codec.blank(), setting, stands));
                PanelState after = pressed(machine, state, sheet);
                assertThat(codec.settings(after.memory()).get(setting))
                        .as(setting.name())
                        .contains(sheet.lines().isEmpty() ? stands : setting.advised());
            }
        }
        PanelState full = sheets.store(machine.begin(), 8, content(radio, "145.310- 71.9"))
                .after();
        assertThat(pressed(machine, full, sheets.reset(full)).memory()).isEqualTo(codec.blank());
    }

    /** What a display shows on the way of all sheets has room in its rows. */
    @ParameterizedTest
    @MethodSource("radios")
    void theDisplayHasRoom(RadioDefinition radio) {
        KeySheets sheets = new KeySheets(radio);
        PanelMachine machine = sheets.machine();
        int room = radio.face().rows().stream()
                .mapToInt(each -> each.characters())
                .max()
                .orElseThrow();
        PanelState state = machine.begin();
        List<KeySheet> all = new ArrayList<>();
        for (RadioSlot content : contents(radio, LINES.toArray(String[]::new))) {
            all.add(sheets.store(state, 8, content));
        }
        radio.settings().forEach(each -> all.add(sheets.set(state, each, each.advised())));
        all.add(sheets.reset(state));
        for (KeySheet sheet : all) {
            PanelState pressed = state;
            for (KeySheet.Line line : sheet.lines()) {
                for (PanelKey key : line.keys()) {
                    pressed = machine.press(pressed, key);
                    assertThat(machine.shows(pressed))
                            .allSatisfy(row -> assertThat(row.length()).as(row).isLessThanOrEqualTo(room));
                }
            }
        }
        for (PanelWord word : PanelWord.values()) {
            assertThat(machine.panel().say(word).length()).as(word.key()).isLessThanOrEqualTo(room);
        }
    }

    /** The same channel once more takes fewer keys than from a state that nobody knows, and a slot in use is cleared where it must. */
    @Test
    void whatIsDialledAlreadyIsNotDialledAgain() {
        RadioDefinition radio = radio("wrenling-w12");
        KeySheets search = new KeySheets(radio);
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
        KeySheets search = new KeySheets(radio);
        PanelMachine machine = search.machine();
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
        assertThat(new KeySheets(radio("wrenling-w40"))
                        .whenRefused(thought, sheet, 8, skarra)
                        .lines())
                .isEmpty();
    }

    private static PanelState pressed(PanelMachine machine, PanelState from, KeySheet sheet) {
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
        KeySheets search = new KeySheets(radio);
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
        try (InputStream file =
                KeySheetsTest.class.getResourceAsStream("/reckonrod/core/definition/wrenling-w12.yaml")) {
            yaml = new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
        assertThat(yaml).contains(part);
        RadioDefinition radio = RadioDefinitions.read("own.yaml", yaml.replace(part, instead));
        KeySheets search = new KeySheets(radio);
        RadioSlot low = content(radio, "145.310- 71.9 low");
        KeySheet sheet = search.store(search.machine().begin(), 8, low);
        assertThat(sheet.lines().isEmpty()).isEqualTo(!why.isEmpty());
        assertThat(sheet.cannot().toString()).contains(why);
    }
}
