package reckonrod.core.notation;

/** One piece of a line: a word or run of words with one meaning, a figure, a sign, a mark, a quoted text. */
class Item {
    enum Kind {
        WORD,
        FIGURE,
        SIGN,
        MARK,
        QUOTED,
        /** Digits and points that make no figure: {@code 145..310}. */
        BROKEN
    }

    /** What stands between an item and the one in front of it. */
    enum Gap {
        NONE,
        /** A hyphen between two words. */
        HYPHEN,
        BLANK,
        /** A comma, a bracket, a tab, or the beginning of the line. */
        BREAK
    }

    final Kind kind;
    /** Lower case, with plain signs and a decimal point. */
    final String text;
    /** Where it stands in the line as typed. */
    final int from;

    int to;
    final Gap gap;
    /** Its meaning; null for a word that is not known. */
    Vocabulary.Entry entry;
    /** Whether something was made of it, so that nothing else may. */
    boolean used;

    Item(Kind kind, String text, int from, int to, Gap gap) {
        this.kind = kind;
        this.text = text;
        this.from = from;
        this.to = to;
        this.gap = gap;
    }

    boolean is(Role role) {
        return entry != null && entry.role() == role;
    }

    boolean isMark(char mark) {
        return kind == Kind.MARK && text.charAt(0) == mark;
    }

    boolean isFigure() {
        return kind == Kind.FIGURE;
    }

    boolean isWord() {
        return kind == Kind.WORD;
    }

    /** Whether only a blank, a hyphen or nothing parts it from the item in front. */
    boolean isCloseBehind() {
        return gap != Gap.BREAK;
    }

    @Override
    public String toString() {
        return kind + " " + text;
    }
}
