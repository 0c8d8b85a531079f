package reckonrod.core.recipe;

/**
 * A running number.
 *
 * @param ofSlot whether it is the slot, else the row from 0
 * @param plus what is added to it, −9999 to 9999
 */
record CountHolding(boolean ofSlot, int plus) implements Holding {
    @Override
    public String write(ListedChannel channel, TableForm form) {
        return String.valueOf((ofSlot ? channel.slot() : channel.number() - 1) + plus);
    }

    @Override
    public void read(String cell, ChannelDraft draft, TableForm form) {
        if (!cell.matches("-?[0-9]{1,6}")) {
            throw new IllegalArgumentException("must be a whole number, was \"" + cell + "\"");
        }
    }

    @Override
    public String asYaml() {
        return (ofSlot ? "holds: slot" : "holds: row") + (plus == 0 ? "" : ", plus: " + plus);
    }
}
