package reckonrod.server.lists;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.lists.RevisionRepository.Title;
import reckonrod.server.problem.ProblemException;

/** Keeps lists. Each change is one transaction that adds a revision; a change made on an old version is turned down. */
@Service
@Transactional
public class ListStore implements RestoreCheck {
    /** How long a list lies in the bin. */
    private static final Duration IN_THE_BIN = Duration.ofDays(30);

    private static final int REVISIONS_AT_HAND = 128;

    private final ListRepository lists;
    private final RevisionRepository revisions;
    private final NamedRevisionRepository named;
    private final RevisionCache cache;
    private final EntityManager entities;
    private final Clock clock;

    ListStore(
            ListRepository lists,
            RevisionRepository revisions,
            NamedRevisionRepository named,
            RevisionCache cache,
            EntityManager entities,
            Clock clock) {
        this.entities = entities;
        this.named = named;
        this.cache = cache;
        this.lists = lists;
        this.revisions = revisions;
        this.clock = clock;
    }

    /** Whether there is no list at all. */
    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return lists.count() == 0;
    }

    /** All lists, by name. */
    @Transactional(readOnly = true)
    public List<ListSummary> all() {
        return lists.findByBinnedAtIsNull().stream()
                .map(ListRecord::summary)
                .sorted(Comparator.comparing(ListSummary::name))
                .toList();
    }

    /** All lists with their channels, by name. */
    @Transactional(readOnly = true)
    public List<StoredList> allWhole() {
        return lists.findByBinnedAtIsNull().stream()
                .map(this::stored)
                .sorted(Comparator.comparing(each -> each.list().name()))
                .toList();
    }

    /** One list. */
    @Transactional(readOnly = true)
    public StoredList get(UUID id) {
        return stored(record(id));
    }

    /** One list; nothing if it is gone or lies in the bin. */
    @Transactional(readOnly = true)
    public Optional<StoredList> find(UUID id) {
        return lists.findById(id).filter(each -> each.binnedAt().isEmpty()).map(this::stored);
    }

    /** A new list with its first revision. */
    public StoredList create(ChannelList list) {
        return create(list, Optional.empty());
    }

    /** A new list that was made from another one, to which one goes back from it. */
    public StoredList create(ChannelList list, Optional<UUID> home) {
        UUID id = UUID.randomUUID();
        RevisionRecord first = revisions.save(RevisionRecord.first(id, list, "Begin " + list.name(), clock.instant()));
        ListRecord record = new ListRecord(id, list, first.id(), clock.instant());
        home.ifPresent(record::comesFrom);
        return stored(lists.saveAndFlush(record));
    }

    /**
     * A new list with all of its past.
     *
     * @param past each list after the other, the oldest first; at least one
     */
    public StoredList create(Iterator<PastList> past) {
        UUID id = UUID.randomUUID();
        PastList before = past.next();
        RevisionRecord at = revisions.save(RevisionRecord.first(id, before.list(), before.summary(), before.at()));
        keepName(at, before);
        while (past.hasNext()) {
            PastList each = past.next();
            at = revisions.save(
                    RevisionRecord.next(at.asParent(), before.list(), each.list(), each.summary(), each.at()));
            keepName(at, each);
            before = each;
        }
        return stored(lists.saveAndFlush(new ListRecord(id, before.list(), at.id(), clock.instant())));
    }

    private void keepName(RevisionRecord revision, PastList past) {
        if (!past.name().isEmpty()) {
            named.save(new NamedRevisionRecord(revision.id(), past.name()));
        }
    }

    /**
     * Changes a list.
     *
     * @param baseVersion the version that the person was looking at
     * @return the list after the change, and the slot to look at
     */
    public ChangedList change(UUID id, long baseVersion, Function<ChannelList, ListChange> change) {
        ListRecord record = atVersion(id, baseVersion);
        ChannelList now = list(record.revisionId());
        ListChange.Changed done = change.apply(now).fold(Function.identity(), refused -> {
            throw ProblemException.refused("change-refused", "That cannot be done", refused.reason());
        });
        // What changes nothing is no step of the history: taking it back would seem to do nothing.
        if (done.list().equals(now)) {
            return new ChangedList(stored(record), done.slot(), ListChange.SO_ALREADY);
        }
        RevisionRecord next = revisions.save(RevisionRecord.next(
                revisions.parent(record.revisionId()), now, done.list(), done.summary(), clock.instant()));
        cache.put(next.id(), done.list());
        record.standAt(next.id(), done.list(), clock.instant());
        return new ChangedList(stored(lists.saveAndFlush(record)), done.slot(), done.summary());
    }

    /**
     * A list after a change.
     *
     * @param slot the slot to look at now
     * @param summary what was done, in words
     */
    public record ChangedList(StoredList list, int slot, String summary) {}

    /** The channels that were taken from entries of the directory, in words, by the entry's key. */
    @Transactional(readOnly = true)
    public Map<String, String> channelsByEntry() {
        Map<String, String> channels = new HashMap<>();
        for (ListRecord record : lists.findByBinnedAtIsNull()) {
            list(record.revisionId()).entries().forEach((slot, entry) -> {
                if (!entry.directoryId().isEmpty()) {
                    channels.putIfAbsent(
                            entry.directoryId(), entry.channel().label() + " in slot " + slot + " of " + record.name());
                }
            });
        }
        return channels;
    }

    /** Puts a list into the bin. One that lies there already stays as it is. */
    public void bin(UUID id) {
        ListRecord record = known(id);
        if (record.binnedAt().isEmpty()) {
            record.bin(clock.instant());
        }
    }

    /** Brings a list back out of the bin; it is as it was, with all its history. */
    public StoredList bringBack(UUID id) {
        ListRecord record = known(id);
        record.bringBack();
        return stored(lists.saveAndFlush(record));
    }

    /**
     * A list in the bin.
     *
     * @param goneAt when it goes for good
     */
    public record BinnedList(UUID id, String name, int channels, Instant binnedAt, Instant goneAt) {}

    /** What lies in the bin, the latest first. */
    @Transactional(readOnly = true)
    public List<BinnedList> binned() {
        return lists.findByBinnedAtIsNotNullOrderByBinnedAtDesc().stream()
                .map(each -> new BinnedList(
                        each.id(),
                        each.name(),
                        each.summary().channels(),
                        each.binnedAt().orElseThrow(),
                        each.binnedAt().orElseThrow().plus(IN_THE_BIN)))
                .toList();
    }

    /** Empties the bin of what has lain there for 30 days. */
    @Scheduled(initialDelay = 1, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    public void sweepTheBin() {
        lists.deleteAll(lists.findByBinnedAtBefore(clock.instant().minus(IN_THE_BIN)));
    }

    /** Takes the newest change back. */
    public StoredList undo(UUID id, long baseVersion) {
        ListRecord record = atVersion(id, baseVersion);
        Long parent = revisions.title(record.revisionId()).parentId();
        return moveTo(record, Optional.ofNullable(parent), "There is nothing to undo.");
    }

    /** Makes the change again that was taken back last. */
    public StoredList redo(UUID id, long baseVersion) {
        ListRecord record = atVersion(id, baseVersion);
        return moveTo(record, revisions.next(record.revisionId()).map(Title::id), "There is nothing to redo.");
    }

    /**
     * A change of the past.
     *
     * @param current whether the list stands there now
     * @param name what the person called it; empty for most
     */
    public record PastRevision(long revision, String summary, Instant at, boolean current, String name) {}

    /** The newest hundred changes and all that have a name, newest first, those that were undone too. */
    @Transactional(readOnly = true)
    public List<PastRevision> history(UUID id) {
        long current = record(id).revisionId();
        List<Title> titles = Stream.concat(revisions.newest(id).stream(), named.of(id).stream())
                .distinct()
                .sorted(Comparator.comparing(Title::id).reversed())
                .toList();
        Map<Long, String> names = new HashMap<>();
        named.findAllById(titles.stream().map(Title::id).toList())
                .forEach(each -> names.put(each.getId(), each.name()));
        return titles.stream()
                .map(each -> new PastRevision(
                        each.id(),
                        each.summary(),
                        each.createdAt(),
                        each.id() == current,
                        names.getOrDefault(each.id(), "")))
                .toList();
    }

    /** Gives a change of the past a name, by which it is found however long ago it was; an empty one takes the name away. */
    public void name(UUID id, long revision, String name) {
        RevisionRecord past = revision(record(id).id(), revision);
        if (name.isBlank()) {
            named.findById(past.id()).ifPresent(named::delete);
        } else {
            named.save(new NamedRevisionRecord(past.id(), name.strip()));
        }
    }

    /** Every change that leads to the list as it is now. */
    @Transactional(readOnly = true)
    public HistoryDocument wholeHistory(UUID id) {
        Deque<Long> chain = new ArrayDeque<>();
        for (Long at = record(id).revisionId();
                at != null;
                at = revisions.title(at).parentId()) {
            chain.push(at);
        }
        Map<Long, String> names = new HashMap<>();
        named.findAllById(chain).forEach(each -> names.put(each.getId(), each.name()));
        HistoryDocument.Writer writer = new HistoryDocument.Writer();
        chain.forEach(each -> writer.add(
                revisions.findById(each).orElseThrow(), revisions.title(each).createdAt(), names.get(each)));
        return writer.document();
    }

    /**
     * A list as it was after a change.
     *
     * @param name what the person called it; empty for most
     */
    public record PastList(String summary, Instant at, ChannelList list, String name) {}

    /** Brings the list back to how it was after a change of the past; this is a change of its own and can be undone. */
    public StoredList restore(UUID id, long baseVersion, long revision) {
        RevisionRecord past = revision(id, revision);
        ListEdit back = new ListEdit.GoBack(list(past.id()), past.summary());
        return change(id, baseVersion, back::applyTo).list();
    }

    /** How a list was after a change of the past. */
    @Transactional(readOnly = true)
    public ChannelList at(UUID id, long revision) {
        return list(revision(record(id).id(), revision).id());
    }

    private RevisionRecord revision(UUID id, long revision) {
        return revisions
                .findById(revision)
                .filter(each -> each.listId().equals(id))
                .orElseThrow(() -> ProblemException.notFound("There is no revision " + revision + " of this list."));
    }

    private StoredList moveTo(ListRecord record, Optional<Long> revision, String otherwise) {
        Long to = revision.orElseThrow(
                () -> ProblemException.refused("nothing-to-move-to", "That cannot be done", otherwise));
        record.standAt(to, list(to), clock.instant());
        return stored(lists.saveAndFlush(record));
    }

    private ListRecord atVersion(UUID id, long baseVersion) {
        ListRecord record = record(id);
        if (record.version() != baseVersion) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    "\"" + record.name() + "\" was changed in another tab or window (\""
                            + revisions.title(record.revisionId()).summary()
                            + "\"). Nothing was overwritten; this tab now shows the newest list.");
        }
        return record;
    }

    private ListRecord record(UUID id) {
        ListRecord record = known(id);
        if (record.binnedAt().isPresent()) {
            throw ProblemException.notFound(
                    "\"" + record.name() + "\" lies in the bin. Bring it back on the page of lists to go on with it.");
        }
        return record;
    }

    private ListRecord known(UUID id) {
        return lists.findById(id)
                .orElseThrow(() -> ProblemException.notFound("There is no list " + id + "; it may have been deleted."));
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll() {
        for (ListRecord record : lists.findAll()) {
            try {
                ChannelList now = readPast(record.id(), record.revisionId());
                if (!stored(record).list().equals(now)) {
                    throw new IllegalStateException("its changes do not lead to it");
                }
            } catch (RuntimeException unreadable) {
                throw new IllegalStateException(
                        "the list \"" + record.name() + "\": " + unreadable.getMessage(), unreadable);
            }
        }
    }

    /** Works out every revision once, each from its parent; the one asked for comes back. */
    private ChannelList readPast(UUID list, long wanted) {
        ChannelList found = null;
        Map<Long, ChannelList> known = new LinkedHashMap<>() {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Long, ChannelList> eldest) {
                return size() > REVISIONS_AT_HAND;
            }
        };
        for (Long id : revisions.idsOf(list)) {
            RevisionRecord each = revisions.findById(id).orElseThrow();
            ChannelList content;
            if (each.document() != null) {
                content = each.document().toList();
            } else {
                Long parent = revisions.title(id).parentId();
                if (revisions.parent(id).sinceWhole()
                        != revisions.parent(parent).sinceWhole() + 1) {
                    throw new IllegalStateException("its changes are not in order");
                }
                content = each.difference().appliedTo(known.containsKey(parent) ? known.get(parent) : list(parent));
            }
            known.put(id, content);
            found = id == wanted ? content : found;
            entities.clear();
        }
        return found;
    }

    @Override
    public void clearCache() {
        cache.clear();
    }

    private ChannelList list(Long revision) {
        return cache.get(revision).orElseGet(() -> {
            ChannelList list = null;
            for (RevisionRecord each : revisions.chain(revision)) {
                list = each.document() != null
                        ? each.document().toList()
                        : each.difference().appliedTo(list);
            }
            cache.put(revision, list);
            return list;
        });
    }

    private StoredList stored(ListRecord record) {
        Title title = revisions.title(record.revisionId());
        return new StoredList(
                record.id(),
                record.version(),
                list(record.revisionId()),
                Optional.ofNullable(record.homeId()),
                Optional.ofNullable(title.parentId()).map(parent -> title.summary()),
                revisions.next(record.revisionId()).map(Title::summary),
                record.changedAt());
    }
}
