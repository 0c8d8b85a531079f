package reckonrod.core.drill;

/**
 * A trap that was fallen into.
 *
 * @param at by which press, from 0
 * @param trap the trap
 * @param says what happened, in a sentence
 */
public record Slip(int at, Trap trap, String says) {}
