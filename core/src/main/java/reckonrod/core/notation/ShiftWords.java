package reckonrod.core.notation;

import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.Item.Gap;
import reckonrod.core.notation.Item.Kind;
import reckonrod.core.notation.LineParts.Direction;

/** Reads signs and sizes of shifts: {@code -}, {@code -0.6}, {@code minus 600 kHz}, {@code 0.6-}, {@code offset 0.6}. */
final class ShiftWords {
    private static final int LEAST_TONE = 60;
    private static final int LEAST_KILOHERTZ = 100;
    private static final int MOST_KILOHERTZ_DIGITS = 5;
    private static final long MOST_SHIFT_HERTZ = 100_000_000;
    private static final long LEAST_SHIFT_HERTZ = 50_000;

    private final Sentence sentence;
    private final LineParts parts;
    private final ToneSides tones;

    ShiftWords(Sentence sentence, LineParts parts, ToneSides tones) {
        this.sentence = sentence;
        this.parts = parts;
        this.tones = tones;
    }

    void read() {
        int dash = -1;
        for (int i = 0; i < sentence.items.size(); i++) {
            Item item = sentence.items.get(i);
            if (item.used) {
                continue;
            }
            if (item.kind == Kind.SIGN) {
                if (isDashBehindName(i)) {
                    dash = i;
                } else {
                    takeSign(item, i);
                }
            } else if (item.entry != null) {
                takeWord(item, i);
            }
        }
        if (dash >= 0) {
            sentence.items.get(dash).used = true;
            if (parts.direction == Direction.UNSAID) {
                parts.direction = Direction.MINUS;
                parts.dashBehindName = true;
            }
        }
        for (int i = 0; i < sentence.figures.size(); i++) {
            takeSizeWithUnit(sentence.figures.get(i));
        }
    }

    // SKARRA - 145.310: the dash may be a minus, or only part the name from its frequency.
    private boolean isDashBehindName(int index) {
        Item sign = sentence.at(index);
        Item next = sentence.at(index + 1);
        boolean unknownBefore = false;
        for (Item item : sentence.items.subList(0, index)) {
            if (item.isFigure() && ((Figure) item).strength != Figure.Strength.NONE) {
                return false;
            }
            unknownBefore |= item.isWord() && item.entry == null || item.kind == Kind.QUOTED;
        }
        return sign.text.equals("-")
                && unknownBefore
                && sign.gap != Gap.NONE
                && next instanceof Figure figure
                && figure.gap != Gap.NONE
                && figure.strength != Figure.Strength.NONE;
    }

    private void takeSign(Item sign, int index) {
        Item left = sign.gap == Gap.NONE ? sentence.at(index - 1) : null;
        Item next = sentence.at(index + 1);
        Item right = next != null && next.gap == Gap.NONE ? next : null;
        sign.used = true;
        if (index == 0 && right == null && next != null && next.isWord() && next.entry == null) {
            // A dash in front of a line is only its bullet.
            return;
        }
        if (left != null && left.isWord() && left.entry == null && right != null) {
            // QV0SK-1 is all name.
            if (right instanceof Figure figure && figure.strength.compareTo(Figure.Strength.OUTSIDE) < 0) {
                figure.takeFor(Figure.Use.NAME);
            }
            return;
        }
        if (left instanceof Figure from && right instanceof Figure to && !isJoin(from, to)) {
            return;
        }
        if (sign.text.equals("±")) {
            parts.eitherSign = sign;
            takeBehind(next);
            return;
        }
        Direction said = sign.text.equals("-") ? Direction.MINUS : Direction.PLUS;
        if (left instanceof Figure size && size.isFree() && isSizeLike(size)) {
            takeSize(size, said);
            return;
        }
        takeSizeBehind(next, right != null, said);
    }

    /** Whether a sign between two joined figures is one: not in a date, nor where it parts two frequencies. */
    private boolean isJoin(Figure left, Figure right) {
        boolean frequency = left.strength.compareTo(Figure.Strength.OUTSIDE) >= 0;
        boolean twoFrequencies = right.strength == Figure.Strength.BAND && right.unit == null && !isSizeLike(right);
        return frequency && !twoFrequencies;
    }

    private void takeBehind(Item next) {
        if (next instanceof Figure figure && figure.isFree() && isSizeLike(figure)) {
            parts.shiftSizeHertz = Optional.of(sizeHertz(figure));
            figure.takeFor(Figure.Use.SIZE);
        }
    }

