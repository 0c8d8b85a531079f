package reckonrod.server.lists;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A list as it was after one change. Never changed itself. */
@Entity
@Table(name = "list_revision")
class RevisionRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private UUID listId;

    private Long parentId;

    @JdbcTypeCode(SqlTypes.JSON)
    private ListDocument document;

    private String summary;

    private Instant createdAt;

    RevisionRecord() {}

    RevisionRecord(UUID listId, Long parentId, ListDocument document, String summary, Instant createdAt) {
        this.listId = listId;
        this.parentId = parentId;
        this.document = document;
        this.summary = summary;
        this.createdAt = createdAt;
    }

    Long id() {
        return id;
    }

    UUID listId() {
        return listId;
    }

    Instant createdAt() {
        return createdAt;
    }

    Long parentId() {
        return parentId;
    }

    ListDocument document() {
        return document;
    }

    String summary() {
        return summary;
    }
}
