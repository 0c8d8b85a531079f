/**
 * The one room that knows the stand-ins: simulated radios and cables, the invented isles with their ground and directory, the demo data.
 * The other rooms say what they need of the outside (cables, a directory service, surroundings) and get it from here.
 */
package reckonrod.server.bench;
