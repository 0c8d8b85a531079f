package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From a silence to its cause and back to an answer, and what an answer proves. */
class ProveApiTest extends OnTheAirTest {
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
        // Others may have been confirmed on that day too.
        JsonNode found =
                get("/api/find?at=47.39,-37.98&order=confirmed&km=30").ok().path("found");
        assertThat(List.of(found.get(0).toString(), found.get(1).toString()))
                .anySatisfy(each -> assertThat(each).contains("vellan:fell-top"));
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
}
