package reckonrod.server.plans;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PlanRepository extends JpaRepository<PlanRecord, String> {
    @Query("select plan.version from PlanRecord plan where plan.id = :id")
    Optional<Long> versionOf(String id);

    /** The lists whose history names the plan; undo could bring any of it back. */
    @Query(nativeQuery = true, value = """
                    select distinct list.name from channel_list list join list_revision revision on revision.list_id = list.id
                    where revision.band_plan = :id order by list.name""")
    List<String> listsThatNamed(String id);
}
