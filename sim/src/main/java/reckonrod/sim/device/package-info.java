/** What a radio does at its end of a cable, and its memory. */
package reckonrod.sim.device;
