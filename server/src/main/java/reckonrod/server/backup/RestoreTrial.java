package reckonrod.server.backup;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.EntityType;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads all of an archive from its own tables by the very code that would read it later, and changes nothing. */
@Component
class RestoreTrial {
    private static final Logger LOG = LoggerFactory.getLogger(RestoreTrial.class);
    private static final int ROWS_AT_A_TIME = 200;

    private final JdbcTemplate jdbc;
    private final EntityManager entities;
    private final List<RestoreCheck> checks;
    private final TransactionTemplate looking;

    RestoreTrial(
            JdbcTemplate jdbc,
            EntityManager entities,
            List<RestoreCheck> checks,
            PlatformTransactionManager transactions) {
        this.jdbc = jdbc;
        this.entities = entities;
        this.checks = checks;
        looking = new TransactionTemplate(transactions);
    }

    /**
     * Reads the tables of a schema.
     *
     * @throws reckonrod.server.problem.ProblemException if something in them could not be shown
     */
    void read(String schema) {
        try {
            looking.executeWithoutResult(status -> {
                status.setRollbackOnly();
                // Unqualified names mean the archive's tables for this transaction; types and operators stay where they
                // are.
                jdbc.execute("set local search_path to " + schema + ", "
                        + jdbc.queryForObject("select current_schema()", String.class));
                entities.getMetamodel().getEntities().forEach(this::readRows);
                checks.forEach(RestoreCheck::readAll);
            });
        } catch (RuntimeException unreadable) {
            LOG.warn("An archive cannot be restored", unreadable);
            throw ArchiveReader.refused("Something in it cannot be read: " + reason(unreadable));
        } finally {
            forget();
        }
    }

    /** What was cached was read from other tables than those that are in place now. */
    void forget() {
        checks.forEach(RestoreCheck::clearCache);
    }

    private void readRows(EntityType<?> type) {
        try (Stream<?> rows = entities.createQuery("select e from " + type.getName() + " e", type.getJavaType())
                .setHint("org.hibernate.fetchSize", ROWS_AT_A_TIME)
                .getResultStream()) {
            int[] count = {0};
            rows.forEach(row -> {
                if (++count[0] % ROWS_AT_A_TIME == 0) {
                    entities.clear();
                }
            });
        } finally {
            entities.clear();
        }
    }

    private static String reason(Throwable unreadable) {
        Throwable cause = unreadable;
        // A check says which list or radio it is; of anything else the innermost reason says most.
        while (!(cause instanceof IllegalStateException) && cause.getCause() != null && cause.getCause() != cause) {
            cause = cause.getCause();
        }
        String line = String.valueOf(cause.getMessage()).lines().findFirst().orElse("no reason given");
        return (line.length() > 200 ? line.substring(0, 200) + "…" : line).replaceAll("[.\\s]+$", "");
    }
}
