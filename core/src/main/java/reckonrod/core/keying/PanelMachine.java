package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotReading;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.RadioSlot;

/**
 * The panel of a radio as a machine of states: what each key, and each pause, does in each state. It is a pure function; what is stored
 * goes through the image codec, so that the link reads what was keyed in. This is what all panels have in common; each dialect has its
 * own way to an item.
 */
public abstract sealed class PanelMachine permits NumberedMachine, DialMachine, SoftMachine {
    private final RadioDefinition radio;
    private final Panel panel;
    private final ImageCodec codec;
    private final Choices choices;
    private final String letters;
    private final Tuning tuning;
    private final Dialling dialling;
    private final Taker taker;
    private final PanelDisplay display;
    private final Map<List<Integer>, Clicks> clicks = new HashMap<>();

    PanelMachine(RadioDefinition radio, Panel panel) {
        this.radio = radio;
        this.panel = panel;
        this.codec = ImageCodec.inside(radio);
        this.letters = radio.limits().name().characters();
        this.tuning = new Tuning(radio.limits(), panel);
        this.choices = new Choices(panel, radio.limits(), tuning::talked);
        this.dialling = new Dialling(this, tuning);
        this.taker = new Taker(this, tuning);
        this.display = new PanelDisplay(this);
    }

    /**
     * The panel of a radio.
     *
     * @throws IllegalArgumentException if its definition does not say what its keys do
     */
    public static PanelMachine of(RadioDefinition radio) {
        Panel panel = radio.panel()
                .orElseThrow(() ->
                        new IllegalArgumentException("The keys of a " + radio.title() + " are not in its definition"));
        return switch (panel.dialect()) {
            case NUMBERED_MENU -> new NumberedMachine(radio, panel);
            case FUNCTION_AND_DIAL -> new DialMachine(radio, panel);
            case SOFT_KEYS -> new SoftMachine(radio, panel);
        };
    }

    // What each dialect says of itself.

    /** What a key does while no item is looked at; digits go here only where they dial or call. */
    abstract PanelState outside(PanelState state, PanelKey key);

    /** Leaves an item, with what was taken or without. */
    abstract PanelState left(PanelState state);

    /** Whether digits dial a frequency or call a slot. */
    abstract boolean dials(PanelState state);

    /** The key that takes what is set in an item. */
    PanelKey takes(PanelPart part) {
        return PanelKey.TAKE;
    }

    /** How a person comes to where every sheet begins, in a sentence. */
    public String begins() {
        return "Press " + panel.label(PanelKey.BACK) + " until no item is shown. If a slot is shown, press "
                + panel.label(PanelKey.MODE) + " once, so that a frequency is.";
    }

    /** After so many milliseconds without a key something closes or is forgotten; 0 if nothing is. */
    public int closesAfterMillis(PanelState state) {
        boolean begun = state.inMenu()
                || !state.typed().isEmpty()
                || state.page() > 0
                || !state.said().isEmpty();
        return begun ? panel.timing().pauseMillis() : 0;
    }

    /** The key that goes on to the next letter of a name. */
    abstract PanelKey next();

    /** The keys that lead towards one of these items while none is open. */
    abstract List<PanelKey> towards(PanelState state, Set<Integer> items);

    /** Never more keys than it takes to open all of these items, one after the other. */
    abstract int leastToOpen(PanelState state, Set<Integer> items);

    /** Where nothing of what was pressed so far is left. */
    abstract PanelState idled(PanelState state);

    // Common to all.

    /** The keys and what they set. */
    public Panel panel() {
        return panel;
    }

    /** The radio. */
    public RadioDefinition radio() {
        return radio;
    }

    Choices choices() {
        return choices;
    }

    /** What keys do while no item is open. */
    final Dialling dialling() {
        return dialling;
    }

    ImageCodec codec() {
        return codec;
    }

    PanelItem item(int at) {
        return panel.items().get(at);
    }

