package reckonrod.core.directory;

import java.util.Locale;
import java.util.Optional;

/**
 * The name of a source, from the name of the file that it came as. A file that is brought again under the same name means the same
 * repeaters, so two names that differ give two sources, however long they are.
 */
public final class SourceName {
    /** So many characters at most. */
    public static final int MOST_CHARACTERS = 30;

    private SourceName() {}

    /**
     * The source of a file: {@code Ardmoor (May).csv} is {@code ardmoor-may}.
     *
     * @return lower case, letters and digits of any script with hyphens between; empty if there is no letter or digit
     */
    public static Optional<String> ofFile(String name) {
        String plain = name.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\.[a-z]+$", "")
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        if (plain.length() <= MOST_CHARACTERS) {
            return plain.isEmpty() ? Optional.empty() : Optional.of(plain);
        }
        // What a long name ends with is often what tells it from last year's.
        String rest = "-" + Integer.toHexString(plain.hashCode());
        return Optional.of(plain.substring(0, MOST_CHARACTERS - rest.length()) + rest);
    }
}
