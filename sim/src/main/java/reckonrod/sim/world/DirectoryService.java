package reckonrod.sim.world;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.listing.CsvWriter;
import reckonrod.core.listing.RowWriter;

/**
 * A directory service on the loopback address, such as somebody far away would keep: pages of CSV over HTTP,
 * {@code /directory?from=0&count=1000}, the number of all entries in the header {@code X-Total-Count}. It can be slow and it
 * can break off, when it is told to.
 */
public final class DirectoryService implements AutoCloseable {
    /** The most entries on a page. */
    public static final int MOST_ON_PAGE = 2_000;

    private static final Pattern QUERY = Pattern.compile("from=(\\d{1,9})&count=(\\d{1,4})");

    /**
     * How the service is disposed.
     *
     * @param delayMillis how long it takes before each page
     * @param failsFrom the entry from which on it fails; negative for never
     * @param later whether it serves the edition of the month after
     */
    public record Mood(int delayMillis, int failsFrom, boolean later) {
        /** At once, without fail, this month's edition. */
        public static final Mood USUAL = new Mood(0, -1, false);
    }

    private final HttpServer server;
    private final ExecutorService workers = Executors.newFixedThreadPool(4, task -> {
        Thread thread = new Thread(task, "directory-service");
        thread.setDaemon(true);
        return thread;
    });
    private final ConcurrentMap<Boolean, List<DirectoryEntry>> editions = new ConcurrentHashMap<>();
    private volatile Mood mood = Mood.USUAL;

    private DirectoryService(HttpServer server) {
        this.server = server;
    }

    /**
     * Starts a service on a free port of the loopback address.
     *
     * @throws IOException if it cannot listen there
     */
    public static DirectoryService start() throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        DirectoryService service = new DirectoryService(server);
        server.createContext("/directory", service::answer);
        server.setExecutor(service.workers);
        server.start();
        return service;
    }

    /** Where it listens. */
    public String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/directory";
    }

    /** How it is disposed. */
    public Mood mood() {
        return mood;
    }

    /** Puts it into another mood. */
    public void mood(Mood next) {
        mood = next;
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            Mood now = mood;
            Matcher query =
                    QUERY.matcher(String.valueOf(exchange.getRequestURI().getQuery()));
            if (!query.matches()) {
                send(exchange, 400, "Ask for /directory?from=0&count=1000");
                return;
            }
            pause(now.delayMillis);
            int from = Integer.parseInt(query.group(1));
            int count = Math.min(MOST_ON_PAGE, Integer.parseInt(query.group(2)));
            if (now.failsFrom >= 0 && from + count > now.failsFrom) {
                send(exchange, 503, "The directory is being mended");
                return;
            }
            List<DirectoryEntry> all = editions.computeIfAbsent(now.later, Listing::edition);
            int end = Math.min(all.size(), from + count);
            List<List<String>> rows = new ArrayList<>();
            rows.add(RowWriter.headings());
            for (int i = Math.min(from, end); i < end; i++) {
                rows.add(RowWriter.cells(all.get(i)));
            }
            exchange.getResponseHeaders().add("Content-Type", "text/csv; charset=utf-8");
            exchange.getResponseHeaders().add("X-Total-Count", String.valueOf(all.size()));
            send(exchange, 200, CsvWriter.write(rows));
        }
    }

    private static void pause(int millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private static void send(HttpExchange exchange, int status, String text) throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        exchange.sendResponseHeaders(status, bytes.length);
        exchange.getResponseBody().write(bytes);
    }

    @Override
    public void close() {
        server.stop(0);
        workers.shutdownNow();
    }
}
