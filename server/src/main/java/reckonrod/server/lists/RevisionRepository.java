package reckonrod.server.lists;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RevisionRepository extends JpaRepository<RevisionRecord, Long> {
    /** The newest of the changes that were made from a revision: what redo leads to. */
    Optional<RevisionRecord> findFirstByParentIdOrderByIdDesc(Long parentId);

    /** The newest revisions of a list, newest first. */
    List<RevisionRecord> findTop100ByListIdOrderByIdDesc(UUID listId);
}
