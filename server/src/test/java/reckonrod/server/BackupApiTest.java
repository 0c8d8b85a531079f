package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.sql.Connection;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.BinaryOperator;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import reckonrod.server.problem.DiskFull;
import tools.jackson.databind.JsonNode;

/** The whole installation as a file, and back: as it was, whatever is shown or held elsewhere; a wrong file changes nothing. */
class BackupApiTest extends ServerTest {
    @Autowired
    private ReckonrodSettings settings;

    private byte[] archive() throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(request("/api/archive").GET().build(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    /** Tables go back in whatever order, so what refers to another row may come before it. */
    @Test
    void everyReferenceCanWait() {
        assertThat(sql.queryForList(
                        "select conrelid::regclass || '.' || conname from pg_constraint where contype = 'f'"
                                + " and connamespace = current_schema()::regnamespace and not condeferrable",
                        String.class))
                .isEmpty();
    }

    private Answer bring(byte[] archive) {
        return send(request("/api/archive")
                .setHeader("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(archive)));
    }

    private JsonNode restored(byte[] archive) {
        JsonNode brought = bring(archive).ok();
        return send(request("/api/archive/" + brought.path("id").asString() + "/restore")
                        .POST(HttpRequest.BodyPublishers.noBody()))
                .ok();
    }

    /** The same archive with its files changed. */
    private static byte[] changed(byte[] archive, BinaryOperator<String> how) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipInputStream from = new ZipInputStream(new ByteArrayInputStream(archive));
                ZipOutputStream to = new ZipOutputStream(bytes)) {
            for (ZipEntry entry = from.getNextEntry(); entry != null; entry = from.getNextEntry()) {
                to.putNextEntry(new ZipEntry(entry.getName()));
                String text = new String(from.readAllBytes(), StandardCharsets.UTF_8);
                to.write(how.apply(entry.getName(), text).getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    private static String view(JsonNode list) {
        return list.path("name") + " " + list.path("rows") + list.path("blocks") + list.path("banks")
                + list.path("undo");
    }

    @Test
    void allComesBackAsItWasAndNoTabTakesTheOldForTheNew() throws Exception {
        String id = newList(20);
        change(id, 0, edit("put", "slot", 3, "lines", List.of("SKARRA 145.310- 71.9", "Ö \"x\" 147.510")))
                .ok();
        JsonNode before = get("/api/lists/" + id).ok();
        byte[] archive = archive();
        change(id, 1, edit("put", "slot", 9, "lines", List.of("LATER 147.540"))).ok();
        change(id, 2, edit("put", "slot", 10, "lines", List.of("LAST 147.570"))).ok();
        JsonNode shown = get("/api/lists/" + id).ok();
        String other = newList(5);

        JsonNode brought = bring(archive).ok();
        assertThat(brought.path("counts").get(0).toString()).startsWith("{\"what\":\"lists\"");
        String kept = restored(archive).path("kept").asString();
        JsonNode after = get("/api/lists/" + id).ok();
        assertThat(view(after)).isEqualTo(view(before));
        assertThat(get("/api/lists/" + other).status()).isEqualTo(404);
        // A tab that still shows what was there before must not change what is there now.
        assertThat(change(id, shown.path("version").asLong(), edit("delete", "channel", "x"))
                        .status())
                .isIn(400, 409);
        assertThat(change(id, 1, edit("put", "slot", 1, "lines", List.of("A 147.510")))
                        .problem(409, "changed-elsewhere"))
                .contains("Nothing was overwritten");
        long version = after.path("version").asLong();
        change(id, version, edit("put", "slot", 12, "lines", List.of("AGAIN 147.555")))
                .ok();
        assertThat(view(post("/api/lists/" + id + "/undo", java.util.Map.of("baseVersion", version + 1))
                        .ok()))
                .isEqualTo(view(before));

        // What was there is kept, and comes back in the same way.
        restored(Files.readAllBytes(Path.of(kept)));
        assertThat(view(get("/api/lists/" + id).ok())).isEqualTo(view(shown));
        delete("/api/lists/" + other).ok();
        delete("/api/lists/" + id).ok();
    }

    /** Who works on while an archive is read in would lose that without a word: it stops the restore, and every edit stands. */
    @Test
    void whatIsChangedWhileAnArchiveIsReadInStopsIt() throws Exception {
        String id = newList(400);
        byte[] archive = archive();
        String brought = bring(archive).ok().path("id").asString();
        CompletableFuture<Answer> restore = CompletableFuture.supplyAsync(
                () -> send(request("/api/archive/" + brought + "/restore").POST(HttpRequest.BodyPublishers.noBody())));
        int edits = 0;
        while (!restore.isDone() && edits < 390) {
            change(id, edits, edit("put", "slot", edits, "lines", List.of("N" + edits + " 147.510")))
                    .ok();
            edits++;
        }
        assertThat(restore.get().problem(409, "changed-meanwhile")).contains("that change stands");
        assertThat(edits).isPositive();
        assertThat(get("/api/lists/" + id).ok().path("rows").size()).isEqualTo(edits);
        delete("/api/lists/" + id).ok();
    }

    /** An edit that began before others and is committed after them has a lower transaction number than theirs, and is seen all the same. */
    @Test
    void anEditThatIsCommittedLateStopsARestore() throws Exception {
        String id = newList(20);
        String brought = bring(archive()).ok().path("id").asString();
        CompletableFuture<Answer> restore;
        try (Connection early = sql.getDataSource().getConnection();
                Statement edit = early.createStatement()) {
            early.setAutoCommit(false);
            edit.execute("update channel_list set changed_at = changed_at where id = '" + id + "'");
            String later = newList(5);
            restore = CompletableFuture.supplyAsync(() ->
                    send(request("/api/archive/" + brought + "/restore").POST(HttpRequest.BodyPublishers.noBody())));
            for (int i = 0; i < 400 && !isBeingReadIn(); i++) {
                Thread.sleep(20);
            }
            assertThat(isBeingReadIn()).isTrue();
            early.commit();
            assertThat(restore.get().problem(409, "changed-meanwhile")).contains("that change stands");
            delete("/api/lists/" + later).ok();
        }
        delete("/api/lists/" + id).ok();
    }

    private boolean isBeingReadIn() {
        return sql.queryForObject(
                "select exists (select 1 from information_schema.schemata where schema_name = 'restoring')",
                Boolean.class);
    }

    /** Of what was there before restores, the newest three stay, and none is kept for a restore that was refused. */
    @Test
    void copiesFromBeforeRestoresAreThinnedOut() throws Exception {
        byte[] archive = archive();
        Path folder = settings.dataFolder().resolve("archives");
        for (int i = 0; i < 4; i++) {
            restored(archive);
            try (Stream<Path> files = Files.list(folder)) {
                for (Path each : files.filter(one -> one.toString().contains("before-restore"))
                        .toList()) {
                    Files.setLastModifiedTime(each, FileTime.from(Instant.now().minus(Duration.ofDays(40))));
                }
            }
        }
        String kept = restored(archive).path("kept").asString();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.map(Path::toString).filter(one -> one.contains("before-restore")))
                    .hasSize(3)
                    .contains(kept);
        }
    }

    /** A full disk is told as that, whatever words the system has for it. */
    @Test
    void aFullDiskIsTold() throws IOException {
        try (OutputStream full = Files.newOutputStream(Path.of("/dev/full"))) {
            full.write(1);
            throw new AssertionError("/dev/full took something");
        } catch (IOException noRoom) {
            assertThat(DiskFull.is(new java.io.UncheckedIOException(noRoom))).isTrue();
            assertThatThrownBy(() -> DiskFull.requireNot(noRoom, "The backup"))
                    .hasMessageContaining("because the disk is full", "Nothing was changed");
        }
        DiskFull.requireNot(new IOException("something else"), "The backup");
    }

    /** Who reads while an archive takes its place, table after table, is not thrown out; the restore waits for that to end. */
    @Test
    void aRestoreAndWhoIsAtWorkDoNotWaitForEachOther() throws Exception {
        String brought = bring(archive()).ok().path("id").asString();
        CompletableFuture<Answer> restore;
        try (Connection reader = sql.getDataSource().getConnection();
                Statement read = reader.createStatement()) {
            reader.setAutoCommit(false);
            read.execute("select 1 from transfer_job");
            restore = CompletableFuture.supplyAsync(() ->
                    send(request("/api/archive/" + brought + "/restore").POST(HttpRequest.BodyPublishers.noBody())));
            for (int moment = 0; moment < 150; moment++) {
                read.execute("select 1 from band_plan");
                Thread.sleep(20);
            }
            assertThat(restore).isNotDone();
            reader.commit();
        }
        restore.get().ok();
    }

    /** Yesterday's archive, of a database that knew no recipes and no moment of change yet. */
    @Test
    void anArchiveOfAnOlderVersionIsBroughtUpToThisOne() throws Exception {
        // In the days of that archive nobody had models of their own.
        sql.update("delete from radio_unit where definition_id in (select id from radio_definition)");
        String id = newList(20);
        change(id, 0, edit("put", "slot", 3, "lines", List.of("SKARRA 145.310- 71.9")))
                .ok();
        JsonNode before = get("/api/lists/" + id).ok();
        byte[] now = archive();
        byte[] old = changed(now, (name, text) -> switch (name) {
            case "reckonrod.json" ->
                text.replaceAll("\"schema\":\"[0-9]+\"", "\"schema\":\"7\"")
                        .replaceAll(
                                "\"(export_recipe|field_test|named_revision|practice_run|radio_definition|radio_lending)\":[0-9]+,",
                                "");
            case "tables/radio_unit.jsonl" ->
                text.replaceAll(",\"(label|serial|firmware|antenna|note|retired_at)\":(\"[^\"]*\"|null)", "");
            case "tables/simulated_radio.jsonl" -> text.replaceAll("\"held\":\"[A-Z]+\"", "\"talk_key_down\":false");
            case "tables/channel_list.jsonl" -> text.replaceAll(",\"(binned_at|changed_at)\":[^,}]+", "");
            default -> text;
        });
        restored(old);
        // No radio was laid aside in the days of that archive, so one that is today is asked again what it makes of the
        // list.
        assertThat(lines(get("/api/lists/" + id).ok())).isEqualTo(lines(before));
        restored(now);
        delete("/api/lists/" + id).ok();
    }

    @Test
    void aWrongFileChangesNothing() throws Exception {
        byte[] good = archive();
        int lists = get("/api/lists").ok().size();
        assertThat(bring(new byte[] {1, 2, 3}).problem(422, "archive-unreadable"))
                .contains("no whole zip");
        assertThat(bring(java.util.Arrays.copyOf(good, good.length / 2)).problem(422, "archive-unreadable"))
                .contains("no whole zip");
        byte[] newer = changed(good, (name, text) -> text.replaceAll("\"schema\":\"[0-9]+\"", "\"schema\":\"999\""));
        byte[] fewer = changed(good, (name, text) -> name.equals("tables/radio_unit.jsonl") ? "" : text);
        byte[] torn = changed(
                good,
                (name, text) -> name.equals("reckonrod.json")
                        ? text.replaceAll("\"list_revision\":[0-9]+", "\"list_revision\":0")
                        : name.equals("tables/list_revision.jsonl") ? "" : text);
        assertThat(bring(newer).problem(422, "archive-unreadable")).contains("by a newer Reckonrod");
        for (byte[] wrong : List.of(fewer, torn)) {
            String id = bring(wrong).ok().path("id").asString();
            assertThat(send(request("/api/archive/" + id + "/restore").POST(HttpRequest.BodyPublishers.noBody()))
                            .problem(422, "archive-unreadable"))
                    .contains("Nothing was changed");
        }
        assertThat(get("/api/lists").ok().size()).isEqualTo(lists);
        assertThat(get("/api/radios").ok().size()).isPositive();
    }

    private static List<String> lines(JsonNode list) {
        List<String> lines = new java.util.ArrayList<>();
        list.path("rows")
                .forEach(row ->
                        lines.add(row.path("slot") + " " + row.path("line").asString()));
        return lines;
    }
}
