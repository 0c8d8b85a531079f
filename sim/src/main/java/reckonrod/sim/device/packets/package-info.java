/** Radios that are loaded by framed packets. */
package reckonrod.sim.device.packets;
