package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;

/**
 * Reads the parts of one line: tokens, then words with their meaning, then what each figure is, then the channel's parts. A
 * new word is a line of {@code vocabulary.yaml}; a new kind of word is a case in one of the readings called here.
 */
final class LineReader {
    static final int MOST_CHARACTERS = 200;

    private LineReader() {}

    static LineParts read(String line, BandPlan plan) {
        Sentence sentence = Sentence.of(line, plan);
        LineParts parts = new LineParts();
        NameKeywords.release(sentence);
        ToneSides tones = new ToneSides(sentence, parts);
        new AsideReading(sentence, parts).read();
        new ToneWords(sentence, tones).bind();
        List<SideWords.Bound> bounds = new SideWords(sentence, parts, tones).bind();
        new ShiftWords(sentence, parts, tones).read();
        new ChannelNameReading(sentence, parts).read();
        new FrequencyChoice(sentence, parts).choose(bounds);
        new BareTones(sentence, parts, tones).take();
        new NameReading(sentence, parts).read();
        new PlainWords(sentence, parts, tones).take();
        tones.settle();
        NameThatHoldsTone.tell(parts);
        if (!parts.digitalWords.isEmpty()) {
            parts.findings.add(LineFindings.digital(String.join(", ", parts.digitalWords)));
        }
        tellLeftovers(sentence, parts);
        return parts;
    }

    private static void tellLeftovers(Sentence sentence, LineParts parts) {
        List<String> words = new ArrayList<>();
        int end = -1;
        for (Item item : sentence.items) {
            boolean silent = item.isMark(':') || item.isMark('/') || item.isMark('=');
            if (!item.used && !silent) {
                // What stands together is told together.
                if (item.from == end && item.gap == Item.Gap.NONE) {
                    words.set(words.size() - 1, words.get(words.size() - 1) + sentence.typed(item));
                } else {
                    words.add(sentence.typed(item));
                }
                end = item.to;
            }
        }
        if (!words.isEmpty()) {
            parts.findings.add(Finding.of(
                    LineFindings.LEFTOVER,
                    Field.LINE,
                    Map.of("words", words.stream().collect(Collectors.joining("\", \"", "\"", "\"")))));
        }
    }
}
