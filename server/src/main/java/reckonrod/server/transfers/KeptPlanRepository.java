package reckonrod.server.transfers;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface KeptPlanRepository extends JpaRepository<KeptPlanRecord, UUID> {
    List<KeptPlanRecord> findAllByOrderByKeptAt();

    Optional<KeptPlanRecord> findFirstByRadioIdAndState(String radioId, KeptPlanRecord.State state);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from KeptPlanRecord p where p.id = :id")
    Optional<KeptPlanRecord> locked(UUID id);
}
