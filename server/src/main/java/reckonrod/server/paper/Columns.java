package reckonrod.server.paper;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import reckonrod.core.card.CardPart;

/** Sets a table: each column as wide as it needs to be, and where that is too much the widest give way and are wrapped. */
final class Columns {
    private static final float LINE = 1.3f;
    private static final float HAIR = 0.25f;

    private final Type type;
    private final float size;
    private final float width;

    Columns(Type type, float size, float width) {
        this.type = type;
        this.size = size;
        this.width = width;
    }

    List<Box> boxes(CardPart.Table table) {
        float[] widths = widths(table);
        Row head = row(table.headings(), widths, null);
        List<Box> boxes = new ArrayList<>();
        boxes.add(head);
        table.rows().forEach(each -> boxes.add(row(each, widths, head)));
        return boxes;
    }

    private float gap() {
        return size * 0.7f;
    }

    private float[] widths(CardPart.Table table) {
        int columns = table.headings().size();
        float[] widths = new float[columns];
        for (int i = 0; i < columns; i++) {
            int at = i;
            widths[i] = Math.max(
                    type.width(Face.BOLD, size, table.headings().get(i)),
                    table.rows().stream()
                            .map(row -> type.width(face(row.get(at)), size, row.get(at)))
                            .max(Float::compare)
                            .orElse(0f));
        }
        float room = width - gap() * (columns - 1);
        float most = most(widths.clone(), room);
        for (int i = 0; i < columns; i++) {
            widths[i] = Math.min(widths[i], most);
        }
        return widths;
    }

    /** The most that a column can have so that all of them go: the narrow ones get what they need, the others share what is left. */
    private static float most(float[] widths, float room) {
        Arrays.sort(widths);
        float left = room;
        for (int i = 0; i < widths.length; i++) {
            float share = left / (widths.length - i);
            if (widths[i] > share) {
                return share;
            }
            left -= widths[i];
        }
        return Float.MAX_VALUE;
    }

    private static Face face(String cell) {
        return !cell.isEmpty() && Character.isDigit(cell.codePointAt(0)) ? Face.FIGURES : Face.TEXT;
    }

    private Row row(List<String> cells, float[] widths, Row head) {
        List<List<String>> lines = new ArrayList<>();
        List<Face> faces = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            Face face = head == null ? Face.BOLD : face(cells.get(i));
            faces.add(face);
            // A hair more, for sums of widths are rounded.
            lines.add(type.lines(face, size, widths[i] + HAIR, cells.get(i)));
        }
        int most = lines.stream().mapToInt(List::size).max().orElse(1);
        return new Row(lines, faces, widths, (Math.max(most, 1) * LINE + 0.25f) * size, head);
    }

    /** A row; the head is one that has none. */
    private final class Row implements Box {
        private final List<List<String>> cells;
        private final List<Face> faces;
        private final float[] widths;
        private final float high;
        private final Row head;

        Row(List<List<String>> cells, List<Face> faces, float[] widths, float high, Row head) {
            this.cells = cells;
            this.faces = faces;
            this.widths = widths;
            this.high = high;
            this.head = head;
        }

        @Override
        public float high() {
            return high;
        }

        @Override
        public boolean heads() {
            return head == null;
        }

        @Override
        public Box again() {
            return head == null ? NOTHING : head;
        }

        @Override
        public String together() {
            return "Table";
        }

        @Override
        public void draw(Pen pen, float x, float top) {
            pen.within("TR", () -> {
                float at = x;
                for (int i = 0; i < cells.size(); i++) {
                    float left = at;
                    int column = i;
                    pen.within(head == null ? "TH" : "TD", () -> {
                        float baseline = top - size * 1.05f;
                        for (String line : cells.get(column)) {
                            pen.text("Span", faces.get(column), size, left, baseline, line);
                            baseline -= size * LINE;
                        }
                    });
                    at += widths[i] + gap();
                }
            });
            pen.rule(head == null ? 0.8f : HAIR, x, top - high, x + width, top - high);
        }
    }
}
