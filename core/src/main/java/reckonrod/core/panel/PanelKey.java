package reckonrod.core.panel;

import java.util.List;
import java.util.Locale;

/** A key of a panel, by what it does; what is printed on it is in the definition. */
public enum PanelKey {
    ZERO(0),
    ONE(1),
    TWO(2),
    THREE(3),
    FOUR(4),
    FIVE(5),
    SIX(6),
    SEVEN(7),
    EIGHT(8),
    NINE(9),
    /** Opens the menu. */
    MENU(-1),
    /** Opens what is chosen, and takes what is set. */
    TAKE(-1),
    /** Goes back without taking anything. */
    BACK(-1),
    /** Goes to the next; on a dial a click to the right. */
    UP(-1),
    /** Goes to the one before; on a dial a click to the left. */
    DOWN(-1),
    /** Turns from frequencies to slots and back. */
    MODE(-1),
    /** Waits for a number, and takes what is set. */
    FUNCTION(-1),
    /** The same key held down: stores. */
    FUNCTION_HELD(-1),
    /** A click to the right while the dial is held down. */
    FAST_UP(-1),
    /** A click to the left while the dial is held down. */
    FAST_DOWN(-1),
    /** The dial itself is pushed: goes to the next letter of a name. */
    PUSH(-1),
    /** Goes to the next page of soft keys; to the next letter of a name. */
    PAGE(-1),
    SOFT_1(-1),
    SOFT_2(-1),
    SOFT_3(-1),
    SOFT_4(-1);

    private static final List<PanelKey> SOFT = List.of(SOFT_1, SOFT_2, SOFT_3, SOFT_4);

    private final int digit;

    PanelKey(int digit) {
        this.digit = digit;
    }

    /** The key of a digit as it is written. */
    public static PanelKey digit(char written) {
        for (PanelKey key : values()) {
            if (key.isDigit() && key.digit == written - '0') {
                return key;
            }
        }
        throw new IllegalArgumentException("A digit must be 0 to 9, was " + written);
    }

    /** The digit of a key that is one. */
    public int digit() {
        if (!isDigit()) {
            throw new IllegalStateException(this + " is no digit");
        }
        return digit;
    }

    /** Whether it is one of the ten digits. */
    public boolean isDigit() {
        return digit >= 0;
    }

    /** The soft keys from left to right. */
    public static List<PanelKey> soft() {
        return SOFT;
    }

    /** The name that definitions use. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
