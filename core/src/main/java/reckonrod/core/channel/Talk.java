package reckonrod.core.channel;

import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/** Where a channel talks. */
public sealed interface Talk {
    /**
     * The frequency talked on.
     *
     * @param receive the channel's receive frequency
     * @return absent when the channel never talks
     */
    Optional<Frequency> transmit(Frequency receive);

    /** Talks where it listens. */
    record Same() implements Talk {
        @Override
        public Optional<Frequency> transmit(Frequency receive) {
            return Optional.of(receive);
        }
    }

    /**
     * Talks a shift away from where it listens.
     *
     * @param shift the signed distance, not zero
     * @param byRule whether the size came from the band plan; such a channel is worked out anew when the plan changes
     */
    record Shifted(Shift shift, boolean byRule) implements Talk {
        public Shifted {
            if (shift.hertz() == 0) {
                throw new IllegalArgumentException("Shift must not be zero: that is simplex");
            }
        }

        @Override
        public Optional<Frequency> transmit(Frequency receive) {
            return Optional.of(receive.plus(shift));
        }
    }

    /**
     * Talks on a frequency given with the channel; a given pair always wins over a rule.
     *
     * @param frequency the frequency talked on
     */
    record On(Frequency frequency) implements Talk {
        @Override
        public Optional<Frequency> transmit(Frequency receive) {
            return Optional.of(frequency);
        }
    }

    /** Never talks: listen-only. */
    record Never() implements Talk {
        @Override
        public Optional<Frequency> transmit(Frequency receive) {
            return Optional.empty();
        }
    }
}
