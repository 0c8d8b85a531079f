package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From a silence to its cause and back to an answer; the log, the dry run and the readiness through the interface of the server. */
class ProveApiTest extends RadiosTest {
    private static final String HERE = "47.39, -37.98";

    @BeforeEach
    @AfterEach
    void cleanLog() {
        sql.update("delete from field_test");
    }

    private JsonNode row(int slot) {
        for (JsonNode each : get("/api/lists/" + list).ok().path("rows")) {
            if (each.path("slot").asInt() == slot && each.hasNonNull("id")) {
                return each;
            }
        }
        throw new AssertionError("no channel in slot " + slot);
    }

    private void retype(int slot, String line) {
        change(
                        list,
                        version(list),
                        edit("rewrite", "channel", row(slot).path("id").asString(), "line", line))
                .ok();
    }

    private Map<String, Object> test(int slot, String editor, String at, String... seen) {
        JsonNode row = row(slot);
        Map<String, Object> body = new HashMap<>();
        body.put("editor", editor);
        body.put("at", at);
        body.put("place", "Harbour wall");
        body.put("latitude", 47.39);
        body.put("longitude", -37.98);
        body.put("radio", "Blue");
        body.put("listId", list);
        body.put("channelId", row.path("id").asString());
        body.put("channel", row.path("name").asString());
        body.put("line", row.path("line").asString());
        body.put("seen", List.of(seen));
        body.put("strength", 3);
        body.put("note", "");
        return body;
    }

    private Answer keep(UUID id, Map<String, Object> body) {
        return put("/api/tests/" + id, body);
    }

    private JsonNode diagnosis(int slot, String radio, Map<String, String> answers) {
        Map<String, Object> body = new HashMap<>(Map.of(
                "listId",
                list,
                "channelId",
                row(slot).path("id").asString(),
                "at",
                HERE,
                "seen",
                List.of(),
                "answers",
                answers));
        if (radio != null) {
            body.put("radioId", radio);
        }
        return post("/api/prove/diagnosis", body).ok();
    }

    /** The tone stands on the listen side: silence, the cause, the line that is right, and the air answers. */
    @Test
    void aToneOnTheWrongSideIsFoundAndMended() {
        lines(5, "SKARRA 146.940 > 146.340 listen 100.0");
        String radio = radio("wrenling-w12");
        read(radio);
        assertDone(write(radio));
        Map<String, Object> press = Map.of("slot", 5, "at", HERE);
        JsonNode silent = post("/api/radios/" + radio + "/talk", press).ok();
        assertThat(silent.path("says").asString()).contains("transmit light came on", "nothing was heard");
        assertThat(silent.path("shown").asString()).isEqualTo("146.340");

        JsonNode first = diagnosis(5, radio, Map.of());
        assertThat(first.path("repeater").asString()).isEqualTo("Harbour");
        assertThat(first.path("question").path("ask").asString()).isNotBlank();
        JsonNode asked = diagnosis(5, radio, Map.of("press", "expected", "display", "listen"));
        JsonNode top = asked.path("ranking").get(0);
        assertThat(top.path("id").asString()).isEqualTo("tone-side");
        assertThat(top.path("likely").asString()).isEqualTo("almost certainly");
        assertThat(top.path("reasons").toString()).contains("listen side");
        assertThat(asked.path("bits").asDouble()).isLessThan(first.path("bits").asDouble() + 1e-9);
        String line = top.path("mend").path("line").asString();
        retype(5, line);
        assertDone(write(radio));
        assertThat(post("/api/radios/" + radio + "/talk", press)
                        .ok()
                        .path("seen")
                        .toString())
                .contains("tail");
        assertThat(diagnosis(5, radio, Map.of()).path("known").toString())
                .contains("the talk tone is as the directory");
        assertThat(post(
                                "/api/prove/diagnosis",
                                Map.of(
                                        "listId",
                                        list,
                                        "channelId",
                                        row(5).path("id").asString(),
                                        "seen",
                                        List.of("light"),
                                        "answers",
                                        Map.of("press", "loudly")))
                        .problem(422, "answer-unknown"))
                .contains("loudly", "expected");
    }

    @Test
    void anotherRepeaterInReachIsOfferedWithItsLine() {
        lines(5, "FAR 145.310- 71.9");
        JsonNode instead = diagnosis(5, null, Map.of()).path("instead");
        assertThat(instead.get(0).path("label").asString()).isEqualTo("Harbour");
        assertThat(instead.get(0).path("line").asString()).contains("146.940");
        assertThat(instead.size()).isBetween(1, 3);
        JsonNode nowhere = post(
                        "/api/prove/diagnosis",
                        Map.of(
                                "listId",
                                list,
                                "channelId",
                                row(5).path("id").asString(),
                                "at",
                                "behind the boat shed",
                                "seen",
                                List.of("light", "shown"),
                                "answers",
                                Map.of()))
                .ok();
        assertThat(nowhere.path("known").toString()).contains("nobody knows where it was tried");
        assertThat(nowhere.path("answered").toString())
                .as("what was tapped is answered")
                .contains("\"press\"", "[\"light\",\"shown\"]");
        assertThat(nowhere.path("instead")).isEmpty();
    }

