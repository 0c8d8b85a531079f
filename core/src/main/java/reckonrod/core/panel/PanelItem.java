package reckonrod.core.panel;

import java.util.List;
import java.util.Optional;
import reckonrod.core.radio.RadioSetting;

/**
 * An item of a panel.
 *
 * @param number how it is called: two digits in a numbered menu, tens for the presses of the function key and ones for the digit behind
 *     it, or its place on the pages of soft keys from 1; 0 to 99
 * @param label what the display calls it
 * @param part what it sets or does
 * @param values what it can be set to, in words of this program and in the order of the radio; the tones of the radio, digits, and acts
 *     have none
 * @param shown the same in the radio's words
 * @param setting which setting of the radio it is, if it is one
 */
public record PanelItem(
        int number,
        String label,
        PanelPart part,
        List<String> values,
        List<String> shown,
        Optional<RadioSetting> setting) {
    public PanelItem {
        values = List.copyOf(values);
        shown = List.copyOf(shown);
        if (values.size() != shown.size()) {
            throw new IllegalArgumentException(
                    "values and shown must be as many, were " + values.size() + " and " + shown.size());
        }
        if (setting.isPresent() != (part == PanelPart.SETTING)) {
            throw new IllegalArgumentException("an item must name a setting if it sets one, and only then");
        }
    }
}
