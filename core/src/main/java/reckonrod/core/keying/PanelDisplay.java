package reckonrod.core.keying;

import java.util.List;
import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.RadioSlot;

/** What the display of a radio shows while it is keyed. */
final class PanelDisplay {
    private final PanelMachine machine;
    private final Panel panel;
    private final Choices choices;
    private final ImageCodec codec;

    PanelDisplay(PanelMachine machine) {
        this.machine = machine;
        this.panel = machine.panel();
        this.choices = machine.choices();
        this.codec = machine.codec();
    }

    /** What the display shows, row by row. */
    List<String> shows(PanelState state) {
        List<String> rows = List.of(machine.title(state), body(state), state.said());
        if (machine.radio().face().rows().size() > 1 || machine.radio().face().lines() > 1) {
            return rows;
        }
        // One row for everything: what it says goes first, then what is set, then what is looked at.
        boolean named = !state.inMenu() && !machine.dials(state)
                || state.open()
                        && state.draft() == PanelState.NONE
                        && state.typed().isEmpty();
        return List.of(
                !rows.get(2).isEmpty() ? rows.get(2) : named || rows.get(1).isEmpty() ? rows.get(0) : rows.get(1));
    }

    private String body(PanelState state) {
        if (state.inMenu()) {
            return state.open() ? entered(state, machine.item(state.item())) : standing(state, state.item());
        }
        if (state.onSlot().isPresent()) {
            return machine.content(state, state.onSlot().getAsInt())
                    .map(each -> each.name().isEmpty() ? megahertz(each.receive()) : each.name())
                    .orElse(panel.say(PanelWord.EMPTY));
        }
        if (!state.typed().isEmpty()) {
            return state.typed()
                    + "-".repeat(panel.digits().frequency() - state.typed().length());
        }
        return state.hertz().isPresent()
                ? megahertz(Frequency.ofHertz(state.hertz().getAsLong()))
                : "";
    }

    /** A display of six characters has no room for a point, nor for what is behind the kilohertz. */
    private String megahertz(Frequency frequency) {
        String text = frequency.toMegahertzText();
        int room = machine.radio().face().rows().stream()
                .mapToInt(each -> each.characters())
                .max()
                .orElse(text.length());
        return text.length() <= room
                ? text
                : Choices.padded(
                        frequency.hertz() / Choices.KILOHERTZ, panel.digits().frequency());
    }

    private String standing(PanelState state, int at) {
        PanelItem item = machine.item(at);
        if (item.part().isAct()) {
            return "";
        }
        if (state.onSlot().isPresent() && item.part() != PanelPart.SETTING) {
            return machine.content(state, state.onSlot().getAsInt())
                    .map(each -> inSlot(item.part(), each))
                    .orElse("…");
        }
        if (item.part() == PanelPart.NAME) {
            return state.name();
        }
        return item.part() == PanelPart.SETTING
                ? codec.settings(state.memory())
                        .getOrDefault(item.setting().orElseThrow(), Optional.empty())
                        .orElse("…")
                : machine.valued(item, state.values().get(at));
    }

    private String entered(PanelState state, PanelItem item) {
        if (item.part() == PanelPart.NAME) {
            return state.typed()
                    + (state.draft() == PanelState.NONE
                            ? "_"
                            : machine.letters().charAt(state.draft()));
        }
        if (!state.typed().isEmpty()) {
            return state.typed()
                    + "-".repeat(choices.digits(item) - state.typed().length());
        }
        return state.draft() == PanelState.NONE && !item.part().isAct()
                ? standing(state, state.item())
                : item.part() == PanelPart.RESET || item.part() == PanelPart.RECALL
                        ? ""
                        : machine.valued(item, state.draft());
    }

    /** What the slot that is called has of it, which is not what is dialled. */
    private String inSlot(PanelPart part, RadioSlot content) {
        String value = switch (part) {
            case NAME -> content.name();
            case SCAN -> content.scan() ? "yes" : "no";
            case BANK ->
                content.banks().stream().findFirst().map(String::valueOf).orElse("none");
            default -> "";
        };
        return panel.item(part)
                .filter(item -> item.values().contains(value))
                .map(item -> machine.valued(item, item.values().indexOf(value)))
                .orElse(value);
    }
}
