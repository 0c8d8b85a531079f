package reckonrod.core.fit;

import java.util.ArrayList;
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

    /** What it is called there: as the radio shows it, or by its channel where that shows no name. */
    public String called() {
        return content.map(RadioSlot::name)
                .filter(name -> !name.isBlank())
                .orElse(entry.channel().label());
    }

    /** The same of an entry that is the same but for what it is to the person, which no fit asks for. */
    public Placement of(ListEntry next) {
        return new Placement(slot, place, next, mark, reasons, content);
    }

    /** The same with this in its slot. */
    Placement holding(RadioSlot next) {
        return next.equals(content.orElse(null))
                ? this
                : new Placement(slot, place, entry, mark, reasons, Optional.of(next));
    }

    /** The same with one reason more why it is not exact. */
    Placement adapted(FitReason reason) {
        List<FitReason> next = new ArrayList<>(reasons);
        next.add(reason);
        return new Placement(
                slot, place, entry, mark.compareTo(reason.mark()) > 0 ? mark : reason.mark(), next, content);
    }
}
