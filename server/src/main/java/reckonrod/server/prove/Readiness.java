package reckonrod.server.prove;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Placement;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.prove.DryRun;
import reckonrod.core.prove.Outcome;
import reckonrod.core.prove.Round;
import reckonrod.server.fieldlog.FieldLog;
import reckonrod.server.fieldlog.FieldTestView;
import reckonrod.server.fit.Loading;
import reckonrod.server.lists.StoredList;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** What is ready for a day: channels that were answered since, radios that hold the list as it is, and a round to try the rest. */
@Component
class Readiness {
    private final FieldLog log;
    private final RadioUnits units;
    private final OnTheAir air;
    private final Loading loading;
    private final Clock clock;

    Readiness(FieldLog log, RadioUnits units, OnTheAir air, Loading loading, Clock clock) {
        this.log = log;
        this.units = units;
        this.air = air;
        this.loading = loading;
        this.clock = clock;
    }

    /** How a channel stands. */
    enum Ready {
        /** Answered since the day. */
        proven,
        /** Answered, but before that day. */
        stale,
        /** Answered as it was once; it was changed since. */
        changed,
        /** Never answered. */
        never,
        /** There is nothing that would answer: it talks where it listens, or only listens. */
        needless
    }

    /**
     * A channel.
     *
     * @param proof the newest test in which it was answered as it is now; nothing if there is none
     * @param failed the newest test after that in which it was silent; nothing if there is none
     */
    record ReadyChannelView(
            UUID channelId,
            int slot,
            String name,
            String line,
            Ready ready,
            @Schema(nullable = true) LocalDate provenOn,
            @Schema(nullable = true) FieldTestView proof,
            @Schema(nullable = true) FieldTestView failed) {}

    /**
     * A radio.
     *
     * @param holds what it was last written with; nothing if that is not known
     * @param current whether it holds this list as it is now
     * @param says how it stands, in words
     */
    record ReadyRadioView(
            String id,
            String name,
            String model,
            @Schema(nullable = true) String with,
            @Schema(nullable = true) Instant lentAt,
            @Schema(nullable = true) String holds,
            @Schema(nullable = true) Instant holdsSince,
            boolean current,
            String says) {}

    /** How all stands. */
    record ReadinessView(
            String list,
            LocalDate since,
            Instant changedAt,
            List<ReadyChannelView> channels,
            List<ReadyRadioView> radios) {}

    ReadinessView of(StoredList stored, LocalDate since) {
        ChannelList list = stored.list();
        Map<UUID, List<FieldTestView>> tests = log.ofChannels(
                list.entries().values().stream().map(ListEntry::id).toList());
        List<ReadyChannelView> channels = new ArrayList<>();
        list.entries()
                .forEach((slot, entry) ->
                        channels.add(channel(list, slot, entry, tests.getOrDefault(entry.id(), List.of()), since)));
        return new ReadinessView(
                list.name(),
                since,
                stored.changedAt(),
                channels,
                units.all().stream().map(unit -> radio(unit, stored)).toList());
    }

    private ReadyChannelView channel(
            ChannelList list, int slot, ListEntry entry, List<FieldTestView> tests, LocalDate since) {
        Optional<FieldTestView> proof = log.proofs(list, entry, tests).stream().findFirst();
        Optional<FieldTestView> failed = tests.stream()
                .filter(each -> each.result() == FieldTestView.ResultView.silent)
                .filter(each ->
                        proof.filter(good -> !good.at().isBefore(each.at())).isEmpty())
                .findFirst();
        // What was marked by hand in the list counts as well; it knows the day and no more.
        Optional<LocalDate> day = Stream.concat(
                        proof.map(each -> LocalDate.ofInstant(each.at(), clock.getZone())).stream(),
                        entry.standing().proven().stream())
                .max(LocalDate::compareTo);
        boolean once = tests.stream().anyMatch(each -> each.result() == FieldTestView.ResultView.proven);
        return new ReadyChannelView(
                entry.id(),
                slot,
                entry.channel().label(),
                entry.line(),
                ready(entry, day, once, since),
                day.orElse(null),
                proof.orElse(null),
                failed.orElse(null));
    }

    private static Ready ready(ListEntry entry, Optional<LocalDate> day, boolean once, LocalDate since) {
        if (day.isPresent()) {
            return day.get().isBefore(since) ? Ready.stale : Ready.proven;
        }
        if (!entry.channel().isDuplex()) {
            return Ready.needless;
        }
        return once ? Ready.changed : Ready.never;
    }

