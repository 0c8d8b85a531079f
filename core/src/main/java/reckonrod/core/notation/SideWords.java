package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Binds the words that say whose side a figure is on: {@code rx 145.310 tx 144.710}, {@code 144.710 in / 145.310 out},
 * {@code talk 71.9}. A line has them all in front of their figures, or all behind.
 */
final class SideWords {
    private final Sentence sentence;
    private final LineParts parts;
    private final ToneSides tones;
    private final List<Item> words = new ArrayList<>(2);

    /** The figure or tone that a word was bound to, and the side it says. */
    record Bound(Item item, boolean listens, Role role) {}

    private final List<Bound> bounds = new ArrayList<>(2);

    SideWords(Sentence sentence, LineParts parts, ToneSides tones) {
        this.sentence = sentence;
        this.parts = parts;
        this.tones = tones;
    }

    List<Bound> bind() {
        for (Item item : sentence.items) {
            if (item.entry != null && !item.used && (item.entry.role().isSide() || isSideLetter(item))) {
                words.add(item);
            }
        }
        words.removeIf(word -> saysNever(word) || saysShift(word));
        if (words.isEmpty()) {
            return bounds;
        }
        Item[] behind = targets(true);
        Item[] front = targets(false);
        boolean behindWhole = isWhole(behind);
        boolean frontWhole = isWhole(front);
        boolean frontFrequencies =
                words.size() > 1 && frontWhole && Arrays.stream(front).allMatch(this::isFrequency);
        boolean behindFrequencies = Arrays.stream(behind).allMatch(this::isFrequency);
        if (behindWhole && (behindFrequencies || !frontFrequencies)) {
            bindTo(behind);
        } else if (frontWhole) {
            bindTo(front);
        } else {
            bindTo(mixed(behind, front));
        }
        return bounds;
    }

    /** {@code TX: none} says that it never talks. */
    private boolean saysNever(Item word) {
        int at = sentence.indexOf(word) + 1;
        while (sentence.at(at) != null
                && (sentence.at(at).isMark(':') || sentence.at(at).isMark('='))) {
            at++;
        }
        boolean never = word.is(Role.TRANSMIT)
                && sentence.at(at) != null
                && sentence.at(at).is(Role.NOTHING);
        if (never) {
            word.used = true;
            sentence.at(at).used = true;
            parts.direct(LineParts.Direction.LISTEN_ONLY);
        }
        return never;
    }

    /** {@code 146.940 input -600}: the size of the shift stands where the input would. */
    private boolean saysShift(Item word) {
        int index = sentence.indexOf(word);
        Item sign = sentence.at(index + 1);
        boolean shift = (word.is(Role.INPUT) || word.is(Role.TRANSMIT))
                && sign != null
                && sign.kind == Item.Kind.SIGN
                && isSize(sentence.at(index + 2));
        word.used |= shift;
        return shift;
    }

    /** R and T in front of a frequency, as in {@code R 145.310 T 144.710}. */
    private boolean isSideLetter(Item item) {
        boolean letter = (item.is(Role.LISTEN_TONE) || item.is(Role.TALK_TONE)) && item.text.length() == 1;
        if (!letter || item.gap == Item.Gap.NONE) {
            return false;
        }
        int index = sentence.indexOf(item);
        if (NameReading.isLetterOfName(sentence, index) && !isOtherLetterThere(item)) {
            return false;
        }
        // Behind its frequency a letter says a side only where the other letter says the other.
        return isFrequency(target(index, 1)) || isFrequency(target(index, -1)) && isOtherLetterThere(item);
    }

    private boolean isOtherLetterThere(Item letter) {
        Role other = letter.is(Role.TALK_TONE) ? Role.LISTEN_TONE : Role.TALK_TONE;
        return sentence.items.stream().anyMatch(item -> item.is(other) && item.text.length() == 1 && !item.used);
    }

    private boolean isFrequency(Item item) {
        return item instanceof Figure figure && figure.isFree() && figure.strength.compareTo(Figure.Strength.TONE) > 0;
    }

