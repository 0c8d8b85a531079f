package reckonrod.sim.world;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.NoTone;

/** Everything that the invented directory lists, in one of its editions. */
public final class Listing {
    /** How many inventions there are besides the repeaters of the islands. */
    public static final int INVENTIONS = 50_000;

    private Listing() {}

    /**
     * An edition of the directory.
     *
     * @param later whether it is the one of the month after: a few entries are new in it, changed or gone
     */
    public static List<DirectoryEntry> edition(boolean later) {
        List<DirectoryEntry> all = new ArrayList<>();
        for (DirectoryEntry entry : World.shipped().repeaters()) {
            if (later) {
                afterAMonth(entry).ifPresent(all::add);
            } else {
                all.add(entry);
            }
        }
        if (later) {
            all.add(newcomer());
        }
        Inventions inventions = new Inventions();
        for (int i = 0; i < INVENTIONS; i++) {
            all.add(inventions.number(i));
        }
        return all;
    }

    private static Optional<DirectoryEntry> afterAMonth(DirectoryEntry entry) {
        return switch (entry.id()) {
            case World.SOURCE + ":old-link" -> Optional.empty();
            case World.SOURCE + ":harbour" -> Optional.of(retuned(entry, "103.5"));
            case World.SOURCE + ":tolmere" -> Optional.of(entry.in(State.OFF_AIR));
            default -> Optional.of(entry);
        };
    }

    private static DirectoryEntry retuned(DirectoryEntry entry, String tone) {
        Signal was = entry.signal();
        Standing standing = entry.standing();
        return new DirectoryEntry(
                entry.id(),
                entry.callSign(),
                entry.site(),
                new Signal(was.output(), was.input(), CtcssTone.parse(tone), NoTone.NONE, was.mode(), was.watts()),
                new Standing(
                        standing.state(),
                        standing.flags(),
                        Optional.of(LocalDate.of(2026, 11, 20)),
                        standing.confirmedBy(),
                        standing.sponsor(),
                        standing.notes()));
    }

    private static DirectoryEntry newcomer() {
        return new DirectoryEntry(
                World.SOURCE + ":fellgate",
                "QV0FG",
                new Site(
                        "Fellgate",
                        "Great Vellan",
                        Optional.of(new Position(47.6010, -38.0190)),
                        OptionalDouble.empty(),
                        OptionalDouble.of(20)),
                new Signal(
                        Frequency.parse("146.670"),
                        Input.parse("-0.600"),
                        CtcssTone.parse("107.2"),
                        NoTone.NONE,
                        Mode.FM,
                        OptionalDouble.of(15)),
                new Standing(
                        State.ON_AIR,
                        Set.of(DirectoryFlag.OPEN),
                        Optional.of(LocalDate.of(2026, 11, 22)),
                        "QV1AB",
                        "",
                        ""));
    }
}
