package reckonrod.core.recipe;

/**
 * The same in every row, and nothing that a channel says.
 *
 * @param text what stands there; may be empty
 */
record NothingHolding(String text) implements Holding {
    @Override
    public String write(ListedChannel channel, TableForm form) {
        return text;
    }

    @Override
    public void read(String cell, ChannelDraft draft, TableForm form) {
        // Whatever stands there says nothing of a channel.
    }

    @Override
    public String asYaml() {
        return "holds: nothing" + (text.isEmpty() ? "" : ", text: " + RecipeText.quoted(text));
    }
}
