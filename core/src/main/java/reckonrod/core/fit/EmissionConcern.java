package reckonrod.core.fit;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;

/** The radio must have the modulation where the channel listens and where it talks. */
record EmissionConcern() implements Concern {
    static final FindingKind MISSING = new FindingKind(
            "fit-no-such-emission",
            Severity.DOUBT,
            "The radio has no {emission}{where}.",
            "Use a radio with {emission}.");
    static final FindingKind WIDE_INSTEAD = new FindingKind(
            "fit-wide-instead",
            Severity.NOTE,
            "The radio has no NFM{where}; it takes FM, which sounds loud to narrow receivers and may disturb the channels beside.",
            "Use a radio with NFM.");

    static final FindingKind BY_HAND = new FindingKind(
            "fit-emission-by-hand",
            Severity.NOTE,
            "The radio keeps no {emission} in its slots; the slot has {kept} until somebody switches.",
            "Switch to {emission} on the radio when you are on this channel, or use a radio whose slots keep it.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        Channel channel = candidate.channel();
        Emission wanted = channel.emission();
        if (has(limits, channel, wanted)) {
            byHand(candidate, limits, channel, wanted);
            return;
        }
        boolean anywhere = Stream.concat(limits.receive().stream(), limits.transmit().stream())
                .anyMatch(band -> band.emissions().contains(wanted));
        Map<String, String> facts = Map.of("emission", wanted.name(), "where", anywhere ? " there" : "");
        if (wanted == Emission.NFM && has(limits, channel, Emission.FM)) {
            candidate.adapted(
                    WIDE_INSTEAD,
                    Field.EMISSION,
                    facts,
                    wanted.name(),
                    Emission.FM.name(),
                    "Make it FM",
                    candidate.asWritten().withEmission(Emission.FM));
            candidate.becomes(channel.withEmission(Emission.FM));
        } else {
            candidate.leftOut(MISSING, Field.EMISSION, facts, wanted.name());
        }
    }

    /** What no slot keeps is switched to on the radio; the slot gets what the radio has there by itself. */
    private static void byHand(Candidate candidate, Limits limits, Channel channel, Emission wanted) {
        limits.receiving(channel.receive())
                .filter(band -> band.byHand().contains(wanted))
                .ifPresent(band -> {
                    Emission kept = band.kept().get(0);
                    candidate.byHand(
                            BY_HAND,
                            Field.EMISSION,
                            Map.of("emission", wanted.name(), "kept", kept.name()),
                            wanted.name(),
                            kept.name());
                    candidate.becomes(channel.withEmission(kept));
                });
    }

    private static boolean has(Limits limits, Channel channel, Emission emission) {
        Optional<BandLimit> listens = limits.receiving(channel.receive());
        Optional<BandLimit> talks = channel.transmit().flatMap(limits::transmitting);
        if (listens.isEmpty() && talks.isEmpty()) {
            return limits.receive().stream().anyMatch(band -> band.emissions().contains(emission));
        }
        return (listens.isEmpty() || listens.get().emissions().contains(emission))
                && (talks.isEmpty() || talks.get().emissions().contains(emission));
    }
}
