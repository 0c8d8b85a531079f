package reckonrod.core.definition;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.datafile.Section;
import reckonrod.core.panel.Dialect;
import reckonrod.core.panel.Overwriting;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSetting;

/** Reads the keys and the menu of a definition. */
final class PanelReader {
    private static final String NONE = "none";

    private final List<RadioSetting> settings;
    private final Limits limits;

    PanelReader(List<RadioSetting> settings, Limits limits) {
        this.settings = settings;
        this.limits = limits;
    }

    Panel read(Section section) {
        return new Panel(
                section.optionalText("dialect").isPresent()
                        ? section.value("dialect", Dialect::parse, Dialect.NUMBERED_MENU)
                        : Dialect.NUMBERED_MENU,
                FaceReader.texts(Optional.of(section.section("keys")), PanelKey.class, PanelKey::key),
                FaceReader.texts(section.optionalSection("words"), PanelWord.class, PanelWord::key),
                new Panel.Timing(
                        section.number("pause_ms", 1_000, 120_000),
                        section.optionalText("function_ms").isPresent()
                                ? section.number("function_ms", 500, 60_000)
                                : 0),
                new Panel.Digits(
                        section.number("frequency_digits", 6, 7),
                        section.number("slot_digits", 1, 4),
                        section.number("size_digits", 3, 9),
                        section.number("size_unit_hertz", 1, 1_000_000)),
                section.optionalText("fast").isPresent() ? section.number("fast", 2, 50) : 0,
                section.optionalText("overwrites").isPresent()
                        ? section.value("overwrites", DefinitionReader::yes, false)
                                ? Overwriting.STORES
                                : Overwriting.REFUSES
                        : section.value("slot_in_use", Overwriting::parse, Overwriting.STORES),
                Set.copyOf(section.optionalValues("cleared_by_frequency", PanelPart::parse)),
                section.sections("items", this::item));
    }

    private PanelItem item(Section item) {
        PanelPart part = item.value("sets", PanelPart::parse, PanelPart.POWER);
        Optional<RadioSetting> setting = item.optionalText("setting").isPresent()
                ? Optional.of(setting(item.text("setting")))
                : Optional.empty();
        List<String> given = item.optionalValues("values", text -> meant(part, text));
        List<String> usual = setting.map(RadioSetting::values).orElseGet(() -> usual(part));
        boolean byItself = !part.isListed()
                || part == PanelPart.TALK_TONE
                || part == PanelPart.LISTEN_TONE
                || part == PanelPart.SETTING;
        if (byItself && !given.isEmpty()) {
            throw new IllegalArgumentException(part.words() + " has no values of its own");
        }
        List<String> values = given.isEmpty() ? usual : given;
        if (!byItself && values.isEmpty()) {
            throw new IllegalArgumentException(part.words() + " must have values");
        }
        List<String> shown = item.optionalValues("shown", text -> text);
        boolean held = item.optionalText("number").isEmpty() && part == PanelPart.STORE;
        return new PanelItem(
                held ? 0 : item.number("number", 1, 99),
                item.text("label"),
                part,
                values,
                shown.isEmpty() ? values : shown,
                setting);
    }

    private RadioSetting setting(String name) {
        return settings.stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("setting must be one of "
                        + settings.stream().map(RadioSetting::name).toList() + ", was \"" + name + "\""));
    }

    /** Values that need not be written down: switches, and the banks of the radio. */
    private List<String> usual(PanelPart part) {
        return switch (part) {
            case SCAN, TALKS -> List.of("yes", "no");
            case REVERSED, POLARITY -> List.of("no", "yes");
            case TONES_ON -> List.of(NONE, "talk", "listen", "both");
            case BANK ->
                IntStream.rangeClosed(0, limits.banks())
                        .mapToObj(bank -> bank == 0 ? NONE : String.valueOf(bank))
                        .toList();
            default -> List.of();
        };
    }

    /** A value in the words of this program. */
    private static String meant(PanelPart part, String text) {
        return switch (part) {
            case POWER -> Power.parse(text).word();
            case EMISSION ->
                oneOf(text, Arrays.stream(Emission.values()).map(Emission::name).toArray(String[]::new));
            case DIRECTION -> oneOf(text, NONE, "higher", "lower");
            case SCAN, TALKS, REVERSED, POLARITY -> oneOf(text, "yes", "no");
            case TONES_ON -> oneOf(text, NONE, "talk", "listen", "both");
            case BANK ->
                text.matches("[0-9]{1,3}") ? String.valueOf(Integer.parseInt(text)) : oneOf(text, NONE, "a number");
            default -> text;
        };
    }

    private static String oneOf(String text, String... allowed) {
        if (!Arrays.asList(allowed).contains(text)) {
            throw new IllegalArgumentException(
                    "must be one of " + String.join(", ", allowed) + ", was \"" + text + "\"");
        }
        return text;
    }
}
