package reckonrod.sim.air;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reckonrod.core.air.Call;
import reckonrod.core.air.Margins;
import reckonrod.core.air.Repeater;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.find.Finder;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.geography.Position;
import reckonrod.core.prove.Paths;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** The repeaters of a land as they really are, and what a radio hears of them when its talk key is pressed and let go. */
public final class Air {
    // What has become of repeaters since their entries were written, in shares of all.
    private static final double OFF = 0.05;
    private static final double MOVED = 0.05;
    private static final double DIGITAL = 0.02;
    private static final double WITHOUT_TAIL = 0.06;
    private static final double TALKING = 0.25;
    private static final double ANSWERED = 0.3;
    private static final int TALK_SECONDS = 40;

    private final List<Repeater> repeaters;
    private final Paths paths;
    private final long seed;

    /**
     * What a person sees and hears around one press of the talk key.
     *
     * @param sent whether the radio sent at all, so that its transmit light came on
     * @param opened the repeater that opened, if one did
     * @param tail whether its tail was heard after the key was let go
     * @param answered whether somebody answered
     * @param voices whether somebody was talking before the key was pressed
     */
    public record Heard(boolean sent, Optional<Repeater> opened, boolean tail, boolean answered, boolean voices) {}

    private Air(List<Repeater> repeaters, Paths paths, long seed) {
        this.repeaters = List.copyOf(repeaters);
        this.paths = paths;
        this.seed = seed;
    }

    /**
     * The air over a land.
     *
     * @param entries what its directory says of it
     * @param finder works out the inputs that entries leave out
     * @param paths the ways over its ground
     * @param seed what has changed since the entries were written follows from it
     */
    public static Air over(List<DirectoryEntry> entries, Finder finder, Paths paths, long seed) {
        List<Repeater> repeaters = new ArrayList<>();
        for (DirectoryEntry entry : entries) {
            repeaters.add(changed(
                    Repeater.of(
                            entry, finder.input(entry), RepeaterPlace.of(entry).map(RepeaterPlace::place)),
                    seed));
        }
        return new Air(repeaters, paths, seed);
    }

    /** The air with just those repeaters. */
    public static Air of(List<Repeater> repeaters, Paths paths, long seed) {
        return new Air(repeaters, paths, seed);
    }

    private static Repeater changed(Repeater listed, long seed) {
        double luck = Luck.of(seed, listed.id(), 0);
        if (luck < OFF) {
            return with(listed, listed.opensWith(), listed.mode(), false, listed.hasTail());
        }
        if (luck < OFF + MOVED && listed.opensWith() instanceof CtcssTone) {
            List<CtcssTone> tones = ToneTable.STANDARD.ctcss();
            CtcssTone other = tones.get((int) (Luck.of(seed, listed.id(), 1) * tones.size()));
            return with(listed, other, listed.mode(), listed.works(), listed.hasTail());
        }
        if (luck < OFF + MOVED + DIGITAL) {
            return with(listed, listed.opensWith(), Mode.DIGITAL, listed.works(), listed.hasTail());
        }
        return luck < OFF + MOVED + DIGITAL + WITHOUT_TAIL
                ? with(listed, listed.opensWith(), listed.mode(), listed.works(), false)
                : listed;
    }

    static Repeater with(Repeater was, Tone opensWith, Mode mode, boolean works, boolean hasTail) {
        return new Repeater(
                was.id(),
                was.name(),
                was.place(),
                was.output(),
                was.input(),
                opensWith,
                was.sends(),
                mode,
                works,
                was.forMembers(),
                hasTail);
    }

    /** The repeaters as they are. */
    public List<Repeater> repeaters() {
        return repeaters;
    }

    /**
     * A press of the talk key.
     *
     * @param slot what the radio holds in the slot that it is on
     * @param here where it is
     * @param kind what it is used as, such as {@code handheld}
     * @param watts what it sends
     * @param now when that is
     */
    public Heard keyUp(RadioSlot slot, Position here, String kind, BigDecimal watts, Instant now) {
        List<Repeater> near = repeaters.stream()
                .filter(each -> Call.isOn(each.output(), slot.receive())
                        || slot.transmit()
                                .filter(talk -> Call.isOn(each.input(), talk))
                                .isPresent())
                .sorted(Comparator.comparingDouble((Repeater each) ->
                                margins(here, kind, watts, each).worse())
                        .reversed())
                .toList();
        long moment = now.getEpochSecond() / TALK_SECONDS;
        Optional<Repeater> opened = near.stream()
                .filter(each ->
                        Call.of(slot, each, margins(here, kind, watts, each)).opens())
                .findFirst();
        boolean voices = near.stream()
                .anyMatch(each ->
                        Call.of(slot, each, margins(here, kind, watts, each)).hears()
                                && Luck.of(seed, each.id(), moment) < TALKING);
        boolean heard = opened.filter(each ->
                        Call.of(slot, each, margins(here, kind, watts, each)).isAnswered())
                .isPresent();
        return new Heard(
                slot.transmit().isPresent(),
                opened,
                heard && opened.get().hasTail(),
                heard && Luck.of(seed, opened.get().id(), moment + 1) < ANSWERED,
                voices);
    }

    private Margins margins(Position here, String kind, BigDecimal watts, Repeater repeater) {
        return paths.between(here, kind, watts, repeater).orElse(Margins.NOT_KNOWN);
    }
}
