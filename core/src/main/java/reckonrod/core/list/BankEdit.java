package reckonrod.core.list;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** A change of how the channels of a list are walked through. No channel goes or moves by it. */
public sealed interface BankEdit extends ListEdit {
    /** A bank begins, behind the others. */
    record AddBank(String bank, Optional<BankRule> rule, List<UUID> channels) implements BankEdit {
        public AddBank {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new BankWork(list).add(bank, rule, channels);
        }
    }

    /** A bank is called otherwise. */
    record RenameBank(String bank, String name) implements BankEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BankWork(list).rename(bank, name);
        }
    }

    /** A bank goes; its channels stay in the list. */
    record RemoveBank(String bank) implements BankEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BankWork(list).remove(bank);
        }
    }

    /**
     * A bank gets another number.
     *
     * @param number from 1
     */
    record MoveBank(String bank, int number) implements BankEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BankWork(list).move(bank, number);
        }
    }

    /** A bank is filled by a rule from now on; or by it no longer, and what it held stays in the bank. */
    record RuleBank(String bank, Optional<BankRule> rule) implements BankEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BankWork(list).rule(bank, rule);
        }
    }

    /** Channels are put into a bank, behind those in it, or taken out of it. */
    record FillBank(String bank, List<UUID> channels, boolean inside) implements BankEdit {
        public FillBank {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            BankWork work = new BankWork(list);
            return inside ? work.putIn(bank, channels) : work.takeOut(bank, channels);
        }
    }

    /**
     * A channel that the person put into a bank stands elsewhere in it.
     *
     * @param place from 1
     */
    record PlaceInBank(String bank, UUID channel, int place) implements BankEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BankWork(list).place(bank, channel, place);
        }
    }

    /** A scan stops at channels or passes them by; or the rule of the list decides on them again. */
    record Scan(List<UUID> channels, Optional<Boolean> scan) implements BankEdit {
        public Scan {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).scan(scan);
        }
    }

    /** What a scan passes by in this list. */
    record ScanBy(boolean skipListenOnly, boolean skipOffAir) implements BankEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BankWork(list).scanBy(skipListenOnly, skipOffAir);
        }
    }

    /** A scan comes back to this channel again and again, or to none. */
    record Priority(Optional<UUID> channel) implements BankEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BankWork(list).priority(channel);
        }
    }
}
