package reckonrod.server.transfers;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Streams how a transfer stands. Each event is the whole state from the database, so that a stream can begin at any moment,
 * after a reload or in another instance than the one that runs the transfer.
 */
@Component
class JobEvents {
    private static final long EVERY_MILLIS = 150;
    private static final long NEVER = 0;

    private final JobStore jobs;
    private final ScheduledExecutorService timer = Executors.newScheduledThreadPool(1);

    JobEvents(JobStore jobs) {
        this.jobs = jobs;
    }

    SseEmitter follow(UUID id) throws IOException {
        SseEmitter emitter = new SseEmitter(NEVER);
        if (send(emitter, id)) {
            ScheduledFuture<?> ticking = timer.scheduleWithFixedDelay(
                    () -> tick(emitter, id), EVERY_MILLIS, EVERY_MILLIS, TimeUnit.MILLISECONDS);
            emitter.onCompletion(() -> ticking.cancel(false));
            emitter.onError(error -> ticking.cancel(false));
        }
        return emitter;
    }

    private void tick(SseEmitter emitter, UUID id) {
        try {
            send(emitter, id);
        } catch (IOException | RuntimeException gone) {
            // The browser closed the stream, or the database does not answer: the client asks again by itself.
            emitter.completeWithError(gone);
        }
    }

    /** Sends the state; whether there is more to come. */
    private boolean send(SseEmitter emitter, UUID id) throws IOException {
        JobView job = jobs.get(id);
        emitter.send(SseEmitter.event().name("job").data(job));
        if (job.state() == JobState.RUNNING) {
            return true;
        }
        emitter.complete();
        return false;
    }

    @PreDestroy
    void stop() {
        timer.shutdownNow();
    }
}
