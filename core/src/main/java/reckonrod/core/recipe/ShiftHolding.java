package reckonrod.core.recipe;

import java.util.Optional;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/** How far from listening it talks. */
record ShiftHolding(Kind kind, Unit unit) implements Holding {
    /** In which way it is said. */
    enum Kind {
        /** With its sign. */
        SHIFT("shift"),
        /** Without: the direction stands in another column. */
        SIZE("shift size"),
        /** The size; of a pair of its own the talk frequency itself, as its direction says. */
        SIZE_OR_TALK("shift size or talk");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        String word() {
            return word;
        }
    }

    @Override
    public String write(ListedChannel channel, TableForm form) {
        if (kind == Kind.SIZE_OR_TALK && channel.channel().talk() instanceof Talk.On on) {
            return unit.write(on.frequency().hertz(), form.decimalComma());
        }
        long hertz = channel.channel().shift().map(Shift::hertz).orElse(0L);
        return unit.write(kind == Kind.SHIFT ? hertz : Math.abs(hertz), form.decimalComma());
    }

    @Override
    public void read(String cell, ChannelDraft draft, TableForm form) {
        if (cell.isEmpty()) {
            return;
        }
        long hertz = unit.read(cell, form.decimalComma());
        if (kind == Kind.SHIFT) {
            draft.shift = Optional.of(Shift.ofHertz(hertz));
            return;
        }
        if (hertz < 0) {
            throw new IllegalArgumentException("must be a size without a sign, was \"" + cell + "\"");
        }
        draft.size = Optional.of(Shift.ofHertz(hertz));
        if (kind == Kind.SIZE_OR_TALK && hertz > 0) {
            draft.sizeAsTalk = Optional.of(Frequency.ofHertz(hertz));
        }
    }

    @Override
    public String asYaml() {
        return "holds: " + kind.word() + ", " + unit.asYaml();
    }
}
