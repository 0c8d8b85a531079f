package reckonrod.core.radio;

import java.text.Normalizer;
import java.util.Locale;

/**
 * What names a radio can show.
 *
 * @param longest the most characters, 0 to 32
 * @param characters every character it can show
 */
public record NameRule(int longest, String characters) {
    private static final String VOWELS = "AEIOUaeiou";

    /** Whether it shows small letters. */
    public boolean hasSmallLetters() {
        return characters.chars().anyMatch(Character::isLowerCase);
    }

    /** Whether the radio shows the name as it is. */
    public boolean allows(String name) {
        return name.length() <= longest && name.chars().allMatch(each -> characters.indexOf(each) >= 0);
    }

    /**
     * The name as this radio can show it: in capitals where it has no others, accents off, blanks out, then inner vowels
     * out from the right, then cut.
     */
    public String shorten(String name) {
        StringBuilder result = new StringBuilder();
        Normalizer.normalize(name, Normalizer.Form.NFD)
                .codePoints()
                .filter(each -> Character.getType(each) != Character.NON_SPACING_MARK)
                .forEach(each -> result.append(shown(Character.toString(each))));
        dropFromRight(result, " ", 0);
        dropFromRight(result, VOWELS, 1);
        result.setLength(Math.min(result.length(), longest));
        return result.toString().strip();
    }

    private String shown(String character) {
        if (characters.contains(character)) {
            return character;
        }
        String capital = character.toUpperCase(Locale.ROOT);
        return characters.contains(capital) ? capital : characters.contains("-") ? "-" : "";
    }

    private void dropFromRight(StringBuilder name, String droppable, int keepInFront) {
        for (int i = name.length() - 1; i >= keepInFront && name.length() > longest; i--) {
            if (droppable.indexOf(name.charAt(i)) >= 0) {
                name.deleteCharAt(i);
            }
        }
    }
}
