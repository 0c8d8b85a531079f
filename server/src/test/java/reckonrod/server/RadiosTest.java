package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** Radios of its own for each test, a list for them, and what a person does with both. */
abstract class RadiosTest extends ServerTest {
    private final List<String> radios = new ArrayList<>();

    String list;

    @BeforeEach
    void aList() {
        list = newList(99);
        lines(1, "145.310- 71.9 SKARRA", "147.510 LEG 1", "446.000 CALL70");
    }

    @AfterEach
    void layAside() {
        radios.forEach(id -> sql.update("delete from radio_unit where id = ?", id));
        radios.clear();
    }

    void lines(int slot, String... lines) {
        int at = slot;
        for (String line : lines) {
            change(list, version(list), edit("put", "slot", at++, "lines", List.of(line)))
                    .ok();
        }
    }

    long version(String id) {
        return get("/api/lists/" + id).ok().path("version").asLong();
    }

    String radio(String model) {
        String id = post(
                        "/api/radios",
                        Map.of(
                                "model",
                                model,
                                "name",
                                model + " " + UUID.randomUUID().toString().substring(0, 8),
                                "reached",
                                model.equals("orvane-ot9") ? "none" : "simulated"))
                .ok()
                .path("id")
                .asString();
        radios.add(id);
        return id;
    }

    JsonNode end(Answer started) {
        String id = started.ok().path("id").asString();
        return await("/api/jobs/" + id, job -> !job.path("state").asString().equals("RUNNING"));
    }

    void act(String radio, String act) {
        post("/api/radios/" + radio + "/at-hand", Map.of("act", act)).ok();
    }

    /** Starts a transfer, and does on the radio what the screen says then. */
    JsonNode atHand(String radio, String act, Answer started) {
        String id = started.ok().path("id").asString();
        JsonNode asks = await(
                "/api/jobs/" + id,
                job -> job.path("steps").size() > 0
                        || !job.path("state").asString().equals("RUNNING"));
        assertThat(asks.path("steps").get(0).asString()).isNotBlank();
        act(radio, act);
        return await("/api/jobs/" + id, job -> !job.path("state").asString().equals("RUNNING"));
    }

    JsonNode read(String radio) {
        return end(post("/api/radios/" + radio + "/read", Map.of()));
    }

    JsonNode plan(String radio, Map<String, String> settings) {
        return post("/api/radios/" + radio + "/plan", Map.of("listId", list, "settings", settings))
                .ok();
    }

    static Map<String, Object> body(JsonNode plan, Map<String, String> settings) {
        return new HashMap<>(Map.of(
                "listId", plan.path("listId").asString(),
                "listVersion", plan.path("listVersion").asLong(),
                "snapshotId", plan.path("snapshotId").asString(),
                "takesAway", plan.path("loses").asInt(),
                "planned", plan.path("planned").asString(),
                "settings", settings));
    }

    JsonNode write(String radio) {
        return end(post("/api/radios/" + radio + "/write", body(plan(radio, Map.of()), Map.of())));
    }

    static void assertDone(JsonNode job) {
        assertThat(job.path("state").asString())
                .as(job.path("message").asString())
                .isEqualTo("DONE");
    }

    String newest(String radio) {
        return get("/api/radios/" + radio)
                .ok()
                .path("newestSnapshot")
                .path("id")
                .asString();
    }
}
