package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.keying.Choices.Target;
import reckonrod.core.panel.Overwriting;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ShiftLimit;

/**
 * Key sheets for one radio: the fewest keys for a channel, a list, a change, a name, banks, a setting. Each sheet is held against what
 * the codec makes of the same wish before it is given out; what the panel cannot do is said instead.
 */
public final class KeySheets {
    private static final String NOT_FOUND = "No keys were found that do it.";

    private final PanelMachine machine;
    private final Panel panel;
    private final KeySearch search;

    /**
     * Sheets for the panel of a radio.
     *
     * @throws IllegalArgumentException if its definition does not say what its keys do
     */
    public KeySheets(RadioDefinition radio) {
        this.machine = PanelMachine.of(radio);
        this.panel = machine.panel();
        this.search = new KeySearch(machine);
    }

    /** The panel that is searched. */
    public PanelMachine machine() {
        return machine;
    }

    /** How many states were looked at so far. */
    public int looked() {
        return search.looked();
    }

    /** Stores a content in a slot; one that is in use is cleared first where the radio does not store over it. Banks are joined then. */
    public KeySheet store(PanelState from, int slot, RadioSlot content) {
        RadioSlot wanted = keyed(content);
        Target target = machine.choices().target(content);
        List<String> blocks = new ArrayList<>(blocks(content));
        Optional<PanelState> held = holding(from, slot, wanted, blocks);
        if (held.isEmpty() || !blocks.isEmpty()) {
            return KeySheet.impossible(from, blocks);
        }
        boolean clears = panel.overwriting() == Overwriting.REFUSES && machine.isInUse(from, slot);
        Optional<String> name = panel.item(PanelPart.NAME).map(any -> wanted.name());
        KeySheet sheet = sheet(
                from,
                Goal.storing(slot, clears, machine.digits(content.receive()).orElseThrow(), target, name),
                target.leaves());
        if (joins() && !sheet.lines().isEmpty()) {
            for (int bank : wanted.banks()) {
                sheet = sheet.then(bank(sheet.after(), slot, bank, true));
            }
        }
        if (machine.radio().limits().shift() instanceof ShiftLimit.OncePerBand && sets(sheet, PanelPart.SIZE)) {
            // What such a radio holds is seldom known, and what is not known cannot be held against the codec.
            sheet = sheet.then(new KeySheet(
                    List.of(),
                    List.of("The size of the shift holds for all slots of that stretch: what is stored there with"
                            + " another size changes with it."),
                    sheet.after()));
        }
        // A sheet is proven before it is given out: a panel may lack what a content needs.
        return proven(from, sheet, slot, machine.content(held.get(), slot));
    }

    /** What a slot holds when a content is keyed in right, as far as the keys and the radio can; absent if the panel cannot do it. */
    public Optional<RadioSlot> wanted(PanelState from, int slot, RadioSlot content) {
        KeySheet sheet = store(from, slot, content);
        return sheet.lines().isEmpty() ? Optional.empty() : machine.content(sheet.after(), slot);
    }

    /** What keeps a content from being keyed in at all, in sentences, whatever the radio holds. */
    public List<String> blocks(RadioSlot content) {
        List<String> blocks = new ArrayList<>(machine.choices().target(content).blocks());
        if (machine.digits(content.receive()).isEmpty()) {
            blocks.add("The frequency " + content.receive().toMegahertzText() + " cannot be typed.");
        }
        requireLetters(keyed(content).name(), blocks);
        return blocks;
    }

    private boolean sets(KeySheet sheet, PanelPart part) {
        return panel.item(part)
                .filter(item ->
                        sheet.lines().stream().anyMatch(line -> line.item().equals(item.label())))
                .isPresent();
    }

    boolean joins() {
        return panel.item(PanelPart.JOIN).isPresent();
    }

    /** What of a content the keys can set: not its name where there are no letters. */
    RadioSlot keyed(RadioSlot content) {
        return panel.item(PanelPart.NAME).isPresent() ? content : content.withName("");
    }

    private void requireLetters(String name, List<String> blocks) {
        name.chars()
                .filter(letter -> machine.letters().indexOf(letter) < 0)
                .findFirst()
                .ifPresent(letter -> blocks.add("The radio has no letter " + (char) letter + "."));
    }

    /** Where one size holds for all slots of a stretch, another size would change them: that is not keyed in silently. */
    private Optional<PanelState> holding(PanelState from, int slot, RadioSlot content, List<String> blocks) {
        try {
            return Optional.of(machine.holding(from, slot, content));
        } catch (IllegalArgumentException together) {
            blocks.add("The radio cannot hold it together with what it has: " + together.getMessage() + ".");
            return Optional.empty();
        }
    }

