package reckonrod.sim;

import java.util.Optional;
import java.util.stream.IntStream;
import reckonrod.core.definition.LinkDefinition.Cable;
import reckonrod.core.definition.LinkDefinition.FramedPackets;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.LinkDefinition.PolledBlocks;
import reckonrod.core.definition.LinkDefinition.StreamedClone;
import reckonrod.core.definition.LinkDefinition.VariableRecords;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.layout.Layout;
import reckonrod.core.layout.SlotRecords;
import reckonrod.sim.cable.LineClock;
import reckonrod.sim.cable.SimulatedPort;
import reckonrod.sim.cable.Trouble;
import reckonrod.sim.device.Device;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.device.card.CardSlot;
import reckonrod.sim.device.clone.CloneDevice;
import reckonrod.sim.device.clone.CloneKey;
import reckonrod.sim.device.packets.PacketDevice;
import reckonrod.sim.device.polled.PolledDevice;
import reckonrod.sim.device.records.RecordDevice;
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
        this(definition, memory, state, definition.line().ident() + " " + firmware);
    }

    private SimulatedRadio(RadioDefinition definition, RadioMemory memory, RadioState.Keeper state, String ident) {
        this.definition = definition;
        this.ident = ident;
        this.memory = memory;
        this.state = state;
        this.face = new RadioFace(definition, memory, state);
    }

    /** A radio with the firmware that its definition was tried with. */
    public static SimulatedRadio usual(RadioDefinition definition, RadioMemory memory, RadioState.Keeper state) {
        return new SimulatedRadio(definition, memory, state, definition.line().usualIdent());
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

    /**
     * Plugs a cable in.
     *
     * @throws IllegalStateException if it has no socket for one
     */
    public SimulatedPort plugIn(LineClock clock) {
        Cable cable = definition.line().cable();
        return new SimulatedPort(device(cable), cable.pace().baud(), clock, trouble());
    }

    private Device device(Cable cable) {
        if (cable instanceof PolledBlocks polled) {
            return new PolledDevice(definition, polled, ident, memory);
        } else if (cable instanceof FramedPackets packets) {
            return new PacketDevice(definition, packets, ident, memory);
        } else if (cable instanceof StreamedClone clone) {
            return new CloneDevice(
                    definition, clone, ident, memory, () -> state.get().started(), this::start);
        }
        return new RecordDevice((VariableRecords) cable, ident, memory);
    }

    /** The person starts a transfer on it. */
    public void start(CloneKey key) {
        state.set(state.get().with(key));
    }

    /** What the person has started on it. */
    public CloneKey started() {
        return state.get().started();
    }

    /** Its slot for a card, if it has one. */
    public Optional<CardSlot> cardSlot() {
        return definition.line().family() instanceof MemoryCard card
                ? Optional.of(new CardSlot(definition, card, ident, memory))
                : Optional.empty();
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
