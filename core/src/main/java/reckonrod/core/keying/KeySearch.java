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
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.keying.Choices.Target;
import reckonrod.core.panel.NumberedPanel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.RadioSlot;

/**
 * Finds the fewest keys that bring a panel from one state to a wanted content, by a search over the states of the panel itself: A*
 * (Hart, Nilsson and Raphael, 1968) with a bound that is never more than what is left. Sizes are typed with all their digits, for one
 * that is cut short is a trap; else only keys are left untried that cannot be on a shortest way.
 */
public final class KeySearch {
    /** Walking farther than this from item to item, or from value to value, is never shorter than its digits. */
    private static final int WORTH_WALKING = 3;

    private static final int MOST_STATES = 400_000;

    private final NumberedMachine machine;
    private final NumberedPanel panel;
    private int looked;

    /**
     * A search on the panel of a radio.
     *
     * @throws IllegalArgumentException as {@link NumberedMachine#NumberedMachine}
     */
    public KeySearch(RadioDefinition radio) {
        this.machine = new NumberedMachine(radio);
        this.panel = machine.panel();
    }

    /** The panel that is searched. */
    public NumberedMachine machine() {
        return machine;
    }

    /** How many states were looked at so far. */
    public int looked() {
        return looked;
    }

    /** What is worked towards. */
    private record Goal(int slot, Optional<String> frequency, Target target, boolean stores, boolean clears) {}

    /** Stores a content in a slot; one that is in use is cleared first where the radio does not store over it. */
    public KeySheet store(PanelState from, int slot, RadioSlot content) {
        Target target = machine.choices().target(content);
        Optional<String> frequency = machine.digits(content.receive());
        List<String> blocks = new ArrayList<>(target.blocks());
        if (frequency.isEmpty()) {
            blocks.add("The frequency " + content.receive().toMegahertzText() + " cannot be typed.");
        }
        if (!blocks.isEmpty()) {
            return new KeySheet(List.of(), blocks, from);
        }
        boolean clears = !panel.overwrites() && machine.isInUse(from, slot);
        KeySheet sheet = sheet(from, new Goal(slot, frequency, target, true, clears), target.leaves());
        Optional<RadioSlot> wanted = machine.content(machine.holding(from, slot, content.withName("")), slot);
        Optional<RadioSlot> keyed = machine.content(sheet.after(), slot);
        // A sheet is proven before it is given out: a panel may lack what a content needs.
        return keyed.equals(wanted)
                ? sheet
                : new KeySheet(
                        List.of(),
                        List.of(keyed.filter(each -> !sheet.lines().isEmpty())
                                .map(each -> "The panel cannot set all of it: by keys the slot would hold "
                                        + each.words() + ".")
                                .orElse("No keys were found that do it.")),
                        from);
    }

    /**
     * What to press when the radio refuses to store because the slot is in use, of which nothing was known: it is cleared, and stored
     * once more. No lines where the radio stores over.
     *
     * @param from where the sheet began
     * @param sheet how it was to be stored
     */
    public KeySheet whenRefused(PanelState from, KeySheet sheet, int slot, RadioSlot content) {
        if (panel.overwrites() || sheet.lines().isEmpty() || machine.isInUse(from, slot)) {
            return new KeySheet(List.of(), List.of(), sheet.after());
        }
        PanelState refused = machine.holding(from, slot, content.withName(""));
        for (KeySheet.Line line : sheet.lines()) {
            for (PanelKey key : line.keys()) {
                refused = machine.press(refused, key);
            }
        }
        KeySheet cleared = clear(refused, slot);
        KeySheet stored = store(cleared.after(), slot, content);
        List<KeySheet.Line> lines = new ArrayList<>(cleared.lines());
        lines.addAll(stored.lines());
        return new KeySheet(lines, List.of(), stored.after());
    }

    /** Clears a slot. */
    public KeySheet clear(PanelState from, int slot) {
        if (!machine.isInUse(from, slot)) {
            return new KeySheet(List.of(), List.of("Slot " + slot + " is empty already."), from);
        }
        Goal goal = new Goal(slot, Optional.empty(), new Target(0, List.of(), List.of(), List.of()), false, true);
        return sheet(from, goal, List.of());
    }

    private KeySheet sheet(PanelState from, Goal goal, List<String> cannot) {
        List<PanelKey> keys = keys(from, goal).orElse(List.of());
        PanelState after = from;
        for (PanelKey key : keys) {
            after = machine.press(after, key);
        }
        return new KeySheet(lines(from, keys), cannot, after);
    }

    // What tells one state from another on the way; the memory is told by whether it has what is wanted.
    private record Point(
            OptionalInt onSlot,
            OptionalLong hertz,
            List<Integer> values,
            String typed,
            int item,
            boolean open,
            int draft,
            boolean cleared,
            boolean stored) {}

    private record Node(PanelState state, Point point, int keys, int atLeast, Node before, PanelKey by) {}

