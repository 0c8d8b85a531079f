package reckonrod.server.carry;

import java.util.ArrayList;
import java.util.List;
import reckonrod.core.keying.KeySheet;

/**
 * A few keys that are pressed in one go.
 *
 * @param item what they set, as the display calls it; empty for what is dialled or called
 * @param shows what the display shows: what is set, before the last key takes it, else what is there in the end
 */
public record KeyLineView(List<String> keys, String item, List<String> shows) {
    /** A line of a sheet. */
    public static KeyLineView of(KeySheet.Line line) {
        List<String> shows = line.sets().isEmpty() ? line.shows() : line.sets();
        return new KeyLineView(
                shortened(line.labels()),
                line.item(),
                shows.stream()
                        .filter(row -> !row.isEmpty() && !row.equals(line.item()))
                        .toList());
    }

    /** A key that is pressed often in a row, as a click of a dial is, stands once with how often; digits stand as they are typed. */
    private static List<String> shortened(List<String> labels) {
        List<String> keys = new ArrayList<>();
        for (int from = 0; from < labels.size(); ) {
            String label = labels.get(from);
            int to = from;
            while (to < labels.size() && labels.get(to).equals(label)) {
                to++;
            }
            if (label.length() > 1 && to - from > 1) {
                keys.add(label + " ×" + (to - from));
            } else {
                keys.addAll(labels.subList(from, to));
            }
            from = to;
        }
        return keys;
    }
}