    private ReadyRadioView radio(RadioUnit unit, StoredList stored) {
        Optional<RadioUnit.Loaded> loaded = unit.loaded();
        boolean ours = loaded.flatMap(RadioUnit.Loaded::listId)
                .filter(stored.id()::equals)
                .isPresent();
        boolean current = ours && holdsAll(unit, stored);
        String says = unit.definition().link().isEmpty()
                ? "Keyed in by hand; nothing is known of what it holds."
                : unit.halfWritten().isPresent()
                        ? "Half written: put its snapshot back first."
                        : unit.unknownSince().isPresent()
                                ? "Contents unknown since an archive was restored: read it first."
                                : current
                                        ? "Holds the list as it is now."
                                        : ours
                                                ? "Holds an older state of the list; write it again."
                                                : loaded.map(each -> "Holds \"" + each.listName() + "\".")
                                                        .orElse("Was never written from here.");
        return new ReadyRadioView(
                unit.id(),
                unit.name(),
                unit.definition().title(),
                unit.shelf().lent().map(each -> each.to()).orElse(null),
                unit.shelf().lent().map(each -> each.at()).orElse(null),
                loaded.map(RadioUnit.Loaded::listName).orElse(null),
                loaded.map(RadioUnit.Loaded::since).orElse(null),
                current && unit.halfWritten().isEmpty(),
                says);
    }

    /** Whether writing the list would change nothing of what was last written or read. */
    private boolean holdsAll(RadioUnit unit, StoredList stored) {
        return units.lastRead(unit)
                .map(snapshot ->
                        loading
                                .plan(unit, snapshot, loading.fit(unit, stored.list()), Optional.empty(), Map.of())
                                .slots()
                                .stream()
                                .allMatch(each -> each.left()))
                .orElse(false);
    }

    /** A stop on a round, with what to try there. */
    record StopView(
            String place, double latitude, double longitude, double kilometres, List<ReadyChannelView> channels) {}

    /** A round: its stops, its length, and what opens from none of the places around. */
    record RoundView(String radio, List<StopView> stops, double kilometres, List<ReadyChannelView> left) {}

    RoundView round(
            StoredList stored,
            LocalDate since,
            RadioUnit radio,
            PlaceFinder.Place start,
            List<PlaceFinder.Place> places) {
        ChannelList list = stored.list();
        Map<UUID, ReadyChannelView> wanted = new HashMap<>();
        of(stored, since).channels().stream()
                .filter(each -> each.ready() != Ready.proven && each.ready() != Ready.needless)
                .forEach(each -> wanted.put(each.channelId(), each));
        List<Position> positions = new ArrayList<>();
        positions.add(start.position());
        places.forEach(each -> positions.add(each.position()));
        Map<UUID, DirectoryEntry> entries = air.entries(list, list.entries().values(), positions);
        DryRun dry = new DryRun(OnTheAir.repeaters(entries, air.usualFinder(air.plan(list))), air.paths());
        FitReport fitted = loading.fit(radio, list);
        List<Round.Candidate> candidates = places.stream()
                .map(place -> new Round.Candidate(
                        place.name(), place.position(), opens(dry, fitted, radio, place.position(), wanted.keySet())))
                .toList();
        Round round = Round.of(start.position(), wanted.keySet(), candidates);
        return new RoundView(
                radio.name(),
                round.stops().stream()
                        .map(each -> new StopView(
                                each.name(),
                                each.position().latitudeDegrees(),
                                each.position().longitudeDegrees(),
                                Math.rint(each.metres() / 100) / 10,
                                views(each.channels(), wanted)))
                        .toList(),
                Math.rint(round.metres() / 100) / 10,
                views(round.left(), wanted));
    }

    private static List<ReadyChannelView> views(Set<UUID> channels, Map<UUID, ReadyChannelView> known) {
        return channels.stream()
                .map(known::get)
                .sorted(Comparator.comparingInt(ReadyChannelView::slot))
                .toList();
    }

    /** Only what opens surely; a place where it works here and there proves nothing when it is silent. */
    private static Set<UUID> opens(DryRun dry, FitReport fitted, RadioUnit radio, Position here, Set<UUID> wanted) {
        Set<UUID> opens = new HashSet<>();
        for (Placement each : fitted.placements()) {
            if (wanted.contains(each.entry().id())
                    && dry.predict(each, radio.definition().model(), here).outcome() == Outcome.OPENS) {
                opens.add(each.entry().id());
            }
        }
        return opens;
    }
}
