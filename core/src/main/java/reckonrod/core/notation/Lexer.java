package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import reckonrod.core.notation.Item.Gap;
import reckonrod.core.notation.Item.Kind;
import reckonrod.core.tone.ToneTable;

/** Cuts a line into words, figures, signs and marks. It knows of words only which ones stand joined to a figure. */
final class Lexer {
    private static final String BREAKS = ",;|\t()[]{}";
    private static final int LEAST_JOINED_DIGITS = 2;

    private final LineText line;
    /** Null while the vocabulary itself is read. */
    private final Vocabulary vocabulary;

    private final List<Item> items = new ArrayList<>(12);
    private int pos;
    private Gap gap = Gap.BREAK;

    private Lexer(String line, Vocabulary vocabulary) {
        this.line = new LineText(line);
        this.vocabulary = vocabulary;
    }

    static List<Item> lex(String line, Vocabulary vocabulary) {
        Lexer lexer = new Lexer(line, vocabulary);
        lexer.run();
        return lexer.items;
    }

    /** Cuts a phrase of the vocabulary: words, digits and marks as they stand. */
    static List<Item> split(String phrase) {
        return lex(phrase, null);
    }

    private void run() {
        openCells();
        while (pos < line.length) {
            char letter = line.text[pos];
            if (letter == ' ' || letter == '\'') {
                gap = gap == Gap.BREAK ? gap : letter == ' ' ? Gap.BLANK : gap;
                pos++;
            } else if (BREAKS.indexOf(letter) >= 0) {
                gap = Gap.BREAK;
                pos++;
            } else if (line.isDigitAt(pos) || letter == '.' && line.isDigitAt(pos + 1)) {
                figure();
            } else if (line.isLetterAt(pos)) {
                word();
            } else if (arrowEnd() > pos) {
                add(new Item(Kind.MARK, ">", from(), to(arrowEnd()), gap), arrowEnd());
            } else if (letter == '+' || letter == '-' || letter == '±') {
                sign();
            } else if (letter == '"') {
                quoted();
            } else if (letter == '.') {
                gap = gap == Gap.NONE ? Gap.BLANK : gap;
                pos++;
            } else if (letter == '▲' || letter == '▼') {
                add(new Item(Kind.WORD, String.valueOf(letter), from(), to(pos + 1), gap), pos + 1);
            } else {
                add(new Item(Kind.MARK, String.valueOf(letter), from(), to(pos + 1), gap), pos + 1);
            }
        }
    }

    private int from() {
        return line.at[pos];
    }

    /** The end, in the line as typed, of what ends in front of an index. */
    private int to(int end) {
        return line.at[end - 1] + 1;
    }

    private void add(Item item, int end) {
        items.add(item);
        pos = end;
        gap = Gap.NONE;
    }

    private void word(int end) {
        add(new Item(Kind.WORD, line.slice(pos, end), from(), to(end), gap), end);
    }

    /** In a row of quoted cells the quotes part as tabs do; a name alone in quotes, or the first of them, stays quoted. */
    private void openCells() {
        int open = 0;
        while (open < line.length && line.text[open] != '"') {
            open++;
        }
        List<int[]> cells = new ArrayList<>(0);
        int figures = 0;
        while (open < line.length) {
            int close = line.text[open] == '"' ? endOfQuoted(open) : open;
            if (line.text[open] == '"' && close < line.length) {
                boolean figure = isFigureCell(open + 1, close);
                figures += figure ? 1 : 0;
                if (figure || figures > 0) {
                    cells.add(new int[] {open, close});
                }
            }
            open = Math.max(close, open) + 1;
        }
        if (cells.size() > 1) {
            for (int[] cell : cells) {
                line.text[cell[0]] = '\t';
                line.text[cell[1]] = '\t';
            }
        }
    }

    /** Where a quoted text ends, two quotes inside it being one; the end of the line if nothing closes it. */
    private int endOfQuoted(int open) {
        int end = open + 1;
        while (end < line.length && (line.text[end] != '"' || line.charAt(end + 1) == '"')) {
            end += line.text[end] == '"' ? 2 : 1;
        }
        return Math.min(end, line.length);
    }

