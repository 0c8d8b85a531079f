package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.radio.RadioSlot;

/** The ways to change what a slot holds, and the shortest of them. */
final class ChangeSheets {
    private final KeySheets sheets;
    private final PanelMachine machine;

    ChangeSheets(KeySheets sheets) {
        this.sheets = sheets;
        this.machine = sheets.machine();
    }

    /**
     * Changes what a slot holds into a content by the fewest keys: in place where only its name, its banks or the scan are others, from
     * the dial after it was copied there, or stored anew.
     */
    KeySheet change(PanelState from, int slot, RadioSlot content) {
        KeySheet anew = sheets.store(from, slot, content);
        Optional<RadioSlot> there = sheets.heldThen(from, slot, content);
        if (there.isEmpty()) {
            return anew;
        }
        RadioSlot wanted = there.get();
        Optional<RadioSlot> held = machine.content(from, slot);
        if (!sheets.differs(from, slot, content)) {
            return new KeySheet(List.of(), List.of("Slot " + slot + " holds that already."), from);
        }
        List<KeySheet> ways = new ArrayList<>(List.of(anew));
        if (held.isPresent()) {
            ways.add(inPlace(from, slot, held.get(), wanted));
            machine.at(PanelPart.RECALL).ifPresent(item -> {
                KeySheet copied =
                        sheets.sheet(from, Goal.inSlot(slot, item, PanelState.NONE, Optional.empty()), List.of());
                if (!copied.lines().isEmpty()) {
                    KeySheet stored = sheets.store(copied.after(), slot, content);
                    ways.add(stored.lines().isEmpty() ? stored : copied.then(stored));
                }
            });
        }
        return ways.stream()
                .filter(each -> !each.lines().isEmpty())
                .filter(each -> machine.content(each.after(), slot)
                        .filter(wanted::equals)
                        .isPresent())
                .min(Comparator.comparingInt(KeySheet::presses))
                .orElse(anew);
    }

    private KeySheet inPlace(PanelState from, int slot, RadioSlot held, RadioSlot wanted) {
        KeySheet sheet = new KeySheet(List.of(), List.of(), from);
        if (!wanted.name().equals(held.name())) {
            sheet = sheet.then(sheets.rename(sheet.after(), slot, wanted.name()));
        }
        if (wanted.scan() != held.scan()) {
            sheet = sheet.then(valued(sheet.after(), slot, PanelPart.SCAN, wanted.scan() ? "yes" : "no"));
        }
        if (!sheets.joins() && !wanted.banks().equals(held.banks())) {
            sheet = sheet.then(valued(
                    sheet.after(),
                    slot,
                    PanelPart.BANK,
                    wanted.banks().stream().findFirst().map(String::valueOf).orElse("none")));
        }
        if (sheets.joins()) {
            for (int bank = 1; bank <= machine.radio().limits().banks(); bank++) {
                if (wanted.banks().contains(bank) != held.banks().contains(bank)) {
                    sheet = sheet.then(sheets.bank(
                            sheet.after(), slot, bank, wanted.banks().contains(bank)));
                }
            }
        }
        return sheet;
    }

    private KeySheet valued(PanelState from, int slot, PanelPart part, String value) {
        return machine.at(part)
                .filter(at -> machine.item(at).values().contains(value))
                .map(at -> sheets.sheet(
                        from,
                        Goal.inSlot(slot, at, machine.item(at).values().indexOf(value), Optional.empty()),
                        List.of()))
                .orElseGet(() -> sheets.without(from, part));
    }
}
