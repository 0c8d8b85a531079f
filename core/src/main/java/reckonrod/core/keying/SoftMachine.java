package reckonrod.core.keying;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;

/** A panel with four keys under the display, whose labels change from page to page. */
final class SoftMachine extends PanelMachine {
    SoftMachine(RadioDefinition radio, Panel panel) {
        super(radio, panel);
    }

    @Override
    PanelState outside(PanelState state, PanelKey key) {
        if (key.isDigit()) {
            return dialling().digit(state, key);
        }
        int soft = PanelKey.soft().indexOf(key);
        if (soft >= 0) {
            return opened(state, key);
        }
        return switch (key) {
            case PAGE -> state.paged((state.page() + 1) % panel().pages());
            case MODE -> dialling().turn(state);
            case UP, FAST_UP -> dialling().walk(state, key == PanelKey.UP ? 1 : panel().fast());
            case DOWN, FAST_DOWN -> dialling().walk(state, key == PanelKey.DOWN ? -1 : -panel().fast());
            case BACK -> state.paged(0);
            default -> state.typing("");
        };
    }

    private PanelState opened(PanelState state, PanelKey key) {
        for (int i = 0; i < panel().items().size(); i++) {
            if (panel().page(item(i)) == state.page() && panel().soft(item(i)) == key) {
                return open(state, i);
            }
        }
        return state.typing("");
    }

    @Override
    PanelState left(PanelState state) {
        return state.at(PanelState.NONE);
    }

    @Override
    PanelState idled(PanelState state) {
        return state.paged(0);
    }

    @Override
    boolean dials(PanelState state) {
        return !state.inMenu();
    }

    /** The page stays where it was left, and back leads to the first. */
    @Override
    public String begins() {
        return super.begins() + " Then press " + panel().label(PanelKey.BACK)
                + " once more, so that the first page is there.";
    }

    @Override
    PanelKey next() {
        return PanelKey.PAGE;
    }

    @Override
    List<PanelKey> towards(PanelState state, Set<Integer> items) {
        Set<PanelKey> keys = new LinkedHashSet<>();
        for (int item : items) {
            keys.add(panel().page(item(item)) == state.page() ? panel().soft(item(item)) : PanelKey.PAGE);
            if (panel().page(item(item)) == 0 && state.page() > 0) {
                keys.add(PanelKey.BACK);
            }
        }
        return List.copyOf(keys);
    }

    /** One key for each, and one for each page that is another. */
    @Override
    int leastToOpen(PanelState state, Set<Integer> items) {
        Set<Integer> pages = new HashSet<>();
        items.forEach(item -> pages.add(panel().page(item(item))));
        pages.remove(state.page());
        return items.size() + pages.size();
    }

    /** Which page it is; what the four keys do stands above them. */
    @Override
    String title(PanelState state) {
        return state.inMenu() || state.onSlot().isPresent()
                ? super.title(state)
                : (state.page() + 1) + "/" + panel().pages();
    }

    @Override
    public String label(PanelState state, PanelKey key) {
        String label = super.label(state, key);
        int soft = PanelKey.soft().indexOf(key);
        return soft < 0 || labels(state).isEmpty() || labels(state).get(soft).isEmpty()
                ? label
                : label + " " + labels(state).get(soft);
    }

    @Override
    public List<String> labels(PanelState state) {
        return state.inMenu()
                ? List.of()
                : PanelKey.soft().stream()
                        .map(key -> panel().items().stream()
                                .filter(each -> panel().page(each) == state.page() && panel().soft(each) == key)
                                .findFirst()
                                .map(PanelItem::label)
                                .orElse(""))
                        .toList();
    }
}
