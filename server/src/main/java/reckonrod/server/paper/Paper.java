package reckonrod.server.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;
import reckonrod.core.card.Card;
import reckonrod.core.card.Deck;
import reckonrod.core.card.Origin;

/**
 * Sets a deck on paper: card after card, each whole where it can be, with its head again where it goes on. Black on white; every page says
 * from what it was made, and the cautions.
 */
public final class Paper {
    private static final float FOOT = 0.7f;
    private static final float FOOT_LINE = 1.25f;
    private static final float GAP = PaperSize.points(5);

    private final PaperSize paper;
    private final Deck deck;
    private final PDDocument document = new PDDocument();
    private final Type type;
    private final Tags tags;
    private final float size;
    private final List<String> foot = new ArrayList<>();
    private final int columns;
    private final float columnWide;
    private final float columnHigh;
    private final Boxes boxes;
    private Pen pen;
    private int pages;
    private int column;
    private float top;

    private Paper(Deck deck, PaperSize paper, boolean large) throws IOException {
        this.deck = deck;
        this.paper = paper;
        this.type = new Type(document);
        this.tags = new Tags(document, deck.title());
        this.size = paper.text(large);
        float inside = paper.pageWide() - 2 * paper.margin();
        foot.addAll(type.lines(Face.TEXT, size * FOOT, inside, deck.origin().words()));
        foot.addAll(type.lines(Face.TEXT, size * FOOT, inside, Origin.CAUTIONS));
        float least = PaperSize.points(deck.width().millimetres()) * (large ? 1.3f : 1);
        this.columns = Math.max(1, (int) ((inside + GAP) / (least + GAP)));
        this.columnWide = (inside - GAP * (columns - 1)) / columns;
        this.columnHigh = paper.pageHigh() - 2 * paper.margin() - footHigh();
        this.boxes = new Boxes(type, size, columnWide, columnHigh - 4 * size);
    }

    /**
     * The deck as PDF.
     *
     * @param large whether it is to be read in bad light
     */
    public static byte[] pdf(Deck deck, PaperSize size, boolean large) {
        try {
            return new Paper(deck, size, large).set();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private byte[] set() throws IOException {
        try (document) {
            nextPage();
            for (Card card : deck.cards()) {
                place(card);
            }
            pen.close();
            tags.end();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private float footHigh() {
        return (foot.size() * FOOT_LINE + 0.6f) * size * FOOT;
    }

    private float highest() {
        return paper.pageHigh() - paper.margin();
    }

    private float lowest() {
        return paper.margin() + footHigh();
    }

    private boolean atHead() {
        return top == highest();
    }

    private void place(Card card) {
        List<Box> head = boxes.head(card, false);
        List<Box> body = boxes.of(card);
        float whole = high(head) + high(body);
        boolean goesOn = whole > columnHigh;
        if (!atHead() && (paper.single() || top - whole < lowest() && !(goesOn && top - lowest() > columnHigh / 2))) {
            nextColumn(paper.single());
        }
        tags.open("Sect");
        if (!atHead()) {
            pen.rule(0.4f, left(), top - size * 0.4f, left() + columnWide, top - size * 0.4f, 3, 3);
            top -= size * 0.6f;
        }
        head.forEach(this::draw);
        String together = "";
        for (int i = 0; i < body.size(); i++) {
            Box box = body.get(i);
            float needed = box.high()
                    + (box.heads() && i + 1 < body.size() ? body.get(i + 1).high() : 0);
            boolean next = top - needed < lowest();
            if (!together.isEmpty() && (next || !box.together().equals(together))) {
                tags.close();
                together = "";
            }
            if (next) {
                nextColumn(paper.single());
                boxes.head(card, true).forEach(this::draw);
            }
            if (!box.together().equals(together)) {
                together = box.together();
                tags.open(together);
            }
            if (next) {
                draw(box.again());
            }
            draw(box);
        }
        if (!together.isEmpty()) {
            tags.close();
        }
        tags.close();
        top -= size * 0.8f;
    }

    private static float high(List<Box> boxes) {
        float high = 0;
        for (Box each : boxes) {
            high += each.high();
        }
        return high;
    }

    private void draw(Box box) {
        if (top - box.high() < lowest() - 1) {
            throw new TooSmallException(
                    "A piece of " + deck.title() + " is too large for this paper; choose a larger one");
        }
        box.draw(pen, left(), top);
        top -= box.high();
    }

    private float left() {
        return paper.margin() + column * (columnWide + GAP);
    }

    private void nextColumn(boolean page) {
        column++;
        top = highest();
        if (page || column >= columns) {
            nextPage();
        }
    }

    private void nextPage() {
        try {
            List<Matrix> places = paper.places();
            if (pages % places.size() == 0) {
                nextSheet();
            }
            pen.place(places.get(pages % places.size()));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        pages++;
        column = 0;
        top = highest();
        float baseline = paper.margin() + (foot.size() - 1) * size * FOOT * FOOT_LINE + 1;
        for (String line : foot) {
            pen.aside(Face.TEXT, size * FOOT, paper.margin(), baseline, line);
            baseline -= size * FOOT * FOOT_LINE;
        }
        String number = String.valueOf(pages);
        pen.aside(
                Face.TEXT,
                size * FOOT,
                paper.pageWide() - paper.margin() - type.width(Face.TEXT, size * FOOT, number),
                paper.pageHigh() - paper.margin() * 0.7f,
                number);
    }

    private void nextSheet() throws IOException {
        if (pen != null) {
            pen.close();
        }
        PDPage sheet = new PDPage(new PDRectangle(paper.sheetWide(), paper.sheetHigh()));
        document.addPage(sheet);
        pen = new Pen(type, tags, sheet, new PDPageContentStream(document, sheet));
        if (paper.folded()) {
            folds();
        }
    }

    /** Where the sheet is folded, and between which pages it is cut. */
    private void folds() {
        for (int i = 1; i < 4; i++) {
            pen.rule(0.3f, i * paper.pageWide(), 0, i * paper.pageWide(), paper.sheetHigh(), 2, 4);
        }
        float middle = paper.pageHigh();
        pen.rule(0.3f, 0, middle, paper.sheetWide(), middle, 2, 4);
        pen.rule(0.9f, paper.pageWide(), middle, 3 * paper.pageWide(), middle);
    }
}
