/**
 * The invented air: repeaters as they really are, which may be otherwise than their entries say, people who talk on them at times,
 * and silences with a known cause, to try diagnoses on. Everything follows from a seed and the time that is handed in.
 */
package reckonrod.sim.air;
