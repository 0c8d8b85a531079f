package reckonrod.core.list;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Changes of many channels at once. */
public sealed interface ManyEdit extends ListEdit {
    /** Channels are sorted within the slots that they have. */
    record Order(List<UUID> channels, Ordering by) implements ManyEdit {
        public Order {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).order(by);
        }
    }

    /** Channels come to stand one behind the other. */
    record CloseGaps(List<UUID> channels) implements ManyEdit {
        public CloseGaps {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).closeGaps();
        }
    }

    /** Channels go together to a slot and the free ones behind it. */
    record MoveMany(List<UUID> channels, int slot) implements ManyEdit {
        public MoveMany {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).moveTo(slot);
        }
    }

    /** Channels go, and their slots become free; pinned ones stay. */
    record DeleteMany(List<UUID> channels) implements ManyEdit {
        public DeleteMany {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).delete();
        }
    }

    /** Channels keep their slots from now on, or no longer. */
    record PinMany(List<UUID> channels, boolean pinned) implements ManyEdit {
        public PinMany {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).pin(pinned);
        }
    }

    /**
     * Several channels become others in their slots.
     *
     * @param channels those that change; none if all are so already
     * @param missing how many of those that were asked for the list has no more
     * @param said what is done
     */
    record RewriteMany(List<ListEdit.Rewrite> channels, int missing, String said) implements ManyEdit {
        public RewriteMany {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            if (missing > 0) {
                return new ListChange.Refused(missing + (missing == 1 ? " channel is" : " channels are")
                        + " no longer in the list. Nothing was changed.");
            }
            return channels.isEmpty()
                    ? new ListChange.Refused("They are so already. Nothing was changed.")
                    : list.rewritten(channels, said);
        }
    }

    /** Channels come to stand so many slots apart from where the first of them stands; pinned ones stay. */
    record Spread(List<UUID> channels, int apart) implements ManyEdit {
        public Spread {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).spread(apart);
        }
    }

    /** Channels matter so much from now on, or nobody says how much. */
    record Rank(List<UUID> channels, Optional<Integer> rank) implements ManyEdit {
        public Rank {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels)
                    .stand(
                            standing -> standing.ranked(rank),
                            rank.map(each -> "Rank " + each + " for ").orElse("No rank for "));
        }
    }

    /** Channels were answered on a day, or are not held for proven any more. */
    record Prove(List<UUID> channels, Optional<LocalDate> day) implements ManyEdit {
        public Prove {
            channels = List.copyOf(channels);
            Standing.requireDay(day);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels)
                    .stand(
                            standing -> standing.provenOn(day),
                            day.map(each -> "Proven on " + each + ": ").orElse("Not proven any more: "));
        }
    }
}
