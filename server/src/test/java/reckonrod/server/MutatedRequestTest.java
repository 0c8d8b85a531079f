package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.ContextConfiguration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests that were answered, with one value changed in each: most get past the reading of the request, and none may be a fault of
 * the program. {@code requests.tsv} has the requests; {@code -Dmutants=100000} sends more, {@code -Dseed} others.
 */
@ContextConfiguration(initializers = OwnDatabase.class, inheritInitializers = false)
class MutatedRequestTest extends ServerTest {
    private static final int MUTANTS = Integer.getInteger("mutants", 300);
    private static final long SEED = Long.getLong("seed", 33);
    private static final List<Long> NUMBERS = List.of(
            0L,
            1L,
            -1L,
            2L,
            9L,
            99L,
            127L,
            149L,
            150L,
            255L,
            999L,
            1_000L,
            9_999L,
            65_536L,
            -9_999L,
            1_000_000_000L,
            2_147_483_647L,
            -2_147_483_648L,
            2_147_483_648L,
            9_007_199_254_740_993L,
            Long.MAX_VALUE,
            Long.MIN_VALUE);
    private static final List<String> WORDS = List.of(
            "",
            " ",
            "\n",
            "\t",
            "null",
            "0",
            "-1",
            "1e9",
            "NaN",
            "../..",
            "%",
            "%s",
            "'",
            "\"",
            "\\",
            "<b>",
            "{}",
            "[]",
            ";",
            ",",
            "/",
            "\u0000",
            "\u0001",
            "\u00a0",
            "\u202e",
            "\ufeff",
            "\ufffd",
            "\ud83d\udef0",
            "e\u0301",
            "İ",
            "ß",
            "ﬀ",
            "٣",
            "½",
            "−1",
            "x".repeat(41),
            "x".repeat(301),
            "y".repeat(5_000),
            "145.310- 71.9",
            "146.520",
            "D023N",
            "71.9",
            "2026-02-30",
            "9999-12-31",
            "0000-00-00",
            "2026-12-02",
            "-999999999-01-01",
            "+999999999-12-31",
            "0",
            "1",
            "blue",
            "wrenling-w12",
            "r2-north-america",
            "id: x",
            "a: [b");

    private record Seed(String method, String path, String body) {}

    /** What takes long is sent more seldom, for it takes the time of many others. */
    private static final Pattern HEAVY = Pattern.compile(
            "/cards|/trips/|/prove/|/satellite|/card-file|/face|/radio-models|/plans/run|/read$|/write$|/restore$");

    private static final int THREADS = Integer.getInteger("threads", 2);

    private final Map<Integer, Integer> answers = new ConcurrentSkipListMap<>();
    private final Queue<String> faults = new ConcurrentLinkedQueue<>();
    private final Set<String> scratches = ConcurrentHashMap.newKeySet();

    private static List<Seed> seeds() throws IOException {
        try (InputStream in = MutatedRequestTest.class.getResourceAsStream("/requests.tsv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split("\t", -1))
                    .map(parts -> new Seed(parts[0], parts[1], parts[2]))
                    .toList();
        }
    }

    @Test
    void noChangedValueIsAFaultOfTheProgram() throws Exception {
        List<Seed> seeds = seeds();
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < THREADS; i++) {
            Worker worker = new Worker(new Random(SEED * 100 + i), seeds);
            Thread thread = new Thread(() -> worker.run(MUTANTS / THREADS));
            thread.setUncaughtExceptionHandler((any, broken) -> faults.add("the test itself: " + broken));
            thread.start();
            threads.add(thread);
        }
        for (Thread each : threads) {
            each.join();
        }
        System.out.println(MUTANTS + " mutants, seed " + SEED + ": " + answers);
        assertThat(faults).isEmpty();
        int past = answers.entrySet().stream()
                .filter(each -> each.getKey() != 400 && each.getKey() != 404)
                .mapToInt(Map.Entry::getValue)
                .sum();
        assertThat(past).as("requests that get past binding: " + answers).isGreaterThan(MUTANTS / 3);
        get("/api/lists").ok();
        get("/api/radios").ok();
    }

    /** Sends requests one after the other, on a list of its own. */
    private final class Worker {
        private final Random random;
        private final List<Seed> seeds;
        private final Map<String, List<String>> known = new HashMap<>();
        private String scratch = "";
        private List<String> channels = List.of();

