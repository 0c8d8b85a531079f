package reckonrod.core.directory;

import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/** What an entry says about where the repeater listens. */
public sealed interface Input {
    /** How the notation says it, to be put behind the output; empty if the entry says nothing. */
    String words();

    /** The same for people: {@code 144.710}, {@code −0.600}, {@code simplex}; {@code not published} if the entry says nothing. */
    default String shown() {
        String words = words().strip();
        return words.isEmpty() ? "not published" : words.replace("> ", "");
    }

    /** The input, where the entry alone gives it. */
    Optional<Frequency> frequency(Frequency output);

    /** The input itself was published. */
    record At(Frequency input) implements Input {
        @Override
        public String words() {
            return " > " + input.toMegahertzText();
        }

        @Override
        public Optional<Frequency> frequency(Frequency output) {
            return Optional.of(input);
        }
    }

    /** A shift with its size was published. */
    record Shifted(Shift shift) implements Input {
        public Shifted {
            if (shift.hertz() == 0) {
                throw new IllegalArgumentException("Shift must not be zero: that is simplex");
            }
        }

        @Override
        public String words() {
            return " " + shift.toMegahertzText();
        }

        @Override
        public Optional<Frequency> frequency(Frequency output) {
            return Optional.of(output.plus(shift));
        }
    }

    /**
     * Only the direction was published; a band plan supplies the size.
     *
     * @param upward whether the input lies above the output
     */
    record Signed(boolean upward) implements Input {
        @Override
        public String words() {
            return upward ? "+" : "-";
        }

        @Override
        public Optional<Frequency> frequency(Frequency output) {
            return Optional.empty();
        }
    }

    /**
     * Only the size of the shift was published; a band plan supplies the direction.
     *
     * @param size how far the input lies from the output, above zero
     */
    record Sized(Shift size) implements Input {
        private static final String EITHER_WAY = "\u00b1";

        public Sized {
            if (size.hertz() <= 0) {
                throw new IllegalArgumentException("Size of a shift must be above zero, was " + size);
            }
        }

        @Override
        public String words() {
            return " " + EITHER_WAY + size.toMegahertzText().substring(1);
        }

        @Override
        public Optional<Frequency> frequency(Frequency output) {
            return Optional.empty();
        }
    }

    /** It listens where it talks. */
    record Simplex() implements Input {
        @Override
        public String words() {
            return " simplex";
        }

        @Override
        public Optional<Frequency> frequency(Frequency output) {
            return Optional.of(output);
        }
    }

    /** Nothing was published. */
    record Unpublished() implements Input {
        @Override
        public String words() {
            return "";
        }

        @Override
        public Optional<Frequency> frequency(Frequency output) {
            return Optional.empty();
        }
    }

    /**
     * Reads the words that {@link #words} gives.
     *
     * @throws IllegalArgumentException if they are none of those
     */
    static Input parse(String words) {
        String text = words.strip();
        return switch (text) {
            case "" -> new Unpublished();
            case "simplex" -> new Simplex();
            case "+" -> new Signed(true);
            case "-" -> new Signed(false);
            default ->
                text.startsWith(">")
                        ? new At(Frequency.parse(text.substring(1)))
                        : text.startsWith(Sized.EITHER_WAY)
                                ? new Sized(Shift.parse(text.substring(1)))
                                : new Shifted(Shift.parse(text));
        };
    }
}