    private void takeSizeBehind(Item next, boolean joined, Direction said) {
        Item at = next;
        // minus offset 600
        int index = sentence.indexOf(next);
        while (at != null && (at.is(Role.SIZE) || at.isMark(':') || at.isMark('='))) {
            at.used = true;
            at = sentence.at(++index);
        }
        if (!(at instanceof Figure figure) || !figure.isFree()) {
            parts.direct(said);
            return;
        }
        if (isSizeAndTone(figure) && at == next) {
            takeSizeOrTone(figure, joined, said);
        } else if (isTone(figure, joined)) {
            parts.direct(said);
            if (joined) {
                tellToneBehindSign(figure);
                tones.add(figure, Role.TONE, false, false);
            }
        } else if (isSizeLike(figure) && (joined || at != next || isSizeApart(figure))) {
            takeSize(figure, said);
        } else {
            parts.direct(said);
        }
    }

    // 145.310- 1 SKARRA, 145.310- 2024-05-01: a whole number apart from the sign is a size only where the plan has it.
    private boolean isSizeApart(Figure figure) {
        boolean whole = figure.isWhole() && figure.unit == null;
        // Nor is a bare zero: 146.940- 0.0 is as likely a column that says that there is no tone.
        long size = sizeHertz(figure);
        return size > 0 && (figure.isCloseBehind() && !whole || isRuleSize(size));
    }

    /** Behind a sign a figure like 71.9, or a whole standard tone that is no shift of the plan, is a tone. */
    private boolean isTone(Figure figure, boolean joined) {
        if (figure.unit != null || figure.strength == Figure.Strength.BAND) {
            return false;
        }
        if (figure.isWhole()) {
            boolean tone = figure.tone != null || joined && figure.shortenedTone() != null;
            return tone && !isRuleSize(sizeHertz(figure));
        }
        return figure.toneLike;
    }

    /** 100 where the shift is 100 kHz: the sign alone says as much, so a figure apart from it is more likely the tone. */
    private boolean isSizeAndTone(Figure figure) {
        return figure.unit == null
                && figure.isWhole()
                && figure.tone != null
                && isRuleSize(sizeHertz(figure))
                && sentence.figures.stream().noneMatch(each -> each.use == Figure.Use.TONE);
    }

    private void takeSizeOrTone(Figure figure, boolean joined, Direction said) {
        boolean otherTone = sentence.figures.stream()
                .anyMatch(each ->
                        each != figure && each.isFree() && each.tone != null && each.strength != Figure.Strength.BAND);
        if (otherTone) {
            takeSize(figure, said);
            return;
        }
        parts.findings.add(Finding.of(
                LineFindings.SIZE_OR_TONE,
                Field.TALK_TONE,
                Map.of("found", figure.text, "taken", joined ? "the size" : "the tone")));
        if (joined) {
            takeSize(figure, said);
        } else {
            parts.direct(said);
        }
    }

    private void tellToneBehindSign(Figure figure) {
        if (figure.isWhole()) {
            parts.findings.add(
                    Finding.of(LineFindings.TONE_BEHIND_SIGN, Field.TALK_TONE, Map.of("found", figure.text)));
        }
    }

