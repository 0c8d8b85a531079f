package reckonrod.core.keying;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Queue;
import java.util.function.IntBinaryOperator;

/** How many keys it takes at least from one value of a list to another, all ways counted. */
final class Clicks {
    private static final int FAR = Integer.MAX_VALUE / 4;
    private final int[][] least;

    /**
     * Counts them.
     *
     * @param values how many values there are
     * @param keys how many keys change a value
     * @param step where the key of a number leads from a value, or from −1 when none was chosen yet
     */
    Clicks(int values, int keys, IntBinaryOperator step) {
        least = new int[values + 1][];
        for (int from = PanelState.NONE; from < values; from++) {
            int[] row = new int[values];
            Arrays.fill(row, FAR);
            Queue<Integer> open = new ArrayDeque<>();
            if (from >= 0) {
                row[from] = 0;
            }
            open.add(from);
            while (!open.isEmpty()) {
                int at = open.poll();
                int next = (at < 0 ? 0 : row[at]) + 1;
                for (int key = 0; key < keys; key++) {
                    int to = step.applyAsInt(at, key);
                    if (to >= 0 && next < row[to]) {
                        row[to] = next;
                        open.add(to);
                    }
                }
            }
            least[from + 1] = row;
        }
    }

    /** The least keys; more than anybody would press if there is no way. */
    int least(int from, int to) {
        return to < 0 || to >= least.length - 1 ? FAR : least[from + 1][to];
    }
}
