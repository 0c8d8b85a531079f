package reckonrod.server.practice;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PracticeRunRepository extends JpaRepository<PracticeRun, UUID> {
    List<PracticeRun> findByPersonAndModelOrderByDoneAt(String person, String model);
}
