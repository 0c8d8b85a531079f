package reckonrod.core.notation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.ChannelName.Named;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.Figure.Strength;

/** Reads the names that a region gives its channels, by the list's plan: {@code RV58}, {@code S20}, {@code 34/94}. */
final class ChannelNameReading {
    private static final int PAIR_DIGITS = 2;
    private static final int NUMBER_DIGITS = 4;

    private final Sentence sentence;
    private final LineParts parts;

    ChannelNameReading(Sentence sentence, LineParts parts) {
        this.sentence = sentence;
        this.parts = parts;
    }

    void read() {
        if (sentence.plan.channelNames().isEmpty()) {
            return;
        }
        Optional<Frequency> said = said();
        for (int i = 0; i < sentence.items.size() && parts.channelName.isEmpty(); i++) {
            Item item = sentence.items.get(i);
            if (item.isWord() && item.entry == null && !item.used) {
                sentence.plan.channelNames().named(item.text).ifPresent(named -> take(item, named, said));
            } else if (item instanceof Figure figure && figure.isFree() && said.isEmpty()) {
                takeFigure(figure, i);
            } else if (item instanceof Figure figure && figure.isFree()) {
                takeHalfPair(figure, i);
            }
        }
    }

    /** The frequency that the line gives besides, if it gives one. */
    private Optional<Frequency> said() {
        return sentence.figures.stream()
                .filter(figure -> figure.strength == Strength.BAND || figure.strength == Strength.KEYED)
                .findFirst()
                .map(figure -> figure.strength == Strength.BAND
                        ? figure.frequency
                        : FrequencyReading.readings(figure.text, sentence.plan).stream()
                                .findFirst()
                                .orElse(null));
    }

    private void take(Item word, Named named, Optional<Frequency> said) {
        if (said.isEmpty()) {
            set(named, word);
            return;
        }
        if (said.get().equals(named.listen())) {
            parts.channelName = Optional.of(named);
            parts.repeaterSaid |= named.repeater();
        } else if (word.text.length() > 2) {
            parts.findings.add(Finding.of(
                    LineFindings.CHANNEL_NAME_DISAGREES,
                    Field.RECEIVE,
                    Map.of(
                            "name", sentence.typed(word),
                            "named", named.listen().toString(),
                            "said", said.get().toString(),
                            "plan", sentence.plan.shortTitle())));
        }
    }

    private void set(Named named, Item item) {
        parts.channelName = Optional.of(named);
        parts.receive = Optional.of(named.listen());
        parts.repeaterSaid |= named.repeater();
        if (item.isWord()) {
            parts.name = sentence.typed(item).toUpperCase(java.util.Locale.ROOT);
        }
        item.used = true;
        if (!named.repeater()) {
            parts.simplexByName = true;
        }
    }

    private void takeFigure(Figure figure, int index) {
        if (figure.unit == null && figure.isWhole() && figure.text.length() == NUMBER_DIGITS) {
            sentence.plan.channelNames().named(figure.text).ifPresent(named -> {
                set(named, figure);
                figure.takeFor(Figure.Use.RECEIVE);
            });
        } else if (sentence.at(index + 1) != null
                && sentence.at(index + 1).isMark('/')
                && sentence.at(index + 2) instanceof Figure second
                && isShort(figure)
                && isShort(second)) {
            takePair(figure, second);
        }
    }

    /** {@code 146.34/94}: the second figure leaves the whole megahertz out. */
    private void takeHalfPair(Figure first, int index) {
        boolean short2 = sentence.at(index + 1) != null
                && sentence.at(index + 1).isMark('/')
                && sentence.at(index + 2) instanceof Figure second
                && isShort(second)
                && first.decimals == PAIR_DIGITS
                && first.unit == null;
        int point = first.text.indexOf('.');
        if (!short2
                || !sentence.plan
                        .channelNames()
                        .shortPairsMegahertz()
                        .contains(Integer.valueOf(first.text.substring(0, point)))) {
            return;
        }
        Figure second = (Figure) sentence.at(index + 2);
        Frequency other = Frequency.parse(first.text.substring(0, point + 1) + second.text);
        boolean inputFirst = sentence.plan.hasRule(other, first.frequency);
        if (!inputFirst && !sentence.plan.hasRule(first.frequency, other)) {
            return;
        }
        Frequency listen = inputFirst ? other : first.frequency;
        Frequency talk = inputFirst ? first.frequency : other;
        set(new Named(first.text + "/" + second.text, listen, Optional.of(talk), true, "short pairs"), first);
        first.takeFor(Figure.Use.RECEIVE);
        second.takeFor(Figure.Use.TRANSMIT);
        parts.transmit = Optional.of(talk);
    }

    private static boolean isShort(Figure figure) {
        return figure.unit == null && figure.isWhole() && figure.text.length() == PAIR_DIGITS;
    }

    private void takePair(Figure first, Figure second) {
        List<Named> pairs = sentence.plan.channelNames().ofPair(first.text, second.text, sentence.plan);
        if (pairs.size() == 1) {
            set(pairs.get(0), first);
            first.takeFor(Figure.Use.RECEIVE);
            second.takeFor(Figure.Use.TRANSMIT);
            parts.transmit = pairs.get(0).talk();
        }
    }
}
