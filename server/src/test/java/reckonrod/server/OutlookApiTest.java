package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is said before anybody goes out: what opens where, who hears whom, and what is left to be tried. */
class OutlookApiTest extends OnTheAirTest {
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
