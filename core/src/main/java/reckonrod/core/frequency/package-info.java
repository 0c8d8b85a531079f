/**
 * Frequencies and the distances between them, exact to the hertz.
 *
 * <p>A <em>frequency</em> is a whole number of hertz on the air. A <em>shift</em> is the signed distance from the
 * frequency a radio listens on to the one it talks on. A <em>raster</em> is a spacing of channels; the 8.33 kHz raster
 * is exactly a third of 25 kHz (ICAO Annex 10, Volume V). No floating point takes part in any of them.
 */
package reckonrod.core.frequency;