        Worker(Random random, List<Seed> seeds) {
            this.random = random;
            this.seeds = seeds;
        }

        private Seed next() {
            Seed seed;
            do {
                seed = seeds.get(random.nextInt(seeds.size()));
            } while (HEAVY.matcher(seed.path()).find() && random.nextInt(8) > 0);
            return seed;
        }

        void run(int count) {
            for (int i = 0; i < count && faults.size() < 20; i++) {
                if (i % 120 == 0) {
                    begin();
                }
                Seed seed = next();
                JsonNode body = json.readTree(filled(seed.body()));
                String changed = mutate(body);
                String path = filled(seed.path());
                int status = statusOf(seed.method(), path, changed);
                answers.merge(status, 1, Integer::sum);
                if (status >= 500) {
                    faults.add(status + " " + seed.method() + " " + path + " "
                            + (changed.length() > 600 ? changed.substring(0, 600) + "…" : changed));
                }
            }
        }

        /** A list of its own, with channels, blocks and banks, for the next requests; what the last ones left is cleared away. */
        private void begin() {
            sql.update("delete from radio_unit where retired_at is not null or name like 'mutant%'");
            sql.update("delete from field_test");
            sql.update("update channel_list set binned_at = null where name not like 'Zz%'");
            scratches.remove(scratch);
            JsonNode lists = get("/api/lists").ok();
            for (JsonNode each : lists) {
                String id = each.path("id").asString();
                if (!scratches.contains(id) && (each.path("name").asString().startsWith("Zz") || lists.size() > 20)) {
                    delete("/api/lists/" + id);
                }
            }
            // The mutants may have deleted all that there was.
            JsonNode home = get("/api/lists").ok().path(0).path("id");
            scratch = post("/api/lists/" + home.asString("none") + "/copy", Map.of("name", "Zz " + UUID.randomUUID()))
                    .body()
                    .path("id")
                    .asString("");
            if (scratch.isEmpty()) {
                scratch = newList(150);
                change(scratch, 0, edit("put", "slot", 3, "lines", List.of("SKARRA 145.310- 71.9", "LEG 147.510")))
                        .ok();
            }
            scratches.add(scratch);
            channels = new ArrayList<>();
            get("/api/lists/" + scratch)
                    .ok()
                    .path("rows")
                    .forEach(row -> channels.add(
                            row.path("channelId").asString(row.path("id").asString())));
            known.clear();
            get("/api/radios").ok().forEach(each -> {
                known.computeIfAbsent("radio", any -> new ArrayList<>())
                        .add(each.path("id").asString());
                String snapshot = each.path("newestSnapshot").path("id").asString("");
                if (!snapshot.isEmpty()) {
                    known.computeIfAbsent("snapshot", any -> new ArrayList<>()).add(snapshot);
                }
            });
            get("/api/imports")
                    .ok()
                    .forEach(each -> known.computeIfAbsent("import", any -> new ArrayList<>())
                            .add(each.path("id").asString()));
            sql.queryForList("select id::text from transfer_job limit 20", String.class)
                    .forEach(each -> known.computeIfAbsent("job", any -> new ArrayList<>())
                            .add(each));
            get("/api/lists/" + scratch + "/history")
                    .ok()
                    .forEach(each -> known.computeIfAbsent("revision", any -> new ArrayList<>())
                            .add(each.path("revision").asString()));
        }

        private String any(String kind) {
            List<String> there = known.getOrDefault(kind, List.of());
            return there.isEmpty() ? "00000000-0000-0000-0000-000000000000" : there.get(random.nextInt(there.size()));
        }

        private String filled(String text) {
            String result = text.replace("@list", scratch)
                    .replace("@radio", any("radio"))
                    .replace("@snapshot", any("snapshot"))
                    .replace("@import", any("import"))
                    .replace("@job", any("job"))
                    .replace("@revision", any("revision"))
                    .replace("@any", UUID.randomUUID().toString())
                    .replace("@fresh", UUID.randomUUID().toString());
            if (result.contains("\"@version\"")) {
                result = result.replace(
                        "\"@version\"",
                        sql
                                .queryForList(
                                        "select version::text from channel_list where id = ?::uuid",
                                        String.class,
                                        scratch)
                                .stream()
                                .findFirst()
                                .orElse("0"));
            }
            while (result.contains("@channel")) {
                result = result.replaceFirst(
                        "@channel", channels.isEmpty() ? scratch : channels.get(random.nextInt(channels.size())));
            }
            return result;
        }

