package reckonrod.core.notation;

import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.ToneTable;

/** A number of the line: its digits, its unit, what it could be by the plan, and in the end what it was taken for. */
final class Figure extends Item {
    /** What a figure was taken for. */
    enum Use {
        NONE,
        RECEIVE,
        TRANSMIT,
        TONE,
        SIZE,
        WIDTH,
        BAND,
        BURST,
        NAME,
        /** It counts something that no channel has: a distance, a slot. */
        ASIDE,
        /** Nothing could be made of it, and that was told. */
        TOLD
    }

    /** How surely a figure without a word beside it is a frequency; surer ones come later. */
    enum Strength {
        NONE,
        /** Whole megahertz inside a band. */
        WHOLE,
        /** A standard tone to look at, whatever service may be there. */
        TONE,
        /** Fine enough for a frequency, and nowhere that the plan knows. */
        OUTSIDE,
        SERVICE,
        KEYED,
        BAND
    }

    private static final int MOST_DECIMALS = 6;
    private static final int MOST_DIGITS = 15;
    private static final int LEAST_KEYED = 5;
    private static final long TONE_FROM = 60_000_000;
    private static final long TONE_TO = 260_000_000;

    Role unit;
    Use use = Use.NONE;
    Strength strength = Strength.NONE;
    /** The figure as megahertz, or by its unit; null when it is no frequency. */
    Frequency frequency;
    /** The tone of the tables that it is, to the tenth; null for none. */
    CtcssTone tone;
    /** Whether it was written so that it may be a tone: 60 to 260 with at most two decimals. */
    boolean toneLike;
    /** Where the digits end, without the unit. */
    final int digitsTo;

    final int decimals;
    private final long mantissa;

    Figure(String text, int from, int to, Gap gap) {
        super(Kind.FIGURE, text, from, to, gap);
        digitsTo = to;
        int point = text.indexOf('.');
        decimals = point < 0 ? 0 : text.length() - point - 1;
        mantissa = text.length() > MOST_DIGITS ? -1 : digits(text);
    }

    /** Gives it its unit. */
    Figure withUnit(Role next, int end) {
        unit = next;
        to = end;
        return this;
    }

    private static long digits(String text) {
        long value = 0;
        for (int i = 0; i < text.length(); i++) {
            char letter = text.charAt(i);
            value = letter == '.' ? value : value * 10 + (letter - '0');
        }
        return value;
    }

    boolean isWhole() {
        return decimals == 0;
    }

    /** Whether it was keyed without a point, such as {@code 1456125}. */
    boolean isKeyed() {
        return unit == null && isWhole() && text.length() >= LEAST_KEYED;
    }

    /** The figure times a million, exact; −1 when it is finer than that or too large. */
    long millionths() {
        return scaled(MOST_DECIMALS);
    }

    private long scaled(int power) {
        if (mantissa < 0) {
            return -1;
        }
        long value = mantissa;
        for (int i = decimals; i < power; i++) {
            if (value > Long.MAX_VALUE / 10) {
                return -1;
            }
            value *= 10;
        }
        for (int i = power; i < decimals; i++) {
            if (value % 10 != 0) {
                return -1;
            }
            value /= 10;
        }
        return value;
    }

    /** The figure in hertz, read with its unit, or as megahertz; −1 when that is no whole number of hertz. */
    long hertz() {
        return unit == Role.HERTZ
                ? scaled(0)
                : unit == Role.KILOHERTZ ? scaled(3) : unit == Role.GIGAHERTZ ? scaled(9) : millionths();
    }

    /** Whether the figure without its unit lies below another. */
    boolean isBelow(int number) {
        long value = millionths();
        return value >= 0 && value < number * 1_000_000L;
    }

    /** Works out what it could be by the plan. */
    void judge(BandPlan plan) {
        // A hundred watts are usual, and 107.2 of them are more likely a tone with a letter behind it.
        if (unit == null || unit == Role.HERTZ || unit == Role.WATTS && decimals > 0) {
            judgeTone();
        }
        if (unit != null && (unit.compareTo(Role.HERTZ) < 0 || unit.compareTo(Role.GIGAHERTZ) > 0)) {
            return;
        }
        if (isKeyed()) {
            strength = Strength.KEYED;
            return;
        }
        // More decimals than 1 Hz has: even a last zero does not make them right.
        long hertz = decimals > MOST_DECIMALS && unit == null ? -1 : hertz();
        if (hertz < 1 || hertz > Frequency.MOST_HERTZ) {
            strength = decimals > MOST_DECIMALS ? Strength.OUTSIDE : strength;
            return;
        }
        frequency = Frequency.ofHertz(hertz);
        strength = strength(plan);
    }

    private void judgeTone() {
        long millionths = millionths();
        toneLike = decimals <= 2 && text.length() <= 6 && millionths >= TONE_FROM && millionths < TONE_TO;
        if (toneLike && millionths % 100_000 == 0) {
            CtcssTone some = CtcssTone.ofTenthsHertz((int) (millionths / 100_000));
            tone = ToneTable.EXTENDED.contains(some) ? some : null;
        }
    }

    /** Whether its digits alone are a standard tone, whatever unit stands behind them. */
    boolean isToneWithoutUnit() {
        long millionths = millionths();
        return decimals <= 1
                && millionths >= TONE_FROM
                && millionths < TONE_TO
                && ToneTable.EXTENDED.contains(CtcssTone.ofTenthsHertz((int) (millionths / 100_000)));
    }

    private Strength strength(BandPlan plan) {
        boolean hertzTone = unit == Role.HERTZ && toneLike;
        if (hertzTone) {
            return Strength.NONE;
        }
        Optional<Band> band = plan.bandAt(frequency);
        if (isWhole() && unit == null) {
            return band.isPresent() ? Strength.WHOLE : Strength.NONE;
        }
        if (band.isPresent()) {
            return Strength.BAND;
        }
        if (tone != null && unit == null) {
            return Strength.TONE;
        }
        if (plan.serviceAt(frequency).isPresent()) {
            return Strength.SERVICE;
        }
        return isFine() ? Strength.OUTSIDE : Strength.NONE;
    }

    // Nobody writes a tone or the size of a shift so; with a unit only what no shift reaches is a frequency.
    private boolean isFine() {
        if (unit != null) {
            return frequency.hertz() >= 100_000_000;
        }
        return decimals >= 3 && !isBelow(10) || !isBelow(260);
    }

    /** The tone whose decimals were left off a whole figure: 151 for 151.4; null when there is none or it is exact. */
    CtcssTone shortenedTone() {
        if (!isWhole() || !toneLike || tone != null) {
            return null;
        }
        int tenths = (int) (mantissa * 10);
        CtcssTone found = null;
        for (CtcssTone each : ToneTable.STANDARD.ctcss()) {
            if (each.tenthsHertz() / 10 * 10 == tenths) {
                found = each;
            }
        }
        return found;
    }

    /** Takes it for something; nothing else may take it then. */
    void takeFor(Use next) {
        use = next;
        used = true;
    }

    boolean isFree() {
        return use == Use.NONE;
    }
}
