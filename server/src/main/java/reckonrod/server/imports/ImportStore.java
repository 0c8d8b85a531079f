package reckonrod.server.imports;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.State;
import reckonrod.core.listing.RowKind;
import reckonrod.core.listing.RowVerdict;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.follow.RunningWork;
import reckonrod.server.problem.ProblemException;

/** Keeps imports and their rows. What a screen shows of an import comes from here, whoever reads it. */
@Repository
@Transactional
class ImportStore implements RunningWork.Source {
    static final String GONE = " e.fields.source = :source and e.fields.state <> :dropped and not exists"
            + " (select 1 from StagedRow r where r.importId = :import and r.entryId = e.id)";

    private final EntityManager entities;
    private final DirectoryStore directory;
    private final ImportContent content;
    private final Clock clock;

    ImportStore(EntityManager entities, DirectoryStore directory, ImportContent content, Clock clock) {
        this.content = content;
        this.entities = entities;
        this.directory = directory;
        this.clock = clock;
    }

    /**
     * A new import.
     *
     * @param file what it is read from; null if that is no file
     */
    UUID begin(String source, Brought brought, Path file, TableLook look) {
        ImportRecord record = new ImportRecord(UUID.randomUUID(), source, brought, look, clock.instant());
        entities.persist(record);
        entities.flush();
        if (file != null) {
            content.keep(record.id(), file);
        }
        return record.id();
    }

    ImportRecord lookedAt(UUID id, TableLook look) {
        ImportRecord record = locked(id);
        record.look(look);
        return record;
    }

    /** All imports, the newest first. */
    @Transactional(readOnly = true)
    List<ImportRecord> all() {
        return entities.createQuery("select i from ImportRecord i order by i.begunAt desc", ImportRecord.class)
                .setMaxResults(30)
                .getResultList();
    }

    @Override
    @Transactional(readOnly = true)
    public List<RunningWork> running() {
        return entities.createQuery(
                        "select i from ImportRecord i where i.state = :reading order by i.begunAt", ImportRecord.class)
                .setParameter("reading", ImportState.READING)
                .getResultStream()
                .map(each -> new RunningWork(
                        each.id(),
                        RunningWork.Kind.reading,
                        each.id().toString(),
                        each.name(),
                        "Reading",
                        each.rowsRead(),
                        each.rowsTotal()))
                .toList();
    }

    @Transactional(readOnly = true)
    ImportRecord get(UUID id) {
        return found(entities.find(ImportRecord.class, id), id);
    }

    private static ImportRecord found(ImportRecord record, UUID id) {
        if (record == null) {
            throw ProblemException.notFound("There is no import " + id + " any more.");
        }
        return record;
    }

    // Two tabs that press the same button at once: the second one finds what the first one did.
    private ImportRecord locked(UUID id) {
        return found(entities.find(ImportRecord.class, id, LockModeType.PESSIMISTIC_WRITE), id);
    }

    ImportRecord locked(UUID id, String what, ImportState... allowed) {
        ImportRecord record = locked(id);
        if (!Set.of(allowed).contains(record.state())) {
            throw ProblemException.conflict(
                    "import-state",
                    "The import has moved on",
                    "\"" + record.name() + "\" cannot be " + what + " now: it "
                            + switch (record.state()) {
                                case MAPPING -> "waits for the meaning of its columns";
                                case READING -> "is being read";
                                case BROKEN_OFF -> "broke off; let it go on first";
                                case READ -> "is read and waits to be taken";
                                case TAKEN -> "was taken already";
                                case TAKEN_BACK -> "was taken back";
                                case GIVEN_UP -> "was given up";
                            }
                            + ".");
        }
        return record;
    }

    /**
     * Reading begins with this meaning of the columns, or anew with another one.
     *
     * @return who reads it from now on
     */
    UUID reading(UUID id, List<String> headings, List<String> columns) {
        ImportRecord record = locked(id, "read", ImportState.MAPPING, ImportState.READ, ImportState.BROKEN_OFF);
        forgetRows(id);
        record.progress(0, 0, clock.instant());
        return begun(record, headings, columns);
    }

    /**
     * Reading goes on after a fault.
     *
     * @return who reads it from now on
     */
    UUID goingOn(UUID id) {
        ImportRecord record = locked(id, "let go on", ImportState.BROKEN_OFF);
        return begun(record, record.headings(), record.columns());
    }

