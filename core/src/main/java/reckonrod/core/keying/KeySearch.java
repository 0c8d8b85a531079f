package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.PriorityQueue;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;

/**
 * Finds the fewest keys that bring a panel from one state to a goal, by a search over the states of the panel itself: A* (Hart, Nilsson
 * and Raphael, 1968) with a bound that is never more than what is left.
 */
final class KeySearch {
    private static final int MOST_STATES = 400_000;

    private final PanelMachine machine;
    private final List<PanelItem> items;
    private int looked;

    KeySearch(PanelMachine machine) {
        this.machine = machine;
        this.items = machine.panel().items();
    }

    /** How many states were looked at so far. */
    int looked() {
        return looked;
    }

    /**
     * A way to a goal.
     *
     * @param keys what is pressed
     * @param states where each key leads
     */
    record Way(List<PanelKey> keys, List<PanelState> states) {}

    // What tells one state from another on the way; the memory is told by whether it has what is wanted.
    private record Point(
            OptionalInt onSlot,
            OptionalLong hertz,
            List<Integer> values,
            String name,
            String typed,
            int page,
            int item,
            boolean open,
            int draft,
            Done done) {}

    private record Node(PanelState state, Point point, int keys, int atLeast, Node before, PanelKey by) {}

    /** Absent if there is no way, or none was found among so many states. */
    Optional<Way> find(PanelState from, Goal goal) {
        PriorityQueue<Node> open = new PriorityQueue<>(Comparator.comparingInt(Node::atLeast)
                .thenComparing(Comparator.comparingInt(Node::keys).reversed()));
        Map<Point, Integer> best = new HashMap<>();
        Gap gap = new Gap(machine, goal);
        WorthTrying worthTrying = new WorthTrying(machine, goal, gap);
        Point first = point(from, new Done(!goal.clears(), false, false));
        open.add(new Node(from, first, 0, gap.left(from, first.done), null, null));
        best.put(first, 0);
        while (!open.isEmpty()) {
            Node node = open.poll();
            if (node.keys > best.get(node.point)) {
                continue;
            }
            if (node.point.done.isAll(goal)) {
                return Optional.of(way(node));
            }
            looked++;
            if (best.size() > MOST_STATES) {
                return Optional.empty();
            }
            for (PanelKey key : worthTrying.of(node.state, node.point.done)) {
                PanelState next = machine.press(node.state, key);
                Done done = done(node, key, next, goal);
                Point point = point(next, done);
                int keys = node.keys + 1;
                Integer known = best.get(point);
                if (known == null || keys < known) {
                    best.put(point, keys);
                    open.add(new Node(next, point, keys, keys + gap.left(next, done), node, key));
                }
            }
        }
        return Optional.empty();
    }

    private Done done(Node node, PanelKey key, PanelState next, Goal goal) {
        Done before = node.point.done;
        boolean acts = node.state.open()
                && goal.act().isPresent()
                && node.state.item() == goal.act().getAsInt()
                && key == machine.takes(items.get(node.state.item()).part())
                && (says(next, PanelWord.STORED) || says(next, PanelWord.ERASED) || says(next, PanelWord.COPIED));
        return new Done(
                before.cleared() || says(next, PanelWord.ERASED),
                before.stored()
                        || says(next, PanelWord.STORED)
                                && node.state.open()
                                && items.get(node.state.item()).part() == PanelPart.STORE,
                before.acted() || acts);
    }

    private boolean says(PanelState state, PanelWord word) {
        return state.said().equals(machine.panel().say(word));
    }

    private static Point point(PanelState state, Done done) {
        return new Point(
                state.onSlot(),
                state.hertz(),
                state.values(),
                state.name(),
                state.typed(),
                state.page(),
                state.item(),
                state.open(),
                state.draft(),
                done);
    }

    private static Way way(Node end) {
        List<PanelKey> keys = new ArrayList<>();
        List<PanelState> states = new ArrayList<>();
        for (Node node = end; node.before != null; node = node.before) {
            keys.add(0, node.by);
            states.add(0, node.state);
        }
        return new Way(keys, states);
    }
}
