/** What is taken along: how channels are keyed in by hand. */
package reckonrod.server.carry;
