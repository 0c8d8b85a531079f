/** Directory entries become channels of a list, and keep an eye on what becomes of the entry. */
package reckonrod.core.take;
