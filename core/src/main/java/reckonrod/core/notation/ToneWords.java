package reckonrod.core.notation;

import java.util.Map;
import java.util.Set;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.tone.ToneTable;

/** Binds the words that speak of tones to the figures that they speak of, in front of them or behind them. */
final class ToneWords {
    private static final Set<String> NOTHING = Set.of("none", "off", "no", "nil", "n/a", "0", "0.0", "false");

    private final Sentence sentence;
    private final ToneSides tones;
    private boolean behindFigures;

    ToneWords(Sentence sentence, ToneSides tones) {
        this.sentence = sentence;
        this.tones = tones;
    }

    void bind() {
        readDashes();
        behindFigures = areBehindFigures();
        for (int i = 0; i < sentence.items.size(); i++) {
            Item item = sentence.items.get(i);
            if (item.entry == null || item.used) {
                continue;
            }
            Role role = item.entry.role();
            if (role.isToneWord()) {
                bindWord(item, role, i);
            }
        }
        for (int i = 0; i < sentence.items.size(); i++) {
            takeMarkedCode(i);
        }
    }

    /** A dash in the place of a tone says that there is none, {@code T100 R --}, {@code ---/100.0}. */
    private void readDashes() {
        for (int i = 0; i < sentence.items.size(); i++) {
            Item dash = sentence.items.get(i);
            if (dash.kind == Item.Kind.SIGN && dash.text.equals("-") && isForTone(i) && isNoShift(dash)) {
                Item nothing = new Item(Item.Kind.WORD, "none", dash.from, dash.to, dash.gap);
                nothing.entry = Vocabulary.shipped().word("none");
                sentence.items.set(i, nothing);
            }
        }
    }

    private boolean isForTone(int index) {
        Item before = sentence.at(index - 1);
        Item next = sentence.at(index + 1);
        if (before != null && before.isMark('/') || next != null && next.isMark('/')) {
            return isTone(sentence.at(index - 2)) || isTone(sentence.at(index + 2));
        }
        if (before != null && before.isMark(':')) {
            before = sentence.at(index - 2);
        }
        boolean word =
                before != null && before.entry != null && before.entry.role().isToneWord();
        return word && !(next instanceof Figure);
    }

    /** Only where the shift is said besides is a single dash no shift. */
    private boolean isNoShift(Item dash) {
        return dash.to - dash.from > 1
                || sentence.items.stream()
                        .anyMatch(item -> item != dash && item.kind == Item.Kind.SIGN
                                || item.is(Role.MINUS)
                                || item.is(Role.PLUS)
                                || item.is(Role.SIMPLEX));
    }

    /** Whether the words of both sides stand behind their tones: {@code 71.9 enc 100.0 dec}. */
    private boolean areBehindFigures() {
        Item first = null;
        Item last = null;
        for (Item item : sentence.items) {
            if (item.is(Role.TALK_TONE) || item.is(Role.LISTEN_TONE)) {
                first = first == null ? item : first;
                last = item;
            }
        }
        return first != last
                && isTone(sentence.at(sentence.indexOf(first) - 1))
                && !isTone(sentence.at(behind(sentence.indexOf(last))));
    }

    private static boolean isTone(Item item) {
        return item instanceof Figure figure && figure.tone != null;
    }

    private void bindWord(Item word, Role role, int index) {
        int behind = behind(index);
        boolean code = role.isCodeWord() || isCodeSaid(index, behind);
        Item next = sentence.at(behind);
        Item before = sentence.at(index - 1);
        boolean reach = next != null && (behind > index + 1 || next.isCloseBehind() || word.text.length() > 1);
        int nextSense = reach ? sense(next, behind, code) : 0;
        int beforeSense = before != null && (word.isCloseBehind() || word.text.length() > 1)
                ? sense(before, index - 1, role.isCodeWord())
                : 0;
        if (next != null && nextSense == 0 && beforeSense == 0 && isNothing(next) && next.isCloseBehind()) {
            word.used = true;
            next.used = true;
            if (next instanceof Figure figure) {
                figure.takeFor(Figure.Use.TONE);
            }
            tones.none(role);
        } else if (nextSense > 0 && nextSense >= beforeSense && !(behindFigures && beforeSense > 0)) {
            tellRoad(word, next, index, behind);
            sentence.items.subList(index, behind).forEach(between -> between.used = true);
            take(word, next, behind, role, code);
        } else if (beforeSense > 0) {
            take(word, before, index - 1, role, role.isCodeWord());
        }
    }

    /** D143 Quville, sur la D125: a letter and a number beside a word may be a road. */
    private void tellRoad(Item word, Item next, int index, int behind) {
        if (!(next instanceof Figure figure)) {
            return;
        }
        Item before = sentence.at(index - 1);
        Item after = sentence.at(behind + 1);
        boolean near = before != null && before.isWord() && !before.used && word.isCloseBehind()
                || after != null && after.isWord() && after.entry == null && after.isCloseBehind();
        if (word.text.equals("d") && behind == index + 1 && near && !isPolarity(after, figure)) {
            tones.tell(Finding.of(
                    LineFindings.CODE_OR_NAME,
                    Field.TALK_TONE,
                    Map.of("found", sentence.typed(word.from, figure.to), "tone", "the DCS code " + figure.text)));
        }
    }

