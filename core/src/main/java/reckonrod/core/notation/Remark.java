package reckonrod.core.notation;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What a few words of prose say about a channel, in any language of the vocabulary. */
public enum Remark {
    OFF_AIR("off the air"),
    /** Planned, former, temporary: not to be relied on today. */
    NOT_NOW("not in use now"),
    DIGITAL("digital"),
    OTHER_MODE("a mode other than FM"),
    WIDE("wide FM"),
    NARROW("narrow FM"),
    RECEIVE_ONLY("receive only"),
    LOW_POWER("low power"),
    /** A tone or a code with its figure. */
    TONE("a tone");

    private final String words;

    Remark(String words) {
        this.words = words;
    }

    /** The remark in a few words. */
    public String words() {
        return words;
    }

    /**
     * Finds the remarks in a text.
     *
     * @param text any prose; an empty one says nothing
     * @param everyday whether words that also stand in names count, such as <i>silent</i> or <i>low</i>
     */
    public static Set<Remark> in(String text, boolean everyday) {
        Set<Remark> remarks = EnumSet.noneOf(Remark.class);
        Vocabulary vocabulary = Vocabulary.shipped();
        List<Item> items = Lexer.lex(text, vocabulary);
        int at = 0;
        while (at < items.size()) {
            Item item = items.get(at);
            if (!item.isWord()) {
                at++;
                continue;
            }
            at = Sentence.giveMeaning(items, at, vocabulary);
            if (item.entry != null && (everyday || !item.entry.inNames())) {
                boolean figure = at < items.size() && items.get(at).isFigure();
                of(item.entry.role(), figure).ifPresent(remarks::add);
            }
        }
        return remarks;
    }

    private static Optional<Remark> of(Role role, boolean beforeFigure) {
        return Optional.ofNullable(
                switch (role) {
                    case OFF_AIR -> OFF_AIR;
                    case CAVEAT -> NOT_NOW;
                    case DIGITAL, NUMBERED_DIGITAL -> DIGITAL;
                    case OTHER_MODE -> OTHER_MODE;
                    case WIDE -> WIDE;
                    case NARROW -> NARROW;
                    case LISTEN_ONLY -> RECEIVE_ONLY;
                    case LOW -> LOW_POWER;
                    default -> role.isToneWord() && beforeFigure ? TONE : null;
                });
    }
}
