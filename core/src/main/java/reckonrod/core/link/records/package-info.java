/**
 * The variable-record protocol: records as long as they need to be, and one sum of the whole. A record is the length of its
 * content, its kind, the content, and a check byte: the low eight bits of 0xA5 plus all bytes before it. Sums are the CRC-32
 * of IEEE 802.3.
 *
 * <pre>
 *   who      ?                            →  ! ident…
 *   dump     D place place count count    →  b place place bytes…  |  f place place count count byte   …   e four bytes
 *   begin    G                            →  k
 *   give     b …  |  f …                  →  k place place
 *   keep     K four bytes                 →  o four bytes    (or n: the sum of the whole would be another, nothing is kept)
 *   sum      S                            →  s four bytes
 *   leave    X                            →  k
 * </pre>
 *
 * <p>What is given is gathered beside the memory, and forgotten when the radio is switched off, begun again or left.
 */
package reckonrod.core.link.records;
