package reckonrod.core.card;

import java.util.List;

/** A part of a card, from top to bottom. */
public sealed interface CardPart {
    /** A heading inside a card. */
    record Heading(String text) implements CardPart {}

    /** A paragraph. */
    record Words(String text) implements CardPart {}

    /** What must not be overlooked. */
    record Caution(String text) implements CardPart {}

    /** A line in the notation, as it is typed. */
    record Typed(String line) implements CardPart {}

    /**
     * What is what, one under the other.
     *
     * @param rows each with what it is and its value, neither empty
     */
    record Figures(List<Figure> rows) implements CardPart {
        public Figures {
            rows = List.copyOf(rows);
        }
    }

    /** One of them. */
    record Figure(String what, String value) {}

    /** What to press, in order. */
    record Keys(List<Step> steps) implements CardPart {
        public Keys {
            steps = List.copyOf(steps);
        }
    }

    /**
     * A few keys that are pressed in one go.
     *
     * @param keys what is printed on them
     * @param shows what the display shows then; may be empty
     */
    record Step(List<String> keys, String shows) {
        public Step {
            keys = List.copyOf(keys);
        }
    }

    /**
     * A table.
     *
     * @param headings the columns
     * @param rows one cell for each column
     */
    record Table(List<String> headings, List<List<String>> rows) implements CardPart {
        public Table {
            headings = List.copyOf(headings);
            rows = rows.stream().map(List::copyOf).toList();
            for (List<String> row : rows) {
                if (row.size() != headings.size()) {
                    throw new IllegalArgumentException(
                            "A row must have " + headings.size() + " cells, had " + row.size() + ": " + row);
                }
            }
        }
    }

    /**
     * A square code that any reader of such codes turns back into the text (ISO/IEC 18004).
     *
     * @param text what it holds, in UTF-8 at most {@link LineCodes#MOST_BYTES} bytes
     * @param says what stands beside it
     */
    record Code(String text, String says) implements CardPart {}
}
