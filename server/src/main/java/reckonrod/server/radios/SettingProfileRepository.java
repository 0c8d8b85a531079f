package reckonrod.server.radios;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SettingProfileRepository extends JpaRepository<SettingProfileRecord, String> {
    List<SettingProfileRecord> findAllByOrderByName();
}
