/**
 * Radio definitions: what a model can hold, how its memory is laid out, and how it is loaded.
 *
 * <p>A definition is one data file. Its <em>limits</em> say what fits; its <em>memory layout</em> declares fields to the
 * bit; its <em>link</em> names the transfer protocol. Layout faults (overlap, overrun, a range that does not fit) are found
 * when the file is loaded. A byte that no field owns belongs to the radio and is never changed.
 */
package reckonrod.core.radio;
