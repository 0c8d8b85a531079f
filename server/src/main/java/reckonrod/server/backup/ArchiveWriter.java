package reckonrod.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.boot.info.BuildProperties;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Writes all tables as they were at one moment into a zip: a line of JSON for each row, and a manifest behind them. */
@Component
class ArchiveWriter {
    /** Few, for a part of a listing that is being read may have some megabytes. */
    private static final int ROWS_AT_A_TIME = 25;

    private final JdbcTemplate jdbc;
    private final Tables tables;
    private final TransactionTemplate oneMoment;
    private final BuildProperties build;
    private final Clock clock;
    private final JsonMapper json;

    ArchiveWriter(
            JdbcTemplate jdbc,
            Tables tables,
            PlatformTransactionManager transactions,
            BuildProperties build,
            Clock clock,
            JsonMapper json) {
        this.jdbc = jdbc;
        this.tables = tables;
        this.build = build;
        this.clock = clock;
        this.json = json;
        oneMoment = new TransactionTemplate(transactions);
        oneMoment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        oneMoment.setReadOnly(true);
    }

    void write(OutputStream out) throws IOException {
        try {
            oneMoment.executeWithoutResult(status -> {
                try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                    write(zip);
                } catch (IOException broken) {
                    throw new UncheckedIOException(broken);
                }
            });
        } catch (UncheckedIOException broken) {
            throw broken.getCause();
        }
    }

    private void write(ZipOutputStream zip) throws IOException {
        String schema = tables.ownSchema();
        Map<String, Long> rows = new TreeMap<>();
        for (String table : tables.of(schema)) {
            zip.putNextEntry(new ZipEntry(Manifest.entryOf(table)));
            rows.put(table, rows(schema, table, zip));
            zip.closeEntry();
        }
        Manifest manifest = new Manifest(
                Manifest.KIND, Manifest.FORMAT, tables.version(), build.getVersion(), clock.instant(), rows);
        zip.putNextEntry(new ZipEntry(Manifest.ENTRY));
        zip.write(json.writeValueAsBytes(manifest));
        zip.closeEntry();
    }

    private long rows(String schema, String table, ZipOutputStream zip) {
        JdbcTemplate streaming = new JdbcTemplate(jdbc.getDataSource());
        streaming.setFetchSize(ROWS_AT_A_TIME);
        long[] count = {0};
        streaming.query("select row_to_json(t)::text from " + schema + "." + table + " t", row -> {
            try {
                zip.write(row.getString(1).getBytes(StandardCharsets.UTF_8));
                zip.write('\n');
                count[0]++;
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        });
        return count[0];
    }
}
