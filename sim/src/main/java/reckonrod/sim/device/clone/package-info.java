/** Radios that are loaded by streamed clone. */
package reckonrod.sim.device.clone;
