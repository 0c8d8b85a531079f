package reckonrod.core.keying;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelPart;

/** What lies between a state of a panel and a goal, and a bound for the keys to it that is never more than it takes. */
final class Gap {
    private final PanelMachine machine;
    private final List<PanelItem> items;
    private final Goal goal;

    Gap(PanelMachine machine, Goal goal) {
        this.machine = machine;
        this.items = machine.panel().items();
        this.goal = goal;
    }

    /** Whether the frequency of the goal is dialled, if it has one. */
    boolean isDialled(PanelState state) {
        return !goal.stores()
                || state.hertz().isPresent()
                        && state.hertz().getAsLong() == goal.target().hertz();
    }

    /** Whether an item stands otherwise than the goal wants it. */
    boolean isWrong(PanelState state, int item) {
        PanelPart part = items.get(item).part();
        if (!goal.stores()) {
            return false;
        }
        if (part == PanelPart.NAME) {
            return goal.name().isPresent()
                    && !goal.name().get().equals(isDialled(state) ? state.name().stripTrailing() : "");
        }
        if (goal.target().values().get(item) == PanelState.NONE) {
            return false;
        }
        return standing(state, item) != goal.target().values().get(item);
    }

    /** What an item stands at once the frequency is dialled, which forgets some. */
    private int standing(PanelState state, int item) {
        boolean forgotten = !isDialled(state)
                && machine.panel().clearedByFrequency().contains(items.get(item).part());
        return forgotten ? 0 : state.values().get(item);
    }

    /** The items that stand otherwise than the goal wants them. */
    Set<Integer> wrong(PanelState state) {
        Set<Integer> wrong = new LinkedHashSet<>();
        for (int item = 0; item < items.size(); item++) {
            if (isWrong(state, item)) {
                wrong.add(item);
            }
        }
        return wrong;
    }

    /** Never more keys than are left: the digits of the frequency, and for each item to open, change and take it. */
    int left(PanelState state, Done done) {
        if (done.isAll(goal)) {
            return 0;
        }
        Set<Integer> toOpen = wrong(state);
        int left = isDialled(state)
                ? 0
                : machine.panel().digits().frequency()
                        - (state.inMenu() || state.onSlot().isPresent()
                                ? 0
                                : state.typed().length());
        if (goal.clears() && !done.cleared()) {
            machine.at(PanelPart.ERASE).ifPresent(toOpen::add);
        }
        if (goal.stores()) {
            machine.at(PanelPart.STORE).ifPresent(toOpen::add);
        }
        goal.act().ifPresent(toOpen::add);
        if (goal.onSlot() && !isCalled(state)) {
            left += state.onSlot().isPresent() && !state.inMenu()
                    ? machine.panel().digits().slot() - state.typed().length()
                    : state.onSlot().isPresent() ? machine.panel().digits().slot() : 1;
        }
        for (int item : toOpen) {
            left += toSet(state, state.open() && state.item() == item, item);
        }
        if (state.open()) {
            toOpen.remove(state.item());
        }
        return left + machine.leastToOpen(state, toOpen);
    }

    /** Whether the slot of the goal is called. */
    boolean isCalled(PanelState state) {
        return state.onSlot().isPresent() && state.onSlot().getAsInt() == goal.slot();
    }

    /** The least keys in an item once it is open, with the one that takes it. */
    private int toSet(PanelState state, boolean open, int at) {
        PanelItem item = items.get(at);
        if (item.part() == PanelPart.NAME) {
            return toSpell(state, open, goal.name().orElse(""), item);
        }
        if (item.part().isListed()) {
            int wanted = wanted(at);
            int begun = open ? state.draft() : goal.onSlot() ? PanelState.NONE : machine.begun(at, standing(state, at));
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
        String digits = entry(at);
        int typed = !digits.startsWith(state.typed()) ? 0 : state.typed().length();
        int asked = asks(item) && state.draft() == PanelState.NONE ? 1 : 0;
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

    /** The value that the goal wants of an item. */
    int wanted(int item) {
        return goal.act().isPresent() ? goal.value() : goal.target().values().get(item);
    }

    /** The digits that are typed into an item. */
    String entry(int at) {
        int digits = machine.choices().digits(items.get(at));
        return switch (items.get(at).part()) {
            case STORE, ERASE -> Choices.padded(goal.slot(), digits);
            case RECALL, RESET -> "";
            default -> Choices.padded(wanted(at), digits);
        };
    }
}
