package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import reckonrod.core.channel.Emission;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;

/** Sets aside what is understood and no part of a channel: distances, watts, slots, steps, figures of another repeater. */
final class AsideReading {
    private static final Set<String> COMPASS = Set.of(
            "n", "s", "e", "w", "ne", "nw", "se", "sw", "nne", "nnw", "sse", "ssw", "ene", "ese", "wnw", "wsw", "north",
            "south", "east", "west", "asl", "agl");
    private static final Set<String> WIDE_WIDTHS = Set.of("20", "25", "30");
    private static final Set<String> NARROW_WIDTHS = Set.of("12.5", "15");
    private static final Set<String> OTHER_WIDTHS = Set.of("5", "6.25", "7.5", "8.33", "10", "11");
    private static final Pattern LOCATOR = Pattern.compile("[a-r]{2}[0-9]{2}(?:[a-x]{2}(?:[0-9]{2})?)?");
    private static final int MOST_NUMBER_DIGITS = 8;

    private final Sentence sentence;
    private final LineParts parts;
    private final List<String> notKept = new ArrayList<>();

    AsideReading(Sentence sentence, LineParts parts) {
        this.sentence = sentence;
        this.parts = parts;
    }

    void read() {
        takeBullet();
        takeAddresses();
        for (int i = 0; i < sentence.items.size(); i++) {
            Item item = sentence.items.get(i);
            if (item.entry != null && !item.used) {
                takeWord(item, i);
            } else if (item instanceof Figure figure && figure.isFree()) {
                takeFigure(figure, i);
            } else if (item.isWord() && item.entry == null && isLocatorBehindFigure(item, i)) {
                item.used = true;
                notKept.add(sentence.typed(item));
            }
        }
        if (!notKept.isEmpty()) {
            parts.findings.add(Finding.of(
                    LineFindings.NOT_KEPT,
                    Field.LINE,
                    Map.of("words", notKept.stream().collect(Collectors.joining("\", \"", "\"", "\"")))));
        }
    }

    /** What a list has in front of its lines: a bullet, or a number with a point or a bracket. */
    private void takeBullet() {
        Item first = sentence.at(0);
        Item next = sentence.at(1);
        if (first == null || next == null || next.gap == Item.Gap.NONE) {
            return;
        }
        if (first.isMark('*') || first.isMark('•') || first.isMark('>')) {
            first.used = true;
        } else if (first instanceof Figure figure && figure.isWhole() && figure.unit == null && isNoFrequency(figure)) {
            // 100) 147.210+, [100] 147.210+, 12. 147.210+: a bracket counts, whatever the number is; a point may end a
            // tone.
            String behind = sentence.typed(figure.to, next.from).strip();
            boolean tone = figure.tone != null || figure.shortenedTone() != null;
            boolean counts = !tone || next.isWord() && hasOtherTone(figure);
            if (behind.matches("[)\\]]:?|:") || behind.equals(".") && counts) {
                figure.takeFor(Figure.Use.ASIDE);
                if (tone) {
                    notKept.add(sentence.typed(figure));
                }
            }
        }
    }

    private boolean hasOtherTone(Figure number) {
        return sentence.figures.stream()
                .anyMatch(other -> other != number && other.unit == null && other.decimals > 0 && other.tone != null);
    }

    /** www.club.example/rpt/88.5: whatever stands joined to an address on the web belongs to it. */
    private void takeAddresses() {
        for (int i = 0; i < sentence.items.size(); i++) {
            Item item = sentence.items.get(i);
            if (!item.isWord() || item.used || !item.text.startsWith("www") && !item.text.startsWith("http")) {
                continue;
            }
            int end = i;
            do {
                Item part = sentence.at(end);
                part.used = true;
                if (part instanceof Figure figure) {
                    figure.takeFor(Figure.Use.ASIDE);
                }
                end++;
            } while (sentence.at(end) != null && sentence.at(end).gap == Item.Gap.NONE);
            notKept.add(sentence.typed(item.from, sentence.at(end - 1).to));
            i = end - 1;
        }
    }

    private static boolean isNoFrequency(Figure figure) {
        return figure.strength == Figure.Strength.NONE || figure.strength == Figure.Strength.TONE;
    }

    private void takeWord(Item word, int index) {
        switch (word.entry.role()) {
            case CODE -> takeDigitalVoice(word, index);
            case NUMBERED, NUMBERED_DIGITAL -> takeNumbered(word, index);
            case MEASURE -> takeMeasure(word, index);
            case STEP -> beside(index).ifPresent(figure -> setAside(word, figure));
            case WIDTH ->
                beside(index).ifPresent(figure -> {
                    word.used = true;
                    takeWidth(figure);
                });
            case LINK_TO, LINKED -> takeLink(word, index);
            case SCAN -> {
                word.used = true;
                notKept.add(sentence.typed(word));
            }
            default -> {}
        }
    }

