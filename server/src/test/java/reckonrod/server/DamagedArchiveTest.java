package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.context.ContextConfiguration;
import tools.jackson.databind.JsonNode;

/**
 * Archives that are cut off, changed, swapped and stuffed: each is refused with words, or restores something that every screen can
 * show. {@code -Darchives=1000} tries more, {@code -Dseed} others.
 */
@ContextConfiguration(initializers = OwnDatabase.class, inheritInitializers = false)
class DamagedArchiveTest extends ServerTest {
    private static final int ARCHIVES = Integer.getInteger("archives", 5);
    private static final long SEED = Long.getLong("seed", 33);
    private static final List<String> VALUES = List.of(
            "null",
            "-1",
            "0",
            "1",
            "99999999999",
            "9223372036854775807",
            "1.5",
            "true",
            "\"\"",
            "\"x\"",
            "[]",
            "{}",
            "[null]",
            "{\"a\":1}",
            "\"../../etc/passwd\"",
            "\"'; drop table x; --\"",
            "\"\\u0000\"",
            "\"\\\\x00\"",
            "\"\\\\xFFFF\"",
            "\"1; drop table x\"",
            "\"none\"",
            "\"2026-02-30\"",
            "\"infinity\"",
            "\"RUNNING\"",
            "\"wrenling-w12\"");

    /** Something in most tables. */
    @BeforeEach
    void somethingOfEverything() {
        if (!get("/api/radios/blue").ok().path("newestSnapshot").isNull()) {
            return;
        }
        String job = post("/api/radios/blue/read", Map.of()).ok().path("id").asString();
        await("/api/jobs/" + job, each -> !each.path("state").asString().equals("RUNNING"));
        post("/api/radios/red/lend", Map.of("to", "QV1AB", "note", "")).ok();
        String home = get("/api/lists").ok().get(0).path("id").asString();
        change(
                        home,
                        get("/api/lists/" + home).ok().path("version").asLong(),
                        edit("put", "slot", 100, "lines", List.of("146.550 MORE")))
                .ok();
        String model = get("/api/radio-models/orvane-ot9").ok().path("yaml").asString();
        post("/api/radio-models", Map.of("yaml", model.replace("id: orvane-ot9", "id: mine-ot9")))
                .ok();
        post("/api/radios", Map.of("model", "mine-ot9", "name", "mine", "reached", "none"))
                .ok();
        post("/api/setting-profiles", Map.of("name", "usual", "chosen", Map.of("key beep", "off")))
                .ok();
        JsonNode write = post("/api/radios/blue/plan", Map.of("listId", home, "settings", Map.of()))
                .ok();
        post("/api/radios/blue/plans", RadiosTest.body(write, Map.of())).ok();
    }

    private byte[] archive() throws IOException, InterruptedException {
        HttpResponse<byte[]> made = HttpClient.newHttpClient()
                .send(request("/api/archive").GET().build(), HttpResponse.BodyHandlers.ofByteArray());
        assertThat(made.statusCode()).isEqualTo(200);
        return made.body();
    }