    Optional<Integer> at(PanelPart part) {
        for (int i = 0; i < panel.items().size(); i++) {
            if (item(i).part() == part) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** A radio that holds this, on frequencies, nothing open; what is dialled is not known. */
    public PanelState begin(MemoryImage memory) {
        return new PanelState(
                memory,
                OptionalInt.empty(),
                OptionalLong.empty(),
                Collections.nCopies(panel.items().size(), PanelState.NONE),
                "",
                "",
                0,
                PanelState.NONE,
                false,
                PanelState.NONE,
                "",
                0);
    }

    /** A radio of which nothing is known: it is taken to hold nothing. */
    public PanelState begin() {
        return begin(codec.blank());
    }

    /** The same with everything dialled to the first value of each item: a radio that was just unpacked. */
    public PanelState unpacked(MemoryImage memory) {
        long hertz = radio.limits().receive().get(0).range().lower().hertz();
        List<Integer> first = new ArrayList<>(Collections.nCopies(panel.items().size(), 0));
        at(PanelPart.SIZE)
                .ifPresent(size -> dialling.onceSize(memory, hertz).ifPresent(value -> first.set(size, value)));
        return begin(memory).dialled(hertz, first);
    }

    /** The same, holding nothing. */
    public PanelState unpacked() {
        return unpacked(codec.blank());
    }

    /** What becomes of a state when nothing is pressed for so long; in milliseconds. */
    public PanelState pause(PanelState state, int millis) {
        PanelState idle = state.idle(state.idleMillis() + millis);
        PanelState late = late(idle);
        if (idle.idleMillis() < panel.timing().pauseMillis()) {
            return late;
        }
        // What is open closes without keeping what was begun, and half a number is forgotten.
        return idled(late.at(PanelState.NONE)).saying("");
    }

    /** What a shorter pause does in one of the dialects. */
    PanelState late(PanelState idle) {
        return idle;
    }

    /** What a key does; one that the panel has not does nothing. */
    public PanelState press(PanelState before, PanelKey key) {
        PanelState state = before.idle(0).saying("");
        if (!key.isDigit() && !panel.keys().containsKey(key)) {
            return state;
        }
        return state.open() ? inside(state, key, item(state.item())) : outside(state, key);
    }

    /** The digits by which a frequency is dialled; absent where none do. */
    Optional<String> digits(Frequency frequency) {
        return tuning.digits(frequency);
    }

    /** Opens an item. */
    PanelState open(PanelState state, int at) {
        PanelPart part = item(at).part();
        boolean onSlots = state.onSlot().isPresent();
        if (onSlots && !part.isForSlots() || !onSlots && part.isOnlyForSlots()) {
            return state.typing("").saying(panel.say(PanelWord.NOT_HERE));
        }
        // What the slot has is not what is dialled: there every list begins at none.
        return state.at(at)
                .opened(onSlots ? PanelState.NONE : begun(at, state.values().get(at)));
    }

    /** Whether a list begins at what stands, as in a numbered menu; else it begins at none, and the first click leads to an end of it. */
    boolean beginsAtWhatStands(int at) {
        return false;
    }

    /** Where a list begins. */
    final int begun(int at, int stands) {
        return beginsAtWhatStands(at) ? stands : PanelState.NONE;
    }

    // In an open item.

    private PanelState inside(PanelState state, PanelKey key, PanelItem item) {
        if (key == takes(item.part())) {
            return taker.take(item.part() == PanelPart.NAME ? lettered(state) : state, item);
        }
        if (key == next() && item.part() == PanelPart.NAME) {
            return state.draft() == PanelState.NONE ? state : lettered(state).withDraft(PanelState.NONE);
        }
        if (count(item) > 0) {
            int stepped = stepped(item, state.draft(), key);
            if (stepped != PanelState.NONE) {
                return item.part() == PanelPart.NAME ? state.withDraft(stepped) : state.opened(stepped);
            }
        }
        if (key.isDigit()) {
            return type(state, key, item);
        }
        return key == PanelKey.BACK ? left(state) : other(state, key);
    }

    /** What any other key does while an item is open. */
    PanelState other(PanelState state, PanelKey key) {
        return state;
    }

    /** How many values an item has to choose from; letters for a name. */
    int count(PanelItem item) {
        return item.part() == PanelPart.NAME
                ? letters.length()
                : item.part().isListed() ? choices.shown(item).size() : 0;
    }

    /** Where a key leads in a list; −1 if it does nothing there. */
    int stepped(PanelItem item, int draft, PanelKey key) {
        int count = count(item);
        return switch (key) {
            case UP -> draft == PanelState.NONE ? 0 : (draft + 1) % count;
            case DOWN -> draft == PanelState.NONE ? count - 1 : (draft + count - 1) % count;
            case FAST_UP -> draft == PanelState.NONE ? 0 : (draft + panel.fast()) % count;
            case FAST_DOWN -> draft == PanelState.NONE ? count - 1 : Math.floorMod(draft - panel.fast(), count);
            default -> PanelState.NONE;
        };
    }

    /** The least keys from one value of an item to another. */
    Clicks clicks(PanelItem item) {
        List<PanelKey> keys = panel.allKeys();
        return clicks.computeIfAbsent(
                List.of(count(item), item.part() == PanelPart.NAME ? 1 : 0),
                any -> new Clicks(count(item), keys.size(), (from, key) -> stepped(item, from, keys.get(key))));
    }

    String letters() {
        return letters;
    }

    private PanelState lettered(PanelState state) {
        String text = state.typed() + (state.draft() == PanelState.NONE ? "" : letters.charAt(state.draft()));
        return state.typing(
                text.substring(0, Math.min(text.length(), radio.limits().name().longest())));
    }

    PanelState type(PanelState state, PanelKey key, PanelItem item) {
        int digits = choices.digits(item);
        if (digits == 0 || item.part().isListed()) {
            return state;
        }
        return state.opened(PanelState.NONE)
                .typing((state.typed().length() == digits ? "" : state.typed()) + key.digit());
    }

    boolean canTalk(RadioSlot content) {
        return content.transmit()
                .filter(talk -> radio.limits().transmitting(talk).isEmpty())
                .isEmpty();
    }

    // What it holds.

    /** What a slot holds, in words; absent if it is free. */
    public Optional<String> held(PanelState state, int slot) {
        return codec.decode(state.memory(), slot)
                .map(reading -> reading.content()
                        .map(each -> (each.name() + " " + each.words()).strip())
                        .orElse("something unreadable"));
    }

    /** What a slot holds; absent if it is free or unreadable. */
    public Optional<RadioSlot> content(PanelState state, int slot) {
        return codec.decode(state.memory(), slot).flatMap(SlotReading::content);
    }

    /** What is talked on if the talk key is pressed: the slot that is called, or what is dialled; absent if that is not whole. */
    public Optional<RadioSlot> tunedTo(PanelState state) {
        return state.onSlot().isPresent()
                ? content(state, state.onSlot().getAsInt())
                : choices.content(state).filter(this::canTalk);
    }

    /**
     * The state with a content in a slot, however it came there.
     *
     * @throws IllegalArgumentException if the radio cannot hold it together with the others
     */
    PanelState holding(PanelState state, int slot, RadioSlot content) {
        return state.withMemory(codec.put(state.memory(), slot, content));
    }

    /** The slots that hold something else after than before, or nothing any more; those that were free are not among them. */
    public List<Integer> changed(PanelState before, PanelState after) {
        if (before.memory().equals(after.memory())) {
            return List.of();
        }
        Map<Integer, SlotReading> is = codec.decode(after.memory());
        return codec.decode(before.memory()).entrySet().stream()
                .filter(each -> !each.getValue().equals(is.get(each.getKey())))
                .map(Map.Entry::getKey)
                .toList();
    }

    boolean isInUse(PanelState state, int slot) {
        return radio.limits().slots().contains(slot)
                && codec.decode(state.memory(), slot).isPresent();
    }

    // What it shows.

    /** What the display shows, row by row. */
    public List<String> shows(PanelState state) {
        return display.shows(state);
    }

    /** What is printed on a key, and what it does there if that changes. */
    public String label(PanelState state, PanelKey key) {
        return panel.label(key);
    }

    /** What stands above the soft keys, from left to right; nothing on a panel without, or while they do nothing. */
    public List<String> labels(PanelState state) {
        return List.of();
    }

    /** What stands above: the item, or where one is. */
    String title(PanelState state) {
        if (state.inMenu()) {
            return item(state.item()).label();
        }
        return state.onSlot().isPresent()
                ? "CH "
                        + (state.typed().isEmpty()
                                ? Choices.padded(
                                        state.onSlot().getAsInt(),
                                        panel.digits().slot())
                                : state.typed())
                : "";
    }

    String valued(PanelItem item, int value) {
        return choices.words(item, value);
    }
}