    /** The index behind a word and the marks that may stand between it and its figure: {@code CTCSS: 71.9}, {@code PL-100}. */
    private int behind(int index) {
        int at = index + 1;
        while (sentence.at(at) != null
                && (sentence.at(at).isMark(':')
                        || sentence.at(at).isMark('=')
                        || isHyphen(at)
                        // Words that say it again, such as tone PL 100.
                        || sentence.at(at).is(Role.FILLER)
                        || sentence.at(at).is(Role.TONE) && !sentence.at(at).used
                        || sentence.at(at).is(Role.CODE) && !sentence.at(at).used
                        || sentence.at(at).is(Role.FREQUENCY))) {
            at++;
        }
        return at;
    }

    /** R D023N: the side, then what kind of tone. */
    private boolean isCodeSaid(int index, int behind) {
        return sentence.items.subList(index + 1, Math.min(behind, sentence.items.size())).stream()
                .anyMatch(item -> item.is(Role.CODE));
    }

    private boolean isHyphen(int at) {
        Item item = sentence.at(at);
        Item next = sentence.at(at + 1);
        return item.kind == Item.Kind.SIGN
                && item.text.equals("-")
                && item.gap == Item.Gap.NONE
                && next != null
                && next.gap == Item.Gap.NONE;
    }

    private static boolean isNothing(Item item) {
        return !item.used && (item.is(Role.NOTHING) || NOTHING.contains(item.text));
    }

    /** How well an item would be the tone of a word: 2 for a standard tone or a code, 1 for a figure like one, 0 for none. */
    private int sense(Item item, int index, boolean code) {
        if (item.used) {
            return 0;
        }
        if (code) {
            return isCode(item) ? 2 : 0;
        }
        if (item instanceof Figure figure) {
            if (!figure.isFree() || figure.unit != null && figure.unit != Role.HERTZ) {
                return 0;
            }
            boolean polarity = isPolarity(sentence.at(index + 1), figure);
            boolean signed = sentence.at(index + 1) != null
                    && sentence.at(index + 1).kind == Item.Kind.SIGN
                    && sentence.at(index + 1).gap == Item.Gap.NONE;
            boolean inBand = figure.strength == Figure.Strength.BAND;
            if (polarity && isCode(figure)) {
                return 2;
            }
            if (figure.tone != null) {
                return inBand && signed ? 0 : inBand ? 1 : 2;
            }
            return figure.toneLike && !inBand || isLowFigure(figure) ? 1 : 0;
        }
        return item.isWord() && ToneTable.ofTwoCharacterCode(item.text).isPresent() ? 2 : 0;
    }

    // 33.0 behind the word tone was meant as one, and is told as one that does not exist.
    private static boolean isLowFigure(Figure figure) {
        return figure.unit == null
                && figure.isBelow(1000)
                && figure.text.length() >= 2
                && figure.strength == Figure.Strength.NONE;
    }

    private static boolean isCode(Item item) {
        return item instanceof Figure figure
                && figure.isFree()
                && figure.unit == null
                && figure.isWhole()
                && (figure.text.length() == 3 || figure.text.length() == 2);
    }

    /** Whether a word behind a figure says its polarity: joined to it, or a word of its own. */
    static boolean isPolarity(Item word, Figure figure) {
        return word != null
                && !word.used
                && (word.is(Role.UPRIGHT) || word.is(Role.INVERTED))
                && figure.isWhole()
                && figure.text.length() == 3
                && word.isCloseBehind()
                && (word.gap == Item.Gap.NONE || word.text.length() > 1 || figure.text.charAt(0) == '0');
    }

    private void take(Item word, Item tone, int index, Role role, boolean codeSaid) {
        word.used = true;
        tone.used = true;
        boolean listenLetter = word.text.equals("rd");
        Role side = listenLetter ? Role.LISTEN_CODE : role;
        if (tone instanceof Figure figure) {
            boolean code = codeSaid || isPolarity(sentence.at(index + 1), figure);
            tones.add(figure, side, code, polarity(index, codeSaid));
        } else {
            tones.addCode(tone, side);
        }
    }

    /** The polarity that the word behind a code gives it, which is taken with it; normal for none. */
    private boolean polarity(int index, boolean code) {
        Item next = sentence.at(index + 1);
        boolean polarity = next != null
                && !next.used
                && next.isCloseBehind()
                && (next.is(Role.UPRIGHT) || next.is(Role.INVERTED))
                && (code || sentence.at(index) instanceof Figure figure && isPolarity(next, figure));
        if (polarity) {
            next.used = true;
        }
        return polarity && next.is(Role.INVERTED);
    }

    /** Takes a code that is told by its polarity alone: {@code 023N}, {@code 023 inverted}. */
    private void takeMarkedCode(int index) {
        if (sentence.at(index) instanceof Figure figure
                && isCode(figure)
                && isPolarity(sentence.at(index + 1), figure)) {
            figure.used = true;
            tones.add(figure, Role.CODE, true, polarity(index, true));
        }
    }
}
