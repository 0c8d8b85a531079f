package reckonrod.server.imports;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** What an import is read from, kept apart because it is large. */
@Entity
@Table(name = "directory_import_content")
class ImportContent {
    @Id
    private UUID importId;

    private byte[] bytes;

    ImportContent() {}

    ImportContent(UUID importId, byte[] bytes) {
        this.importId = importId;
        this.bytes = bytes.clone();
    }

    byte[] bytes() {
        return bytes.clone();
    }
}
