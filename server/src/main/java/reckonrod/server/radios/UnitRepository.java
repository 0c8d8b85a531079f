package reckonrod.server.radios;

import org.springframework.data.jpa.repository.JpaRepository;

interface UnitRepository extends JpaRepository<UnitRecord, String> {
    long countByRetiredAtIsNull();

    long countByRetiredAtIsNotNull();
}
