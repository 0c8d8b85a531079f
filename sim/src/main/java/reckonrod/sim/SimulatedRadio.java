package reckonrod.sim;

import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Port;
import reckonrod.core.radio.RadioDefinition;

/** A radio of a defined model that exists only here. */
public final class SimulatedRadio {
    private final RadioDefinition definition;
    private final String ident;
    private final RadioMemory memory;
    private final RadioFace face;
    private volatile Trouble trouble = new Trouble.None();

    /**
     * A radio.
     *
     * @param definition its model
     * @param firmware its firmware number, such as {@code 1.07}
     * @param memory its memory
     */
    public SimulatedRadio(RadioDefinition definition, String firmware, RadioMemory memory) {
        this.definition = definition;
        this.ident = definition.ident() + " " + firmware;
        this.memory = memory;
        this.face = new RadioFace(definition, memory);
    }

    /**
     * What a radio from the shop holds: no channels, settings and adjustment of its own, and stale bytes in the records.
     *
     * @param serial makes each radio's own bytes differ
     */
    public static MemoryImage fresh(RadioDefinition definition, long serial) {
        byte[] bytes = new byte[definition.memory().bytes()];
        new java.util.Random(serial).nextBytes(bytes);
        int maps = (definition.memory().count() + 7) / 8;
        for (int i = 0; i < maps; i++) {
            bytes[definition.memory().presentBase() + i] = 0;
            bytes[definition.memory().scanBase() + i] = 0;
        }
        return MemoryImage.of(bytes);
    }

    /** Plugs a cable in. */
    public Port plugIn(LineClock clock) {
        return cable(clock);
    }

    SimulatedPort cable(LineClock clock) {
        return new SimulatedPort(
                new PolledDevice(definition, ident, memory), definition.link().baud(), clock, trouble);
    }

    /** The trouble that the next cable will have. */
    public Trouble trouble() {
        return trouble;
    }

    /** Gives the next cable a trouble. */
    public void setTrouble(Trouble next) {
        trouble = next;
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
