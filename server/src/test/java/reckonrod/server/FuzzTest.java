package reckonrod.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ContextConfiguration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every operation of the interface with what nobody would send: none of it is a fault of the program. The same requests each
 * time; {@code -Dfuzz=30000} sends more of them.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ContextConfiguration(initializers = OwnDatabase.class)
class FuzzTest {
    private static final int USUAL = 400;
    private static final List<String> ODD = List.of(
            "",
            " ",
            "null",
            "-1",
            "0",
            "1e400",
            "99999999999999999999",
            "NaN",
            "%zz",
            "%ff",
            "%00",
            "../..",
            "'; drop",
            "\u0000",
            "\ud800",
            "🛰️",
            "x".repeat(5_000),
            "[]",
            "{}",
            "true",
            "145.310- 71.9",
            "r2-north-america",
            "blue");

    private final Random random = new Random(20_261_126);
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final JsonMapper json = JsonMapper.builder().build();
    private final List<String> known = new ArrayList<>(ODD);

    @LocalServerPort
    int port;

    private JsonNode api;

    @Test
    void nothingThatIsSentIsAFaultOfTheProgram() throws IOException, InterruptedException {
        api = json.readTree(Files.readString(Path.of("..", "docs", "openapi.json")));
        learn("/api/lists");
        learn("/api/radios");
        learn("/api/radios/blue/read");
        List<Map.Entry<String, JsonNode>> paths =
                new ArrayList<>(api.path("paths").properties());
        Map<Integer, Integer> answers = new TreeMap<>();
        List<String> faults = new ArrayList<>();
        int count = Integer.getInteger("fuzz", USUAL);
        for (int i = 0; i < count; i++) {
            Map.Entry<String, JsonNode> path = paths.get(random.nextInt(paths.size()));
            List<Map.Entry<String, JsonNode>> operations =
                    new ArrayList<>(path.getValue().properties());
            Map.Entry<String, JsonNode> operation = operations.get(random.nextInt(operations.size()));
            String method = random.nextInt(20) == 0
                    ? List.of("PUT", "DELETE", "PATCH", "OPTIONS", "HEAD").get(random.nextInt(5))
                    : operation.getKey().toUpperCase(java.util.Locale.ROOT);
            String address = address(path.getKey(), operation.getValue());
            String body = body(operation.getValue());
            int status = send(method, address, body);
            answers.merge(status, 1, Integer::sum);
            if (status >= 500 && status != 503) {
                faults.add(status + " " + method + " " + address + " " + shortened(body));
            }
            if (i % 200 == 0) {
                learn("/api/lists");
            }
        }
        System.out.println(count + " requests: " + answers);
        assertThat(faults).isEmpty();
        assertThat(answers.getOrDefault(503, 0))
                .as("only for a moment, when much comes at once")
                .isLessThan(count / 50);
        HttpRequest plain = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/lists"))
                .build();
        assertThat(http.send(plain, HttpResponse.BodyHandlers.discarding()).statusCode())
                .isEqualTo(200);
    }

    private static String shortened(String text) {
        return text == null || text.length() < 300 ? text : text.substring(0, 300);
    }

    /** Ids that are there, so that some requests come further than others. */
    private void learn(String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .method(path.endsWith("read") ? "POST" : "GET", HttpRequest.BodyPublishers.noBody())
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        for (JsonNode each : answer.statusCode() < 300 ? json.readTree(answer.body()) : json.createArrayNode()) {
            String id = each.isValueNode() ? each.asString("") : each.path("id").asString("");
            if (!id.isEmpty() && known.size() < 60) {
                known.add(id);
            }
        }
    }