    private boolean isRuleSize(long hertz) {
        for (Figure figure : sentence.figures) {
            Optional<Band> band = Optional.ofNullable(figure.frequency).flatMap(sentence.plan::bandAt);
            if (figure.strength == Figure.Strength.BAND && band.isPresent()) {
                for (ShiftRule rule : band.get().rulesFor(figure.frequency)) {
                    if (rule.shift().sizeHertz() == hertz) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    // Without a unit: below 60 it is megahertz; whole and at least 100 it is kilohertz (600).
    private boolean isSizeLike(Figure figure) {
        long size = sizeHertz(figure);
        boolean frequency =
                figure.strength.compareTo(Figure.Strength.WHOLE) > 0 && figure.strength != Figure.Strength.OUTSIDE;
        // 28 MHz is a band, and the shift of another.
        return size >= 0 && (!frequency || isRuleSize(size));
    }

    /** The size that a figure would be; −1 for none. */
    private static long sizeHertz(Figure figure) {
        if (figure.unit != null) {
            boolean frequencyUnit = figure.unit.compareTo(Role.HERTZ) > 0 && figure.unit.compareTo(Role.GIGAHERTZ) <= 0;
            boolean manyHertz = figure.unit == Role.HERTZ && !figure.toneLike;
            long hertz = figure.hertz();
            return (frequencyUnit || manyHertz) && hertz <= MOST_SHIFT_HERTZ ? hertz : -1;
        }
        if (figure.isBelow(LEAST_TONE)) {
            return figure.millionths();
        }
        boolean kilohertz =
                figure.isWhole() && figure.text.length() <= MOST_KILOHERTZ_DIGITS && !figure.isBelow(LEAST_KILOHERTZ);
        return kilohertz ? figure.millionths() / 1_000 : -1;
    }

    private void takeSize(Figure figure, Direction said) {
        long size = sizeHertz(figure);
        if (parts.shiftSizeHertz.isPresent()) {
            parts.direct(said);
            return;
        }
        figure.takeFor(Figure.Use.SIZE);
        if (size == 0) {
            parts.signedZero = true;
            parts.direct(Direction.SIMPLEX);
            return;
        }
        parts.direct(said);
        parts.shiftSizeHertz = Optional.of(size);
    }

    private void takeWord(Item word, int index) {
        switch (word.entry.role()) {
            case MINUS -> takeDirection(word, index, Direction.MINUS);
            case PLUS -> takeDirection(word, index, Direction.PLUS);
            case DOWN -> takeUpOrDown(word, index, Direction.MINUS);
            case UP -> takeUpOrDown(word, index, Direction.PLUS);
            case SIZE -> takeSizeWord(word, index);
            default -> {}
        }
    }

    private void takeDirection(Item word, int index, Direction said) {
        word.used = true;
        takeSizeBehind(sentence.at(index + 1), false, said);
    }

    /** Up and down beside a size are directions; alone they are too, with a doubt, unless they stand in a name. */
    private void takeUpOrDown(Item word, int index, Direction said) {
        Item next = sentence.at(index + 1);
        Item before = sentence.at(index - 1);
        boolean unitBefore =
                before instanceof Figure figure && figure.isFree() && figure.unit != null && isSizeLike(figure);
        if (!unitBefore && next instanceof Figure figure && figure.isFree() && isSizeLike(figure)) {
            word.used = true;
            takeSize(figure, said);
        } else if (before instanceof Figure figure && figure.isFree() && isSizeLike(figure)) {
            word.used = true;
            takeSize(figure, said);
        } else if (!isInName(next) && !isInName(before) && index > 0) {
            word.used = true;
            parts.direct(said);
            parts.findings.add(Finding.of(
                    LineFindings.WORD_TAKEN,
                    Field.TRANSMIT,
                    Map.of("word", sentence.typed(word), "meaning", "the direction " + said.words())));
        }
    }

    private static boolean isInName(Item item) {
        return item != null && item.isWord() && item.entry == null;
    }

    private void takeSizeWord(Item word, int index) {
        word.used = true;
        int at = index + 1;
        while (sentence.at(at) != null
                && (sentence.at(at).isMark(':')
                        || sentence.at(at).isMark('=')
                        || sentence.at(at).is(Role.FILLER))) {
            at++;
        }
        Item next = sentence.at(at);
        Item before = sentence.at(index - 1);
        if (next instanceof Figure figure && figure.isFree() && isSizeLike(figure) && !isTone(figure, false)) {
            takeBareSize(figure);
        } else if (before instanceof Figure figure
                && figure.isFree()
                && isSizeLike(figure)
                && !isTone(figure, false)
                && (next == null || next.kind != Kind.SIGN)) {
            takeBareSize(figure);
        } else {
            // Duplex by itself says that it is a repeater.
            parts.repeaterSaid = true;
        }
    }

    private void takeBareSize(Figure figure) {
        long size = sizeHertz(figure);
        if (parts.shiftSizeHertz.isPresent()) {
            return;
        }
        figure.takeFor(Figure.Use.SIZE);
        if (size == 0) {
            parts.direct(Direction.SIMPLEX);
        } else {
            parts.shiftSizeHertz = Optional.of(size);
        }
    }

    /** 600 kHz and 5 MHz are sizes wherever they stand. */
    private void takeSizeWithUnit(Figure figure) {
        boolean unit = figure.unit == Role.KILOHERTZ || figure.unit == Role.MEGAHERTZ;
        if (figure.isFree()
                && unit
                && isSizeLike(figure)
                && sizeHertz(figure) >= LEAST_SHIFT_HERTZ
                && figure.strength.compareTo(Figure.Strength.OUTSIDE) < 0
                && !parts.shiftSizeHertz.isPresent()
                && !sentence.plan.knows(Frequency.ofHertz(sizeHertz(figure)))) {
            takeBareSize(figure);
        }
    }
}
