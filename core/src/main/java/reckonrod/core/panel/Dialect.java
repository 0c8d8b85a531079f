package reckonrod.core.panel;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** How a panel is spoken to. */
public enum Dialect {
    /** Number keys and a menu of numbered items, which are walked through or called by their numbers. */
    NUMBERED_MENU,
    /** A function key that is followed by a number in time, and a dial that chooses; storing is a long press. */
    FUNCTION_AND_DIAL,
    /** Four keys under the display whose labels change from page to page, and lists. */
    SOFT_KEYS;

    /** The keys that it has besides the ten digits; what is printed on each is in the definition. */
    public Set<PanelKey> keys() {
        Set<PanelKey> keys = EnumSet.of(PanelKey.BACK, PanelKey.UP, PanelKey.DOWN, PanelKey.MODE);
        switch (this) {
            case NUMBERED_MENU -> keys.addAll(List.of(PanelKey.MENU, PanelKey.TAKE));
            case FUNCTION_AND_DIAL ->
                keys.addAll(List.of(
                        PanelKey.FUNCTION,
                        PanelKey.FUNCTION_HELD,
                        PanelKey.FAST_UP,
                        PanelKey.FAST_DOWN,
                        PanelKey.PUSH));
            case SOFT_KEYS -> {
                keys.addAll(List.of(PanelKey.TAKE, PanelKey.PAGE, PanelKey.FAST_UP, PanelKey.FAST_DOWN));
                keys.addAll(PanelKey.soft());
            }
        }
        return keys;
    }

    /**
     * Reads the name that definitions use, such as {@code numbered menu}.
     *
     * @throws IllegalArgumentException if it is none of them
     */
    public static Dialect parse(String text) {
        return Arrays.stream(values())
                .filter(each -> each.words().equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("a panel is one of "
                        + Arrays.stream(values()).map(Dialect::words).collect(Collectors.joining(", ")) + "; was \""
                        + text + "\""));
    }

    /** The name that definitions use. */
    public String words() {
        return switch (this) {
            case NUMBERED_MENU -> "numbered menu";
            case FUNCTION_AND_DIAL -> "function key and dial";
            case SOFT_KEYS -> "soft keys";
        };
    }
}