    private int send(String method, String address, String body) throws InterruptedException {
        HttpRequest.Builder request;
        try {
            request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + address));
        } catch (IllegalArgumentException notEvenAnAddress) {
            return 0;
        }
        request.timeout(Duration.ofSeconds(8))
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        if (random.nextInt(12) > 0) {
            request.header("Content-Type", "application/json");
        } else {
            request.header(
                    "Content-Type", any("*/*", "text/plain", "application/octet-stream", "x", "application/xml"));
        }
        if (random.nextInt(15) == 0) {
            request.header("Accept", any("*/*", "text/csv", "application/xml", "nonsense", "text/event-stream"));
        }
        if (random.nextInt(15) == 0) {
            request.header("Known-List", any("", "x", known.get(random.nextInt(known.size()) % 5)));
        }
        try {
            return http.send(request.build(), HttpResponse.BodyHandlers.discarding())
                    .statusCode();
        } catch (IOException closedOrSlow) {
            return 1;
        }
    }

    private String any(String... choices) {
        return choices[random.nextInt(choices.length)];
    }

    private String address(String path, JsonNode operation) {
        StringBuilder query = new StringBuilder();
        String address = path;
        for (JsonNode parameter : operation.path("parameters")) {
            String name = parameter.path("name").asString();
            String value = random.nextInt(3) > 0
                    ? scalar(parameter.path("schema")).replaceAll("^\"|\"$", "")
                    : known.get(random.nextInt(known.size()));
            String encoded = value.startsWith("%") ? value : URLEncoder.encode(value, UTF_8);
            if (parameter.path("in").asString().equals("path")) {
                address = address.replace("{" + name + "}", encoded.isEmpty() ? "-" : encoded);
            } else if (random.nextInt(4) > 0) {
                query.append(query.isEmpty() ? '?' : '&')
                        .append(name)
                        .append('=')
                        .append(encoded);
            }
        }
        return address + query;
    }

    private String body(JsonNode operation) {
        JsonNode schema = operation
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
        if (schema.isMissingNode()) {
            return operation.has("requestBody") ? any("a,b\n1,2\n", "{", "", "145.310- 71.9") : null;
        }
        return random.nextInt(12) == 0
                ? any("", "{", "null", "[]", "\"x\"", "7", "{\"a\":".repeat(2_000))
                : value(schema, 0);
    }

    private String value(JsonNode schema, int depth) {
        if (schema.has("$ref")) {
            String name = schema.path("$ref").asString();
            return value(api.path("components").path("schemas").path(name.substring(name.lastIndexOf('/') + 1)), depth);
        }
        if (schema.has("allOf")) {
            return value(schema.path("allOf").get(0), depth);
        }
        if (random.nextInt(10) == 0) {
            return any("null", "[]", "{}", "[null]", "\"\"", "-1", "1e99", "true", "\"\\u0000\"", "\"\\ud800\"", "0.5");
        }
        if (depth > 6) {
            return "null";
        }
        return switch (schema.path("type").asString("")) {
            case "object" -> {
                Map<String, String> members = new LinkedHashMap<>();
                schema.path("properties").properties().forEach(each -> {
                    if (random.nextInt(12) > 0) {
                        members.put(each.getKey(), value(each.getValue(), depth + 1));
                    }
                });
                if (random.nextInt(20) == 0) {
                    members.put("unheardOf", "1");
                }
                StringBuilder text = new StringBuilder("{");
                members.forEach((name, member) -> text.append(text.length() > 1 ? "," : "")
                        .append('"')
                        .append(name)
                        .append("\":")
                        .append(member));
                yield text.append('}').toString();
            }
            case "array" -> {
                StringBuilder text = new StringBuilder("[");
                for (int i = random.nextInt(4); i > 0; i--) {
                    text.append(text.length() > 1 ? "," : "").append(value(schema.path("items"), depth + 1));
                }
                yield text.append(']').toString();
            }
            default -> scalar(schema);
        };
    }

    private String scalar(JsonNode schema) {
        if (schema.has("enum") && random.nextInt(5) > 0) {
            JsonNode choices = schema.path("enum");
            return json.writeValueAsString(
                    choices.get(random.nextInt(choices.size())).asString());
        }
        return switch (schema.path("type").asString("")) {
            case "integer" -> any("0", "1", "5", "-1", "149", "2147483648", "9223372036854775807", "1.5");
            case "number" -> any("0", "1.5", "-90", "181", "1e308", "47.5", "-38.1");
            case "boolean" -> any("true", "false", "\"yes\"");
            default ->
                schema.path("format").asString("").equals("uuid") && random.nextInt(3) == 0
                        ? json.writeValueAsString(new UUID(random.nextLong(), random.nextLong()).toString())
                        : json.writeValueAsString(known.get(random.nextInt(known.size())));
        };
    }
}
