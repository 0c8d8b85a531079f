package reckonrod.core.recipe;

/** What the cells of a column hold. */
sealed interface Holding
        permits CountHolding, TextHolding, FrequencyHolding, ShiftHolding, WordHolding, ToneHolding, NothingHolding {
    /**
     * The cell of a channel.
     *
     * @throws UnwritableException if there is no form for it
     */
    String write(ListedChannel channel, TableForm form);

    /**
     * Takes a cell in.
     *
     * @throws IllegalArgumentException if it is none of this kind; the message says what was found and expected
     */
    void read(String cell, ChannelDraft draft, TableForm form);

    /** How the recipe says it, without the heading: {@code holds: talk, unit: MHz}. */
    String asYaml();
}
