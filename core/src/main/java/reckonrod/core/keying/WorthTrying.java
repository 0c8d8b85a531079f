package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;

/**
 * The keys that may be on a shortest way to a goal. Frequencies and sizes are typed with all their digits and slots are called by their
 * numbers, for a click more or less is a trap; else only keys are left out that cannot be on a shortest way.
 */
final class WorthTrying {
    private final PanelMachine machine;
    private final List<PanelItem> items;
    private final Goal goal;
    private final Gap gap;

    WorthTrying(PanelMachine machine, Goal goal, Gap gap) {
        this.machine = machine;
        this.items = machine.panel().items();
        this.goal = goal;
        this.gap = gap;
    }

    /** Those that may be the next on a shortest way. */
    List<PanelKey> of(PanelState state, Done done) {
        return state.open() ? inside(state, done) : outside(state, done);
    }

    private boolean isUseful(PanelState state, Done done, int item) {
        if (goal.act().isPresent()) {
            return goal.act().getAsInt() == item && (!goal.onSlot() || gap.isCalled(state));
        }
        boolean dialled = gap.isDialled(state) && state.onSlot().isEmpty();
        return switch (items.get(item).part()) {
            case STORE ->
                goal.stores() && done.cleared() && dialled && gap.wrong(state).isEmpty();
            case ERASE -> goal.clears() && !done.cleared();
            default -> dialled && gap.isWrong(state, item);
        };
    }

    private List<PanelKey> outside(PanelState state, Done done) {
        Set<Integer> useful = new LinkedHashSet<>();
        for (int item = 0; item < items.size(); item++) {
            if (isUseful(state, done, item)) {
                useful.add(item);
            }
        }
        Set<PanelKey> keys = new LinkedHashSet<>(
                useful.isEmpty() || isHalfTyped(state) ? Set.of() : Set.copyOf(machine.towards(state, useful)));
        boolean free = machine.dials(state);
        if (goal.onSlot() && !gap.isCalled(state)) {
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
        } else if (!gap.isDialled(state)) {
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

    private List<PanelKey> inside(PanelState state, Done done) {
        PanelItem item = items.get(state.item());
        if (!isUseful(state, done, state.item())) {
            return List.of(PanelKey.BACK);
        }
        PanelKey take = machine.takes(item.part());
        if (item.part() == PanelPart.NAME) {
            return spelling(state, goal.name().orElse(""), item);
        }
        if (!item.part().isListed()) {
            return List.of(next(state, gap.entry(state.item()), take));
        }
        int wanted = gap.wanted(state.item());
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
