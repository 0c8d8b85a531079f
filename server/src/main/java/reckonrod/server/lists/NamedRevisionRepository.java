package reckonrod.server.lists;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import reckonrod.server.lists.RevisionRepository.Title;

interface NamedRevisionRepository extends JpaRepository<NamedRevisionRecord, Long> {
    /** The revisions of a list that have a name, newest first. */
    @Query(RevisionRepository.TITLE
            + "where r.listId = :list and r.id in (select n.revisionId from NamedRevisionRecord n) order by r.id desc")
    List<Title> of(UUID list);
}
