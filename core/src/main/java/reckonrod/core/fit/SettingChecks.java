package reckonrod.core.fit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.RadioSetting;

/** Looks at what a radio itself is set to: right channels fail in a radio that is set wrong. */
public final class SettingChecks {
    static final FindingKind FAILS = new FindingKind(
            "radio-setting-fails",
            Severity.DOUBT,
            "{setting} of this radio was {value} when it was read last; {advised} is advised.",
            "{why}{panel}");

    private SettingChecks() {}

    /**
     * The settings with which channels fail.
     *
     * @param settings what each is set to, as far as that is known
     */
    public static List<Finding> of(Map<RadioSetting, Optional<String>> settings) {
        return settings.entrySet().stream()
                .filter(each ->
                        each.getValue().filter(each.getKey().fails()::contains).isPresent())
                .map(each -> finding(each.getKey(), each.getValue().orElseThrow()))
                .toList();
    }

    private static Finding finding(RadioSetting setting, String value) {
        return Finding.of(
                FAILS,
                Field.SLOT,
                Map.of(
                        "setting",
                        setting.name().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                                + setting.name().substring(1),
                        "value",
                        value,
                        "advised",
                        setting.advised(),
                        "why",
                        setting.why(),
                        "panel",
                        setting.panel()
                                .map(there -> " On the radio: " + there + ".")
                                .orElse("")));
    }
}
