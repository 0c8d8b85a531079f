package reckonrod.core.radio;

import java.util.List;
import java.util.Optional;
import reckonrod.core.channel.Channel;
import reckonrod.core.frequency.Shift;

/**
 * How a shift is keyed in by hand: one item for its direction and one for its size, typed as a fixed number of digits.
 *
 * @param directionItem number and name of the item for the direction
 * @param sizeItem number and name of the item for the size
 * @param lower what the direction says for talking lower
 * @param higher what the direction says for talking higher
 * @param none what the direction says for simplex
 * @param digits how many digits the size takes, 3 to 9
 * @param lastDigitHertz what one step of the last digit is worth, in hertz
 */
public record ShiftMenu(
        String directionItem,
        String sizeItem,
        String lower,
        String higher,
        String none,
        int digits,
        int lastDigitHertz) {
    public ShiftMenu {
        if (digits < 3 || digits > 9 || lastDigitHertz < 1) {
            throw new IllegalArgumentException("digits must be 3 to 9 and the last digit at least 1 Hz, was " + digits
                    + " and " + lastDigitHertz + " Hz");
        }
    }

    /** The digits to type for the size, with the leading zeros; absent when the item cannot hold it. */
    public Optional<String> typed(Shift shift) {
        long steps = shift.sizeHertz() / lastDigitHertz;
        long limit = power(digits);
        if (shift.sizeHertz() % lastDigitHertz != 0 || steps >= limit) {
            return Optional.empty();
        }
        return Optional.of(Long.toString(limit + steps).substring(1));
    }

    /** What the radio takes the size for when its leading zeros are left out: the digits fill up from the left. */
    public Shift withoutLeadingZeros(Shift shift) {
        long steps = shift.sizeHertz() / lastDigitHertz;
        while (steps > 0 && steps * 10 < power(digits)) {
            steps *= 10;
        }
        return Shift.ofHertz(steps * lastDigitHertz);
    }

    private static long power(int digits) {
        long power = 1;
        for (int i = 0; i < digits; i++) {
            power *= 10;
        }
        return power;
    }

    /** The sentences that say how the channel's shift is keyed in; none for a channel that never talks. */
    public List<String> keying(Channel channel) {
        Optional<Shift> found = channel.shift();
        if (found.isEmpty()) {
            return List.of();
        }
        Shift shift = found.get();
        if (shift.hertz() == 0) {
            return List.of("Item " + directionItem + ": " + none + ". The size does not matter then.");
        }
        Optional<String> typed = typed(shift);
        if (typed.isEmpty()) {
            return List.of("Item " + sizeItem + " cannot hold " + shift.toSizeText() + ": it takes " + digits
                    + " digits, the last worth " + Shift.ofHertz(lastDigitHertz).toSizeText()
                    + ". This channel goes in by cable only.");
        }
        Shift slipped = withoutLeadingZeros(shift);
        String zeros = slipped.sizeHertz() == shift.sizeHertz()
                ? "All " + digits + " digits are needed."
                : "Without the zeros in front it would be " + slipped.toSizeText() + ".";
        return List.of(
                "Item " + directionItem + ": " + (shift.hertz() < 0 ? lower : higher) + ".",
                "Item " + sizeItem + ": type " + typed.get() + " for " + shift.toSizeText() + ". " + zeros);
    }
}
