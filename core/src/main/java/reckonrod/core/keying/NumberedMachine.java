package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotReading;
import reckonrod.core.panel.NumberedPanel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.RadioSlot;

/**
 * A panel with number keys and a numbered menu as a machine of states: what each key, and each pause, does in each state. It is a pure
 * function; what is stored goes through the image codec, so that the link reads what was keyed in.
 */
public final class NumberedMachine {
    private static final int KILOHERTZ = 1_000;

    private final RadioDefinition radio;
    private final NumberedPanel panel;
    private final ImageCodec codec;
    private final Choices choices;

    /**
     * The panel of a radio.
     *
     * @throws IllegalArgumentException if the radio has no panel with a numbered menu, or no memory that is laid out
     */
    public NumberedMachine(RadioDefinition radio) {
        this.radio = radio;
        this.panel = radio.numbered()
                .orElseThrow(() ->
                        new IllegalArgumentException("The keys of a " + radio.title() + " are not in its definition"));
        this.codec = new ImageCodec(radio);
        this.choices = new Choices(panel, radio.limits());
    }

    NumberedPanel panel() {
        return panel;
    }

    Choices choices() {
        return choices;
    }

    /** A radio that holds this, on frequencies, outside the menu; what is dialled is not known. */
    public PanelState begin(MemoryImage memory) {
        return new PanelState(
                memory,
                OptionalInt.empty(),
                OptionalLong.empty(),
                Collections.nCopies(panel.items().size(), PanelState.NONE),
                "",
                PanelState.NONE,
                false,
                PanelState.NONE,
                "",
                0);
    }

    /** A radio of which nothing is known: it is taken to hold nothing. */
    public PanelState begin() {
        return begin(codec.encode(MemoryImage.of(new byte[radio.layout().bytes()]), Map.of()));
    }

    /** The same with everything dialled to the first value of each item: a radio that was just unpacked. */
    public PanelState unpacked(MemoryImage memory) {
        return begin(memory)
                .withValues(Collections.nCopies(panel.items().size(), 0))
                .dialled(
                        radio.limits().receive().get(0).range().lower().hertz(),
                        Collections.nCopies(panel.items().size(), 0));
    }

    /** What becomes of a state when nothing is pressed for so long; in milliseconds. */
    public PanelState pause(PanelState state, int millis) {
        PanelState idle = state.idle(state.idleMillis() + millis);
        if (idle.idleMillis() < panel.pauseMillis()) {
            return idle;
        }
        // The menu closes without keeping what was begun, and half a number is forgotten.
        return idle.at(PanelState.NONE).saying("");
    }

    /** What a key does. */
    public PanelState press(PanelState before, PanelKey key) {
        PanelState state = before.idle(0).saying("");
        if (!state.inMenu()) {
            return outside(state, key);
        }
        return state.open() ? inside(state, key, panel.items().get(state.item())) : onItem(state, key);
    }

    // Outside the menu.

    private PanelState outside(PanelState state, PanelKey key) {
        if (key.isDigit()) {
            return state.onSlot().isPresent() ? callSlot(state, key) : dial(state, key);
        }
        return switch (key) {
            case MENU -> state.at(0);
            case MODE -> turn(state);
            case UP -> state.onSlot().isPresent() ? walk(state, 1) : state.typing("");
            case DOWN -> state.onSlot().isPresent() ? walk(state, -1) : state.typing("");
            default -> state.typing("");
        };
    }

    private PanelState turn(PanelState state) {
        if (state.onSlot().isPresent()) {
            return state.on(OptionalInt.empty());
        }
        NavigableMap<Integer, SlotReading> held = codec.decode(state.memory());
        return held.isEmpty()
                ? state.typing("").saying(panel.say(PanelWord.EMPTY))
                : state.on(OptionalInt.of(held.firstKey()));
    }

    private PanelState walk(PanelState state, int by) {
        NavigableMap<Integer, SlotReading> held = codec.decode(state.memory());
        if (held.isEmpty()) {
            return state.typing("");
        }
        int at = state.onSlot().getAsInt();
        Integer next = by > 0 ? held.higherKey(at) : held.lowerKey(at);
        return state.on(OptionalInt.of(next != null ? next : by > 0 ? held.firstKey() : held.lastKey()));
    }

    private PanelState callSlot(PanelState state, PanelKey key) {
        String typed = state.typed() + key.digit();
        if (typed.length() < panel.slotDigits()) {
            return state.typing(typed);
        }
        int slot = Integer.parseInt(typed);
        return isInUse(state, slot)
                ? state.on(OptionalInt.of(slot))
                : state.typing("").saying(panel.say(PanelWord.EMPTY));
    }

