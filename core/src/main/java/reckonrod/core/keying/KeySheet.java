package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.List;
import reckonrod.core.panel.PanelKey;

/**
 * How something is keyed in, press by press.
 *
 * @param lines what to press, a few keys at a time
 * @param cannot what of it the panel cannot do, in sentences; if nothing can be done there are no lines
 * @param after the state it ends in
 */
public record KeySheet(List<Line> lines, List<String> cannot, PanelState after) {
    // A keystroke on a small keypad and the moment to look what comes next (keystroke-level model, Card, Moran and
    // Newell).
    private static final double SECONDS_A_KEY = 0.8;
    private static final double SECONDS_A_LINE = 1.35;

    /**
     * A few keys that are pressed in one go.
     *
     * @param keys the keys
     * @param labels what is printed on each, and for a soft key what it does there
     * @param item what is set by them, as the display calls it; empty for what is dialled or called
     * @param sets what the display shows of that before the last key takes it, row by row; empty where nothing is set
     * @param shows what the display shows in the end, row by row
     */
    public record Line(List<PanelKey> keys, List<String> labels, String item, List<String> sets, List<String> shows) {
        public Line {
            keys = List.copyOf(keys);
            labels = List.copyOf(labels);
            sets = List.copyOf(sets);
            shows = List.copyOf(shows);
        }

        /** What to look for on the display: what is set, before the last key takes it, else what is there in the end. */
        public List<String> told() {
            return (sets.isEmpty() ? shows : sets)
                    .stream().filter(row -> !row.isEmpty() && !row.equals(item)).toList();
        }

        /** The labels; one that is pressed often in a row, as a click of a dial is, once with how often; digits as they are typed. */
        public List<String> shortLabels() {
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

    public KeySheet {
        lines = List.copyOf(lines);
        cannot = List.copyOf(cannot);
    }

    /** Nothing can be done, for a reason. */
    static KeySheet impossible(PanelState from, List<String> why) {
        return new KeySheet(List.of(), why, from);
    }

    /** This one and then another, which begins where this one ends. */
    KeySheet then(KeySheet next) {
        List<Line> all = new ArrayList<>(lines);
        all.addAll(next.lines);
        List<String> told = new ArrayList<>(cannot);
        told.addAll(next.cannot);
        return new KeySheet(all, told, next.after);
    }

    /** How many keys are pressed; a click of a dial counts as one. */
    public int presses() {
        return lines.stream().mapToInt(each -> each.keys().size()).sum();
    }

    /** About how long it takes somebody who reads along, in seconds. */
    public int seconds() {
        return (int) Math.round(presses() * SECONDS_A_KEY + lines.size() * SECONDS_A_LINE);
    }
}
