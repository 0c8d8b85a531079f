package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.panel.NumberedPanel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/** What the values of a panel's items mean: values into the content of a slot, and a content into the values that make it. */
final class Choices {
    private static final String NONE = "none";
    private static final String HIGHER = "higher";
    private static final String LOWER = "lower";
    private static final String YES = "yes";

    private final NumberedPanel panel;
    private final List<Tone> talk;
    private final List<Tone> listen;

    Choices(NumberedPanel panel, Limits limits) {
        this.panel = panel;
        talk = limits.tones().talk().all();
        listen = limits.tones().listen().all();
    }

    private static List<String> shown(List<Tone> tones) {
        return tones.stream().map(each -> each.text().orElse("OFF")).toList();
    }

    /** The values of an item as the radio shows them; empty for digits and acts. */
    List<String> shown(PanelItem item) {
        return switch (item.part()) {
            case TALK_TONE -> shown(talk);
            case LISTEN_TONE -> shown(listen);
            default -> item.shown();
        };
    }

    /** How many digits the number of a value takes. */
    int digits(PanelItem item) {
        return switch (item.part()) {
            case SIZE -> panel.sizeDigits();
            case STORE, ERASE -> panel.slotDigits();
            default -> String.valueOf(shown(item).size() - 1).length();
        };
    }

    /** What a value is called on the display. */
    String words(PanelItem item, int value) {
        if (value == PanelState.NONE) {
            // A number that is asked for is blank; what nobody knows is whatever it is.
            return item.part().isAct() ? "-".repeat(digits(item)) : "…";
        }
        return item.part() == PanelPart.SIZE || item.part().isAct()
                ? padded(value, digits(item))
                : padded(value, digits(item)) + " " + shown(item).get(value);
    }

    static String padded(long value, int digits) {
        String text = String.valueOf(value);
        return "0".repeat(Math.max(0, digits - text.length())) + text;
    }

    private Optional<String> meaning(PanelState state, PanelPart part) {
        for (int i = 0; i < panel.items().size(); i++) {
            PanelItem item = panel.items().get(i);
            if (item.part() == part && state.values().get(i) != PanelState.NONE) {
                return Optional.of(item.values().get(state.values().get(i)));
            }
        }
        return Optional.empty();
    }

    private int value(PanelState state, PanelPart part) {
        for (int i = 0; i < panel.items().size(); i++) {
            if (panel.items().get(i).part() == part) {
                return state.values().get(i);
            }
        }
        return 0;
    }

    /** What would be stored of what is dialled; absent where something of it is not known, or the talk frequency cannot be. */
    Optional<RadioSlot> content(PanelState state) {
        boolean known = state.hertz().isPresent();
        for (int i = 0; i < panel.items().size(); i++) {
            boolean needless = panel.items().get(i).part().isAct()
                    || panel.items().get(i).part() == PanelPart.SIZE
                            && meaning(state, PanelPart.DIRECTION)
                                    .filter(NONE::equals)
                                    .isPresent();
            known &= needless || state.values().get(i) != PanelState.NONE;
        }
        if (!known) {
            return Optional.empty();
        }
        Frequency receive = Frequency.ofHertz(state.hertz().getAsLong());
        OptionalLong transmit = transmit(state, receive);
        if (transmit.isPresent() && transmit.getAsLong() <= 0) {
            return Optional.empty();
        }
        int bank = meaning(state, PanelPart.BANK)
                .filter(each -> !each.equals(NONE))
                .map(Integer::parseInt)
                .orElse(0);
        return Optional.of(new RadioSlot(
                "",
                receive,
                transmit.isPresent() ? Optional.of(Frequency.ofHertz(transmit.getAsLong())) : Optional.empty(),
                talk.get(value(state, PanelPart.TALK_TONE)),
                listen.get(value(state, PanelPart.LISTEN_TONE)),
                meaning(state, PanelPart.EMISSION).map(Emission::valueOf).orElse(Emission.FM),
                meaning(state, PanelPart.POWER).map(Power::parse).orElse(Power.HIGH),
                meaning(state, PanelPart.SCAN).map(YES::equals).orElse(true),
                bank == 0 ? Set.of() : Set.of(bank)));
    }

