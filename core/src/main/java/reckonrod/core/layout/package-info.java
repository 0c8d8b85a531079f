/**
 * How bytes lie in a radio's memory: regions, arrays of records, fields to the bit, maps with a bit for each slot, how a slot
 * tells that it is in use, and checksums.
 *
 * <p>A {@link reckonrod.core.layout.Field} joins three things that know nothing of each other: the
 * {@link reckonrod.core.layout.Part} of a slot that it holds, the {@link reckonrod.core.layout.BitPlace} where it lies, and the
 * {@link reckonrod.core.layout.Encoding} by which bits mean a value. A new encoding is one new class. Faults (overlap, overrun,
 * a range that does not fit, a part that is missing) are found when the file is loaded, with its line. A bit that no field owns
 * belongs to the radio and is never changed.
 */
package reckonrod.core.layout;