    private UUID begun(ImportRecord record, List<String> headings, List<String> columns) {
        UUID reader = UUID.randomUUID();
        record.read(reader, headings, columns, clock.instant());
        entities.flush();
        heard(record.id());
        return reader;
    }

    // By the clock of the database, which is the same for all programs.
    private void heard(UUID id) {
        entities.createQuery("update ImportRecord i set i.heardAt = instant where i.id = :id")
                .setParameter("id", id)
                .executeUpdate();
    }

    /** The listing, if it is still this reader's; another one may have taken it over while this one stood still. */
    private ImportRecord mine(UUID id, UUID reader) {
        ImportRecord record = locked(id);
        if (!record.isReadBy(reader)) {
            throw new ReaderLost();
        }
        return record;
    }

    /** Somebody who reads a listing that is no longer theirs: nothing of what they have is kept. */
    static final class ReaderLost extends RuntimeException {
        ReaderLost() {
            super("The listing was given up or taken over meanwhile", null, false, false);
        }
    }

    /** Its rows are forgotten, and the meaning of its columns is to be said anew. */
    void mapAgain(UUID id) {
        ImportRecord record = locked(id, "mapped again", ImportState.READ, ImportState.BROKEN_OFF);
        forgetRows(id);
        record.progress(0, 0, clock.instant());
        record.end(ImportState.MAPPING, "", clock.instant());
    }

    private void forgetRows(UUID id) {
        entities.createQuery("delete from StagedRow r where r.importId = :import")
                .setParameter("import", id)
                .executeUpdate();
    }

    /**
     * Keeps some rows, and how far reading has come, in one.
     *
     * @return whether the person wants it to stop
     */
    boolean stage(UUID id, UUID reader, RowSource.Chunk chunk, int read) {
        ImportRecord record = mine(id, reader);
        List<String> ids = chunk.rows().stream()
                .flatMap(row ->
                        row.reading().fold(good -> List.of(good.entry().id()), bad -> List.<String>of()).stream())
                .toList();
        Map<String, DirectoryEntry> known = directory.byIds(ids);
        Map<String, Integer> lines = linesOf(id, ids);
        for (RowSource.ReadRow row : chunk.rows()) {
            entities.persist(staged(id, row, known, lines));
        }
        record.progress(read, chunk.total(), clock.instant());
        entities.flush();
        heard(id);
        boolean cancel = record.cancelRequested();
        entities.clear();
        return cancel;
    }

    /** Of the rows that were kept so far, the lines of those that have one of these keys. */
    private Map<String, Integer> linesOf(UUID id, List<String> keys) {
        Map<String, Integer> lines = new HashMap<>();
        if (!keys.isEmpty()) {
            List<?> found = entities.createNativeQuery(
                            "select entry_id, line from directory_import_row"
                                    + " where import_id = :import and entry_id = any(:keys) and kind <> 'BAD'",
                            Object[].class)
                    .setParameter("import", id)
                    .setParameter("keys", keys.toArray(String[]::new))
                    .getResultList();
            for (Object each : found) {
                Object[] row = (Object[]) each;
                lines.put((String) row[0], (Integer) row[1]);
            }
        }
        return lines;
    }

    private static StagedRow staged(
            UUID id, RowSource.ReadRow row, Map<String, DirectoryEntry> known, Map<String, Integer> lines) {
        String key = row.reading().fold(good -> good.entry().id(), bad -> "");
        Integer before = key.isEmpty() ? null : lines.putIfAbsent(key, row.line());
        RowVerdict verdict = RowVerdict.of(
                row.reading(),
                Optional.ofNullable(known.get(key)),
                before == null ? OptionalInt.empty() : OptionalInt.of(before));
        return StagedRow.of(id, row.line(), verdict, row.cells());
    }

    /** Everything is read. */
    void allRead(UUID id, UUID reader) {
        ImportRecord record = mine(id, reader);
        Long gone = withGone(
                        entities.createQuery("select count(e) from EntryRecord e where" + GONE, Long.class), record)
                .getSingleResult();
        record.allRead(Math.toIntExact(gone), clock.instant());
    }

    static <Q extends jakarta.persistence.Query> Q withGone(Q query, ImportRecord record) {
        query.setParameter("source", record.source());
        query.setParameter("dropped", State.NO_LONGER_LISTED.name());
        query.setParameter("import", record.id());
        return query;
    }