    private PanelState dial(PanelState state, PanelKey key) {
        String typed = state.typed() + key.digit();
        if (typed.length() < panel.frequencyDigits()) {
            return state.typing(typed);
        }
        Optional<Frequency> dialled = dialled(Long.parseLong(typed) * KILOHERTZ);
        if (dialled.isEmpty()) {
            return state.typing("").saying(panel.say(PanelWord.REFUSED));
        }
        List<Integer> values = new ArrayList<>(state.values());
        for (int i = 0; i < values.size(); i++) {
            if (panel.clearedByFrequency().contains(panel.items().get(i).part())) {
                values.set(i, 0);
            }
        }
        return state.dialled(dialled.get().hertz(), values);
    }

    /** The kilohertz that were typed, with the rest that the steps of the radio add: 145.312 becomes 145.3125. */
    Optional<Frequency> dialled(long hertz) {
        for (BandLimit band : radio.limits().receive()) {
            for (long rest = 0; rest < KILOHERTZ; rest += 250) {
                Frequency frequency = Frequency.ofHertz(hertz + rest);
                if (band.contains(frequency) && band.tunes(frequency)) {
                    return Optional.of(frequency);
                }
            }
        }
        return Optional.empty();
    }

    /** The digits by which a frequency is dialled; absent where none do. */
    Optional<String> digits(Frequency frequency) {
        long kilohertz = frequency.hertz() / KILOHERTZ;
        String text = Choices.padded(kilohertz, panel.frequencyDigits());
        return dialled(kilohertz * KILOHERTZ)
                .filter(frequency::equals)
                .filter(same -> text.length() == panel.frequencyDigits())
                .map(same -> text);
    }

    // On an item of the menu.

    private PanelState onItem(PanelState state, PanelKey key) {
        int count = panel.items().size();
        if (key.isDigit()) {
            return chooseItem(state, key);
        }
        return switch (key) {
            case UP -> state.at((state.item() + 1) % count);
            case DOWN -> state.at((state.item() + count - 1) % count);
            case TAKE -> open(state);
            default -> state.at(PanelState.NONE);
        };
    }

    private PanelState chooseItem(PanelState state, PanelKey key) {
        String typed = state.typed() + key.digit();
        if (typed.length() < 2) {
            return state.typing(typed);
        }
        int number = Integer.parseInt(typed);
        for (int i = 0; i < panel.items().size(); i++) {
            if (panel.items().get(i).number() == number) {
                return state.at(i);
            }
        }
        return state.typing("").saying(panel.say(PanelWord.REFUSED));
    }

    private PanelState open(PanelState state) {
        PanelPart part = panel.items().get(state.item()).part();
        if (state.onSlot().isPresent() && part != PanelPart.ERASE) {
            return state.typing("").saying(panel.say(PanelWord.NOT_HERE));
        }
        return state.opened(part.isAct() ? PanelState.NONE : state.values().get(state.item()));
    }

    // In an open item.

    private PanelState inside(PanelState state, PanelKey key, PanelItem item) {
        if (key.isDigit()) {
            return type(state, key, item);
        }
        return switch (key) {
            case UP -> step(state, item, 1);
            case DOWN -> step(state, item, -1);
            case TAKE -> take(state, item);
            case BACK -> state.at(state.item());
            default -> state;
        };
    }

    private PanelState type(PanelState state, PanelKey key, PanelItem item) {
        int digits = choices.digits(item);
        String typed = (state.typed().length() == digits ? "" : state.typed()) + key.digit();
        if (item.part() == PanelPart.SIZE || item.part().isAct()) {
            return state.opened(PanelState.NONE).typing(typed);
        }
        if (typed.length() < digits) {
            return state.typing(typed);
        }
        int value = Integer.parseInt(typed);
        return value < choices.shown(item).size()
                ? state.opened(value)
                : state.typing("").saying(panel.say(PanelWord.REFUSED));
    }

    private PanelState step(PanelState state, PanelItem item, int by) {
        int count = choices.shown(item).size();
        if (count == 0) {
            return state;
        }
        return state.opened(state.draft() == PanelState.NONE ? 0 : (state.draft() + by + count) % count);
    }

    private PanelState take(PanelState state, PanelItem item) {
        return switch (item.part()) {
            case STORE -> store(state);
            case ERASE -> erase(state);
            case SIZE -> takeSize(state);
            default -> state.draft() == PanelState.NONE ? state : taken(state, state.draft());
        };
    }

    private static PanelState taken(PanelState state, int value) {
        List<Integer> values = new ArrayList<>(state.values());
        values.set(state.item(), value);
        return state.withValues(values).at(state.item());
    }