    private boolean isFigureCell(int from, int to) {
        boolean any = to > from;
        for (int i = from; i < to; i++) {
            if (!line.isDigitAt(i) && "+-., ".indexOf(line.text[i]) < 0) {
                any = false;
            }
        }
        return any;
    }

    private void quoted() {
        int end = endOfQuoted(pos);
        if (end >= line.length) {
            // A quote that nobody closes is only a mark: inches, or a slip.
            add(new Item(Kind.MARK, "\"", from(), to(pos + 1), gap), pos + 1);
            return;
        }
        add(new Item(Kind.QUOTED, "", from(), to(end + 1), gap), end + 1);
        gap = Gap.BLANK;
    }

    /** The end of an arrow drawn of a shaft and a point, {@code ->} or {@code =>}; the place itself for none. */
    private int arrowEnd() {
        int end = pos;
        while (line.charAt(end) == '-' || line.charAt(end) == '=') {
            end++;
        }
        return end > pos && line.charAt(end) == '>' ? end + 1 : pos;
    }

    private void sign() {
        char letter = line.text[pos];
        boolean behindWord = gap == Gap.NONE
                && !items.isEmpty()
                && items.get(items.size() - 1).isWord();
        if (letter == '-' && behindWord && line.isLetterAt(pos + 1) && isInnerHyphen()) {
            gap = Gap.HYPHEN;
            pos++;
            return;
        }
        int end = pos + 1;
        // +- and +/- mean either.
        if (letter == '+' && line.charAt(end) == '-') {
            add(new Item(Kind.SIGN, "±", from(), to(end + 1), gap), end + 1);
        } else if (letter == '+' && line.charAt(end) == '/' && line.charAt(end + 1) == '-') {
            add(new Item(Kind.SIGN, "±", from(), to(end + 2), gap), end + 2);
        } else {
            // A row of dashes is one dash.
            while (letter == '-' && line.charAt(end) == '-') {
                end++;
            }
            add(new Item(Kind.SIGN, String.valueOf(letter), from(), to(end), gap), end);
        }
    }

    /** A hyphen between two words belongs to them, unless the word in front is one that has a sign: RPT-T71.9. */
    private boolean isInnerHyphen() {
        if (vocabulary == null) {
            return true;
        }
        String before = items.get(items.size() - 1).text;
        Vocabulary.Node run = vocabulary.words().step(before);
        if (run != null && run.step(line.slice(pos + 1, runOfLetters(pos + 1))) != null) {
            // repeater-tx, offset-none
            return true;
        }
        Vocabulary.Entry entry = vocabulary.word(before);
        boolean signed = entry != null && (entry.role() == Role.REPEATER || entry.role() == Role.SIZE);
        Vocabulary.Node unitRun = vocabulary.units().step(before);
        if (unitRun != null && unitRun.step(line.slice(pos + 1, runOfLetters(pos + 1))) != null) {
            return true;
        }
        boolean unit = items.size() > 1
                && items.get(items.size() - 2).isFigure()
                && vocabulary.units().step(before) != null;
        return !signed && !unit;
    }

    private int runOfDigits(int start) {
        int end = start;
        while (line.isDigitAt(end)) {
            end++;
        }
        return end;
    }

    private int runOfLetters(int start) {
        int end = start;
        while (line.isLetterAt(end)) {
            end++;
        }
        return end;
    }

    /** Letters and digits, and a point or an apostrophe between letters. */
    private int runOfBoth(int start) {
        int end = start;
        while (line.isLetterAt(end)
                || line.isDigitAt(end)
                || end > start
                        && (line.charAt(end) == '.' || line.charAt(end) == '\'')
                        && line.isLetterAt(end - 1)
                        && line.isLetterAt(end + 1)) {
            end++;
        }
        return end;
    }

    private void word() {
        int end = runOfBoth(pos);
        int letters = runOfLetters(pos);
        boolean mixed = line.isDigitAt(letters);
        String whole = line.slice(pos, end);
        if (!mixed || vocabulary == null || vocabulary.word(whole) != null) {
            word(end);
        } else if (isJoined(letters, end)) {
            word(letters);
        } else {
            word(end);
        }
    }

