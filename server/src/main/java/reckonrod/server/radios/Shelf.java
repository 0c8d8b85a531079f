package reckonrod.server.radios;

import java.time.Instant;
import java.util.Optional;

/**
 * What the person knows of a radio besides its model.
 *
 * @param label the colour of its label; empty for none
 * @param lent who has it now, if anybody else has
 * @param retired when it was laid aside for good, if it was
 * @param version how often it was changed
 */
public record Shelf(
        String label,
        String serial,
        String firmware,
        String antenna,
        String note,
        Optional<Lent> lent,
        Optional<Instant> retired,
        long version) {
    /**
     * A radio that is out.
     *
     * @param to who has it
     * @param at since when
     * @param note what was said with it
     */
    public record Lent(String to, Instant at, String note) {}
}
