/**
 * Stand-ins for the outside: simulated radios that run the same definition as the core, over simulated or TCP cables.
 *
 * <p>A {@link reckonrod.sim.SimulatedRadio} has memory, a link and a face. Its face is worked out from its memory bytes
 * alone, so what it shows proves what was written.
 */
package reckonrod.sim;
