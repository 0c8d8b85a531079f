package reckonrod.core.fit;

import java.util.Map;
import java.util.Optional;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.ShiftLimit;

/** The radio must be able to keep the talk frequency beside the one listened on. */
record ShiftConcern() implements Concern {
    static final FindingKind NO_MULTIPLE = new FindingKind(
            "fit-shift-no-multiple",
            Severity.DOUBT,
            "The radio keeps shifts in steps of {step} up to {most}, and no talk frequency of its own.",
            "Use a radio that can keep any pair.");
    static final FindingKind OTHER_BAND = new FindingKind(
            "fit-other-band",
            Severity.DOUBT,
            "The radio talks in the same band that it listens in.",
            "Use a radio that can keep any pair.");
    static final FindingKind OTHER_SIZE = new FindingKind(
            "fit-other-shift-size",
            Severity.DOUBT,
            "The radio has one shift size when talking on {band}, and most channels of the list need {size} there.",
            "Use another radio for it, or leave the channels out that need {size}.");
    static final FindingKind TOO_MANY = new FindingKind(
            "fit-no-separate-left",
            Severity.DOUBT,
            "The radio has {count} talk frequencies that are no multiple of {step} away, and the slots before take them all.",
            "Move it to a lower slot, or leave out one of those before it.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        Channel channel = candidate.channel();
        if (!channel.isDuplex() || limits.shift() instanceof ShiftLimit.AnyPair) {
            return;
        }
        Frequency talk = channel.transmit().orElseThrow();
        Shift shift = channel.shift().orElseThrow();
        if (limits.shift() instanceof ShiftLimit.Steps steps) {
            steps(candidate, limits, steps, talk, shift);
        } else if (limits.shift() instanceof ShiftLimit.OncePerBand once) {
            oncePerBand(candidate, limits, once, talk, shift);
        }
    }

    private static void steps(Candidate candidate, Limits limits, ShiftLimit.Steps steps, Frequency talk, Shift shift) {
        if (steps.withinBand()
                && !limits.receiving(candidate.channel().receive())
                        .map(band -> band.contains(talk))
                        .orElse(true)) {
            candidate.leftOut(OTHER_BAND, Field.TRANSMIT, Map.of(), talk.toString());
        } else if (!steps.has(shift)) {
            Map<String, String> facts = Map.of(
                    "step", Shift.ofHertz(steps.stepHertz()).toSizeText(),
                    "most", Shift.ofHertz(steps.mostHertz()).toSizeText(),
                    "count", String.valueOf(steps.separate()));
            if (steps.separate() == 0) {
                candidate.leftOut(NO_MULTIPLE, Field.TRANSMIT, facts, shift.toString());
            } else if (candidate.wide().lastSeparate().isPresent()
                    && candidate.slot() > candidate.wide().lastSeparate().getAsInt()) {
                candidate.leftOut(TOO_MANY, Field.TRANSMIT, facts, shift.toString());
            }
        }
    }

    private static void oncePerBand(
            Candidate candidate, Limits limits, ShiftLimit.OncePerBand once, Frequency talk, Shift shift) {
        Optional<BandLimit> band = limits.transmitting(talk);
        if (band.isEmpty()) {
            return;
        }
        if (!once.has(shift)) {
            candidate.leftOut(NO_MULTIPLE, Field.TRANSMIT, facts(once), shift.toString());
            return;
        }
        // Where no size is set, all that need one are left out for other reasons, and have no say in it.
        Optional.ofNullable(candidate.wide().shiftSizes().get(band.get().range()))
                .filter(size -> size.hertz() != shift.sizeHertz())
                .ifPresent(size -> candidate.leftOut(
                        OTHER_SIZE,
                        Field.TRANSMIT,
                        Map.of("band", band.get().range().toWords(), "size", size.toSizeText()),
                        shift.toString()));
    }

    private static Map<String, String> facts(ShiftLimit.OncePerBand once) {
        return Map.of(
                "step", Shift.ofHertz(once.stepHertz()).toSizeText(),
                "most", Shift.ofHertz(once.mostHertz()).toSizeText());
    }
}
