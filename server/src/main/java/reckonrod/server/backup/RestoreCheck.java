package reckonrod.server.backup;

/**
 * Reads what a room stores, in the way its screens do. Before an archive replaces anything, every room reads the archive's own tables
 * through this, so that nothing is put in place that a screen could not show.
 */
public interface RestoreCheck {
    /**
     * Reads everything that is stored.
     *
     * @throws RuntimeException if something cannot be read; its message names what
     */
    void readAll();

    /** Forgets what is cached, for the tables were those of an archive, or are others now. */
    default void clearCache() {}
}
