package reckonrod.core.list;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * Channels that are walked through together on radios that have banks. A channel may be in several.
 *
 * @param name what it is called, not blank
 * @param rule what is in it by itself; absent if nothing is
 * @param channels what the person put into it, in the person's order, each once
 */
public record Bank(String name, Optional<BankRule> rule, List<UUID> channels) {
    public Bank {
        if (name.isBlank()) {
            throw new IllegalArgumentException("Bank name must not be blank");
        }
        channels = List.copyOf(new LinkedHashSet<>(channels));
    }

    Bank called(String next) {
        return new Bank(next, rule, channels);
    }

    Bank ruled(Optional<BankRule> next) {
        return new Bank(name, next, channels);
    }

    Bank holding(List<UUID> next) {
        return new Bank(name, rule, next);
    }

    Bank only(Predicate<UUID> known) {
        return channels.stream().allMatch(known)
                ? this
                : holding(channels.stream().filter(known).toList());
    }
}
