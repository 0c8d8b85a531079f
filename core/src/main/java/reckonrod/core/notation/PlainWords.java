package reckonrod.core.notation;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.notation.LineParts.Direction;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.ToneTable;

/** Takes the words that say something by themselves: kind, power, directory flags, simplex, listen-only. */
final class PlainWords {
    private final Sentence sentence;
    private final LineParts parts;
    private final ToneSides tones;

    PlainWords(Sentence sentence, LineParts parts, ToneSides tones) {
        this.sentence = sentence;
        this.parts = parts;
        this.tones = tones;
    }

    void take() {
        for (int i = 0; i < sentence.items.size(); i++) {
            Item item = sentence.items.get(i);
            if (item.used) {
                continue;
            }
            if (item.isMark('=') && isSimplexMark(i)) {
                item.used = true;
                parts.direct(Direction.SIMPLEX);
            } else if (item.isWord() && item.entry != null) {
                item.used = !isLabel(item, i) && take(item, i);
            } else if (item.isWord()) {
                item.used = takeLetters(item);
            }
        }
    }

    /** {@code 147.510 =}; behind a word it only parts the word from its value. */
    private boolean isSimplexMark(int index) {
        Item before = sentence.at(index - 1);
        return before != null && !before.isWord() && !(sentence.at(index + 1) instanceof Figure);
    }

    /** A letter with a colon behind it is the label of something that was not read: {@code X: 12}. */
    private boolean isLabel(Item word, int index) {
        Item next = sentence.at(index + 1);
        return word.text.length() == 1 && next != null && (next.isMark(':') || next.isMark('='));
    }

    private boolean take(Item word, int index) {
        switch (word.entry.role()) {
            case SIMPLEX -> parts.direct(Direction.SIMPLEX);
            case LISTEN_ONLY, LISTEN -> parts.direct(Direction.LISTEN_ONLY);
            case WIDE -> emission(Emission.FM);
            case NARROW -> {
                // A Canadian province, too, and a habit of typing it behind the name.
                boolean named = sentence.items.stream().anyMatch(each -> each.isWord() && each.entry == null);
                if (word.text.equals("nb") && named) {
                    parts.findings.add(Finding.of(
                            LineFindings.NARROW_OR_NAME, Field.EMISSION, Map.of("found", sentence.typed(word))));
                }
                emission(Emission.NFM);
            }
            case AMPLITUDE -> emission(Emission.AM);
            case HIGH -> power(Power.HIGH);
            case MIDDLE -> power(Power.MID);
            case LOW -> power(Power.LOW);
            case EMERGENCY_POWER -> flag(DirectoryFlag.EMERGENCY_POWER);
            case LINKED -> flag(DirectoryFlag.LINKED);
            case OPEN -> flag(DirectoryFlag.OPEN);
            case CLOSED -> flag(DirectoryFlag.CLOSED);
            case WIDE_AREA -> flag(DirectoryFlag.WIDE_AREA);
            case OFF_AIR -> flag(DirectoryFlag.OFF_AIR);
            case DIGITAL -> parts.digitalWords.add(sentence.typed(word));
            case OTHER_MODE ->
                parts.findings.add(
                        Finding.of(LineFindings.OTHER_MODE, Field.EMISSION, Map.of("mode", sentence.typed(word))));
            case REPEATER -> parts.repeaterSaid = true;
            case BURST -> parts.findings.add(Finding.of(LineFindings.TONE_BURST, Field.LINE, Map.of()));
            case CAVEAT ->
                parts.findings.add(Finding.of(LineFindings.CAVEAT, Field.LINE, Map.of("word", sentence.typed(word))));
            case FILLER -> {
                takeLetterBeforeSlash(word, index);
                return !isLetterAtEnd(word, index);
            }
            case FREQUENCY -> {
                return !isLetterAtEnd(word, index);
            }
            case SIZE -> {}
            // R right behind the frequency, as in 145.310R, says that it is a repeater.
            case LISTEN_TONE, RECEIVE -> {
                return takeRepeaterLetter(word, index);
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** A little word of one letter announces what is behind it; where nothing is, the letter says something that is not known here. */
    private boolean isLetterAtEnd(Item word, int index) {
        return word.text.length() == 1 && sentence.at(index + 1) == null;
    }

    /** W/ means with, unless only other letters of a directory stand behind it: W/E. */
    private void takeLetterBeforeSlash(Item word, int index) {
        Item next = sentence.at(index + 1);
        boolean letters =
                next == null || next.isWord() && DirectoryLetters.of(next.text).isPresent();
        if (letters && sentence.typed(word).equalsIgnoreCase("W/")) {
            flag(DirectoryFlag.WIDE_AREA);
        }
    }

    private boolean takeRepeaterLetter(Item word, int index) {
        boolean letter = word.text.equals("r")
                && word.gap == Item.Gap.NONE
                && sentence.at(index - 1) instanceof Figure figure
                && (figure.use == Figure.Use.RECEIVE || figure.use == Figure.Use.TRANSMIT);
        parts.repeaterSaid |= letter;
        return letter;
    }

    private void emission(Emission said) {
        if (parts.emission.isPresent() && parts.emission.get() != said) {
            tellTwice("the kind " + parts.emission.get(), "the kind " + said, Field.EMISSION);
            return;
        }
        parts.emission = Optional.of(said);
    }

    private void power(Power said) {
        if (parts.power.isPresent() && parts.power.get() != said) {
            tellTwice(parts.power.get().word() + " power", said.word() + " power", Field.POWER);
            return;
        }
        parts.power = Optional.of(said);
    }

    private void tellTwice(String first, String second, Field field) {
        parts.findings.add(Finding.of(LineFindings.TWO_SIGNS, field, Map.of("first", first, "second", second)));
    }

    /** WA Tarnhill, M1 junction: a code of letters, or one that begins with a letter, may be a state or a road before a word. */
    private boolean isBesideName(Item word) {
        int index = sentence.indexOf(word);
        Item next = sentence.at(index + 1);
        Item before = sentence.at(index - 1);
        boolean near = next != null && next.isWord() && next.entry == null && next.isCloseBehind()
                || before != null && before.isWord() && before.entry == null && word.isCloseBehind();
        return Character.isLetter(word.text.charAt(0)) && near;
    }

    private void flag(DirectoryFlag flag) {
        parts.flags.add(flag);
    }

    /** The code of a tone, or the letters that a directory prints behind an entry. */
    private boolean takeLetters(Item word) {
        Figure listen = parts.receiveFigure;
        if (listen != null && word.from < listen.from) {
            return false;
        }
        Optional<CtcssTone> code = ToneTable.ofTwoCharacterCode(word.text);
        if (code.isPresent()) {
            if (isBesideName(word)) {
                parts.findings.add(Finding.of(
                        LineFindings.CODE_OR_NAME,
                        Field.TALK_TONE,
                        Map.of("found", sentence.typed(word), "tone", code.get().toString())));
            }
            tones.addCode(word, Role.TONE);
            return true;
        }
        Optional<Set<DirectoryFlag>> letters = DirectoryLetters.of(word.text);
        letters.ifPresent(parts.flags::addAll);
        return letters.isPresent();
    }
}
