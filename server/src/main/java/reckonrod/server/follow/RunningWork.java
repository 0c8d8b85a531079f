package reckonrod.server.follow;

import java.util.List;
import java.util.UUID;

/**
 * Work that goes on beside the requests, whatever it is.
 *
 * @param of the radio or the import that it is done with
 * @param name what that is called
 * @param phase what is being done, in words
 * @param done how much of it
 * @param total of how much; 0 while nobody knows
 */
public record RunningWork(UUID id, Kind kind, String of, String name, String phase, long done, long total) {
    /** What sort of work. */
    public enum Kind {
        /** Between a radio and this program; counted in bytes. */
        transfer,
        /** A listing is read; counted in rows. */
        reading
    }

    /** Whoever has work that runs. */
    public interface Source {
        /** What runs now, whoever started it, the oldest first. */
        List<RunningWork> running();
    }
}
