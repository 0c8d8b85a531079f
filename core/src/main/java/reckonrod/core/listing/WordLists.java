package reckonrod.core.listing;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import reckonrod.core.datafile.Section;

/** Lists of words in a data file, and what each of the words means. */
final class WordLists {
    private WordLists() {}

    /** The meaning of every word under a key; a word that stands twice is a fault of the file. */
    static <E extends Enum<E>> Map<String, E> read(Section section, String key, String one, Class<E> kind, E instead) {
        Map<String, E> words = new LinkedHashMap<>();
        section.sections(key, each -> {
            E value = each.value(one, text -> Enum.valueOf(kind, text), instead);
            each.values("words", Function.identity()).forEach(word -> {
                if (words.put(word, value) != null) {
                    throw new IllegalArgumentException("\"" + word + "\" stands twice among the " + key);
                }
            });
            return value;
        });
        return words;
    }
}