    /** Absent if there is no way, or none was found among so many states. */
    private Optional<List<PanelKey>> keys(PanelState from, Goal goal) {
        PriorityQueue<Node> open = new PriorityQueue<>(Comparator.comparingInt(Node::atLeast)
                .thenComparing(Comparator.comparingInt(Node::keys).reversed()));
        Map<Point, Integer> best = new HashMap<>();
        Point first = point(from, !goal.clears, false);
        open.add(new Node(from, first, 0, left(from, goal, first), null, null));
        best.put(first, 0);
        while (!open.isEmpty()) {
            Node node = open.poll();
            if (node.keys > best.get(node.point)) {
                continue;
            }
            if (isThere(node.point, goal)) {
                return Optional.of(way(node));
            }
            looked++;
            if (best.size() > MOST_STATES) {
                return Optional.empty();
            }
            for (PanelKey key : worthTrying(node.state, node.point, goal)) {
                PanelState next = machine.press(node.state, key);
                boolean cleared = node.point.cleared || says(next, PanelWord.ERASED);
                Point point = point(next, cleared, node.point.stored || says(next, PanelWord.STORED));
                int keys = node.keys + 1;
                Integer known = best.get(point);
                if (known == null || keys < known) {
                    best.put(point, keys);
                    open.add(new Node(next, point, keys, keys + left(next, goal, point), node, key));
                }
            }
        }
        return Optional.empty();
    }

    private boolean says(PanelState state, PanelWord word) {
        return state.said().equals(panel.say(word));
    }

    private static Point point(PanelState state, boolean cleared, boolean stored) {
        return new Point(
                state.onSlot(),
                state.hertz(),
                state.values(),
                state.typed(),
                state.item(),
                state.open(),
                state.draft(),
                cleared,
                stored);
    }

    private static boolean isThere(Point point, Goal goal) {
        return goal.stores ? point.stored : point.cleared;
    }

    private static List<PanelKey> way(Node end) {
        List<PanelKey> keys = new ArrayList<>();
        for (Node node = end; node.before != null; node = node.before) {
            keys.add(0, node.by);
        }
        return keys;
    }

    // What is still wrong.

    private boolean isDialled(PanelState state, Goal goal) {
        return !goal.stores || state.hertz().isPresent() && state.hertz().getAsLong() == goal.target.hertz();
    }

    private boolean isWrong(PanelState state, Goal goal, int item) {
        if (!goal.stores || goal.target.values().get(item) == PanelState.NONE) {
            return false;
        }
        boolean forgotten = !isDialled(state, goal)
                && panel.clearedByFrequency().contains(panel.items().get(item).part());
        int stands = forgotten ? 0 : state.values().get(item);
        return stands != goal.target.values().get(item);
    }

    /** Never more keys than are left: the digits of the frequency, and for each item to open, change and take it. */
    private int left(PanelState state, Goal goal, Point point) {
        if (isThere(point, goal)) {
            return 0;
        }
        int left = 0;
        if (!isDialled(state, goal)) {
            left += panel.frequencyDigits()
                    - (state.inMenu() ? 0 : state.typed().length());
        }
        for (int item = 0; item < panel.items().size(); item++) {
            if (isWrong(state, goal, item)) {
                left += state.open() && state.item() == item ? isToBeTaken(state, goal, item) ? 1 : 2 : 3;
            }
        }
        if (goal.clears && !point.cleared) {
            left += act(state, PanelPart.ERASE) + (state.open() && state.draft() == goal.slot ? 0 : 1);
        }
        return goal.stores ? left + act(state, PanelPart.STORE) : left;
    }

    private boolean isToBeTaken(PanelState state, Goal goal, int item) {
        return state.draft() == goal.target.values().get(item)
                || state.typed().length()
                        == machine.choices().digits(panel.items().get(item));
    }

    private int act(PanelState state, PanelPart part) {
        boolean open = state.open() && panel.items().get(state.item()).part() == part;
        return open ? panel.slotDigits() - state.typed().length() + 1 : panel.slotDigits() + 2;
    }

    // Which keys may be on a shortest way.

    private List<PanelKey> worthTrying(PanelState state, Point point, Goal goal) {
        if (!state.inMenu()) {
            return outside(state, point, goal);
        }
        return state.open() ? inside(state, point, goal) : onItem(state, point, goal);
    }

    private List<PanelKey> outside(PanelState state, Point point, Goal goal) {
        List<PanelKey> keys = new ArrayList<>();
        boolean toClear = goal.clears && !point.cleared;
        if (state.onSlot().isPresent()) {
            if (goal.stores) {
                keys.add(PanelKey.MODE);
            }
            if (toClear) {
                keys.add(PanelKey.MENU);
            }
            return keys;
        }
        if (!isDialled(state, goal)) {
            String digits = goal.frequency.orElseThrow();
            if (digits.startsWith(state.typed())) {
                keys.add(PanelKey.digit(digits.charAt(state.typed().length())));
            } else {
                keys.add(PanelKey.BACK);
            }
        }
        if (state.typed().isEmpty() && (toClear || isDialled(state, goal))) {
            keys.add(PanelKey.MENU);
        }
        return keys;
    }

