package reckonrod.core.fit;

import reckonrod.core.finding.Field;

/**
 * Why a channel is not exact in a radio.
 *
 * @param mark what this reason makes of the channel
 * @param field the part it speaks of
 * @param why what the radio lacks, in one sentence
 * @param before what the list says
 * @param after what the radio gets; empty when the channel is left out
 * @param avoid what would avoid it
 */
public record FitReason(FitMark mark, Field field, String why, String before, String after, String avoid) {}
