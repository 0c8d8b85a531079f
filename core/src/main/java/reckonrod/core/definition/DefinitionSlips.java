package reckonrod.core.definition;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.ShiftLimit;

/**
 * What a definition can be read with, and what would yet have the wrong thing keyed in or the wrong radio loaded. A new text is refused
 * for it; one that was kept before anybody looked for this is read as ever, for radios and snapshots hang on it.
 */
final class DefinitionSlips {
    private static final String SAYS_ITSELF = "[!-~]([ -~]*[!-~])?";

    private DefinitionSlips() {}

    static List<String> of(RadioDefinition definition) {
        List<String> slips = new ArrayList<>();
        ofLimits(definition.limits(), slips);
        ofSettings(definition.settings(), slips);
        definition.memory().or(definition::inner).ifPresent(layout -> slips.addAll(layout.slips()));
        definition.link().ifPresent(link -> ofLink(link, slips));
        definition.panel().ifPresent(panel -> slips.addAll(PanelSlips.of(panel, definition.limits())));
        return slips;
    }

    private static void ofLimits(Limits limits, List<String> slips) {
        List<PowerLevel> power = limits.power();
        for (int i = 0; i < power.size(); i++) {
            boolean falls = i == 0
                    || power.get(i).watts().compareTo(power.get(i - 1).watts()) < 0
                            && power.get(i).level().compareTo(power.get(i - 1).level()) > 0;
            if (power.get(i).watts().signum() <= 0 || !falls) {
                slips.add("powers must be above 0 W and fall from high to low, each once; the power " + (i + 1)
                        + " was " + power.get(i).level().word() + " with "
                        + power.get(i).watts().toPlainString() + " W");
            }
        }
        if (limits.shift() instanceof ShiftLimit.Steps steps) {
            ofShift(steps.stepHertz(), steps.mostHertz(), slips);
        } else if (limits.shift() instanceof ShiftLimit.OncePerBand once) {
            ofShift(once.stepHertz(), once.mostHertz(), slips);
        }
    }

    private static void ofShift(int stepHertz, long mostHertz, List<String> slips) {
        if (mostHertz < stepHertz) {
            slips.add("most_hertz must be the widest shift in hertz, at least one step of " + stepHertz + ", was "
                    + mostHertz);
        }
    }

    private static void ofSettings(List<RadioSetting> settings, List<String> slips) {
        Set<String> names = new HashSet<>();
        settings.forEach(setting -> {
            if (!names.add(setting.name())) {
                slips.add("two settings are called \"" + setting.name() + "\"; each needs a name of its own");
            }
            if (Set.copyOf(setting.values()).size() < setting.values().size()) {
                slips.add("the values of the setting \"" + setting.name() + "\" must differ from each other, were "
                        + setting.values());
            }
        });
    }

    private static void ofLink(LinkDefinition link, List<String> slips) {
        if (!link.ident().matches(SAYS_ITSELF)) {
            slips.add("ident must be what the radio calls itself, in plain letters and digits, was \"" + link.ident()
                    + "\"");
        }
    }
}