    private KeySheet proven(PanelState from, KeySheet sheet, int slot, Optional<RadioSlot> wanted) {
        Optional<RadioSlot> keyed = machine.content(sheet.after(), slot);
        boolean same = keyed.equals(wanted)
                // Only a size that holds for a whole stretch changes slots that are not stored.
                && (!(machine.radio().limits().shift() instanceof ShiftLimit.OncePerBand)
                        || machine.changed(from, sheet.after()).stream().allMatch(each -> each == slot));
        return same
                ? sheet
                : KeySheet.impossible(
                        from,
                        List.of(keyed.filter(each -> !sheet.lines().isEmpty())
                                .map(each -> "The panel cannot set all of it: by keys the slot would hold "
                                        + each.words() + ".")
                                .orElse(NOT_FOUND)));
    }

    /** The words of a panel may be alike, so what was done is looked for in the memory and not on the display. */
    private static KeySheet proven(PanelState from, KeySheet sheet, Predicate<PanelState> done) {
        return sheet.lines().isEmpty() || done.test(sheet.after())
                ? sheet
                : KeySheet.impossible(from, List.of(NOT_FOUND));
    }

    /**
     * What to press when the radio does not store because the slot is in use, of which nothing was known: it is cleared or stored over,
     * as the radio wants it. No lines where the radio stores over without a word.
     *
     * @param from where the sheet began
     * @param sheet how it was to be stored
     */
    public KeySheet whenRefused(PanelState from, KeySheet sheet, int slot, RadioSlot content) {
        if (panel.overwriting() == Overwriting.STORES || sheet.lines().isEmpty() || machine.isInUse(from, slot)) {
            return new KeySheet(List.of(), List.of(), sheet.after());
        }
        RadioSlot plain = keyed(content).scanned(content.scan(), joins() ? Set.of() : content.banks());
        PanelState refused = refused(machine.holding(from, slot, plain), sheet);
        if (panel.overwriting() == Overwriting.ASKS) {
            return store(refused, slot, content);
        }
        KeySheet cleared = clear(refused, slot);
        KeySheet stored = store(cleared.after(), slot, content);
        return new KeySheet(cleared.then(stored).lines(), List.of(), stored.after());
    }

    private PanelState refused(PanelState from, KeySheet sheet) {
        PanelState state = from;
        for (KeySheet.Line line : sheet.lines()) {
            for (PanelKey key : line.keys()) {
                state = machine.press(state, key);
                if (state.said().equals(panel.say(PanelWord.OCCUPIED))) {
                    return state;
                }
            }
        }
        return state;
    }

    /**
     * Stores a list, slot by slot. Each part begins where nobody knows what is dialled, so that a slip in one does no harm to the next.
     *
     * @return a sheet for each slot, in the order of the slots
     */
    public Map<Integer, KeySheet> store(PanelState from, Map<Integer, RadioSlot> contents) {
        return each(from, contents, this::store);
    }

    /** Changes what several slots hold, each from where nobody knows what is dialled. */
    public Map<Integer, KeySheet> change(PanelState from, Map<Integer, RadioSlot> contents) {
        return each(from, contents, this::change);
    }

    /** How one slot is keyed in. */
    private interface Keyed {
        KeySheet sheet(PanelState from, int slot, RadioSlot content);
    }

    private Map<Integer, KeySheet> each(PanelState from, Map<Integer, RadioSlot> contents, Keyed keyed) {
        Map<Integer, KeySheet> sheets = new TreeMap<>();
        PanelState state = from;
        for (Map.Entry<Integer, RadioSlot> each : new TreeMap<>(contents).entrySet()) {
            PanelState begun = machine.begin(state.memory());
            KeySheet sheet = keyed.sheet(begun, each.getKey(), each.getValue());
            sheets.put(each.getKey(), sheet);
            state = sheet.after();
        }
        return sheets;
    }

    /**
     * Changes what a slot holds into a content by the fewest keys: in place where only its name, its banks or the scan are others, from
     * the dial after it was copied there, or stored anew.
     */
    public KeySheet change(PanelState from, int slot, RadioSlot content) {
        return new ChangeSheets(this).change(from, slot, content);
    }

    /** Whether keying a content in changes what a slot holds; a name counts where the panel has letters. */
    public boolean differs(PanelState from, int slot, RadioSlot content) {
        return heldThen(from, slot, content)
                .filter(each -> machine.content(from, slot)
                        .map(this::keyed)
                        .filter(each::equals)
                        .isPresent())
                .isEmpty();
    }

    /** What a slot holds once a content is keyed in: what the radio has no bits or no letters for is not in it. */
    Optional<RadioSlot> heldThen(PanelState from, int slot, RadioSlot content) {
        return holding(from, slot, keyed(content), new ArrayList<>()).flatMap(each -> machine.content(each, slot));
    }

    KeySheet without(PanelState from, PanelPart part) {
        return KeySheet.impossible(from, List.of("The panel has no item for " + part.words() + "."));
    }

