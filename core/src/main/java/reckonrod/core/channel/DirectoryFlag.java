package reckonrod.core.channel;

import java.util.Arrays;
import java.util.Optional;

/** What a directory says of a repeater besides its frequencies, by the letter that it prints. */
public enum DirectoryFlag {
    EMERGENCY_POWER("E", "emergency power", "stays on the air when the mains fail"),
    LINKED("L", "linked", "what you say is heard on other repeaters too; leave a pause"),
    OPEN("O", "open", "anyone with a licence may use it"),
    CLOSED("C", "closed", "for members; ask its keeper before you talk"),
    WIDE_AREA("W", "wide area", "heard far beyond the next valley; keep it short"),
    OFF_AIR("off-air", "off the air", "reported silent; do not count on it");

    private final String word;
    private final String words;
    private final String meaning;

    DirectoryFlag(String word, String words, String meaning) {
        this.word = word;
        this.words = words;
        this.meaning = meaning;
    }

    /** The letter or word in the notation. */
    public String word() {
        return word;
    }

    /** The flag in words. */
    public String words() {
        return words;
    }

    /** What it means for whoever uses the repeater. */
    public String meaning() {
        return meaning;
    }

    /** The flag with that letter or word, whatever its case. */
    public static Optional<DirectoryFlag> of(String word) {
        return Arrays.stream(values())
                .filter(flag -> flag.word.equalsIgnoreCase(word))
                .findFirst();
    }
}
