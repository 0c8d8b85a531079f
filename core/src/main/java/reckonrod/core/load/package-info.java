/** Loads a radio, whatever its family: the one place that knows them all. */
package reckonrod.core.load;
