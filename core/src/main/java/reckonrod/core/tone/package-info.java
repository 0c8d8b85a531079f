/**
 * Sub-audible tones and codes, one for each side of a channel.
 *
 * <p>CTCSS tones are continuous sine tones below the voice band (TIA-603); DCS codes are 134.4 bit/s words of the Golay
 * (23,12) code. The tone a radio sends while it talks is the <em>talk tone</em>; the one that must be heard before its
 * speaker opens is the <em>listen tone</em>. A tone that is in no table is never rounded: its neighbours are offered.
 */
package reckonrod.core.tone;
