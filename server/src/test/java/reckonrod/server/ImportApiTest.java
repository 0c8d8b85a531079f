package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** A listing is brought, looked at, taken and taken back; what is none is refused. */
class ImportApiTest extends ImportsTest {
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

    private String body(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(request(path).GET().build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }
}
