package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.notation.Item.Kind;
import reckonrod.core.tone.ToneTable;

/**
 * Finds the name: a quoted text, else the words in front, else the only unknown words behind. An everyday word of the
 * vocabulary beside an unknown one belongs to the name ({@code Low Head}), and that is told where it could have meant more.
 */
final class NameReading {
    private static final int MOST_NAME_DIGITS = 3;
    private static final Pattern DECIMAL = Pattern.compile("\"\\s*\\d+[.,]\\d+\\s*\"");
    /** D023NI, T100X: a tone with letters behind it that say nothing. */
    private static final Pattern LIKE_TONE = Pattern.compile("((?:t|r|tr|d|td|rd|dcs|dpl|pl|ct)\\d{2,4})[a-z]+");

    private final Sentence sentence;
    private final LineParts parts;
    private final Vocabulary vocabulary = Vocabulary.shipped();
    private final StringJoiner name = new StringJoiner(" ");
    private boolean quoted;

    NameReading(Sentence sentence, LineParts parts) {
        this.sentence = sentence;
        this.parts = parts;
    }

    void read() {
        takeQuoted();
        int core = firstOfChannel();
        List<int[]> runs = runs();
        for (int[] run : runs) {
            boolean front = run[1] <= core;
            if (front) {
                takeRun(run, true);
            }
        }
        if (name.length() == 0) {
            runs.stream().filter(run -> run[1] > core).findFirst().ifPresent(run -> {
                parts.nameAtEnd = takeRun(run, false);
            });
        }
        if (name.length() > 0) {
            setName(parts.nameAtEnd ? name.toString().toUpperCase(Locale.ROOT) : name.toString());
        }
        takeLittleWordsInFront(core);
        takeKnownWordsInFront(core);
    }

    private static boolean isLittle(Item item) {
        return item.isWord()
                && !item.used
                && (item.is(Role.FILLER) || item.text.length() == 1 && !item.is(Role.FREQUENCY));
    }

    /** Little words and letters that stand alone in front are all the name there is: A 145.310. */
    private void takeLittleWordsInFront(int core) {
        List<Item> front = sentence.items.subList(0, core);
        if (name.length() == 0 && !front.isEmpty() && front.stream().allMatch(NameReading::isLittle)) {
            front.forEach(item -> item.used = true);
            setName(sentence.typed(front.get(0).from, front.get(core - 1).to));
        }
    }

    private void takeQuoted() {
        for (Item item : sentence.items) {
            if (item.kind == Kind.QUOTED && !item.used && !quoted && !isQuotedDecimal(item)) {
                String inside = sentence.typed(item.from + 1, item.to - 1).replace("\"\"", "\"");
                item.used = true;
                quoted = true;
                parts.nameQuoted = true;
                name.add(inside);
            }
        }
    }

    // A decimal in quotes behind the frequency is a cell of a table, and hardly a name.
    private boolean isQuotedDecimal(Item item) {
        return item != sentence.at(0) && DECIMAL.matcher(sentence.typed(item)).matches();
    }

    private void setName(String text) {
        String clean = text.strip();
        if (clean.length() <= Channel.MOST_NAME_CHARACTERS && clean.chars().noneMatch(Character::isISOControl)) {
            parts.name = clean;
        } else {
            parts.nameAtEnd = false;
            parts.findings.add(Finding.of(LineFindings.LEFTOVER, Field.LINE, Map.of("words", '"' + clean + '"')));
        }
    }

    /** The index of the first item that the channel was made of; what stands in front of it may be its name. */
    private int firstOfChannel() {
        for (int i = 0; i < sentence.items.size(); i++) {
            Item item = sentence.items.get(i);
            boolean figure = item instanceof Figure each
                    && each.use != Figure.Use.NONE
                    && each.use != Figure.Use.NAME
                    && each.use != Figure.Use.ASIDE;
            if (figure) {
                return i;
            }
        }
        return sentence.items.size();
    }

    /** Runs of words without a comma or a figure between, each with an unknown word in it; from and to, to not in it. */
    private List<int[]> runs() {
        List<int[]> runs = new ArrayList<>(1);
        int start = -1;
        for (int i = 0; i <= sentence.items.size(); i++) {
            boolean fits = i < sentence.items.size() && isNameLike(i, start);
            boolean broken = fits && start >= 0 && !sentence.at(i).isCloseBehind();
            if (start >= 0 && (!fits || broken)) {
                addRun(start, i, runs);
                start = -1;
            }
            if (fits && start < 0) {
                start = i;
            }
        }
        return runs;
    }

    private boolean isNameLike(int index, int start) {
        Item item = sentence.at(index);
        if (item instanceof Figure figure) {
            boolean small = figure.isFree()
                    && figure.unit == null
                    && figure.isWhole()
                    && figure.text.length() <= MOST_NAME_DIGITS
                    && figure.strength == Figure.Strength.NONE;
            return figure.use == Figure.Use.NAME || small && start >= 0 && isUnknown(sentence.at(index - 1));
        }
        if (item.kind == Kind.MARK && !item.used) {
            Item next = sentence.at(index + 1);
            boolean slash = item.isMark('/') && item.gap == Item.Gap.NONE && next != null && next.gap == Item.Gap.NONE;
            boolean joins = slash || item.isMark('&') && next != null && next.isCloseBehind();
            return joins && start >= 0 && next.isWord() && !next.used && isNameLike(index + 1, start);
        }
        if (item.kind == Kind.SIGN) {
            return start >= 0
                    && item.used
                    && sentence.at(index + 1) instanceof Figure figure
                    && figure.use == Figure.Use.NAME;
        }
        boolean behindSlash = start >= 0
                && item.gap == Item.Gap.NONE
                && sentence.at(index - 1).isMark('/');
        return item.isWord()
                && !item.used
                && (item.entry == null
                        || item.entry.inNames()
                        || behindSlash && item.text.length() == 1
                        || isLetterOfName(sentence, index));
    }