    private static boolean isWhole(Item[] targets) {
        Set<Item> seen = new HashSet<>();
        return Arrays.stream(targets).allMatch(item -> item != null && seen.add(item));
    }

    /** Where the words do not agree, the one behind counts, then the one in front; no figure has two. */
    private static Item[] mixed(Item[] behind, Item[] front) {
        Item[] targets = behind.clone();
        Set<Item> taken = new HashSet<>();
        for (int i = 0; i < targets.length; i++) {
            if (targets[i] == null || !taken.add(targets[i])) {
                targets[i] = front[i] != null && taken.add(front[i]) ? front[i] : null;
            }
        }
        return targets;
    }

    private Item[] targets(boolean behind) {
        Item[] targets = new Item[words.size()];
        for (int i = 0; i < targets.length; i++) {
            targets[i] = target(sentence.indexOf(words.get(i)), behind ? 1 : -1);
        }
        return targets;
    }

    /** The nearest figure or tone on one side of a word, with only marks and little words between; null for none. */
    private Item target(int index, int step) {
        Item word = sentence.at(index);
        boolean shared = word.is(Role.UP) || word.is(Role.DOWN);
        if (shared && (isSize(sentence.at(index + 1)) || isSize(sentence.at(index - 1)))) {
            // down 600 kHz is a direction.
            return null;
        }
        for (int at = index + step; sentence.at(at) != null; at += step) {
            Item item = sentence.at(at);
            if (item instanceof Figure figure) {
                boolean frequency = figure.isFree() && figure.strength != Figure.Strength.NONE;
                boolean tone = tones.has(figure) || figure.isFree() && figure.toneLike && !shared;
                return frequency || tone ? figure : null;
            }
            if (tones.has(item)) {
                return item;
            }
            boolean passable = item.isMark(':')
                    || item.isMark('=')
                    || item.is(Role.FREQUENCY)
                    || item.is(Role.FILLER)
                    || item.used && item.entry != null && item.entry.role().isToneWord();
            if (!passable) {
                return null;
            }
        }
        return null;
    }

    private static boolean isSize(Item item) {
        return item instanceof Figure figure
                && figure.isFree()
                && figure.strength == Figure.Strength.NONE
                && !figure.toneLike;
    }

    private void bindTo(Item[] targets) {
        boolean repeatersView =
                words.stream().anyMatch(word -> word.is(Role.REPEATER_TRANSMIT) || word.is(Role.REPEATER_RECEIVE));
        for (int i = 0; i < targets.length; i++) {
            if (targets[i] != null) {
                bind(words.get(i), targets[i], repeatersView);
            }
        }
    }

    private void bind(Item word, Item target, boolean repeatersView) {
        Role role = word.entry.role();
        boolean listens = role.isListenSide() || role == Role.LISTEN_TONE;
        // Who writes of the repeater's transmitter means the receiver of the repeater too.
        if (repeatersView && (role == Role.RECEIVE || role == Role.TRANSMIT)) {
            listens = !listens;
        }
        boolean frequency = target instanceof Figure figure
                && figure.isFree()
                && (figure.strength.compareTo(Figure.Strength.TONE) > 0
                        || figure.strength == Figure.Strength.WHOLE
                        || figure.strength == Figure.Strength.TONE && !isTone(figure));
        if (!frequency && (role == Role.UP || role == Role.DOWN)) {
            return;
        }
        word.used = true;
        if (frequency) {
            bounds.add(new Bound(target, listens, role));
            return;
        }
        if (target instanceof Figure figure && figure.isFree()) {
            tones.add(figure, Role.TONE, false, false);
        }
        tones.side(target, listens);
    }

    /** Whether a standard tone beside a side word is the tone of that side: there is a frequency besides. */
    private boolean isTone(Figure tone) {
        return sentence.figures.stream()
                .anyMatch(
                        other -> other != tone && other.isFree() && other.strength.compareTo(Figure.Strength.TONE) > 0);
    }
}
