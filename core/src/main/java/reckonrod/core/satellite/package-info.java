/**
 * Memory channels for a pass of an FM satellite.
 *
 * <p>A satellite that comes nearer is heard higher than it sends and must be called lower than it listens. The greatest
 * shift is at the horizon: Δf = f · v · R / (R + h) / c, with v = √(GM / (R + h)) for a circular orbit of height h, and
 * the turning of the earth left out. The set steps through the shift from the rise of the satellite to its setting.
 */
package reckonrod.core.satellite;
