/** Many channels of a list changed in the same way: power, kind, tones, words in their names. Worked out here, made by {@code list}. */
package reckonrod.core.rework;
