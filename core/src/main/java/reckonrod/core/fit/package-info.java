/**
 * Fitting a list to a radio, like source compiled for a target.
 *
 * <p>Every channel of the list gets a <em>placement</em>: exact, adapted, by hand, or left out, always with the reason. What
 * goes into the radio is the {@link reckonrod.core.radio.RadioSlot} of the placement; nothing is lost without being listed.
 */
package reckonrod.core.fit;
