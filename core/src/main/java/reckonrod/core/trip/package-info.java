/** The choice of repeaters that covers a way with the fewest changes. */
package reckonrod.core.trip;
