package reckonrod.core.card;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** Lines of a list as square codes, as few as hold them at a size that a telephone reads from paper. */
public final class LineCodes {
    /** The most bytes of one code; with medium correction that is version 12 of ISO/IEC 18004, 65 squares a side. */
    public static final int MOST_BYTES = 280;

    private LineCodes() {}

    /**
     * The codes, each with whole lines.
     *
     * @param lines lines in the notation
     * @throws IllegalArgumentException if a line by itself is longer than a code can be
     */
    public static List<CardPart.Code> of(List<String> lines) {
        List<String> texts = new ArrayList<>();
        StringBuilder text = new StringBuilder();
        for (String line : lines) {
            if (bytes(line) > MOST_BYTES) {
                throw new IllegalArgumentException("A line must have at most " + MOST_BYTES + " bytes for a code, was "
                        + bytes(line) + ": " + line);
            }
            if (!text.isEmpty() && bytes(text.toString()) + 1 + bytes(line) > MOST_BYTES) {
                texts.add(text.toString());
                text.setLength(0);
            }
            text.append(text.isEmpty() ? "" : "\n").append(line);
        }
        if (!text.isEmpty()) {
            texts.add(text.toString());
        }
        List<CardPart.Code> codes = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            codes.add(new CardPart.Code(texts.get(i), says(texts.get(i), i, texts.size())));
        }
        return codes;
    }

    private static String says(String text, int at, int all) {
        long lines = text.lines().count();
        return (lines == 1 ? "This line" : lines + " lines") + " as a code"
                + (all > 1 ? ", " + (at + 1) + " of " + all : "")
                + ": read it with a telephone and paste what it says into Review.";
    }

    private static int bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8).length;
    }
}
