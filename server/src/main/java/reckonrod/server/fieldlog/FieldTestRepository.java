package reckonrod.server.fieldlog;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import reckonrod.core.fieldlog.Result;

interface FieldTestRepository extends JpaRepository<FieldTestRecord, UUID> {
    List<FieldTestRecord> findAllByOrderByTestedAtDescIdAsc();

    List<FieldTestRecord> findByChannelIdInOrderByTestedAtDesc(Collection<UUID> channels);

    List<FieldTestRecord> findByDirectoryIdInOrderByTestedAtDesc(Collection<String> directoryIds);

    boolean existsByRadioIdAndResultAndTestedAtAfterAndChannelIdNot(
            String radioId, Result result, Instant after, UUID channelId);
}
