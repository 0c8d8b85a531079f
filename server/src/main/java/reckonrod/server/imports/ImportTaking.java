package reckonrod.server.imports;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.directory.State;
import reckonrod.core.listing.RowKind;
import reckonrod.server.problem.ProblemException;

/** Moves what was read into the directory, and out of it again; each in one transaction. */
@Repository
@Transactional
class ImportTaking {
    // Moving rows from one table into another is the database's work; what they mean was judged before.
    private static final String TAKE = """
            insert into directory_entry (id, source, call_sign, site, area, latitude, longitude, cell, ground_metres,
              antenna_metres, output_hz, input_words, talk_tone, listen_tone, mode, watts, state, flags, confirmed_on,
              confirmed_by, sponsor, notes, search_text)
            select entry_id, source, call_sign, site, area, latitude, longitude, cell, ground_metres,
              antenna_metres, output_hz, input_words, talk_tone, listen_tone, mode, watts, state, flags, confirmed_on,
              confirmed_by, sponsor, notes, search_text
            from directory_import_row
            where import_id = :import and kind in ('NEW', 'CHANGED') and (:doubtful or not doubtful)
            on conflict (id) do update set source = excluded.source, call_sign = excluded.call_sign,
              site = excluded.site, area = excluded.area, latitude = excluded.latitude, longitude = excluded.longitude,
              cell = excluded.cell, ground_metres = excluded.ground_metres, antenna_metres = excluded.antenna_metres,
              output_hz = excluded.output_hz, input_words = excluded.input_words, talk_tone = excluded.talk_tone,
              listen_tone = excluded.listen_tone, mode = excluded.mode, watts = excluded.watts, state = excluded.state,
              flags = excluded.flags, confirmed_on = excluded.confirmed_on, confirmed_by = excluded.confirmed_by,
              sponsor = excluded.sponsor, notes = excluded.notes, search_text = excluded.search_text
            """;

    private final EntityManager entities;
    private final ImportStore store;
    private final ImportContent content;
    private final Clock clock;

    ImportTaking(EntityManager entities, ImportStore store, ImportContent content, Clock clock) {
        this.entities = entities;
        this.store = store;
        this.content = content;
        this.clock = clock;
    }

    /**
     * Takes it into the directory: all of it or, if anything fails, nothing.
     *
     * @param doubtful whether rows in doubt are taken too
     * @param dropGone whether entries of the same source that stand no longer in it are marked so
     */
    void take(UUID id, boolean doubtful, boolean dropGone) {
        ImportRecord record = store.locked(id, "taken", ImportState.READ);
        keepBefore(record, doubtful, dropGone);
        int taken = entities.createNativeQuery(TAKE)
                .setParameter("import", id)
                .setParameter("doubtful", doubtful)
                .executeUpdate();
        int gone = dropGone
                ? ImportStore.withGone(
                                entities.createQuery(
                                        "update EntryRecord e set e.fields.state = :dropped where" + ImportStore.GONE),
                                record)
                        .executeUpdate()
                : 0;
        // Searches right after this must not go by the counts of the empty table.
        entities.createNativeQuery("analyze directory_entry").executeUpdate();
        content.forget(id);
        record.end(
                ImportState.TAKEN,
                counted(taken, "entry was", "entries were") + " taken"
                        + (gone > 0 ? ", " + counted(gone, "is", "are") + " marked as no longer listed" : "") + ".",
                clock.instant());
    }

    /** Keeps the entries that taking is about to change. */
    private void keepBefore(ImportRecord record, boolean doubtful, boolean dropGone) {
        entities.createNativeQuery(
                        "insert into directory_before select e.*, cast(:import as uuid) from directory_entry e"
                                + " join directory_import_row r on r.import_id = :import and r.entry_id = e.id"
                                + " where r.kind = 'CHANGED' and (:doubtful or not r.doubtful)")
                .setParameter("import", record.id())
                .setParameter("doubtful", doubtful)
                .executeUpdate();
        if (dropGone) {
            entities.createNativeQuery(
                            "insert into directory_before select e.*, cast(:import as uuid) from directory_entry e"
                                    + " where e.source = :source and e.state <> :dropped and not exists (select 1 from"
                                    + " directory_import_row r where r.import_id = :import and r.entry_id = e.id)")
                    .setParameter("import", record.id())
                    .setParameter("source", record.source())
                    .setParameter("dropped", State.NO_LONGER_LISTED.name())
                    .executeUpdate();
        }
    }