    // D- and a word is somebody's name for digital voice.
    private void takeDigitalVoice(Item word, int index) {
        Item next = sentence.at(index + 1);
        if (word.text.equals("d") && next != null && next.isWord() && next.gap == Item.Gap.HYPHEN) {
            word.used = true;
            next.used = true;
            parts.digitalWords.add(sentence.typed(word.from, next.to));
        }
    }

    private boolean isLocatorBehindFigure(Item word, int index) {
        return word.text.length() >= 4
                && Character.isDigit(word.text.charAt(2))
                && LOCATOR.matcher(word.text).matches()
                && sentence.items.subList(0, index).stream().anyMatch(Item::isFigure);
    }

    /** The figure that a word speaks of: the one behind it, else the one in front. */
    private Optional<Figure> beside(int index) {
        int next = index + 1;
        while (sentence.at(next) != null
                && (sentence.at(next).isMark(':') || sentence.at(next).isMark('='))) {
            next++;
        }
        for (int at : new int[] {next, index - 1}) {
            if (sentence.at(at) instanceof Figure figure
                    && figure.isFree()
                    && !isFrequency(figure)
                    && (at == index - 1 ? sentence.at(index) : figure).isCloseBehind()) {
                return Optional.of(figure);
            }
        }
        return Optional.empty();
    }

    /** A number belongs to the word before it: height 118.8 is no tone. One that is a standard tone is doubted all the same. */
    private void takeMeasure(Item word, int index) {
        int next = index + 1;
        while (sentence.at(next) != null
                && (sentence.at(next).isMark(':')
                        || sentence.at(next).isMark('=')
                        || sentence.at(next).isMark('.'))) {
            next++;
        }
        if (!(sentence.at(next) instanceof Figure figure)
                || !figure.isFree()
                || isFrequency(figure)
                || !figure.isCloseBehind()
                || figure.unit == Role.HERTZ) {
            return;
        }
        setAside(word, figure);
        if (figure.unit == null && (figure.tone != null || figure.shortenedTone() != null)) {
            String digits = sentence.typed(figure.from, figure.digitsTo);
            parts.findings.add(new Finding(
                    LineFindings.MEASURE_OR_TONE,
                    Field.TALK_TONE,
                    Map.of("found", digits, "word", sentence.typed(word)),
                    List.of(LineEdit.replace("Write T" + digits, sentence.line, figure, "T" + digits))));
        }
    }

    private static boolean isFrequency(Figure figure) {
        return figure.strength.compareTo(Figure.Strength.OUTSIDE) >= 0;
    }

    private void takeNumbered(Item word, int index) {
        int next = index + 1;
        while (sentence.at(next) != null
                && (sentence.at(next).isMark(':')
                        || sentence.at(next).isMark('=')
                        || sentence.at(next).isMark('#'))) {
            next++;
        }
        if (sentence.at(next) instanceof Figure figure
                && figure.isFree()
                && figure.isWhole()
                && figure.unit == null
                && figure.text.length() <= MOST_NUMBER_DIGITS
                && figure.isCloseBehind()) {
            setAside(word, figure);
        } else if (word.is(Role.NUMBERED)
                && sentence.at(next) != null
                && sentence.at(next).isWord()
                && sentence.at(next).text.length() == 1
                && sentence.at(next).isCloseBehind()) {
            // bank A
            sentence.at(next).used = true;
            word.used = true;
            notKept.add(sentence.typed(word.from, sentence.at(next).to));
        }
        if (word.is(Role.NUMBERED_DIGITAL)) {
            word.used = true;
            parts.digitalWords.add(sentence.typed(word));
        }
    }

    private void setAside(Item word, Figure figure) {
        word.used = true;
        figure.takeFor(Figure.Use.ASIDE);
        notKept.add(sentence.typed(Math.min(word.from, figure.from), Math.max(word.to, figure.to)));
    }

    /** What stands behind the words linked to belongs to the other repeater. */
    private void takeLink(Item word, int index) {
        boolean behind = sentence.items.subList(0, index).stream().anyMatch(Item::isFigure);
        boolean frequencyBehind = sentence.items.subList(index, sentence.items.size()).stream()
                .anyMatch(item -> item instanceof Figure figure && isFrequency(figure));
        boolean direct = word.is(Role.LINK_TO)
                || sentence.at(index + 1) instanceof Figure figure && isFrequency(figure) && figure.isCloseBehind();
        if (!behind || !frequencyBehind || !direct) {
            return;
        }
        List<Item> rest = sentence.items.subList(index, sentence.items.size());
        rest.forEach(item -> {
            item.used = true;
            if (item instanceof Figure figure) {
                figure.takeFor(Figure.Use.ASIDE);
            }
        });
        notKept.add(sentence.typed(word.from, rest.get(rest.size() - 1).to));
        parts.flags.add(reckonrod.core.channel.DirectoryFlag.LINKED);
    }

