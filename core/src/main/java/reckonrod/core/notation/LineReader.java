package reckonrod.core.notation;

import java.math.BigDecimal;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.LineParts.Direction;

/** Reads the parts of one line. A new kind of word in the notation is a new case here. */
final class LineReader {
    static final int MOST_CHARACTERS = 200;

    private static final Pattern NUMBER = Pattern.compile("(\\d+(?:\\.\\d+)?(?:mhz|khz|ghz|hz)?)([+\\-])?");
    private static final Pattern SIGN = Pattern.compile("([+\\-])(?:(\\d+(?:\\.\\d+)?)(mhz|khz|m|k)?)?");
    private static final Pattern TONE_LIKE = Pattern.compile("\\d{2,3}\\.\\d");
    private static final Pattern FINE = Pattern.compile("\\d+\\.\\d{3,}");
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}\\d\\-]{2,}");
    private static final BigDecimal LEAST_TONE = new BigDecimal(60);
    private static final BigDecimal KILOHERTZ_FROM = new BigDecimal(100);

    private final String line;
    private final BandPlan plan;
    private final LineParts parts = new LineParts();
    private final ToneReading tones;

    private LineReader(String line, BandPlan plan) {
        this.line = line;
        this.plan = plan;
        this.tones = new ToneReading(line, parts);
    }

    static LineParts read(String line, BandPlan plan) {
        return new LineReader(line, plan).read();
    }

    private LineParts read() {
        Chunks chunks = Chunks.of(line);
        parts.name = fitting(chunks.name);
        Deque<String> rest = chunks.rest;
        while (!rest.isEmpty()) {
            take(rest.poll(), rest);
        }
        takeNameFromLeftovers();
        if (!parts.leftovers.isEmpty()) {
            parts.findings.add(Finding.of(
                    LineFindings.LEFTOVER,
                    Field.LINE,
                    Map.of("words", parts.leftovers.stream().collect(Collectors.joining(", ", "\"", "\"")))));
        }
        return parts;
    }

    private void take(String chunk, Deque<String> rest) {
        char first = chunk.charAt(0);
        boolean taken;
        if (first == '-' || first == '+') {
            taken = takeSign(chunk);
        } else if (first >= '0' && first <= '9') {
            taken = tones.takeBareDcs(chunk) || takeToneInFront(chunk, rest) || takeNumber(chunk);
        } else {
            taken = takeWord(chunk) || tones.takeWorded(chunk, rest);
        }
        if (!taken) {
            parts.leftovers.add(chunk);
        }
    }

    private boolean takeWord(String chunk) {
        switch (chunk) {
            case "rx", "tx", ">" -> {}
            case "simplex", "s" -> parts.direction = Direction.SIMPLEX;
            case "listen", "listen-only" ->
                parts.direction = parts.receive.isPresent() ? Direction.LISTEN_ONLY : parts.direction;
            case "fm" -> parts.emission = Optional.of(Emission.FM);
            case "nfm" -> parts.emission = Optional.of(Emission.NFM);
            case "am" -> parts.emission = Optional.of(Emission.AM);
            case "high" -> parts.power = Optional.of(Power.HIGH);
            case "mid", "medium" -> parts.power = Optional.of(Power.MID);
            case "low" -> parts.power = Optional.of(Power.LOW);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean takeSign(String chunk) {
        Matcher matcher = SIGN.matcher(chunk);
        if (!matcher.matches()) {
            return false;
        }
        parts.direction = matcher.group(1).equals("-") ? Direction.MINUS : Direction.PLUS;
        if (matcher.group(2) != null) {
            takeBehindSign(matcher.group(2), matcher.group(3), chunk);
        }
        return true;
    }

    // Behind a sign: below 60 it is a size in MHz; whole and at least 100 a size in kHz (600); else a tone (71.9).
    private void takeBehindSign(String number, String unit, String chunk) {
        BigDecimal value = new BigDecimal(number);
        boolean kilohertz = unit != null
                ? unit.startsWith("k")
                : value.scale() == 0 && value.compareTo(KILOHERTZ_FROM) >= 0 && number.length() <= 5;
        if (unit == null && !kilohertz && value.compareTo(LEAST_TONE) >= 0) {
            if (!tones.takeNumber(number)) {
                parts.leftovers.add(chunk);
            }
            return;
        }
        BigDecimal hertz = value.movePointRight(kilohertz ? 3 : 6).stripTrailingZeros();
        if (hertz.scale() > 0 || hertz.signum() == 0 || hertz.compareTo(BigDecimal.valueOf(1_000_000_000)) > 0) {
            parts.leftovers.add(chunk);
            return;
        }
        parts.shiftSizeHertz = Optional.of(hertz.longValueExact());
    }

    // The order is free: 71.9 145.310- has the tone in front, told by the finer number that follows.
    private boolean takeToneInFront(String chunk, Deque<String> rest) {
        return parts.receive.isEmpty()
                && TONE_LIKE.matcher(chunk).matches()
                && rest.stream().anyMatch(later -> FINE.matcher(later).lookingAt())
                && tones.takeNumber(chunk);
    }

    private boolean takeNumber(String chunk) {
        Matcher matcher = NUMBER.matcher(chunk);
        if (!matcher.matches()) {
            return false;
        }
        String number = matcher.group(1);
        boolean taken = parts.receive.isEmpty() && parts.findings.isEmpty() ? takeReceive(number) : takeLater(number);
        if (taken && matcher.group(2) != null) {
            parts.direction = matcher.group(2).equals("-") ? Direction.MINUS : Direction.PLUS;
        }
        return taken;
    }

    private boolean takeReceive(String number) {
        parts.receive = FrequencyReading.read(number, line, plan, parts.findings);
        return true;
    }

    private boolean takeLater(String number) {
        if (isSizeAfterSign(number)) {
            takeBehindSign(number, null, number);
            return true;
        }
        if (tones.takeNumber(number)) {
            return true;
        }
        boolean frequency = number.contains(".") || number.endsWith("hz") || number.length() > 4;
        if (parts.transmit.isPresent() || !frequency) {
            return false;
        }
        Optional<Frequency> second = FrequencyReading.read(number, line, plan, parts.findings);
        parts.transmit = second;
        return true;
    }

    private boolean isSizeAfterSign(String number) {
        boolean signed = parts.direction == Direction.MINUS || parts.direction == Direction.PLUS;
        return signed
                && parts.shiftSizeHertz.isEmpty()
                && !number.endsWith("hz")
                && number.length() < 12
                && new BigDecimal(number).compareTo(LEAST_TONE) < 0;
    }

    private void takeNameFromLeftovers() {
        if (!parts.name.isEmpty() || parts.receive.isEmpty()) {
            return;
        }
        List<String> words = parts.leftovers.stream()
                .takeWhile(word -> WORD.matcher(word).matches())
                .toList();
        if (!words.isEmpty()) {
            parts.leftovers.subList(0, words.size()).clear();
            parts.name = fitting(String.join(" ", words).toUpperCase(java.util.Locale.ROOT));
            parts.nameAtEnd = true;
        }
    }

    private String fitting(String name) {
        String clean = name.strip();
        if (clean.length() <= Channel.MOST_NAME_CHARACTERS && clean.chars().noneMatch(Character::isISOControl)) {
            return clean;
        }
        parts.leftovers.add(clean);
        return "";
    }
}
