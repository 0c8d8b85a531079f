package reckonrod.core.drill;

import reckonrod.core.panel.PanelKey;

/**
 * A key that was pressed.
 *
 * @param key the key
 * @param afterMillis how long after the one before, in milliseconds, not negative
 */
public record Press(PanelKey key, int afterMillis) {
    public Press {
        if (afterMillis < 0) {
            throw new IllegalArgumentException("A key is pressed after the one before, was " + afterMillis + " ms");
        }
    }
}
