/**
 * Entries of repeater directories: what somebody has published about a repeater, and how far it can be trusted.
 *
 * <p>An <em>entry</em> has a <em>site</em> (where), a <em>signal</em> (on what) and a <em>standing</em> (whether, for whom, and
 * who says so). Frequencies are exact hertz; heights metres; power watts; dates are days of the calendar without a time zone.
 * What an entry does not say is absent and never guessed here.
 */
package reckonrod.core.directory;
