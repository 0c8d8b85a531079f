package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The log of what was tried on the air: kept, sent again, given out, taken in. */
class FieldLogApiTest extends OnTheAirTest {
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

    /** Other programs put a mark before a file; a telephone's clock may be wrong; and a file may be cut off. */
    @Test
    void aLogThatIsNotAsItWasGivenOutIsSaid() {
        String test =
                "{\"id\": \"%s\", \"at\": \"2999-01-01T00:00:00Z\", \"line\": \"146.520\", \"version\": 0, \"strength\": 0, \"seen\": [\"tail\"]}"
                        .formatted(UUID.randomUUID());
        JsonNode taken = post("/api/tests/take", Map.of("text", "\uFEFF[" + test + "]\r\n"))
                .ok();
        assertThat(taken.path("taken").asInt()).isEqualTo(1);
        assertThat(taken.path("ahead").asInt()).isEqualTo(1);
        assertThat(unread(test)).contains("a list in square brackets");
        assertThat(unread("[" + test)).contains("ends too early");
        assertThat(unread("[" + test.replaceFirst("2999-[^\"]*", "1.5.2026") + "]"))
                .contains("[0].at", "a moment such as")
                .doesNotContain("..");
    }

    private String unread(String log) {
        return post("/api/tests/take", Map.of("text", log)).problem(422, "log-unreadable");
    }
}
