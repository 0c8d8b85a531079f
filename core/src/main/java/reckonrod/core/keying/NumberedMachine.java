package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;

/** A panel with number keys and a menu of numbered items. */
final class NumberedMachine extends PanelMachine {
    /** Walking farther than this from item to item is never shorter than the two digits. */
    private static final int WORTH_WALKING = 3;

    private static final int NUMBER_DIGITS = 2;

    /** Where the letters of each digit begin, as they are printed on number keys (ITU-T E.161). */
    private static final String FIRST_LETTERS = "01ADGJMPTW";

    NumberedMachine(RadioDefinition radio, Panel panel) {
        super(radio, panel);
    }

    @Override
    PanelState outside(PanelState state, PanelKey key) {
        if (state.inMenu()) {
            return onItem(state, key);
        }
        if (key.isDigit()) {
            return dialling().digit(state, key);
        }
        return switch (key) {
            case MENU -> state.at(0);
            case MODE -> dialling().turn(state);
            case UP -> dialling().walk(state, 1);
            case DOWN -> dialling().walk(state, -1);
            default -> state.typing("");
        };
    }

    private PanelState onItem(PanelState state, PanelKey key) {
        int count = panel().items().size();
        if (key.isDigit()) {
            return chooseItem(state, key);
        }
        return switch (key) {
            case UP -> state.at((state.item() + 1) % count);
            case DOWN -> state.at((state.item() + count - 1) % count);
            case TAKE -> open(state, state.item());
            default -> state.at(PanelState.NONE);
        };
    }

    private PanelState chooseItem(PanelState state, PanelKey key) {
        String typed = state.typed() + key.digit();
        if (typed.length() < NUMBER_DIGITS) {
            return state.typing(typed);
        }
        int number = Integer.parseInt(typed);
        for (int i = 0; i < panel().items().size(); i++) {
            if (item(i).number() == number) {
                return state.at(i);
            }
        }
        return state.typing("").saying(panel().say(PanelWord.REFUSED));
    }

    @Override
    boolean beginsAtWhatStands(int at) {
        return item(at).part().isListed() && item(at).part() != PanelPart.SETTING;
    }

    /** A value is called by its number; a letter by the key that it stands on, and once more for the other case. */
    @Override
    int stepped(PanelItem item, int draft, PanelKey key) {
        if (!key.isDigit() || item.part() != PanelPart.NAME) {
            return super.stepped(item, draft, key);
        }
        char first = FIRST_LETTERS.charAt(key.digit());
        if (draft != PanelState.NONE && Character.toUpperCase(letters().charAt(draft)) == first) {
            char now = letters().charAt(draft);
            int other = letters().indexOf(Character.isUpperCase(now) ? Character.toLowerCase(now) : first);
            return other < 0 ? draft : other;
        }
        int at = letters().indexOf(first);
        return at < 0 ? draft : at;
    }

    @Override
    PanelState type(PanelState state, PanelKey key, PanelItem item) {
        if (!item.part().isListed()) {
            return super.type(state, key, item);
        }
        int digits = choices().digits(item);
        String typed = (state.typed().length() == digits ? "" : state.typed()) + key.digit();
        if (typed.length() < digits) {
            return state.typing(typed);
        }
        int value = Integer.parseInt(typed);
        return value < count(item) ? state.opened(value) : state.typing("").saying(panel().say(PanelWord.REFUSED));
    }

    @Override
    PanelState left(PanelState state) {
        return state.at(state.item());
    }

    @Override
    PanelState idled(PanelState state) {
        return state;
    }

    @Override
    boolean dials(PanelState state) {
        return !state.inMenu();
    }

    @Override
    PanelKey next() {
        return PanelKey.MODE;
    }

    @Override
    List<PanelKey> towards(PanelState state, Set<Integer> items) {
        List<PanelKey> keys = new ArrayList<>();
        if (!state.inMenu()) {
            return state.typed().isEmpty() ? List.of(PanelKey.MENU) : List.of(PanelKey.BACK);
        }
        for (int item : items) {
            String number = Choices.padded(item(item).number(), NUMBER_DIGITS);
            if (number.startsWith(state.typed())) {
                add(keys, PanelKey.digit(number.charAt(state.typed().length())));
            }
        }
        if (!state.typed().isEmpty()) {
            if (keys.isEmpty()) {
                keys.add(PanelKey.UP);
            }
            return keys;
        }
        int count = panel().items().size();
        if (items.contains(state.item())) {
            keys.add(PanelKey.TAKE);
        }
        for (int by = 1; by <= WORTH_WALKING; by++) {
            if (items.contains((state.item() + by) % count)) {
                add(keys, PanelKey.UP);
            }
            if (items.contains((state.item() + count - by) % count)) {
                add(keys, PanelKey.DOWN);
            }
        }
        return keys;
    }

    private static void add(List<PanelKey> keys, PanelKey key) {
        if (!keys.contains(key)) {
            keys.add(key);
        }
    }

    /** An item is come to from where one is, or from another of them: by walking, or by its two digits. */
    @Override
    int leastToOpen(PanelState state, Set<Integer> items) {
        if (items.isEmpty()) {
            return 0;
        }
        int here = state.inMenu() ? state.item() : 0;
        int least = state.inMenu() ? 0 : 1;
        for (int item : items) {
            int nearest = walk(here, item);
            for (int other : items) {
                nearest = other == item ? nearest : Math.min(nearest, walk(other, item));
            }
            least += Math.min(nearest, NUMBER_DIGITS) + 1;
        }
        return least - (state.inMenu() && !state.open() && !state.typed().isEmpty() ? 1 : 0);
    }

    private int walk(int from, int to) {
        int count = panel().items().size();
        int up = Math.floorMod(to - from, count);
        return Math.min(up, count - up);
    }

    @Override
    String title(PanelState state) {
        return state.inMenu()
                ? Choices.padded(item(state.item()).number(), NUMBER_DIGITS) + " "
                        + item(state.item()).label()
                : super.title(state);
    }

    /** With its number, by which it is called. */
    @Override
    String valued(PanelItem item, int value) {
        String words = super.valued(item, value);
        return item.part().isListed() && value != PanelState.NONE
                ? Choices.padded(value, choices().digits(item)) + " " + words
                : words;
    }
}