    /** Whether letters stand joined to a figure: T88.5, Rx147.390, D023N, slot40, and any letters in front of a decimal. */
    private boolean isJoined(int letters, int end) {
        int digits = runOfDigits(letters);
        boolean decimal = (line.charAt(digits) == '.' || line.charAt(digits) == ',') && line.isDigitAt(digits + 1);
        Vocabulary.Entry entry = vocabulary.word(line.slice(pos, letters));
        if (decimal) {
            return true;
        }
        if (entry == null || !entry.glued()) {
            return false;
        }
        if (entry.role().isToneWord()
                && ToneTable.ofTwoCharacterCode(line.slice(letters, end)).isPresent()) {
            return true;
        }
        boolean numbered = entry.role() == Role.NUMBERED || entry.role() == Role.NUMBERED_DIGITAL;
        boolean enough = digits - letters >= (numbered ? 1 : LEAST_JOINED_DIGITS);
        return enough && (digits == end || vocabulary.isBehind(line.slice(digits, end)));
    }

    private void figure() {
        int digits = runOfFigure();
        if (vocabulary == null) {
            word(runOfBoth(pos));
            return;
        }
        int slipped = endOfSlippedLetters(digits);
        if (slipped > digits) {
            add(new Item(Kind.BROKEN, line.slice(pos, slipped), from(), to(slipped), gap), slipped);
            return;
        }
        int unitPoint = endBehindUnitPoint(digits);
        if (unitPoint > digits) {
            Role unit = line.text[digits] == 'k' ? Role.KILOHERTZ : Role.MEGAHERTZ;
            String figure = line.slice(pos, digits) + "." + line.slice(digits + 1, unitPoint);
            add(new Figure(figure, from(), to(unitPoint), gap).withUnit(unit, to(unitPoint)), unitPoint);
            return;
        }
        int letters = runOfLetters(digits);
        boolean decimal = line.slice(pos, digits).indexOf('.') >= 0
                || line.slice(pos, digits).indexOf(',') >= 0;
        if (letters > digits && !decimal) {
            int end = runOfBoth(digits);
            String whole = line.slice(pos, end);
            boolean unit = letters == end && vocabulary.isBehind(line.slice(digits, letters));
            if (!unit && (vocabulary.word(whole) != null || digits - pos < 5)) {
                word(end);
                return;
            }
        }
        new FigureCutter(line, pos, digits, gap).cutInto(items);
        pos = digits;
        gap = Gap.NONE;
    }

    /** A unit in the place of the decimal point, {@code 7M6}, {@code 12k5}: where its decimals end; else the end of the digits. */
    private int endBehindUnitPoint(int digits) {
        if (line.charAt(digits) != 'k' && line.charAt(digits) != 'm' || runOfDigits(pos) != digits) {
            return digits;
        }
        int end = runOfDigits(digits + 1);
        return end > digits + 1 && !line.isLetterAt(end) && line.charAt(end) != '.' ? end : digits;
    }

    /** Letters O and l among the digits of a decimal were meant as 0 and 1; where there are none, the end of the digits. */
    private int endOfSlippedLetters(int digits) {
        char next = line.charAt(digits);
        if (next != 'o' && next != 'l') {
            return digits;
        }
        int end = digits;
        boolean point = false;
        while (line.isDigitAt(end) || "ol.".indexOf(line.charAt(end)) >= 0) {
            end++;
        }
        for (int i = pos; i < end - 1; i++) {
            point |= line.text[i] == '.';
        }
        return point && !line.isLetterAt(end) && line.text[end - 1] != '.' ? end : digits;
    }

    /** Digits with the points and commas between them. */
    private int runOfFigure() {
        int end = pos;
        while (line.isDigitAt(end)
                || line.charAt(end) == '.' && (line.isDigitAt(end + 1) || line.charAt(end + 1) == '.')
                || line.charAt(end) == ',' && end > pos && line.isDigitAt(end - 1) && line.isDigitAt(end + 1)) {
            end++;
        }
        return end;
    }
}