    /**
     * Takes a taken import back: what it added goes, what it changed is as it was.
     *
     * @param usedEntries the entries that channels of the lists were taken from
     */
    void takeBack(UUID id, Map<String, String> usedEntries) {
        ImportRecord record = store.locked(id, "taken back", ImportState.TAKEN);
        List<?> later = entities.createQuery(
                        "select i.name from ImportRecord i where i.source = :source and i.state = :taken"
                                + " and i.heardAt > :taken_at")
                .setParameter("source", record.source())
                .setParameter("taken", ImportState.TAKEN)
                // Which was taken later counts, not which was brought later.
                .setParameter("taken_at", record.heardAt())
                .getResultList();
        if (!later.isEmpty()) {
            throw ProblemException.conflict(
                    "import-built-upon",
                    "Something depends on it",
                    "Another listing of " + record.source() + " was taken after it. Take that one back first.");
        }
        List<?> added = entities.createQuery(
                        "select r.entryId from StagedRow r where r.importId = :import and r.kind = :new")
                .setParameter("import", id)
                .setParameter("new", RowKind.NEW)
                .getResultList();
        Set<String> users = new java.util.TreeSet<>();
        added.forEach(
                entry -> Optional.ofNullable(usedEntries.get((String) entry)).ifPresent(users::add));
        if (!users.isEmpty()) {
            throw ProblemException.conflict(
                    "import-in-use",
                    "Something depends on it",
                    "Channels were taken from it: "
                            + String.join(", ", users.stream().limit(5).toList())
                            + (users.size() > 5 ? " and " + (users.size() - 5) + " more" : "")
                            + ". Take those out of their lists first.");
        }
        // Those in doubt may not have been taken.
        int gone = entities.createNativeQuery("delete from directory_entry e using directory_import_row r"
                        + " where r.import_id = :import and r.kind = 'NEW' and r.entry_id = e.id")
                .setParameter("import", id)
                .executeUpdate();
        entities.createNativeQuery("delete from directory_entry e using directory_before b"
                        + " where b.import_id = :import and b.id = e.id")
                .setParameter("import", id)
                .executeUpdate();
        int restored = entities.createNativeQuery(
                        "insert into directory_entry select id, source, call_sign, site, area,"
                                + " latitude, longitude, cell, ground_metres, antenna_metres, output_hz, input_words, talk_tone,"
                                + " listen_tone, mode, watts, state, flags, confirmed_on, confirmed_by, sponsor, notes, search_text"
                                + " from directory_before where import_id = :import")
                .setParameter("import", id)
                .executeUpdate();
        entities.createNativeQuery("delete from directory_before where import_id = :import")
                .setParameter("import", id)
                .executeUpdate();
        record.end(
                ImportState.TAKEN_BACK,
                "Taken back: " + counted(gone, "entry", "entries") + " went, " + counted(restored, "is", "are")
                        + " as before.",
                clock.instant());
    }

    /**
     * Removes a source from the directory.
     *
     * @param entries how many entries the person knows to go
     */
    void removeSource(String source, long entries) {
        long there = entities.createQuery(
                        "select count(e) from EntryRecord e where e.fields.source = :source", Long.class)
                .setParameter("source", source)
                .getSingleResult();
        if (there == 0) {
            throw ProblemException.notFound("There is no source \"" + source + "\" in the directory.");
        }
        if (there != entries) {
            throw ProblemException.conflict(
                    "loss-not-meant",
                    "More would go than was meant",
                    "\"" + source + "\" has " + there + " entries, and entries says " + entries
                            + ". Nothing was removed; look again.");
        }
        entities.createQuery("delete from EntryRecord e where e.fields.source = :source")
                .setParameter("source", source)
                .executeUpdate();
        entities.createQuery("update ImportRecord i set i.state = :back, i.message = :message"
                        + " where i.source = :source and i.state = :taken")
                .setParameter("back", ImportState.TAKEN_BACK)
                .setParameter("message", "Its source was removed.")
                .setParameter("source", source)
                .setParameter("taken", ImportState.TAKEN)
                .executeUpdate();
    }

    private static String counted(int count, String one, String many) {
        return count + " " + (count == 1 ? one : many);
    }
}
