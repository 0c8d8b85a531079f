package reckonrod.core.list;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * How the channels of a list are walked through: its banks, and what a scan passes by.
 *
 * @param banks the banks in order; no two of one name
 * @param skipListenOnly whether a scan passes by listen-only channels, in a list that has others
 * @param skipOffAir whether a scan passes by channels of repeaters that are off the air
 * @param priority the channel that a scan comes back to again and again
 */
public record Scanning(List<Bank> banks, boolean skipListenOnly, boolean skipOffAir, Optional<UUID> priority) {
    /** No banks, and the usual scan: it passes by what nobody can answer. */
    public static final Scanning USUAL = new Scanning(List.of(), true, true, Optional.empty());

    public Scanning {
        banks = List.copyOf(banks);
        Set<String> names = new HashSet<>();
        for (Bank bank : banks) {
            if (!names.add(bank.name())) {
                throw new IllegalArgumentException("Banks must have names of their own, " + bank.name() + " is twice");
            }
        }
    }

    /** The bank of that name. */
    public Optional<Bank> bank(String name) {
        return banks.stream().filter(each -> each.name().equals(name)).findFirst();
    }

    Scanning with(List<Bank> next) {
        return new Scanning(next, skipListenOnly, skipOffAir, priority);
    }

    Scanning skipping(boolean listenOnly, boolean offAir) {
        return new Scanning(banks, listenOnly, offAir, priority);
    }

    Scanning first(Optional<UUID> next) {
        return new Scanning(banks, skipListenOnly, skipOffAir, next);
    }

    /** The same without what is no longer in the list. */
    Scanning only(Predicate<UUID> known) {
        return new Scanning(
                banks.stream().map(bank -> bank.only(known)).toList(),
                skipListenOnly,
                skipOffAir,
                priority.filter(known));
    }
}
