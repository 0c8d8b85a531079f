package reckonrod.server.paper;

import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.util.Matrix;

/** The papers that cards are printed on (ISO 216, ANSI Y14.1; an index card of five by three inches). */
public enum PaperSize {
    A4(210, 297, false),
    LETTER(215.9f, 279.4f, false),
    A5(148, 210, false),
    A6(105, 148, true),
    INDEX(127, 76.2f, true),
    POCKET_A4(210, 297, false),
    POCKET_LETTER(215.9f, 279.4f, false);

    private static final float POINTS_A_MILLIMETRE = 72 / 25.4f;
    private static final int LEAVES_A_ROW = 4;

    private final float wide;
    private final float high;
    private final boolean single;

    PaperSize(float wide, float high, boolean single) {
        this.wide = wide;
        this.high = high;
        this.single = single;
    }

    static float points(float millimetres) {
        return millimetres * POINTS_A_MILLIMETRE;
    }

    /** Whether each card gets a paper of its own. */
    boolean single() {
        return single;
    }

    /** Whether one sheet is folded to eight small pages. */
    boolean folded() {
        return this == POCKET_A4 || this == POCKET_LETTER;
    }

    /** The sheet that is printed; what is folded lies on its side. */
    float sheetWide() {
        return points(folded() ? high : wide);
    }

    float sheetHigh() {
        return points(folded() ? wide : high);
    }

    float pageWide() {
        return folded() ? sheetWide() / LEAVES_A_ROW : sheetWide();
    }

    float pageHigh() {
        return folded() ? sheetHigh() / 2 : sheetHigh();
    }

    float margin() {
        return points(folded() || single ? 5 : 10);
    }

    /** The size of plain text in points, as is read at arm's length, or in bad light. */
    float text(boolean large) {
        float plain = folded() ? 7.5f : single ? 8.5f : 9.5f;
        return large ? plain * 1.4f : plain;
    }

    /**
     * How the pages of a sheet lie on it, in the order in which they are read. A sheet that is folded is folded in half along, then
     * twice across, and cut along the middle of its two inner pairs: the upper row lies head over heels.
     */
    List<Matrix> places() {
        if (!folded()) {
            return List.of(new Matrix());
        }
        List<Matrix> places = new ArrayList<>();
        for (int column = 1; column < LEAVES_A_ROW; column++) {
            places.add(Matrix.getTranslateInstance(column * pageWide(), 0));
        }
        for (int column = LEAVES_A_ROW - 1; column >= 0; column--) {
            places.add(new Matrix(-1, 0, 0, -1, (column + 1) * pageWide(), sheetHigh()));
        }
        places.add(new Matrix());
        return places;
    }
}
