package reckonrod.core.definition;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import reckonrod.core.datafile.Section;
import reckonrod.core.panel.Face;
import reckonrod.core.panel.FaceKey;
import reckonrod.core.panel.FacePart;
import reckonrod.core.panel.FaceRow;
import reckonrod.core.panel.FaceWord;

/** Reads the display and the keys of a definition. */
final class FaceReader {
    private static final int LONGEST = 16;

    private FaceReader() {}

    static Face read(Section face) {
        return new Face(
                face.value("look", FaceReader::look, Face.Look.DOTS),
                face.optionalText("lines").isPresent() ? face.number("lines", 1, 2) : 1,
                face.sections("rows", FaceReader::row),
                texts(face.optionalSection("words"), FaceWord.class, FaceWord::key),
                texts(face.optionalSection("keys"), FaceKey.class, FaceKey::key));
    }

    private static Face.Look look(String text) {
        return Arrays.stream(Face.Look.values())
                .filter(look -> look.name().toLowerCase(Locale.ROOT).equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("look must be "
                        + Arrays.stream(Face.Look.values())
                                .map(look -> look.name().toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(", "))
                        + "; was \"" + text + "\""));
    }

    private static FaceRow row(Section row) {
        return new FaceRow(
                row.number("characters", 1, 40),
                row.values("shows", FacePart::parse),
                row.optionalText("one").isPresent() && row.value("one", DefinitionReader::yes, false));
    }

    static <E extends Enum<E>> Map<E, String> texts(Optional<Section> section, Class<E> type, Function<E, String> key) {
        Map<E, String> texts = new EnumMap<>(type);
        section.ifPresent(there -> Arrays.stream(type.getEnumConstants())
                .forEach(each -> there.optionalText(key.apply(each)).ifPresent(text -> {
                    if (text.length() > LONGEST) {
                        there.fault(key.apply(each) + " must have at most " + LONGEST + " characters, was \"" + text
                                + "\"");
                    }
                    texts.put(each, text);
                })));
        return texts;
    }
}
