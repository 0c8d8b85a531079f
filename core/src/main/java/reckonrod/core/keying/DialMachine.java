package reckonrod.core.keying;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;

/**
 * A panel with a function key and a dial: the function key, once or several times, and a number in time open an item, the dial chooses,
 * the function key takes. Held down it opens what stores, and held down once more in time it stores. A dial that is turned while nothing
 * is open goes to another frequency.
 */
final class DialMachine extends PanelMachine {
    private static final int TEN = 10;

    DialMachine(RadioDefinition radio, Panel panel) {
        super(radio, panel);
    }

    @Override
    PanelState outside(PanelState state, PanelKey key) {
        if (key.isDigit()) {
            return state.page() == 0 ? dialling().digit(state, key) : called(state, key);
        }
        return switch (key) {
            case FUNCTION -> state.paged(state.page() % panel().layers() + 1);
            case FUNCTION_HELD -> open(state.paged(0), at(PanelPart.STORE).orElseThrow());
            case MODE -> dialling().turn(state.paged(0));
            case UP, FAST_UP -> dialling().walk(state.paged(0), key == PanelKey.UP ? 1 : panel().fast());
            case DOWN, FAST_DOWN -> dialling().walk(state.paged(0), key == PanelKey.DOWN ? -1 : -panel().fast());
            default -> state.paged(0);
        };
    }

    private PanelState called(PanelState state, PanelKey key) {
        int number = state.page() * TEN + key.digit();
        for (int i = 0; i < panel().items().size(); i++) {
            if (item(i).number() == number) {
                return open(state.paged(0), i);
            }
        }
        return state.paged(0).saying(panel().say(PanelWord.REFUSED));
    }

    /** A function key alone is forgotten sooner than what is open. */
    @Override
    public int closesAfterMillis(PanelState state) {
        return state.page() > 0 && !state.inMenu() ? panel().timing().functionMillis() : super.closesAfterMillis(state);
    }

    /** The number did not follow in time: digits dial again. */
    @Override
    PanelState late(PanelState idle) {
        return idle.idleMillis() < panel().timing().functionMillis() || idle.page() == 0 ? idle : idle.paged(0);
    }

    @Override
    PanelState idled(PanelState state) {
        return state.paged(0);
    }

    @Override
    PanelState left(PanelState state) {
        return state.at(PanelState.NONE);
    }

    /** A short press leaves what must be held, and so does a key that has nothing to do there. */
    @Override
    PanelState other(PanelState state, PanelKey key) {
        return key == PanelKey.FUNCTION || key == PanelKey.MODE || key == PanelKey.PUSH ? left(state) : state;
    }

    @Override
    boolean dials(PanelState state) {
        return !state.inMenu() && state.page() == 0;
    }

    @Override
    PanelKey takes(PanelPart part) {
        return part == PanelPart.STORE ? PanelKey.FUNCTION_HELD : PanelKey.FUNCTION;
    }

    @Override
    PanelKey next() {
        return PanelKey.PUSH;
    }

    @Override
    List<PanelKey> towards(PanelState state, Set<Integer> items) {
        Set<PanelKey> keys = new LinkedHashSet<>();
        for (int item : items) {
            int layer = item(item).number() / TEN;
            if (item(item).part() == PanelPart.STORE) {
                keys.add(PanelKey.FUNCTION_HELD);
            } else if (state.page() == layer) {
                keys.add(PanelKey.digit((char) ('0' + item(item).number() % TEN)));
            } else {
                keys.add(PanelKey.FUNCTION);
            }
        }
        return List.copyOf(keys);
    }

    @Override
    int leastToOpen(PanelState state, Set<Integer> items) {
        int least = 0;
        int ahead = 0;
        for (int item : items) {
            PanelItem each = item(item);
            int layer = each.number() / TEN;
            least += each.part() == PanelPart.STORE ? 1 : layer + 1;
            // What was pressed already helps one of them.
            ahead = Math.max(ahead, state.page() > 0 && state.page() <= layer ? state.page() : 0);
        }
        return least - ahead;
    }

    @Override
    String title(PanelState state) {
        return !state.inMenu() && state.page() > 0 ? "F".repeat(state.page()) : super.title(state);
    }
}
