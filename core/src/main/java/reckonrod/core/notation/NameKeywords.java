package reckonrod.core.notation;

import java.util.EnumSet;
import java.util.Set;
import reckonrod.core.tone.ToneTable;

/**
 * Takes its meaning from a keyword that is only the first word of a name: {@code Both Wells}, {@code Tone Valley}. Both words are
 * capitalised, and the keyword has no figure next to it. In capitals throughout, a keyword keeps its meaning.
 */
final class NameKeywords {
    /** Keywords that need a figure to mean anything. */
    private static final Set<Role> NEED_FIGURE = EnumSet.of(
            Role.TONE,
            Role.TALK_TONE,
            Role.LISTEN_TONE,
            Role.BOTH_TONES,
            Role.CODE,
            Role.BURST,
            Role.INPUT,
            Role.OUTPUT,
            Role.DOWNLINK,
            Role.UPLINK);
    /** Keywords that mean something by themselves, and hardly in front of the frequency. */
    private static final Set<Role> BEHIND_FREQUENCY =
            EnumSet.of(Role.HIGH, Role.MIDDLE, Role.LOW, Role.WIDE, Role.NARROW, Role.UP, Role.DOWN);
    /** Words that announce a name when a colon follows. */
    private static final Set<String> LABELS = Set.of(
            "location",
            "site",
            "place",
            "name",
            "town",
            "city",
            "qth",
            "ort",
            "standort",
            "lieu",
            "ville",
            "lugar",
            "ciudad",
            "luogo",
            "plaats",
            "callsign",
            "call");

    private static final int LEAST_LETTERS = 3;

    private NameKeywords() {}

    static void release(Sentence sentence) {
        boolean figures = false;
        for (int i = 0; i < sentence.items.size(); i++) {
            Item item = sentence.items.get(i);
            figures |= item.isFigure();
            Item next = sentence.at(i + 1);
            if (next == null || !item.isWord()) {
                continue;
            }
            if (LABELS.contains(item.text) && next.isMark(':')) {
                item.used = true;
                next.used = true;
            } else if (item.entry != null
                    && (NEED_FIGURE.contains(item.entry.role())
                            || !figures && BEHIND_FREQUENCY.contains(item.entry.role()))
                    && isWrittenLikeName(sentence, item, next)
                    && !isTone(sentence.at(i + 2))) {
                item.entry = null;
            }
        }
    }

    private static boolean isWrittenLikeName(Sentence sentence, Item keyword, Item next) {
        return next.isWord()
                && next.entry == null
                && next.gap == Item.Gap.BLANK
                && keyword.text.length() >= LEAST_LETTERS
                && next.text.length() >= LEAST_LETTERS
                && sentence.isCapitalised(keyword)
                && sentence.isCapitalised(next)
                && ToneTable.ofTwoCharacterCode(next.text).isEmpty()
                && Vocabulary.shipped().nearlyKnown(next.text).isEmpty();
    }

    private static boolean isTone(Item item) {
        return item instanceof Figure figure && (figure.tone != null || figure.toneLike);
    }
}
