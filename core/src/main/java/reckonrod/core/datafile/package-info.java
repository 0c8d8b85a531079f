/**
 * Strict reading of the product's own data files (YAML 1.1).
 *
 * <p>A data file is knowledge: a band plan, a radio. It is read by asking for the keys it must have; whatever is missing,
 * unknown, doubled, or of the wrong kind is a <em>fault</em> with file and line. All faults of a file are collected and
 * thrown together, so that a person mends a file in one go.
 */
package reckonrod.core.datafile;
