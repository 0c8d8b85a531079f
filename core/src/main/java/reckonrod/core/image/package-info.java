/**
 * Memory images: the bytes of a radio, read and written by the layout of its definition alone.
 *
 * <p>Decoding never fails: a slot whose bytes mean nothing is told as unreadable. Encoding checks everything first, then
 * changes only the bits that a field owns; all other bits stay as they were read from the radio.
 */
package reckonrod.core.image;