    /** Reading broke off or was stopped; it can go on. */
    void brokenOff(UUID id, UUID reader, String message) {
        mine(id, reader).end(ImportState.BROKEN_OFF, message, clock.instant());
    }

    void requestCancel(UUID id) {
        locked(id).requestCancel();
    }

    /** Nothing of it is taken, and its rows are forgotten. */
    void giveUp(UUID id) {
        ImportRecord record = locked(
                id, "given up", ImportState.MAPPING, ImportState.READ, ImportState.BROKEN_OFF, ImportState.GIVEN_UP);
        forgetRows(id);
        content.forget(id);
        record.end(ImportState.GIVEN_UP, "Nothing of it was taken.", clock.instant());
    }

    /** How many rows of each kind there are. */
    @Transactional(readOnly = true)
    ImportView.Counts counts(UUID id) {
        long[] by = new long[5];
        entities.createQuery(
                        "select r.kind, r.doubtful, count(r) from StagedRow r where r.importId = :import"
                                + " group by r.kind, r.doubtful",
                        Object[].class)
                .setParameter("import", id)
                .getResultList()
                .forEach(row -> {
                    RowKind kind = (RowKind) row[0];
                    long count = (Long) row[2];
                    int place = switch (kind) {
                        case NEW -> 0;
                        case CHANGED -> 1;
                        case SAME -> 2;
                        case BAD -> 3;
                    };
                    by[place] += count;
                    by[4] += (Boolean) row[1] && place < 2 ? count : 0;
                });
        return new ImportView.Counts(by[0], by[1], by[2], by[3], by[4]);
    }

    /** Rows of one kind, or those in doubt when there is no kind, from that line on. */
    @Transactional(readOnly = true)
    List<StagedRow> rows(UUID id, Optional<RowKind> kind, int fromLine, int most) {
        return entities.createQuery(
                        "select r from StagedRow r where r.importId = :import and r.line >= :line and "
                                + (kind.isPresent() ? "r.kind = :kind" : "r.doubtful and r.kind <> :kind")
                                + " order by r.line",
                        StagedRow.class)
                .setParameter("import", id)
                .setParameter("line", fromLine)
                .setParameter("kind", kind.orElse(RowKind.SAME))
                .setMaxResults(most)
                .getResultList();
    }

    /** Entries of its source that stand no longer in it, after so many of them. */
    @Transactional(readOnly = true)
    List<DirectoryEntry> gone(UUID id, int after, int most) {
        ImportRecord record = get(id);
        List<String> ids = withGone(
                        entities.createQuery(
                                "select e.id from EntryRecord e where" + GONE + " order by e.id", String.class),
                        record)
                .setFirstResult(after)
                .setMaxResults(most)
                .getResultList();
        return directory.byIds(new HashSet<>(ids)).values().stream()
                .sorted(java.util.Comparator.comparing(DirectoryEntry::id))
                .toList();
    }

    @Transactional(readOnly = true)
    Optional<List<String>> remembered(List<String> headings) {
        return Optional.ofNullable(entities.find(MappingRecord.class, key(headings)))
                .map(MappingRecord::columns)
                .filter(columns -> columns.size() == headings.size());
    }

    void remember(List<String> headings, List<String> columns) {
        entities.merge(new MappingRecord(key(headings), columns));
    }

    private static String key(List<String> headings) {
        return headings.stream().map(String::strip).collect(Collectors.joining("\u001F"));
    }

    /**
     * A listing whose reader has not been heard of for long can go on.
     *
     * @param silent how long is long
     * @param alive those that are read in this program, and are never given up by it
     */
    void sweep(Duration silent, Set<UUID> alive) {
        List<?> silentOnes = entities.createNativeQuery(
                        "select id from directory_import where state = 'READING'"
                                + " and heard_at < now() - make_interval(secs => :seconds)",
                        UUID.class)
                .setParameter("seconds", silent.toMillis() / 1000.0)
                .getResultList();
        silentOnes.stream()
                .map(UUID.class::cast)
                .filter(id -> !alive.contains(id))
                .map(this::locked)
                .filter(record -> record.state() == ImportState.READING)
                .forEach(record -> record.end(
                        ImportState.BROKEN_OFF,
                        "Reckonrod ended or stood still while it was read. What was read so far is kept; let it go on.",
                        clock.instant()));
    }
}
