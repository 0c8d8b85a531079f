package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.LongFunction;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ShiftLimit;
import reckonrod.core.radio.ToneSet;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/** What the values of a panel's items mean: values into the content of a slot, and a content into the values that make it. */
final class Choices {
    static final int KILOHERTZ = 1_000;
    private static final String NONE = "none";
    private static final String HIGHER = "higher";
    private static final String LOWER = "lower";
    private static final String YES = "yes";
    private static final String NO = "no";
    private static final String BOTH = "both";
    private static final String TALK = "talk";
    private static final String LISTEN = "listen";

    private final Panel panel;
    private final Limits limits;
    private final LongFunction<Optional<Frequency>> talkAt;
    private final List<Tone> talk;
    private final List<Tone> listen;
    private final List<String> talkShown;
    private final List<String> listenShown;

    /**
     * The choices of a panel.
     *
     * @param talkAt the talk frequency that so many kilohertz stand for
     */
    Choices(Panel panel, Limits limits, LongFunction<Optional<Frequency>> talkAt) {
        this.panel = panel;
        this.limits = limits;
        this.talkAt = talkAt;
        talk = tones(limits.tones().talk());
        listen = tones(limits.tones().listen());
        talkShown = shown(talk);
        listenShown = shown(listen);
    }

    /** Without what is a switch of its own on this panel. */
    private List<Tone> tones(ToneSet has) {
        return (panel.item(PanelPart.POLARITY).isPresent() ? has.upright() : has)
                .all().stream()
                        .filter(each -> each != NoTone.NONE
                                || panel.item(PanelPart.TONES_ON).isEmpty())
                        .toList();
    }

    private static List<String> shown(List<Tone> tones) {
        return tones.stream().map(Choices::shown).toList();
    }

    /** As short as a small display needs it. */
    private static String shown(Tone tone) {
        if (tone instanceof DcsCode code) {
            return "D" + code.toOctalText() + code.polarity().letter();
        }
        return tone instanceof CtcssTone some ? some.toHertzText() : "OFF";
    }

    /** The values of an item as the radio shows them; empty for digits, letters and acts. */
    List<String> shown(PanelItem item) {
        return switch (item.part()) {
            case TALK_TONE -> talkShown;
            case LISTEN_TONE -> listenShown;
            default -> item.shown();
        };
    }

    /** How many digits are typed into an item, or make the number of one of its values; 0 for none. */
    int digits(PanelItem item) {
        return switch (item.part()) {
            case SIZE -> panel.digits().size();
            case TALK_AT -> panel.digits().frequency();
            case STORE, ERASE -> panel.digits().slot();
            case JOIN, LEAVE -> String.valueOf(limits.banks()).length();
            case RECALL, RESET, NAME -> 0;
            default -> String.valueOf(shown(item).size() - 1).length();
        };
    }

    /** What a value is called on the display. */
    String words(PanelItem item, int value) {
        if (value == PanelState.NONE) {
            // A number that is asked for is blank; what nobody knows is whatever it is.
            return item.part().isAct() ? "-".repeat(digits(item)) : "…";
        }
        return item.part().isListed() ? shown(item).get(value) : padded(value, digits(item));
    }

    static String padded(long value, int digits) {
        String text = String.valueOf(value);
        return "0".repeat(Math.max(0, digits - text.length())) + text;
    }

    private int value(PanelState state, PanelPart part) {
        for (int i = 0; i < panel.items().size(); i++) {
            if (panel.items().get(i).part() == part) {
                return state.values().get(i);
            }
        }
        return 0;
    }

    private Optional<String> meaning(PanelState state, PanelPart part) {
        return panel.item(part)
                .filter(item -> value(state, part) != PanelState.NONE)
                .map(item -> item.values().get(value(state, part)));
    }

    private boolean means(PanelState state, PanelPart part, String... words) {
        return meaning(state, part).filter(Set.of(words)::contains).isPresent();
    }

