/**
 * Radio definitions: one data file tells what a model can hold, how its memory is laid out, how it is loaded and how it is keyed
 * in. A new radio is a new file in the folder, and nothing else.
 */
package reckonrod.core.definition;
