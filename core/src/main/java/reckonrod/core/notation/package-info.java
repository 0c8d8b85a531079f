/**
 * The Reckon line: one line of directory notation in, one worked answer out.
 *
 * <p>A line such as {@code SKARRA 145.310- 71.9} is first <em>read</em> into its parts, then <em>worked</em> by a band plan
 * into a channel. The answer carries its working: each step says what was taken or derived, how, and from which source.
 * What cannot be understood is named in a finding and never dropped.
 */
package reckonrod.core.notation;
