package reckonrod.server.carry;

import java.util.List;
import reckonrod.core.keying.KeySheet;

/**
 * A few keys that are pressed in one go.
 *
 * @param item what they set, as the display calls it; empty for what is dialled or called
 * @param shows what the display shows: what is set, before the last key takes it, else what is there in the end
 */
public record KeyLineView(List<String> keys, String item, List<String> shows) {
    /** A line of a sheet. */
    public static KeyLineView of(KeySheet.Line line) {
        return new KeyLineView(line.shortLabels(), line.item(), line.told());
    }
}
