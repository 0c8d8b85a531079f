package reckonrod.server.recipes;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A recipe of the person's own, as the text of its file. */
@Entity
@Table(name = "export_recipe")
class RecipeRecord implements Persistable<UUID> {
    @Id
    private UUID id;

    private String yaml;

    // An object, so that a record without a version is known to be new although it has an id.
    @Version
    private Long version;

    @SuppressWarnings("UnusedVariable") // For who looks into the database.
    private Instant changedAt;

    RecipeRecord() {}

    RecipeRecord(UUID id, String yaml, Instant now) {
        this.id = id;
        become(yaml, now);
    }

    @Override
    public UUID getId() {
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

    final void become(String nextYaml, Instant now) {
        yaml = nextYaml;
        changedAt = now;
    }
}
