package reckonrod.server.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reckonrod.core.card.Card;
import reckonrod.core.card.CardPart;

/** Sets a card in boxes for a column of some width. */
final class Boxes {
    private static final float LINE = 1.3f;
    private static final float TITLE = 1.5f;
    private static final float SMALL = 0.85f;
    private static final float ASCENT = 0.95f;
    private static final float THIN = 0.5f;
    private static final int LINES_A_BOX = 3;
    private static final int SENTENCE = 40;
    private static final float LABELS_AT_MOST = 0.36f;

    private final Type type;
    private final float size;
    private final float width;
    private final float most;

    /**
     * For a column.
     *
     * @param size the size of plain text, in points
     * @param width its width, in points
     * @param most its height, in points
     */
    Boxes(Type type, float size, float width, float most) {
        this.type = type;
        this.size = size;
        this.width = width;
        this.most = most;
    }

    /** Text of one cut and size, in its lines. */
    private record Lines(
            String tag, Face face, float size, float indent, float before, List<String> lines, boolean heads)
            implements Box {
        @Override
        public float high() {
            return before + lines.size() * size * LINE;
        }

        @Override
        public void draw(Pen pen, float x, float top) {
            pen.within(tag, () -> {
                float baseline = top - before - size * ASCENT;
                for (String line : lines) {
                    pen.text("Span", face, size, x + indent, baseline, line);
                    baseline -= size * LINE;
                }
            });
        }
    }

    /** The head of a card; that of a card that goes on elsewhere says so. */
    List<Box> head(Card card, boolean more) {
        List<Box> boxes = new ArrayList<>();
        String title = card.title() + (more ? ", continued" : "");
        boxes.add(lines("H1", Face.BOLD, size * TITLE, 0, size * 0.3f, title, true));
        if (!card.under().isBlank()) {
            boxes.add(lines("P", Face.TEXT, size * SMALL, 0, 0, card.under(), true));
        }
        return boxes;
    }

    private Lines lines(String tag, Face face, float points, float indent, float before, String text, boolean heads) {
        return new Lines(tag, face, points, indent, before, type.lines(face, points, width - indent, text), heads);
    }

    /** A paragraph that is long goes on in the next column rather than not at all. */
    private Stream<Lines> parted(Lines whole) {
        List<Lines> parts = new ArrayList<>();
        for (int from = 0; from < whole.lines().size(); from += LINES_A_BOX) {
            parts.add(new Lines(
                    whole.tag(),
                    whole.face(),
                    whole.size(),
                    whole.indent(),
                    from == 0 ? whole.before() : 0,
                    whole.lines()
                            .subList(
                                    from,
                                    Math.min(from + LINES_A_BOX, whole.lines().size())),
                    false));
        }
        return parts.stream();
    }

    /** What a card says. */
    List<Box> of(Card card) {
        return card.parts().stream().flatMap(this::of).toList();
    }

    private Stream<Box> of(CardPart part) {
        if (part instanceof CardPart.Heading heading) {
            return Stream.of(lines("H2", Face.BOLD, size, 0, size * 0.6f, heading.text(), true));
        }
        if (part instanceof CardPart.Words words) {
            return parted(lines("P", Face.TEXT, size, 0, size * 0.25f, words.text(), false))
                    .map(each -> each);
        }
        if (part instanceof CardPart.Caution caution) {
            return parted(lines("P", Face.BOLD, size, size * 0.7f, size * 0.4f, caution.text(), false))
                    .map(Boxes::barred);
        }
        if (part instanceof CardPart.Typed typed) {
            return Stream.of(framed(lines("P", Face.FIGURES, size, size * 0.4f, size * 0.6f, typed.line(), false)));
        }
        if (part instanceof CardPart.Figures figures) {
            return figures(figures).stream();
        }
        if (part instanceof CardPart.Keys keys) {
            return keys(keys).stream();
        }
        if (part instanceof CardPart.Table table) {
            Columns columns = new Columns(type, size, width);
            return columns.holds(table) ? columns.boxes(table).stream() : stacked(table);
        }
        return Stream.of(new CodeBox(type, size, width, most, (CardPart.Code) part));
    }

