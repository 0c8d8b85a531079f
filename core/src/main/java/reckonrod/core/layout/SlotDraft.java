package reckonrod.core.layout;

import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/**
 * One slot while its parts are read or written, in every form in which radios store them: a shift as a talk frequency, as a
 * signed distance, and as a size with a direction; a tone by itself, and as a value with a switch; the polarity of a code in it, and
 * once for both.
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
    boolean inverted;
    boolean listenReversed;
    Emission emission = Emission.FM;
    Power power = Power.HIGH;
    String name = "";
    boolean scan;
    Set<Integer> banks = Set.of();

    /**
     * A slot in every form.
     *
     * @param separate whether it has a talk frequency of its own elsewhere
     * @param onePolarity whether the polarity of its codes is said once
     * @throws IllegalArgumentException if its codes are of two polarities and that is said once
     */
    static SlotDraft of(RadioSlot slot, boolean separate, boolean onePolarity) {
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
        draft.listenReversed = slot.listenTone() instanceof ReversedTone;
        draft.listenTone = slot.listenTone() instanceof ReversedTone reversed ? reversed.tone() : slot.listenTone();
        if (onePolarity) {
            draft.inverted = isInverted(draft.talkTone) || isInverted(draft.listenTone);
            draft.talkTone = turned(draft.talkTone, draft.inverted);
            draft.listenTone = turned(draft.listenTone, draft.inverted);
            if (isInverted(draft.talkTone) || isInverted(draft.listenTone)) {
                throw new IllegalArgumentException("The radio has one polarity for both codes of a slot, were "
                        + slot.talkTone() + " and " + slot.listenTone());
            }
        }
        draft.talkToneOn = slot.talkTone() != NoTone.NONE;
        draft.listenToneOn = slot.listenTone() != NoTone.NONE;
        draft.talkToneValue = Optional.of(draft.talkTone).filter(tone -> draft.talkToneOn);
        draft.listenToneValue = Optional.of(draft.listenTone).filter(tone -> draft.listenToneOn);
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
                turned(talkToneOn ? switched(talkToneValue) : talkTone, inverted),
                heard(turned(listenToneOn ? switched(listenToneValue) : listenTone, inverted)),
                emission,
                power,
                scan,
                banks);
    }

    private Tone heard(Tone tone) {
        if (!listenReversed || tone == NoTone.NONE) {
            return tone;
        }
        if (tone instanceof CtcssTone some) {
            return new ReversedTone(some);
        }
        throw new MeaninglessException("a code that is waited for to go away");
    }

    private static boolean isInverted(Tone tone) {
        return tone instanceof DcsCode code && code.polarity() == DcsCode.Polarity.INVERTED;
    }

    private static Tone turned(Tone tone, boolean turn) {
        return turn && tone instanceof DcsCode code
                ? new DcsCode(code.code(), code.polarity().other())
                : tone;
    }

    private static Frequency required(Optional<Frequency> talk) {
        return talk.orElseThrow(() -> new MeaninglessException("a talk frequency of its own that stands nowhere"));
    }

    private static Tone switched(Optional<Tone> value) {
        return value.orElseThrow(() -> new MeaninglessException("a tone that is switched on and means none"));
    }
}
