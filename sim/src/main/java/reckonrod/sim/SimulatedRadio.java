package reckonrod.sim;

import java.util.stream.IntStream;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.layout.Layout;
import reckonrod.core.layout.SlotRecords;
import reckonrod.sim.cable.LineClock;
import reckonrod.sim.cable.SimulatedPort;
import reckonrod.sim.cable.Trouble;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.device.polled.PolledDevice;
import reckonrod.sim.face.RadioFace;
import reckonrod.sim.face.RadioState;

/** A radio of a defined model that exists only here. */
public final class SimulatedRadio {
    private final RadioDefinition definition;
    private final String ident;
    private final RadioMemory memory;
    private final RadioState.Keeper state;
    private final RadioFace face;

    /**
     * A radio.
     *
     * @param definition its model
     * @param firmware its firmware number, such as {@code 1.07}
     * @param memory its memory
     * @param state keeps how it stands
     */
    public SimulatedRadio(RadioDefinition definition, String firmware, RadioMemory memory, RadioState.Keeper state) {
        this.definition = definition;
        this.ident = definition.line().ident() + " " + firmware;
        this.memory = memory;
        this.state = state;
        this.face = new RadioFace(definition, memory, state);
    }

    /** A radio that is switched off, and lasts as long as the program. */
    public static SimulatedRadio passing(RadioDefinition definition, String firmware, MemoryImage memory) {
        return new SimulatedRadio(
                definition, firmware, RadioMemory.of(memory), RadioState.Keeper.of(RadioState.off(definition)));
    }

    /**
     * What a radio from the shop holds: no channels, settings and adjustment of its own, and stale bytes in the records.
     *
     * @param serial makes each radio's own bytes differ
     */
    public static MemoryImage fresh(RadioDefinition definition, long serial) {
        Layout layout = definition.layout();
        byte[] bytes = new byte[layout.bytes()];
        new java.util.Random(serial).nextBytes(bytes);
        SlotRecords records = layout.of(bytes);
        IntStream.rangeClosed(layout.slots().first(), layout.slots().last()).forEach(records::free);
        layout.sum(bytes);
        return MemoryImage.of(bytes);
    }

    /** Plugs a cable in. */
    public SimulatedPort plugIn(LineClock clock) {
        return new SimulatedPort(
                new PolledDevice(definition, ident, memory), definition.line().baud(), clock, trouble());
    }

    /** The trouble that the next cable will have. */
    public Trouble trouble() {
        return state.get().trouble();
    }

    /** Gives the next cable a trouble. */
    public void setTrouble(Trouble next) {
        state.set(state.get().with(next));
    }

    /** Its memory. */
    public RadioMemory memory() {
        return memory;
    }

    /** Its display and keys. */
    public RadioFace face() {
        return face;
    }
}
