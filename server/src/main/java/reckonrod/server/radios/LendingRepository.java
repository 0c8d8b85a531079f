package reckonrod.server.radios;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LendingRepository extends JpaRepository<LendingRecord, UUID> {
    Optional<LendingRecord> findByRadioIdAndBackAtIsNull(String radioId);

    List<LendingRecord> findByBackAtIsNull();

    List<LendingRecord> findByRadioIdOrderByLentAtDesc(String radioId);
}
