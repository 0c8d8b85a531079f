package reckonrod.core.geography;

import java.text.ParseException;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mil.nga.grid.features.Point;
import mil.nga.mgrs.MGRS;
import mil.nga.mgrs.utm.UTM;

/** Reads a place in any form that people write one. */
public final class PositionReader {
    private static final String NUMBER = "([0-9]{1,3}(?:[.,][0-9]+)?)";
    // 47 30 15.5 or 47°30.26' or 47.5
    private static final String ANGLE = NUMBER + "(?:[ °]+" + NUMBER + "(?:[ ']+" + NUMBER + "[ \"]*| ?')?| ?°)? ?";
    private static final String NEVER = "((?!))?";
    private static final String BETWEEN = " ?[,;/ ] ?";
    // The letters stand before both angles, or behind both, or there are signs; the groups are the same in either.
    private static final String LED = "([NSEWO]) ?" + NEVER + ANGLE + NEVER;
    private static final String FOLLOWED = NEVER + "([+-])? ?" + ANGLE + "([NSEW])?";
    private static final Pattern LED_PAIR = Pattern.compile(LED + BETWEEN + LED);
    private static final Pattern FOLLOWED_PAIR = Pattern.compile(FOLLOWED + BETWEEN + FOLLOWED);
    private static final Pattern UTM_TEXT = Pattern.compile(
            "([0-9]{1,2}) ?([C-HJ-NP-X]) ?([0-9]{6}(?:\\.[0-9]+)?)[ ME]* ?([0-9]{1,7}(?:\\.[0-9]+)?)[ MN]*");
    private static final Pattern MGRS_TEXT = Pattern.compile("[0-9]{1,2}[C-HJ-NP-X][A-HJ-NP-Z]{2}(?:[0-9]{2}){1,5}");
    private static final String EXPECTED =
            "degrees such as 47.5123 -38.0456, 47 30.74 N 38 2.74 W or 47°30'44\" N 38°2'44\" W,"
                    + " a locator such as HN07xm, or UTM or MGRS such as 24T 571000 5262000";

    private PositionReader() {}

    /** Whether a text can only be meant as a position: it has a digit in it, which place names have not. */
    public static boolean looksLikePosition(String text) {
        return text.chars().anyMatch(Character::isDigit);
    }

    /**
     * Reads decimal degrees, degrees and minutes, degrees, minutes and seconds, a Maidenhead locator, UTM with its latitude
     * band, or MGRS.
     *
     * @throws IllegalArgumentException if the text is none of these, or lies outside the earth's degrees
     */
    public static Position parse(String text) {
        String plain = plain(text);
        if (plain.length() <= 80) {
            if (Locator.isLocator(plain)) {
                return Locator.parse(plain);
            }
            Matcher utm = UTM_TEXT.matcher(plain);
            if (utm.matches() && utm.group(3).length() >= 6 && utm.group(4).length() >= 5) {
                return ofUtm(text, utm);
            }
            String joined = plain.replace(" ", "");
            if (MGRS_TEXT.matcher(joined).matches()) {
                return ofMgrs(text, joined);
            }
            for (Pattern form : List.of(LED_PAIR, FOLLOWED_PAIR)) {
                Matcher pair = form.matcher(plain);
                if (pair.matches()) {
                    return ofAngles(text, pair);
                }
            }
        }
        throw unreadable(text);
    }

    private static String plain(String text) {
        return text.strip()
                .toUpperCase(Locale.ROOT)
                .replace('\u2212', '-')
                .replace('º', '°')
                .replaceAll("[\u2032\u2019\u00B4`]", "'")
                .replaceAll("[\u2033\u201D\u201C]|''", "\"")
                // A decimal comma has digits on both sides, a comma between the two angles mostly has not.
                .replaceAll("(?<=[0-9]),(?=[0-9]+[,; ]+[+-]?[0-9]+[,])", ".")
                .replaceAll("(?<=[ +-][0-9]{1,3}),(?=[0-9]{3,}$)", ".")
                .replaceAll("\\s+", " ");
    }

    private static Position ofAngles(String text, Matcher pair) {
        Angle first = Angle.of(text, pair, 1);
        Angle second = Angle.of(text, pair, 7);
        boolean swapped = first.isLongitude() || second.isLatitude();
        Angle latitude = swapped ? second : first;
        Angle longitude = swapped ? first : second;
        if (latitude.isLongitude() || longitude.isLatitude()) {
            throw new IllegalArgumentException(
                    "Position must be one latitude (N or S) and one longitude (E or W), was \"" + text + "\"");
        }
        return new Position(latitude.degrees, longitude.degrees);
    }

    private record Angle(double degrees, char letter) {
        static Angle of(String text, Matcher pair, int group) {
            String before = pair.group(group);
            String behind = pair.group(group + 5);
            String sign = pair.group(group + 1);
            String minutes = pair.group(group + 3);
            String seconds = pair.group(group + 4);
            boolean brokenTwice =
                    minutes != null && isBroken(pair.group(group + 2)) || seconds != null && isBroken(minutes);
            if (behind != null && sign != null || brokenTwice) {
                throw unreadable(text);
            }
            char letter = before != null ? before.charAt(0) : behind != null ? behind.charAt(0) : ' ';
            double degrees = number(pair.group(group + 2))
                    + sixtieths(text, "Minutes", minutes) / 60
                    + sixtieths(text, "Seconds", seconds) / 3600;
            boolean negative = letter == 'S' || letter == 'W' || "-".equals(sign);
            return new Angle(negative ? -degrees : degrees, letter);
        }

        private static boolean isBroken(String digits) {
            return digits.contains(".") || digits.contains(",");
        }

        private static double sixtieths(String text, String what, String digits) {
            double value = digits == null ? 0 : number(digits);
            if (value >= 60) {
                throw new IllegalArgumentException(what + " must be below 60, was " + digits + " in \"" + text + "\"");
            }
            return value;
        }

        private static double number(String digits) {
            return Double.parseDouble(digits.replace(',', '.'));
        }

        boolean isLatitude() {
            return letter == 'N' || letter == 'S';
        }

        boolean isLongitude() {
            return letter == 'E' || letter == 'W' || letter == 'O';
        }
    }

    private static Position ofUtm(String text, Matcher utm) {
        try {
            String hemisphere = utm.group(2).charAt(0) < 'N' ? "S" : "N";
            Point point = UTM.parse(utm.group(1) + " " + hemisphere + " " + utm.group(3) + " " + utm.group(4))
                    .toPoint()
                    .toDegrees();
            return new Position(point.getLatitude(), point.getLongitude());
        } catch (ParseException | IllegalArgumentException wrong) {
            throw unreadable(text);
        }
    }

    private static Position ofMgrs(String text, String joined) {
        try {
            Point point = MGRS.parse(joined).toPoint().toDegrees();
            return new Position(point.getLatitude(), point.getLongitude());
        } catch (ParseException | IllegalArgumentException wrong) {
            throw unreadable(text);
        }
    }

    private static IllegalArgumentException unreadable(String text) {
        String shown = text.length() > 80 ? text.substring(0, 80) + "…" : text;
        return new IllegalArgumentException("Position must be " + EXPECTED + ", was \"" + shown + "\"");
    }
}
