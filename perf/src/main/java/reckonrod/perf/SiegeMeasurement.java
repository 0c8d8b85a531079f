package reckonrod.perf;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Edits a list while slow clients hold connections open and the server and its database are killed in turn. Counts the edits that
 * were acknowledged and are gone afterwards, and says how long an edit took, apart from those during which something was down.
 */
public final class SiegeMeasurement {
    private static final int SLOTS = 900;
    private static final int BYTES_A_SECOND = 5_000;
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final Pattern VERSION = Pattern.compile("\"version\":([0-9]+)");
    private static final Pattern LINE = Pattern.compile("\"slot\":([0-9]+)[^}]*?\"line\":\"(N[0-9]+) ");

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final String base;
    private final Path data;
    private final AtomicBoolean ended = new AtomicBoolean();
    private String list = "";
    private long version;

    private SiegeMeasurement(String base, Path data) {
        this.base = base;
        this.data = data;
    }

    /**
     * Runs it.
     *
     * @param arguments the address of the server, its data folder, how many seconds, how many slow clients, seconds between kills (0
     *     for none)
     */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        SiegeMeasurement siege = new SiegeMeasurement(arguments[0].replaceAll("/$", ""), Path.of(arguments[1]));
        siege.run(Integer.parseInt(arguments[2]), Integer.parseInt(arguments[3]), Integer.parseInt(arguments[4]));
    }

    private void run(int seconds, int clients, int between) throws IOException, InterruptedException {
        HttpResponse<String> made = send(
                "POST",
                "/api/lists",
                "{\"name\":\"Siege " + System.nanoTime() + "\",\"bandPlan\":" + "\"r2-north-america\",\"slots\":"
                        + SLOTS + "}");
        list = first(ID, made.body());
        version = 0;
        List<Thread> slow = new ArrayList<>();
        for (int i = 0; i < clients; i++) {
            Thread client = new Thread(this::trickle);
            client.setDaemon(true);
            client.start();
            slow.add(client);
        }
        Map<Integer, String> acknowledged = new TreeMap<>();
        List<Long> quietNanos = new ArrayList<>();
        Map<Integer, Integer> answers = new TreeMap<>();
        long until = System.nanoTime() + seconds * 1_000_000_000L;
        long nextKill = System.nanoTime() + between * 1_000_000_000L;
        int kills = 0;
        long disturbedUntil = 0;
        for (int edit = 0; System.nanoTime() < until; edit++) {
            if (between > 0 && System.nanoTime() > nextKill) {
                kill(kills++ % 2 == 0 ? data.resolve("server.pid") : data.resolve("cluster/postmaster.pid"));
                nextKill = System.nanoTime() + between * 1_000_000_000L;
                disturbedUntil = Long.MAX_VALUE;
            }
            int slot = edit % SLOTS;
            String name = "N" + edit;
            long began = System.nanoTime();
            int status = put(slot, name);
            long took = System.nanoTime() - began;
            answers.merge(status, 1, Integer::sum);
            if (status == 200) {
                acknowledged.put(slot, name);
                if (disturbedUntil == Long.MAX_VALUE) {
                    // The first answer after a kill; those that follow at once warm up again.
                    disturbedUntil = System.nanoTime() + 2_000_000_000L;
                } else if (System.nanoTime() > disturbedUntil) {
                    quietNanos.add(took);
                }
                Thread.sleep(20);
            } else {
                Thread.sleep(100);
                refresh();
            }
        }
        ended.set(true);
        for (Thread each : slow) {
            each.join(200);
        }
        long lost = lost(acknowledged);
        long[] sorted = quietNanos.stream().mapToLong(each -> each).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "%d slow clients at %d B/s, %d kills, %d s: %s%n%d edits acknowledged, lost: %d; an edit p50 %.1f ms, p95 %.1f ms,"
                        + " most %.1f ms (%d measured)%n",
                clients,
                BYTES_A_SECOND,
                kills,
                seconds,
                answers,
                answers.getOrDefault(200, 0),
                lost,
                at(sorted, 50),
                at(sorted, 95),
                at(sorted, 100),
                sorted.length);
        if (lost > 0) {
            System.exit(1);
        }
    }

    private static double at(long[] sorted, int percent) {
        return sorted.length == 0
                ? Double.NaN
                : sorted[Math.min(sorted.length - 1, sorted.length * percent / 100)] / 1e6;
    }

    private int put(int slot, String name) throws InterruptedException {
        HttpResponse<String> answer = send(
                "POST",
                "/api/lists/" + list + "/changes",
                "{\"baseVersion\":" + version + ",\"edits\":[{\"kind\":\"put\",\"slot\":" + slot + ",\"lines\":[\""
                        + name + " 147.510\"]}]}");
        if (answer != null && answer.statusCode() == 200) {
            version = Long.parseLong(first(VERSION, answer.body()));
        }
        return answer == null ? 0 : answer.statusCode();
    }

    /** An edit whose answer was lost may have been made: go on from what is there. */
    private void refresh() throws InterruptedException {
        HttpResponse<String> answer = send("GET", "/api/lists/" + list, null);
        if (answer != null && answer.statusCode() == 200) {
            version = Long.parseLong(first(VERSION, answer.body()));
        }
    }

    private long lost(Map<Integer, String> acknowledged) throws InterruptedException {
        HttpResponse<String> answer = null;
        for (int i = 0; i < 600 && (answer == null || answer.statusCode() != 200); i++) {
            answer = send("GET", "/api/lists/" + list, null);
            Thread.sleep(100);
        }
        if (answer == null) {
            throw new IllegalStateException("The server did not come back");
        }
        Map<Integer, String> there = new TreeMap<>();
        Matcher rows = LINE.matcher(answer.body());
        while (rows.find()) {
            there.put(Integer.parseInt(rows.group(1)), rows.group(2));
        }
        // An edit whose answer was lost may stand where an acknowledged one stood; a later one is no loss.
        return acknowledged.entrySet().stream()
                .filter(each ->
                        !there.containsKey(each.getKey()) || number(there.get(each.getKey())) < number(each.getValue()))
                .count();
    }

    private static int number(String name) {
        return Integer.parseInt(name.substring(1));
    }

    private void kill(Path pidFile) {
        try {
            String pid = Files.readAllLines(pidFile).get(0).strip();
            new ProcessBuilder("kill", "-9", pid).start().waitFor();
        } catch (IOException gone) {
            System.out.println("Nothing to kill: " + pidFile);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void trickle() {
        byte[] chunk = new byte[BYTES_A_SECOND / 10];
        Arrays.fill(chunk, (byte) ' ');
        URI uri = URI.create(base);
        while (!ended.get()) {
            try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
                OutputStream out = socket.getOutputStream();
                out.write(("POST /api/lists HTTP/1.1\r\nHost: " + uri.getAuthority()
                                + "\r\nContent-Type: application/json\r\nContent-Length: 500000\r\n\r\n")
                        .getBytes(StandardCharsets.UTF_8));
                while (!ended.get() && socket.getInputStream().available() == 0) {
                    out.write(chunk);
                    out.flush();
                    Thread.sleep(100);
                }
            } catch (IOException down) {
                pause();
            } catch (InterruptedException stopped) {
                return;
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(200);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private HttpResponse<String> send(String method, String path, String body) throws InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .timeout(Duration.ofSeconds(30))
                .header("Content-Type", "application/json")
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        try {
            return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException down) {
            return null;
        }
    }

    private static String first(Pattern what, String text) {
        Matcher found = what.matcher(text);
        if (!found.find()) {
            throw new IllegalStateException("No " + what + " in " + text.substring(0, Math.min(200, text.length())));
        }
        return found.group(1);
    }
}