    private void takeFigure(Figure figure, int index) {
        if (figure.unit == null) {
            takeBurst(figure, index);
            return;
        }
        switch (figure.unit) {
            case WATTS, OTHER_UNIT -> setAside(figure, index);
            case LENGTH -> {
                if (!takeBandName(figure)) {
                    setAside(figure, index);
                }
            }
            case HERTZ -> {
                if (figure.text.equals("1750")) {
                    burst(figure);
                }
            }
            case KILOHERTZ -> {
                if (isWidth(figure) && !isShiftNear(index)) {
                    takeWidth(figure);
                }
            }
            default -> {}
        }
    }

    private void takeBurst(Figure figure, int index) {
        if (figure.text.equals("1750") && index > 0) {
            burst(figure);
        }
    }

    private void burst(Figure figure) {
        figure.takeFor(Figure.Use.BURST);
        parts.findings.add(Finding.of(LineFindings.TONE_BURST, Field.LINE, Map.of()));
    }

    private void setAside(Figure figure, int index) {
        figure.takeFor(Figure.Use.ASIDE);
        int end = figure.to;
        Item next = sentence.at(index + 1);
        if (figure.unit == Role.LENGTH
                && next != null
                && next.isWord()
                && next.isCloseBehind()
                && !isUnknownCloseBehind(index + 2)
                && COMPASS.contains(next.text)) {
            next.used = true;
            end = next.to;
        }
        notKept.add(sentence.typed(figure.from, end));
        boolean toneToo = figure.unit == Role.WATTS && figure.tone != null;
        if (isOnlyTone(figure, index)) {
            parts.findings.add(Finding.of(
                    LineFindings.UNIT_OR_TONE, Field.TALK_TONE, Map.of("found", sentence.typed(figure.from, end))));
        }
        if (toneToo) {
            parts.findings.add(Finding.of(
                    LineFindings.WATTS_OR_TONE, Field.TALK_TONE, Map.of("found", sentence.typed(figure.from, end))));
        }
    }

    /** 88.5 Miles Qvale: a tone and a name that begins like a unit, if the line has no other tone. */
    private boolean isOnlyTone(Figure figure, int index) {
        return figure.unit != Role.WATTS
                && figure.isToneWithoutUnit()
                && Character.isWhitespace(sentence.line.charAt(figure.digitsTo))
                && (figure.decimals > 0 || isUnknownCloseBehind(index + 1))
                && sentence.figures.stream()
                        .noneMatch(other -> other != figure && other.unit == null && other.tone != null);
    }

    // 100 km S Vellan: nobody can say whether the letter belongs to the distance or to the name.
    private boolean isUnknownCloseBehind(int index) {
        Item item = sentence.at(index);
        return item != null && item.isWord() && item.entry == null && item.isCloseBehind();
    }

    /** Takes 2m, 70cm: it says nothing new, but must agree with the frequency. */
    private boolean takeBandName(Figure figure) {
        String unit = sentence.typed(figure.digitsTo, figure.to).strip().toLowerCase(java.util.Locale.ROOT);
        String name = figure.text + " " + unit;
        boolean known =
                sentence.plan.bands().stream().anyMatch(band -> band.name().equals(name));
        if (known) {
            parts.bandName = Optional.of(name);
            figure.takeFor(Figure.Use.BAND);
        }
        return known;
    }

    private static boolean isWidth(Figure figure) {
        String width = shortest(figure);
        return WIDE_WIDTHS.contains(width) || NARROW_WIDTHS.contains(width) || OTHER_WIDTHS.contains(width);
    }

    private static String shortest(Figure figure) {
        return Sentence.value(figure).stripTrailingZeros().toPlainString();
    }

    private boolean isShiftNear(int index) {
        Item before = sentence.at(index - 1);
        boolean joined = sentence.at(index).gap == Item.Gap.NONE;
        return before != null && (before.kind == Item.Kind.SIGN && joined || before.is(Role.SIZE));
    }

    /** 12.5 kHz is narrow FM, 25 kHz is wide; others say nothing that a channel here holds. */
    private void takeWidth(Figure figure) {
        figure.takeFor(Figure.Use.WIDTH);
        if (NARROW_WIDTHS.contains(shortest(figure))) {
            parts.emission = parts.emission.or(() -> Optional.of(Emission.NFM));
        } else if (WIDE_WIDTHS.contains(shortest(figure))) {
            parts.emission = parts.emission.or(() -> Optional.of(Emission.FM));
        } else {
            notKept.add(sentence.typed(figure));
        }
    }
}
