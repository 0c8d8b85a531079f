package reckonrod.core.geography;

import java.text.ParseException;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mil.nga.grid.features.Point;
import mil.nga.mgrs.MGRS;
import mil.nga.mgrs.utm.UTM;

/** Reads a place in any form that people write one. */
public final class PositionReader {
    private static final Pattern UTM_TEXT = Pattern.compile(
            "([0-9]{1,2}) ?([C-HJ-NP-X]) ?([0-9]{6}(?:\\.[0-9]+)?)[ ME]* ?([0-9]{1,7}(?:\\.[0-9]+)?)[ MN]*");
    private static final Pattern MGRS_TEXT = Pattern.compile("[0-9]{1,2}[C-HJ-NP-X][A-HJ-NP-Z]{2}(?:[0-9]{2}){1,5}");
    private static final String BANDS = "CDEFGHJKLMNPQRSTUVWX";
    // A square of a grid may reach a little over the edge of its band.
    private static final double BAND_EDGE_DEGREES = 1;

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
            return AngleReading.read(plain, read -> unreadable(text, read));
        }
        throw unreadable(text, "");
    }

    private static String plain(String text) {
        return text.strip()
                .toUpperCase(Locale.ROOT)
                .replace('\u2212', '-')
                .replace('º', '°')
                .replaceAll("[\u2032\u2019\u00B4`]", "'")
                .replaceAll("[\u2033\u201D\u201C]|''", "\"")
                .replaceAll("\\s+", " ");
    }

    private static Position ofUtm(String text, Matcher utm) {
        try {
            String hemisphere = utm.group(2).charAt(0) < 'N' ? "S" : "N";
            Point point = UTM.parse(utm.group(1) + " " + hemisphere + " " + utm.group(3) + " " + utm.group(4))
                    .toPoint()
                    .toDegrees();
            return requireBand(utm.group(2).charAt(0), new Position(point.getLatitude(), point.getLongitude()), text);
        } catch (ParseException wrong) {
            throw unreadable(text, "");
        }
    }

    private static Position ofMgrs(String text, String joined) {
        try {
            Point point = MGRS.parse(joined).toPoint().toDegrees();
            char band = joined.charAt(Character.isDigit(joined.charAt(1)) ? 2 : 1);
            return requireBand(band, new Position(point.getLatitude(), point.getLongitude()), text);
        } catch (ParseException wrong) {
            throw unreadable(text, "");
        }
    }

    /** The letter of the latitude band must be that of the northing; a figure of either slipped where it is not. */
    private static Position requireBand(char band, Position position, String text) {
        double south = -80 + 8.0 * BANDS.indexOf(band);
        double north = band == 'X' ? 84 : south + 8;
        double latitude = position.latitudeDegrees();
        if (latitude < south - BAND_EDGE_DEGREES || latitude > north + BAND_EDGE_DEGREES) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "Position must lie in the latitude band %s, %.0f° to %.0f°, that it names; its northing gives %.2f°, in \"%s\"",
                    band,
                    south,
                    north,
                    latitude,
                    text));
        }
        return position;
    }

    private static IllegalArgumentException unreadable(String text, String read) {
        String shown = text.length() > 80 ? text.substring(0, 80) + "…" : text;
        return new IllegalArgumentException(
                "Position must be " + EXPECTED + ", was \"" + shown + "\"" + (read.isEmpty() ? "" : ": " + read));
    }
}
