/**
 * What every family of links has in common: a line of bytes or a card, conversations as pure values and the one place that
 * carries them, a loader, who follows it, how it can fail and what it looks like then. Each family is a package of its own.
 */
package reckonrod.core.link;
