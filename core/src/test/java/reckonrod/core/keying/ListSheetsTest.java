package reckonrod.core.keying;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.fit.Fitter;
import reckonrod.core.fit.Placement;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.radio.RadioSlot;

/** A list by hand into a radio that holds most of it already. */
class ListSheetsTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final String[] WAS = {
        "146.520", "145.310- 71.9 SKARRA", "146.940- 100.0 HARB", "147.000+ 88.5 PELL", "147.540 LEG"
    };
    private static final String[] IS = {
        "146.520", "145.310- 74.4 SKARRA", "146.940- 100.0 HARB", "147.000+ 88.5 PELLS", "147.540 LEG", "147.570 NEW"
    };

    static Stream<RadioDefinition> radios() {
        return KeySheetsTest.radios();
    }

    private static List<Placement> placements(RadioDefinition radio, String... lines) {
        return new Fitter(radio.model(), R2).fit(Lists.of(R2, lines)).placements();
    }

    private static MemoryImage holding(ImageCodec codec, List<Placement> placements) {
        Map<Integer, RadioSlot> contents = new TreeMap<>();
        placements.forEach(each ->
                each.content().ifPresent(content -> contents.put(each.place().orElseThrow(), content)));
        return codec.encode(codec.blank(), contents);
    }

    /** Only what differs is keyed in, and then the radio holds the list; a name differs only where there are letters. */
    @ParameterizedTest
    @MethodSource("radios")
    void onlyWhatDiffersIsKeyedIn(RadioDefinition radio) {
        ImageCodec codec = ImageCodec.inside(radio);
        MemoryImage read = holding(codec, placements(radio, WAS));
        List<Placement> wanted = placements(radio, IS);
        ListSheets sheets = ListSheets.ofDifferences(radio, read, wanted);
        PanelMachine machine = sheets.machine();
        boolean letters = machine.at(PanelPart.NAME).isPresent();
        List<Placement> there =
                wanted.stream().filter(each -> each.content().isPresent()).toList();
        assertThat(sheets.placed().values().stream()
                        .map(each -> each.entry().channel().label()))
                .containsExactlyInAnyOrderElementsOf(there.stream()
                        .map(each -> each.entry().channel().label())
                        .filter(label ->
                                label.equals("SKARRA") || label.equals("NEW") || letters && label.equals("PELLS"))
                        .toList())
                .isNotEmpty();
        assertThat(sheets.presses())
                .isPositive()
                .isLessThan(ListSheets.of(radio, Optional.of(read), wanted).presses());
        PanelState state = machine.begin(read);
        for (KeySheet sheet : sheets.sheets().values()) {
            assertThat(sheet.lines()).as("%s", sheet.cannot()).isNotEmpty();
            state = machine.begin(state.memory());
            for (KeySheet.Line line : sheet.lines()) {
                for (var key : line.keys()) {
                    state = machine.press(state, key);
                }
            }
        }
        PanelState done = state;
        there.forEach(each -> assertThat(new KeySheets(radio)
                        .differs(
                                done, each.place().orElseThrow(), each.content().orElseThrow()))
                .as("%s after all", each.entry().channel().label())
                .isFalse());
        assertThat(ListSheets.ofDifferences(radio, done.memory(), wanted).sheets())
                .isEmpty();
        // What the list does not have any more stays, and it is told how it would be cleared.
        List<Placement> fewer = placements(radio, IS[0], IS[1]);
        Map<Integer, KeySheet> spare =
                ListSheets.ofDifferences(radio, done.memory(), fewer).spare();
        assertThat(spare)
                .hasSize(there.size()
                        - (int) fewer.stream()
                                .filter(each -> each.content().isPresent())
                                .count());
        spare.forEach((slot, sheet) -> assertThat(machine.isInUse(sheet.after(), slot))
                .as("slot %d, %s", slot, sheet.cannot())
                .isEqualTo(sheet.lines().isEmpty()));
    }

    /** Without what is known of its bytes: only the settings are left, without a place, and the panel. */
    private static RadioDefinition keysAlone(RadioDefinition radio) {
        String text =
                DataFile.resourceText(RadioDefinitions.class, "/reckonrod/core/definition/" + radio.id() + ".yaml");
        String without = Pattern.compile("^(memory|inner_memory|link):\\R(?:(?:[ \\t]+.*|#.*|)\\R)*", Pattern.MULTILINE)
                .matcher(text)
                .replaceAll("");
        return RadioDefinitions.read(
                radio.id() + ".yaml",
                without.replaceAll("(?m)^    (byte|bits|low_bit|order): .*\\R", "")
                        .replace(", byte: ", ", was: "));
    }

    /** A person who only has the manual of a radio gets the sheets all the same, and they are the same. */
    @ParameterizedTest
    @MethodSource("radios")
    void aMenuTableAloneGivesTheSameSheets(RadioDefinition radio) {
        RadioDefinition alone = keysAlone(radio);
        assertThat(alone.memory()).isEmpty();
        assertThat(alone.link()).isEmpty();
        List<Placement> wanted = placements(radio, IS);
        ListSheets known = ListSheets.of(radio, Optional.empty(), wanted);
        ListSheets found = ListSheets.of(alone, Optional.empty(), placements(alone, IS));
        assertThat(found.sheets().keySet()).isEqualTo(known.sheets().keySet());
        known.sheets().forEach((slot, sheet) -> {
            KeySheet other = found.sheets().get(slot);
            assertThat(other.cannot()).isEqualTo(sheet.cannot());
            assertThat(other.presses()).as("slot %d", slot).isEqualTo(sheet.presses());
            assertThat(found.machine().content(other.after(), slot))
                    .isEqualTo(known.machine().content(sheet.after(), slot));
        });
        assertThat(found.settings().values().stream().map(KeySheet::presses).toList())
                .isEqualTo(known.settings().values().stream()
                        .map(KeySheet::presses)
                        .toList());
    }
}
