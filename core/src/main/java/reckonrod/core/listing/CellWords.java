package reckonrod.core.listing;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.EmissionDesignator;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;

/** The words that stand in the cells of listings, read from {@code cells.yaml}. */
final class CellWords {
    /** Which way a shift goes. */
    enum Way {
        UP,
        DOWN,
        SAME,
        /** To a frequency of its own. */
        OWN,
        UNSAID
    }

    /** Which of a row's tones are in use. */
    enum ToneMode {
        UNSAID,
        NONE,
        TALK,
        BOTH,
        /** A CTCSS tone, on the sides that have one. */
        TONE,
        /** A DCS code, on the sides that have one. */
        CODE
    }

    /** The polarity of a row's DCS codes. */
    enum Polarity {
        UNSAID,
        NORMAL,
        INVERTED
    }

    private record Known(
            Map<String, Way> ways,
            Map<String, State> states,
            Map<String, DirectoryFlag> flags,
            Map<String, Mode> modes,
            Map<String, ToneMode> toneModes,
            Map<String, Polarity> polarities) {}

    private static final Known KNOWN =
            DataFile.readResource(CellWords.class, "/reckonrod/core/listing/cells.yaml", CellWords::known);
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[-_ ]+");

    private CellWords() {}

    private static Known known(Section section) {
        return new Known(
                WordLists.read(section, "ways", "way", Way.class, Way.UNSAID),
                WordLists.read(section, "states", "state", State.class, State.UNKNOWN),
                WordLists.read(section, "flags", "flag", DirectoryFlag.class, DirectoryFlag.OPEN),
                WordLists.read(section, "modes", "mode", Mode.class, Mode.DIGITAL),
                WordLists.read(section, "tone_modes", "tone_mode", ToneMode.class, ToneMode.UNSAID),
                WordLists.read(section, "polarities", "polarity", Polarity.class, Polarity.UNSAID));
    }

    static Optional<Way> way(String cell) {
        return Optional.ofNullable(KNOWN.ways.get(
                cell.strip().toLowerCase(Locale.ROOT).replace('\u2212', '-').replace('\u2013', '-')));
    }

    static Optional<State> state(String cell) {
        return Optional.ofNullable(KNOWN.states.get(spaced(cell)));
    }

    static Optional<DirectoryFlag> flag(String word) {
        return Optional.ofNullable(KNOWN.flags.get(spaced(word)));
    }

    static Optional<Mode> mode(String word) {
        return Optional.ofNullable(KNOWN.modes.get(spaced(word)))
                .or(() -> EmissionDesignator.of(word).flatMap(CellWords::mode));
    }

    static Optional<ToneMode> toneMode(String words) {
        return Optional.ofNullable(KNOWN.toneModes.get(spaced(words)));
    }

    static Optional<Polarity> polarity(String words) {
        return Optional.ofNullable(KNOWN.polarities.get(spaced(words)));
    }

    private static Optional<Mode> mode(EmissionDesignator designator) {
        return Optional.ofNullable(
                switch (designator) {
                    case WIDE_FM -> Mode.FM;
                    case NARROW_FM -> Mode.NFM;
                    case AM -> Mode.AM;
                    case DIGITAL -> Mode.DIGITAL;
                    case OTHER -> null;
                });
    }

    private static String spaced(String words) {
        return BETWEEN_WORDS
                .matcher(words.strip().toLowerCase(Locale.ROOT))
                .replaceAll(" ")
                .strip();
    }
}
