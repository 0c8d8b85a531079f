package reckonrod.server.radios;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.server.problem.ProblemException;

/** Keeps settings of radios as somebody likes them. */
@Service
@Transactional
class SettingProfiles {
    private static final int MOST_PROFILES = 50;

    private final SettingProfileRepository profiles;

    SettingProfiles(SettingProfileRepository profiles) {
        this.profiles = profiles;
    }

    @Transactional(readOnly = true)
    public List<SettingProfileRecord> all() {
        return profiles.findAllByOrderByName();
    }

    public void keep(String name, Map<String, String> chosen) {
        if (!profiles.existsById(name) && profiles.count() >= MOST_PROFILES) {
            throw ProblemException.refused(
                    "too-many-profiles",
                    "Too many",
                    "At most " + MOST_PROFILES + " profiles are kept. Drop one first.");
        }
        profiles.save(new SettingProfileRecord(name, chosen));
    }

    public void forget(String name) {
        profiles.deleteById(name);
    }
}
