/**
 * A memory card with a folder of two files: the memory as it is, and a text that says of which radio it is, who wrote it and
 * when, how many bytes it has and their CRC-32 (IEEE 802.3). The radio takes in only what agrees with its text.
 */
package reckonrod.core.link.card;
