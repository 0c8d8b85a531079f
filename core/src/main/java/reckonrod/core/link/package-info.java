/**
 * What every family of links has in common: a line of bytes, a loader over it, who follows it, how it can fail. Each family is a
 * package of its own.
 */
package reckonrod.core.link;
