package reckonrod.core.list;

import java.util.function.Function;

/** What came of an attempt to change a list. */
public sealed interface ListChange {
    /** Answers for each of the two cases. */
    <T> T fold(Function<Changed, T> changed, Function<Refused, T> refused);

    /** What is told where a change leaves all as it was. */
    String SO_ALREADY = "That is so already. Nothing was changed.";

    /**
     * The list as it is now.
     *
     * @param list the new list
     * @param summary what was done, as the history says it
     * @param slot the slot to look at now
     */
    record Changed(ChannelList list, String summary, int slot) implements ListChange {
        @Override
        public <T> T fold(Function<Changed, T> changed, Function<Refused, T> refused) {
            return changed.apply(this);
        }
    }

    /**
     * Nothing was changed.
     *
     * @param reason what stands in the way and what to do about it
     */
    record Refused(String reason) implements ListChange {
        @Override
        public <T> T fold(Function<Changed, T> changed, Function<Refused, T> refused) {
            return refused.apply(this);
        }
    }
}
