package reckonrod.sim.air;

import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import reckonrod.core.air.Call;
import reckonrod.core.air.Hindrance;
import reckonrod.core.air.Margins;
import reckonrod.core.channel.Power;
import reckonrod.core.directory.Mode;
import reckonrod.core.prove.Question;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;

/**
 * A person beside a silent radio, who looks and listens and tries as asked. The answers come from what radio and air do; now and then
 * the person misreads something, or cannot tell.
 */
public final class Bystander {
    private static final double MISREAD = 0.03;
    private static final double BESIDE = 0.45;
    private static final double HIDDEN = 0.3;
    private static final double ACTIVE = 0.55;
    private static final double HIGHER_DECIBELS = 8;

    private final SilentCase here;
    private final SplittableRandom random;
    /** Whether people talk on the repeater at this time of the day. */
    private final boolean active;

    /** The same case and seed give the same answers to the same questions in the same order. */
    public Bystander(SilentCase here, long seed) {
        this.here = here;
        this.random = new SplittableRandom(seed);
        this.active = luck(ACTIVE);
    }

    private boolean luck(double share) {
        return random.nextDouble() < share;
    }

    /** The answer to a question. */
    public String answer(Question question) {
        if (luck(cannotTell(question.id()))) {
            return Question.UNKNOWN;
        }
        if (luck(MISREAD)) {
            List<Question.Answer> answers = question.answers();
            return answers.get(random.nextInt(answers.size())).id();
        }
        return truth(question.id());
    }

    private static double cannotTell(String question) {
        return switch (question) {
            case "display" -> 0.1;
            case "elsewhere" -> 0.25;
            case "others" -> 0.4;
            case "search" -> 0.7;
            case "outside", "monitor" -> 0.12;
            default -> 0.03;
        };
    }

    private boolean is(String... faults) {
        return Set.of(faults).contains(here.fault);
    }

    private String truth(String question) {
        RadioSlot slot = here.works();
        return switch (question) {
            case "press" -> press(slot);
            case "display" -> display(slot);
            case "hands" -> hands(slot);
            case "monitor" -> monitor(slot);
            case "elsewhere" -> elsewhere() ? "answers" : "silent";
            case "outside" -> outside(slot) ? "answers" : "silent";
            case "others" -> luck(BESIDE) ? beside() ? "opens" : "silent" : local();
            case "search" -> search();
            default -> Question.UNKNOWN;
        };
    }

    private String press(RadioSlot slot) {
        if (is("talk-locked")) {
            return "dark";
        }
        if (luck(HIDDEN)) {
            return "hidden";
        }
        return slot.transmit()
                .map(talk -> talk.equals(here.input) ? "expected" : talk.equals(slot.receive()) ? "listen" : "other")
                .orElse("dark");
    }

    private String display(RadioSlot slot) {
        if (here.dialled.isPresent()) {
            return "frequency";
        }
        if (!here.sameNameHeld) {
            return "other";
        }
        return slot.talkTone().isPresent() ? "sign" : slot.listenTone().isPresent() ? "listen" : "bare";
    }

    private String hands(RadioSlot slot) {
        if (is("antenna") && luck(0.9)) {
            return "loose";
        }
        if (slot.power() != Power.HIGH) {
            return "less";
        }
        return luck(is("indoors") ? 0.97 : 0.3) ? "inside" : "open";
    }

    /** Whether the speaker would let through what the repeater sends. */
    private boolean hears(RadioSlot slot) {
        return Call.of(slot, here.truth, here.onTheSpot()).hears() && !is("speaker");
    }

    private String monitor(RadioSlot slot) {
        if (here.volumeDown) {
            return "silence";
        }
        RadioSlot open = new RadioSlot(
                slot.name(),
                slot.receive(),
                slot.transmit(),
                slot.talkTone(),
                NoTone.NONE,
                slot.emission(),
                slot.power(),
                true,
                Set.of());
        Call call = Call.of(open, here.truth, here.onTheSpot());
        if (here.truth.mode() == Mode.DIGITAL
                && !call.hindrances().contains(Hindrance.OTHER_OUTPUT)
                && here.truth.works()) {
            return luck(0.5) ? "buzz" : "noise";
        }
        if (call.isAnswered() && here.truth.hasTail() && !is("talk-locked")) {
            return "tail";
        }
        return active && call.hears() ? "voices" : "noise";
    }

    /** Another channel of the radio, of a repeater that is near enough by what the program says. */
    private boolean elsewhere() {
        if (is("talk-locked", "speaker")) {
            return false;
        }
        if (is("frequency-mode", "not-loaded") && luck(0.5) || luck(0.08)) {
            return false;
        }
        double worse = here.margins.worse() < 0 ? -8 + random.nextDouble() * 30 : 8 + random.nextDouble() * 30;
        return worse - here.lossOfRadio - here.lossOfPlace >= 0;
    }

    /** Another radio, on the right channel, at the same place. */
    private boolean beside() {
        Margins margins = here.margins.less(here.lossOfPlace);
        return here.truth.works()
                && here.truth.mode() != Mode.DIGITAL
                && here.truth.hasTail()
                && !is("tone-moved")
                && margins.worse() >= 0;
    }

    private boolean outside(RadioSlot slot) {
        Margins margins = here.onTheSpot().less(-here.lossOfPlace - HIGHER_DECIBELS);
        return !is("talk-locked", "speaker")
                && here.truth.hasTail()
                && Call.of(slot, here.truth, margins).isAnswered();
    }

    private String local() {
        if (luck(0.08)) {
            return "works";
        }
        if (!here.truth.works()) {
            return "off";
        }
        return here.truth.mode() == Mode.DIGITAL
                        || !here.truth.opensWith().equals(here.entry.signal().talkTone())
                ? "changed"
                : "works";
    }

    private String search() {
        if (!active || !here.truth.sends().isPresent() || !hears(here.works())) {
            return "none";
        }
        return here.truth.sends().sameOnAir(here.channel.talkTone()) ? "same" : "other";
    }
}
