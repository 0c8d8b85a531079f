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

/** The level asked for, or the next one that is not above it; a listen-only channel has no use for either. */
record PowerConcern() implements Concern {
    static final FindingKind NEXT_LEVEL = new FindingKind(
            "fit-next-power",
            Severity.NOTE,
            "The radio has no {power} power; the next level that is not above it is taken.",
            "Ask for {levels}.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        Power wanted = candidate.channel().power();
        PowerLevel level = level(limits.power(), wanted);
        if (level.level() != wanted && candidate.channel().transmit().isPresent()) {
            candidate.adapted(
                    NEXT_LEVEL,
                    Field.POWER,
                    Map.of(
                            "power", wanted.word(),
                            "levels",
                                    limits.power().stream()
                                            .map(each -> each.level().word())
                                            .collect(Collectors.joining(" or "))),
                    wanted.word(),
                    level.level().word() + ", " + level.watts() + " W",
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
