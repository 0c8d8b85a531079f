package reckonrod.core.keying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.panel.Overwriting;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ShiftLimit;

/** What is done when an item is taken: what was set is set, stored, cleared or called, or refused in the radio's words. */
final class Taker {
    private final PanelMachine machine;
    private final Panel panel;
    private final Choices choices;
    private final ImageCodec codec;
    private final Tuning tuning;

    Taker(PanelMachine machine, Tuning tuning) {
        this.machine = machine;
        this.panel = machine.panel();
        this.choices = machine.choices();
        this.codec = machine.codec();
        this.tuning = tuning;
    }

    PanelState take(PanelState state, PanelItem item) {
        return switch (item.part()) {
            case STORE -> store(state);
            case ERASE -> erase(state);
            case SIZE -> takeSize(state);
            case TALK_AT -> takeTalk(state);
            case NAME -> takeName(state);
            case SETTING -> state.draft() == PanelState.NONE ? machine.left(state) : takeSetting(state, item);
            case JOIN, LEAVE -> takeBank(state, item.part() == PanelPart.JOIN);
            case RECALL -> recall(state);
            case RESET -> reset(state);
            default -> state.draft() == PanelState.NONE ? machine.left(state) : takeValue(state, item);
        };
    }

    private PanelState refused(PanelState state) {
        return state.opened(PanelState.NONE).saying(panel.say(PanelWord.REFUSED));
    }

    private PanelState taken(PanelState state, int value) {
        List<Integer> values = new ArrayList<>(state.values());
        values.set(state.item(), value);
        return machine.left(state.withValues(values));
    }

    private PanelState takeValue(PanelState state, PanelItem item) {
        if (state.onSlot().isEmpty()) {
            return taken(state, state.draft());
        }
        String value = item.values().get(state.draft());
        return inSlot(
                state,
                content -> item.part() == PanelPart.SCAN
                        ? content.scanned(value.equals("yes"), content.banks())
                        : content.scanned(
                                content.scan(), value.equals("none") ? Set.of() : Set.of(Integer.valueOf(value))));
    }

    private PanelState takeName(PanelState state) {
        String name = state.typed();
        return state.onSlot().isEmpty()
                ? machine.left(state.named(name))
                : inSlot(state, content -> content.withName(name.stripTrailing()));
    }

    private PanelState takeBank(PanelState state, boolean joins) {
        int bank = state.typed().isEmpty() ? 0 : Integer.parseInt(state.typed());
        if (state.typed().length() < choices.digits(machine.item(state.item()))
                || bank < 1
                || bank > machine.radio().limits().banks()) {
            return refused(state);
        }
        return inSlot(state, content -> {
            Set<Integer> banks = new TreeSet<>(content.banks());
            if (joins) {
                banks.add(bank);
            } else {
                banks.remove(bank);
            }
            return content.scanned(content.scan(), banks);
        });
    }

    /** Changes what the slot that is called holds. */
    private PanelState inSlot(PanelState state, UnaryOperator<RadioSlot> change) {
        int slot = state.onSlot().orElseThrow();
        return machine.content(state, slot)
                .flatMap(content -> put(state.memory(), slot, change.apply(content)))
                .map(memory -> machine.left(state.withMemory(memory)).saying(panel.say(PanelWord.STORED)))
                .orElseGet(() -> refused(state));
    }

    /** A radio cannot hold everything together: too many talk frequencies of their own, a full bank. */
    private Optional<MemoryImage> put(MemoryImage memory, int slot, RadioSlot content) {
        try {
            return Optional.of(codec.put(memory, slot, content));
        } catch (IllegalArgumentException full) {
            return Optional.empty();
        }
    }

    private PanelState takeSetting(PanelState state, PanelItem item) {
        RadioSetting setting = item.setting().orElseThrow();
        return machine.left(state.withMemory(
                        codec.with(state.memory(), setting, setting.values().get(state.draft()))))
                .saying(panel.say(PanelWord.STORED));
    }

