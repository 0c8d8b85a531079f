package reckonrod.core.panel;

import java.util.List;

/**
 * An item of a numbered menu.
 *
 * @param number its two-digit number, 1 to 99
 * @param label what the display calls it
 * @param part what it sets or does
 * @param values what it can be set to, in words of this program and in the order of the radio; the tones of the radio, the digits
 *     of a size, and acts have none
 * @param shown the same in the radio's words
 */
public record PanelItem(int number, String label, PanelPart part, List<String> values, List<String> shown) {
    public PanelItem {
        values = List.copyOf(values);
        shown = List.copyOf(shown);
        if (values.size() != shown.size()) {
            throw new IllegalArgumentException(
                    "values and shown must be as many, were " + values.size() + " and " + shown.size());
        }
    }
}
