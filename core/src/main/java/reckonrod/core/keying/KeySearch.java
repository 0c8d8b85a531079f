package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.PriorityQueue;
import java.util.Set;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;

/**
 * Finds the fewest keys that bring a panel from one state to a goal, by a search over the states of the panel itself: A* (Hart, Nilsson
 * and Raphael, 1968) with a bound that is never more than what is left. Frequencies and sizes are typed with all their digits and slots
 * are called by their numbers, for a click more or less is a trap; else only keys are left untried that cannot be on a shortest way.
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

    /** What of the goal is done. */
    private record Done(boolean cleared, boolean stored, boolean acted) {}

    private record Node(PanelState state, Point point, int keys, int atLeast, Node before, PanelKey by) {}

    /** Absent if there is no way, or none was found among so many states. */
    Optional<Way> find(PanelState from, Goal goal) {
        PriorityQueue<Node> open = new PriorityQueue<>(Comparator.comparingInt(Node::atLeast)
                .thenComparing(Comparator.comparingInt(Node::keys).reversed()));
        Map<Point, Integer> best = new HashMap<>();
        Point first = point(from, new Done(!goal.clears(), false, false));
        open.add(new Node(from, first, 0, left(from, goal, first.done), null, null));
        best.put(first, 0);
        while (!open.isEmpty()) {
            Node node = open.poll();
            if (node.keys > best.get(node.point)) {
                continue;
            }
            if (isThere(node.point.done, goal)) {
                return Optional.of(way(node));
            }
            looked++;
            if (best.size() > MOST_STATES) {
                return Optional.empty();
            }
            for (PanelKey key : worthTrying(node.state, node.point.done, goal)) {
                PanelState next = machine.press(node.state, key);
                Done done = done(node, key, next, goal);
                Point point = point(next, done);
                int keys = node.keys + 1;
                Integer known = best.get(point);
                if (known == null || keys < known) {
                    best.put(point, keys);
                    open.add(new Node(next, point, keys, keys + left(next, goal, done), node, key));
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
                before.cleared || says(next, PanelWord.ERASED),
                before.stored
                        || says(next, PanelWord.STORED)
                                && node.state.open()
                                && items.get(node.state.item()).part() == PanelPart.STORE,
                before.acted || acts);
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

    private static boolean isThere(Done done, Goal goal) {
        return goal.act().isPresent() ? done.acted : goal.stores() ? done.stored : done.cleared;
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

    // What is still wrong.

    private static boolean isDialled(PanelState state, Goal goal) {
        return !goal.stores()
                || state.hertz().isPresent()
                        && state.hertz().getAsLong() == goal.target().hertz();
    }

    private boolean isWrong(PanelState state, Goal goal, int item) {
        PanelPart part = items.get(item).part();
        if (!goal.stores()) {
            return false;
        }
        if (part == PanelPart.NAME) {
            return goal.name().isPresent()
                    && !goal.name()
                            .get()
                            .equals(isDialled(state, goal) ? state.name().stripTrailing() : "");
        }
        if (goal.target().values().get(item) == PanelState.NONE) {
            return false;
        }
        return standing(state, goal, item) != goal.target().values().get(item);
    }

    /** What an item stands at once the frequency is dialled, which forgets some. */
    private int standing(PanelState state, Goal goal, int item) {
        boolean forgotten = !isDialled(state, goal)
                && machine.panel().clearedByFrequency().contains(items.get(item).part());
        return forgotten ? 0 : state.values().get(item);
    }

    private Set<Integer> wrong(PanelState state, Goal goal) {
        Set<Integer> wrong = new LinkedHashSet<>();
        for (int item = 0; item < items.size(); item++) {
            if (isWrong(state, goal, item)) {
                wrong.add(item);
            }
        }
        return wrong;
    }

    // The bound.

    /** Never more keys than are left: the digits of the frequency, and for each item to open, change and take it. */
    private int left(PanelState state, Goal goal, Done done) {
        if (isThere(done, goal)) {
            return 0;
        }
        Set<Integer> toOpen = wrong(state, goal);
        int left = isDialled(state, goal)
                ? 0
                : machine.panel().digits().frequency()
                        - (state.inMenu() || state.onSlot().isPresent()
                                ? 0
                                : state.typed().length());
        if (goal.clears() && !done.cleared) {
            machine.at(PanelPart.ERASE).ifPresent(toOpen::add);
        }
        if (goal.stores()) {
            machine.at(PanelPart.STORE).ifPresent(toOpen::add);
        }
        goal.act().ifPresent(toOpen::add);
        if (goal.onSlot() && !isCalled(state, goal)) {
            left += state.onSlot().isPresent() && !state.inMenu()
                    ? machine.panel().digits().slot() - state.typed().length()
                    : state.onSlot().isPresent() ? machine.panel().digits().slot() : 1;
        }
        for (int item : toOpen) {
            left += toSet(state, state.open() && state.item() == item, goal, item);
        }
        if (state.open()) {
            toOpen.remove(state.item());
        }
        return left + machine.leastToOpen(state, toOpen);
    }

    private static boolean isCalled(PanelState state, Goal goal) {
        return state.onSlot().isPresent() && state.onSlot().getAsInt() == goal.slot();
    }

    /** The least keys in an item once it is open, with the one that takes it. */
    private int toSet(PanelState state, boolean open, Goal goal, int at) {
        PanelItem item = items.get(at);
        if (item.part() == PanelPart.NAME) {
            return toSpell(state, open, goal.name().orElse(""), item);
        }
        if (item.part().isListed()) {
            int wanted = wanted(goal, at);
            int begun = open
                    ? state.draft()
                    : goal.onSlot() ? PanelState.NONE : machine.begun(at, standing(state, goal, at));
            int walked = machine.clicks(item).least(begun, wanted);
            if (machine.panel().fast() > 0) {
                return walked + 1;
            }
            int typed = open ? state.typed().length() : 0;
            int rest = machine.choices().digits(item) - typed;
            // From a value that nobody knows there is no walking.
            boolean types = typed > 0 || begun == PanelState.NONE && !goal.onSlot() && machine.beginsAtWhatStands(at);
            return (types ? Math.max(1, rest) : Math.min(rest, walked)) + 1;
        }
        String digits = entry(goal, at);
        int typed = state == null || !digits.startsWith(state.typed())
                ? 0
                : state.typed().length();
        int asked = asks(item) && (state == null || state.draft() == PanelState.NONE) ? 1 : 0;
        return digits.length() - typed + asked + 1;
    }

    /** Whether the radio asks before it does it, whatever the slot holds. */
    private static boolean asks(PanelItem item) {
        return item.part() == PanelPart.RESET || item.part() == PanelPart.ERASE;
    }

    private int toSpell(PanelState state, boolean open, String name, PanelItem item) {
        Clicks clicks = machine.clicks(item);
        int done = open ? state.typed().length() : 0;
        if (done > name.length()) {
            return 1;
        }
        int least = 1 + Math.max(0, name.length() - done - 1);
        for (int at = done; at < name.length(); at++) {
            int from = open && at == done ? state.draft() : PanelState.NONE;
            least += clicks.least(from, machine.letters().indexOf(name.charAt(at)));
        }
        return least;
    }

    private int wanted(Goal goal, int item) {
        return goal.act().isPresent() ? goal.value() : goal.target().values().get(item);
    }

    /** The digits that are typed into an item. */
    private String entry(Goal goal, int at) {
        int digits = machine.choices().digits(items.get(at));
        return switch (items.get(at).part()) {
            case STORE, ERASE -> Choices.padded(goal.slot(), digits);
            case RECALL, RESET -> "";
            default -> Choices.padded(wanted(goal, at), digits);
        };
    }

    // Which keys may be on a shortest way.

    private List<PanelKey> worthTrying(PanelState state, Done done, Goal goal) {
        return state.open() ? inside(state, done, goal) : outside(state, done, goal);
    }

    private boolean isUseful(PanelState state, Done done, Goal goal, int item) {
        if (goal.act().isPresent()) {
            return goal.act().getAsInt() == item && (!goal.onSlot() || isCalled(state, goal));
        }
        boolean dialled = isDialled(state, goal) && state.onSlot().isEmpty();
        return switch (items.get(item).part()) {
            case STORE ->
                goal.stores() && done.cleared && dialled && wrong(state, goal).isEmpty();
            case ERASE -> goal.clears() && !done.cleared;
            default -> dialled && isWrong(state, goal, item);
        };
    }

    private List<PanelKey> outside(PanelState state, Done done, Goal goal) {
        Set<Integer> useful = new LinkedHashSet<>();
        for (int item = 0; item < items.size(); item++) {
            if (isUseful(state, done, goal, item)) {
                useful.add(item);
            }
        }
        Set<PanelKey> keys = new LinkedHashSet<>(
                useful.isEmpty() || isHalfTyped(state) ? Set.of() : Set.copyOf(machine.towards(state, useful)));
        boolean free = machine.dials(state);
        if (goal.onSlot() && !isCalled(state, goal)) {
            add(
                    keys,
                    state,
                    free,
                    state.onSlot().isEmpty()
                            ? ""
                            : Choices.padded(
                                    goal.slot(), machine.panel().digits().slot()));
        } else if (goal.stores() && state.onSlot().isPresent()) {
            keys.add(free ? PanelKey.MODE : PanelKey.BACK);
        } else if (!isDialled(state, goal)) {
            add(keys, state, free, goal.frequency().orElseThrow());
        } else if (isHalfTyped(state)) {
            keys.add(PanelKey.BACK);
        }
        return List.copyOf(keys);
    }

    private static boolean isHalfTyped(PanelState state) {
        return !state.inMenu() && !state.typed().isEmpty();
    }

    /** The next digit of what is dialled or called; what is in the way of that is left first. */
    private static void add(Set<PanelKey> keys, PanelState state, boolean free, String digits) {
        if (!free) {
            keys.add(PanelKey.BACK);
        } else if (digits.isEmpty()) {
            keys.add(PanelKey.MODE);
        } else if (digits.startsWith(state.typed())) {
            keys.add(PanelKey.digit(digits.charAt(state.typed().length())));
        } else {
            keys.add(PanelKey.BACK);
        }
    }

    private List<PanelKey> inside(PanelState state, Done done, Goal goal) {
        PanelItem item = items.get(state.item());
        if (!isUseful(state, done, goal, state.item())) {
            return List.of(PanelKey.BACK);
        }
        PanelKey take = machine.takes(item.part());
        if (item.part() == PanelPart.NAME) {
            return spelling(state, goal.name().orElse(""), item);
        }
        if (!item.part().isListed()) {
            return List.of(next(state, entry(goal, state.item()), take));
        }
        int wanted = wanted(goal, state.item());
        if (state.draft() == wanted && state.typed().isEmpty()) {
            return List.of(take);
        }
        List<PanelKey> keys = new ArrayList<>();
        if (machine.panel().fast() == 0) {
            String digits = Choices.padded(wanted, machine.choices().digits(item));
            if (digits.startsWith(state.typed()) && state.typed().length() < digits.length()) {
                keys.add(PanelKey.digit(digits.charAt(state.typed().length())));
            }
        }
        if (state.typed().isEmpty() && !isUnknown(state)) {
            keys.addAll(nearer(state.draft(), wanted, item));
        }
        return keys.isEmpty() ? List.of(PanelKey.BACK) : keys;
    }

    /** Whether an item stands open at a value that nobody knows: a step from there leads nobody knows where. */
    private boolean isUnknown(PanelState state) {
        return state.draft() == PanelState.NONE && state.onSlot().isEmpty() && machine.beginsAtWhatStands(state.item());
    }

    /** A key after which fewer are left. What is left is counted exactly, so one of them is as good as all, and orders are not tried in vain. */
    private List<PanelKey> nearer(int draft, int wanted, PanelItem item) {
        Clicks clicks = machine.clicks(item);
        int least = clicks.least(draft, wanted);
        return machine.panel().allKeys().stream()
                .filter(key -> {
                    int to = machine.stepped(item, draft, key);
                    return to != PanelState.NONE && clicks.least(to, wanted) < least;
                })
                .limit(1)
                .toList();
    }

    private List<PanelKey> spelling(PanelState state, String name, PanelItem item) {
        String done = state.typed();
        if (!name.startsWith(done)) {
            return List.of(PanelKey.BACK);
        }
        if (done.length() == name.length()) {
            return List.of(machine.takes(item.part()));
        }
        int wanted = machine.letters().indexOf(name.charAt(done.length()));
        if (state.draft() != wanted) {
            return nearer(state.draft(), wanted, item);
        }
        return List.of(done.length() + 1 == name.length() ? machine.takes(item.part()) : machine.next());
    }

    private static PanelKey next(PanelState state, String digits, PanelKey take) {
        if (state.typed().equals(digits)) {
            return take;
        }
        return digits.startsWith(state.typed())
                ? PanelKey.digit(digits.charAt(state.typed().length()))
                : PanelKey.BACK;
    }
}
