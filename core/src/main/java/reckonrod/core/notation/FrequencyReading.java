package reckonrod.core.notation;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.frequency.AirChannel;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Raster;

/** Reads one figure of a line as a frequency, with its point or keyed without one. */
final class FrequencyReading {
    private static final int MOST_KEYED_DIGITS = 10;
    private static final int MOST_DECIMALS = 6;
    private static final BigDecimal THIRD_STEP = new BigDecimal("0.025");

    private final Sentence sentence;
    private final LineParts parts;

    FrequencyReading(Sentence sentence, LineParts parts) {
        this.sentence = sentence;
        this.parts = parts;
    }

    /** The frequency, or nothing and a finding that says why. */
    Optional<Frequency> read(Figure figure) {
        if (figure.isKeyed()) {
            return readKeyed(figure);
        }
        if (figure.frequency != null) {
            return Optional.of(figure.frequency);
        }
        if (figure.unit == null && figure.decimals > MOST_DECIMALS) {
            Optional<Frequency> carrier = airCarrier(figure);
            if (carrier.isEmpty()) {
                parts.findings.add(tooFine(figure));
            }
            return carrier;
        }
        parts.findings.add(Finding.of(
                LineFindings.UNREADABLE,
                Field.RECEIVE,
                Map.of("found", sentence.typed(figure), "reason", reason(figure))));
        return Optional.empty();
    }

    private static String reason(Figure figure) {
        return figure.hertz() == 0
                ? "A frequency is 1 Hz at least"
                : "A frequency is a whole number of hertz, 300 GHz at most";
    }

    /** {@code 118.0083333}: a third of 25 kHz written out, to whatever decimal. */
    private Optional<Frequency> airCarrier(Figure figure) {
        BigDecimal value = Sentence.value(figure);
        BigDecimal three = BigDecimal.valueOf(3);
        BigDecimal steps = value.multiply(three).divide(THIRD_STEP, 0, RoundingMode.HALF_UP);
        for (RoundingMode rounding : List.of(RoundingMode.DOWN, RoundingMode.HALF_UP)) {
            BigDecimal carrier = steps.multiply(THIRD_STEP).divide(three, figure.decimals, rounding);
            if (carrier.compareTo(value) == 0) {
                Frequency hertz = Frequency.ofHertz(value.movePointRight(6)
                        .setScale(0, RoundingMode.HALF_UP)
                        .longValueExact());
                return Optional.of(Raster.KHZ_8_33.nearest(hertz)).filter(sentence.plan::isAirBand);
            }
        }
        return Optional.empty();
    }

    /** More decimals than 1 Hz has: a digit slipped in, and even a last zero does not make it right. */
    private Finding tooFine(Figure figure) {
        String cut = figure.text.substring(0, figure.text.indexOf('.') + 1 + MOST_DECIMALS);
        List<Fix> fixes = new ArrayList<>();
        String understood = "";
        try {
            Frequency reading = Frequency.parse(cut);
            understood = ". Its first six give " + reading;
            fixes.add(replace(figure, reading));
        } catch (IllegalArgumentException outOfRange) {
            // Nothing was understood, so nothing is offered.
        }
        return new Finding(
                LineFindings.UNREADABLE,
                Field.RECEIVE,
                Map.of(
                        "found",
                        sentence.typed(figure),
                        "reason",
                        "It has more decimals than 1 Hz, six behind the point" + understood),
                fixes);
    }

    private Fix replace(Figure figure, Frequency reading) {
        return LineEdit.replace("Read " + reading, sentence.line, figure, reading.toMegahertzText());
    }

    private Optional<Frequency> readKeyed(Figure figure) {
        List<Frequency> readings = readings(figure.text, sentence.plan);
        if (readings.size() == 1) {
            return Optional.of(readings.get(0));
        }
        if (readings.isEmpty()) {
            parts.findings.add(Finding.of(
                    LineFindings.NO_READING,
                    Field.RECEIVE,
                    Map.of("found", figure.text, "plan", sentence.plan.shortTitle())));
            return Optional.empty();
        }
        String list = readings.stream().map(Frequency::toString).collect(Collectors.joining(" or "));
        parts.findings.add(new Finding(
                LineFindings.AMBIGUOUS,
                Field.RECEIVE,
                Map.of("found", figure.text, "readings", list),
                readings.stream().map(reading -> replace(figure, reading)).toList()));
        return Optional.empty();
    }

    /** Every place for the point that gives a frequency which the plan knows. */
    static List<Frequency> readings(String digits, BandPlan plan) {
        List<Frequency> readings = new ArrayList<>(2);
        if (digits.length() > MOST_KEYED_DIGITS || digits.charAt(0) == '0') {
            return readings;
        }
        for (int megahertzDigits = 1; megahertzDigits <= 4; megahertzDigits++) {
            int decimals = digits.length() - megahertzDigits;
            if (decimals <= MOST_DECIMALS && decimals >= 0) {
                long value = Long.parseLong(digits);
                for (int i = decimals; i < MOST_DECIMALS; i++) {
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

    /** In the air band a figure in steps of 5 kHz is a channel's name, and not every name exists. */
    Optional<Frequency> airChannel(Frequency figure) {
        if (!sentence.plan.isAirBand(figure) || !AirChannel.isNameLike(figure)) {
            return Optional.of(figure);
        }
        parts.airChannel = AirChannel.named(figure);
        if (parts.airChannel.isEmpty()) {
            List<String> neighbours = AirChannel.neighbours(figure).stream()
                    .map(each -> each.name().toMegahertzText())
                    .toList();
            parts.findings.add(new Finding(
                    LineFindings.AIR_NAME_MISSING,
                    Field.RECEIVE,
                    Map.of("name", figure.toMegahertzText(), "neighbours", String.join(" and ", neighbours)),
                    neighbours.stream()
                            .map(name -> LineEdit.replace("Use " + name, sentence.line, parts.receiveFigure, name))
                            .toList()));
        }
        return parts.airChannel.map(AirChannel::carrier);
    }
}
