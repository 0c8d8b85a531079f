package reckonrod.server.lists;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.springframework.data.domain.Persistable;

/** The name that the person gave a change of the past. */
@Entity
@Table(name = "named_revision")
class NamedRevisionRecord implements Persistable<Long> {
    @Id
    private Long revisionId;

    private String name;

    NamedRevisionRecord() {}

    NamedRevisionRecord(Long revisionId, String name) {
        this.revisionId = revisionId;
        this.name = name;
    }

    @Override
    public Long getId() {
        return revisionId;
    }

    @Override
    public boolean isNew() {
        return false;
    }

    String name() {
        return name;
    }
}
