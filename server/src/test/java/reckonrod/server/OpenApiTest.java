package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class OpenApiTest extends ServerTest {
    private static final Path KEPT = Path.of("..", "docs", "openapi.json");

    /** The web client is typed from the kept document, so it must be what the server does. {@code -Dopenapi.write} renews it. */
    @Test
    void theKeptDocumentIsWhatTheServerDoes() throws IOException {
        JsonNode served = get("/api/openapi").ok();
        assertThat(get("/api/openapi").ok()).as("asked again").isEqualTo(served);
        if (System.getProperty("openapi.write") != null) {
            Files.writeString(KEPT, json.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
        }
        assertThat(served)
                .as("docs/openapi.json is old: mvn -pl server test -Dtest=OpenApiTest -Dopenapi.write")
                .isEqualTo(json.readTree(Files.readString(KEPT)));
    }
}
