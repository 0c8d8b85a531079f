package reckonrod.sim.air;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import reckonrod.core.air.Call;
import reckonrod.core.air.Margins;
import reckonrod.core.air.Repeater;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.directory.Trust;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.prove.Situation;
import reckonrod.core.prove.Situation.Holding;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.take.Taking;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;
import reckonrod.sim.world.Inventions;

/**
 * An invented silence: a person calls a repeater, nothing comes, and one thing is the cause. The list, the directory, what the radio
 * holds, the way between the two and the repeater are made for themselves; that nothing comes is worked out on the air, and that
 * something would come without the fault as well.
 */
public final class SilentCase {
    static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

    private static final BandPlan PLAN =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Inventions INVENTIONS = new Inventions();
    private static final int MOST_TRIES = 200;

    final SplittableRandom random;
    final String fault;
    DirectoryEntry entry;
    Frequency input;
    Repeater truth;
    Channel channel;
    RadioSlot held;
    /** The radio on a dialled frequency instead of the slot, if it is. */
    Optional<RadioSlot> dialled = Optional.empty();
    /** How well the two hear each other at high power, on the spot, and how well the program takes them to. */
    Margins margins;

    double predicted;
    Holding holding;
    double lossOfRadio;
    double lossOfPlace;
    boolean volumeDown;
    boolean sameNameHeld = true;
    private boolean listed = true;

    private SilentCase(String fault, SplittableRandom random) {
        this.fault = fault;
        this.random = random;
    }

