package reckonrod.server.lists;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ListRepository extends JpaRepository<ListRecord, UUID> {
    List<ListRecord> findByBinnedAtIsNull();

    List<ListRecord> findByBinnedAtIsNotNullOrderByBinnedAtDesc();

    List<ListRecord> findByBinnedAtBefore(Instant moment);
}
