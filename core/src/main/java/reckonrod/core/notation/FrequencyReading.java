package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.frequency.Frequency;

/** Reads one frequency of a line, with its point or keyed without one. */
final class FrequencyReading {
    private static final int MOST_KEYED_DIGITS = 10;
    private static final int MOST_DECIMALS = 6;

    private FrequencyReading() {}

    /** The frequency, or nothing and a finding that says why. */
    static Optional<Frequency> read(String text, String line, BandPlan plan, List<Finding> findings) {
        boolean keyed = text.length() > 4 && text.chars().allMatch(Character::isDigit);
        return keyed ? readKeyed(text, line, plan, findings) : readPointed(text, line, findings);
    }

    private static Optional<Frequency> readPointed(String text, String line, List<Finding> findings) {
        int decimals = text.length() - text.indexOf('.') - 1;
        if (text.indexOf('.') >= 0 && decimals > MOST_DECIMALS && Character.isDigit(text.charAt(text.length() - 1))) {
            findings.add(tooFine(text, line));
            return Optional.empty();
        }
        try {
            return Optional.of(Frequency.parse(text));
        } catch (IllegalArgumentException notAFrequency) {
            String reason = notAFrequency.getMessage().replaceAll(", was .*", "");
            findings.add(Finding.of(LineFindings.UNREADABLE, Field.RECEIVE, Map.of("found", text, "reason", reason)));
            return Optional.empty();
        }
    }

    /** More decimals than 1 Hz has: a digit slipped in, and even a last zero does not make it right. */
    private static Finding tooFine(String text, String line) {
        String cut = text.substring(0, text.indexOf('.') + 1 + MOST_DECIMALS);
        List<Fix> fixes = new ArrayList<>();
        String understood = "";
        try {
            Frequency reading = Frequency.parse(cut);
            understood = ". Its first six give " + reading;
            Rewriting.fix("Read " + reading, line, text, reading.toMegahertzText())
                    .ifPresent(fixes::add);
        } catch (IllegalArgumentException outOfRange) {
            // Nothing was understood, so nothing is offered.
        }
        return new Finding(
                LineFindings.UNREADABLE,
                Field.RECEIVE,
                Map.of("found", text, "reason", "It has more decimals than 1 Hz, six behind the point" + understood),
                fixes);
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
                .flatMap(reading -> Rewriting.fix("Read " + reading, line, digits, reading.toMegahertzText()).stream())
                .toList();
        String list = readings.stream().map(Frequency::toString).collect(Collectors.joining(" or "));
        findings.add(
                new Finding(LineFindings.AMBIGUOUS, Field.RECEIVE, Map.of("found", digits, "readings", list), fixes));
        return Optional.empty();
    }

    /** Every place for the point that gives a frequency which the plan knows. */
    static List<Frequency> readings(String digits, BandPlan plan) {
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
