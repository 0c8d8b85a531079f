package reckonrod.server;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import tools.jackson.databind.JsonNode;

/** Tests that bring listings in; the directory is afterwards as it was. */
abstract class ImportsTest extends ServerTest {
    static final String HEADINGS = "call,site,lat,lon,output,shift,tone,confirmed\n";

    @AfterEach
    void forget() {
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", -1, "later", false));
        sql.update("delete from directory_import");
        sql.update("delete from column_mapping");
        sql.update("delete from directory_entry where source <> 'vellan' or id like 'vellan:w%'");
    }

    final Answer bring(String name, byte[] content, String more) {
        return send(request("/api/imports?name=" + name + more)
                .setHeader("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content)));
    }

    final JsonNode bring(String name, String content) {
        return bring(name, content.getBytes(StandardCharsets.UTF_8), "").ok();
    }

    final JsonNode mapped(JsonNode brought) {
        return read(begun(brought));
    }

    /** Its columns are as they were guessed, and its rows are being read. */
    final String begun(JsonNode brought) {
        String id = brought.path("id").asString();
        put(
                        "/api/imports/" + id + "/columns",
                        Map.of("columns", brought.path("columns").path("guessed")))
                .ok();
        return id;
    }

    final JsonNode read(String id) {
        return await(
                "/api/imports/" + id, body -> !body.path("state").asString().equals("reading"));
    }

    static String counts(JsonNode view) {
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

    final int entries() {
        return sql.queryForObject("select count(*) from directory_entry", Integer.class);
    }

    final String state(String id) {
        return sql.queryForObject("select talk_tone from directory_entry where id = ?", String.class, id);
    }
}
