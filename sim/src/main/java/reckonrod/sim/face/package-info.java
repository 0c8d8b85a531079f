/** The display and keys of a simulated radio. */
package reckonrod.sim.face;
