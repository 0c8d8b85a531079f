package reckonrod.server.directory;

import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.tone.Tone;

/**
 * Which entries are wanted; what is absent or empty does not matter.
 *
 * @param outputs where the output must lie
 * @param modes one of these
 * @param states one of these
 * @param flags all of these
 * @param talkTone the tone that opens it
 * @param text words that must stand in it somewhere
 */
public record EntryFilter(
        Optional<FrequencyRange> outputs,
        Set<Mode> modes,
        Set<State> states,
        Set<DirectoryFlag> flags,
        Optional<Tone> talkTone,
        String text) {
    /** Everything. */
    public static final EntryFilter ALL =
            new EntryFilter(Optional.empty(), Set.of(), Set.of(), Set.of(), Optional.empty(), "");
}