    /** Digits fill up from the left: a size that is typed without its zeros in front is another size. */
    private PanelState takeSize(PanelState state) {
        if (state.typed().isEmpty()) {
            return state.at(state.item());
        }
        return taken(
                state,
                Integer.parseInt(state.typed()
                        + "0".repeat(panel.sizeDigits() - state.typed().length())));
    }

    private PanelState store(PanelState state) {
        Optional<RadioSlot> content = choices.content(state).filter(this::canTalk);
        if (state.typed().length() < panel.slotDigits() || content.isEmpty()) {
            return state.opened(PanelState.NONE).saying(panel.say(PanelWord.REFUSED));
        }
        int slot = Integer.parseInt(state.typed());
        if (!radio.limits().slots().contains(slot)) {
            return state.opened(PanelState.NONE).saying(panel.say(PanelWord.REFUSED));
        }
        if (!panel.overwrites() && isInUse(state, slot)) {
            return state.opened(PanelState.NONE).saying(panel.say(PanelWord.OCCUPIED));
        }
        return state.withMemory(codec.put(state.memory(), slot, content.get()))
                .at(state.item())
                .saying(panel.say(PanelWord.STORED));
    }

    private boolean canTalk(RadioSlot content) {
        return content.transmit()
                .filter(talk -> radio.limits().transmitting(talk).isEmpty())
                .isEmpty();
    }

    private PanelState erase(PanelState state) {
        if (state.typed().length() < panel.slotDigits()) {
            return state.opened(PanelState.NONE).saying(panel.say(PanelWord.REFUSED));
        }
        int slot = Integer.parseInt(state.typed());
        if (!isInUse(state, slot)) {
            return state.opened(PanelState.NONE).saying(panel.say(PanelWord.EMPTY));
        }
        if (state.draft() != slot) {
            return state.opened(slot).typing(state.typed()).saying(panel.say(PanelWord.SURE));
        }
        PanelState cleared = state.withMemory(codec.clear(state.memory(), slot))
                .at(state.item())
                .saying(panel.say(PanelWord.ERASED));
        return state.onSlot().isPresent() && state.onSlot().getAsInt() == slot
                ? cleared.on(OptionalInt.empty())
                : cleared;
    }

    /** What a slot holds, in words; absent if it is free. */
    public Optional<String> held(PanelState state, int slot) {
        return codec.decode(state.memory(), slot)
                .map(reading -> reading.content()
                        .map(each -> (each.name() + " " + each.words()).strip())
                        .orElse("something unreadable"));
    }

    Optional<RadioSlot> content(PanelState state, int slot) {
        return codec.decode(state.memory(), slot).flatMap(SlotReading::content);
    }

    PanelState holding(PanelState state, int slot, RadioSlot content) {
        return state.withMemory(codec.put(state.memory(), slot, content));
    }

    boolean isInUse(PanelState state, int slot) {
        return radio.limits().slots().contains(slot)
                && codec.decode(state.memory(), slot).isPresent();
    }

    /** What the display shows, row by row. */
    public List<String> shows(PanelState state) {
        List<String> rows = new ArrayList<>();
        if (state.inMenu()) {
            PanelItem item = panel.items().get(state.item());
            rows.add(Choices.padded(item.number(), 2) + " " + item.label());
            rows.add(
                    !state.open()
                            ? item.part().isAct()
                                    ? ""
                                    : choices.words(item, state.values().get(state.item()))
                            : "> "
                                    + (state.typed().isEmpty()
                                            ? choices.words(item, state.draft())
                                            : blanks(state, item)));
        } else if (state.onSlot().isPresent()) {
            int slot = state.onSlot().getAsInt();
            rows.add("CH " + (state.typed().isEmpty() ? Choices.padded(slot, panel.slotDigits()) : state.typed()));
            rows.add(codec.decode(state.memory(), slot)
                    .flatMap(SlotReading::content)
                    .map(each -> each.name().isEmpty() ? each.receive().toMegahertzText() : each.name())
                    .orElse(panel.say(PanelWord.EMPTY)));
        } else {
            rows.add("");
            rows.add(
                    state.typed().isEmpty()
                            ? state.hertz().isPresent()
                                    ? Frequency.ofHertz(state.hertz().getAsLong())
                                            .toMegahertzText()
                                    : ""
                            : state.typed()
                                    + "-"
                                            .repeat(panel.frequencyDigits()
                                                    - state.typed().length()));
        }
        rows.add(state.said());
        return rows;
    }

    private String blanks(PanelState state, PanelItem item) {
        return state.typed() + "-".repeat(choices.digits(item) - state.typed().length());
    }
}
