package reckonrod.server.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.util.Matrix;

/**
 * Draws on one page, and says of everything what it is (tagged PDF, ISO 32000-1, 14.8): readers that speak follow that, not where things
 * lie. Places are in points from the page's lower left corner.
 */
final class Pen implements AutoCloseable {
    /** What is drawn, where an error of writing is one of the whole document. */
    interface Drawing {
        void draw() throws IOException;
    }

    private final Type type;
    private final Tags tags;
    private final PDPage sheet;
    private final PDPageContentStream stream;
    private final Deque<Matrix> placed = new ArrayDeque<>();

    Pen(Type type, Tags tags, PDPage sheet, PDPageContentStream stream) {
        this.type = type;
        this.tags = tags;
        this.sheet = sheet;
        this.stream = stream;
    }

    Type type() {
        return type;
    }

    /** All that follows lies on the sheet as the matrix has it. */
    void place(Matrix matrix) {
        write(() -> {
            if (!placed.isEmpty()) {
                stream.restoreGraphicsState();
                placed.pop();
            }
            stream.saveGraphicsState();
            stream.transform(matrix);
            placed.push(matrix);
        });
    }

    /** What is drawn there belongs together. */
    void within(String tag, Runnable drawing) {
        tags.open(tag);
        drawing.run();
        tags.close();
    }

    /** Text, which is read out. */
    void text(String tag, Face face, float size, float x, float baseline, String text) {
        write(() -> {
            stream.beginMarkedContent(COSName.getPDFName(tag), tags.next(tag, sheet));
            show(face, size, x, baseline, text);
            stream.endMarkedContent();
        });
    }

    /** Text that stands on each page, and is not read out each time. */
    void aside(Face face, float size, float x, float baseline, String text) {
        outside(() -> show(face, size, x, baseline, text));
    }

    private void show(Face face, float size, float x, float baseline, String text) throws IOException {
        stream.beginText();
        stream.newLineAtOffset(x, baseline);
        for (Type.Run run : type.runs(face, text)) {
            stream.setFont(run.font(), size);
            stream.showText(run.text());
        }
        stream.endText();
    }

    /** A line that only helps the eye. */
    void rule(float width, float fromX, float fromY, float toX, float toY, float... dashes) {
        outside(() -> {
            stream.setLineWidth(width);
            stream.setLineDashPattern(dashes, 0);
            stream.moveTo(fromX, fromY);
            stream.lineTo(toX, toY);
            stream.stroke();
        });
    }

    /** A frame that only helps the eye. */
    void frame(float width, float x, float y, float wide, float high) {
        outside(() -> {
            stream.setLineWidth(width);
            stream.setLineDashPattern(new float[0], 0);
            stream.addRect(x, y, wide, high);
            stream.stroke();
        });
    }

    /** Black squares, which stand for a text. */
    void squares(List<float[]> squares, float side, String text) {
        write(() -> {
            stream.beginMarkedContent(COSName.getPDFName("Figure"), tags.figure(text, sheet));
            for (float[] each : squares) {
                stream.addRect(each[0], each[1], side, side);
            }
            stream.fill();
            stream.endMarkedContent();
        });
    }

    private void outside(Drawing drawing) {
        write(() -> {
            stream.beginMarkedContent(COSName.getPDFName("Artifact"));
            drawing.draw();
            stream.endMarkedContent();
        });
    }

    private static void write(Drawing drawing) {
        try {
            drawing.draw();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    @Override
    public void close() throws IOException {
        if (!placed.isEmpty()) {
            stream.restoreGraphicsState();
        }
        stream.close();
    }
}