    /** Digits fill up from the left: a size that is typed without its zeros in front is another size. */
    private PanelState takeSize(PanelState state) {
        if (state.typed().isEmpty()) {
            return machine.left(state);
        }
        int typed = Integer.parseInt(
                state.typed() + "0".repeat(panel.digits().size() - state.typed().length()));
        Shift size = Shift.ofHertz((long) typed * panel.digits().sizeUnitHertz());
        if (!choices.has(size)) {
            return refused(state);
        }
        if (!(machine.radio().limits().shift() instanceof ShiftLimit.OncePerBand)) {
            return taken(state, typed);
        }
        // One size for all slots of a stretch: it is the radio's own, and not that of what is dialled.
        Optional<Frequency> dialled = state.hertz().isPresent()
                ? Optional.of(Frequency.ofHertz(state.hertz().getAsLong()))
                : Optional.empty();
        return dialled.filter(each -> codec.shiftSize(state.memory(), each).isPresent())
                .map(each -> taken(state.withMemory(codec.withShiftSize(state.memory(), each, size)), typed)
                        .saying(panel.say(PanelWord.STORED)))
                .orElseGet(() -> refused(state));
    }

    private PanelState takeTalk(PanelState state) {
        if (state.typed().isEmpty()) {
            return machine.left(state);
        }
        boolean whole = state.typed().length() == panel.digits().frequency();
        int kilohertz = Integer.parseInt(state.typed());
        boolean right = whole
                && (kilohertz == 0
                        || tuning.talked((long) kilohertz * Choices.KILOHERTZ).isPresent());
        return right ? taken(state, kilohertz) : refused(state);
    }

    private PanelState store(PanelState state) {
        Optional<RadioSlot> content = choices.content(state).filter(machine::canTalk);
        if (state.typed().length() < panel.digits().slot() || content.isEmpty()) {
            return refused(state);
        }
        int slot = Integer.parseInt(state.typed());
        if (!machine.radio().limits().slots().contains(slot)) {
            return refused(state);
        }
        if (machine.isInUse(state, slot) && panel.overwriting() == Overwriting.REFUSES) {
            return state.opened(PanelState.NONE).saying(panel.say(PanelWord.OCCUPIED));
        }
        if (machine.isInUse(state, slot) && panel.overwriting() == Overwriting.ASKS && state.draft() != slot) {
            return state.opened(slot).typing(state.typed()).saying(panel.say(PanelWord.OCCUPIED));
        }
        return put(state.memory(), slot, content.get())
                .map(memory -> machine.left(state.withMemory(memory).named("")).saying(panel.say(PanelWord.STORED)))
                .orElseGet(() -> refused(state));
    }

    private PanelState erase(PanelState state) {
        if (state.typed().length() < panel.digits().slot()) {
            return refused(state);
        }
        int slot = Integer.parseInt(state.typed());
        if (!machine.isInUse(state, slot)) {
            return state.opened(PanelState.NONE).saying(panel.say(PanelWord.EMPTY));
        }
        if (state.draft() != slot) {
            return state.opened(slot).typing(state.typed()).saying(panel.say(PanelWord.SURE));
        }
        PanelState cleared = machine.left(state.withMemory(codec.clear(state.memory(), slot)))
                .saying(panel.say(PanelWord.ERASED));
        return state.onSlot().isPresent() && state.onSlot().getAsInt() == slot
                ? cleared.on(OptionalInt.empty())
                : cleared;
    }

    /** What the slot holds comes onto the dial, with all that belongs to it. */
    private PanelState recall(PanelState state) {
        Optional<RadioSlot> content = machine.content(state, state.onSlot().orElseThrow());
        Optional<Choices.Target> target =
                content.map(choices::target).filter(each -> each.blocks().isEmpty());
        if (target.isEmpty()) {
            return refused(state);
        }
        List<Integer> values = new ArrayList<>(target.get().values());
        // What does not matter for it is at its first value.
        values.replaceAll(value -> value == PanelState.NONE ? 0 : value);
        return machine.left(state.on(OptionalInt.empty())
                        .dialled(target.get().hertz(), values)
                        .named(panel.item(PanelPart.NAME)
                                .map(any -> content.get().name())
                                .orElse("")))
                .saying(panel.say(PanelWord.COPIED));
    }

    private PanelState reset(PanelState state) {
        return state.draft() == PanelState.NONE
                ? state.opened(0).saying(panel.say(PanelWord.SURE))
                : machine.unpacked().saying(panel.say(PanelWord.ERASED));
    }
}
