package reckonrod.core.finding;

/**
 * A way to mend what was found.
 *
 * @param label what it does, as a button says it
 * @param edit the edit
 */
public record Fix(String label, Edit edit) {}
