package reckonrod.server.lists;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ListRepository extends JpaRepository<ListRecord, UUID> {}
