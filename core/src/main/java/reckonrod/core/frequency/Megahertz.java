package reckonrod.core.frequency;

/** Writes hertz as megahertz: at least three decimals, and no trailing zeros after them. */
final class Megahertz {
    private static final long HERTZ = 1_000_000;
    private static final int MOST_CHARACTERS = 27;

    private Megahertz() {}

    static String text(long hertz) {
        long fraction = Math.abs(hertz % HERTZ);
        int decimals = 6;
        while (decimals > 3 && fraction % 10 == 0) {
            fraction /= 10;
            decimals--;
        }
        char[] text = new char[MOST_CHARACTERS];
        int at = MOST_CHARACTERS;
        for (int i = 0; i < decimals; i++) {
            text[--at] = (char) ('0' + fraction % 10);
            fraction /= 10;
        }
        text[--at] = '.';
        long whole = Math.abs(hertz / HERTZ);
        do {
            text[--at] = (char) ('0' + whole % 10);
            whole /= 10;
        } while (whole > 0);
        return new String(text, at, MOST_CHARACTERS - at);
    }
}
