/**
 * Judgements of many things at once.
 *
 * <p>One channel is judged by the rules of {@link reckonrod.core.check}, one line as it is read. Here a whole list is judged, by
 * the rules, by its lines as they were typed and by what each radio makes of it, and counted in one place, so that a count and
 * what it counts never differ; and a whole text of lines is reviewed before any of it goes in.
 */
package reckonrod.core.judge;
