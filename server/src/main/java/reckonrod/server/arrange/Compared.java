package reckonrod.server.arrange;

import java.nio.charset.StandardCharsets;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.exchange.RadioList;
import reckonrod.core.exchange.SeenInRadio;
import reckonrod.core.fit.Fitter;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.SlotReading;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListComparison;
import reckonrod.core.list.ListComparison.Part;
import reckonrod.core.list.ListComparison.Row;
import reckonrod.core.list.ListComparison.Side;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** Lists side by side, and the rows of them by their keys. */
@Component
class Compared {
    private final ListStore store;

    private final RadioUnits radios;
    private final PlanLookup plans;

    Compared(ListStore store, RadioUnits radios, PlanLookup plans) {
        this.plans = plans;
        this.radios = radios;
        this.store = store;
    }

    /** A list to compare with. */
    record Other(String name, ChannelList list) {}

    ChannelList here(UUID id) {
        return store.get(id).list();
    }

    /** A list as it is now, or as it was after a change of the past. */
    Other other(UUID id, Long revision) {
        ChannelList now = store.get(id).list();
        return revision == null
                ? new Other(now.name(), now)
                : new Other(now.name() + " of the past", store.at(id, revision));
    }

    /** What a radio held, seen from one's own list. */
    Other snapshot(ChannelList here, String radio, UUID snapshotId) {
        RadioUnit unit = radios.get(radio);
        Snapshot snapshot = radios.snapshot(radio, snapshotId);
        BandPlan plan = plans.planOf(here);
        Map<Integer, SlotReading> readings = new ImageCodec(unit.definition()).decode(snapshot.image());
        // The same ids at each look, for rows are named by them.
        AtomicInteger next = new AtomicInteger();
        RadioList held = RadioList.of(
                unit.name(),
                plan,
                unit.definition().limits(),
                readings,
                () -> UUID.nameUUIDFromBytes(
                        (snapshotId + " " + next.getAndIncrement()).getBytes(StandardCharsets.UTF_8)));
        String when = snapshot.takenAt()
                .truncatedTo(ChronoUnit.MINUTES)
                .toString()
                .replace('T', ' ')
                .replace("Z", " UTC");
        return new Other(
                unit.name() + " of " + when,
                SeenInRadio.list(
                        here,
                        new Fitter(unit.definition().model(), plan, unit.carrying()).fit(here),
                        held.list(),
                        readings,
                        plan));
    }

    /** What names a row: the channel and what it is in both lists, so that nothing else is taken over than was shown. */
    static String key(Row row) {
        Side side = row.here().or(row::there).orElseThrow();
        String shown = Stream.of(row.here(), row.there())
                .map(each -> each.map(Compared::words).orElse("none"))
                .collect(Collectors.joining(" "));
        return side.entry().id() + " " + Integer.toHexString(shown.hashCode());
    }

    private static String words(Side side) {
        return Arrays.stream(Part.values())
                .map(part -> part.of(side.entry().channel()))
                .collect(Collectors.joining(" "));
    }

    /** The rows of those keys. One that is not there any more is refused: something else would be taken than was meant. */
    List<Row> rows(ChannelList here, ChannelList there, List<String> keys) {
        Set<String> wanted = new HashSet<>(keys);
        List<Row> rows = ListComparison.of(here, there).rows().stream()
                .filter(row -> wanted.remove(key(row)))
                .toList();
        if (!wanted.isEmpty()) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    wanted.size()
                            + " of what was chosen no longer differs like that. Nothing was taken over; compare again.");
        }
        return rows;
    }
}
