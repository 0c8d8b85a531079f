package reckonrod.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.keying.KeySheet;
import reckonrod.core.keying.KeySheets;
import reckonrod.core.keying.PanelMachine;
import reckonrod.core.keying.PanelState;
import reckonrod.core.radio.RadioSlot;

/** A radio to practise on: its panel over a memory of its own, watched. What is pressed is told whole each time, so nothing is kept here. */
public final class Practice {
    private final KeySheets sheets;
    private final PanelMachine machine;

    /**
     * A practice radio.
     *
     * @throws IllegalArgumentException if the definition does not say what its keys do
     */
    public Practice(RadioDefinition radio) {
        this.sheets = new KeySheets(radio);
        this.machine = sheets.machine();
    }

    /** Its panel. */
    public PanelMachine machine() {
        return machine;
    }

    /**
     * How far it has come.
     *
     * @param state the state of the panel now
     * @param slips the traps that were fallen into
     * @param done whether what was asked for is in its slot, and every other slot is as it was
     * @param millis how long the presses took, from the first on
     */
    public record Standing(PanelState state, List<Slip> slips, boolean done, long millis) {
        public Standing {
            slips = List.copyOf(slips);
        }
    }

    /**
     * A drill for a slot of what a radio would hold, as far as the keys can set that.
     *
     * @param contents what the radio would hold, by slot
     * @param slot the slot that is keyed in
     * @param inUse whether something else stands there when it begins, as slots are
     * @return absent if the panel cannot do it
     */
    public Optional<Drill> drill(Map<Integer, RadioSlot> contents, int slot, boolean inUse) {
        RadioSlot content = contents.get(slot);
        Map<Integer, RadioSlot> before = new TreeMap<>(contents);
        before.remove(slot);
        if (inUse) {
            before.values().stream()
                    .filter(each -> !each.receive().equals(content.receive()))
                    .findFirst()
                    .ifPresent(other -> before.put(slot, other));
        }
        ImageCodec codec = ImageCodec.inside(machine.radio());
        MemoryImage memory = codec.encode(codec.blank(), before);
        return sheets.wanted(machine.unpacked(memory), slot, content).map(wanted -> new Drill(memory, slot, wanted));
    }

    /** Whether the keys of the radio can set a content, so that it can be a drill. */
    public boolean canAsk(RadioSlot content) {
        return sheets.blocks(content).isEmpty();
    }

    /** What is asked for, in words. */
    public String words(Drill drill) {
        String name = drill.wanted().name();
        String banks = drill.wanted().banks().stream().map(String::valueOf).collect(Collectors.joining(", "));
        return "Store " + drill.wanted().words() + " in slot " + drill.slot()
                + (name.isEmpty() ? "" : " as " + name)
                + (banks.isEmpty() ? "" : ", " + machine.radio().limits().scan().called() + " " + banks) + ".";
    }

    /** What was pressed, played through from the beginning, and how it stands so long after the last press. */
    public Standing after(MemoryImage memory, Optional<Drill> drill, List<Press> presses, int idleMillis) {
        Watcher watcher = new Watcher(machine, drill);
        PanelState state = machine.unpacked(memory);
        List<Slip> slips = new ArrayList<>();
        long millis = 0;
        for (int at = 0; at < presses.size(); at++) {
            Press press = presses.get(at);
            millis += at == 0 ? 0 : press.afterMillis();
            PanelState paused = at == 0 ? state : machine.pause(state, press.afterMillis());
            PanelState next = machine.press(paused, press.key());
            slips.addAll(watcher.slips(at, state, paused, next, press.key()));
            state = next;
        }
        PanelState now = presses.isEmpty() ? state : machine.pause(state, idleMillis);
        return new Standing(now, slips, drill.filter(each -> isDone(each, now)).isPresent(), millis);
    }

    private boolean isDone(Drill drill, PanelState state) {
        return machine.content(state, drill.slot()).equals(Optional.of(drill.wanted()))
                && machine.changed(machine.unpacked(drill.memory()), state).stream()
                        .allMatch(each -> each == drill.slot());
    }

    /** What to press next; no lines if it cannot be done from here. */
    public KeySheet rest(Drill drill, PanelState state) {
        return isDone(drill, state)
                ? new KeySheet(List.of(), List.of(), state)
                : sheets.store(state, drill.slot(), drill.wanted());
    }

    /** The fewest keys for the whole. */
    public int least(Drill drill) {
        return rest(drill, machine.unpacked(drill.memory())).presses();
    }

    /**
     * The presses that led away: after each of them as many keys were left as before, or more.
     *
     * @return their numbers, from 0
     */
    public List<Integer> ledAway(Drill drill, List<Press> presses) {
        List<Integer> away = new ArrayList<>();
        PanelState state = machine.unpacked(drill.memory());
        OptionalInt left = left(drill, state);
        for (int at = 0; at < presses.size(); at++) {
            state = played(state, presses, at);
            OptionalInt now = left(drill, state);
            if (isAway(left, now)) {
                away.add(at);
            }
            left = now;
        }
        return away;
    }

    /** Whether the last press led away; what was before it is not asked. */
    public boolean lastLedAway(Drill drill, List<Press> presses) {
        if (presses.isEmpty()) {
            return false;
        }
        PanelState before = machine.unpacked(drill.memory());
        for (int at = 0; at < presses.size() - 1; at++) {
            before = played(before, presses, at);
        }
        PanelState after = played(before, presses, presses.size() - 1);
        return isAway(left(drill, before), left(drill, after));
    }

    private PanelState played(PanelState state, List<Press> presses, int at) {
        Press press = presses.get(at);
        return machine.press(at == 0 ? state : machine.pause(state, press.afterMillis()), press.key());
    }

    private static boolean isAway(OptionalInt before, OptionalInt now) {
        return now.isEmpty() || before.isPresent() && now.getAsInt() >= before.getAsInt() && now.getAsInt() > 0;
    }

    private OptionalInt left(Drill drill, PanelState state) {
        if (isDone(drill, state)) {
            return OptionalInt.of(0);
        }
        KeySheet rest = rest(drill, state);
        return rest.lines().isEmpty() ? OptionalInt.empty() : OptionalInt.of(rest.presses());
    }
}