    /** Gives a slot another name, where it is. */
    public KeySheet rename(PanelState from, int slot, String name) {
        List<String> blocks = new ArrayList<>();
        requireLetters(name, blocks);
        if (name.length() > machine.radio().limits().name().longest()) {
            blocks.add("The name " + name + " is longer than "
                    + machine.radio().limits().name().longest() + " letters.");
        }
        requireInUse(from, slot, blocks);
        if (!blocks.isEmpty()) {
            return KeySheet.impossible(from, blocks);
        }
        return machine.at(PanelPart.NAME)
                .map(at -> sheet(from, Goal.inSlot(slot, at, PanelState.NONE, Optional.of(name)), List.of()))
                .map(sheet -> proven(
                        from,
                        sheet,
                        after -> holds(after, slot, each -> each.name().equals(name))))
                .orElseGet(() ->
                        KeySheet.impossible(from, List.of("The name " + name + " cannot be keyed in on this radio.")));
    }

    /** Puts a slot into a bank, or takes it out. */
    public KeySheet bank(PanelState from, int slot, int bank, boolean joins) {
        PanelPart part = joins ? PanelPart.JOIN : PanelPart.LEAVE;
        List<String> blocks = new ArrayList<>();
        requireInUse(from, slot, blocks);
        if (!blocks.isEmpty()) {
            return KeySheet.impossible(from, blocks);
        }
        return machine.at(part)
                .map(at -> sheet(from, Goal.inSlot(slot, at, bank, Optional.empty()), List.of()))
                .map(sheet -> proven(
                        from,
                        sheet,
                        after -> holds(after, slot, each -> each.banks().contains(bank) == joins)))
                .orElseGet(() -> without(from, part));
    }

    private void requireInUse(PanelState from, int slot, List<String> blocks) {
        if (!machine.isInUse(from, slot)) {
            blocks.add("Slot " + slot + " is empty.");
        }
    }

    /** Clears a slot. */
    public KeySheet clear(PanelState from, int slot) {
        if (!machine.isInUse(from, slot)) {
            return KeySheet.impossible(from, List.of("Slot " + slot + " is empty already."));
        }
        return panel.item(PanelPart.ERASE).isPresent()
                ? proven(from, sheet(from, Goal.clearing(slot), List.of()), after -> !machine.isInUse(after, slot))
                : without(from, PanelPart.ERASE);
    }

    /** Sets a setting of the radio, whatever it stands at. */
    public KeySheet set(PanelState from, RadioSetting setting, String value) {
        for (int at = 0; at < panel.items().size(); at++) {
            PanelItem item = machine.item(at);
            if (item.setting()
                            .filter(each -> each.name().equals(setting.name()))
                            .isPresent()
                    && item.values().contains(value)) {
                return proven(
                        from,
                        sheet(from, Goal.taking(at, item.values().indexOf(value)), List.of()),
                        after -> Optional.of(value)
                                .equals(machine.codec()
                                        .settings(after.memory())
                                        .get(item.setting().get())));
            }
        }
        return KeySheet.impossible(
                from, List.of("The panel has no item for " + setting.name() + " with a value " + value + "."));
    }

    /** Clears everything that the radio holds. */
    public KeySheet reset(PanelState from) {
        return machine.at(PanelPart.RESET)
                .map(at -> sheet(from, Goal.taking(at, PanelState.NONE), List.of()))
                .map(sheet -> proven(
                        from,
                        sheet,
                        after -> after.memory().equals(machine.codec().blank())))
                .orElseGet(() -> without(from, PanelPart.RESET));
    }

    private boolean holds(PanelState state, int slot, Predicate<RadioSlot> what) {
        return machine.content(state, slot).filter(what).isPresent();
    }

    KeySheet sheet(PanelState from, Goal goal, List<String> leaves) {
        return search.find(from, goal)
                .map(way -> new KeySheet(
                        lines(from, way),
                        leaves,
                        way.states().isEmpty()
                                ? from
                                : way.states().get(way.states().size() - 1)))
                .orElseGet(() -> KeySheet.impossible(from, List.of(NOT_FOUND)));
    }

    /** The keys in lines: what opens an item, what is chosen in it and what takes it together. */
    private List<KeySheet.Line> lines(PanelState from, KeySearch.Way way) {
        List<KeySheet.Line> lines = new ArrayList<>();
        List<PanelKey> keys = new ArrayList<>();
        List<String> labels = new ArrayList<>();
        PanelState before = from;
        for (int i = 0; i < way.keys().size(); i++) {
            PanelKey key = way.keys().get(i);
            PanelState state = way.states().get(i);
            keys.add(key);
            labels.add(machine.label(before, key));
            boolean opens = state.open() && !before.open() && panel.fast() == 0;
            boolean whole = opens
                    || before.open()
                            && key == machine.takes(machine.item(before.item()).part())
                    || key == PanelKey.BACK
                    || key == PanelKey.MODE && !before.open()
                    || !before.inMenu() && key.isDigit() && state.typed().isEmpty() && !state.open();
            if (whole || i == way.keys().size() - 1) {
                boolean takes =
                        before.open() && !machine.item(before.item()).part().isAct();
                lines.add(new KeySheet.Line(
                        keys,
                        labels,
                        before.open() ? machine.item(before.item()).label() : "",
                        takes ? machine.shows(before) : List.of(),
                        machine.shows(state)));
                keys = new ArrayList<>();
                labels = new ArrayList<>();
            }
            before = state;
        }
        return lines;
    }
}
