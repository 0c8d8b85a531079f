package reckonrod.server.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;
import reckonrod.server.problem.ProblemException;

/**
 * Puts an archive in the place of what is there. Its tables are first made aside as they were when it was written, filled, and
 * brought up to this program's version; only then, in one transaction, they take the place of the others.
 */
@Component
class Restoring {
    private static final String ASIDE = "restoring";
    /** The code of the answer when nobody knows whether the restore was committed. */
    static final String RESTORE_BROKEN_OFF = "restore-broken-off";

    private static final long LARGEST_NUMBER = 1L << 53;
    private static final long LOCK = 7_710_914_226L;
    private static final Duration PAUSE = Duration.ofMillis(20);
    private static final int TRIES = 500;
    /** PostgreSQL's code for a lock that is not to be had now. */
    private static final String LOCK_NOT_AVAILABLE = "55P03";

    private final JdbcTemplate jdbc;
    private final DataSource source;
    private final Tables tables;
    private final ArchiveReader reader;
    private final RestoreTrial trial;
    private final RadiosHere radiosHere;
    private final TransactionTemplate whole;

    Restoring(
            JdbcTemplate jdbc,
            DataSource source,
            Tables tables,
            ArchiveReader reader,
            RestoreTrial trial,
            RadiosHere radiosHere,
            PlatformTransactionManager transactions) {
        this.jdbc = jdbc;
        this.source = source;
        this.tables = tables;
        this.reader = reader;
        this.trial = trial;
        this.radiosHere = radiosHere;
        this.whole = new TransactionTemplate(transactions);
    }

    /** How many rows each table has now. */
    Map<String, Long> here() {
        String schema = tables.ownSchema();
        Map<String, Long> rows = new TreeMap<>();
        tables.of(schema)
                .forEach(table -> rows.put(
                        table, jdbc.queryForObject("select count(*) from " + schema + "." + table, Long.class)));
        return rows;
    }

    /**
     * Names what all tables hold now; it changes as soon as a row is added, changed or removed. Every version of a row has its own
     * place and transaction, so their sum also shows an edit that began before others and is committed after them, which the highest
     * transaction number would not.
     */
    String mark() {
        String schema = tables.ownSchema();
        return tables.of(schema).stream()
                .map(table -> jdbc.queryForObject(
                        "select '" + table + " ' || count(*) || ' ' ||"
                                + " coalesce(sum(hashtextextended(xmin::text || ctid::text, 0)::numeric), 0) from "
                                + schema + "." + table,
                        String.class))
                .collect(Collectors.joining(", "));
    }

    /** Refuses an archive of a newer program. */
    void requireKnown(Manifest manifest) {
        if (MigrationVersion.fromVersion(manifest.schema()).isNewerThan(tables.version())) {
            throw ArchiveReader.refused("The archive was made by a newer Reckonrod (" + manifest.program()
                    + "); install that version to restore it");
        }
    }

    /**
     * Puts it in; all of it, or nothing.
     *
     * @param asItIs the {@link #mark} of what is kept of what is there; what is changed after that would be lost without a word, so
     *     then nothing is put in
     */
    void restore(Path file, String asItIs) throws IOException {
        Manifest manifest = reader.manifest(file);
        requireKnown(manifest);
        try (Connection alone = source.getConnection();
                Statement lock = alone.createStatement();
                ResultSet got = lock.executeQuery("select pg_try_advisory_lock(" + LOCK + ")")) {
            if (!got.next() || !got.getBoolean(1)) {
                throw ProblemException.conflict(
                        "work-runs",
                        "Another restore runs",
                        "An archive is being restored already, perhaps by another program. Nothing was changed.");
            }
            try {
                aside(manifest, file);
                trial.read(ASIDE);
                whenNobodyIsAtWork(() -> whole.executeWithoutResult(status -> takeTheirPlace(asItIs)));
                trial.forget();
            } finally {
                jdbc.execute("drop schema if exists " + ASIDE + " cascade");
                lock.execute("select pg_advisory_unlock(" + LOCK + ")");
            }
        } catch (DataAccessException | TransactionException | FlywayException | SQLException wrong) {
            if (isBrokenOff(wrong)) {
                throw new ProblemException(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        RESTORE_BROKEN_OFF,
                        "The database broke off",
                        "The connection to the database was lost during the restore. Either all of the archive was restored or"
                                + " nothing. Reload the page and look at your lists; what was there before is kept in the data"
                                + " folder under archives/.",
                        Map.of());
            }
            Throwable cause = NestedExceptionUtils.getMostSpecificCause(wrong);
            throw ArchiveReader.refused("Its tables do not fit together: "
                    + String.valueOf(cause.getMessage()).lines().findFirst().orElse("no reason"));
        }
    }

