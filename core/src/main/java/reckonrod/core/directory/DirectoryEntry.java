package reckonrod.core.directory;

import java.time.LocalDate;
import java.util.Set;

/**
 * What a directory says of one repeater.
 *
 * @param id the same for as long as its source means the same repeater: the source's name, a colon, and its own key
 * @param callSign its call sign; may be empty
 * @param site where it stands
 * @param signal on what it works
 * @param standing whether it works, for whom, and who says so
 */
public record DirectoryEntry(String id, String callSign, Site site, Signal signal, Standing standing) {
    public DirectoryEntry {
        callSign = callSign.strip();
        if (id.isBlank() || id.length() > 120) {
            throw new IllegalArgumentException("Key must be 1 to 120 characters, was " + id.length());
        }
        Texts.require("Call sign", callSign, 20);
    }

    /** The name of the source it comes from; empty if its key names none. */
    public String source() {
        return id.substring(0, Math.max(0, id.indexOf(':')));
    }

    /** What its source calls it, without the source's own name. */
    public String key() {
        return id.substring(id.indexOf(':') + 1);
    }

    /** What people call it: its site, else its call sign, else its output. */
    public String label() {
        return !site.name().isEmpty()
                ? site.name()
                : !callSign.isEmpty() ? callSign : signal.output().toMegahertzText();
    }

    /** The same repeater, answered on that day by the person's own radio. */
    public DirectoryEntry answeredOn(LocalDate day) {
        return new DirectoryEntry(id, callSign, site, signal, standing.answeredOn(day));
    }

    /** The same repeater, after the person's own radio got no answer on some days. */
    public DirectoryEntry triedInVain(Set<LocalDate> days) {
        return new DirectoryEntry(id, callSign, site, signal, standing.triedInVain(days));
    }

    /** The same repeater, in another state. */
    public DirectoryEntry in(State state) {
        return new DirectoryEntry(id, callSign, site, signal, standing.in(state));
    }
}