    /** What would be stored of what is dialled; absent where something of it is not known, or the talk frequency cannot be. */
    Optional<RadioSlot> content(PanelState state) {
        boolean known = state.hertz().isPresent();
        for (int i = 0; i < panel.items().size(); i++) {
            known &= state.values().get(i) != PanelState.NONE
                    || isNeedless(state, panel.items().get(i).part());
        }
        if (!known) {
            return Optional.empty();
        }
        Frequency receive = Frequency.ofHertz(state.hertz().getAsLong());
        OptionalLong transmit = transmit(state, receive);
        if (transmit.isPresent() && transmit.getAsLong() <= 0) {
            return Optional.empty();
        }
        boolean upsideDown = means(state, PanelPart.POLARITY, YES);
        Tone heard = turned(tone(state, PanelPart.LISTEN_TONE, listen), upsideDown);
        int bank = meaning(state, PanelPart.BANK)
                .filter(each -> !each.equals(NONE))
                .map(Integer::parseInt)
                .orElse(0);
        return Optional.of(new RadioSlot(
                state.name().stripTrailing(),
                receive,
                transmit.isPresent() ? Optional.of(Frequency.ofHertz(transmit.getAsLong())) : Optional.empty(),
                turned(tone(state, PanelPart.TALK_TONE, talk), upsideDown),
                heard instanceof CtcssTone shut && means(state, PanelPart.REVERSED, YES)
                        ? new ReversedTone(shut)
                        : heard,
                meaning(state, PanelPart.EMISSION).map(Emission::valueOf).orElse(Emission.FM),
                meaning(state, PanelPart.POWER).map(Power::parse).orElse(Power.HIGH),
                meaning(state, PanelPart.SCAN).map(YES::equals).orElse(true),
                bank == 0 ? Set.of() : Set.of(bank)));
    }

    /** Whether a value does not matter for what would be stored. */
    private boolean isNeedless(PanelState state, PanelPart part) {
        boolean never = means(state, PanelPart.TALKS, NO);
        return switch (part) {
            case SIZE -> never || value(state, PanelPart.TALK_AT) > 0 || means(state, PanelPart.DIRECTION, NONE);
            case DIRECTION -> never || value(state, PanelPart.TALK_AT) > 0;
            case TALK_AT -> never;
            case TALK_TONE ->
                panel.item(PanelPart.TONES_ON).isPresent() && means(state, PanelPart.TONES_ON, NONE, LISTEN);
            case LISTEN_TONE ->
                panel.item(PanelPart.TONES_ON).isPresent() && means(state, PanelPart.TONES_ON, NONE, TALK);
            case REVERSED -> !(tone(state, PanelPart.LISTEN_TONE, listen) instanceof CtcssTone);
            case POLARITY ->
                !(tone(state, PanelPart.TALK_TONE, talk) instanceof DcsCode)
                        && !(tone(state, PanelPart.LISTEN_TONE, listen) instanceof DcsCode);
            default -> part.isAct() || part == PanelPart.NAME || part == PanelPart.SETTING;
        };
    }

    /** The value of a tone does nothing where it is not switched on. */
    private Tone tone(PanelState state, PanelPart part, List<Tone> tones) {
        boolean on = panel.item(PanelPart.TONES_ON).isEmpty()
                || means(state, PanelPart.TONES_ON, BOTH, part == PanelPart.TALK_TONE ? TALK : LISTEN);
        int value = value(state, part);
        return !on || panel.item(part).isEmpty() || value == PanelState.NONE ? NoTone.NONE : tones.get(value);
    }

    private static Tone turned(Tone tone, boolean upsideDown) {
        return upsideDown && tone instanceof DcsCode code ? code.inverted() : tone;
    }

    private OptionalLong transmit(PanelState state, Frequency receive) {
        if (means(state, PanelPart.TALKS, NO)) {
            return OptionalLong.empty();
        }
        int own = value(state, PanelPart.TALK_AT);
        if (own > 0) {
            return OptionalLong.of(
                    talkAt.apply((long) own * KILOHERTZ).map(Frequency::hertz).orElse(-1L));
        }
        String direction = meaning(state, PanelPart.DIRECTION).orElse(NONE);
        long size = direction.equals(NONE)
                ? 0
                : (long) value(state, PanelPart.SIZE) * panel.digits().sizeUnitHertz();
        return OptionalLong.of(receive.hertz() + (direction.equals(LOWER) ? -size : size));
    }

    /** Whether a size can be set. */
    boolean has(Shift size) {
        if (limits.shift() instanceof ShiftLimit.Steps steps) {
            return steps.has(size);
        }
        return !(limits.shift() instanceof ShiftLimit.OncePerBand once) || once.has(size);
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
        if (!content.name().isEmpty() && panel.item(PanelPart.NAME).isEmpty()) {
            leaves.add("The name " + content.name() + " cannot be keyed in; the slot shows its frequency instead.");
        }
        Optional<Shift> shift = content.transmit().map(to -> Shift.between(content.receive(), to));
        int own = shift.isPresent() && size(shift.get()).isEmpty() ? own(content, shift.get(), blocks) : 0;
        for (PanelItem item : panel.items()) {
            int value = switch (item.part()) {
                case SIZE ->
                    own > 0 || shift.isEmpty() || shift.get().hertz() == 0
                            ? PanelState.NONE
                            : size(shift.get()).orElse(PanelState.NONE);
                case TALK_AT -> shift.isEmpty() ? PanelState.NONE : own;
                case DIRECTION ->
                    own > 0 || shift.isEmpty() ? PanelState.NONE : listed(item, direction(shift.get()), blocks);
                default -> wanted(item, content, blocks);
            };
            values.add(value);
        }
        requireSettable(PanelPart.LISTEN_TONE, content.listenTone() != NoTone.NONE, "a listen tone", blocks);
        requireSettable(PanelPart.TALKS, content.transmit().isEmpty(), "a channel that never talks", blocks);
        if (panel.item(PanelPart.JOIN).isEmpty()) {
            requireSettable(PanelPart.BANK, !content.banks().isEmpty(), "a bank", blocks);
        }
        return new Target(content.receive().hertz(), values, blocks, leaves);
    }