        private int statusOf(String method, String path, String body) {
            HttpRequest.Builder request = request(path)
                    .timeout(Duration.ofSeconds(60))
                    .method(method, HttpRequest.BodyPublishers.ofString(body));
            try {
                return send(request).status();
            } catch (IllegalStateException closed) {
                // The server may close a connection while the client reuses it; on a new one it must answer.
                return send(request).status();
            }
        }

        private record Place(ObjectNode object, String key, ArrayNode array, int index) {
            JsonNode value() {
                return object != null ? object.get(key) : array.get(index);
            }

            void set(JsonNode value) {
                if (object != null) {
                    object.set(key, value);
                } else {
                    array.set(index, value);
                }
            }

            void remove() {
                if (object != null) {
                    object.remove(key);
                } else {
                    array.remove(index);
                }
            }
        }

        private void places(JsonNode node, List<Place> into) {
            if (node instanceof ObjectNode object) {
                object.properties().forEach(each -> {
                    into.add(new Place(object, each.getKey(), null, 0));
                    places(each.getValue(), into);
                });
            } else if (node instanceof ArrayNode array) {
                for (int i = 0; i < array.size(); i++) {
                    into.add(new Place(null, null, array, i));
                    places(array.get(i), into);
                }
            }
        }

        private String mutate(JsonNode body) {
            List<Place> places = new ArrayList<>();
            places(body, places);
            if (places.isEmpty()) {
                return body.toString();
            }
            Place place = places.get(random.nextInt(places.size()));
            JsonNode value = place.value();
            int how = random.nextInt(20);
            if (how == 0) {
                place.remove();
            } else if (how == 1) {
                place.set(json.nullNode());
            } else if (how == 2) {
                place.set(otherKind());
            } else if (value instanceof ArrayNode array) {
                many(array, how);
            } else if (value.isNumber()) {
                place.set(
                        how < 8
                                ? json.valueToTree(NUMBERS.get(random.nextInt(NUMBERS.size())))
                                : json.valueToTree(value.asDouble() + (how == 8 ? 0.5 : -1)));
            } else if (value.isBoolean()) {
                place.set(json.valueToTree(!value.asBoolean()));
            } else if (value.isString()) {
                place.set(json.valueToTree(word(value.asString())));
            } else if (value instanceof ObjectNode object) {
                object.put(WORDS.get(random.nextInt(WORDS.size())), 1);
            }
            return body.toString();
        }

        private JsonNode otherKind() {
            return switch (random.nextInt(5)) {
                case 0 -> json.createArrayNode();
                case 1 -> json.createObjectNode();
                case 2 -> json.valueToTree(true);
                case 3 -> json.valueToTree(WORDS.get(random.nextInt(WORDS.size())));
                default -> json.valueToTree(NUMBERS.get(random.nextInt(NUMBERS.size())));
            };
        }

        private void many(ArrayNode array, int how) {
            if (array.isEmpty() || how < 4) {
                array.removeAll();
            } else if (how < 7) {
                array.add(array.get(random.nextInt(array.size())));
            } else {
                JsonNode first = array.get(0);
                for (int i = random.nextInt(400); i > 0; i--) {
                    array.add(first);
                }
            }
        }

        /** Another word, a part of it, it twice; within a long text one word or one line is another. */
        private String word(String was) {
            if (was.length() > 60 && random.nextInt(5) > 0) {
                List<String> parts =
                        new ArrayList<>(List.of(was.split(random.nextBoolean() ? "(?<=\n)" : "(?<=[ \n:])", -1)));
                int at = random.nextInt(parts.size());
                switch (random.nextInt(4)) {
                    case 0 -> parts.remove(at);
                    case 1 -> parts.add(at, parts.get(random.nextInt(parts.size())));
                    case 2 -> parts.set(at, WORDS.get(random.nextInt(WORDS.size())) + "\n");
                    default -> parts.set(at, NUMBERS.get(random.nextInt(NUMBERS.size())) + "\n");
                }
                return String.join("", parts);
            }
            return switch (random.nextInt(6)) {
                case 0 -> was + was;
                case 1 -> was.isEmpty() ? "x" : was.substring(random.nextInt(was.length()));
                case 2 -> was.toUpperCase(java.util.Locale.ROOT) + WORDS.get(random.nextInt(WORDS.size()));
                default -> WORDS.get(random.nextInt(WORDS.size()));
            };
        }
    }
}
