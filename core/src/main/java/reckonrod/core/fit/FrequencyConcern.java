package reckonrod.core.fit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;

/** Both frequencies must be ones that the radio reaches, in steps that its dial has there. */
record FrequencyConcern() implements Concern {
    static final FindingKind DEAF = new FindingKind(
            "fit-does-not-listen-there",
            Severity.DOUBT,
            "The radio only listens on {covered}.",
            "Use a radio that covers {frequency}.");
    static final FindingKind MUTE = new FindingKind(
            "fit-does-not-talk-there",
            Severity.DOUBT,
            "The radio only talks on {covered}.",
            "Use a radio that covers {frequency}, or make the channel listen-only.");
    static final FindingKind OFF_STEP = new FindingKind(
            "fit-off-step",
            Severity.DOUBT,
            "The radio tunes in steps of {steps}.",
            "Check the frequency; a digit may have slipped.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        Channel channel = candidate.channel();
        Optional<BandLimit> heard = limits.receiving(channel.receive());
        one(candidate, Field.RECEIVE, channel.receive(), heard, limits.receive(), DEAF);
        channel.transmit().ifPresent(talk -> {
            Optional<BandLimit> band = limits.transmitting(talk);
            // A simplex channel that is off the steps of the dial is told so once.
            boolean told = !channel.isDuplex()
                    && heard.filter(each -> !each.tunes(talk)).isPresent();
            if (!told || band.isEmpty()) {
                one(candidate, Field.TRANSMIT, talk, band, limits.transmit(), MUTE);
            }
        });
    }

    private static void one(
            Candidate candidate,
            Field field,
            Frequency frequency,
            Optional<BandLimit> band,
            List<BandLimit> bands,
            FindingKind outside) {
        if (band.isEmpty()) {
            candidate.leftOut(
                    outside,
                    field,
                    Map.of("covered", covered(bands), "frequency", frequency.toString()),
                    frequency.toString());
        } else if (!band.get().tunes(frequency)) {
            candidate.leftOut(
                    OFF_STEP,
                    field,
                    Map.of(
                            "steps",
                            band.get().steps().stream().map(Object::toString).collect(Collectors.joining(" and "))),
                    frequency.toString());
        }
    }

    private static String covered(List<BandLimit> bands) {
        return bands.stream().map(BandLimit::range).map(FrequencyRange::toWords).collect(Collectors.joining(" and "));
    }
}
