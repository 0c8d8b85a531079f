package reckonrod.core.drill;

import reckonrod.core.image.MemoryImage;
import reckonrod.core.radio.RadioSlot;

/**
 * Something to be keyed in.
 *
 * @param memory what the practice radio holds when it begins
 * @param slot the slot of the radio
 * @param wanted what it shall hold in the end
 */
public record Drill(MemoryImage memory, int slot, RadioSlot wanted) {}
