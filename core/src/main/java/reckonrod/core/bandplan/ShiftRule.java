package reckonrod.core.bandplan;

import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Shift;

/**
 * How far the repeaters of a stretch shift.
 *
 * @param outputs the frequencies repeaters send on
 * @param shift the signed distance from there to the frequency they listen on
 * @param practice the published practice that this rule rests on
 */
public record ShiftRule(FrequencyRange outputs, Shift shift, String practice) {
    /** {@code outputs 145.200-145.495 talk 600 kHz lower}. */
    @Override
    public String toString() {
        return "outputs " + outputs.toString().replace('-', '–') + " talk " + shift.toSizeText()
                + (shift.hertz() < 0 ? " lower" : " higher");
    }
}
