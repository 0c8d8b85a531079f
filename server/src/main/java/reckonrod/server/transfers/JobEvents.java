package reckonrod.server.transfers;

import jakarta.annotation.PreDestroy;
import java.util.UUID;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import reckonrod.server.follow.Followers;
import tools.jackson.databind.json.JsonMapper;

/** Streams how transfers stand. */
@Component
class JobEvents {
    private static final long EVERY_MILLIS = 150;

    private final Followers<JobView> followers;

    JobEvents(JobStore jobs, JsonMapper json) {
        followers = new Followers<>("job", json, jobs::get, jobs::all, job -> job.state() == JobState.RUNNING);
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
