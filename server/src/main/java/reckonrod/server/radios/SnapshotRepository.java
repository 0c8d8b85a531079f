package reckonrod.server.radios;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SnapshotRepository extends JpaRepository<SnapshotRecord, UUID> {
    Optional<SnapshotRecord> findFirstByRadioIdOrderByTakenAtDesc(String radioId);

    long countByRadioId(String radioId);

    List<SnapshotRecord> findByRadioIdOrderByTakenAtDesc(String radioId);
}
