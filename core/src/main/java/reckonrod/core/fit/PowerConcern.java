package reckonrod.core.fit;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import reckonrod.core.channel.Power;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.PowerLevel;

/** The level asked for, or the next one that is not above it, or else the lowest there is; a listen-only channel has no use for either. */
record PowerConcern() implements Concern {
    static final FindingKind NEXT_LEVEL = new FindingKind(
            "fit-next-power",
            Severity.NOTE,
            "The radio has no {power} power; the next level that is not above it is taken.",
            "Ask for {levels}.");

    /** It sends more than was asked for, which is told as what it is. */
    static final FindingKind HIGHER_LEVEL = new FindingKind(
            "fit-higher-power",
            Severity.DOUBT,
            "The radio has no {power} power and none below it; it sends more, {sends}.",
            "Ask for {levels}, or use a radio that has {power}.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        Power wanted = candidate.channel().power();
        PowerLevel level = level(limits.power(), wanted);
        if (level.level() != wanted && candidate.channel().transmit().isPresent()) {
            String sends = level.level().word() + ", " + level.watts() + " W";
            candidate.adapted(
                    level.level().compareTo(wanted) < 0 ? HIGHER_LEVEL : NEXT_LEVEL,
                    Field.POWER,
                    Map.of(
                            "power", wanted.word(),
                            "sends", sends,
                            "levels",
                                    limits.power().stream()
                                            .map(each -> each.level().word())
                                            .collect(Collectors.joining(" or "))),
                    wanted.word(),
                    sends,
                    "Ask for " + level.level().word(),
                    candidate.asWritten().withPower(level.level()));
        }
        candidate.becomes(candidate.channel().withPower(level.level()));
    }

    private static PowerLevel level(List<PowerLevel> levels, Power wanted) {
        for (PowerLevel each : levels) {
            if (each.level().compareTo(wanted) >= 0) {
                return each;
            }
        }
        return levels.get(levels.size() - 1);
    }
}
