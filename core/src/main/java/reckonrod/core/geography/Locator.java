package reckonrod.core.geography;

import java.util.Locale;
import java.util.regex.Pattern;

/** Maidenhead locators: pairs of letters and digits that halve and quarter the earth, such as {@code HN07xm}. */
public final class Locator {
    private static final Pattern TEXT = Pattern.compile("[A-R]{2}[0-9]{2}(?:[A-X]{2}(?:[0-9]{2})?)?");
    private static final int[] PARTS = {18, 10, 24, 10};

    private Locator() {}

    /** Whether a text has the shape of a locator of four, six or eight characters. */
    public static boolean isLocator(String text) {
        return TEXT.matcher(text.strip().toUpperCase(Locale.ROOT)).matches();
    }

    /**
     * The middle of a locator's field.
     *
     * @throws IllegalArgumentException if the text is no locator of four, six or eight characters
     */
    public static Position parse(String text) {
        String locator = text.strip().toUpperCase(Locale.ROOT);
        if (!isLocator(locator)) {
            throw new IllegalArgumentException(
                    "Locator must be two letters A to R, two digits, and at will two letters A to X and two digits,"
                            + " such as HN07xm, was \"" + text + "\"");
        }
        double width = 360;
        double height = 180;
        double longitude = -180;
        double latitude = -90;
        for (int pair = 0; pair < locator.length() / 2; pair++) {
            width /= PARTS[pair];
            height /= PARTS[pair];
            longitude += width * number(locator.charAt(2 * pair));
            latitude += height * number(locator.charAt(2 * pair + 1));
        }
        return new Position(latitude + height / 2, longitude + width / 2);
    }

    private static int number(char sign) {
        return Character.isDigit(sign) ? sign - '0' : sign - 'A';
    }

    /** The locator of six characters that a place lies in. */
    public static String of(Position position) {
        double longitude = Math.min(position.longitudeDegrees() + 180, Math.nextDown(360.0)) / 360;
        double latitude = Math.min(position.latitudeDegrees() + 90, Math.nextDown(180.0)) / 180;
        StringBuilder text = new StringBuilder();
        for (int pair = 0; pair < 3; pair++) {
            longitude *= PARTS[pair];
            latitude *= PARTS[pair];
            char first = pair == 1 ? '0' : pair == 0 ? 'A' : 'a';
            text.append((char) (first + (int) longitude)).append((char) (first + (int) latitude));
            longitude -= Math.floor(longitude);
            latitude -= Math.floor(latitude);
        }
        return text.toString();
    }
}