    /** What is proven goes home to the list, and is taken back when the tap is. */
    @Test
    void whatIsProvenGoesHomeToTheListAndTheDirectory() {
        UUID id = UUID.randomUUID();
        JsonNode begun =
                keep(id, test(1, "phone", "2026-11-20T10:00:00Z", "light")).ok();
        assertThat(begun.path("result").asString()).isEqualTo("open");
        keep(id, test(1, "phone", "2026-11-20T10:00:00Z", "light", "tail")).ok();
        assertThat(row(1).path("proven").asString()).isEqualTo("2026-11-20");
        assertThat(get("/api/lists/" + list).ok().path("undo").asString()).contains("Proven on 2026-11-20");
        // A later one that was silent takes nothing back; an earlier proof comes to light when the later is removed.
        keep(UUID.randomUUID(), test(1, "phone", "2026-11-22T10:00:00Z", "nothing"))
                .ok();
        UUID later = UUID.randomUUID();
        keep(later, test(1, "desk", "2026-11-25T10:00:00Z", "answered")).ok();
        assertThat(row(1).path("proven").asString()).isEqualTo("2026-11-25");
        delete("/api/tests/" + later).ok();
        assertThat(row(1).path("proven").asString()).isEqualTo("2026-11-20");
        keep(id, test(1, "phone", "2026-11-20T10:00:00Z", "nothing")).ok();
        assertThat(row(1).path("proven").isNull()).isTrue();
        // What was answered before the channel was changed says nothing of what it is now.
        keep(id, test(1, "phone", "2026-11-20T10:00:00Z", "tail")).ok();
        retype(1, "145.310- 74.4 SKARRA");
        assertThat(get("/api/prove/readiness?since=2026-01-01&list=" + list)
                        .ok()
                        .path("channels")
                        .get(0)
                        .path("ready")
                        .asString())
                .isEqualTo("changed");
    }

    /** What the person's own radio opened counts as confirmed on that day, in Find too. */
    @Test
    void ownTestsCountInTheDirectory() {
        String before = get("/api/find/entry?id=vellan:fell-top").ok().toString();
        assertThat(before).contains("2021-");
        lines(5, "FELL TOP 147.000+ 88.5");
        Map<String, Object> body = test(5, "phone", "2026-11-20T10:00:00Z", "tail");
        body.put("directoryId", "vellan:fell-top");
        keep(UUID.randomUUID(), body).ok();
        assertThat(get("/api/find/entry?id=vellan:fell-top").ok().toString())
                .contains("2026-11-20", "your own test")
                .doesNotContain("entry-old");
        assertThat(get("/api/find?at=47.39,-37.98&order=confirmed&km=30")
                        .ok()
                        .path("found")
                        .get(0)
                        .toString())
                .contains("vellan:fell-top");
        // What stayed silent since, on two days, is in doubt, and not what somebody is sent to who knows nothing of the
        // place.
        for (String day : List.of("2026-11-22", "2026-11-23")) {
            Map<String, Object> silent = test(5, "phone", day + "T10:00:00Z", "nothing");
            silent.put("directoryId", "vellan:fell-top");
            keep(UUID.randomUUID(), silent).ok();
        }
        assertThat(get("/api/find/entry?id=vellan:fell-top").ok().toString())
                .contains("entry-stays-silent", "2 days, the last on 2026-11-23");
    }

    /** The same tap sent twice is one; what another device said since is not written over. */
    @Test
    void aTestMayBeSentAgainAndAgainButNotOverAnothers() {
        UUID id = UUID.randomUUID();
        Map<String, Object> body = test(1, "phone", "2026-11-20T10:00:00Z", "light");
        keep(id, body).ok();
        keep(id, body).ok();
        assertThat(get("/api/tests").ok()).hasSize(1);
        Map<String, Object> desk = test(1, "desk", "2026-11-20T10:00:00Z", "light", "tail");
        assertThat(keep(id, desk).problem(409, "changed-elsewhere")).contains("Nothing was overwritten");
        desk.put("baseVersion", get("/api/tests").ok().get(0).path("version").asLong());
        keep(id, desk).ok();
        assertThat(keep(id, body).problem(409, "changed-elsewhere")).contains("another device");
        Map<String, Object> half = test(1, "desk", "2026-11-20T10:00:00Z");
        half.remove("longitude");
        assertThat(keep(UUID.randomUUID(), half).problem(422, "test-refused")).contains("together");
        half.put("longitude", -400.0);
        assertThat(keep(UUID.randomUUID(), half).problem(422, "test-refused")).contains("-400");
    }