    /** Whether the connection went, so that it is unknown how far the database came (SQLSTATE classes 08 and 57). */
    private static boolean isBrokenOff(Throwable wrong) {
        for (Throwable each = wrong; each != null; each = each.getCause()) {
            if (each instanceof SQLException sql
                    && sql.getSQLState() != null
                    && (sql.getSQLState().startsWith("08") || sql.getSQLState().startsWith("57"))) {
                return true;
            }
        }
        return false;
    }

    /**
     * Tries until all tables can be had at once. It never waits for one while it holds another: two that wait for each other would
     * end with one of them thrown out, and that could be somebody's edit.
     */
    private static void whenNobodyIsAtWork(Runnable attempt) {
        for (int tries = 1; ; tries++) {
            try {
                attempt.run();
                return;
            } catch (DataAccessException failed) {
                if (!(failed.getRootCause() instanceof SQLException why)
                        || !LOCK_NOT_AVAILABLE.equals(why.getSQLState())) {
                    throw failed;
                }
                if (tries == TRIES) {
                    throw ProblemException.conflict(
                            "work-runs",
                            "Somebody is at work",
                            "For " + TRIES * PAUSE.toMillis() / 1000
                                    + " s there was no moment in which nothing was read or"
                                    + " written here. Nothing was changed. Restore again when nobody is at work.");
                }
                LockSupport.parkNanos(PAUSE.toNanos());
            }
        }
    }

    private void aside(Manifest manifest, Path file) throws IOException {
        jdbc.execute("drop schema if exists " + ASIDE + " cascade");
        migrate(MigrationVersion.fromVersion(manifest.schema()));
        tables.of(ASIDE).forEach(table -> jdbc.execute("truncate " + ASIDE + "." + table + " cascade"));
        // What refers to what is looked at when all of it takes its place.
        jdbc.queryForList(
                        "select format('alter table %s drop constraint %I', conrelid::regclass, conname) from pg_constraint"
                                + " where contype = 'f' and connamespace = '" + ASIDE + "'::regnamespace",
                        String.class)
                .forEach(jdbc::execute);
        for (Map.Entry<String, Long> each : manifest.rows().entrySet()) {
            String table = ASIDE + "." + each.getKey();
            long rows = reader.rows(file, each.getKey(), each.getValue(), some -> fill(table, some));
            if (rows != each.getValue()) {
                throw ArchiveReader.refused("The table " + each.getKey() + " has "
                        + (rows > each.getValue() ? "more" : "only " + rows) + " rows, and " + each.getValue()
                        + " were written");
            }
        }
        migrate(MigrationVersion.LATEST);
        requireSaneNumbers();
    }

    /** Numbers are raised when the archive takes its place, and the past of a list is followed from change to change. */
    private void requireSaneNumbers() {
        for (String table : versioned()) {
            require(
                    "select exists (select 1 from " + ASIDE + "." + table + " where version < 0 or version > "
                            + LARGEST_NUMBER + ")",
                    "A version in " + table + " is out of range");
        }
        require(
                "select exists (select 1 from " + ASIDE + ".list_revision where id < 1 or id > " + LARGEST_NUMBER
                        + " or parent_id >= id)",
                "The changes of a list are not in order");
        require(
                "select exists (select 1 from " + ASIDE + ".list_revision child join " + ASIDE
                        + ".list_revision parent on parent.id = child.parent_id where parent.list_id <> child.list_id)",
                "A change belongs to two lists");
        require(
                "select exists (select 1 from " + ASIDE + ".channel_list l where not exists (select 1 from " + ASIDE
                        + ".list_revision r where r.id = l.revision_id and r.list_id = l.id))",
                "A list has no content");
    }

