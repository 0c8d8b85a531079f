package reckonrod.server.imports;

import jakarta.persistence.EntityManager;
import jakarta.persistence.PersistenceException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What imports are read from, kept in parts so that it is never in memory as a whole. */
@Repository
@Transactional
class ImportContent {
    private static final int PART_BYTES = 1 << 18;

    private final EntityManager entities;

    ImportContent(EntityManager entities) {
        this.entities = entities;
    }

    void keep(UUID id, Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            int part = 0;
            for (byte[] bytes = in.readNBytes(PART_BYTES); bytes.length > 0; bytes = in.readNBytes(PART_BYTES)) {
                entities.createNativeQuery(
                                "insert into directory_import_part (import_id, part, bytes) values (:id, :part, :bytes)")
                        .setParameter("id", id)
                        .setParameter("part", part++)
                        .setParameter("bytes", bytes)
                        .executeUpdate();
            }
        } catch (IOException unreadable) {
            throw new PersistenceException("The listing could not be kept", unreadable);
        }
    }

    void forget(UUID id) {
        entities.createNativeQuery("delete from directory_import_part where import_id = :id")
                .setParameter("id", id)
                .executeUpdate();
    }

    @Transactional(readOnly = true)
    byte[] part(UUID id, int part) {
        List<?> found = entities.createNativeQuery(
                        "select bytes from directory_import_part where import_id = :id and part = :part", byte[].class)
                .setParameter("id", id)
                .setParameter("part", part)
                .getResultList();
        return found.isEmpty() ? new byte[0] : (byte[]) found.get(0);
    }
}