    private int wanted(PanelItem item, RadioSlot content, List<String> blocks) {
        boolean sends = content.talkTone() != NoTone.NONE;
        boolean waits = content.listenTone() != NoTone.NONE;
        boolean switched = panel.item(PanelPart.TONES_ON).isPresent();
        return switch (item.part()) {
            case TALK_TONE -> switched && !sends ? PanelState.NONE : tone(item, content.talkTone(), talk, blocks);
            case LISTEN_TONE -> switched && !waits ? PanelState.NONE : tone(item, content.listenTone(), listen, blocks);
            case TONES_ON -> listed(item, sends ? waits ? BOTH : TALK : waits ? LISTEN : NONE, blocks);
            case POLARITY ->
                !(content.talkTone() instanceof DcsCode) && !(content.listenTone() instanceof DcsCode)
                        ? PanelState.NONE
                        : listed(item, isInverted(content) ? YES : NO, blocks);
            case REVERSED ->
                waits ? listed(item, content.listenTone() instanceof ReversedTone ? YES : NO, blocks) : PanelState.NONE;
            case POWER -> listed(item, content.power().word(), blocks);
            case EMISSION -> listed(item, content.emission().name(), blocks);
            case SCAN -> listed(item, content.scan() ? YES : NO, blocks);
            case TALKS -> listed(item, content.transmit().isPresent() ? YES : NO, blocks);
            case BANK ->
                listed(
                        item,
                        content.banks().stream()
                                .findFirst()
                                .map(String::valueOf)
                                .orElse(NONE),
                        blocks);
            default -> PanelState.NONE;
        };
    }

    private static boolean isInverted(RadioSlot content) {
        return content.talkTone() instanceof DcsCode sent && sent.polarity() == DcsCode.Polarity.INVERTED
                || content.listenTone() instanceof DcsCode heard && heard.polarity() == DcsCode.Polarity.INVERTED;
    }

    private int tone(PanelItem item, Tone wanted, List<Tone> tones, List<String> blocks) {
        Tone plain = wanted instanceof ReversedTone reversed
                        && panel.item(PanelPart.REVERSED).isPresent()
                ? reversed.tone()
                : wanted;
        boolean apart = panel.item(PanelPart.POLARITY).isPresent();
        Tone upright = apart && plain instanceof DcsCode code && code.polarity() == DcsCode.Polarity.INVERTED
                ? code.inverted()
                : plain;
        return found(item, tones.indexOf(upright), blocks);
    }

    private int listed(PanelItem item, String word, List<String> blocks) {
        return found(item, item.values().indexOf(word), blocks);
    }

    private int found(PanelItem item, int at, List<String> blocks) {
        if (at == PanelState.NONE) {
            blocks.add("Item " + panel.way(item) + " has no value for that.");
        }
        return at;
    }

    private void requireSettable(PanelPart part, boolean wanted, String what, List<String> blocks) {
        if (wanted && panel.item(part).isEmpty()) {
            blocks.add("The panel has no item for " + what + ".");
        }
    }

    private static String direction(Shift shift) {
        return shift.hertz() == 0 ? NONE : shift.hertz() > 0 ? HIGHER : LOWER;
    }

    /** The number that is typed for a size; absent where its digits cannot say it. */
    private Optional<Integer> size(Shift shift) {
        long steps = shift.sizeHertz() / panel.digits().sizeUnitHertz();
        long most = Math.round(Math.pow(10, panel.digits().size())) - 1;
        boolean fits = shift.sizeHertz() % panel.digits().sizeUnitHertz() == 0 && steps <= most && has(shift);
        return fits ? Optional.of((int) steps) : Optional.empty();
    }

    private int own(RadioSlot content, Shift shift, List<String> blocks) {
        long kilohertz = content.transmit().orElseThrow().hertz() / KILOHERTZ;
        boolean typed = panel.item(PanelPart.TALK_AT).isPresent()
                && String.valueOf(kilohertz).length() <= panel.digits().frequency()
                && talkAt.apply(kilohertz * KILOHERTZ).equals(content.transmit());
        if (!typed) {
            blocks.add("The size of its shift, " + shift.toSizeText() + ", does not go into "
                    + panel.digits().size()
                    + " digits. This channel goes in by the link only.");
        }
        return typed ? (int) kilohertz : 0;
    }
}
