package reckonrod.core.notation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.ToneTable;

/** Takes the figures that are left for tones, where they look like one and the channel can have one. */
final class BareTones {
    private static final Set<String> COMPASS = Set.of("n", "s", "e", "w");

    private final Sentence sentence;
    private final LineParts parts;
    private final ToneSides tones;

    BareTones(Sentence sentence, LineParts parts, ToneSides tones) {
        this.sentence = sentence;
        this.parts = parts;
        this.tones = tones;
    }

    void take() {
        for (int i = 0; i < sentence.items.size(); i++) {
            if (sentence.items.get(i) instanceof Figure figure && figure.isFree() && figure.unit == null) {
                takeCode(figure);
            }
            if (sentence.items.get(i) instanceof Figure figure && figure.isFree() && figure.toneLike) {
                take(figure, i);
            }
        }
    }

    /** Three digits that begin with a zero are no tone in hertz, and so a code. */
    private void takeCode(Figure figure) {
        boolean code = figure.text.length() == 3
                && figure.text.charAt(0) == '0'
                && figure.isWhole()
                && figure.text.chars().noneMatch(digit -> digit > '7')
                && ToneTable.EXTENDED.contains(DcsCode.parse(figure.text + "N"));
        if (code && !isListenOnlyService()) {
            parts.findings.add(Finding.of(
                    LineFindings.WORD_TAKEN,
                    Field.TALK_TONE,
                    Map.of("word", figure.text, "meaning", "the DCS code " + figure.text + " N")));
            tones.add(figure, Role.CODE, true, false);
        }
    }

    private void take(Figure figure, int index) {
        boolean whole = figure.isWhole() && figure.unit == null;
        if (whole && figure.tone == null && figure.shortenedTone() == null) {
            return;
        }
        if (figure.unit != null && figure.unit != Role.HERTZ) {
            return;
        }
        if (isListenOnlyService()) {
            figure.takeFor(Figure.Use.TOLD);
            parts.findings.add(
                    Finding.of(LineFindings.TONE_ON_SERVICE, Field.TALK_TONE, Map.of("found", sentence.typed(figure))));
            return;
        }
        if (whole && index == 0 && sentence.items.size() > 1) {
            parts.findings.add(new Finding(
                    LineFindings.ROW_OR_TONE,
                    Field.TALK_TONE,
                    Map.of("found", figure.text),
                    List.of(LineEdit.replace("Write T" + figure.text, sentence.line, figure, "T" + figure.text))));
        } else if (whole && isBehindNameWord(index)) {
            parts.findings.add(new Finding(
                    LineFindings.TONE_OR_NAME,
                    Field.TALK_TONE,
                    Map.of("found", figure.text),
                    List.of(LineEdit.replace("Write T" + figure.text, sentence.line, figure, "T" + figure.text))));
        }
        tellNeighbours(figure, index);
        tones.add(figure, Role.TONE, false, false);
    }

    /** What stands right before a figure may make it something else than a tone. */
    private void tellNeighbours(Figure figure, int index) {
        Item before = sentence.at(index - 1);
        if (before == null) {
            return;
        }
        if (before.isWord() && figure.isCloseBehind() && COMPASS.contains(before.text) && !figure.isWhole()) {
            parts.findings.add(
                    Finding.of(LineFindings.TONE_OR_COORDINATE, Field.TALK_TONE, Map.of("found", figure.text)));
        } else if (before.isMark('/') && !(sentence.at(index - 2) instanceof Figure tone && tone.tone != null)) {
            boolean nothingBefore = sentence.at(index - 2) == null || sentence.at(index - 2).kind == Item.Kind.SIGN;
            boolean inAddress = sentence.at(index - 2) != null
                    && sentence.at(index - 2).isWord()
                    && sentence.at(index - 2).entry == null;
            if (nothingBefore || inAddress) {
                parts.findings.add(
                        Finding.of(LineFindings.TONE_BEHIND_SLASH, Field.TALK_TONE, Map.of("found", figure.text)));
            }
        } else if (mayMeasure(before) && figure.isCloseBehind() && isBehindFrequency(index - 1)) {
            String digits = sentence.typed(figure.from, figure.digitsTo);
            parts.findings.add(new Finding(
                    LineFindings.WORD_BEFORE_TONE,
                    Field.TALK_TONE,
                    Map.of("found", digits, "word", sentence.typed(before)),
                    List.of(LineEdit.replace("Write T" + digits, sentence.line, figure, "T" + digits))));
        } else if (before instanceof Figure other
                && other.use == Figure.Use.ASIDE
                && other.unit == null
                && figure.isWhole()) {
            parts.findings.add(Finding.of(LineFindings.TONE_OR_NAME, Field.TALK_TONE, Map.of("found", figure.text)));
        }
    }

    /** An unknown word that is not written like a name, or that is a unit elsewhere. */
    private boolean mayMeasure(Item item) {
        boolean unit = Vocabulary.shipped().units().step(item.text) != null;
        return item.isWord()
                && item.entry == null
                && !item.used
                && item.text.length() > 2
                && (unit || sentence.typed(item).chars().allMatch(Character::isLowerCase));
    }

    private boolean isBehindFrequency(int index) {
        return sentence.items.subList(0, index).stream()
                .anyMatch(item -> item instanceof Figure other && other.use == Figure.Use.RECEIVE);
    }

    private boolean isListenOnlyService() {
        Optional<Frequency> listen = parts.receive;
        BandPlan plan = sentence.plan;
        return listen.isPresent()
                && plan.bandAt(listen.get()).isEmpty()
                && plan.serviceAt(listen.get()).isPresent();
    }

    // SKARRA 100 145.310-: a tone, or the name of a place with a number in it.
    private boolean isBehindNameWord(int index) {
        Item before = sentence.at(index - 1);
        Item item = sentence.at(index);
        return before != null
                && before.isWord()
                && !before.used
                && item.isCloseBehind()
                && (before.entry == null || before.entry.inNames());
    }
}
