/** What a person sees and presses on a radio: its display, line by line, its own words, its keys. */
package reckonrod.core.panel;
