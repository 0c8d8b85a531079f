package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalInt;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotReading;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.ShiftLimit;

/** What keys do on a panel while no item is open: they dial a frequency, or call a slot. */
final class Dialling {
    private final PanelMachine machine;
    private final Tuning tuning;

    Dialling(PanelMachine machine, Tuning tuning) {
        this.machine = machine;
        this.tuning = tuning;
    }

    PanelState digit(PanelState state, PanelKey key) {
        return state.onSlot().isPresent() ? callSlot(state, key) : dial(state, key);
    }

    PanelState turn(PanelState state) {
        if (state.onSlot().isPresent()) {
            return state.on(OptionalInt.empty());
        }
        NavigableMap<Integer, SlotReading> held = machine.codec().decode(state.memory());
        return held.isEmpty()
                ? state.typing("").saying(machine.panel().say(PanelWord.EMPTY))
                : state.on(OptionalInt.of(held.firstKey()));
    }

    /** Up and down: the next slot in use, or the next frequency. */
    PanelState walk(PanelState state, int by) {
        if (state.onSlot().isEmpty()) {
            return tune(state.typing(""), by);
        }
        NavigableMap<Integer, SlotReading> held = machine.codec().decode(state.memory());
        if (held.isEmpty()) {
            return state.typing("");
        }
        int at = state.onSlot().getAsInt();
        Integer next = by > 0 ? held.higherKey(at) : held.lowerKey(at);
        return state.on(OptionalInt.of(next != null ? next : by > 0 ? held.firstKey() : held.lastKey()));
    }

    /** What a dial does that is turned while nothing is open: another frequency. A panel without a dial has none of it. */
    private PanelState tune(PanelState state, int by) {
        if (machine.panel().fast() == 0 || state.hertz().isEmpty()) {
            return state;
        }
        Frequency stands = Frequency.ofHertz(state.hertz().getAsLong());
        return machine.radio().limits().receive().stream()
                .filter(each -> each.contains(stands))
                .findFirst()
                .map(band -> band.steps().get(0).stepped(stands, by))
                .filter(next -> machine.radio().limits().receive().stream().anyMatch(each -> each.contains(next)))
                .map(next -> on(state, next))
                .orElse(state);
    }

    private PanelState callSlot(PanelState state, PanelKey key) {
        String typed = state.typed() + key.digit();
        if (typed.length() < machine.panel().digits().slot()) {
            return state.typing(typed);
        }
        int slot = Integer.parseInt(typed);
        return machine.isInUse(state, slot)
                ? state.on(OptionalInt.of(slot))
                : state.typing("").saying(machine.panel().say(PanelWord.EMPTY));
    }

    private PanelState dial(PanelState state, PanelKey key) {
        String typed = state.typed() + key.digit();
        if (typed.length() < machine.panel().digits().frequency()) {
            return state.typing(typed);
        }
        return tuning.received(Long.parseLong(typed) * Choices.KILOHERTZ)
                .map(dialled -> on(state, dialled))
                .orElseGet(() -> state.typing("").saying(machine.panel().say(PanelWord.REFUSED)));
    }

    private PanelState on(PanelState state, Frequency dialled) {
        List<Integer> values = new ArrayList<>(state.values());
        for (int i = 0; i < values.size(); i++) {
            if (machine.panel().clearedByFrequency().contains(machine.item(i).part())) {
                values.set(i, 0);
            }
        }
        machine.at(PanelPart.SIZE)
                .ifPresent(
                        size -> onceSize(state.memory(), dialled.hertz()).ifPresent(value -> values.set(size, value)));
        return state.dialled(dialled.hertz(), values);
    }

    /** The size of the shift that the radio has once for a band, in the units of its digits; absent where a slot has its own. */
    Optional<Integer> onceSize(MemoryImage memory, long hertz) {
        return machine.radio().limits().shift() instanceof ShiftLimit.OncePerBand
                ? machine.codec().shiftSize(memory, Frequency.ofHertz(hertz)).map(size ->
                        (int) (size.sizeHertz() / machine.panel().digits().sizeUnitHertz()))
                : Optional.empty();
    }
}