    private OptionalLong transmit(PanelState state, Frequency receive) {
        if (meaning(state, PanelPart.TALKS).filter(each -> !each.equals(YES)).isPresent()) {
            return OptionalLong.empty();
        }
        String direction = meaning(state, PanelPart.DIRECTION).orElse(NONE);
        long size = direction.equals(NONE) ? 0 : (long) value(state, PanelPart.SIZE) * panel.sizeUnitHertz();
        return OptionalLong.of(receive.hertz() + (direction.equals(LOWER) ? -size : size));
    }

    /**
     * What has to be set for a content.
     *
     * @param hertz the frequency to be dialled
     * @param values the value of each item; −1 where it does not matter
     * @param blocks what keeps the content from being keyed in at all, in sentences
     * @param leaves what of it the panel leaves out, in sentences
     */
    record Target(long hertz, List<Integer> values, List<String> blocks, List<String> leaves) {
        Target {
            values = List.copyOf(values);
            blocks = List.copyOf(blocks);
            leaves = List.copyOf(leaves);
        }
    }

    /** The values that make a content; what the panel cannot set of it is told. */
    Target target(RadioSlot content) {
        List<Integer> values = new ArrayList<>();
        List<String> blocks = new ArrayList<>();
        List<String> leaves = new ArrayList<>();
        if (!content.name().isEmpty()) {
            leaves.add("The name " + content.name() + " cannot be keyed in; the slot shows its frequency instead.");
        }
        Optional<Shift> shift = content.transmit().map(talk -> Shift.between(content.receive(), talk));
        for (PanelItem item : panel.items()) {
            values.add(
                    switch (item.part()) {
                        case TALK_TONE -> talk.indexOf(content.talkTone());
                        case LISTEN_TONE -> listen.indexOf(content.listenTone());
                        case SIZE -> size(shift, blocks);
                        case DIRECTION ->
                            shift.map(each -> item.values().indexOf(direction(each)))
                                    .orElse(PanelState.NONE);
                        case POWER -> item.values().indexOf(content.power().word());
                        case EMISSION ->
                            item.values().indexOf(content.emission().name());
                        case SCAN -> item.values().indexOf(content.scan() ? YES : "no");
                        case TALKS -> item.values().indexOf(content.transmit().isPresent() ? YES : "no");
                        case BANK ->
                            item.values()
                                    .indexOf(content.banks().stream()
                                            .findFirst()
                                            .map(String::valueOf)
                                            .orElse(NONE));
                        case STORE, ERASE -> PanelState.NONE;
                    });
        }
        for (int i = 0; i < values.size(); i++) {
            PanelItem item = panel.items().get(i);
            boolean free = item.part().isAct()
                    || item.part() == PanelPart.SIZE
                    || item.part() == PanelPart.DIRECTION && content.transmit().isEmpty();
            if (!free && values.get(i) == PanelState.NONE) {
                blocks.add("Item " + padded(item.number(), 2) + " " + item.label() + " has no value for that.");
            }
        }
        requireSettable(PanelPart.LISTEN_TONE, content.listenTone() != NoTone.NONE, "a listen tone", blocks);
        requireSettable(PanelPart.TALKS, content.transmit().isEmpty(), "a channel that never talks", blocks);
        requireSettable(PanelPart.BANK, !content.banks().isEmpty(), "a bank", blocks);
        return new Target(content.receive().hertz(), values, blocks, leaves);
    }

    private void requireSettable(PanelPart part, boolean wanted, String what, List<String> blocks) {
        if (wanted && panel.item(part).isEmpty()) {
            blocks.add("The panel has no item for " + what + ".");
        }
    }

    private static String direction(Shift shift) {
        return shift.hertz() == 0 ? NONE : shift.hertz() > 0 ? HIGHER : LOWER;
    }

    private int size(Optional<Shift> shift, List<String> blocks) {
        if (shift.isEmpty() || shift.get().hertz() == 0) {
            return PanelState.NONE;
        }
        long steps = shift.get().sizeHertz() / panel.sizeUnitHertz();
        long most = Math.round(Math.pow(10, panel.sizeDigits())) - 1;
        if (shift.get().sizeHertz() % panel.sizeUnitHertz() != 0 || steps > most) {
            blocks.add("The size of its shift, " + shift.get().toSizeText() + ", does not go into " + panel.sizeDigits()
                    + " digits. This channel goes in by the link only.");
            return PanelState.NONE;
        }
        return (int) steps;
    }
}
