package reckonrod.core.panel;

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
    /** Goes to the next. */
    UP(-1),
    /** Goes to the one before. */
    DOWN(-1),
    /** Turns from frequencies to slots and back. */
    MODE(-1);

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

    /** The name that definitions use. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
