/**
 * The channel list: slots, the channels in them, and the blocks they are arranged in.
 *
 * <p>A list is a value; every change gives a new list or a refusal with its reason. A pinned entry keeps its slot: nothing
 * moves it but unpinning. No change overwrites an entry.
 */
package reckonrod.core.list;
