package reckonrod.server.fieldlog;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.core.fieldlog.Result;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.PositionReader;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.Reckoner;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnits;

/**
 * Keeps what was tried on the air. A test is sent whole with every tap, by whoever began it, as often as it takes: the same again
 * changes nothing. What another began can be corrected, but not over what that one has said since.
 */
@Service
@Transactional
public class FieldLog implements RestoreCheck {
    private final FieldTestRepository tests;
    private final ListStore lists;
    private final RadioUnits radios;
    private final PlanLookup plans;
    private final PlaceFinder places;
    private final Clock clock;

    FieldLog(
            FieldTestRepository tests,
            ListStore lists,
            RadioUnits radios,
            PlanLookup plans,
            PlaceFinder places,
            Clock clock) {
        this.places = places;
        this.plans = plans;
        this.tests = tests;
        this.lists = lists;
        this.radios = radios;
        this.clock = clock;
    }

    /**
     * A test as it was kept, and how it went before.
     *
     * @param was what it showed before; {@link Result#OPEN} if it is new
     */
    record Kept(FieldTestRecord record, Result was) {}

    Kept keep(UUID id, TestRequest request) {
        FieldTest test = request.test(id, this::named);
        Optional<FieldTestRecord> known = tests.findById(id);
        known.filter(each -> !each.editor().equals(request.editor()))
                .filter(each -> request.baseVersion() == null || each.version() != request.baseVersion())
                .ifPresent(each -> {
                    throw ProblemException.conflict(
                            "changed-elsewhere",
                            "Changed elsewhere",
                            "This test of " + test.channel()
                                    + " was changed on another device or in another tab. Nothing was overwritten; look at it"
                                    + " again.");
                });
        Result was = known.map(FieldTestRecord::result).orElse(Result.OPEN);
        FieldTestRecord record = known.orElseGet(() -> new FieldTestRecord(id));
        record.set(test, of(request), request.answersOrNone(), request.editor(), clock.instant());
        return new Kept(tests.saveAndFlush(record), was);
    }

    private Optional<Position> named(String place) {
        if (place.isEmpty()) {
            return Optional.empty();
        }
        try {
            return places.all(place).stream()
                    .filter(each -> PositionReader.looksLikePosition(place)
                            || each.name().equalsIgnoreCase(place))
                    .findFirst()
                    .map(PlaceFinder.Place::position);
        } catch (ProblemException noPosition) {
            return Optional.empty();
        }
    }

    private FieldTestRecord.Of of(TestRequest request) {
        return of(request.radioId(), request.listId(), request.channelId(), request.directoryId());
    }

    /** What is gone since stays out; the test itself says what it was. */
    private FieldTestRecord.Of of(String radioId, UUID listId, UUID channelId, String directoryId) {
        return new FieldTestRecord.Of(
                radioId == null || !radios.holds(radioId) ? null : radioId,
                listId,
                channelId,
                entry(listId, channelId)
                        .map(ListEntry::directoryId)
                        .filter(each -> !each.isEmpty())
                        .orElse(Optional.ofNullable(directoryId).orElse("")));
    }

    private Optional<ListEntry> entry(UUID list, UUID channel) {
        if (list == null || channel == null) {
            return Optional.empty();
        }
        return lists.find(list)
                .flatMap(each -> each.list().entries().values().stream()
                        .filter(entry -> entry.id().equals(channel))
                        .findFirst());
    }

    /** A test that was made elsewhere, of a channel of a list with a radio of here. */
    public void add(FieldTest test, String radioId, UUID listId, ListEntry entry) {
        FieldTestRecord record = new FieldTestRecord(test.id());
        record.set(
                test,
                new FieldTestRecord.Of(radioId, listId, entry.id(), entry.directoryId()),
                Map.of(),
                "",
                clock.instant());
        tests.save(record);
    }

