package reckonrod.server.transfers;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import reckonrod.server.problem.ProblemException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Streams how transfers stand. Each event is the whole state from the database, so that a stream can begin at any moment,
 * after a reload or in another instance than the one that runs the transfer. One question asks for all that are followed;
 * each stream is written by itself, so that a reader who does not read holds up nobody else.
 */
@Component
class JobEvents {
    private static final Logger LOG = LoggerFactory.getLogger(JobEvents.class);

    private static final long EVERY_MILLIS = 150;
    private static final long NEVER = 0;
    private static final int MOST_STREAMS = 1_000;
    private static final long SIGN_OF_LIFE_NANOS = TimeUnit.SECONDS.toNanos(10);

    private final JobStore jobs;
    private final JsonMapper json;
    private final Set<Stream> streams = ConcurrentHashMap.newKeySet();
    private final ThreadPoolExecutor writers =
            new ThreadPoolExecutor(0, MOST_STREAMS, 10, TimeUnit.SECONDS, new SynchronousQueue<>());

    JobEvents(JobStore jobs, JsonMapper json) {
        this.jobs = jobs;
        this.json = json;
    }

    SseEmitter follow(UUID id) {
        if (streams.size() >= MOST_STREAMS) {
            throw ProblemException.busy("Too many people follow transfers just now. The transfer itself goes on.");
        }
        Stream stream = new Stream(id);
        JobView now = jobs.get(id);
        stream.offer(now, json.writeValueAsString(now));
        if (!stream.ended) {
            streams.add(stream);
            stream.emitter.onCompletion(() -> streams.remove(stream));
            stream.emitter.onError(gone -> streams.remove(stream));
        }
        return stream.emitter;
    }

    @Scheduled(fixedDelay = EVERY_MILLIS)
    void tick() {
        Set<UUID> followed = streams.stream().map(stream -> stream.job).collect(Collectors.toSet());
        if (followed.isEmpty()) {
            return;
        }
        Map<UUID, JobView> now;
        try {
            now = jobs.all(followed);
        } catch (RuntimeException storageGone) {
            LOG.warn("How the transfers stand cannot be read just now: {}", storageGone.getMessage());
            streams.forEach(stream -> stream.emitter.completeWithError(storageGone));
            return;
        }
        // Put in words once for all who follow it, and not once for each.
        Map<UUID, String> states = new HashMap<>();
        now.forEach((id, job) -> states.put(id, json.writeValueAsString(job)));
        for (Stream stream : streams) {
            JobView job = now.get(stream.job);
            if (job != null && !stream.writing && stream.wants(job, states.get(stream.job))) {
                stream.writing = true;
                writers.execute(() -> stream.offer(job, states.get(stream.job)));
            }
        }
    }

    /** One reader. At most one thread at a time writes to it; what it misses meanwhile, the next event holds too. */
    private final class Stream {
        private final UUID job;
        private final SseEmitter emitter = new SseEmitter(NEVER);
        private volatile boolean writing;
        private volatile boolean ended;
        private volatile String told = "";
        private volatile long toldAtNanos;

        Stream(UUID job) {
            this.job = job;
        }

        /** Whether there is anything to write, so that no thread is woken for nothing. */
        boolean wants(JobView view, String state) {
            return !state.equals(told)
                    || view.state() != JobState.RUNNING
                    || System.nanoTime() - toldAtNanos > SIGN_OF_LIFE_NANOS;
        }

        void offer(JobView view, String state) {
            try {
                if (!state.equals(told)) {
                    emitter.send(SseEmitter.event().name("job").data(state, MediaType.TEXT_PLAIN));
                    told = state;
                    toldAtNanos = System.nanoTime();
                } else if (System.nanoTime() - toldAtNanos > SIGN_OF_LIFE_NANOS) {
                    emitter.send(SseEmitter.event().comment("still here"));
                    toldAtNanos = System.nanoTime();
                }
                if (view.state() != JobState.RUNNING) {
                    ended = true;
                    streams.remove(this);
                    emitter.complete();
                }
            } catch (IOException | RuntimeException gone) {
                // The browser closed the stream: if it is still interested, it asks again by itself.
                streams.remove(this);
                emitter.completeWithError(gone);
            } finally {
                writing = false;
            }
        }
    }

    @PreDestroy
    void stop() {
        writers.shutdownNow();
        streams.forEach(stream -> stream.emitter.complete());
    }
}
