package reckonrod.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.keying.PanelMachine;
import reckonrod.core.keying.PanelState;
import reckonrod.core.panel.Overwriting;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;

/** Names the trap that a press fell into, from the states before and after it. */
final class Watcher {
    private static final double SECOND = 1_000.0;

    private final PanelMachine machine;
    private final Panel panel;
    private final Optional<Drill> drill;

    Watcher(PanelMachine machine, Optional<Drill> drill) {
        this.machine = machine;
        this.panel = machine.panel();
        this.drill = drill;
    }

    /**
     * What went wrong.
     *
     * @param before the state after the last press
     * @param paused the same after the pause
     * @param after the state after this press
     */
    List<Slip> slips(int at, PanelState before, PanelState paused, PanelState after, PanelKey key) {
        List<Slip> slips = new ArrayList<>();
        BiConsumer<Trap, String> slip = (trap, says) -> slips.add(new Slip(at, trap, says));
        late(before, paused, key, slip);
        if (paused.open()) {
            inItem(paused, after, key, slip);
        } else {
            outside(paused, after, key, slip);
        }
        return slips;
    }

    private void late(PanelState before, PanelState paused, PanelKey key, BiConsumer<Trap, String> slip) {
        double seconds = paused.idleMillis() / SECOND;
        boolean begun = before.open() || !before.typed().isEmpty();
        if (begun
                && (paused.open() != before.open()
                        || paused.typed().isEmpty() && !before.typed().isEmpty())) {
            slip.accept(
                    Trap.TIMED_OUT,
                    String.format(
                            Locale.ROOT,
                            "%.0f s without a key: what was begun is lost. It waits %.0f s.",
                            seconds,
                            panel.timing().pauseMillis() / SECOND));
        } else if (isArmed(before) && !isArmed(paused) && key.isDigit()) {
            slip.accept(
                    Trap.FUNCTION_LATE,
                    String.format(
                            Locale.ROOT,
                            "%s was forgotten after %.0f s, and %d was the first digit of a number.",
                            panel.label(PanelKey.FUNCTION),
                            panel.timing().functionMillis() / SECOND,
                            key.digit()));
        }
    }

    private boolean isArmed(PanelState state) {
        return panel.timing().functionMillis() > 0 && state.page() > 0 && !state.inMenu();
    }

    private void outside(PanelState paused, PanelState after, PanelKey key, BiConsumer<Trap, String> slip) {
        if (after.said().equals(panel.say(PanelWord.REFUSED)) || after.said().equals(panel.say(PanelWord.NOT_HERE))) {
            slip.accept(Trap.REFUSED, "It says " + after.said() + ".");
            return;
        }
        if (paused.onSlot().isPresent()
                && key.isDigit()
                && !paused.typed().isEmpty()
                && after.typed().isEmpty()) {
            boolean asked = drill.filter(
                            each -> after.onSlot().isPresent() && after.onSlot().getAsInt() == each.slot())
                    .isPresent();
            if (drill.isPresent() && !asked) {
                slip.accept(Trap.CALLED, "A slot was shown, so digits call one; nothing is dialled.");
            }
        }
        if (paused.hertz().isPresent()
                && after.onSlot().isEmpty()
                && paused.onSlot().isEmpty()
                && !paused.hertz().equals(after.hertz())) {
            if (!key.isDigit()) {
                slip.accept(Trap.DIAL_MOVED, "Nothing was open, so the dial went to another frequency.");
            }
            forgotten(paused, after, slip);
        }
    }

    private void forgotten(PanelState paused, PanelState after, BiConsumer<Trap, String> slip) {
        List<String> forgotten = new ArrayList<>();
        for (int i = 0; i < panel.items().size(); i++) {
            if (paused.values().get(i) > 0 && after.values().get(i) == 0) {
                forgotten.add(panel.items().get(i).label());
            }
        }
        if (!forgotten.isEmpty()) {
            slip.accept(
                    Trap.FORGOTTEN,
                    "Another frequency forgot " + String.join(", ", forgotten) + ". Dial it first, then set the rest.");
        }
    }

    private void inItem(PanelState paused, PanelState after, PanelKey key, BiConsumer<Trap, String> slip) {
        PanelItem item = panel.items().get(paused.item());
        boolean stored = after.said().equals(panel.say(PanelWord.STORED));
        if (after.said().equals(panel.say(PanelWord.OCCUPIED)) && isAskedFor(paused)) {
            // The drill is to store over it, and the radio asks whoever does.
            return;
        }
        if (after.said().equals(panel.say(PanelWord.OCCUPIED))) {
            slip.accept(
                    Trap.IN_USE,
                    panel.overwriting() == Overwriting.ASKS
                            ? "It holds something: the same key once more stores over it."
                            : "It holds something, and nothing was stored. Clear it first.");
        } else if (after.said().equals(panel.say(PanelWord.REFUSED))) {
            slip.accept(Trap.REFUSED, "It says " + after.said() + ".");
        } else if (item.part() == PanelPart.STORE && stored) {
            stored(paused, after, slip);
        } else if (item.part() == PanelPart.ERASE && after.said().equals(panel.say(PanelWord.ERASED))) {
            others(paused, after, slip);
        } else if (item.part() == PanelPart.RESET && after.said().equals(panel.say(PanelWord.ERASED))) {
            slip.accept(Trap.LOST, "Everything is gone.");
        } else if (item.part() == PanelPart.SIZE && !after.open()) {
            size(paused, after, key, slip);
        } else if (!after.open() && item.part() == PanelPart.STORE && key == PanelKey.FUNCTION) {
            slip.accept(Trap.SHORT, panel.label(PanelKey.FUNCTION) + " must be held to store; a short press leaves.");
        } else if (!after.open()
                && key == PanelKey.BACK
                && !(paused.typed().isEmpty() && after.values().equals(paused.values()) && unchanged(paused))) {
            slip.accept(Trap.NOT_TAKEN, panel.label(PanelKey.BACK) + " keeps nothing of " + item.label() + ".");
        }
    }

