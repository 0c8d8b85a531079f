package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Every way into a radio, through the interface of the server. */
class LoadApiTest extends RadiosTest {
    @Autowired
    private ReckonrodSettings settings;

    @ParameterizedTest
    @CsvSource({"wrenling-w40", "orvane-ov62", "dunnet-d7", "wrenling-w12"})
    void aRadioWithACableIsReadAndWritten(String model) {
        String radio = radio(model);
        assertDone(read(radio));
        JsonNode written = write(radio);
        assertDone(written);
        assertThat(written.path("message").asString()).contains("3 channels.", "own sum of all");
        assertThat(plan(radio, Map.of()).path("slots")).isEmpty();
        assertDone(read(radio));
        assertThat(get("/api/radios/" + radio)
                        .ok()
                        .path("newestSnapshot")
                        .path("channels")
                        .asInt())
                .isEqualTo(3);
    }

    @Test
    void thePersonStartsAStreamedCloneAndTheScreenLeadsThroughIt() {
        String radio = radio("kestrow-k31");
        assertDone(atHand(radio, "send", post("/api/radios/" + radio + "/read", Map.of())));
        assertDone(atHand(
                radio, "take", post("/api/radios/" + radio + "/write", body(plan(radio, Map.of()), Map.of()))));
        assertDone(atHand(radio, "send", post("/api/radios/" + radio + "/read", Map.of())));
        assertThat(get("/api/radios/" + radio)
                        .ok()
                        .path("newestSnapshot")
                        .path("channels")
                        .asInt())
                .isEqualTo(3);
        // Waiting for a person can be stopped, and leaves nothing behind.
        String waiting =
                post("/api/radios/" + radio + "/read", Map.of()).ok().path("id").asString();
        await("/api/jobs/" + waiting, job -> job.path("steps").size() > 0);
        post("/api/jobs/" + waiting + "/cancel", Map.of()).ok();
        assertThat(await(
                                "/api/jobs/" + waiting,
                                job -> !job.path("state").asString().equals("RUNNING"))
                        .path("message")
                        .asString())
                .contains("Nothing was written");
    }

    @Test
    void aCardIsInTheRadioOnlyWhenTheRadioHasExportedItAgain() {
        String radio = radio("kestrow-km90");
        assertThat(read(radio).path("message").asString()).contains("Nothing of a Kestrow KM90 is on this card");
        act(radio, "export");
        assertDone(read(radio));
        assertDone(write(radio));
        JsonNode out = get("/api/radios/" + radio).ok();
        assertThat(out.path("cardOut").path("what").asString()).isNotBlank();
        assertThat(out.path("loaded").isNull())
                .as("nothing is said to be in it")
                .isTrue();
        assertThat(read(radio).path("message").asString()).contains("not what the radio holds");
        // Exported without having been taken in.
        act(radio, "export");
        assertThat(read(radio).path("message").asString()).contains("has not taken the card in");
        assertThat(get("/api/radios/" + radio).ok().path("cardOut").isNull()).isFalse();
        assertDone(write(radio));
        act(radio, "take_in");
        act(radio, "export");
        assertThat(read(radio).path("message").asString()).contains("took the card in", "byte for byte");
        JsonNode in = get("/api/radios/" + radio).ok();
        assertThat(in.path("cardOut").isNull()).isTrue();
        assertThat(in.path("loaded").path("listId").asString()).isEqualTo(list);
        assertThat(in.path("newestSnapshot").path("channels").asInt()).isEqualTo(3);
    }

    @Test
    void aCardGoesThroughTheBrowserAsAZipAndThroughAFolder() throws IOException {
        String radio = radio("kestrow-km90");
        act(radio, "export");
        assertDone(read(radio));
        Answer card = post("/api/radios/" + radio + "/card-file", body(plan(radio, Map.of()), Map.of()));
        assertThat(card.ok().asString()).startsWith("PK");
        assertThat(get("/api/radios/" + radio).ok().path("cardOut").isNull()).isFalse();
        delete("/api/radios/" + radio + "/card-out").ok();
        assertThat(get("/api/radios/" + radio).ok().path("cardOut").isNull()).isTrue();

        Path exported = settings.dataFolder().resolve("cards").resolve(radio).resolve("KM90");
        byte[] memory = Files.readAllBytes(exported.resolve("MEMORY.BIN"));
        byte[] index = Files.readAllBytes(exported.resolve("INDEX.TXT"));
        assertDone(end(upload(radio, zip(Map.of("my copy/KM90/INDEX.TXT", index, "my copy/KM90/MEMORY.BIN", memory)))));
        assertThat(end(upload(radio, zip(Map.of("INDEX.TXT", index, "MEMORY.BIN", new byte[77]))))
                        .path("message")
                        .asString())
                .contains("77 bytes");
        assertThat(upload(radio, "no zip at all".getBytes(StandardCharsets.UTF_8))
                        .problem(422, "no-archive"))
                .contains("no zip archive");
        assertThat(upload(radio("wrenling-w12"), zip(Map.of("a", index))).problem(422, "other-way-in"))
                .contains("by a cable");

        Path folder =
                Files.createDirectories(settings.dataFolder().toAbsolutePath().resolve("card-copies/mine"));
        reach(radio, "card", folder.toString()).ok();
        Files.createDirectories(folder.resolve("KM90"));
        Files.write(folder.resolve("KM90/INDEX.TXT"), index);
        Files.write(folder.resolve("KM90/MEMORY.BIN"), memory);
        assertDone(read(radio));
        assertDone(write(radio));
        assertThat(Files.readString(folder.resolve("KM90/INDEX.TXT"))).contains("written by: program");
        reach(radio, "card", folder.resolve("gone").toString()).ok();
        assertThat(read(radio).path("message").asString()).contains("There is no folder", "Nothing was written");
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> each : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                zip.write(each.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private Answer upload(String radio, byte[] archive) {
        return send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/radios/" + radio + "/card"))
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(archive)));
    }

    private Answer reach(String radio, String reached, String at) {
        JsonNode now = get("/api/radios/" + radio).ok();
        return put(
                "/api/radios/" + radio,
                Map.of(
                        "baseVersion",
                        now.path("shelf").path("version").asLong(),
                        "name",
                        now.path("name").asString(),
                        "reached",
                        reached,
                        "at",
                        at));
    }

    @Test
    void howARadioIsReachedIsCheckedAndWrongPortsAreTold() {
        String radio = radio("wrenling-w12");
        assertThat(reach(radio, "card", "/media/card").problem(422, "other-way-in"))
                .contains("by a cable");
        assertThat(reach(radio, "serial", "ttyUSB0").problem(422, "port-not-understood"))
                .contains("/dev/ttyUSB0", "ttyUSB0");
        assertThat(reach(radio, "tcp", "localhost").problem(422, "port-not-understood"))
                .contains("localhost:4012");
        assertThat(reach(radio, "serial", "/dev/ttyNOWHERE9").problem(422, "port-not-allowed"))
                .contains("lists no serial port /dev/ttyNOWHERE9", "RECKONROD_SERIAL_PORTS");
        sql.update("update radio_unit set port = 'serial:/dev/ttyNOWHERE9' where id = ?", radio);
        assertThat(read(radio).path("message").asString())
                .contains("cannot be opened", "lists no serial port /dev/ttyNOWHERE9", "Nothing was written");
        reach(radio, "none", "").ok();
        assertThat(post("/api/radios/" + radio + "/read", Map.of()).problem(422, "no-port-set"))
                .contains("Choose its port");
        get("/api/ports").ok();
    }
}