    /** A table on a paper that is too narrow for it: row after row, each cell with its heading, and no row is cut. */
    private Stream<Box> stacked(CardPart.Table table) {
        return table.rows().stream()
                .map(row -> figures(new CardPart.Figures(IntStream.range(0, row.size())
                        .filter(i -> !row.get(i).isEmpty())
                        .mapToObj(i -> new CardPart.Figure(table.headings().get(i), row.get(i)))
                        .toList())))
                .map(this::uncut);
    }

    private Box uncut(List<Box> boxes) {
        float above = size * 0.5f;
        return new Box() {
            @Override
            public float high() {
                return boxes.stream().map(Box::high).reduce(above, Float::sum);
            }

            @Override
            public String together() {
                return "L";
            }

            @Override
            public void draw(Pen pen, float x, float top) {
                pen.rule(THIN / 2, x, top - size * 0.3f, x + width, top - size * 0.3f);
                float next = top - above;
                for (Box each : boxes) {
                    each.draw(pen, x, next);
                    next -= each.high();
                }
            }
        };
    }

    private static Box barred(Lines lines) {
        return drawnAround(
                lines, (pen, x, top) -> pen.rule(2, x + 1, top - lines.before() + 1, x + 1, top - lines.high() - 1));
    }

    private Box framed(Lines lines) {
        return drawnAround(
                lines,
                (pen, x, top) -> pen.frame(
                        THIN, x, top - lines.high() - size * 0.1f, width, lines.high() - lines.before() + size * 0.3f));
    }

    /** What helps the eye around a box. */
    private interface Around {
        void draw(Pen pen, float x, float top);
    }

    private static Box drawnAround(Box box, Around around) {
        return new Box() {
            @Override
            public float high() {
                return box.high() + 3;
            }

            @Override
            public void draw(Pen pen, float x, float top) {
                around.draw(pen, x, top);
                box.draw(pen, x, top);
            }
        };
    }

    private List<Box> figures(CardPart.Figures figures) {
        float labels = figures.rows().stream()
                .map(each -> type.width(Face.TEXT, size, each.what()))
                .max(Float::compare)
                .orElse(0f);
        float indent = Math.min(labels + size * 0.8f, width * LABELS_AT_MOST);
        return figures.rows().stream().map(each -> figure(each, indent)).toList();
    }

    private Box figure(CardPart.Figure figure, float indent) {
        // What begins with a digit is a figure, and is copied digit by digit; a sentence is read.
        Face face = Character.isDigit(figure.value().codePointAt(0))
                ? Face.FIGURES_BOLD
                : figure.value().length() > SENTENCE ? Face.TEXT : Face.BOLD;
        Lines label = new Lines(
                "Lbl",
                Face.TEXT,
                size,
                0,
                size * 0.15f,
                type.lines(Face.TEXT, size, indent - size * 0.4f, figure.what()),
                false);
        Lines value = lines("LBody", face, size, indent, size * 0.15f, figure.value(), false);
        return new Box() {
            @Override
            public float high() {
                return Math.max(label.high(), value.high());
            }

            @Override
            public String together() {
                return "L";
            }

            @Override
            public void draw(Pen pen, float x, float top) {
                pen.within("LI", () -> {
                    label.draw(pen, x, top);
                    value.draw(pen, x, top);
                });
            }
        };
    }

    private List<Box> keys(CardPart.Keys keys) {
        List<Box> boxes = new ArrayList<>();
        for (int i = 0; i < keys.steps().size(); i++) {
            boxes.add(new StepBox(type, size, width, i + 1, keys.steps().get(i)));
        }
        return boxes;
    }
}
