package reckonrod.server.plans;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** A plan of the person's own, as the text of its file. */
@Entity
@Table(name = "band_plan")
class PlanRecord implements Persistable<String> {
    @Id
    private String id;

    private String yaml;

    // An object, so that a record without a version is known to be new although it has an id.
    @Version
    private Long version;

    private Instant changedAt;

    PlanRecord() {}

    PlanRecord(String id, String yaml, Instant now) {
        this.id = id;
        this.yaml = yaml;
        this.changedAt = now;
    }

    @Override
    public String getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    String yaml() {
        return yaml;
    }

    long version() {
        return version == null ? 0 : version;
    }

    void become(String nextYaml, Instant now) {
        yaml = nextYaml;
        changedAt = now;
    }

    Instant changedAt() {
        return changedAt;
    }
}
