/** The polled-block family of radios. */
package reckonrod.sim.device.polled;
