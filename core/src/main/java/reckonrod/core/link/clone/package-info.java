/**
 * The streamed-clone protocol: the person starts the transfer on the radio. A check is the low sixteen bits of 0x5AA5 plus all
 * bytes before it; the sum of the whole memory is the CRC-32 of IEEE 802.3.
 *
 * <pre>
 *   radio sends      H length ident… check      B number number data… check   …   Z four bytes check
 *   radio takes      G length ident… four bytes check
 *     host           B number number data… check      →  A number number check      …
 *     host           Z four bytes check               →  Q four bytes check
 * </pre>
 */
package reckonrod.core.link.clone;
