package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.List;
import reckonrod.core.radio.RadioSetting;

/**
 * Something that neither the channels nor the link bring into a radio, so that the person does it there.
 *
 * @param ofRadio whether it is of the radio as a whole and stays done once it is; else it is to be done after each write
 * @param words what to do, and why
 */
public record ByHandStep(boolean ofRadio, String words) {
    /**
     * What is left to do by hand once a list was written into a radio.
     *
     * @param unreached the settings of the radio that its link does not reach
     */
    public static List<ByHandStep> of(List<RadioSetting> unreached, FitReport fitted) {
        List<ByHandStep> steps = new ArrayList<>();
        for (Placement placement : fitted.placements()) {
            placement.reasons().stream()
                    .filter(reason -> reason.mark() == FitMark.BY_HAND)
                    .forEach(reason -> steps.add(new ByHandStep(false, words(placement, reason))));
        }
        unreached.forEach(setting -> setting.panel()
                .ifPresent(keys -> steps.add(new ByHandStep(
                        true,
                        "On the radio, set " + setting.name() + " to \"" + setting.advised() + "\" (" + keys + "). "
                                + setting.why()))));
        return steps;
    }

    private static String words(Placement placement, FitReason reason) {
        String slot =
                placement.place().isPresent() ? " (slot " + placement.place().getAsInt() + ")" : "";
        return (placement.entry().channel().label() + slot + ": " + reason.why() + " " + reason.avoid()).strip();
    }
}
