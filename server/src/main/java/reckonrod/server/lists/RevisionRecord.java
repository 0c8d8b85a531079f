package reckonrod.server.lists;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import reckonrod.core.list.ChannelList;
import reckonrod.server.lists.RevisionRepository.Parent;

/**
 * A list as it was after one change. Most keep only what differs from their parent; one now and then keeps the whole list.
 * Never changed itself.
 */
@Entity
@Immutable
@Table(name = "list_revision")
class RevisionRecord {
    private static final int DIFFERENCES_ON_END = 64;

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private UUID listId;

    private Long parentId;

    @JdbcTypeCode(SqlTypes.JSON)
    private ListDocument document;

    @JdbcTypeCode(SqlTypes.JSON)
    private ListDifference difference;

    private int sinceWhole;

    @SuppressWarnings("UnusedVariable") // Only queries read it.
    private String bandPlan;

    private String summary;

    @SuppressWarnings("UnusedVariable") // Only queries read it.
    private Instant createdAt;

    RevisionRecord() {}

    private RevisionRecord(UUID listId, ChannelList list, String summary, Instant createdAt) {
        this.listId = listId;
        this.bandPlan = list.bandPlanId();
        this.summary = summary;
        this.createdAt = createdAt;
    }

    static RevisionRecord first(UUID listId, ChannelList list, String summary, Instant createdAt) {
        RevisionRecord revision = new RevisionRecord(listId, list, summary, createdAt);
        revision.document = ListDocument.of(list);
        return revision;
    }

    /** The revision after another one. */
    static RevisionRecord next(Parent parent, ChannelList before, ChannelList after, String nextSummary, Instant now) {
        RevisionRecord revision = new RevisionRecord(parent.listId(), after, nextSummary, now);
        revision.parentId = parent.id();
        ListDifference change = ListDifference.between(before, after);
        boolean whole = parent.sinceWhole() + 1 >= DIFFERENCES_ON_END
                || change.put().size() * 2 > after.entries().size();
        if (whole) {
            revision.document = ListDocument.of(after);
        } else {
            revision.difference = change;
            revision.sinceWhole = parent.sinceWhole() + 1;
        }
        return revision;
    }

    Parent asParent() {
        return new Parent(id, listId, sinceWhole);
    }

    Long id() {
        return id;
    }

    UUID listId() {
        return listId;
    }

    Long parentId() {
        return parentId;
    }

    ListDocument document() {
        return document;
    }

    ListDifference difference() {
        return difference;
    }

    String summary() {
        return summary;
    }
}