    /** A letter alone right behind an unknown word parts one site from the next: SITE A, SITE F. */
    static boolean isLetterOfName(Sentence sentence, int index) {
        Item letter = sentence.at(index);
        Item next = sentence.at(index + 1);
        boolean beforeFrequency = next instanceof Figure figure
                && figure.gap == Item.Gap.BLANK
                && figure.strength.compareTo(Figure.Strength.TONE) > 0;
        return letter.isWord()
                && letter.text.length() == 1
                && letter.gap == Item.Gap.BLANK
                && isUnknown(sentence.at(index - 1))
                && (beforeFrequency || next == null);
    }

    /** Whether a word means nothing here, not even as the code of a tone or the letter of a directory. */
    private static boolean isUnknown(Item item) {
        return item != null
                && item.isWord()
                && item.entry == null
                && ToneTable.ofTwoCharacterCode(item.text).isEmpty()
                && DirectoryLetters.of(item.text).isEmpty();
    }

    private void addRun(int from, int to, List<int[]> runs) {
        int start = from;
        // A code right behind a figure is that of a tone, whatever words come after it.
        while (start < to
                && sentence.at(start).entry == null
                && sentence.at(start).isWord()
                && ToneTable.ofTwoCharacterCode(sentence.at(start).text).isPresent()
                && start > 0) {
            start++;
        }
        int end = to;
        // repeater on 145.310: the little words at the end lead to the frequency.
        while (end > start && sentence.at(end - 1).is(Role.FILLER) && !isLetterOfName(sentence, end - 1)) {
            end--;
        }
        boolean unknown = false;
        for (int i = start; i < end; i++) {
            unknown |= isUnknown(sentence.at(i));
        }
        if (unknown) {
            runs.add(new int[] {start, end});
        }
    }

    /** Takes a run for the name; false when a word of it is nearly a known one behind the frequency, and so only told. */
    private boolean takeRun(int[] run, boolean front) {
        List<Item> items = sentence.items.subList(run[0], run[1]);
        boolean near = items.stream().filter(NameReading::isUnknown).anyMatch(this::tellNear);
        if (quoted || !front && (near || !isLongEnough(items))) {
            return false;
        }
        name.add(sentence.typed(items.get(0).from, items.get(items.size() - 1).to));
        for (Item item : items) {
            if (item.is(Role.REPEATER)) {
                parts.repeaterSaid = true;
            } else if (item.isWord() && (front ? isMeaningfulInFront(item) : isMeaningful(item))) {
                parts.findings.add(Finding.of(
                        LineFindings.WORD_IN_NAME,
                        Field.NAME,
                        Map.of("word", sentence.typed(item), "name", name.toString())));
            }
            item.used = true;
            if (item instanceof Figure figure) {
                figure.takeFor(Figure.Use.NAME);
            }
        }
        return true;
    }

    /** One or two letters behind a frequency say too little to be its name. */
    private static boolean isLongEnough(List<Item> items) {
        return items.stream().anyMatch(item -> isUnknown(item) && item.text.length() > 2);
    }

    private boolean tellNear(Item item) {
        Matcher tone = LIKE_TONE.matcher(item.text);
        Optional<String> known = tone.matches()
                ? Optional.of(tone.group(1).toUpperCase(Locale.ROOT))
                : vocabulary.nearlyKnown(item.text);
        known.ifPresent(word -> {
            Fix fix = LineEdit.replace("Write " + word, sentence.line, item, word);
            parts.findings.add(new Finding(
                    LineFindings.NEARLY_KNOWN,
                    Field.LINE,
                    Map.of("word", sentence.typed(item), "known", word),
                    List.of(fix)));
        });
        return known.isPresent();
    }

    private static boolean isMeaningful(Item item) {
        return item.entry == null && !isUnknown(item) || item.entry != null && !item.is(Role.FILLER);
    }

    private static boolean isMeaningfulInFront(Item item) {
        if (item.entry == null) {
            return ToneTable.ofTwoCharacterCode(item.text).isPresent();
        }
        // Power and kind change what the radio does, a caveat what the line says; a flag in a name is only a word.
        return switch (item.entry.role()) {
            case HIGH, MIDDLE, LOW, WIDE, NARROW, CAVEAT -> true;
            default -> false;
        };
    }

    /** An everyday word alone in front may be the whole name as well as what it says. */
    private void takeKnownWordsInFront(int core) {
        for (int i = 0; i < core && parts.name.isEmpty(); i++) {
            Item item = sentence.at(i);
            boolean everyday = item.isWord()
                    && !item.used
                    && item.entry != null
                    && item.entry.inNames()
                    && !item.is(Role.FILLER)
                    && !item.is(Role.REPEATER);
            if (everyday) {
                parts.findings.add(new Finding(
                        LineFindings.WORD_OR_NAME,
                        Field.NAME,
                        Map.of("word", sentence.typed(item)),
                        List.of(LineEdit.replace(
                                "Make it the name", sentence.line, item, '"' + sentence.typed(item) + '"'))));
            }
        }
    }
}
