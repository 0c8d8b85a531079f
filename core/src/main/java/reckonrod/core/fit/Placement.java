package reckonrod.core.fit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.RadioSlot;

/**
 * What becomes of one entry in one radio.
 *
 * @param slot the slot in the list
 * @param place the slot in the radio; absent when left out
 * @param entry the entry
 * @param mark the gravest of the reasons, or exact
 * @param reasons why it is not exact
 * @param content what goes into the slot; absent when left out
 */
public record Placement(
        int slot,
        OptionalInt place,
        ListEntry entry,
        FitMark mark,
        List<FitReason> reasons,
        Optional<RadioSlot> content) {
    public Placement {
        reasons = List.copyOf(reasons);
    }
}
