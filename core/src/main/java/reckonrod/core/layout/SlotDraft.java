package reckonrod.core.layout;

import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/**
 * One slot while its parts are read or written, in every form in which radios store them: a shift as a talk frequency, as a
 * signed distance, and as a size with a direction; a tone by itself, and as a value with a switch.
 */
final class SlotDraft {
    Optional<Frequency> receive = Optional.empty();
    Optional<Frequency> transmit = Optional.empty();
    Shift shift = Shift.NONE;
    Shift shiftSize = Shift.NONE;
    Direction direction = Direction.NONE;
    boolean talks = true;
    boolean separate;
    Tone talkTone = NoTone.NONE;
    Tone listenTone = NoTone.NONE;
    Optional<Tone> talkToneValue = Optional.empty();
    Optional<Tone> listenToneValue = Optional.empty();
    boolean talkToneOn;
    boolean listenToneOn;
    Emission emission = Emission.FM;
    Power power = Power.HIGH;
    String name = "";
    boolean scan;
    Set<Integer> banks = Set.of();

    /** A slot in every form. */
    static SlotDraft of(RadioSlot slot, boolean separate) {
        SlotDraft draft = new SlotDraft();
        draft.receive = Optional.of(slot.receive());
        draft.transmit = slot.transmit();
        draft.talks = slot.transmit().isPresent();
        draft.separate = separate;
        draft.shift = slot.transmit()
                .filter(talk -> !separate)
                .map(talk -> Shift.between(slot.receive(), talk))
                .orElse(Shift.NONE);
        draft.shiftSize = Shift.ofHertz(draft.shift.sizeHertz());
        draft.direction = draft.talks ? Direction.of(draft.shift) : Direction.NEVER;
        draft.talkTone = slot.talkTone();
        draft.listenTone = slot.listenTone();
        draft.talkToneOn = slot.talkTone() != NoTone.NONE;
        draft.listenToneOn = slot.listenTone() != NoTone.NONE;
        draft.talkToneValue = Optional.of(slot.talkTone()).filter(tone -> draft.talkToneOn);
        draft.listenToneValue = Optional.of(slot.listenTone()).filter(tone -> draft.listenToneOn);
        draft.emission = slot.emission();
        draft.power = slot.power();
        draft.name = slot.name();
        draft.scan = slot.scan();
        draft.banks = slot.banks();
        return draft;
    }

    /**
     * The slot that was read.
     *
     * @param form how the radio stores a shift
     * @param separateTalk the talk frequency that stands elsewhere
     * @throws MeaninglessException if the parts make none
     */
    RadioSlot toSlot(ShiftForm form, Optional<Frequency> separateTalk) {
        Frequency listen = receive.orElseThrow(() -> new MeaninglessException("no receive frequency"));
        return new RadioSlot(
                name,
                listen,
                talks ? separate ? Optional.of(required(separateTalk)) : form.transmit(this, listen) : Optional.empty(),
                talkToneOn ? switched(talkToneValue) : talkTone,
                listenToneOn ? switched(listenToneValue) : listenTone,
                emission,
                power,
                scan,
                banks);
    }

    private static Frequency required(Optional<Frequency> talk) {
        return talk.orElseThrow(() -> new MeaninglessException("a talk frequency of its own that stands nowhere"));
    }

    private static Tone switched(Optional<Tone> value) {
        return value.orElseThrow(() -> new MeaninglessException("a tone that is switched on and means none"));
    }
}
