package reckonrod.server.files;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** A file of the person's own, as its text, under the id that stands in it. */
@MappedSuperclass
public abstract class OwnFile implements Persistable<String> {
    @Id
    private String id;

    private String yaml;

    // An object, so that a record without a version is known to be new although it has an id.
    @Version
    private Long version;

    private Instant changedAt;

    protected OwnFile() {}

    protected OwnFile(String id, String yaml, Instant now) {
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

    /** Its text. */
    public String yaml() {
        return yaml;
    }

    /** How often it was kept. */
    public long version() {
        return version == null ? 0 : version;
    }

    /** Another text for it. */
    public void become(String nextYaml, Instant now) {
        yaml = nextYaml;
        changedAt = now;
    }

    /** When it was kept last. */
    public Instant changedAt() {
        return changedAt;
    }
}
