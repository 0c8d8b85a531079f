package reckonrod.server.imports;

import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import reckonrod.server.follow.Followers;
import tools.jackson.databind.json.JsonMapper;

/** Streams how far listings are read. What their rows would do is counted each time, so it is asked less often than a transfer. */
@Component
class ImportEvents {
    private static final long EVERY_MILLIS = 400;

    private final Followers<ImportView> followers;

    ImportEvents(Importing importing, JsonMapper json) {
        followers = new Followers<>(
                "import",
                json,
                importing::view,
                ids -> views(importing, ids),
                view -> view.state() == ImportView.State.reading);
    }

    private static Map<UUID, ImportView> views(Importing importing, Set<UUID> ids) {
        return ids.stream().collect(Collectors.toMap(id -> id, importing::view));
    }

    SseEmitter follow(UUID id) {
        return followers.follow(id);
    }

    @Scheduled(fixedDelay = EVERY_MILLIS)
    void tick() {
        followers.tick();
    }

    @PreDestroy
    void stop() {
        followers.stop();
    }
}
