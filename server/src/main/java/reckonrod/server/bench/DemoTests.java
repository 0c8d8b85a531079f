package reckonrod.server.bench;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.core.fieldlog.Seen;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ListEntry;
import reckonrod.server.fieldlog.FieldLog;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;

/** What the club of the isles has tried on the air so far. */
final class DemoTests {
    private static final Position HARBOUR = new Position(47.3880, -37.9790);
    private static final Position OSTREY = new Position(47.8810, -37.9020);

    private static final List<Tried> TRIED = List.of(
            new Tried(
                    16, "2026-11-14T09:12:00Z", "Harbour wall", HARBOUR, "blue", 5, "", Set.of(Seen.LIGHT, Seen.TAIL)),
            new Tried(
                    7,
                    "2026-11-14T09:15:00Z",
                    "Harbour wall",
                    HARBOUR,
                    "blue",
                    4,
                    "",
                    Set.of(Seen.LIGHT, Seen.ANSWERED)),
            new Tried(
                    17,
                    "2026-11-14T09:21:00Z",
                    "Harbour wall",
                    HARBOUR,
                    "blue",
                    0,
                    "Heard others, no tail of our own.",
                    Set.of(Seen.LIGHT, Seen.IDENTIFIED)),
            new Tried(5, "2026-08-02T16:40:00Z", "Ostrey quay", OSTREY, "green", 5, "", Set.of(Seen.LIGHT, Seen.TAIL)),
            new Tried(21, "2026-08-02T16:44:00Z", "Ostrey quay", OSTREY, "green", 3, "", Set.of(Seen.LIGHT, Seen.TAIL)),
            new Tried(
                    29,
                    "2026-11-14T09:30:00Z",
                    "Harbour wall",
                    HARBOUR,
                    "blue",
                    0,
                    "",
                    Set.of(Seen.LIGHT, Seen.NOTHING)));

    private record Tried(
            int slot,
            String at,
            String place,
            Position position,
            String radio,
            int strength,
            String note,
            Set<Seen> seen) {}

    private DemoTests() {}

    static void into(FieldLog log, ListStore lists) {
        StoredList home = lists.get(lists.all().get(0).id());
        for (Tried each : TRIED) {
            ListEntry entry = home.list().entries().get(each.slot());
            log.add(
                    new FieldTest(
                            new UUID(0x7e57_0000_4000L, 0x8000_0000_0000_0000L | each.slot()),
                            Instant.parse(each.at()),
                            each.place(),
                            Optional.of(each.position()),
                            each.radio().equals("blue") ? "W12 · blue" : "K31 · green",
                            entry.channel().label(),
                            entry.line(),
                            each.seen(),
                            each.strength(),
                            each.note()),
                    each.radio(),
                    home.id(),
                    entry);
        }
    }
}
