package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.frequency.Frequency;

/** Reads one frequency of a line, with its point or keyed without one. */
final class FrequencyReading {
    private static final int MOST_KEYED_DIGITS = 10;

    private FrequencyReading() {}

    /** The frequency, or nothing and a finding that says why. */
    static Optional<Frequency> read(String text, String line, BandPlan plan, List<Finding> findings) {
        boolean keyed = text.length() > 4 && text.chars().allMatch(Character::isDigit);
        return keyed ? readKeyed(text, line, plan, findings) : readPointed(text, findings);
    }

    private static Optional<Frequency> readPointed(String text, List<Finding> findings) {
        try {
            return Optional.of(Frequency.parse(text));
        } catch (IllegalArgumentException notAFrequency) {
            String reason = notAFrequency.getMessage().replaceAll(", was .*", "");
            findings.add(Finding.of(LineFindings.UNREADABLE, Field.RECEIVE, Map.of("found", text, "reason", reason)));
            return Optional.empty();
        }
    }

    private static Optional<Frequency> readKeyed(String digits, String line, BandPlan plan, List<Finding> findings) {
        List<Frequency> readings = readings(digits, plan);
        if (readings.size() == 1) {
            return Optional.of(readings.get(0));
        }
        if (readings.isEmpty()) {
            findings.add(Finding.of(
                    LineFindings.NO_READING, Field.RECEIVE, Map.of("found", digits, "plan", plan.shortTitle())));
            return Optional.empty();
        }
        List<Fix> fixes = readings.stream()
                .map(reading -> new Fix(
                        "Read " + reading, new Edit.RewriteLine(line.replace(digits, reading.toMegahertzText()))))
                .toList();
        String list = readings.stream().map(Frequency::toString).collect(Collectors.joining(" or "));
        findings.add(
                new Finding(LineFindings.AMBIGUOUS, Field.RECEIVE, Map.of("found", digits, "readings", list), fixes));
        return Optional.empty();
    }

    private static List<Frequency> readings(String digits, BandPlan plan) {
        List<Frequency> readings = new ArrayList<>();
        for (int megahertzDigits = 1; megahertzDigits <= 4 && digits.length() <= MOST_KEYED_DIGITS; megahertzDigits++) {
            int decimals = digits.length() - megahertzDigits;
            long value = Long.parseLong(digits);
            if (decimals <= 6 && value > 0 && digits.charAt(0) != '0') {
                for (int i = decimals; i < 6; i++) {
                    value *= 10;
                }
                Frequency reading = Frequency.ofHertz(value);
                if (plan.knows(reading)) {
                    readings.add(reading);
                }
            }
        }
        return readings;
    }
}