    private boolean isAskedFor(PanelState paused) {
        return panel.overwriting() == Overwriting.ASKS
                && drill.filter(each -> Integer.parseInt(paused.typed()) == each.slot())
                        .isPresent();
    }

    /** Whether what an item would be set to is what it is set to. */
    private boolean unchanged(PanelState paused) {
        return paused.draft() < 0 || paused.draft() == paused.values().get(paused.item());
    }

    private void size(PanelState paused, PanelState after, PanelKey key, BiConsumer<Trap, String> slip) {
        int typed = paused.typed().length();
        if (key != PanelKey.BACK && typed > 0 && typed < panel.digits().size()) {
            long hertz =
                    Long.parseLong(paused.typed() + "0".repeat(panel.digits().size() - typed))
                            * panel.digits().sizeUnitHertz();
            slip.accept(
                    Trap.SIZE_CUT,
                    paused.typed() + " was filled up with zeros behind: "
                            + Shift.ofHertz(hertz).toSizeText() + ".");
        }
        List<Integer> changed = machine.changed(paused, after);
        if (!changed.isEmpty()) {
            slip.accept(
                    Trap.OTHERS_CHANGED,
                    "The size holds for all slots there: slot " + changed.get(0) + " is another now"
                            + (changed.size() > 1 ? ", and " + (changed.size() - 1) + " more." : "."));
        }
    }

    private void others(PanelState before, PanelState after, BiConsumer<Trap, String> slip) {
        machine.changed(before, after).stream()
                .filter(slot -> drill.isPresent() && slot != drill.get().slot())
                .findFirst()
                .ifPresent(slot -> slip.accept(
                        Trap.LOST,
                        "Slot " + slot + " held " + machine.held(before, slot).orElse("something")
                                + "; that is gone."));
    }

    private void stored(PanelState before, PanelState after, BiConsumer<Trap, String> slip) {
        others(before, after, slip);
        if (drill.isEmpty()) {
            return;
        }
        int slot = drill.get().slot();
        Optional<RadioSlot> held = machine.content(after, slot);
        if (Integer.parseInt(before.typed()) != slot) {
            slip.accept(
                    Trap.OTHER_SLOT,
                    "It was stored in slot " + Integer.parseInt(before.typed()) + " instead of " + slot + ".");
        } else if (held.isPresent()) {
            differs(before, held.get(), drill.get().wanted(), slip);
        }
    }

    private void differs(PanelState before, RadioSlot held, RadioSlot wanted, BiConsumer<Trap, String> slip) {
        boolean chosen = panel.item(PanelPart.TONES_ON).isPresent()
                && value(before, PanelPart.TALK_TONE) > 0
                && held.talkTone() == NoTone.NONE
                && wanted.talkTone() != NoTone.NONE;
        if (chosen) {
            slip.accept(Trap.NOT_SWITCHED_ON, "The value of the tone is chosen, but the tone is not switched on.");
        } else if (!held.talkTone().equals(wanted.talkTone())
                && held.listenTone().equals(wanted.talkTone())
                && held.talkTone().equals(wanted.listenTone())) {
            slip.accept(Trap.WRONG_SIDE, "The tone is waited for instead of sent.");
        } else if (!held.talkTone().equals(wanted.talkTone())
                || !held.listenTone().equals(wanted.listenTone())) {
            slip.accept(
                    Trap.NOT_IT, "The tones are " + held.talkTone() + " sent and " + held.listenTone() + " awaited.");
        }
        if (!held.transmit().equals(wanted.transmit())) {
            slip.accept(isMirrored(held, wanted) ? Trap.WRONG_WAY : Trap.NOT_IT, talks(held));
        }
        if (!held.receive().equals(wanted.receive())) {
            slip.accept(Trap.NOT_IT, "It listens on " + held.receive().toMegahertzText() + ".");
        }
        if (held.emission() != wanted.emission() || held.power() != wanted.power()) {
            slip.accept(
                    Trap.NOT_IT,
                    "It is " + held.emission() + " at " + held.power().word() + " power.");
        }
    }

    private int value(PanelState state, PanelPart part) {
        for (int i = 0; i < panel.items().size(); i++) {
            if (panel.items().get(i).part() == part) {
                // The first of a list without "none" is a tone, too.
                return state.values().get(i) + 1;
            }
        }
        return 0;
    }

    private static boolean isMirrored(RadioSlot held, RadioSlot wanted) {
        return held.transmit().isPresent()
                && wanted.transmit().isPresent()
                && Shift.between(held.receive(), held.transmit().get()).hertz()
                        == -Shift.between(wanted.receive(), wanted.transmit().get())
                                .hertz();
    }

    private static String talks(RadioSlot held) {
        return held.transmit()
                .map(Frequency::toMegahertzText)
                .map(talk -> "It talks on " + talk + ".")
                .orElse("It never talks.");
    }
}
