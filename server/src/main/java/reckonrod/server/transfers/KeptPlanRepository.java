package reckonrod.server.transfers;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptPlanRepository extends JpaRepository<KeptPlanRecord, UUID> {
    List<KeptPlanRecord> findAllByOrderByKeptAt();

    Optional<KeptPlanRecord> findFirstByRadioIdAndState(String radioId, KeptPlanRecord.State state);
}
