package reckonrod.core.notation;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.notation.Item.Kind;

/** A line cut into items, every word with its meaning and every figure with its unit and what it could be by the plan. */
final class Sentence {
    private static final int MOST_GROUPS = 4;

    final String line;
    final BandPlan plan;
    final List<Item> items;
    final List<Figure> figures = new ArrayList<>(6);

    private Sentence(String line, BandPlan plan, List<Item> items) {
        this.line = line;
        this.plan = plan;
        this.items = items;
    }

    static Sentence of(String line, BandPlan plan) {
        Vocabulary vocabulary = Vocabulary.shipped();
        List<Item> raw = Lexer.lex(line, vocabulary);
        Sentence sentence = new Sentence(line, plan, new ArrayList<>(raw.size()));
        int next = 0;
        while (next < raw.size()) {
            next = sentence.take(raw, next, vocabulary);
        }
        for (Item item : sentence.items) {
            if (item instanceof Figure figure) {
                figure.judge(plan);
                sentence.figures.add(figure);
            }
        }
        return sentence;
    }

    private int take(List<Item> raw, int at, Vocabulary vocabulary) {
        Item item = raw.get(at);
        if (item instanceof Figure figure) {
            int behind = takeUnit(figure, raw, at + 1, vocabulary);
            items.add(behind > at + 1 && figure.unit != null ? grouped(figure) : figure);
            return behind;
        }
        if (item.kind != Kind.WORD && !item.isMark('#')) {
            items.add(item);
            return at + 1;
        }
        items.add(item);
        return giveMeaning(raw, at, vocabulary);
    }

    /** Gives a word its meaning, and that of the longest run of words that it begins; the index behind that run. */
    static int giveMeaning(List<Item> raw, int at, Vocabulary vocabulary) {
        Item item = raw.get(at);
        Vocabulary.Node node = vocabulary.words().step(item.text);
        Vocabulary.Entry entry = null;
        int end = at + 1;
        // What stands joined to a figure is said of it alone: D023N FM is no narrow FM.
        boolean joined = item.gap == Item.Gap.NONE && at > 0 && raw.get(at - 1).isFigure();
        for (int i = at + 1; node != null && !(joined && i > at + 1); i++) {
            if (node.entry() != null) {
                entry = node.entry();
                end = i;
            }
            node = i < raw.size() && raw.get(i).isCloseBehind() ? node.step(raw.get(i).text) : null;
        }
        item.entry = entry == null ? vocabulary.designation(item.text) : entry;
        item.to = raw.get(end - 1).to;
        return end;
    }

    /** Takes the unit behind a figure; the index of what stands behind it. */
    private int takeUnit(Figure figure, List<Item> raw, int at, Vocabulary vocabulary) {
        if (figure.unit != null) {
            return at;
        }
        Vocabulary.Node node = vocabulary.units();
        Vocabulary.Entry entry = null;
        int end = at;
        for (int i = at; i < raw.size() && node != null; i++) {
            Item item = raw.get(i);
            node = item.isWord() && item.isCloseBehind() && (i > at || item.gap != Item.Gap.HYPHEN)
                    ? node.step(item.text)
                    : null;
            if (node != null && node.entry() != null) {
                entry = node.entry();
                end = i + 1;
            }
        }
        if (entry == null
                || end == at + 1 && isFlagLetter(figure, raw.get(at))
                || isFirstWordOfName(figure, raw, at, end)) {
            return at;
        }
        figure.unit = entry.role();
        figure.to = raw.get(end - 1).to;
        return end;
    }

    /** 88.5 Mile End: a standard tone with its decimal, and a unit written as the first of two words of a name. */
    private boolean isFirstWordOfName(Figure figure, List<Item> raw, int at, int end) {
        return end == at + 1
                && end < raw.size()
                && figure.text.indexOf('.') >= 0
                && figure.isToneWithoutUnit()
                && raw.get(at).gap == Item.Gap.BLANK
                && raw.get(at).text.length() > 2
                && raw.get(end).isWord()
                && raw.get(end).gap == Item.Gap.BLANK
                && Vocabulary.shipped().word(raw.get(end).text) == null
                && isCapitalised(raw.get(at))
                && isCapitalised(raw.get(end));
    }

    /** Whether a word is written like a name: a capital, then small letters. */
    boolean isCapitalised(Item item) {
        String typed = typed(item);
        return Character.isUpperCase(typed.codePointAt(0))
                && typed.codePoints().skip(1).allMatch(Character::isLowerCase);
    }

    // A letter apart from its figure is a unit only where the figure counts whole things: 100 W, but 71.9 W is wide
    // area.
    private static boolean isFlagLetter(Figure figure, Item letter) {
        return letter.text.length() == 1 && letter.gap == Item.Gap.BLANK && !(figure.isWhole() && !figure.isKeyed());
    }

    /** {@code 145 612 500 Hz} is one figure: groups of three digits in front of a figure in hertz or kilohertz. */
    private Figure grouped(Figure last) {
        if (last.unit != Role.HERTZ && last.unit != Role.KILOHERTZ) {
            return last;
        }
        StringBuilder text = new StringBuilder(last.text);
        Figure first = last;
        int index = items.size();
        while (items.size() - index < MOST_GROUPS
                && isGroup(first)
                && index > 0
                && items.get(index - 1) instanceof Figure before
                && before.unit == null
                && before.isWhole()) {
            text.insert(0, before.text);
            first = before;
            index--;
        }
        if (first == last) {
            return last;
        }
        Figure whole = new Figure(text.toString(), first.from, last.digitsTo, first.gap);
        whole.unit = last.unit;
        whole.to = last.to;
        whole.judge(plan);
        if (whole.frequency == null || !plan.knows(whole.frequency)) {
            return last;
        }
        items.subList(index, items.size()).clear();
        return new Figure(whole.text, whole.from, whole.digitsTo, whole.gap).withUnit(last.unit, last.to);
    }

    private static boolean isGroup(Figure figure) {
        int digits = figure.text.indexOf('.') < 0 ? figure.text.length() : figure.text.indexOf('.');
        return digits == 3 && figure.gap == Item.Gap.BLANK;
    }

    /** The item before or behind; null at the ends. */
    Item at(int index) {
        return index >= 0 && index < items.size() ? items.get(index) : null;
    }

    int indexOf(Item item) {
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i) == item) {
                return i;
            }
        }
        return -1;
    }

    /** What stands in the line as typed between two places. */
    String typed(int from, int to) {
        return line.substring(from, to);
    }

    /** An item as typed. */
    String typed(Item item) {
        return line.substring(item.from, item.to);
    }

    /** The value of a figure, exact. */
    static BigDecimal value(Figure figure) {
        return new BigDecimal(figure.text);
    }
}
