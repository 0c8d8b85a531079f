package reckonrod.server.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The type of one document. A letter that a cut has no shape for is set in the next that has; one that none has as a square. */
final class Type {
    /** What stands for a letter that no font has a shape for. */
    static final String MISSING = "\u25A1";

    private static final String OTHER_LETTERS = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final String BRACKETS = "()[]{}<>";
    private static final float THOUSAND = 1000;
    private static final Pattern SPACES = Pattern.compile("\\s+");

    private final Map<Face, List<PDFont>> fonts = new EnumMap<>(Face.class);
    private final Map<Face, Map<Integer, Glyph>> glyphs = new EnumMap<>(Face.class);
    private final PDFont other;

    Type(PDDocument document) throws IOException {
        other = load(document, bytes(OTHER_LETTERS));
        for (Face face : Face.values()) {
            glyphs.put(face, new HashMap<>());
            fonts.put(
                    face,
                    List.of(
                            load(document, Woff.unpack(bytes(face.file("latin")))),
                            load(document, Woff.unpack(bytes(face.file("latin-ext")))),
                            other));
        }
    }

    private static byte[] bytes(String resource) throws IOException {
        try (InputStream in = Type.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IOException("The font " + resource + " is missing from this build");
            }
            return in.readAllBytes();
        }
    }

    private static PDFont load(PDDocument document, byte[] font) throws IOException {
        TrueTypeFont parsed = new TTFParser().parse(new RandomAccessReadBuffer(font));
        // Letters that are joined into one shape would not be found again by who searches for them.
        parsed.setEnableGsub(false);
        return PDType0Font.load(document, parsed, true);
    }

    /** A stretch of text in one font. */
    record Run(PDFont font, String text) {}

    /** A letter in the first font that has it. */
    private record Glyph(PDFont font, String text, float width) {}

    /** A text in the fonts that have its letters. */
    List<Run> runs(Face face, String text) {
        List<Run> runs = new ArrayList<>();
        PDFont now = null;
        StringBuilder run = new StringBuilder();
        for (int letter : fromLeftToRight(text).codePoints().toArray()) {
            Glyph glyph = glyph(face, letter);
            if (now != null && !run.isEmpty() && !glyph.font().equals(now)) {
                runs.add(new Run(now, run.toString()));
                run.setLength(0);
            }
            now = glyph.font();
            run.append(glyph.text());
        }
        if (!run.isEmpty()) {
            runs.add(new Run(now, run.toString()));
        }
        return runs;
    }

    /** The letters of a line as they stand, for some scripts are written from right to left (Unicode UAX 9). */
    private static String fromLeftToRight(String line) {
        Bidi order = new Bidi(line, Bidi.DIRECTION_LEFT_TO_RIGHT);
        if (order.isLeftToRight()) {
            return line;
        }
        byte[] levels = new byte[order.getRunCount()];
        String[] pieces = new String[levels.length];
        for (int i = 0; i < pieces.length; i++) {
            levels[i] = (byte) order.getRunLevel(i);
            String piece = line.substring(order.getRunStart(i), order.getRunLimit(i));
            pieces[i] = levels[i] % 2 == 0 ? piece : mirrored(new StringBuilder(piece).reverse());
        }
        Bidi.reorderVisually(levels, 0, pieces, 0, pieces.length);
        return String.join("", pieces);
    }

    private static String mirrored(CharSequence text) {
        return text.chars()
                .mapToObj(each -> {
                    int pair = BRACKETS.indexOf(each);
                    return String.valueOf(pair < 0 ? (char) each : BRACKETS.charAt(pair ^ 1));
                })
                .collect(Collectors.joining());
    }

    private Glyph glyph(Face face, int letter) {
        return glyphs.get(face).computeIfAbsent(letter, any -> {
            String text = Character.toString(letter);
            return fonts.get(face).stream()
                    .filter(each -> has(each, text))
                    .findFirst()
                    .map(each -> new Glyph(each, text, widthOf(each, text)))
                    .orElseGet(() -> new Glyph(other, MISSING, widthOf(other, MISSING)));
        });
    }

    private static boolean has(PDFont font, String letter) {
        try {
            return font.encode(letter).length > 0;
        } catch (IllegalArgumentException noShape) {
            return false;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static float widthOf(PDFont font, String letter) {
        try {
            return font.getStringWidth(letter) / THOUSAND;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** How wide a text is, in points. */
    float width(Face face, float size, String text) {
        float width = 0;
        for (int letter : text.codePoints().toArray()) {
            width += glyph(face, letter).width();
        }
        return width * size;
    }

    /** A text in lines that are no wider; a word that is wider by itself is parted where it has to be. */
    List<String> lines(Face face, float size, float width, String text) {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.lines().toList()) {
            StringBuilder line = new StringBuilder();
            for (String word : SPACES.split(paragraph.strip(), -1)) {
                String left = word;
                if (!line.isEmpty() && width(face, size, line + " " + left) <= width) {
                    line.append(' ').append(left);
                    continue;
                }
                if (!line.isEmpty()) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                while (width(face, size, left) > width) {
                    int fits = fitting(face, size, width, left);
                    lines.add(left.substring(0, fits));
                    left = left.substring(fits);
                }
                line.append(left);
            }
            if (!line.isEmpty()) {
                lines.add(line.toString());
            }
        }
        return lines;
    }

    private int fitting(Face face, float size, float width, String word) {
        int fits = word.offsetByCodePoints(0, 1);
        while (fits < word.length()
                && width(face, size, word.substring(0, word.offsetByCodePoints(fits, 1))) <= width) {
            fits = word.offsetByCodePoints(fits, 1);
        }
        return fits;
    }
}
