/**
 * The polled-block protocol: the host sends a request and the radio answers it. A frame is a letter, its content, and a
 * check byte: the low eight bits of 0x5A plus all bytes before it. The sum of the whole memory is the CRC-32 of IEEE 802.3.
 *
 * <pre>
 *   enquire   E sum                      →  I length ident… sum
 *   read      R high low sum             →  D high low data… sum
 *   write     W high low data… sum       →  A high low sum   (or N high low sum: refused)
 *   sum       S sum                      →  T four bytes sum
 *   changed   C sum                      →  M a bit a block… sum     (only radios that tell)
 *   remember  K sum                      →  A 0 0 sum                (only radios that tell)
 *   leave     X sum                      →  A 0 0 sum
 * </pre>
 */
package reckonrod.core.link.polled;
