package reckonrod.sim.face;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotReading;
import reckonrod.core.panel.Face;
import reckonrod.core.panel.FaceKey;
import reckonrod.core.panel.FaceRow;
import reckonrod.core.panel.FaceWord;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSlot;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.face.FaceState.Held;

/**
 * The display and the few keys of a simulated radio, as the face in its definition says. Whatever it shows is decoded from the memory
 * bytes at that moment. It has no clock: that time goes by is an event like a key.
 */
public final class RadioFace {
    /** A key, or a moment. */
    public enum Key {
        /** Switches on and off. */
        POWER(null),
        /** The next slot, of the bank that is walked through. */
        UP(null),
        /** The slot before. */
        DOWN(null),
        /** The next slot that is in use. */
        NEXT_IN_USE(null),
        /** The talk key goes down. */
        TALK_DOWN(null),
        /** The talk key comes up. */
        TALK_UP(null),
        /** The key for the input goes down. */
        INPUT_DOWN(FaceKey.INPUT),
        /** The key for the input comes up. */
        INPUT_UP(FaceKey.INPUT),
        /** The next bank that holds something, then all slots. */
        BANK(FaceKey.BANK),
        /** A scan begins or ends. */
        SCAN(FaceKey.SCAN),
        /** The home slot. */
        HOME(FaceKey.HOME),
        /** The other line. */
        LINE(FaceKey.LINE),
        /** Another part in the row that shows one of several. */
        DISPLAY(FaceKey.DISPLAY),
        /** AM where no slot says so. */
        AM(FaceKey.AM),
        /** A moment goes by: a scan goes to its next slot. */
        MOMENT(null);

        private final FaceKey needs;

        Key(FaceKey needs) {
            this.needs = needs;
        }
    }

    private final RadioDefinition definition;
    private final Limits limits;
    private final Face face;
    private final Screen screen;
    private final RadioMemory memory;
    private final ImageCodec codec;
    private final RadioState.Keeper keeper;

    /** The face of a radio: what it shows comes from its memory, what it is turned to from its keeper. */
    public RadioFace(RadioDefinition definition, RadioMemory memory, RadioState.Keeper keeper) {
        this.definition = definition;
        this.limits = definition.limits();
        this.face = definition.face();
        this.screen = new Screen(face, limits);
        this.memory = memory;
        this.codec = new ImageCodec(definition);
        this.keeper = keeper;
    }

    /**
     * Presses a key. A radio that is off knows only its power key.
     *
     * @throws IllegalArgumentException if the radio has no such key
     */
    public synchronized Display press(Key key) {
        if (key.needs != null && !face.has(key.needs)) {
            throw new IllegalArgumentException("This radio has no key for " + key.needs.key());
        }
        RadioState radio = keeper.get();
        FaceState now = radio.face().within(definition);
        FaceState next = key == Key.POWER ? now.switched() : now.after(state -> pressed(state, key));
        keeper.set(radio.with(next));
        boolean found = key != Key.SCAN || !next.on() || next.held() == Held.SCAN || now.held() == Held.SCAN;
        return display(found ? "" : face.say(FaceWord.NOTHING_TO_SCAN));
    }

    private FaceState pressed(FaceState now, Key key) {
        return switch (key) {
            case POWER -> now.switched();
            case UP -> stepped(now, walk(now));
            case DOWN -> stepped(now, reversed(walk(now)));
            case NEXT_IN_USE -> turnedToNextInUse(now);
            case TALK_DOWN -> now.holding(Held.TALK);
            case TALK_UP -> now.held() == Held.TALK ? now.holding(Held.NOTHING) : now;
            case INPUT_DOWN -> now.holding(Held.INPUT);
            case INPUT_UP -> now.held() == Held.INPUT ? now.holding(Held.NOTHING) : now;
            case BANK -> intoBank(now);
            case SCAN -> now.held() == Held.SCAN ? now.holding(Held.NOTHING) : scanned(now);
            case HOME -> now.walking(0).turnedTo(limits.home().orElse(now.turned()));
            case LINE -> now.onOtherLine();
            case DISPLAY -> now.showing((now.shown() + 1) % mostShown());
            case AM -> now.withAm(!now.am());
            case MOMENT -> now.held() == Held.SCAN ? scanned(now) : now;
        };
    }

    private static FaceState stepped(FaceState now, List<Integer> way) {
        return now.turnedTo(next(way, now.turned(), any -> true).orElse(now.turned()));
    }

