/** Lists as files that other programs and people read, and back. */
package reckonrod.core.exchange;