    /** All tests, the newest first. */
    @Transactional(readOnly = true)
    public List<FieldTestView> all() {
        return tests.findAllByOrderByTestedAtDescIdAsc().stream()
                .map(FieldTestView::of)
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll() {
        all();
        whole(Set.of());
    }

    @Transactional(readOnly = true)
    List<FieldTest> whole(Set<UUID> which) {
        return tests.findAllByOrderByTestedAtDescIdAsc().stream()
                .filter(each -> which.isEmpty() || which.contains(each.id()))
                .map(FieldTestRecord::test)
                .toList();
    }

    /**
     * A test of a file.
     *
     * @param test what it says
     * @param radioId with which radio, as it was called where it was made; nothing if the file does not say
     * @param listId of which list
     * @param channelId of which channel
     */
    record Brought(FieldTest test, String radioId, UUID listId, UUID channelId) {}

    /** Tests of a file, as they were kept; those that are kept already stay as they are. */
    List<FieldTestRecord> take(List<Brought> read) {
        Set<UUID> known = tests
                .findAllById(read.stream().map(each -> each.test().id()).toList())
                .stream()
                .map(FieldTestRecord::id)
                .collect(Collectors.toSet());
        List<FieldTestRecord> taken = new ArrayList<>();
        for (Brought each : read) {
            if (known.add(each.test().id())) {
                FieldTestRecord record = new FieldTestRecord(each.test().id());
                record.set(
                        each.test(),
                        of(each.radioId(), each.listId(), each.channelId(), null),
                        Map.of(),
                        "",
                        clock.instant());
                taken.add(tests.save(record));
            }
        }
        return taken;
    }

    Optional<FieldTestRecord> remove(UUID id) {
        Optional<FieldTestRecord> known = tests.findById(id);
        known.ifPresent(tests::delete);
        return known;
    }

    /** The tests of some channels, the newest first, by channel. */
    @Transactional(readOnly = true)
    public Map<UUID, List<FieldTestView>> ofChannels(Collection<UUID> channels) {
        return tests.findByChannelIdInOrderByTestedAtDesc(channels).stream()
                .map(FieldTestView::of)
                .collect(Collectors.groupingBy(FieldTestView::channelId));
    }

    /** Whether another channel of a radio was answered on a day. */
    @Transactional(readOnly = true)
    public boolean answeredElsewhere(String radio, UUID channel, LocalDate day) {
        Instant morning = day.atStartOfDay(clock.getZone()).toInstant();
        return tests.existsByRadioIdAndResultAndTestedAtAfterAndChannelIdNot(radio, Result.PROVEN, morning, channel);
    }

    /** The tests of some repeaters, the newest first, by the key of the entry. */
    @Transactional(readOnly = true)
    public Map<String, List<FieldTest>> ofRepeaters(Collection<String> directoryIds) {
        return tests.findByDirectoryIdInOrderByTestedAtDesc(directoryIds).stream()
                .collect(Collectors.groupingBy(
                        FieldTestRecord::directoryId, Collectors.mapping(FieldTestRecord::test, Collectors.toList())));
    }

    LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }

    /** The day on which a channel of a list was answered last, as it is now on the air. */
    @Transactional(readOnly = true)
    Optional<LocalDate> provenDay(StoredList list, ListEntry entry) {
        return proofs(list.list(), entry).stream().map(each -> day(each.at())).findFirst();
    }

    /** The tests in which a channel was answered as it is now on the air, the newest first. */
    @Transactional(readOnly = true)
    public List<FieldTestView> proofs(ChannelList list, ListEntry entry) {
        return proofs(
                list,
                entry,
                tests.findByChannelIdInOrderByTestedAtDesc(List.of(entry.id())).stream()
                        .map(FieldTestView::of)
                        .toList());
    }

    /** Those of some tests that prove a channel as it is now on the air. */
    public List<FieldTestView> proofs(ChannelList list, ListEntry entry, List<FieldTestView> among) {
        BandPlan plan = plans.planOf(list);
        return among.stream()
                .filter(each -> each.result() == FieldTestView.ResultView.proven)
                .filter(each -> isOf(each, entry, plan))
                .toList();
    }

    /** Whether a test was of what the channel is now on the air. */
    private static boolean isOf(FieldTestView test, ListEntry entry, BandPlan plan) {
        return test.line().equals(entry.line())
                || Reckoner.reckon(test.line(), plan)
                        .channel()
                        .filter(each -> each.onAir().equals(entry.channel().onAir()))
                        .isPresent();
    }
}
