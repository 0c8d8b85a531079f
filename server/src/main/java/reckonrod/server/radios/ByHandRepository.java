package reckonrod.server.radios;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ByHandRepository extends JpaRepository<ByHandRecord, UUID> {
    List<ByHandRecord> findByRadioIdOrderByOfRadioAscWordsAsc(String radioId);
}
