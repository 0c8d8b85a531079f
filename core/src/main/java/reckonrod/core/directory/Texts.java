package reckonrod.core.directory;

import java.util.OptionalDouble;

/** What the texts and figures of an entry must keep to. */
final class Texts {
    private Texts() {}

    static String require(String what, String text, int most) {
        if (text.length() > most) {
            throw new IllegalArgumentException(what + " must be at most " + most + " characters, was " + text.length());
        }
        if (text.chars().anyMatch(Character::isISOControl)) {
            throw new IllegalArgumentException(what + " must be without control characters");
        }
        return text;
    }

    static OptionalDouble requireBetween(String what, OptionalDouble value, double least, double most, String unit) {
        if (value.isPresent() && !(value.getAsDouble() >= least && value.getAsDouble() <= most)) {
            throw new IllegalArgumentException(what + " must be " + least + " to " + most + " " + unit + ", was "
                    + value.getAsDouble() + " " + unit);
        }
        return value;
    }
}
