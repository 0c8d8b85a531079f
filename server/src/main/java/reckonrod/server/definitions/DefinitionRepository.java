package reckonrod.server.definitions;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DefinitionRepository extends JpaRepository<DefinitionRecord, String> {
    @Query("select definition.version from DefinitionRecord definition where definition.id = :id")
    Optional<Long> versionOf(String id);

    /** The radios of that model, retired ones too: what they held can be read only by it. */
    @Query(nativeQuery = true, value = "select name from radio_unit where definition_id = :id order by name")
    List<String> radiosOf(String id);

    /** Whether a memory of such a radio is kept. */
    @Query(
            nativeQuery = true,
            value =
                    "select exists (select 1 from snapshot join radio_unit unit on unit.id = radio_id where unit.definition_id = :id)")
    boolean hasSnapshots(String id);
}
