package reckonrod.perf;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.geography.Position;
import reckonrod.sim.world.Inventions;
import reckonrod.sim.world.World;

/** Measures a running application over HTTP: pulling a listing in, searching 50,000 entries, planning a trip. */
public final class FindMeasurement {
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final Pattern ID = Pattern.compile("\"id\":\"([^\"]+)\"");
    private static final Pattern STATE = Pattern.compile("\"state\":\"([^\"]+)\"");
    private static final Pattern TOTAL = Pattern.compile("\"total\":(\\d+)");
    private static final int SEARCHES = 1_000;

    private final String address;

    private FindMeasurement(String address) {
        this.address = address;
    }

    /** Measures the application at the address given; it must run with the demo data. */
    public static void main(String[] arguments) throws IOException, InterruptedException, ExecutionException {
        FindMeasurement measurement = new FindMeasurement(arguments[0]);
        measurement.imports();
        measurement.searches();
        measurement.trips();
    }

    private void imports() throws IOException, InterruptedException {
        long start = System.nanoTime();
        String id = first(ID, post("/api/imports/service", ""));
        double read = settled(id, start);
        start = System.nanoTime();
        post("/api/imports/" + id + "/take", "{\"doubtful\":true,\"dropGone\":false}");
        print("pull 50,032 entries over HTTP: %.0f rows/s; take them: %.1f s%n", 50_032 / read, seconds(start));
        StringBuilder csv = new StringBuilder("Call,Site,Lat,Lon,Output,Shift,Tone,Confirmed\n");
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 100_000; i++) {
            csv.append(i % 50 == 0 ? "QX0XX,Bad," : "QX" + i + ",Site " + i + ",")
                    .append(random.nextInt(60))
                    .append('.')
                    .append(random.nextInt(1000))
                    .append(",-")
                    .append(random.nextInt(120))
                    .append(i % 50 == 0 ? ".5,wrong,-0.6,71.9,\n" : ".5,145.310,-0.6,71.9,2026-05-01\n");
        }
        byte[] bytes = csv.toString().getBytes(StandardCharsets.UTF_8);
        id = first(
                ID,
                send(request("/api/imports?name=perf&kind=csv")
                        .setHeader("Content-Type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(bytes))));
        start = System.nanoTime();
        send(request("/api/imports/" + id + "/columns")
                .PUT(HttpRequest.BodyPublishers.ofString(
                        "{\"columns\":[\"CALL_SIGN\",\"SITE\",\"LATITUDE\",\"LONGITUDE\","
                                + "\"OUTPUT\",\"SHIFT\",\"TALK_TONE\",\"CONFIRMED_ON\"]}")));
        read = settled(id, start);
        send(request("/api/imports/" + id).DELETE());
        print("read a CSV of 100,000 rows, 2,000 of them bad: %.0f rows/s%n", 100_000 / read);
    }

    private double settled(String id, long start) throws IOException, InterruptedException {
        while (first(STATE, get("/api/imports/" + id)).equals("reading")) {
            Thread.sleep(250);
        }
        return seconds(start);
    }

    private void searches() throws IOException, InterruptedException, ExecutionException {
        List<Position> places = places();
        double[] bare = timed(1, SEARCHES, i -> "/api/find/flags");
        print("%-34s %8s %8s %10s%n", "search of 50,032 entries", "p50 ms", "p95 ms", "of bare");
        line("a bare request, one at a time", bare, bare, 0);
        for (int km : new int[] {30, 100, 300}) {
            double[] one = timed(1, SEARCHES, i -> around(places, i, km));
            line("within " + km + " km, one at a time", one, bare, mean(places, km));
        }
        double[] eight = timed(8, 4 * SEARCHES, i -> around(places, i, 100));
        line("within 100 km, eight at once", eight, timed(8, 4 * SEARCHES, i -> "/api/find/flags"), 0);
        double[] words = timed(8, SEARCHES, i -> "/api/find?text=" + (i % 2 == 0 ? "kelamere" : "north%20145.6"));
        line("words anywhere, eight at once", words, bare, 0);
    }

    private static List<Position> places() {
        Inventions inventions = new Inventions();
        List<Position> places = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            places.add(inventions.number(i * 97).site().position().orElseThrow());
        }
        return places;
    }

    private static String around(List<Position> places, int i, int km) {
        Position place = places.get(i % places.size());
        return String.format(
                Locale.ROOT,
                "/api/find?at=%.4f%%20%.4f&km=%d&most=20",
                place.latitudeDegrees(),
                place.longitudeDegrees(),
                km);
    }

    private double mean(List<Position> places, int km) throws IOException, InterruptedException {
        double sum = 0;
        for (int i = 0; i < 50; i++) {
            sum += Double.parseDouble(first(TOTAL, get(around(places, i, km))));
        }
        return sum / 50;
    }

    private void trips() throws IOException, InterruptedException {
        StringBuilder points = new StringBuilder();
        for (Position place : World.shipped().drive()) {
            points.append(points.length() == 0 ? "[" : ",[")
                    .append(place.latitudeDegrees())
                    .append(',')
                    .append(place.longitudeDegrees())
                    .append(']');
        }
        String body =
                "{\"route\":{\"points\":[" + points + "],\"corridorKm\":80},\"question\":{\"watts\":25,\"antenna\":2,"
                        + "\"gain\":0},\"perBand\":false,\"closedToo\":false}";
        for (int i = 0; i < 3; i++) {
            long start = System.nanoTime();
            post("/api/trips/plan", body);
            print("plan a trip of 560 km over known ground: %.2f s%n", seconds(start));
        }
        String west = "{\"route\":{\"points\":[[48.0,2.0],[50.0,8.5]],\"corridorKm\":60},\"question\":{\"watts\":25,"
                + "\"antenna\":2,\"gain\":0},\"perBand\":false,\"closedToo\":false}";
        for (int i = 0; i < 3; i++) {
            long start = System.nanoTime();
            String trip = post("/api/trips/plan", west);
            Matcher considered = Pattern.compile("\"considered\":(\\d+)").matcher(trip);
            print(
                    "plan a trip of 520 km among %s repeaters over the round earth: %.2f s%n",
                    considered.find() ? considered.group(1) : "no", seconds(start));
        }
    }

    /** What is asked for the time with that number. */
    private interface Asked {
        String path(int number);
    }

    private double[] timed(int atOnce, int times, Asked asked)
            throws IOException, InterruptedException, ExecutionException {
        ExecutorService threads = Executors.newFixedThreadPool(atOnce);
        List<Future<double[]>> parts = new ArrayList<>();
        for (int part = 0; part < atOnce; part++) {
            int first = part;
            parts.add(threads.submit(() -> {
                double[] millis = new double[times / atOnce];
                for (int i = 0; i < millis.length; i++) {
                    long start = System.nanoTime();
                    get(asked.path(i * atOnce + first));
                    millis[i] = (System.nanoTime() - start) / 1e6;
                }
                return millis;
            }));
        }
        List<Double> all = new ArrayList<>();
        for (Future<double[]> part : parts) {
            for (double each : part.get()) {
                all.add(each);
            }
        }
        threads.shutdown();
        return all.stream().mapToDouble(each -> each).sorted().toArray();
    }

    private static void line(String what, double[] sorted, double[] bare, double found) {
        print(
                "%-34s %8.1f %8.1f %9.1fx %s%n",
                what,
                at(sorted, 0.5),
                at(sorted, 0.95),
                at(sorted, 0.5) / at(bare, 0.5),
                found > 0 ? String.format(Locale.ROOT, "%.0f found on average", found) : "");
    }

    private static double at(double[] sorted, double share) {
        return sorted[(int) (share * (sorted.length - 1))];
    }

    private String get(String path) throws IOException, InterruptedException {
        return send(request(path).GET());
    }

    private String post(String path, String body) throws IOException, InterruptedException {
        return send(request(path).POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", "application/json");
    }

    private static String send(HttpRequest.Builder request) throws IOException, InterruptedException {
        HttpResponse<String> answer = HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 300) {
            throw new IOException(answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }

    private static String first(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException(pattern + " is not in " + text);
        }
        return matcher.group(1);
    }

    private static double seconds(long since) {
        return (System.nanoTime() - since) / 1e9;
    }

    private static void print(String format, Object... values) {
        System.out.print(String.format(Locale.ROOT, format, values));
    }
}
