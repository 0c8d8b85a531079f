package reckonrod.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import reckonrod.core.card.CardPart;

/** A square code (ISO/IEC 18004) with a quiet margin, and what it is, beside it or below. */
final class CodeBox implements Box {
    private static final int QUIET = 4;
    private static final float LINE = 1.3f;
    private static final float SMALL = 0.85f;
    private static final float ABOVE = 0.5f;
    private static final int LEAST_WORDS = 9;
    /** A telephone reads squares of half a millimetre from paper, and larger ones from farther away. */
    private static final float SQUARE = PaperSize.points(0.5f);

    private static final float LEAST_SQUARE = PaperSize.points(0.33f);

    private final float size;
    private final BitMatrix bits;
    private final String text;
    private final float side;
    private final boolean beside;
    private final List<String> says;

    CodeBox(Type type, float size, float width, float most, CardPart.Code code) {
        this.size = size;
        this.text = code.text();
        this.bits = bits(code.text());
        float small = size * SMALL;
        float high = most - size * ABOVE;
        float square = Math.min(SQUARE * bits.getWidth(), high);
        List<String> right = type.lines(Face.TEXT, small, Math.max(width - square - size * ABOVE, small), code.says());
        this.beside = width - square > LEAST_WORDS * size && right.size() * small * LINE <= high;
        this.says = beside ? right : type.lines(Face.TEXT, small, width, code.says());
        this.side =
                beside ? square / bits.getWidth() : Math.min(SQUARE, Math.min(width, high - words()) / bits.getWidth());
        if (side < LEAST_SQUARE) {
            throw new TooSmallException("A code of " + code.text().length()
                    + " characters does not fit on this paper so that it can be read");
        }
    }

    private static BitMatrix bits(String text) {
        try {
            return new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.CHARACTER_SET,
                                    "UTF-8",
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M,
                                    EncodeHintType.MARGIN,
                                    QUIET));
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("A text is too long for a code: " + text.length(), tooLong);
        }
    }

    private float square() {
        return side * bits.getHeight();
    }

    private float words() {
        return says.size() * size * SMALL * LINE;
    }

    @Override
    public float high() {
        return size * ABOVE + (beside ? Math.max(square(), words()) : square() + words());
    }

    @Override
    public void draw(Pen pen, float x, float top) {
        List<float[]> squares = new ArrayList<>();
        for (int row = 0; row < bits.getHeight(); row++) {
            for (int column = 0; column < bits.getWidth(); column++) {
                if (bits.get(column, row)) {
                    squares.add(new float[] {x + column * side, top - size * ABOVE - (row + 1) * side});
                }
            }
        }
        pen.squares(squares, side, text);
        pen.within("P", () -> {
            float baseline = top - size * ABOVE - (beside ? size * 1.4f : square() + size * 0.7f);
            for (String line : says) {
                pen.text("Span", Face.TEXT, size * SMALL, beside ? x + square() + size * ABOVE : x, baseline, line);
                baseline -= size * SMALL * LINE;
            }
        });
    }
}
