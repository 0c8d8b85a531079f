/**
 * The channel: what is listened to, what is talked on, and the tones of both sides, independent of any radio.
 *
 * <p>The canonical pair is a receive and a transmit frequency (or none). <em>Simplex</em> talks where it listens; a
 * <em>split</em> is a pair that no shift rule explains, such as one across two bands.
 */
package reckonrod.core.channel;
