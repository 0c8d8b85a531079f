/**
 * What happens on the air when a radio is keyed up: whether a repeater opens for what it sends, and whether it is heard with what
 * the radio listens for. Only frequencies, tones, kinds of modulation and levels count here; whether a repeater is as its entry
 * says is for whoever makes a {@link reckonrod.core.air.Repeater}.
 */
package reckonrod.core.air;
