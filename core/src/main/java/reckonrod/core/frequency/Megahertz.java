package reckonrod.core.frequency;

/** Writes hertz as megahertz: at least three decimals, and no trailing zeros after them. */
final class Megahertz {
    private static final long HERTZ = 1_000_000;

    private Megahertz() {}

    static String text(long hertz) {
        String fraction = Long.toString(HERTZ + Math.abs(hertz % HERTZ)).substring(1);
        int length = 6;
        while (length > 3 && fraction.charAt(length - 1) == '0') {
            length--;
        }
        return Math.abs(hertz / HERTZ) + "." + fraction.substring(0, length);
    }
}
