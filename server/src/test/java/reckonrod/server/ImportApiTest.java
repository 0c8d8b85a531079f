package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class ImportApiTest extends ServerTest {
    private static final String HEADINGS = "call,site,lat,lon,output,shift,tone,confirmed\n";

    @AfterEach
    void forget() {
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", -1, "later", false));
        sql.update("delete from directory_import");
        sql.update("delete from column_mapping");
        sql.update("delete from directory_entry where source <> 'vellan' or id like 'vellan:w%'");
    }

    private Answer bring(String name, byte[] content, String more) {
        return send(request("/api/imports?name=" + name + more)
                .setHeader("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content)));
    }

    private JsonNode bring(String name, String content) {
        return bring(name, content.getBytes(StandardCharsets.UTF_8), "").ok();
    }

    private JsonNode mapped(JsonNode brought) {
        String id = brought.path("id").asString();
        put(
                        "/api/imports/" + id + "/columns",
                        Map.of("columns", brought.path("columns").path("guessed")))
                .ok();
        return read(id);
    }

    private JsonNode read(String id) {
        return await(
                "/api/imports/" + id, body -> !body.path("state").asString().equals("reading"));
    }

    private static String counts(JsonNode view) {
        JsonNode counts = view.path("counts");
        return "%s new, %s changed, %s same, %s bad, %s in doubt, %s gone"
                .formatted(
                        counts.path("added").asInt(),
                        counts.path("changed").asInt(),
                        counts.path("same").asInt(),
                        counts.path("bad").asInt(),
                        counts.path("doubtful").asInt(),
                        view.path("gone").asInt());
    }

    private int entries() {
        return sql.queryForObject("select count(*) from directory_entry", Integer.class);
    }

    private String state(String id) {
        return sql.queryForObject("select talk_tone from directory_entry where id = ?", String.class, id);
    }

    /** A taken listing is taken back whole, the newest first, while no channel comes from it; a source goes with its loss named. */
    @Test
    void whatWasTakenCanBeTakenBackWhileNothingDependsOnIt() {
        int before = entries();
        String first = mapped(bring("club.csv", HEADINGS + "QV0AA,Alpha,47.5,-38.1,145.310,-0.6,71.9,2026-05-01\n"))
                .path("id")
                .asString();
        post("/api/imports/" + first + "/take", Map.of("doubtful", true, "dropGone", false))
                .ok();
        String entry = sql.queryForObject("select id from directory_entry where source = 'club'", String.class);
        String second = mapped(bring("club.csv", HEADINGS + """
                        QV0AA,Alpha,47.5,-38.1,145.310,-0.6,88.5,2026-06-01
                        QV0BB,Beta,47.6,-38.2,441.150,5,156.7,2026-06-01
                        """)).path("id").asString();
        post("/api/imports/" + second + "/take", Map.of("doubtful", true, "dropGone", false))
                .ok();
        assertThat(state(entry)).isEqualTo("CTCSS 88.5");
        assertThat(post("/api/imports/" + first + "/take-back", Map.of()).problem(409, "import-built-upon"))
                .contains("taken after it");

        String added = sql.queryForObject("select id from directory_entry where site = 'Beta'", String.class);
        JsonNode list = change(listId(), version(), edit("take", "slot", 60, "take", Map.of("entries", List.of(added))))
                .ok();
        assertThat(post("/api/imports/" + second + "/take-back", Map.of()).problem(409, "import-in-use"))
                .contains("Beta in slot " + list.path("slot").asInt() + " of Vellan home");
        post("/api/lists/" + listId() + "/undo", Map.of("baseVersion", version()))
                .ok();
        assertThat(post("/api/imports/" + second + "/take-back", Map.of())
                        .ok()
                        .path("message")
                        .asString())
                .isEqualTo("Taken back: 1 entry went, 1 is as before.");
        assertThat(state(entry)).isEqualTo("CTCSS 71.9");
        assertThat(entries()).isEqualTo(before + 1);
        post("/api/imports/" + second + "/take-back", Map.of()).problem(409, "import-state");

        delete("/api/imports/sources/club?entries=2").problem(409, "loss-not-meant");
        delete("/api/imports/sources/nobody?entries=0").problem(404, "not-found");
        assertThat(delete("/api/imports/sources/club?entries=1").status()).isEqualTo(204);
        assertThat(entries()).isEqualTo(before);
        post("/api/imports/" + first + "/take-back", Map.of()).problem(409, "import-state");
    }

    /** Outputs that a list would refuse to talk on are in doubt here too. */
    @Test
    void outputsOutsideEveryBandAreInDoubt() {
        JsonNode view = mapped(bring("odd.csv", HEADINGS + """
                QV0AA,Alpha,47.5,-38.1,145.310,-0.6,71.9,2026-05-01
                QV0BB,Beta,47.6,-38.2,450.525,5,156.7,2026-05-01
                QV0CC,Gamma,47.6,-38.2,452.725,5,156.7,2026-05-01
                """));
        assertThat(counts(view)).isEqualTo("3 new, 0 changed, 0 same, 0 bad, 2 in doubt, 0 gone");
        assertThat(get("/api/imports/" + view.path("id").asString() + "/rows?kind=doubtful")
                        .ok()
                        .toString())
                .contains("450.525 MHz of Beta lies in no amateur band of Region 2");
    }

    /** What is new, bad and in doubt is shown first; bad lines come back as a file; the next edition shows what changed. */
    @Test
    void aFileIsLookedAtThenTakenWithoutItsBadLines() throws Exception {
        JsonNode brought = bring("club.csv", HEADINGS + """
                QV0AA,Alpha,47.5,-38.1,145.310,-0.6,71.9,2026-05-01
                QV0BB,Beta,47.6,-38.2,441.150,5,156.7,2026-05-01
                QV0CC,Gamma,47.7,-38.3,=1+1,-0.6,71.9,2026-05-01
                QV0DD,Delta,0,0,147.135,0.6,88.5,2026-05-01
                QV0AA,Alpha,47.5,-38.1,145.310,-0.6,88.5,2026-05-01
                """);
        int before = entries();
        JsonNode view = mapped(brought);
        assertThat(counts(view)).isEqualTo("3 new, 0 changed, 0 same, 2 bad, 1 in doubt, 0 gone");
        assertThat(entries()).isEqualTo(before);
        String id = view.path("id").asString();
        String bad = body("/api/imports/" + id + "/bad.csv");
        assertThat(bad.lines().toList())
                .satisfiesExactly(
                        headings -> assertThat(headings).startsWith("line,reason,call,site"),
                        formula -> assertThat(formula)
                                .startsWith("4,")
                                .contains("formula")
                                .contains(",'=1+1,"),
                        twice -> assertThat(twice).startsWith("6,").contains("same repeater as in line 2"));
        assertThat(post("/api/imports/" + id + "/take", Map.of("doubtful", false, "dropGone", false))
                        .ok()
                        .path("message")
                        .asString())
                .isEqualTo("2 entries were taken.");
        assertThat(entries()).isEqualTo(before + 2);
        post("/api/imports/" + id + "/take", Map.of("doubtful", true, "dropGone", false))
                .problem(409, "import-state");
        assertThat(body("/api/imports/" + id + "/bad.csv")).isEqualTo(bad);

        JsonNode again = bring("club.csv", HEADINGS + "QV0AA,Alpha,47.5,-38.1,145.310,-0.6,88.5,2026-06-01\n");
        assertThat(again.path("columns").path("remembered").asBoolean()).isTrue();
        JsonNode next = mapped(again);
        assertThat(counts(next)).isEqualTo("0 new, 1 changed, 0 same, 0 bad, 0 in doubt, 1 gone");
        String nextId = next.path("id").asString();
        assertThat(get("/api/imports/" + nextId + "/rows?kind=changed").ok().toString())
                .contains("talk tone CTCSS 71.9 → CTCSS 88.5");
        assertThat(get("/api/imports/" + nextId + "/rows?kind=gone").ok().toString())
                .contains("Beta");
        post("/api/imports/" + nextId + "/take", Map.of("doubtful", true, "dropGone", true))
                .ok();
        assertThat(sql.queryForList(
                        "select state from directory_entry where source = 'club' order by site", String.class))
                .containsExactly("UNKNOWN", "NO_LONGER_LISTED");
    }

    static List<Arguments> whatIsNoListing() {
        return List.of(
                Arguments.of("windows-1252", "Höhe,b\n1,2\n", "", "line 1"),
                Arguments.of("UTF-8", "PK\u0003\u0004", "", "spreadsheet"),
                Arguments.of("UTF-8", "just words\nand more\n", "", "No columns"),
                Arguments.of("UTF-8", "a,b\n1,\"2\n", "", "never closed"),
                Arguments.of("UTF-8", "{\"type\":\"Point\"}", "&kind=geojson", "FeatureCollection"),
                Arguments.of("UTF-8", "{\"type\":", "&kind=geojson", "line 1"),
                Arguments.of("UTF-8", "a,b\n1,2\n", "&charset=klingon", "no encoding"));
    }

    @ParameterizedTest
    @MethodSource("whatIsNoListing")
    void whatIsNoListingIsRefusedWhole(String charset, String content, String more, String said) {
        byte[] bytes = content.getBytes(Charset.forName(charset));
        Answer answer = bring("x", bytes, more);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("detail").asString()).contains(said);
        assertThat(get("/api/imports").ok()).isEmpty();
    }

    @Test
    void columnsThatDoNotSufficeAreRefusedAndTheFileIsKept() {
        JsonNode brought = bring("odd.csv", "x,y\nhello,there\n");
        String id = brought.path("id").asString();
        assertThat(brought.path("columns").path("missing").asString()).contains("output");
        put("/api/imports/" + id + "/columns", Map.of("columns", List.of("", "")))
                .problem(422, "mapping-incomplete");
        put("/api/imports/" + id + "/columns", Map.of("columns", List.of("OUTPUT", "OUTPUT")))
                .problem(422, "mapping-wrong");
        put("/api/imports/" + id + "/columns", Map.of("columns", List.of("OUTPUT")))
                .problem(422, "mapping-incomplete");
        assertThat(get("/api/imports/" + id).ok().path("state").asString()).isEqualTo("mapping");
        assertThat(delete("/api/imports/" + id).ok().path("state").asString()).isEqualTo("given_up");
        put("/api/imports/" + id + "/columns", Map.of("columns", List.of("OUTPUT", "")))
                .problem(409, "import-state");
    }

    @Test
    void linesAndGeoJsonBecomeEntriesToo() {
        JsonNode lines = bring(
                        "net",
                        "SKARRA 145.310- 71.9 E\nMARINE 156.800\n\nnonsense\n".getBytes(StandardCharsets.UTF_8),
                        "&kind=lines")
                .ok();
        assertThat(counts(read(lines.path("id").asString())))
                .isEqualTo("1 new, 0 changed, 0 same, 2 bad, 0 in doubt, 0 gone");
        String geo = """
                {"type":"FeatureCollection","features":[{"type":"Feature","geometry":{"type":"Point","coordinates":[-38.1,47.5]},
                "properties":{"callsign":"QV0EE","frequency":145.31,"offset":-0.6,"tone":71.9}},
                {"type":"Feature","geometry":null,"properties":{"callsign":"QV0FF","frequency":"x"}}]}""";
        JsonNode view = mapped(bring("points", geo.getBytes(StandardCharsets.UTF_8), "&kind=geojson")
                .ok());
        assertThat(counts(view)).isEqualTo("1 new, 0 changed, 0 same, 1 bad, 0 in doubt, 0 gone");
        post("/api/imports/" + view.path("id").asString() + "/take", Map.of("doubtful", true, "dropGone", false))
                .ok();
        assertThat(sql.queryForObject("select latitude from directory_entry where source = 'points'", Double.class))
                .isEqualTo(47.5);
    }

    /** A sign alone means another size by another plan; one that does not exist takes nothing in. */
    @ParameterizedTest
    @CsvSource({"r3-australia, −5.000", "r1-europe, −7.600"})
    void whatLinesLeaveOutIsSuppliedByThePlan(String plan, String shift) {
        byte[] line = "MOOR 439.050- 77.0".getBytes(StandardCharsets.UTF_8);
        bring("moor", line, "&kind=lines&bandPlan=r9-moon").problem(422, "band-plan-unknown");
        assertThat(get("/api/imports").ok()).isEmpty();
        String id = bring("moor", line, "&kind=lines&bandPlan=" + plan)
                .ok()
                .path("id")
                .asString();
        read(id);
        post("/api/imports/" + id + "/take", Map.of("doubtful", true, "dropGone", false))
                .ok();
        assertThat(sql.queryForObject("select input_words from directory_entry where source = 'moor'", String.class))
                .isEqualTo(shift);
    }

    /** The service fails in the middle, what was read is kept, and it goes on from there; then a whole edition is taken. */
    @Test
    void aPullThatBreaksOffGoesOnWhereItWas() {
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", 3000, "later", true))
                .ok();
        String id = post("/api/imports/service", Map.of()).ok().path("id").asString();
        JsonNode broken = read(id);
        assertThat(broken.path("state").asString()).isEqualTo("broken_off");
        assertThat(broken.path("message").asString()).contains("503 at entry 3001", "3000 rows");
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", 6000, "later", true))
                .ok();
        post("/api/imports/" + id + "/go-on", Map.of()).ok();
        assertThat(read(id).path("rowsRead").asInt()).isEqualTo(6000);
        // As if the program had died while reading: after a while it is told, and it can go on.
        sql.update("update directory_import set state = 'READING', heard_at = now() - interval '1 minute'");
        await("/api/imports/" + id, body -> body.path("state").asString().equals("broken_off"));
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", -1, "later", true))
                .ok();
        post("/api/imports/" + id + "/go-on", Map.of()).ok();
        List<JsonNode> events = events("/api/imports/" + id + "/events");
        List<Integer> rows =
                events.stream().map(each -> each.path("rowsRead").asInt()).toList();
        assertThat(rows).hasSizeGreaterThan(2).isSorted();
        assertThat(events.stream().filter(each -> each.path("state").asString().equals("reading")))
                .hasSize(events.size() - 1);
        JsonNode done = events.get(events.size() - 1);
        assertThat(done.path("state").asString()).isEqualTo("read");
        assertThat(done.path("rowsRead").asInt()).isEqualTo(50_032);
        assertThat(counts(done)).isEqualTo("50001 new, 2 changed, 29 same, 0 bad, 0 in doubt, 1 gone");
        assertThat(get("/api/imports/" + id + "/rows?kind=changed").ok().toString())
                .contains("CTCSS 100.0 → CTCSS 103.5", "on the air → off the air");
        post("/api/imports/" + id + "/take", Map.of("doubtful", true, "dropGone", true))
                .ok();
        assertThat(entries()).isEqualTo(50_033);
        sql.update("update directory_entry set state = 'OFF_AIR' where id = 'vellan:old-link'");
        sql.update("update directory_entry set state = 'ON_AIR' where id = 'vellan:tolmere'");
        sql.update("update directory_entry set talk_tone = 'CTCSS 100.0' where id = 'vellan:harbour'");
        sql.update("delete from directory_entry where id = 'vellan:fellgate'");
    }

    /** The disk is full, or the database goes, while rows are moved: the directory is as it was, and taking works later. */
    @Test
    void takingIsAllOrNothing() {
        JsonNode view = mapped(bring("half.csv", HEADINGS + "QV0AA,Alpha,47.5,-38.1,145.310,-0.6,71.9,2026-05-01\n"));
        String id = view.path("id").asString();
        int before = entries();
        sql.execute("alter table directory_entry add constraint full_disk check (source <> 'half') not valid");
        try {
            assertThat(post("/api/imports/" + id + "/take", Map.of("doubtful", true, "dropGone", true))
                            .status())
                    .isEqualTo(503);
            assertThat(entries()).isEqualTo(before);
            assertThat(get("/api/imports/" + id).ok().path("state").asString()).isEqualTo("read");
        } finally {
            sql.execute("alter table directory_entry drop constraint full_disk");
        }
        post("/api/imports/" + id + "/take", Map.of("doubtful", true, "dropGone", true))
                .ok();
        assertThat(entries()).isEqualTo(before + 1);
    }

    private static final String FIVE_THOUSAND = IntStream.range(0, 5_000)
            .mapToObj(i -> "QV0AA,Site %d,47.5,-38.1,145.310,-0.6,71.9,2026-05-01%n".formatted(i))
            .collect(Collectors.joining("", HEADINGS, ""));

    /** The disk is full while rows are kept: what was kept before stays, and it goes on from there when there is room. */
    @Test
    void aFullDiskWhileReadingLosesNothing() {
        sql.execute("create function full_disk() returns trigger language plpgsql as "
                + "$$ begin raise exception 'no space left' using errcode = 'disk_full'; end $$");
        sql.execute("create trigger full_disk before insert on directory_import_row for each row when (new.line > 2500)"
                + " execute function full_disk()");
        JsonNode broken;
        try {
            broken = mapped(bring("disk.csv", FIVE_THOUSAND));
        } finally {
            sql.execute("drop trigger full_disk on directory_import_row");
            sql.execute("drop function full_disk");
        }
        assertThat(broken.path("state").asString()).isEqualTo("broken_off");
        assertThat(broken.path("message").asString()).contains("room on its disk");
        assertThat(broken.path("rowsRead").asInt()).isEqualTo(2_000);
        assertThat(goneOn(broken)).isEqualTo("5000 new, 0 changed, 0 same, 0 bad, 0 in doubt, 0 gone");
    }

    /** The database goes away in the middle and comes back: no row is lost and none is there twice. */
    @Test
    void aRestartOfTheDatabaseWhileReadingLosesNothing() {
        put("/api/imports/service", Map.of("there", true, "delayMillis", 30, "failsFrom", -1, "later", false))
                .ok();
        String id = post("/api/imports/service", Map.of()).ok().path("id").asString();
        await("/api/imports/" + id, body -> body.path("rowsRead").asInt() > 0);
        TestCluster.stop();
        TestCluster.start();
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", -1, "later", false))
                .ok();
        // It goes on by itself when the database was back before the next rows came, and else when it is told to.
        JsonNode after = read(id);
        String counted = after.path("state").asString().equals("broken_off") ? goneOn(after) : counts(after);
        assertThat(counted).isEqualTo("50000 new, 0 changed, 32 same, 0 bad, 0 in doubt, 0 gone");
    }

    private String goneOn(JsonNode broken) {
        String id = broken.path("id").asString();
        post("/api/imports/" + id + "/go-on", Map.of()).ok();
        return counts(await(
                "/api/imports/" + id, body -> body.path("state").asString().equals("read")));
    }

    /** Two tabs press the same button: one takes, the other is told so. */
    @Test
    void takenByTwoAtOnceItIsTakenOnce() {
        JsonNode view = mapped(bring("twice.csv", FIVE_THOUSAND));
        int before = entries();
        String path = "/api/imports/" + view.path("id").asString() + "/take";
        List<Integer> answers = Stream.of(1, 2)
                .parallel()
                .map(tab ->
                        post(path, Map.of("doubtful", true, "dropGone", false)).status())
                .sorted()
                .toList();
        assertThat(answers).containsExactly(200, 409);
        assertThat(entries()).isEqualTo(before + 5_000);
        // Brought again with one row alone, the others are gone; they are shown page by page, none twice.
        String again = mapped(bring("twice.csv", FIVE_THOUSAND.lines().limit(2).collect(Collectors.joining("\n"))))
                .path("id")
                .asString();
        Set<String> gone = new HashSet<>();
        for (int after = 0; after < 300; after += 100) {
            get("/api/imports/" + again + "/rows?kind=gone&fromLine=" + after)
                    .ok()
                    .forEach(row -> gone.add(row.path("label").asString()));
        }
        assertThat(gone).hasSize(300).doesNotContain("Site 0");
        get("/api/imports/" + again + "/rows?kind=gone&fromLine=-1").problem(422, "line-out-of-range");
        assertThat(post("/api/imports/" + again + "/take", Map.of("doubtful", true, "dropGone", true))
                        .ok()
                        .path("message")
                        .asString())
                .isEqualTo("0 entries were taken, 4999 are marked as no longer listed.");
    }

    private String body(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(request(path).GET().build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }
}
