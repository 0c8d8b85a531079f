/** Radios that are loaded by variable records. */
package reckonrod.sim.device.records;
