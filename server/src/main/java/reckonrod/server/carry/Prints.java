package reckonrod.server.carry;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.server.problem.ProblemException;

/** The cards that were set last. They are made again at any time, so they are kept in memory only, and the oldest make room. */
@Component
class Prints {
    private static final long MOST_BYTES = 64_000_000;

    private final Map<UUID, Print> kept = new LinkedHashMap<>();
    private long bytes;

    synchronized Print keep(Print print) {
        kept.put(print.id(), print);
        bytes += print.pdf().length;
        Iterator<Print> eldest = kept.values().iterator();
        while (bytes > MOST_BYTES && kept.size() > 1) {
            bytes -= eldest.next().pdf().length;
            eldest.remove();
        }
        return print;
    }

    synchronized Print get(UUID id) {
        Print print = kept.get(id);
        if (print == null) {
            throw ProblemException.notFound("These cards are no longer kept; set them again.");
        }
        return print;
    }
}
