package reckonrod.core.definition;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reckonrod.core.channel.Emission;
import reckonrod.core.panel.Dialect;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.ShiftLimit;

/** The slips of a panel by which the wrong thing would be keyed in. */
final class PanelSlips {
    private final Panel panel;
    private final Limits limits;
    private final List<String> slips = new ArrayList<>();

    private PanelSlips(Panel panel, Limits limits) {
        this.panel = panel;
        this.limits = limits;
    }

    static List<String> of(Panel panel, Limits limits) {
        PanelSlips of = new PanelSlips(panel, limits);
        of.keys();
        panel.items().forEach(of::item);
        return of.slips;
    }

    private void keys() {
        if (new HashSet<>(panel.keys().values()).size() < panel.keys().size()) {
            slips.add("two keys have the same print; each needs one of its own");
        }
        if (panel.say(PanelWord.EMPTY).equals(panel.say(PanelWord.OCCUPIED))) {
            slips.add("a slot that is empty and one that is in use must not be told by the same word, were \""
                    + panel.say(PanelWord.EMPTY) + "\"");
        }
        if (panel.dialect() == Dialect.FUNCTION_AND_DIAL && panel.timing().functionMillis() == 0) {
            slips.add(
                    "function_ms must say how soon the number follows the function key, in milliseconds; it is missing");
        }
        List<String> labels = panel.items().stream().map(PanelItem::label).toList();
        if (panel.dialect() == Dialect.SOFT_KEYS && new HashSet<>(labels).size() < labels.size()) {
            slips.add("labels of soft keys must differ from each other, were " + labels);
        }
    }

    private void item(PanelItem item) {
        // Whoever turns to one of two that look alike cannot know which it is.
        apart(item, "values", item.values());
        apart(item, "shown", item.shown());
        if (!isThere(item.part())) {
            slips.add(item.label() + " sets " + item.part().words()
                    + ", which this radio does not have by its limits; leave it out, or put the limits right");
            return;
        }
        List<String> needed = needed(item.part());
        if (!Set.copyOf(item.values()).containsAll(needed)) {
            slips.add(item.label() + ": " + item.part().words() + " must have the values " + String.join(", ", needed)
                    + ", had " + String.join(", ", item.values()));
        }
        List<String> had = had(item);
        item.values().stream()
                .filter(each -> !had.contains(each))
                .forEach(each -> slips.add(item.label() + ": " + item.part().words() + " can be "
                        + String.join(", ", had) + " by the limits of this radio, was " + each));
    }

    private boolean isThere(PanelPart part) {
        return switch (part) {
            case LISTEN_TONE -> limits.tones().listen().all().size() > 1;
            case POLARITY -> limits.tones().onePolarity();
            case REVERSED -> limits.tones().listen().reversed();
            case SCAN -> limits.scan().skips();
            case TALKS -> limits.listenOnly();
            case NAME -> limits.name().longest() > 0;
            case BANK, JOIN, LEAVE -> limits.banks() > 0;
            case TALK_AT -> !(limits.shift() instanceof ShiftLimit.OncePerBand);
            default -> true;
        };
    }

    /** Without these it cannot be set to what a channel needs. */
    private List<String> needed(PanelPart part) {
        return switch (part) {
            case DIRECTION -> List.of("none", "higher", "lower");
            case SCAN, TALKS, REVERSED, POLARITY -> List.of("yes", "no");
            case TONES_ON ->
                limits.tones().listen().all().size() > 1
                        ? List.of("none", "talk", "listen", "both")
                        : List.of("none", "talk");
            case BANK -> banks();
            default -> List.of();
        };
    }

    private List<String> had(PanelItem item) {
        return switch (item.part()) {
            case POWER ->
                limits.power().stream().map(each -> each.level().word()).toList();
            case EMISSION ->
                limits.receive().stream()
                        .flatMap(band -> band.kept().stream())
                        .distinct()
                        .map(Emission::name)
                        .toList();
            case BANK -> banks();
            default -> item.values();
        };
    }

    private List<String> banks() {
        return Stream.concat(
                        Stream.of("none"),
                        IntStream.rangeClosed(1, limits.banks()).mapToObj(String::valueOf))
                .toList();
    }

    private void apart(PanelItem item, String what, List<String> texts) {
        if (Set.copyOf(texts).size() < texts.size()) {
            slips.add(item.label() + ": " + what + " must differ from each other, were " + texts);
        }
    }
}
