/** Radios that are loaded by a memory card. */
package reckonrod.sim.device.card;
