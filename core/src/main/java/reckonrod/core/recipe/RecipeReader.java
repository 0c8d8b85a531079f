package reckonrod.core.recipe;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;

/** Reads the text of a recipe. */
final class RecipeReader {
    private static final Map<String, Character> SEPARATORS =
            Map.of("comma", ',', "semicolon", ';', "tab", '\t', "bar", '|');
    private static final List<Charset> ENCODINGS = List.of(
            StandardCharsets.UTF_8,
            StandardCharsets.ISO_8859_1,
            Charset.forName("windows-1252"),
            StandardCharsets.UTF_16LE);
    private static final String WITH_MARK = " with mark";

    private RecipeReader() {}

    static ExportRecipe read(String file, String yaml) {
        return DataFile.read(file, yaml, RecipeReader::recipe);
    }

    private static ExportRecipe recipe(Section section) {
        TableForm usual = TableForm.USUAL;
        String encoding = section.optionalText("encoding").orElse("utf-8");
        TableForm form = new TableForm(
                section.optionalText("separator").isPresent()
                        ? section.value("separator", word -> oneOf(SEPARATORS, "separator", word), ',')
                        : usual.separator(),
                either(section, "decimal_mark", "comma", "point", false),
                either(section, "line_end", "crlf", "lf", true),
                section.optionalText("encoding").isPresent()
                        ? section.value("encoding", RecipeReader::encoding, usual.encoding())
                        : usual.encoding(),
                encoding.endsWith(WITH_MARK),
                either(section, "quotes", "always", "as needed", false),
                either(section, "headings", "yes", "no", true),
                section.optionalText("most_rows").isPresent()
                        ? OptionalInt.of(section.number("most_rows", 1, 100_000))
                        : OptionalInt.empty());
        return new ExportRecipe(section.text("name"), form, section.sections("columns", RecipeReader::column));
    }

    private static <T> T oneOf(Map<String, T> all, String key, String word) {
        return Optional.ofNullable(all.get(word))
                .orElseThrow(() -> new IllegalArgumentException(key + " must be one of "
                        + all.keySet().stream().sorted().collect(Collectors.joining(", ")) + ", was \"" + word + "\""));
    }

    private static boolean either(Section section, String key, String yes, String no, boolean instead) {
        if (section.optionalText(key).isEmpty()) {
            return instead;
        }
        return section.value(
                key,
                word -> {
                    if (!word.equals(yes) && !word.equals(no)) {
                        throw new IllegalArgumentException(
                                key + " must be " + yes + " or " + no + ", was \"" + word + "\"");
                    }
                    return word.equals(yes);
                },
                instead);
    }

    private static Charset encoding(String word) {
        String name = word.endsWith(WITH_MARK) ? word.substring(0, word.length() - WITH_MARK.length()) : word;
        Charset found = ENCODINGS.stream()
                .filter(each -> each.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("encoding must be one of "
                        + ENCODINGS.stream()
                                .map(each -> each.name().toLowerCase(java.util.Locale.ROOT))
                                .collect(Collectors.joining(", "))
                        + ", was \"" + word + "\""));
        if (word.endsWith(WITH_MARK) && !found.name().startsWith("UTF")) {
            throw new IllegalArgumentException("only utf-8 and utf-16le can have a mark, " + name + " has none");
        }
        return found;
    }

    private static ExportRecipe.Column column(Section section) {
        return new ExportRecipe.Column(
                section.optionalText("heading").orElse(""),
                section.value("holds", word -> word, "").isEmpty()
                        ? new NothingHolding("")
                        : holding(section, section.text("holds")));
    }

    private static Holding holding(Section section, String holds) {
        return switch (holds) {
            case "slot" -> new CountHolding(true, plus(section));
            case "row" -> new CountHolding(false, plus(section));
            case "nothing" -> new NothingHolding(section.optionalText("text").orElse(""));
            case "listen" -> new FrequencyHolding(false, unit(section), Optional.empty());
            case "talk" -> new FrequencyHolding(true, unit(section), section.optionalText("never"));
            default ->
                text(section, holds)
                        .or(() -> shift(section, holds))
                        .or(() -> words(section, holds))
                        .or(() -> tone(section, holds))
                        .orElseThrow(() -> new IllegalArgumentException(
                                "holds must be one of " + String.join(", ", all()) + ", was \"" + holds + "\""));
        };
    }

    private static List<String> all() {
        List<String> all = new ArrayList<>(List.of("slot", "row", "nothing", "listen", "talk"));
        Arrays.stream(TextHolding.Kind.values()).map(TextHolding.Kind::word).forEach(all::add);
        Arrays.stream(ShiftHolding.Kind.values()).map(ShiftHolding.Kind::word).forEach(all::add);
        Arrays.stream(WordHolding.Kind.values()).map(WordHolding.Kind::word).forEach(all::add);
        Arrays.stream(ToneHolding.Kind.values())
                .flatMap(each -> Stream.of("talk " + each.word(), "listen " + each.word()))
                .forEach(all::add);
        return all;
    }

    private static int plus(Section section) {
        return section.optionalText("plus").isPresent() ? section.number("plus", -9999, 9999) : 0;
    }

    private static Unit unit(Section section) {
        OptionalInt decimals = section.optionalText("decimals").isPresent()
                ? OptionalInt.of(section.number("decimals", 0, 6))
                : OptionalInt.empty();
        return section.optionalText("unit").isPresent()
                ? section.value("unit", word -> Unit.of(word, decimals), Unit.MEGAHERTZ)
                : Unit.of("MHz", decimals);
    }

    private static Optional<Holding> text(Section section, String holds) {
        return Arrays.stream(TextHolding.Kind.values())
                .filter(each -> each.word().equals(holds))
                .findFirst()
                .map(kind -> new TextHolding(
                        kind, section.optionalText("most").isPresent() ? section.number("most", 1, 999) : 0));
    }

    private static Optional<Holding> shift(Section section, String holds) {
        return Arrays.stream(ShiftHolding.Kind.values())
                .filter(each -> each.word().equals(holds))
                .findFirst()
                .map(kind -> new ShiftHolding(kind, unit(section)));
    }

    private static Optional<Holding> words(Section section, String holds) {
        return Arrays.stream(WordHolding.Kind.values())
                .filter(each -> each.word().equals(holds))
                .findFirst()
                .map(kind -> {
                    Section words = section.section("words");
                    Map<String, String> read = new LinkedHashMap<>();
                    for (String meaning : kind.meanings()) {
                        words.optionalText(meaning.replace(' ', '_')).ifPresent(word -> read.put(meaning, word));
                    }
                    if (read.isEmpty()) {
                        throw new IllegalArgumentException(
                                "words must have at least one of " + String.join(", ", kind.meanings()));
                    }
                    return new WordHolding(kind, read);
                });
    }

    private static Optional<Holding> tone(Section section, String holds) {
        return Arrays.stream(ToneHolding.Kind.values())
                .filter(each -> holds.equals("talk " + each.word()) || holds.equals("listen " + each.word()))
                .findFirst()
                .map(kind -> new ToneHolding(
                        holds.startsWith("talk "),
                        kind,
                        section.optionalText("none").orElse("")));
    }
}
