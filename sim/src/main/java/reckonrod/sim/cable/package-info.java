/** Cables to simulated radios, as slow as the line is and with the trouble they were given. */
package reckonrod.sim.cable;
