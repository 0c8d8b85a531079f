package reckonrod.server.transfers;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;

/** A transfer has its radio while its row runs. When that is over is told by the database's clock, the same for all programs. */
interface JobRepository extends JpaRepository<JobRecord, UUID> {
    List<JobRecord> findByStateOrderByStartedAt(JobState state);

    Optional<JobRecord> findFirstByRadioIdOrderByStartedAtDesc(String radioId);

    @NativeQuery("select id from transfer_job where state = 'RUNNING'"
            + " and heard_at < now() - make_interval(secs => :seconds)")
    List<UUID> silentFor(double seconds);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select j from JobRecord j where j.radioId = :radioId and j.state = RUNNING")
    List<JobRecord> running(String radioId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select j from JobRecord j where j.id = :id")
    Optional<JobRecord> locked(UUID id);

    /** Keeps a transfer's radio for as long again; whether it is to stop, or nothing when it runs no more. */
    @NativeQuery(
            "update transfer_job set heard_at = now() where id = :id and state = 'RUNNING' returning cancel_requested")
    Optional<Boolean> hold(UUID id);

    @Modifying
    @Query("update JobRecord j set j.heardAt = instant, j.phase = :phase, j.bytesDone = :done, j.bytesTotal = :total"
            + " where j.id = :id and j.state = RUNNING")
    int progress(UUID id, String phase, int done, int total);
}
