package reckonrod.server.carry;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** A list as one file that opens on a telephone, without a network and without this program. */
@RestController
@RequestMapping("/api/lists/{list}/pocket")
class PocketController {
    private final Decks decks;
    private final JsonMapper json;

    PocketController(Decks decks, JsonMapper json) {
        this.decks = decks;
        this.json = json;
    }

    /**
     * The file.
     *
     * @param radio the radios whose key sheets go with it; none if missing
     */
    @GetMapping(produces = MediaType.TEXT_HTML_VALUE)
    ResponseEntity<byte[]> page(@PathVariable UUID list, @RequestParam(required = false) List<String> radio) {
        PocketPage page = decks.pocket(list, radio == null ? List.of() : radio);
        // What is typed into a list must not end the script that holds it.
        String data = json.writeValueAsString(page).replace("<", "\\u003c");
        String html = resource("page.html")
                .replace("/* style */", resource("pocket.css"))
                .replace("/* script */", resource("pocket.js"))
                // The last, for anything may stand in it.
                .replace("/* data */", data);
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "html", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(page.title() + ".html", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(html.getBytes(StandardCharsets.UTF_8));
    }

    private static String resource(String name) {
        try (InputStream in = PocketController.class.getResourceAsStream("/pocket/" + name)) {
            if (in == null) {
                throw new IllegalStateException("The pocket page is missing from this build: " + name);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
