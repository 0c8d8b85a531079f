package reckonrod.server.transfers;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JobRepository extends JpaRepository<JobRecord, UUID> {
    List<JobRecord> findByStateOrderByStartedAt(JobState state);

    List<JobRecord> findByStateAndHeardAtBefore(JobState state, Instant before);

    Optional<JobRecord> findFirstByRadioIdOrderByStartedAtDesc(String radioId);
}
