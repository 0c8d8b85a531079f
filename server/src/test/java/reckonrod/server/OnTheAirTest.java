package reckonrod.server;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** Tests that keep what was tried on the air; the log is empty before each and after it. */
abstract class OnTheAirTest extends RadiosTest {
    /** Where the radios stand. */
    static final String HERE = "47.39, -37.98";

    @BeforeEach
    @AfterEach
    void cleanLog() {
        sql.update("delete from field_test");
    }

    final JsonNode row(int slot) {
        for (JsonNode each : get("/api/lists/" + list).ok().path("rows")) {
            if (each.path("slot").asInt() == slot && each.hasNonNull("id")) {
                return each;
            }
        }
        throw new AssertionError("no channel in slot " + slot);
    }

    final void retype(int slot, String line) {
        change(
                        list,
                        version(list),
                        edit("rewrite", "channel", row(slot).path("id").asString(), "line", line))
                .ok();
    }

    final Map<String, Object> test(int slot, String editor, String at, String... seen) {
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

    final Answer keep(UUID id, Map<String, Object> body) {
        return put("/api/tests/" + id, body);
    }
}
