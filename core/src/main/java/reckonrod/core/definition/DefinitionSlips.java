package reckonrod.core.definition;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.channel.Emission;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.Limits;

/**
 * What a definition can be read with, and what would yet have the wrong thing keyed in or the wrong radio loaded. A new text is refused
 * for it; one that was kept before anybody looked for this is read as ever, for radios and snapshots hang on it.
 */
final class DefinitionSlips {
    private static final Set<String> DIRECTIONS = Set.of("none", "higher", "lower");
    private static final String SAYS_ITSELF = "[!-~]([ -~]*[!-~])?";

    private DefinitionSlips() {}

    static List<String> of(RadioDefinition definition) {
        List<String> slips = new ArrayList<>();
        definition
                .link()
                .map(LinkDefinition::ident)
                .filter(ident -> !ident.matches(SAYS_ITSELF))
                .ifPresent(ident ->
                        slips.add("ident must be what the radio calls itself, in plain letters and digits, was \""
                                + ident + "\""));
        definition.panel().ifPresent(panel -> {
            ofKeys(panel, slips);
            panel.items().forEach(item -> ofItem(item, definition.limits(), slips));
        });
        return slips;
    }

    private static void ofKeys(Panel panel, List<String> slips) {
        if (new HashSet<>(panel.keys().values()).size() < panel.keys().size()) {
            slips.add("two keys have the same print; each needs one of its own");
        }
        if (panel.say(PanelWord.EMPTY).equals(panel.say(PanelWord.OCCUPIED))) {
            slips.add("a slot that is empty and one that is in use must not be told by the same word, were \""
                    + panel.say(PanelWord.EMPTY) + "\"");
        }
    }

    private static void ofItem(PanelItem item, Limits limits, List<String> slips) {
        // Whoever turns to one of two that look alike cannot know which it is.
        apart(item, "values", item.values(), slips);
        apart(item, "shown", item.shown(), slips);
        if (item.part() == PanelPart.DIRECTION && !Set.copyOf(item.values()).equals(DIRECTIONS)) {
            slips.add(item.label() + ": direction must have the values none, higher and lower, had " + item.values());
        }
        List<String> had = switch (item.part()) {
            case POWER ->
                limits.power().stream().map(each -> each.level().word()).toList();
            case EMISSION ->
                limits.receive().stream()
                        .flatMap(band -> band.kept().stream())
                        .distinct()
                        .map(Emission::name)
                        .toList();
            default -> item.values();
        };
        item.values().stream()
                .filter(each -> !had.contains(each))
                .forEach(each -> slips.add(item.label() + ": " + item.part().words() + " can be "
                        + String.join(", ", had) + " by the limits of this radio, was " + each));
    }

    private static void apart(PanelItem item, String what, List<String> texts, List<String> slips) {
        if (Set.copyOf(texts).size() < texts.size()) {
            slips.add(item.label() + ": " + what + " must differ from each other, were " + texts);
        }
    }
}
