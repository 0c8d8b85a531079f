package reckonrod.core.recipe;

import java.util.Optional;
import reckonrod.core.frequency.Frequency;

/**
 * A frequency.
 *
 * @param talk whether it is the one that is talked on, else the one that is listened on
 * @param never what stands there for a channel that never talks; absent if there is no form for that
 */
record FrequencyHolding(boolean talk, Unit unit, Optional<String> never) implements Holding {
    @Override
    public String write(ListedChannel channel, TableForm form) {
        if (!talk) {
            return unit.write(channel.channel().receive().hertz(), form.decimalComma());
        }
        return channel.channel()
                .transmit()
                .map(each -> unit.write(each.hertz(), form.decimalComma()))
                .or(() -> never)
                .orElseThrow(() -> new UnwritableException(
                        "it never talks, and the column of the talk frequency has no word (never) for that"));
    }

    @Override
    public void read(String cell, ChannelDraft draft, TableForm form) {
        if (talk && never.filter(cell::equalsIgnoreCase).isPresent()) {
            draft.never = true;
            return;
        }
        Frequency frequency = Frequency.ofHertz(unit.read(cell, form.decimalComma()));
        if (talk) {
            draft.talk = Optional.of(frequency);
        } else {
            draft.listen = Optional.of(frequency);
        }
    }

    @Override
    public String asYaml() {
        return (talk ? "holds: talk, " : "holds: listen, ")
                + unit.asYaml()
                + never.map(each -> ", never: " + RecipeText.quoted(each)).orElse("");
    }
}
