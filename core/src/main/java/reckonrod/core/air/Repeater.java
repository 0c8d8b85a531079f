package reckonrod.core.air;

import java.util.Optional;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.reach.Reach;
import reckonrod.core.tone.Tone;

/**
 * A repeater as it stands on the air.
 *
 * @param id the key of its directory entry
 * @param name what people call it
 * @param place where and what it is; absent if nobody knows where it stands
 * @param output what it talks on
 * @param input what it listens on
 * @param opensWith the tone that opens it
 * @param sends the tone that it sends
 * @param mode what it passes on
 * @param works whether it is on the air
 * @param forMembers whether it is closed to others
 * @param hasTail whether its carrier stays for a moment after a call, so that the caller hears that it opened
 */
public record Repeater(
        String id,
        String name,
        Optional<Reach.Place> place,
        Frequency output,
        Frequency input,
        Tone opensWith,
        Tone sends,
        Mode mode,
        boolean works,
        boolean forMembers,
        boolean hasTail) {
    /**
     * A repeater that is as its entry says.
     *
     * @param input what it listens on, worked out where the entry leaves it out
     * @param place where it is, if that is known
     */
    public static Repeater of(DirectoryEntry entry, Frequency input, Optional<Reach.Place> place) {
        return new Repeater(
                entry.id(),
                entry.label(),
                place,
                entry.signal().output(),
                input,
                entry.signal().talkTone(),
                entry.signal().listenTone(),
                entry.signal().mode(),
                State.USABLE.contains(entry.standing().state()),
                entry.standing().flags().contains(DirectoryFlag.CLOSED),
                true);
    }
}
