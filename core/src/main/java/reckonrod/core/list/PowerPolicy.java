package reckonrod.core.list;

/** With what power the channels of a list talk. */
public sealed interface PowerPolicy {
    /** The policy in words. */
    String words();

    /** Each as it is. */
    record AsTyped() implements PowerPolicy {
        @Override
        public String words() {
            return "each channel as it is";
        }
    }

    /** Low on the calling frequencies of the plan, the others as they are. */
    record LowOnCalling() implements PowerPolicy {
        @Override
        public String words() {
            return "low on calling frequencies";
        }
    }

    /**
     * The lowest that still reaches the repeater well, where that is known.
     *
     * @param from where one talks from
     */
    record LowestThatReaches(Spot from) implements PowerPolicy {
        @Override
        public String words() {
            return "the lowest that reaches from " + from.name();
        }
    }
}