    /** A place that is known by just that name has its coordinates; one of the person's own has none. */
    @Test
    void aNamedPlaceIsFoundOnTheMap() {
        Map<String, Object> body = test(1, "phone", "2026-11-20T10:00:00Z", "tail");
        body.remove("latitude");
        body.remove("longitude");
        body.put("place", "vellan harbour");
        assertThat(keep(UUID.randomUUID(), body).ok().path("latitude").asDouble())
                .isBetween(47.3, 47.45);
        body.put("place", "47.51, -38.02");
        assertThat(keep(UUID.randomUUID(), body).ok().path("longitude").asDouble())
                .isEqualTo(-38.02);
        body.put("place", "Harbour wall");
        assertThat(keep(UUID.randomUUID(), body).ok().path("latitude").isNull()).isTrue();
    }

    @Test
    void theLogGoesOutAndComesBack() {
        keep(UUID.randomUUID(), test(1, "phone", "2026-11-20T10:00:00Z", "light", "tail"))
                .ok();
        keep(UUID.randomUUID(), test(2, "phone", "2026-11-21T10:00:00Z", "nothing"))
                .ok();
        String csv = get("/api/tests/export?as=csv").ok().asString();
        assertThat(csv).contains("Harbour wall", "light tail", "47.390000");
        assertThat(get("/api/tests/export?as=gpx").ok().asString()).contains("<gpx", "answered", "lat=\"47.390000\"");
        String asJson = get("/api/tests/export?as=json").ok().toString();
        String first = get("/api/tests").ok().get(0).path("id").asString();
        assertThat(post("/api/tests/export?as=csv", Map.of("which", List.of(first)))
                        .ok()
                        .asString())
                .contains(first, "nothing")
                .doesNotContain("light tail");
        sql.update("delete from field_test");
        assertThat(post("/api/tests/take", Map.of("text", asJson))
                        .ok()
                        .path("taken")
                        .asInt())
                .isEqualTo(2);
        assertThat(post("/api/tests/take", Map.of("text", "[{\"id\": 7}]")).problem(422, "log-unreadable"))
                .contains("JSON");
        assertThat(post("/api/tests/take", Map.of("text", "[{\"version\": 0, \"strength\": 0, \"seen\": [\"tail\"]}]"))
                        .problem(422, "log-unreadable"))
                .contains("id, at, line and seen");
        sql.update("delete from field_test");
        JsonNode taken = post("/api/tests/take", Map.of("text", csv)).ok();
        assertThat(taken.path("taken").asInt()).isEqualTo(2);
        assertThat(post("/api/tests/take", Map.of("text", csv))
                        .ok()
                        .path("known")
                        .asInt())
                .isEqualTo(2);
        assertThat(post("/api/tests/take", Map.of("text", "Moment,Line,Seen and heard\nyesterday,145.310-,tail"))
                        .problem(422, "log-unreadable"))
                .contains("line 2", "Moment must be like");
        assertThat(get("/api/tests").ok()).hasSize(2);
    }

    /** By radio and by place, along a way too; what is wrong in the channel comes with the line that is right. */
    @Test
    void aDryRunSaysWhatOpensWhere() {
        lines(5, "HARBOUR 146.940-", "HARBOUR 2 146.940- 100.0", "VELLAN AIR 132.800");
        String radio = radio("wrenling-w12");
        JsonNode run = post(
                        "/api/prove/dry-run",
                        Map.of("listId", list, "radios", List.of(radio), "places", List.of(HERE, "47.9, -34.95")))
                .ok();
        assertThat(run.path("columns").size()).isEqualTo(2);
        Map<String, JsonNode> rows = new HashMap<>();
        run.path("rows").forEach(each -> rows.put(each.path("name").asString(), each));
        JsonNode wrong = rows.get("HARBOUR");
        assertThat(wrong.path("cells").get(0).path("outcome").asString()).isEqualTo("heard_only");
        assertThat(run.path("reasons")
                        .get(wrong.path("cells").get(0).path("why").asInt())
                        .asString())
                .contains("waits for a tone");
        assertThat(wrong.path("mend").asString()).contains("100.0");
        JsonNode right = rows.get("HARBOUR 2");
        assertThat(right.path("cells").get(0).path("outcome").asString()).isEqualTo("opens");
        assertThat(right.path("cells").get(1).path("outcome").asString()).isEqualTo("silent");
        assertThat(rows.get("VELLAN AIR").path("cells").get(0).path("outcome").asString())
                .isEqualTo("not_in_radio");
        assertThat(rows.get("LEG 1").path("cells").get(0).path("outcome").asString())
                .isEqualTo("direct");
        JsonNode way = post(
                        "/api/prove/dry-run",
                        Map.of(
                                "listId",
                                list,
                                "radios",
                                List.of(radio),
                                "route",
                                Map.of("points", List.of(List.of(47.39, -37.98), List.of(47.6, -38.1))),
                                "stepKm",
                                5))
                .ok();
        assertThat(way.path("columns").get(1).path("kilometre").asDouble()).isBetween(1.0, 5.0);
        assertThat(post("/api/prove/dry-run", Map.of("listId", list, "radios", List.of(radio), "places", List.of()))
                        .problem(422, "no-place"))
                .contains("place");
        assertThat(post(
                                "/api/prove/dry-run",
                                Map.of("listId", list, "radios", List.of(radio), "places", List.of("Nowhere at all")))
                        .problem(422, "place-unknown"))
                .contains("Nowhere at all");
    }

