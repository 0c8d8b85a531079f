package reckonrod.core.radio;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;

/** Words that a name is shortened by before letters are taken out of it. */
public final class Abbreviations {
    private static final Abbreviations SHIPPED =
            DataFile.readResource(Abbreviations.class, "/reckonrod/core/radio/abbreviations.yaml", Abbreviations::new);

    private final Map<String, String> shortByWord = new HashMap<>();

    private Abbreviations(Section section) {
        List<Boolean> read = section.sections("abbreviations", each -> {
            String word = each.text("word");
            String shorter = each.text("short");
            if (shorter.length() >= word.length() || !word.equals(word.toUpperCase(Locale.ROOT))) {
                each.fault("short must be shorter than the word, which is in capitals, was \"" + shorter + "\" for \""
                        + word + "\"");
            }
            return shortByWord.put(word, shorter) == null;
        });
        if (read.contains(false)) {
            section.fault("a word must stand there once");
        }
    }

    private Abbreviations(Map<String, String> shortByWord) {
        this.shortByWord.putAll(shortByWord);
    }

    /** Those that ship. */
    public static Abbreviations shipped() {
        return SHIPPED;
    }

    /**
     * Those of a person besides these; the person's win.
     *
     * @param own by word, both in capitals
     */
    public Abbreviations with(Map<String, String> own) {
        if (own.isEmpty()) {
            return this;
        }
        Abbreviations both = new Abbreviations(shortByWord);
        both.shortByWord.putAll(own);
        return both;
    }

    /** All of them: what stands for each word, both in capitals. */
    public Map<String, String> all() {
        return Collections.unmodifiableMap(new TreeMap<>(shortByWord));
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Abbreviations each && each.shortByWord.equals(shortByWord);
    }

    @Override
    public int hashCode() {
        return shortByWord.hashCode();
    }

    /** What stands for a word, in the case that it is in. */
    Optional<String> of(String word) {
        return Optional.ofNullable(shortByWord.get(word.toUpperCase(Locale.ROOT)))
                .map(shorter -> word.equals(word.toUpperCase(Locale.ROOT))
                        ? shorter
                        : shorter.charAt(0) + shorter.substring(1).toLowerCase(Locale.ROOT));
    }
}
