package reckonrod.sim.face;

import java.util.Optional;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.SlotReading;
import reckonrod.core.list.SlotRange;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.Tone;
import reckonrod.sim.device.RadioMemory;

/** The display and the few keys of a simulated radio. Whatever it shows is decoded from the memory bytes at that moment. */
public final class RadioFace {
    /** A key of the radio. */
    public enum Key {
        /** Switches on and off. */
        POWER,
        /** The next slot. */
        UP,
        /** The slot before. */
        DOWN,
        /** The next slot that is in use. */
        NEXT_IN_USE,
        /** The talk key goes down. */
        TALK_DOWN,
        /** The talk key comes up. */
        TALK_UP
    }

    /**
     * What the display shows.
     *
     * @param on whether it is switched on; everything below is empty when it is not
     * @param slot the slot it is turned to
     * @param inUse whether that slot holds anything
     * @param talking whether the talk key is down and something is sent
     * @param name the name line
     * @param frequency the frequency line, in megahertz: the talk frequency while talking
     * @param tone the tone line: the talk tone while talking, else the listen tone
     * @param notice what the radio says instead, such as that it will not talk here
     */
    public record Display(
            boolean on,
            int slot,
            boolean inUse,
            boolean talking,
            String name,
            String frequency,
            String tone,
            String notice) {}

    private final RadioMemory memory;
    private final ImageCodec codec;
    private final SlotRange slots;
    private final RadioState.Keeper keeper;

    /** The face of a radio: what it shows comes from its memory, what it is turned to from its keeper. */
    public RadioFace(RadioDefinition definition, RadioMemory memory, RadioState.Keeper keeper) {
        this.memory = memory;
        this.codec = new ImageCodec(definition);
        this.slots = definition.limits().slots();
        this.keeper = keeper;
    }

    /** Presses a key. A radio that is off knows only its power key. */
    public synchronized Display press(Key key) {
        RadioState now = keeper.get();
        int slot = now.slot();
        keeper.set(
                switch (key) {
                    case POWER -> now.switched();
                    case UP -> now.turnedTo(slot == slots.last() ? slots.first() : slot + 1);
                    case DOWN -> now.turnedTo(slot == slots.first() ? slots.last() : slot - 1);
                    case NEXT_IN_USE -> now.turnedTo(nextInUse(slot));
                    case TALK_DOWN -> now.withTalkKey(true);
                    case TALK_UP -> now.withTalkKey(false);
                });
        return display();
    }

    private int nextInUse(int slot) {
        var inUse = codec.decode(memory.image());
        Integer next = inUse.higherKey(slot);
        return next != null ? next : inUse.isEmpty() ? slot : inUse.firstKey();
    }

    /** What it shows now. */
    public synchronized Display display() {
        RadioState now = keeper.get();
        int slot = now.slot();
        if (!now.on()) {
            return new Display(false, slot, false, false, "", "", "", "");
        }
        Optional<SlotReading> reading = codec.decode(memory.image(), slot);
        if (reading.isEmpty()) {
            return new Display(true, slot, false, false, "", "", "", "EMPTY");
        }
        return reading.get()
                .content()
                .map(content -> display(content, slot, now.talkKeyDown()))
                .orElseGet(() -> new Display(true, slot, true, false, "", "", "", "CH ERROR"));
    }

    private Display display(RadioSlot content, int slot, boolean talkKeyDown) {
        Optional<Frequency> sent = content.transmit().filter(frequency -> talkKeyDown);
        Frequency shown = sent.orElse(content.receive());
        Tone tone = sent.isPresent() ? content.talkTone() : content.listenTone();
        String notice = talkKeyDown && sent.isEmpty() ? "RX ONLY" : "";
        return new Display(
                true,
                slot,
                true,
                sent.isPresent(),
                content.name(),
                shown.toMegahertzText(),
                tone.text().orElse(""),
                notice);
    }
}
