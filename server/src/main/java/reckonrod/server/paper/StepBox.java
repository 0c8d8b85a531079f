package reckonrod.server.paper;

import java.util.ArrayList;
import java.util.List;
import reckonrod.core.card.CardPart;

/** A step of a key sheet: its number, the keys as they look, and what the display shows then. */
final class StepBox implements Box {
    private static final float LINE = 1.65f;
    private static final float THIN = 0.5f;
    private static final float AROUND = 0.3f;

    private final float size;
    private final float high;
    private final List<Piece> pieces = new ArrayList<>();

    /** A piece of text where it lies, from the upper left corner; a key has a frame around it. */
    private record Piece(float x, float down, Face face, String text, float framed) {}

    StepBox(Type type, float size, float width, int number, CardPart.Step step) {
        this.size = size;
        float indent = size * 2;
        float x = indent;
        int line = 0;
        pieces.add(new Piece(0, 0, Face.TEXT, number + ".", 0));
        for (String key : step.keys()) {
            for (String part : type.lines(Face.BOLD, size, width - indent - 2 * AROUND * size, key)) {
                float wide = type.width(Face.BOLD, size, part) + 2 * AROUND * size;
                if (x > indent && x + wide > width) {
                    x = indent;
                    line++;
                }
                pieces.add(new Piece(x, line * size * LINE, Face.BOLD, part, wide));
                x += wide + size * 0.3f;
            }
        }
        if (!step.shows().isBlank()) {
            String shows = "→ " + step.shows();
            float left = width - x - size * 0.4f;
            if (left < type.width(Face.FIGURES, size, shows)) {
                line++;
                x = indent;
                left = width - indent;
            } else {
                x += size * 0.4f;
            }
            for (String part : type.lines(Face.FIGURES, size, left, shows)) {
                pieces.add(new Piece(x, line * size * LINE, Face.FIGURES, part, 0));
                line++;
            }
            line--;
        }
        high = (line + 1) * size * LINE;
    }

    @Override
    public float high() {
        return high;
    }

    @Override
    public String together() {
        return "L";
    }

    @Override
    public void draw(Pen pen, float x, float top) {
        pen.within("LI", () -> {
            for (Piece each : pieces) {
                float baseline = top - each.down() - size * 1.2f;
                if (each.framed() > 0) {
                    pen.frame(THIN, x + each.x(), baseline - size * 0.3f, each.framed(), size * 1.3f);
                }
                pen.text(
                        "Span",
                        each.face(),
                        size,
                        x + each.x() + (each.framed() > 0 ? AROUND * size : 0),
                        baseline,
                        each.text());
            }
        });
    }
}
