package reckonrod.server.radios;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Settings of radios as somebody likes them; each radio takes those that it has. */
@Entity
@Table(name = "setting_profile")
class SettingProfileRecord {
    @Id
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, String> chosen = Map.of();

    SettingProfileRecord() {}

    SettingProfileRecord(String name, Map<String, String> chosen) {
        this.name = name;
        this.chosen = Map.copyOf(chosen);
    }

    String name() {
        return name;
    }

    Map<String, String> chosen() {
        return chosen;
    }
}
