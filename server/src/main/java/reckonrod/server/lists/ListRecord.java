package reckonrod.server.lists;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.list.ChannelList;

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
    private String bandPlan;
    private String licence;
    private int channels;
    private Instant changedAt;
    private Instant binnedAt;

    ListRecord() {}

    ListRecord(UUID id, ChannelList list, long revisionId, Instant now) {
        this.id = id;
        standAt(revisionId, list, now);
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

    ListSummary summary() {
        return new ListSummary(id, name, channels, bandPlan, licence, changedAt, homeId);
    }

    Instant changedAt() {
        return changedAt;
    }

    Optional<Instant> binnedAt() {
        return Optional.ofNullable(binnedAt);
    }

    void bin(Instant now) {
        binnedAt = now;
    }

    void bringBack() {
        binnedAt = null;
    }

    final void standAt(long revision, ChannelList list, Instant now) {
        changedAt = now;
        revisionId = revision;
        name = list.name();
        bandPlan = list.bandPlanId();
        licence = list.licence();
        channels = list.entries().size();
    }
}
