/**
 * What a radio can hold and what goes into one: its model, its limits, and the contents of its slots. Nothing here knows of
 * bytes, cables or files.
 */
package reckonrod.core.radio;
