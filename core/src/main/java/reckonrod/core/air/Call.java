package reckonrod.core.air;

import java.util.EnumSet;
import java.util.Set;
import reckonrod.core.channel.Emission;
import reckonrod.core.directory.Mode;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.Tone;

/**
 * What becomes of a call to one repeater.
 *
 * @param hindrances what stands in its way; empty if the repeater opens and is heard
 */
public record Call(Set<Hindrance> hindrances) {
    /**
     * How far a signal may lie beside the middle of an FM receiver and still be understood, in hertz: a quarter of the narrowest
     * usual channel, 12.5 kHz, less the deviation that voice needs.
     */
    public static final long MOST_BESIDE_HERTZ = 2_500;

    public Call {
        hindrances = hindrances.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(hindrances));
    }

    /** A call with what a slot holds; {@code margins} say how well the two hear each other. */
    public static Call of(RadioSlot slot, Repeater repeater, Margins margins) {
        Set<Hindrance> found = EnumSet.noneOf(Hindrance.class);
        slot.transmit()
                .ifPresentOrElse(talk -> there(talk, slot, repeater, found), () -> found.add(Hindrance.NEVER_TALKS));
        if (!repeater.works()) {
            found.add(Hindrance.OFF_AIR);
        }
        if (!passes(slot.emission(), repeater.mode())) {
            found.add(Hindrance.OTHER_MODE);
        }
        if (margins.there() < 0) {
            found.add(Hindrance.TOO_WEAK_THERE);
        }
        if (margins.here() < 0) {
            found.add(Hindrance.TOO_WEAK_HERE);
        }
        if (!isOn(slot.receive(), repeater.output())) {
            found.add(Hindrance.OTHER_OUTPUT);
        }
        if (!slot.listenTone().opensFor(repeater.sends())) {
            found.add(Hindrance.SPEAKER_SHUT);
        }
        return new Call(found);
    }

    private static void there(Frequency talk, RadioSlot slot, Repeater repeater, Set<Hindrance> found) {
        if (!isOn(talk, repeater.input())) {
            found.add(Hindrance.OTHER_INPUT);
        }
        Tone needed = repeater.opensWith();
        if (needed.isPresent() && !needed.opensFor(slot.talkTone())) {
            found.add(slot.talkTone().isPresent() ? Hindrance.OTHER_TONE : Hindrance.NO_TONE);
        }
    }

    /** Whether somebody who listens there understands what is sent here. */
    public static boolean isOn(Frequency one, Frequency other) {
        return Math.abs(one.hertz() - other.hertz()) <= MOST_BESIDE_HERTZ;
    }

    /** Whether a receiver of that mode understands the emission; wide and narrow FM understand each other, if louder or softer. */
    static boolean passes(Emission emission, Mode mode) {
        return mode.emission()
                .filter(wanted -> wanted == emission || isFm(wanted) && isFm(emission))
                .isPresent();
    }

    private static boolean isFm(Emission emission) {
        return emission == Emission.FM || emission == Emission.NFM;
    }

    /** Whether the repeater opens. */
    public boolean opens() {
        return hindrances.stream().noneMatch(Hindrance::isThere);
    }

    /**
     * Whether the radio hears what the repeater sends, whoever opened it: it is on the air, on the frequency, understood, and the
     * speaker opens.
     */
    public boolean hears() {
        return hindrances.stream()
                .noneMatch(each -> !each.isThere() || each == Hindrance.OFF_AIR || each == Hindrance.OTHER_MODE);
    }

    /** Whether the caller hears that the repeater opened. */
    public boolean isAnswered() {
        return hindrances.isEmpty();
    }
}
