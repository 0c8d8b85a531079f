/**
 * The polled-block protocol: the host sends a request and the radio answers it. A frame is a letter, its content, and a
 * check byte: the low eight bits of 0x5A plus all bytes before it.
 *
 * <pre>
 *   enquire   E sum                      →  I length ident… sum
 *   read      R high low sum             →  D high low data… sum
 *   write     W high low data… sum       →  A high low sum   (or N high low sum: refused)
 *   leave     X sum                      →  A 0 0 sum
 * </pre>
 *
 * <p>An {@link reckonrod.x.Exchange} is the pure state of one request; it is moved by bytes and by silence. Time
 * and bytes come from a {@link reckonrod.core.link.Port} that is handed in.
 */
package reckonrod.core.link.polled;
