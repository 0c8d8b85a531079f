/** An invented world: islands, their ground, their repeaters, many more all over the earth, and a service that lists them. */
package reckonrod.sim.world;