    private int mostShown() {
        return face.rows().stream()
                .filter(FaceRow::one)
                .mapToInt(row -> row.shows().size())
                .max()
                .orElse(1);
    }

    private FaceState scanned(FaceState now) {
        NavigableMap<Integer, SlotReading> held = codec.decode(memory.image());
        OptionalInt stop = next(
                walk(now),
                now.turned(),
                slot -> content(held, slot).filter(RadioSlot::scan).isPresent());
        return stop.isEmpty()
                ? now.holding(Held.NOTHING)
                : now.turnedTo(stop.getAsInt()).holding(Held.SCAN);
    }

    private FaceState turnedToNextInUse(FaceState now) {
        NavigableMap<Integer, SlotReading> held = codec.decode(memory.image());
        return now.turnedTo(next(walk(now), now.turned(), held::containsKey).orElse(now.turned()));
    }

    private static Optional<RadioSlot> content(NavigableMap<Integer, SlotReading> held, int slot) {
        return Optional.ofNullable(held.get(slot)).flatMap(SlotReading::content);
    }

    private FaceState intoBank(FaceState now) {
        for (int bank = now.bank() + 1; bank <= limits.banks(); bank++) {
            List<Integer> inside = members(bank);
            if (!inside.isEmpty()) {
                FaceState there = now.walking(bank);
                return inside.contains(now.turned()) ? there : there.turnedTo(inside.get(0));
            }
        }
        return now.walking(0);
    }

    /** The slots that are walked through, in their order. */
    private List<Integer> walk(FaceState now) {
        List<Integer> inside = now.bank() == 0 ? List.of() : members(now.bank());
        return inside.isEmpty()
                ? IntStream.rangeClosed(limits.slots().first(), limits.slots().last())
                        .boxed()
                        .toList()
                : inside;
    }

    /** Who is in a bank and in use: in the order of the bank where the radio keeps one, else by slot. */
    private List<Integer> members(int bank) {
        MemoryImage image = memory.image();
        NavigableMap<Integer, SlotReading> held = codec.decode(image);
        NavigableMap<Integer, List<Integer>> lists = codec.banks(image);
        if (!lists.isEmpty()) {
            return lists.getOrDefault(bank, List.of()).stream()
                    .filter(held::containsKey)
                    .toList();
        }
        return held.keySet().stream()
                .filter(slot -> content(held, slot)
                        .filter(each -> each.banks().contains(bank))
                        .isPresent())
                .toList();
    }

    /** The next one on the way that is wanted, round and round and at last itself; who is not on the way begins it. */
    private static OptionalInt next(List<Integer> way, int now, IntPredicate wanted) {
        int at = way.indexOf(now);
        return IntStream.rangeClosed(1, way.size())
                .map(step -> way.get((at + step) % way.size()))
                .filter(wanted)
                .findFirst();
    }

    private static List<Integer> reversed(List<Integer> slots) {
        List<Integer> turned = new ArrayList<>(slots);
        Collections.reverse(turned);
        return turned;
    }

    /** What it shows now. */
    public synchronized Display display() {
        return display("");
    }

    private Display display(String notice) {
        FaceState now = keeper.get().face().within(definition);
        List<Display.PrintedKey> keys = face.keys().entrySet().stream()
                .sorted(Comparator.comparing(Map.Entry::getKey))
                .map(each -> new Display.PrintedKey(each.getKey(), each.getValue()))
                .toList();
        if (!now.on()) {
            return new Display(false, face.look(), false, false, List.of(), keys);
        }
        boolean second = face.lines() == 2;
        List<Display.DisplayLine> lines = new ArrayList<>();
        lines.add(line(now, now.slot(), !second || !now.secondLine(), notice));
        if (second) {
            lines.add(line(now, now.otherSlot(), now.secondLine(), notice));
        }
        boolean talking = screen.sends(turned(now, now.turned(), true));
        return new Display(true, face.look(), talking, now.held() == Held.SCAN, lines, keys);
    }

    private Display.DisplayLine line(FaceState now, int slot, boolean active, String notice) {
        return new Display.DisplayLine(slot, active, screen.rows(turned(now, slot, active), active ? notice : ""));
    }

    private Screen.Turned turned(FaceState now, int slot, boolean active) {
        return new Screen.Turned(
                slot,
                codec.decode(memory.image(), slot),
                active ? now.bank() : 0,
                now.shown(),
                now.am(),
                active ? now.held() : Held.NOTHING);
    }
}
