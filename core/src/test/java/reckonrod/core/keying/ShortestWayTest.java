package reckonrod.core.keying;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.radio.RadioSlot;

/** The sheets are held against a search that knows nothing of what is worth trying. */
class ShortestWayTest {
    /** The places of settings, tones and size in the menu of the W12, and of what else is of no use there. */
    private static final Set<Integer> RIGHT = Set.of(0, 1, 4, 5, 7, 8, 9, 14, 15);

    /** No way that tries every key in the menu is shorter. */
    @Test
    void noOtherWayIsShorter() {
        RadioDefinition radio = NumberedMachineTest.radio("wrenling-w12");
        KeySheets search = new KeySheets(radio);
        PanelMachine machine = search.machine();
        RadioSlot skarra = KeySheetsTest.content(radio, "145.310- 71.9");
        PanelState from = search.store(machine.begin(NumberedMachineTest.empty(radio)), 8, skarra)
                .after();
        assertThat(search.clear(from, 8).presses()).isEqualTo(shortest(machine, from, radio, 8, Optional.empty()));
        RadioSlot other = KeySheetsTest.content(radio, "145.310- 71.9 low");
        assertThat(search.store(from, 9, other).presses())
                .isEqualTo(shortest(machine, from, radio, 9, Optional.of(other)));
    }

    /** Breadth first over all keys but digits outside the menu, and what is right already is not opened. */
    private static int shortest(
            PanelMachine machine, PanelState from, RadioDefinition radio, int slot, Optional<RadioSlot> wanted) {
        ImageCodec codec = new ImageCodec(radio);
        Queue<PanelState> open = new ArrayDeque<>(List.of(from));
        Map<List<Object>, Integer> known = new HashMap<>();
        known.put(key(from), 0);
        while (!open.isEmpty()) {
            PanelState state = open.poll();
            int keys = known.get(key(state));
            for (PanelKey key : PanelKey.values()) {
                boolean isRight =
                        state.inMenu() && !state.open() && key == PanelKey.TAKE && RIGHT.contains(state.item());
                if (isRight || !state.inMenu() && (key.isDigit() || key == PanelKey.MODE)) {
                    continue;
                }
                PanelState next = machine.press(state, key);
                if (!next.memory().equals(from.memory())) {
                    if (codec.decode(next.memory(), slot)
                                    .flatMap(each -> each.content())
                                    .equals(wanted)
                            && codec.decode(next.memory()).size() == (wanted.isPresent() ? 2 : 0)) {
                        return keys + 1;
                    }
                } else if (known.putIfAbsent(key(next), keys + 1) == null) {
                    open.add(next);
                }
            }
        }
        throw new AssertionError("no way");
    }

    private static List<Object> key(PanelState state) {
        return List.of(state.values(), state.typed(), state.item(), state.open(), state.draft());
    }
}
