package reckonrod.server.lists;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;

interface RevisionRepository extends JpaRepository<RevisionRecord, Long> {
    /** What a revision tells without the list itself. */
    record Title(Long id, Long parentId, String summary, Instant createdAt) {}

    String TITLE =
            "select new reckonrod.server.lists.RevisionRepository$Title(r.id, r.parentId, r.summary, r.createdAt)"
                    + " from RevisionRecord r ";

    /** The title of a revision. */
    @Query(TITLE + "where r.id = :id")
    Title title(Long id);

    /** What a revision is to the one that follows it. */
    record Parent(Long id, UUID listId, int sinceWhole) {}

    /** The same without reading the list that it keeps. */
    @Query("select new reckonrod.server.lists.RevisionRepository$Parent(r.id, r.listId, r.sinceWhole)"
            + " from RevisionRecord r where r.id = :id")
    Parent parent(Long id);

    /** The newest of the changes that were made from a revision: what redo leads to. */
    @Query(TITLE + "where r.parentId = :parent order by r.id desc limit 1")
    Optional<Title> next(Long parent);

    /** The newest revisions of a list, newest first. */
    @Query(TITLE + "where r.listId = :list order by r.id desc limit 100")
    List<Title> newest(UUID list);

    /** All revisions of a list, the oldest first. */
    @Query("select r.id from RevisionRecord r where r.listId = :list order by r.id")
    List<Long> idsOf(UUID list);

    /** A revision and those before it, back to the one that keeps the whole list; that one comes first. */
    @NativeQuery("""
            with recursive chain as (
              select * from list_revision where id = :id
              union all
              select before.* from list_revision before join chain after on after.parent_id = before.id
              where after.document is null
            )
            select * from chain order by since_whole""")
    List<RevisionRecord> chain(Long id);
}
