package reckonrod.core.list;

import java.util.Optional;

/**
 * What is in a bank by itself. What is left empty is not asked; the rest must all be so.
 *
 * @param belongs the channels that are so
 * @param block the channels in this block
 */
public record BankRule(Optional<Belongs> belongs, Optional<String> block) {
    public BankRule {
        if (belongs.isEmpty() && block.isEmpty()) {
            throw new IllegalArgumentException(
                    "What is in the bank by itself must be said: a block, a band, a use, an area, or another of these");
        }
    }

    /** Whether a channel in its slot is in the bank by itself. */
    boolean holds(ChannelList list, int slot, ListEntry entry) {
        return block.filter(name -> list.blockAt(slot)
                                .filter(it -> it.name().equals(name))
                                .isEmpty())
                        .isEmpty()
                && belongs.filter(each -> !each.holds(entry)).isEmpty();
    }

    /** The rule where a block is called otherwise. */
    BankRule renamed(String before, String after) {
        return new BankRule(belongs, block.map(each -> each.equals(before) ? after : each));
    }

    /** In words: {@code all of block Harbour, 2 m, repeaters}. */
    public String said() {
        String of = block.map(each -> "all of block " + each).orElse("");
        String what = belongs.map(Belongs::said).orElse("");
        return of.isEmpty() || what.isEmpty() ? of + what : of + ", " + what;
    }
}