    private void require(String wrong, String words) {
        if (Boolean.TRUE.equals(jdbc.queryForObject(wrong, Boolean.class))) {
            throw ArchiveReader.refused(words);
        }
    }

    private void migrate(MigrationVersion to) {
        Flyway.configure()
                .dataSource(source)
                .schemas(ASIDE)
                .defaultSchema(ASIDE)
                .target(to)
                .load()
                .migrate();
    }

    private void fill(String table, List<String> rows) {
        String name = table.substring(ASIDE.length() + 1);
        String columns = tables.columns(ASIDE, name);
        if (columns.isEmpty()) {
            throw ArchiveReader.refused("No Reckonrod has a table " + name);
        }
        jdbc.update(
                "insert into " + table + " (" + columns + ") select " + columns + " from json_populate_recordset(null::"
                        + table + ", ?::json)",
                rows.stream().collect(Collectors.joining(",", "[", "]")));
    }

    /**
     * Revisions get numbers that no program has ever seen, and versions rise: what is held in memory, here or in another program on
     * the same database, or shown in a tab, is never taken for what was restored.
     */
    private void takeTheirPlace(String asItIs) {
        String own = tables.ownSchema();
        List<String> all = tables.of(own);
        refuseIfChanged(asItIs);
        jdbc.execute("lock table " + all.stream().map(each -> own + "." + each).collect(Collectors.joining(", "))
                + " in access exclusive mode nowait");
        refuseIfChanged(asItIs);
        if (jdbc.queryForObject(
                "select exists (select 1 from " + own + ".transfer_job where state = 'RUNNING')", Boolean.class)) {
            throw ProblemException.conflict(
                    "work-runs",
                    "A transfer runs",
                    "A radio is being read or written. Let that end, then restore. Nothing was changed.");
        }
        long beyond = jdbc.queryForObject(
                "select nextval(pg_get_serial_sequence('" + own + ".list_revision', 'id'))", Long.class);
        jdbc.update("update " + ASIDE + ".list_revision set id = id + ?, parent_id = parent_id + ?", beyond, beyond);
        jdbc.update("update " + ASIDE + ".channel_list set revision_id = revision_id + ?", beyond);
        jdbc.update("update " + ASIDE + ".named_revision set revision_id = revision_id + ?", beyond);
        for (String table : versioned()) {
            jdbc.update("update " + ASIDE + "." + table + " set version = version + ?", beyond);
        }
        radiosHere.setAside(own, ASIDE);
        jdbc.execute("set constraints all deferred");
        jdbc.execute("truncate " + all.stream().map(each -> own + "." + each).collect(Collectors.joining(", ")));
        for (String table : all) {
            String columns = tables.columns(own, table);
            jdbc.execute("insert into " + own + "." + table + " (" + columns + ") select " + columns + " from " + ASIDE
                    + "." + table);
        }
        radiosHere.bringBack(own);
        jdbc.queryForList("select setval(pg_get_serial_sequence('" + own + ".list_revision', 'id'),"
                + " greatest((select coalesce(max(id), 1) from " + own + ".list_revision), " + beyond + "))");
    }

    private void refuseIfChanged(String asItIs) {
        if (!mark().equals(asItIs)) {
            throw ProblemException.conflict(
                    "changed-meanwhile",
                    "Something was changed meanwhile",
                    "While the archive was read in, something was changed here, in another tab or by another program. Nothing was"
                            + " restored, and that change stands. Restore again when nobody is at work.");
        }
    }

    private List<String> versioned() {
        return jdbc.queryForList(
                "select table_name from information_schema.columns where table_schema = ? and column_name = 'version'"
                        + " and data_type = 'bigint'",
                String.class,
                ASIDE);
    }
}
