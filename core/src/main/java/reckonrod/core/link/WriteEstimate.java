package reckonrod.core.link;

/**
 * What a write will cost, told beforehand.
 *
 * @param blocks the blocks that differ
 * @param bytes the memory bytes in them
 * @param seconds the time on the line, in seconds, rounded up; 0 when nothing differs
 */
public record WriteEstimate(int blocks, int bytes, int seconds) {}
