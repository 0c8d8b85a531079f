package reckonrod.core.radio;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What names a radio can show.
 *
 * @param longest the most characters, 0 to 32
 * @param characters every character it can show
 * @param abbreviations what words are shortened by first
 */
public record NameRule(int longest, String characters, Abbreviations abbreviations) {
    private static final String VOWELS = "AEIOUaeiou";
    private static final int MOST_COPIES = 99;

    public NameRule {
        if (longest > 0 && characters.isBlank()) {
            throw new IllegalArgumentException(
                    "characters must be those that a name of " + longest + " can have, was none");
        }
    }

    /** A rule with the abbreviations that ship. */
    public NameRule(int longest, String characters) {
        this(longest, characters, Abbreviations.shipped());
    }

    /** The same for names in which a person abbreviates words so besides; both in capitals. */
    public NameRule abbreviating(Map<String, String> own) {
        return own.isEmpty() ? this : new NameRule(longest, characters, abbreviations.with(own));
    }

    /** Whether it shows small letters. */
    public boolean hasSmallLetters() {
        return characters.chars().anyMatch(Character::isLowerCase);
    }

    /** Whether the radio shows the name as it is. */
    public boolean allows(String name) {
        if (name.length() > longest) {
            return false;
        }
        // A loop, for every fit of every channel asks here.
        for (int i = 0; i < name.length(); i++) {
            if (characters.indexOf(name.charAt(i)) < 0) {
                return false;
            }
        }
        return true;
    }

    /** Whether it can show every character of the name, in capitals if it must, and all of it. */
    public boolean canShow(String name) {
        return name.length() <= longest && shown(name).equalsIgnoreCase(name);
    }

    /**
     * The name as this radio can show it: in capitals where it has no others, accents off; while it is too long, known words
     * give way to their abbreviations, then blanks go, then inner vowels, each from the right; then letters before the figures
     * at its end, which tell channels apart.
     */
    public String shorten(String name) {
        return cut(shown(name), longest);
    }

    /**
     * Other names for it, for when the one that {@link #shorten} gives is taken: its beginning with the whole last word, then
     * with a number, or with a letter before the figures that it ends with; the best first, each as this radio can show it.
     */
    public Stream<String> others(String name) {
        String shown = shown(name);
        int last = shown.lastIndexOf(' ') + 1;
        String tail = shown.substring(last);
        Stream<String> wholeLastWord = last > 0 && tail.length() < longest
                ? Stream.of(cut(shown.substring(0, last - 1), longest - tail.length()) + tail)
                : Stream.empty();
        String figures = shown.substring(shown.length() - figures(shown));
        if (!figures.isEmpty()) {
            String head = shown.substring(0, shown.length() - figures.length()).strip();
            return Stream.concat(
                            wholeLastWord,
                            IntStream.rangeClosed('B', 'Z')
                                    .filter(letter -> figures.length() + 1 < longest)
                                    .mapToObj(letter ->
                                            cut(head, longest - figures.length() - 1) + (char) letter + figures))
                    .filter(this::allows);
        }
        Stream<String> numbered = IntStream.rangeClosed(2, MOST_COPIES)
                .mapToObj(String::valueOf)
                .filter(number -> number.length() < longest && allows(number))
                .map(number -> cut(shown, longest - number.length()) + number);
        return Stream.concat(wholeLastWord, numbered).filter(this::allows);
    }

    private String shown(String name) {
        StringBuilder result = new StringBuilder();
        Normalizer.normalize(name, Normalizer.Form.NFD)
                .codePoints()
                .filter(each -> Character.getType(each) != Character.NON_SPACING_MARK)
                .forEach(each -> result.append(shownCharacter(Character.toString(each))));
        return result.toString();
    }

    private String shownCharacter(String character) {
        if (characters.contains(character)) {
            return character;
        }
        String capital = character.toUpperCase(Locale.ROOT);
        return characters.contains(capital) ? capital : characters.contains("-") ? "-" : "";
    }

    private String cut(String name, int most) {
        StringBuilder result = new StringBuilder(abbreviated(name, most));
        dropFromRight(result, " ", 0, most);
        dropFromRight(result, VOWELS, 1, most);
        int figures = figures(result);
        if (result.length() > most && figures < most) {
            int letters = result.length() - figures;
            result.delete(letters - (result.length() - most), letters);
        }
        result.setLength(Math.min(result.length(), most));
        return result.toString().strip();
    }

    /** How many figures it ends with. */
    private static int figures(CharSequence name) {
        int letters = name.length();
        while (letters > 0 && Character.isDigit(name.charAt(letters - 1))) {
            letters--;
        }
        return name.length() - letters;
    }

    private String abbreviated(String name, int most) {
        List<String> words = new ArrayList<>(List.of(name.split(" ", -1)));
        for (int i = words.size() - 1; i >= 0 && String.join(" ", words).length() > most; i--) {
            int at = i;
            abbreviations
                    .of(words.get(i))
                    .filter(shorter -> shorter.chars().allMatch(each -> characters.indexOf(each) >= 0))
                    .ifPresent(shorter -> words.set(at, shorter));
        }
        return String.join(" ", words);
    }

    private static void dropFromRight(StringBuilder name, String droppable, int keepInFront, int most) {
        for (int i = name.length() - 1; i >= keepInFront && name.length() > most; i--) {
            if (droppable.indexOf(name.charAt(i)) >= 0) {
                name.deleteCharAt(i);
            }
        }
    }
}
