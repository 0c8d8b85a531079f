package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.ContextConfiguration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The running application with real PostgreSQL, asked over HTTP. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ContextConfiguration(initializers = TestCluster.class)
abstract class ServerTest {
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    @LocalServerPort
    int port;

    @Autowired
    JsonMapper json;

    @Autowired
    JdbcTemplate sql;

    /** A status and a JSON body. */
    record Answer(int status, String type, JsonNode body) {
        JsonNode ok() {
            assertThat(status).as(() -> body.toString()).isBetween(200, 299);
            return body;
        }

        /** Asserts a problem of that status and code, and gives its sentence. */
        String problem(int expectedStatus, String code) {
            assertThat(type).startsWith("application/problem+json");
            assertThat(status).as(() -> body.toString()).isEqualTo(expectedStatus);
            assertThat(body.path("code").asString()).isEqualTo(code);
            return body.path("detail").asString();
        }
    }

    @BeforeEach
    void demoIsLoaded() {
        assertThat(get("/api/lists").ok()).isNotEmpty();
    }

    Answer get(String path) {
        return send(request(path).GET());
    }

    Answer post(String path, Map<String, ?> body) {
        return send(request(path).POST(HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body))));
    }

    Answer put(String path, Map<String, ?> body) {
        return send(request(path).PUT(HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body))));
    }

    Answer delete(String path) {
        return send(request(path).DELETE());
    }

    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "application/json");
    }

    Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
            String type = response.headers().firstValue("Content-Type").orElse("");
            JsonNode body = type.contains("json") ? json.readTree(response.body()) : json.valueToTree(response.body());
            return new Answer(response.statusCode(), type, body);
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** A file that a request is answered with. */
    byte[] file(String path, Map<String, ?> body) {
        return file(request(path).POST(HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body))));
    }

    byte[] file(String path) {
        return file(request(path).GET());
    }

    private static byte[] file(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> response = HTTP.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            assertThat(response.statusCode()).as(() -> response.uri().getPath()).isEqualTo(200);
            return response.body();
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** What a stream of events told, from now until it ended by itself. */
    List<JsonNode> events(String path) {
        String told = send(request(path).timeout(Duration.ofMinutes(2))).body().asString();
        return told.lines()
                .filter(line -> line.startsWith("data:"))
                .map(line -> json.readTree(line.substring(5)))
                .toList();
    }

    /** A list of its own for a test, empty. */
    String newList(int slots) {
        return post(
                        "/api/lists",
                        Map.of("name", "Zz " + UUID.randomUUID(), "bandPlan", "r2-north-america", "slots", slots))
                .ok()
                .path("id")
                .asString();
    }

    String listId() {
        return get("/api/lists").ok().get(0).path("id").asString();
    }

    JsonNode list() {
        return get("/api/lists/" + listId()).ok();
    }

    long version() {
        return list().path("version").asLong();
    }

    /** Asks again until the answer is as wanted. */
    JsonNode await(String path, Predicate<JsonNode> wanted) {
        for (int i = 0; i < 800; i++) {
            JsonNode body = get(path).ok();
            if (wanted.test(body)) {
                return body;
            }
            pause();
        }
        throw new AssertionError(
                "Waited in vain for " + path + ", last: " + get(path).body());
    }

    private static void pause() {
        try {
            Thread.sleep(50);
        } catch (InterruptedException interrupted) {
            throw new IllegalStateException(interrupted);
        }
    }

    /** Makes one edit to a list, or several together. */
    final Answer change(String list, long baseVersion, Object... edits) {
        return post("/api/lists/" + list + "/changes", Map.of("baseVersion", baseVersion, "edits", List.of(edits)));
    }

    /** An edit: {@code edit("put", "slot", 3, "lines", List.of(…))}. */
    static Map<String, Object> edit(String kind, Object... parts) {
        Map<String, Object> edit = new java.util.HashMap<>(Map.of("kind", kind));
        for (int i = 0; i < parts.length; i += 2) {
            edit.put((String) parts[i], parts[i + 1]);
        }
        return edit;
    }
}