    private Answer bring(byte[] archive) {
        return send(request("/api/archive")
                .setHeader("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(archive)));
    }

    /** The status of what came last: of bringing it, or of restoring it. */
    private Answer tried(byte[] archive) {
        Answer brought = bring(archive);
        return brought.status() >= 300
                ? brought
                : send(request("/api/archive/" + brought.body().path("id").asString() + "/restore")
                        .timeout(java.time.Duration.ofMinutes(2))
                        .POST(HttpRequest.BodyPublishers.noBody()));
    }

    private static Map<String, String> files(byte[] archive) throws IOException {
        Map<String, String> files = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }

    private static byte[] zip(Map<String, String> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> each : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                zip.write(each.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    /** Every screen that shows what was restored. */
    private void assertAllIsShown(String after) {
        List<String> paths = new ArrayList<>(List.of(
                "/api/lists",
                "/api/lists/overview",
                "/api/lists/binned",
                "/api/radios",
                "/api/radios/retired",
                "/api/snapshots",
                "/api/radio-models",
                "/api/band-plans",
                "/api/table-recipes",
                "/api/tests",
                "/api/imports",
                "/api/plans",
                "/api/running",
                "/api/setting-profiles",
                "/api/directory/sources"));
        get("/api/lists").ok().forEach(each -> {
            paths.add("/api/lists/" + each.path("id").asString());
            paths.add("/api/lists/" + each.path("id").asString() + "/history");
        });
        get("/api/radios")
                .ok()
                .forEach(each -> paths.add("/api/radios/" + each.path("id").asString() + "/snapshots"));
        for (String path : paths) {
            assertThat(get(path).status()).as(path + " after " + after).isIn(200, 404);
        }
    }

    @Test
    void damagedArchivesAreRefusedOrShown() throws Exception {
        byte[] good = archive();
        Map<Integer, Integer> answers = new TreeMap<>();
        for (int i = 0; i < ARCHIVES; i++) {
            Random random = new Random(SEED * 1_000 + i);
            StringBuilder how = new StringBuilder("archive " + i + " of seed " + SEED + ": ");
            byte[] bad = damaged(good, random, how);
            Answer answer = tried(bad);
            answers.merge(answer.status(), 1, Integer::sum);
            assertThat(answer.status()).as(how + " " + answer.body()).isIn(200, 409, 422);
            if (answer.status() == 200 || i % 10 == 0) {
                assertAllIsShown(how.toString());
            }
            if (answer.status() == 200) {
                assertThat(tried(good).status())
                        .as("the good one again after " + how)
                        .isEqualTo(200);
            }
        }
        System.out.println(ARCHIVES + " damaged archives, seed " + SEED + ": " + answers);
        assertThat(tried(good).status()).isEqualTo(200);
        assertAllIsShown("all of it");
    }

    private static byte[] damaged(byte[] good, Random random, StringBuilder how) throws IOException {
        byte[] bytes = good.clone();
        switch (random.nextInt(8)) {
            case 0 -> {
                how.append("cut off");
                return Arrays.copyOf(bytes, random.nextInt(bytes.length));
            }
            case 1 -> {
                how.append("bytes changed");
                for (int i = 1 + random.nextInt(30); i > 0; i--) {
                    bytes[random.nextInt(bytes.length)] ^= (byte) (1 + random.nextInt(255));
                }
                return bytes;
            }
            default -> {
                Map<String, String> files = files(good);
                List<String> names = new ArrayList<>(files.keySet());
                for (int i = 1 + random.nextInt(2); i > 0; i--) {
                    String name = names.get(random.nextInt(names.size()));
                    how.append(name).append(' ');
                    files.put(name, changed(files.get(name), random, how));
                }
                return zip(files);
            }
        }
    }

    /** One value of one row is another, a row is gone, there twice, or of another table. */
    private static String changed(String text, Random random, StringBuilder how) {
        List<String> rows = new ArrayList<>(text.lines().toList());
        if (rows.isEmpty()) {
            how.append("a row where there is none ");
            return VALUES.get(random.nextInt(VALUES.size())) + "\n";
        }
        int at = random.nextInt(rows.size());
        String row = rows.get(at);
        switch (random.nextInt(10)) {
            case 0 -> rows.remove(at);
            case 1 -> rows.add(row);
            case 2 -> rows.set(at, VALUES.get(random.nextInt(VALUES.size())));
            case 3 -> rows.set(at, row.substring(0, random.nextInt(row.length())));
            default -> {
                java.util.regex.Matcher values = java.util.regex.Pattern.compile(
                                "(?<=\":)(\"(?:[^\"\\\\]|\\\\.)*+\"|-?[0-9.]+|true|false|null)")
                        .matcher(row);
                List<int[]> places = new ArrayList<>();
                while (values.find()) {
                    places.add(new int[] {values.start(), values.end()});
                }
                if (!places.isEmpty()) {
                    int[] place = places.get(random.nextInt(places.size()));
                    String value = VALUES.get(random.nextInt(VALUES.size()));
                    how.append(row, Math.max(0, place[0] - 25), place[1])
                            .append(" -> ")
                            .append(value)
                            .append("; ");
                    rows.set(at, row.substring(0, place[0]) + value + row.substring(place[1]));
                }
            }
        }
        return String.join("\n", rows) + "\n";
    }

    /** A small file that unpacks to a row of hundreds of megabytes: refused before any of it fills the memory. */
    @Test
    void aRowThatUnpacksToGigabytesIsRefusedEarly() throws Exception {
        Map<String, String> files = files(archive());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> each : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                if (each.getKey().equals("tables/channel_list.jsonl")) {
                    fill(zip);
                } else {
                    zip.write(each.getValue().getBytes(StandardCharsets.UTF_8));
                }
            }
        }
        assertThat(bytes.size()).isLessThan(8 << 20);
        assertThat(tried(bytes.toByteArray()).problem(422, "archive-unreadable"))
                .contains("A row of channel_list is longer than any");
        get("/api/lists").ok();
    }

    private static void fill(OutputStream out) throws IOException {
        byte[] some = new byte[1 << 20];
        Arrays.fill(some, (byte) '[');
        for (int i = 0; i < 900; i++) {
            out.write(some);
        }
    }

    /** What an archive says of itself goes into statements, so it must be what it should be. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            "schema":"[0-9]+"       | "schema":"1; drop table x"     | names the schema
            "schema":"[0-9]+"       | "schema":"0"                   | names the schema
            "schema":"[0-9]+"       | "schema":"999"                 | by a newer Reckonrod
            "schema":"[0-9]+"       | "schema":null                  | does not say
            "rows":\\{              | "rows":{"pg_class":0,          | is not in it
            "rows":\\{              | "rows":{"x; drop table y":0,   | is not in it
            "radio_unit":[0-9]+     | "radio_unit":-1                | cannot have -1 rows
            "radio_unit":[0-9]+     | "radio_unit":1                 | has more rows
            "radio_unit":[0-9]+     | "radio_unit":99999999999       | cannot have 99999999999 rows
            "format":1              | "format":2                     | is of format 2
            """)
    void whatAnArchiveSaysOfItselfIsChecked(String what, String instead, String says) throws Exception {
        Map<String, String> files = files(archive());
        files.put("reckonrod.json", files.get("reckonrod.json").replaceFirst(what, instead));
        assertThat(tried(zip(files)).problem(422, "archive-unreadable")).contains(says, "Nothing was changed");
    }

    /** Documents that no screen could show are found before anything is replaced. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            tables/list_revision.jsonl   | "bandPlan": "[^"]*"                       | "bandPlan": "nowhere"
            tables/list_revision.jsonl   | "document":\\{                            | "document":{"no":"sense","
            tables/radio_unit.jsonl      | "definition_id":"[^"]*"                   | "definition_id":"acme-1"
            tables/radio_unit.jsonl      | "port":"[^"]*"                            | "port":"carrier-pigeon"
            tables/radio_unit.jsonl      | "id":"blue"                               | "id":"../../../etc"
            tables/radio_unit.jsonl      | "places":"[^"]*"                          | "places":"sideways"
            tables/simulated_radio.jsonl | "memory":"[^"]*"                          | "memory":"\\\\\\\\x00"
            tables/simulated_radio.jsonl | "trouble":"[^"]*"                         | "trouble":"gremlins"
            tables/field_test.jsonl      | "result":"[^"]*"                          | "result":"PERHAPS"
            """)
    void whatNoScreenCouldShowIsRefused(String file, String what, String instead) throws Exception {
        Map<String, String> files = files(archive());
        String text = files.get(file);
        String changed = text.replaceFirst(what, instead);
        assertThat(changed).as("nothing in " + file + " is like " + what).isNotEqualTo(text);
        files.put(file, changed);
        int radios = get("/api/radios").ok().size();
        assertThat(tried(zip(files)).problem(422, "archive-unreadable"))
                .contains("Nothing was changed")
                .doesNotContain("null");
        assertThat(get("/api/radios").ok()).hasSize(radios);
        assertAllIsShown(instead);
    }
}
