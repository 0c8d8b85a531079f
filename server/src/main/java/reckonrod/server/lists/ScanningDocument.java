package reckonrod.server.lists;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.list.Bank;
import reckonrod.core.list.BankRule;
import reckonrod.core.list.Scanning;

/** The banks of a list and what its scan passes by, as they are kept. */
public record ScanningDocument(List<BankDocument> banks, boolean skipListenOnly, boolean skipOffAir, UUID priority) {
    /** A bank; {@code block} and {@code belongs} are its rule, both missing where it has none. */
    public record BankDocument(String name, String block, BelongsDocument belongs, List<UUID> channels) {
        Bank toBank() {
            return new Bank(
                    name,
                    block == null && belongs == null
                            ? Optional.empty()
                            : Optional.of(new BankRule(
                                    Optional.ofNullable(belongs).map(BelongsDocument::toBelongs),
                                    Optional.ofNullable(block))),
                    channels);
        }
    }

    /** Nothing for a list without banks that is scanned as usual. */
    static ScanningDocument of(Scanning scanning) {
        return scanning.equals(Scanning.USUAL)
                ? null
                : new ScanningDocument(
                        scanning.banks().stream()
                                .map(bank -> new BankDocument(
                                        bank.name(),
                                        bank.rule().flatMap(BankRule::block).orElse(null),
                                        bank.rule()
                                                .flatMap(BankRule::belongs)
                                                .map(BelongsDocument::of)
                                                .orElse(null),
                                        bank.channels()))
                                .toList(),
                        scanning.skipListenOnly(),
                        scanning.skipOffAir(),
                        scanning.priority().orElse(null));
    }

    Scanning toScanning() {
        return new Scanning(
                banks.stream().map(BankDocument::toBank).toList(),
                skipListenOnly,
                skipOffAir,
                Optional.ofNullable(priority));
    }
}