    /**
     * A case with that cause, one of those in {@link reckonrod.core.prove.Knowledge}.
     *
     * @param seed the same seed makes the same case
     */
    public static SilentCase of(String cause, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < MOST_TRIES; i++) {
            SilentCase made = new SilentCase(cause, random);
            if (made.sound() && made.faulty() && !made.isAnswered()) {
                return made;
            }
        }
        throw new IllegalStateException("No silence could be made of " + cause);
    }

    /** The true cause. */
    public String cause() {
        return fault;
    }

    private boolean luck(double share) {
        return random.nextDouble() < share;
    }

    /** Everything as it should be. */
    private boolean sound() {
        DirectoryEntry listed = INVENTIONS.number(random.nextInt(50_000));
        Signal signal = listed.signal();
        Optional<Frequency> at = signal.input().frequency(signal.output());
        if (signal.mode() != Mode.FM || at.isEmpty()) {
            return false;
        }
        boolean decayed = Set.of("dead", "tone-moved", "digital").contains(fault);
        boolean saysOff = luck(fault.equals("dead") ? 0.15 : 0.02);
        double age = random.nextDouble();
        int months = age < (decayed ? 0.3 : 0.5) ? 5 : age < (decayed ? 0.7 : 0.85) ? 20 : 50;
        Tone sends = luck(0.4) ? signal.talkTone() : NoTone.NONE;
        entry = new DirectoryEntry(
                listed.id(),
                listed.callSign(),
                listed.site(),
                new Signal(signal.output(), signal.input(), signal.talkTone(), sends, Mode.FM, signal.watts()),
                new Standing(
                        saysOff ? State.OFF_AIR : State.ON_AIR,
                        Set.of(),
                        Optional.of(TODAY.minusMonths(months)),
                        "",
                        "",
                        ""));
        input = at.get();
        Optional<Channel> taken = Taking.channel(entry, PLAN);
        if (taken.isEmpty()) {
            return false;
        }
        channel = taken.get().withName("REPEATER");
        if (luck(0.7)) {
            channel = channel.withTones(channel.talkTone(), NoTone.NONE);
        }
        truth = new Repeater(
                entry.id(),
                "REPEATER",
                Optional.empty(),
                signal.output(),
                input,
                signal.talkTone(),
                sends,
                Mode.FM,
                true,
                false,
                true);
        if (luck(0.06) && signal.talkTone().isPresent() && !fault.equals("tone-moved")) {
            // The person knows better than the directory.
            Tone now = otherTone(signal.talkTone());
            truth = Air.with(truth, now, Mode.FM, true, true);
            channel = channel.withTones(now, channel.listenTone().isPresent() ? NoTone.NONE : channel.listenTone());
        }
        margins = margins(4 + random.nextDouble() * 40);
        predicted = margins.worse() + gauss() * 5;
        holding = luck(0.45) ? Holding.AS_LISTED : luck(0.5) ? Holding.KEYED : Holding.UNKNOWN;
        return true;
    }

    private Margins margins(double worse) {
        double more = random.nextDouble() * 6;
        return luck(0.7) ? new Margins(worse, worse + more) : new Margins(worse + more, worse);
    }

    private double gauss() {
        double sum = 0;
        for (int i = 0; i < 12; i++) {
            sum += random.nextDouble();
        }
        return sum - 6;
    }

    private Tone otherTone(Tone tone) {
        List<CtcssTone> tones = ToneTable.STANDARD.ctcss();
        Tone other = tones.get(random.nextInt(tones.size()));
        return other.equals(tone) ? otherTone(tone) : other;
    }

    /** One thing goes wrong; false if it cannot with this repeater. */
    private boolean faulty() {
        Tone needed = truth.opensWith();
        boolean toned = needed.isPresent();
        boolean ok = switch (fault) {
            case "tone-missing" -> toned && change(channel.withTones(NoTone.NONE, NoTone.NONE));
            case "tone-side" -> toned && change(channel.withTones(NoTone.NONE, needed));
            case "tone-other" -> toned && change(channel.withTones(otherTone(needed), channel.listenTone()));
            case "talk-side" -> change(channel.withTalk(new Talk.Shifted(shift(-1), false)));
            case "talk-distance" ->
                change(channel.withTalk(
                        luck(0.5) ? new Talk.Same() : new Talk.Shifted(shift(luck(0.5) ? 0.1 : 10), false)));
            case "output" -> moved();
            case "listen-tone" -> toned && listening(needed);
            case "emission" -> change(channel.withEmission(Emission.AM));
            case "tone-off" -> toned && notSwitchedOn();
            case "not-loaded" -> older();
            case "frequency-mode" -> dialling();
            case "talk-locked" -> true;
            case "speaker" -> speaker();
            case "antenna" -> lossy(35, 0);
            case "power-low" -> low();
            case "dead" -> repeater(Air.with(truth, needed, Mode.FM, false, true));
            case "tone-moved" -> toned && repeater(Air.with(truth, otherTone(needed), Mode.FM, true, true));
            case "digital" -> repeater(Air.with(truth, NoTone.NONE, Mode.DIGITAL, true, true));
            case "no-tail" -> repeater(Air.with(truth, needed, Mode.FM, true, false));
            case "nobody" -> alone();
            case "out-of-reach" -> far();
            case "indoors" -> margins.worse() < 25 && lossy(0, 15 + random.nextDouble() * 20);
            default -> throw new IllegalArgumentException("There is no fault " + fault);
        };
        if (held == null) {
            held = slot(channel);
        }
        return ok;
    }

    private boolean change(Channel wrong) {
        channel = wrong;
        return true;
    }

    private Shift shift(double times) {
        return Shift.ofHertz(Math.round((input.hertz() - truth.output().hertz()) * times));
    }

    private boolean moved() {
        long by = luck(0.5) ? 25_000 : 100_000;
        Frequency wrong = Frequency.ofHertz(truth.output().hertz() + by);
        return change(channel.withPair(wrong, new Talk.Shifted(shift(1), false)));
    }

    private boolean listening(Tone tone) {
        boolean published = luck(0.4);
        Signal signal = entry.signal();
        entry = new DirectoryEntry(
                entry.id(),
                entry.callSign(),
                entry.site(),
                new Signal(
                        signal.output(),
                        signal.input(),
                        signal.talkTone(),
                        published ? signal.talkTone() : NoTone.NONE,
                        Mode.FM,
                        signal.watts()),
                entry.standing());
        truth = new Repeater(
                truth.id(),
                truth.name(),
                truth.place(),
                truth.output(),
                truth.input(),
                tone,
                NoTone.NONE,
                Mode.FM,
                true,
                false,
                true);
        return change(channel.withTones(channel.talkTone(), tone));
    }

    private boolean notSwitchedOn() {
        held = slot(channel.withTones(NoTone.NONE, NoTone.NONE));
        if (holding == Holding.AS_LISTED && luck(0.8)) {
            holding = luck(0.7) ? Holding.KEYED : Holding.UNKNOWN;
        }
        return true;
    }

    private boolean older() {
        sameNameHeld = luck(0.4);
        held = sameNameHeld
                ? slot(channel.withTones(NoTone.NONE, NoTone.NONE)
                        .withTalk(luck(0.5) ? new Talk.Same() : channel.talk()))
                : slot(channel.withPair(
                        Frequency.ofHertz(truth.output().hertz() + 40_000), new Talk.Shifted(shift(1), false)));
        if (holding == Holding.AS_LISTED) {
            holding = Holding.OTHERWISE;
        }
        return true;
    }

    private boolean dialling() {
        Frequency at =
                luck(0.6) ? channel.receive() : Frequency.ofHertz(truth.output().hertz() + 60_000);
        dialled = Optional.of(slot(Channel.of(at, new Talk.Same())));
        return true;
    }

    private boolean speaker() {
        volumeDown = luck(0.6);
        return true;
    }

    private boolean lossy(double radio, double place) {
        lossOfRadio = radio;
        lossOfPlace = place;
        return true;
    }

    private boolean low() {
        channel = channel.withPower(Power.LOW);
        margins = new Margins(1 + random.nextDouble() * 5, 4 + random.nextDouble() * 8);
        predicted = margins.there() - 7 + gauss() * 5;
        return true;
    }

    private boolean far() {
        margins = margins(-1 - random.nextDouble() * 25);
        predicted = margins.worse() + gauss() * 5;
        return true;
    }

    /** A channel without a repeater, on which nobody listens. */
    private boolean alone() {
        listed = false;
        channel = Channel.of(truth.output(), new Talk.Same()).withName("CALL");
        input = truth.output();
        return repeater(Air.with(truth, NoTone.NONE, Mode.FM, false, false));
    }

    private boolean repeater(Repeater real) {
        truth = real;
        return true;
    }

    static RadioSlot slot(Channel channel) {
        return new RadioSlot(
                channel.name(),
                channel.receive(),
                channel.transmit(),
                channel.talkTone(),
                channel.listenTone(),
                channel.emission(),
                channel.power(),
                true,
                Set.of());
    }

    /** What the radio works with. */
    RadioSlot works() {
        return dialled.orElse(held);
    }

    Margins onTheSpot() {
        double low = works().power() == Power.HIGH ? 0 : 7;
        return margins.less(lossOfRadio + lossOfPlace).louder(-low);
    }

    private boolean isAnswered() {
        boolean radioWorks = !fault.equals("talk-locked") && !fault.equals("speaker");
        return radioWorks
                && truth.hasTail()
                && Call.of(works(), truth, onTheSpot()).isAnswered();
    }

    /** What the program knows of it before anybody is asked. */
    public Situation situation() {
        return new Situation(
                channel,
                listed ? Optional.of(new Situation.Listed(entry, input, Trust.in(entry, TODAY))) : Optional.empty(),
                listed ? OptionalDouble.of(predicted) : OptionalDouble.empty(),
                holding,
                false,
                false);
    }
}
