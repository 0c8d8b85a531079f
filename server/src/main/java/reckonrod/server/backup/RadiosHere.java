package reckonrod.server.backup;

import java.util.List;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * What is known here of real radios, carried over a restore. An archive cannot know what happened to a radio after it was made: which
 * write broke off, which card is on its way, what was read. All that stays; what a radio holds is unknown until it is read again.
 * Simulated radios come from the archive with their memories.
 */
@Component
class RadiosHere {
    private static final String SIMULATED = "('simulated', 'simulated-tcp')";

    private final JdbcTemplate jdbc;
    private final Tables tables;

    RadiosHere(JdbcTemplate jdbc, Tables tables) {
        this.jdbc = jdbc;
        this.tables = tables;
    }

    /**
     * Sets aside what is known here, before the tables of this schema are emptied; in the transaction of the restore.
     *
     * @param own the schema of this program
     * @param archive the schema with the tables of the archive
     */
    void setAside(String own, String archive) {
        // A transfer that ran when the archive was made does not run now, and says nothing of how it ended.
        jdbc.update("update " + archive + ".transfer_job set state = 'INTERRUPTED', finished_at = now(),"
                + " message = 'This transfer was running when the archive was made; how it ended is not in the archive.'"
                + " where state = 'RUNNING'");
        jdbc.execute("create temp table real_here on commit drop as select u.*, u.id as came_as, exists (select 1 from "
                + archive + ".radio_unit a where a.id = u.id and a.definition_id = u.definition_id) as in_archive from "
                + own + ".radio_unit u where u.port not in " + SIMULATED);
        // A radio that the archive does not know goes with the lists of its time, unless something of it would be lost.
        jdbc.execute("delete from real_here h where not in_archive and not half_written"
                + " and not exists (select 1 from " + own + ".snapshot s where s.radio_id = h.id)"
                + " and not exists (select 1 from " + own + ".card_out c where c.radio_id = h.id)");
        // Its id may stand for another radio in the archive.
        jdbc.execute("update real_here h set id = left(id, 70) || '-' || left(md5(id || name), 6)"
                + " where not in_archive and exists (select 1 from " + archive + ".radio_unit a where a.id = h.id)");
        jdbc.execute(
                "update real_here h set name = left(name, 36) || ' (2)' where not in_archive and exists (select 1 from "
                        + archive + ".radio_unit a where lower(a.name) = lower(h.name))");
        jdbc.execute("create temp table models_here on commit drop as select * from " + own + ".radio_definition d"
                + " where exists (select 1 from real_here h where h.definition_id = d.id)");
        for (String table : List.of("snapshot", "transfer_job", "card_out", "by_hand_step", "radio_lending")) {
            jdbc.execute(
                    "create temp table " + table + "_here on commit drop as select t.*, h.in_archive as known from "
                            + own + "." + table + " t join real_here h on h.came_as = t.radio_id");
            jdbc.execute(
                    "update " + table + "_here t set radio_id = h.id from real_here h where h.came_as = t.radio_id");
        }
        // Snapshots of simulated radios that the archive has too.
        jdbc.execute("insert into snapshot_here select s.*, true from " + own + ".snapshot s join " + own
                + ".radio_unit u on u.id = s.radio_id join " + archive
                + ".radio_unit a on a.id = u.id and a.definition_id = u.definition_id where u.port in " + SIMULATED);
    }

    /** Brings it back, behind what the archive put there; in the same transaction. */
    void bringBack(String own) {
        insert(own, "radio_definition", "models_here", "true");
        insert(own, "radio_unit", "real_here", "not t.in_archive");
        insert(own, "snapshot", "snapshot_here", "true");
        insert(own, "transfer_job", "transfer_job_here", "t.state <> 'RUNNING'");
        insert(own, "radio_lending", "radio_lending_here", "not t.known");
        for (String table : List.of("card_out", "by_hand_step")) {
            jdbc.execute("delete from " + own + "." + table + " t using real_here h where t.radio_id = h.id");
            insert(own, table, table + "_here", "true");
        }
        jdbc.execute(
                "update " + own + ".radio_unit u set half_written = h.half_written,"
                        + " snapshot_to_put_back = h.snapshot_to_put_back, written_snapshot = h.written_snapshot,"
                        + " written_slots = h.written_slots, port = h.port from real_here h where u.id = h.id and h.in_archive");
        jdbc.execute("update " + own + ".radio_unit u set written_snapshot = null, written_slots = '[]'"
                + " where written_snapshot is not null and not exists (select 1 from " + own
                + ".snapshot s where s.id = u.written_snapshot)");
        // What a plan that was carried out said of its radio is not known to be so any more.
        jdbc.execute("delete from " + own + ".kept_plan where state <> 'WAITING'");
        // Of a radio that was never read nothing was said before either.
        jdbc.execute("update " + own + ".radio_unit u set loaded_list_id = null, loaded_list_name = null,"
                + " loaded_at = null, unknown_since = case when exists (select 1 from " + own
                + ".snapshot s where s.radio_id = u.id) then now() end");
    }

    private void insert(String own, String table, String from, String where) {
        String columns = tables.columns(own, table);
        jdbc.execute("insert into " + own + "." + table + " (" + columns + ") select "
                + List.of(columns.split(", ")).stream().map(each -> "t." + each).collect(Collectors.joining(", "))
                + " from " + from + " t where " + where + " on conflict do nothing");
    }
}
