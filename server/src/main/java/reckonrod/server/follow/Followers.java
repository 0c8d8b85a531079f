package reckonrod.server.follow;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import reckonrod.server.problem.ProblemException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Streams how long work stands. Each event is the whole state from the database, so that a stream can begin at any moment,
 * after a reload or in another instance than the one that does the work. One question asks for all that is followed;
 * each stream is written by itself, so that a reader who does not read holds up nobody else.
 *
 * @param <V> how one piece of work stands
 */
public final class Followers<V> {
    private static final Logger LOG = LoggerFactory.getLogger(Followers.class);

    private static final long NEVER = 0;
    private static final int MOST_STREAMS = 1_000;
    private static final long SIGN_OF_LIFE_NANOS = TimeUnit.SECONDS.toNanos(10);

    private final String event;
    private final JsonMapper json;
    private final Function<UUID, V> one;
    private final Function<Set<UUID>, Map<UUID, V>> all;
    private final Predicate<V> goesOn;
    private final Set<Stream> streams = ConcurrentHashMap.newKeySet();
    private final ThreadPoolExecutor writers =
            new ThreadPoolExecutor(0, MOST_STREAMS, 10, TimeUnit.SECONDS, new SynchronousQueue<>());

    /**
     * Nobody follows yet.
     *
     * @param event the name of its events
     * @param one how a piece of work stands now
     * @param all the same for many at once
     * @param goesOn whether there is anything to wait for
     */
    public Followers(
            String event,
            JsonMapper json,
            Function<UUID, V> one,
            Function<Set<UUID>, Map<UUID, V>> all,
            Predicate<V> goesOn) {
        this.event = event;
        this.json = json;
        this.one = one;
        this.all = all;
        this.goesOn = goesOn;
    }

    /** A stream of how it stands, from now until it ends. */
    public SseEmitter follow(UUID id) {
        if (streams.size() >= MOST_STREAMS) {
            throw ProblemException.busy("Too many people follow just now. The work itself goes on.");
        }
        Stream stream = new Stream(id);
        V now = one.apply(id);
        stream.offer(now, json.writeValueAsString(now));
        if (!stream.ended) {
            streams.add(stream);
            stream.emitter.onCompletion(() -> streams.remove(stream));
            stream.emitter.onError(gone -> streams.remove(stream));
        }
        return stream.emitter;
    }

    /** Tells everybody what has changed since. */
    public void tick() {
        Set<UUID> followed = streams.stream().map(stream -> stream.id).collect(Collectors.toSet());
        if (followed.isEmpty()) {
            return;
        }
        Map<UUID, V> now;
        try {
            now = all.apply(followed);
        } catch (RuntimeException storageGone) {
            LOG.warn("How the work stands cannot be read just now: {}", storageGone.getMessage());
            streams.forEach(stream -> stream.emitter.completeWithError(storageGone));
            return;
        }
        // Put in words once for all who follow it, and not once for each.
        Map<UUID, String> states = new HashMap<>();
        now.forEach((id, view) -> states.put(id, json.writeValueAsString(view)));
        for (Stream stream : streams) {
            V view = now.get(stream.id);
            if (view != null && !stream.writing && stream.wants(view, states.get(stream.id))) {
                stream.writing = true;
                writers.execute(() -> stream.offer(view, states.get(stream.id)));
            }
        }
    }

    /** Ends all streams. */
    public void stop() {
        writers.shutdownNow();
        streams.forEach(stream -> stream.emitter.complete());
    }

    /** One reader. At most one thread at a time writes to it; what it misses meanwhile, the next event holds too. */
    private final class Stream {
        private final UUID id;
        private final SseEmitter emitter = new SseEmitter(NEVER);
        private volatile boolean writing;
        private volatile boolean ended;
        private volatile String told = "";
        private volatile long toldAtNanos;

        Stream(UUID id) {
            this.id = id;
        }

        /** Whether there is anything to write, so that no thread is woken for nothing. */
        boolean wants(V view, String state) {
            return !state.equals(told) || !goesOn.test(view) || System.nanoTime() - toldAtNanos > SIGN_OF_LIFE_NANOS;
        }

        void offer(V view, String state) {
            try {
                if (!state.equals(told)) {
                    emitter.send(SseEmitter.event().name(event).data(state, MediaType.TEXT_PLAIN));
                    told = state;
                    toldAtNanos = System.nanoTime();
                } else if (System.nanoTime() - toldAtNanos > SIGN_OF_LIFE_NANOS) {
                    emitter.send(SseEmitter.event().comment("still here"));
                    toldAtNanos = System.nanoTime();
                }
                if (!goesOn.test(view)) {
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
}
