package reckonrod.core.bandplan;

import reckonrod.core.frequency.FrequencyRange;

/**
 * A stretch of a band with one common use.
 *
 * @param range the stretch
 * @param use what it is used for
 */
public record Segment(FrequencyRange range, SegmentUse use) {}
