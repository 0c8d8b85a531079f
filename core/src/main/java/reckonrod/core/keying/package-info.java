/**
 * Radios keyed by hand. A panel is a machine of states: a key or a pause in one state gives the next, and each state has its display.
 * It works on the memory bytes of the radio, through the same codec as the link. The way to a wanted content is searched in those
 * states.
 */
package reckonrod.core.keying;
