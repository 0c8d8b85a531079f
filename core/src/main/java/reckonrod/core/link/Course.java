package reckonrod.core.link;

import java.util.Optional;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.core.link.TransferWatch.Stop;

/** How far a transfer is, told to its watch; and where it stops if the watch says so. */
public final class Course {
    private final TransferWatch watch;
    private int done;
    private int total;

    /** Nothing done yet. */
    public Course(TransferWatch watch) {
        this.watch = watch;
    }

    /** So many bytes of memory more are to be done. */
    public void adds(int bytes) {
        total += bytes;
    }

    /** What is being done now. */
    public void in(Phase phase) {
        watch.progress(phase, done, total);
    }

    /** So many bytes of memory are done. */
    public void advance(Phase phase, int bytes) {
        done = Math.min(done + bytes, total);
        watch.progress(phase, done, total);
    }

    /**
     * Goes on only if it may.
     *
     * @throws LinkException if the watch says stop
     */
    public void stopIfTold() throws LinkException {
        endFor(watch.stop());
    }

    /**
     * The first byte is about to be written.
     *
     * @throws LinkException if the watch says stop; nothing was written then
     */
    public void writingBegins() throws LinkException {
        endFor(watch.writingBegins());
    }

    private static void endFor(Optional<Stop> stop) throws LinkException {
        if (stop.isPresent()) {
            throw new LinkException(stop.get());
        }
    }
}
