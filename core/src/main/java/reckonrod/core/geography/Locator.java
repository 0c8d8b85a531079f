package reckonrod.core.geography;

import java.util.Locale;
import java.util.regex.Pattern;

/** Maidenhead locators: pairs of letters and digits that halve and quarter the earth, such as {@code HN07xm}. */
public final class Locator {
    private static final Pattern TEXT = Pattern.compile("[A-R]{2}[0-9]{2}(?:[A-X]{2}(?:[0-9]{2})?)?");
    private static final int[] PARTS = {18, 10, 24, 10};
    private static final int SUBSQUARES = 18 * 10 * 24;

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

    /** The locator of six characters that a place lies in; an edge belongs to the one north and east of it. */
    public static String of(Position position) {
        // In whole subsquares of 5 by 2.5 minutes: shares of the earth would put an edge on either side of it by
        // chance.
        int column = Math.min((int) Math.floor((position.longitudeDegrees() + 180) * 12), SUBSQUARES - 1);
        int row = Math.min((int) Math.floor((position.latitudeDegrees() + 90) * 24), SUBSQUARES - 1);
        StringBuilder text = new StringBuilder();
        int left = SUBSQUARES;
        for (int pair = 0; pair < 3; pair++) {
            left /= PARTS[pair];
            char first = pair == 1 ? '0' : pair == 0 ? 'A' : 'a';
            text.append((char) (first + column / left)).append((char) (first + row / left));
            column %= left;
            row %= left;
        }
        return text.toString();
    }
}
