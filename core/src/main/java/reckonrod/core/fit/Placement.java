package reckonrod.core.fit;

import java.util.List;
import java.util.Optional;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.RadioSlot;

/**
 * What becomes of one entry in one radio.
 *
 * @param slot the slot in the list and in the radio
 * @param entry the entry
 * @param mark the gravest of the reasons, or exact
 * @param reasons why it is not exact
 * @param content what goes into the slot; absent when left out
 */
public record Placement(int slot, ListEntry entry, FitMark mark, List<FitReason> reasons, Optional<RadioSlot> content) {
    public Placement {
        reasons = List.copyOf(reasons);
    }
}
