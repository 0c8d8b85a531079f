package reckonrod.server.lists;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

/** A list: a name and the revision it stands at. */
@Entity
@Table(name = "channel_list")
class ListRecord {
    @Id
    private UUID id;

    private String name;

    @Version
    private long version;

    private long revisionId;
    private UUID homeId;

    ListRecord() {}

    ListRecord(UUID id, String name, long revisionId) {
        this.id = id;
        this.name = name;
        this.revisionId = revisionId;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    long version() {
        return version;
    }

    long revisionId() {
        return revisionId;
    }

    UUID homeId() {
        return homeId;
    }

    void comesFrom(UUID home) {
        homeId = home;
    }

    void standAt(long revision) {
        revisionId = revision;
    }
}
