package reckonrod.core.notation;

import java.math.BigDecimal;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.AirChannel;
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
    private static final Pattern NAME_PART = Pattern.compile("[\\p{L}\\d\\-]+");
    private static final Pattern TONE_WITH_TWO_DECIMALS = Pattern.compile("[12]?\\d{2}\\.\\d{2}");
    private static final BigDecimal LEAST_TONE = new BigDecimal(60);
    private static final BigDecimal KILOHERTZ_FROM = new BigDecimal(100);

    private static final Pattern BAND_NAME = Pattern.compile("(\\d{1,2}(?:\\.25)?)(c?m)");
    private static final Set<String> LISTEN_WORDS = Set.of("rx", "listen", "output", "out", "downlink");
    private static final Set<String> TALK_WORDS = Set.of("tx", "talk", "input", "in", "uplink");
    private static final Set<String> TONE_WORDS = Set.of("tone", "ctcss", "ct", "code");
    private static final Set<String> FILLERS = Set.of("shift", "offset", "dup", "duplex");
    private static final Map<String, DirectoryFlag> FLAG_WORDS = Map.of(
            "open", DirectoryFlag.OPEN,
            "closed", DirectoryFlag.CLOSED,
            "linked", DirectoryFlag.LINKED,
            "offair", DirectoryFlag.OFF_AIR);

    /** Whose frequency the next number is, as a word in front of it says. */
    private enum NextSide {
        UNSAID,
        LISTEN,
        TALK
    }

    private final String line;
    private final BandPlan plan;
    private boolean receiveTried;
    private NextSide nextSide = NextSide.UNSAID;
    private boolean signJustSaid;
    private boolean behindSign;
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
        behindSign = signJustSaid;
        signJustSaid = false;
        boolean taken;
        if (first == '-' || first == '+') {
            taken = takeSign(chunk);
        } else if (first >= '0' && first <= '9') {
            taken = tones.takeBareDcs(chunk, rest)
                    || takeBandName(chunk)
                    || takeToneInFront(chunk, rest)
                    || takeNumber(chunk)
                    || behindFrequency() && tones.takeTwoCharacters(chunk);
        } else {
            taken = takeSideWord(chunk, rest)
                    || takeWord(chunk)
                    || takeFiller(chunk, rest)
                    || tones.takeWorded(chunk, rest)
                    || behindFrequency() && (tones.takeTwoCharacters(chunk) || takeFlags(chunk));
        }
        if (!taken) {
            parts.leftovers.add(chunk);
        }
    }

    private boolean behindFrequency() {
        return receiveTried || parts.transmit.isPresent();
    }

    /** Takes a word that says whose frequency or tone comes next: rx, talk, input. */
    private boolean takeSideWord(String chunk, Deque<String> rest) {
        boolean listens = LISTEN_WORDS.contains(chunk);
        String next = rest.peek();
        if (!listens && !TALK_WORDS.contains(chunk) || next == null) {
            return false;
        }
        if (TONE_WORDS.contains(next)
                || behindFrequency() && TONE_LIKE.matcher(next).matches()) {
            tones.nextIsOf(listens);
            return true;
        }
        if (NUMBER.matcher(next).matches()) {
            nextSide = listens ? NextSide.LISTEN : NextSide.TALK;
            return true;
        }
        return false;
    }

    private boolean takeWord(String chunk) {
        switch (chunk) {
            case ">" -> nextSide = NextSide.TALK;
            case "simplex", "s", "=" -> direct(Direction.SIMPLEX);
            case "burst" -> toneBurst();
            case "listen", "listen-only" -> {
                if (!receiveTried) {
                    return false;
                }
                parts.direction = Direction.LISTEN_ONLY;
            }
            case "fm", "wide" -> parts.emission = Optional.of(Emission.FM);
            case "nfm", "nbfm", "narrow" -> parts.emission = Optional.of(Emission.NFM);
            case "am" -> parts.emission = Optional.of(Emission.AM);
            case "high" -> parts.power = Optional.of(Power.HIGH);
            case "mid", "medium" -> parts.power = Optional.of(Power.MID);
            case "low" -> parts.power = Optional.of(Power.LOW);
            case "dmr", "p25", "tetra", "m17", "digital" ->
                parts.findings.add(Finding.of(LineFindings.DIGITAL_MODE, Field.EMISSION, Map.of("mode", upper(chunk))));
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Takes a word that only announces the shift behind it, and the two words off air. */
    private boolean takeFiller(String chunk, Deque<String> rest) {
        String next = rest.peek();
        if (chunk.equals("off") && "air".equals(next)) {
            rest.remove();
            parts.flags.add(DirectoryFlag.OFF_AIR);
            return true;
        }
        if (next == null || !FILLERS.contains(chunk)) {
            return false;
        }
        return next.charAt(0) == '+' || next.charAt(0) == '-';
    }

    /** Takes 2m, 70cm: it says nothing new, but must agree with the frequency. */
    private boolean takeBandName(String chunk) {
        if (chunk.charAt(chunk.length() - 1) != 'm') {
            return false;
        }
        Matcher matcher = BAND_NAME.matcher(chunk);
        if (!matcher.matches()) {
            return false;
        }
        String name = matcher.group(1) + " " + matcher.group(2);
        boolean known = plan.bands().stream().anyMatch(band -> band.name().equals(name));
        if (known) {
            parts.bandName = Optional.of(name);
        }
        return known;
    }

    /** Takes the letters that a directory prints behind an entry, alone or two together. */
    private boolean takeFlags(String chunk) {
        Optional<DirectoryFlag> word = DirectoryFlag.of(chunk).or(() -> Optional.ofNullable(FLAG_WORDS.get(chunk)));
        if (word.isPresent()) {
            parts.flags.add(word.get());
            return true;
        }
        if (chunk.length() != 2) {
            return false;
        }
        Optional<DirectoryFlag> first = DirectoryFlag.of(chunk.substring(0, 1));
        Optional<DirectoryFlag> second = DirectoryFlag.of(chunk.substring(1));
        if (first.isEmpty() || second.isEmpty()) {
            return false;
        }
        parts.flags.add(first.get());
        parts.flags.add(second.get());
        return true;
    }

    /** The first word on the direction counts; another one after it is a doubt. */
    private void direct(Direction said) {
        if (parts.direction == Direction.UNSAID) {
            parts.direction = said;
        } else if (parts.direction != said) {
            parts.findings.add(Finding.of(
                    LineFindings.TWO_SIGNS,
                    Field.TRANSMIT,
                    Map.of("first", parts.direction.words(), "second", said.words())));
        }
    }

    private void toneBurst() {
        parts.findings.add(Finding.of(LineFindings.TONE_BURST, Field.LINE, Map.of()));
    }

    private boolean takeSign(String chunk) {
        Matcher matcher = SIGN.matcher(chunk);
        if (!matcher.matches()) {
            return false;
        }
        direct(matcher.group(1).equals("-") ? Direction.MINUS : Direction.PLUS);
        signJustSaid = matcher.group(2) == null;
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
        if (parts.shiftSizeHertz.isPresent()) {
            parts.leftovers.add(chunk);
            return;
        }
        parts.shiftSizeHertz = Optional.of(hertz.longValueExact());
    }

    // The order is free: 71.9 145.310- has the tone in front, told by the finer number that follows.
    private boolean takeToneInFront(String chunk, Deque<String> rest) {
        return !receiveTried
                && TONE_LIKE.matcher(chunk).matches()
                && (parts.transmit.isPresent() && !plan.knows(Frequency.parse(chunk))
                        || rest.stream().anyMatch(later -> FINE.matcher(later).lookingAt()))
                && tones.takeNumber(chunk);
    }

    private boolean takeNumber(String chunk) {
        Matcher matcher = NUMBER.matcher(chunk);
        if (!matcher.matches()) {
            return false;
        }
        String number = matcher.group(1);
        NextSide side = nextSide;
        nextSide = NextSide.UNSAID;
        boolean listens = side == NextSide.LISTEN || side == NextSide.UNSAID && !receiveTried;
        boolean taken = listens && !receiveTried ? takeReceive(number) : takeLater(number, side != NextSide.UNSAID);
        if (taken && matcher.group(2) != null) {
            direct(matcher.group(2).equals("-") ? Direction.MINUS : Direction.PLUS);
            signJustSaid = true;
        }
        return taken;
    }

    private boolean takeReceive(String number) {
        receiveTried = true;
        parts.receiveText = number;
        parts.receive =
                FrequencyReading.read(number, line, plan, parts.findings).flatMap(this::airChannel);
        return true;
    }

    /** In the air band a figure in steps of 5 kHz is a channel's name, and not every name exists. */
    private Optional<Frequency> airChannel(Frequency figure) {
        boolean airBand = plan.isAirBand(figure);
        if (!airBand || !AirChannel.isNameLike(figure)) {
            return Optional.of(figure);
        }
        parts.airChannel = AirChannel.named(figure);
        if (parts.airChannel.isEmpty()) {
            List<AirChannel> neighbours = AirChannel.neighbours(figure);
            parts.findings.add(new Finding(
                    LineFindings.AIR_NAME_MISSING,
                    Field.RECEIVE,
                    Map.of(
                            "name",
                            figure.toMegahertzText(),
                            "neighbours",
                            neighbours.stream()
                                    .map(each -> each.name().toMegahertzText())
                                    .collect(Collectors.joining(" and "))),
                    neighbours.stream()
                            .map(each -> each.name().toMegahertzText())
                            .flatMap(name -> Rewriting.fix("Use " + name, line, parts.receiveText, name).stream())
                            .toList()));
        }
        return parts.airChannel.map(AirChannel::carrier);
    }

    private boolean takeLater(String number, boolean sideSaid) {
        if (number.equals("1750") || number.equals("1750hz")) {
            toneBurst();
            return true;
        }
        if (number.endsWith("hz") && tones.takeNumber(number.substring(0, number.length() - 2))) {
            return true;
        }
        if (!sideSaid && isSizeAfterSign(number)) {
            takeBehindSign(number, null, number);
            return true;
        }
        if (!sideSaid && tones.takeNumber(number)) {
            return true;
        }
        if (!sideSaid && isToneTooFine(number)) {
            tones.reportTooFine(number);
            return true;
        }
        boolean frequency = sideSaid || number.contains(".") || number.endsWith("hz") || number.length() > 4;
        if (!frequency) {
            return false;
        }
        Optional<Frequency> second = FrequencyReading.read(number, line, plan, parts.findings);
        if (parts.transmit.isPresent()) {
            second.ifPresent(third -> parts.findings.add(
                    Finding.of(LineFindings.TWO_LISTEN, Field.LINE, Map.of("found", third.toString()))));
        } else {
            parts.transmit = second;
        }
        return true;
    }

    /** 114.08 behind a frequency: no channel talks there, so it was meant as a tone. */
    private boolean isToneTooFine(String number) {
        return TONE_WITH_TWO_DECIMALS.matcher(number).matches()
                && new BigDecimal(number).compareTo(LEAST_TONE) >= 0
                && plan.bandAt(Frequency.parse(number)).isEmpty();
    }

    // A small number further behind is something else, such as a room or a net: it is never taken for a size.
    private boolean isSizeAfterSign(String number) {
        return behindSign
                && parts.shiftSizeHertz.isEmpty()
                && !number.endsWith("hz")
                && number.length() < 12
                && new BigDecimal(number).compareTo(LEAST_TONE) < 0;
    }

    private void takeNameFromLeftovers() {
        if (!parts.name.isEmpty() || !receiveTried) {
            return;
        }
        List<String> words = parts.leftovers.stream()
                .takeWhile(word -> NAME_PART.matcher(word).matches())
                .toList();
        if (!words.isEmpty() && WORD.matcher(words.get(0)).matches()) {
            parts.leftovers.subList(0, words.size()).clear();
            parts.name = fitting(upper(String.join(" ", words)));
            parts.nameAtEnd = true;
        }
    }

    private static String upper(String word) {
        return word.toUpperCase(Locale.ROOT);
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
