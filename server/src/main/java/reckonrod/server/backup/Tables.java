package reckonrod.server.backup;

import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The tables of the installation. Those of the access (password, keys) stay with the machine. */
@Component
class Tables {
    private static final List<String> NOT_OURS = List.of("flyway_schema_history", "access_secret");

    private final JdbcTemplate jdbc;

    Tables(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** The names of all tables of a schema that belong into an archive, in a settled order. */
    List<String> of(String schema) {
        return jdbc
                .queryForList(
                        "select table_name from information_schema.tables where table_schema = ? and table_type = 'BASE TABLE'"
                                + " order by table_name",
                        String.class,
                        schema)
                .stream()
                .filter(each -> !NOT_OURS.contains(each))
                .toList();
    }

    /** The columns of a table that are written to, with commas. */
    String columns(String schema, String table) {
        return String.join(
                ", ",
                jdbc.queryForList(
                        "select quote_ident(column_name) from information_schema.columns where table_schema = ? and table_name = ?"
                                + " and is_generated = 'NEVER' order by ordinal_position",
                        String.class,
                        schema,
                        table));
    }

    /** The schema that this program's own tables are in. */
    String ownSchema() {
        return jdbc.queryForObject("select current_schema()", String.class);
    }

    /** The version of the database. */
    String version() {
        return jdbc.queryForObject(
                "select version from flyway_schema_history where success and version is not null"
                        + " order by installed_rank desc limit 1",
                String.class);
    }
}