    private boolean isUseful(PanelState state, Point point, Goal goal, int item) {
        return switch (panel.items().get(item).part()) {
            case STORE -> goal.stores && point.cleared && isAllSet(state, goal);
            case ERASE -> goal.clears && !point.cleared;
            default -> isDialled(state, goal) && state.onSlot().isEmpty() && isWrong(state, goal, item);
        };
    }

    private boolean isAllSet(PanelState state, Goal goal) {
        for (int item = 0; item < panel.items().size(); item++) {
            if (isWrong(state, goal, item)) {
                return false;
            }
        }
        return isDialled(state, goal) && state.onSlot().isEmpty();
    }

    private List<PanelKey> onItem(PanelState state, Point point, Goal goal) {
        List<PanelKey> keys = new ArrayList<>();
        int count = panel.items().size();
        Predicate<Integer> useful = item -> isUseful(state, point, goal, item);
        for (int item = 0; item < count; item++) {
            String number = Choices.padded(panel.items().get(item).number(), 2);
            if (useful.test(item) && number.startsWith(state.typed())) {
                add(keys, PanelKey.digit(number.charAt(state.typed().length())));
            }
        }
        if (!state.typed().isEmpty()) {
            if (keys.isEmpty()) {
                keys.add(PanelKey.UP);
            }
            return keys;
        }
        if (useful.test(state.item())) {
            keys.add(PanelKey.TAKE);
        }
        for (int by = 1; by <= WORTH_WALKING; by++) {
            if (useful.test((state.item() + by) % count)) {
                add(keys, PanelKey.UP);
            }
            if (useful.test((state.item() + count - by) % count)) {
                add(keys, PanelKey.DOWN);
            }
        }
        if (!isDialled(state, goal) || goal.stores && state.onSlot().isPresent()) {
            keys.add(PanelKey.BACK);
        }
        return keys;
    }

    private static void add(List<PanelKey> keys, PanelKey key) {
        if (!keys.contains(key)) {
            keys.add(key);
        }
    }

    private List<PanelKey> inside(PanelState state, Point point, Goal goal) {
        PanelItem item = panel.items().get(state.item());
        List<PanelKey> keys = new ArrayList<>();
        if (item.part().isAct()) {
            if (!isUseful(state, point, goal, state.item())) {
                return List.of(PanelKey.BACK);
            }
            String digits = Choices.padded(goal.slot, panel.slotDigits());
            keys.add(next(state, digits));
            return keys;
        }
        int wanted = goal.stores ? goal.target.values().get(state.item()) : PanelState.NONE;
        if (wanted == PanelState.NONE) {
            return List.of(PanelKey.BACK);
        }
        ToIntFunction<Integer> away = by -> Math.floorMod(
                (wanted - state.draft()) * by,
                Math.max(1, machine.choices().shown(item).size()));
        if (item.part() == PanelPart.SIZE) {
            keys.add(next(state, Choices.padded(wanted, panel.sizeDigits())));
            return keys;
        }
        if (state.draft() == wanted && state.typed().isEmpty()) {
            return List.of(PanelKey.TAKE);
        }
        String digits = Choices.padded(wanted, machine.choices().digits(item));
        if (digits.startsWith(state.typed())) {
            keys.add(PanelKey.digit(digits.charAt(state.typed().length())));
        }
        if (state.typed().isEmpty() && state.draft() != PanelState.NONE) {
            if (away.applyAsInt(1) <= WORTH_WALKING) {
                keys.add(PanelKey.UP);
            }
            if (away.applyAsInt(-1) <= WORTH_WALKING) {
                keys.add(PanelKey.DOWN);
            }
        }
        return keys.isEmpty() ? List.of(PanelKey.BACK) : keys;
    }

    private static PanelKey next(PanelState state, String digits) {
        if (state.typed().equals(digits)) {
            return PanelKey.TAKE;
        }
        return digits.startsWith(state.typed())
                ? PanelKey.digit(digits.charAt(state.typed().length()))
                : PanelKey.BACK;
    }

    /** The keys in lines: digits together with what takes them. */
    private List<KeySheet.Line> lines(PanelState from, List<PanelKey> keys) {
        List<KeySheet.Line> lines = new ArrayList<>();
        List<PanelKey> line = new ArrayList<>();
        PanelState state = from;
        for (int i = 0; i < keys.size(); i++) {
            PanelKey key = keys.get(i);
            state = machine.press(state, key);
            line.add(key);
            boolean whole = key == PanelKey.TAKE
                    || key == PanelKey.BACK
                    || key == PanelKey.MODE
                    || !state.inMenu() && key.isDigit() && state.typed().isEmpty();
            if (whole || i == keys.size() - 1) {
                lines.add(new KeySheet.Line(line, machine.shows(state)));
                line = new ArrayList<>();
            }
        }
        return lines;
    }
}
