/**
 * The framed-packet protocol: numbered requests and answers, each with a CRC-16 (ITU-T V.41). A request that is sent again
 * keeps its number, and the radio answers a number that it has just answered with the same bytes without doing it twice; so
 * packets may be lost, come twice or late, and the numbers may go round. The sum of the whole memory is the CRC-32 of
 * IEEE 802.3.
 *
 * <pre>
 *   packet    0xC3 kind number length content… check high, check low
 *   hello     0x01                    →  0x81 ident…
 *   get       0x02 high low           →  0x82 high low data…
 *   put       0x03 high low data…     →  0x83 high low
 *   sum       0x04                    →  0x84 four bytes
 *   bye       0x05                    →  0x85
 *   anything                          →  0x7F: the radio does not do it
 * </pre>
 */
package reckonrod.core.link.packets;