    @Test
    void whoHearsWhomFromPlaceToPlace() {
        lines(5, "HARBOUR 146.940- 100.0");
        String one = radio("wrenling-w12");
        String other = radio("wrenling-w40");
        List<String> channels =
                List.of(row(2).path("id").asString(), row(5).path("id").asString());
        JsonNode heard = post(
                        "/api/prove/who-hears",
                        Map.of(
                                "listId",
                                list,
                                "channels",
                                channels,
                                "posts",
                                List.of(
                                        Map.of("radioId", one, "at", "47.39, -37.98"),
                                        Map.of("radioId", other, "at", "47.40, -37.97"),
                                        Map.of("radioId", one, "at", "47.9, -34.95"))))
                .ok();
        assertThat(heard.get(0).path("heard").get(0).path(1).path("by").asString())
                .isEqualTo("direct");
        assertThat(heard.get(0).path("heard").get(0).path(0).isNull()).isTrue();
        assertThat(heard.get(0).path("heard").get(0).path(2).path("by").asString())
                .isEqualTo("not");
        assertThat(heard.get(1).path("heard").get(0).path(1).path("by").asString())
                .isEqualTo("repeater");
    }

    /** What is proven since, what is stale, what never was; which radio holds the list; and a round to try the rest. */
    @Test
    void readinessForADay() {
        lines(5, "HARBOUR 146.940- 100.0", "VELLAN HL 146.835- D023N", "LOST 145.990 -0.600 67.0");
        String radio = radio("wrenling-w12");
        read(radio);
        assertDone(write(radio));
        keep(UUID.randomUUID(), test(5, "phone", "2026-11-20T10:00:00Z", "tail"))
                .ok();
        keep(UUID.randomUUID(), test(1, "phone", "2026-05-20T10:00:00Z", "tail"))
                .ok();
        keep(UUID.randomUUID(), test(6, "phone", "2026-11-21T10:00:00Z", "nothing"))
                .ok();
        JsonNode ready =
                get("/api/prove/readiness?since=2026-11-01&list=" + list).ok();
        Map<String, String> states = new HashMap<>();
        ready.path("channels")
                .forEach(each -> states.put(
                        each.path("name").asString(), each.path("ready").asString()));
        assertThat(states)
                .containsEntry("HARBOUR", "proven")
                .containsEntry("SKARRA", "stale")
                .containsEntry("VELLAN HL", "never")
                .containsEntry("LEG 1", "needless");
        ready.path("channels").forEach(each -> {
            if (each.path("name").asString().equals("VELLAN HL")) {
                assertThat(each.path("failed").path("result").asString()).isEqualTo("silent");
            }
        });
        List<JsonNode> ours = new ArrayList<>();
        ready.path("radios").forEach(each -> {
            if (each.path("id").asString().equals(radio)) {
                ours.add(each);
            }
        });
        assertThat(ours.get(0).path("current").asBoolean()).isTrue();
        lines(9, "147.540 LEG 2");
        JsonNode after =
                get("/api/prove/readiness?since=2026-11-01&list=" + list).ok();
        after.path("radios").forEach(each -> {
            if (each.path("id").asString().equals(radio)) {
                assertThat(each.path("current").asBoolean()).isFalse();
                assertThat(each.path("says").asString()).contains("older state");
            }
        });
        String asked = "since=2026-11-01&list=" + list + "&radio=" + radio + "&at=47.39,-37.98";
        JsonNode round = get("/api/prove/round?" + asked).ok();
        List<String> toTry = new ArrayList<>();
        round.path("stops")
                .forEach(stop -> stop.path("channels")
                        .forEach(each -> toTry.add(each.path("name").asString())));
        assertThat(toTry).contains("VELLAN HL").doesNotContain("HARBOUR", "LEG 1", "LOST");
        assertThat(round.path("left").toString()).contains("LOST");
        assertThat(get("/api/prove/round/gpx?" + asked).ok().asString()).contains("VELLAN HL", "<wpt");
    }
}
