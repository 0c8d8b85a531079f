package reckonrod.core.fit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Kind;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;

/** Judges what a radio is about to get, where the list alone cannot know. */
final class FitChecks {
    static final FindingKind NAME_CLASH = new FindingKind(
            "name-clash-after-shortening",
            Severity.DOUBT,
            "{name} and {otherName} in slot {other} both show as {shown} on {radio}.",
            "On the display the two look alike. Choose names that differ in their first characters.");
    static final FindingKind TOLD_APART = new FindingKind(
            "name-told-apart",
            Severity.NOTE,
            "{name} shows as {shown} on {radio}, to be told apart from {otherName}.",
            "Choose names that differ in their first characters, and each shows as you expect.");
    static final FindingKind HANDHELD_POWER = new FindingKind(
            "handheld-power",
            Severity.NOTE,
            "{radio} sends {watts} W here, more than 5 W from a handheld near the head.",
            "Hold it away from you, or ask for less power; limits of exposure are set by local rules.");

    static final FindingKind HOME = new FindingKind(
            "fit-home-slot",
            Severity.NOTE,
            "Slot {slot} is the home channel of {radio}: a key of its own calls it, wherever the radio is turned to.",
            "Put the channel there that is wanted in a hurry, or leave the slot free.");

    private static final BigDecimal MOST_WATTS = BigDecimal.valueOf(5);

    private FitChecks() {}

    static NavigableMap<Integer, List<Finding>> of(RadioModel radio, List<Placement> placements) {
        NavigableMap<Integer, List<Finding>> findings = new TreeMap<>();
        Map<String, Placement> shown = new HashMap<>();
        for (Placement placement : placements) {
            placement.content().ifPresent(content -> {
                List<Finding> found = new ArrayList<>();
                nameClash(radio, placement, content, shown)
                        .or(() -> toldApart(radio, placement, content))
                        .ifPresent(found::add);
                power(radio, placement, content).ifPresent(found::add);
                if (radio.limits().home().equals(placement.place())) {
                    found.add(Finding.of(
                            HOME,
                            Field.SLOT,
                            Map.of("slot", String.valueOf(placement.place().getAsInt()), "radio", radio.title())));
                }
                if (!found.isEmpty()) {
                    findings.put(placement.slot(), List.copyOf(found));
                }
            });
        }
        return findings;
    }

    private static Optional<Finding> nameClash(
            RadioModel radio, Placement placement, RadioSlot content, Map<String, Placement> shown) {
        if (content.name().isBlank()) {
            return Optional.empty();
        }
        Placement other = shown.putIfAbsent(content.name(), placement);
        String name = placement.entry().channel().name();
        if (other == null || other.entry().channel().name().equalsIgnoreCase(name)) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                NAME_CLASH,
                Field.NAME,
                Map.of(
                        "name", name,
                        "otherName", other.entry().channel().name(),
                        "other", String.valueOf(other.slot()),
                        "shown", content.name().strip(),
                        "radio", radio.title())));
    }

    /** A name that looks otherwise than the radio alone would make it, so that nobody looks for it in vain. */
    private static Optional<Finding> toldApart(RadioModel radio, Placement placement, RadioSlot content) {
        return placement.reasons().isEmpty()
                ? Optional.empty()
                : placement.reasons().stream()
                        .map(FitReason::finding)
                        .filter(each -> each.kind().equals(NamesApart.APART))
                        .findFirst()
                        .map(each -> Finding.of(
                                TOLD_APART,
                                Field.NAME,
                                Map.of(
                                        "name", placement.entry().channel().name(),
                                        "shown", content.name(),
                                        "radio", radio.title(),
                                        "otherName", each.facts().get("otherName"))));
    }

    private static Optional<Finding> power(RadioModel radio, Placement placement, RadioSlot content) {
        if (radio.kind() != Kind.HANDHELD || content.transmit().isEmpty()) {
            return Optional.empty();
        }
        Channel channel = placement.entry().channel();
        return strong(radio.limits().power(), content)
                .map(level -> new Finding(
                        HANDHELD_POWER,
                        Field.POWER,
                        Map.of("radio", radio.title(), "watts", level.watts().toPlainString()),
                        radio.limits().power().stream()
                                .filter(each -> each.watts().compareTo(MOST_WATTS) <= 0)
                                .map(each -> lower(channel, each))
                                .toList()));
    }

    private static Optional<PowerLevel> strong(List<PowerLevel> levels, RadioSlot content) {
        for (PowerLevel level : levels) {
            if (level.level() == content.power()) {
                return level.watts().compareTo(MOST_WATTS) > 0 ? Optional.of(level) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static Fix lower(Channel channel, PowerLevel level) {
        return new Fix(
                "Use " + level.level().word() + ", " + level.watts() + " W",
                new Edit.ReplaceChannel(channel.withPower(level.level())));
    }
}
