package reckonrod.core.definition;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.datafile.Section;
import reckonrod.core.panel.NumberedPanel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;

/** Reads the keys and the menu of a definition. */
final class PanelReader {
    private PanelReader() {}

    static NumberedPanel numbered(Section section) {
        return new NumberedPanel(
                FaceReader.texts(Optional.of(section.section("keys")), PanelKey.class, PanelKey::key),
                FaceReader.texts(section.optionalSection("words"), PanelWord.class, PanelWord::key),
                section.number("pause_ms", 1_000, 120_000),
                section.number("frequency_digits", 6, 7),
                section.number("slot_digits", 1, 4),
                section.number("size_digits", 3, 9),
                section.number("size_unit_hertz", 1, 1_000_000),
                section.value("overwrites", DefinitionReader::yes, false),
                Set.copyOf(section.optionalValues("cleared_by_frequency", PanelPart::parse)),
                section.sections("items", PanelReader::item));
    }

    private static PanelItem item(Section item) {
        PanelPart part = item.value("sets", PanelPart::parse, PanelPart.POWER);
        List<String> values = item.optionalValues("values", text -> meant(part, text));
        List<String> shown = item.optionalValues("shown", text -> text);
        boolean byItself =
                part.isAct() || part == PanelPart.SIZE || part == PanelPart.TALK_TONE || part == PanelPart.LISTEN_TONE;
        if (byItself != values.isEmpty()) {
            throw new IllegalArgumentException(
                    byItself ? part.words() + " has no values of its own" : part.words() + " must have values");
        }
        return new PanelItem(
                item.number("number", 1, 99), item.text("label"), part, values, shown.isEmpty() ? values : shown);
    }

    /** A value in the words of this program. */
    private static String meant(PanelPart part, String text) {
        return switch (part) {
            case POWER -> Power.parse(text).word();
            case EMISSION -> Emission.valueOf(text).name();
            case DIRECTION -> oneOf(text, "none", "higher", "lower");
            case SCAN, TALKS -> oneOf(text, "yes", "no");
            case BANK -> text.equals("none") ? text : String.valueOf(Integer.parseInt(text));
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
