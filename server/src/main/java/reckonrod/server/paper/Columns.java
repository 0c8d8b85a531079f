package reckonrod.server.paper;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import reckonrod.core.card.CardPart;

/** Sets a table: each column as wide as it needs to be, and where that is too much the widest give way and are wrapped. */
final class Columns {
    private static final float LINE = 1.3f;
    private static final float HAIR = 0.25f;
    private static final Pattern SPACES = Pattern.compile("\\s+");

    private final Type type;
    private final float size;
    private final float width;

    Columns(Type type, float size, float width) {
        this.type = type;
        this.size = size;
        this.width = width;
    }

    /** The rows of a table that it holds. */
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

    /** Whether no word needs to be parted: a figure that goes on in the next line would be read as two. */
    boolean holds(CardPart.Table table) {
        float words = 0;
        for (int i = 0; i < table.headings().size(); i++) {
            words += least(table, i);
        }
        return words <= room(table);
    }

    private float room(CardPart.Table table) {
        return width - gap() * (table.headings().size() - 1);
    }

    /** The widest word of a column. */
    private float least(CardPart.Table table, int column) {
        return Stream.concat(
                        words(table.headings().get(column)).map(word -> type.width(Face.BOLD, size, word)),
                        table.rows().stream()
                                .map(row -> row.get(column))
                                .flatMap(cell -> words(cell).map(word -> type.width(face(cell), size, word))))
                .max(Float::compare)
                .orElse(0f);
    }

    private static Stream<String> words(String cell) {
        return SPACES.splitAsStream(cell);
    }

    private float wanted(CardPart.Table table, int column) {
        return Math.max(
                type.width(Face.BOLD, size, table.headings().get(column)),
                table.rows().stream()
                        .map(row -> type.width(face(row.get(column)), size, row.get(column)))
                        .max(Float::compare)
                        .orElse(0f));
    }

    private float[] widths(CardPart.Table table) {
        int columns = table.headings().size();
        float[] wanted = new float[columns];
        float[] least = new float[columns];
        for (int i = 0; i < columns; i++) {
            wanted[i] = wanted(table, i);
            least[i] = least(table, i);
        }
        float[] widths = wanted.clone();
        boolean[] narrowest = new boolean[columns];
        float left = room(table);
        for (boolean again = true; again; ) {
            again = false;
            float[] others = new float[columns];
            int count = 0;
            for (int i = 0; i < columns; i++) {
                if (!narrowest[i]) {
                    others[count++] = wanted[i];
                }
            }
            float most = most(Arrays.copyOf(others, count), left);
            for (int i = 0; i < columns && !again; i++) {
                widths[i] = narrowest[i] ? least[i] : Math.min(wanted[i], most);
                if (widths[i] < least[i]) {
                    // Its words need more than its share: the others get less.
                    narrowest[i] = true;
                    left -= least[i];
                    again = true;
                }
            }
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
