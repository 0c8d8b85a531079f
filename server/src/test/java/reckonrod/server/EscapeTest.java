package reckonrod.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.FileVisitOption;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import reckonrod.core.link.card.CardIndex;
import tools.jackson.databind.JsonNode;

/**
 * Attempts to read or write outside the allowed places: by paths, links, races, names, archives, ports and hosts. Everything that may
 * not be touched is compared before and after; {@code -Descapes=all} tries every way on every place.
 */
class EscapeTest extends RadiosTest {
    private static final boolean ALL = "all".equals(System.getProperty("escapes"));
    private static final String SECRET = "SECRET-OF-ANOTHER";
    private static final AtomicInteger ATTEMPTS = new AtomicInteger();

    @Autowired
    private ReckonrodSettings settings;

    @TempDir
    private Path outside;

    private Path data;
    private Path copies;
    private String radio;
    private String snapshot;
    private Map<String, String> before;

    @BeforeEach
    void somethingToProtect() throws IOException {
        data = settings.dataFolder().toAbsolutePath();
        copies = Files.createDirectories(data.resolve("card-copies"));
        radio = radio("kestrow-km90");
        post("/api/radios/" + radio + "/at-hand", Map.of("act", "export")).ok();
        ended(post("/api/radios/" + radio + "/read", Map.of()));
        snapshot = get("/api/radios/" + radio)
                .ok()
                .path("newestSnapshot")
                .path("id")
                .asString();
        Path exported = data.resolve("cards").resolve(radio).resolve("KM90");
        for (String folder : List.of("KM90", "victim/KM90")) {
            Path there = Files.createDirectories(outside.resolve(folder));
            byte[] memory = Files.readAllBytes(exported.resolve("MEMORY.BIN"));
            Arrays.fill(memory, 0x2000, 0x2020, (byte) 0x41);
            Files.write(there.resolve("MEMORY.BIN"), memory);
            Files.write(there.resolve("INDEX.TXT"), Files.readAllBytes(exported.resolve("INDEX.TXT")));
        }
        Files.createDirectories(outside.resolve("empty/KM90"));
        Files.writeString(outside.resolve("passwd"), SECRET);
        Files.createDirectories(data.resolve("card-copies-evil/KM90"));
        Files.writeString(data.resolve("own-secret"), SECRET);
        before = state();
    }

    @AfterEach
    void nothingOutsideWasTouched() throws IOException {
        assertThat(state()).isEqualTo(before);
        deleteAll(copies);
    }

    private static void deleteAll(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path each : files.sorted(java.util.Comparator.reverseOrder()).toList()) {
                if (!each.equals(folder)) {
                    Files.delete(each);
                }
            }
        }
    }

    /** Every file outside, and those of the data folder that no card may lie in. */
    private Map<String, String> state() throws IOException {
        Map<String, String> state = new TreeMap<>();
        for (Path root : List.of(outside, data)) {
            try (Stream<Path> files = Files.walk(root, new FileVisitOption[0])) {
                for (Path each : files.toList()) {
                    boolean ours = each.startsWith(copies)
                            || each.startsWith(data.resolve("cards"))
                            || each.startsWith(data.resolve("archives"));
                    if (!ours) {
                        state.put(
                                each.toString(),
                                Files.isRegularFile(each)
                                        ? Files.size(each) + " " + Arrays.hashCode(Files.readAllBytes(each))
                                        : "folder");
                    }
                }
            }
        }
        return state;
    }

    private JsonNode ended(Answer begun) {
        return begun.status() >= 300
                ? begun.body()
                : await(
                        "/api/jobs/" + begun.body().path("id").asString(),
                        job -> !job.path("state").asString().equals("RUNNING"));
    }

    private Answer reach(String reached, String at) {
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

    /** Somebody who got a location into the database by another way still gets nowhere. */
    private void stored(String port) {
        sql.update("update radio_unit set port = ?, half_written = false where id = ?", port, radio);
    }

    private void tryAll(String where, boolean mustFail) {
        List<String> ways = ALL ? List.of("read", "restore") : List.of(ATTEMPTS.get() % 2 == 0 ? "read" : "restore");
        for (String way : ways) {
            ATTEMPTS.incrementAndGet();
            JsonNode ended = ended(post(
                    "/api/radios/" + radio + "/" + way,
                    way.equals("read") ? Map.of() : Map.of("snapshotId", snapshot)));
            assertThat(ended.toString()).as(way + " at " + where).doesNotContain(SECRET);
            if (mustFail) {
                assertThat(ended.path("state").asString())
                        .as(way + " at " + where + ": " + ended)
                        .isNotEqualTo("DONE");
            }
        }
    }

    @Test
    void cardsLieOnlyInAllowedFolders() {
        String up = "../".repeat(20);
        String there = outside.toString();
        List<String> places = new ArrayList<>(List.of(
                there,
                there + "/",
                there + "/.",
                "/" + there,
                there + "/victim",
                there + "/victim/KM90",
                there + "/../" + outside.getFileName(),
                copies + "/" + up + there.substring(1),
                copies + "/x/../../" + up + there.substring(1),
                "/media/" + up + there.substring(1),
                "/media/.." + there,
                "/run/media/../.." + there,
                "/proc/self/root" + there,
                "/proc/self/cwd",
                "/proc/self/fd",
                "/dev/fd",
                "/dev/shm",
                "/etc",
                "/etc/",
                "/root",
                "/tmp",
                "/var/spool/cron",
                "/",
                "/mediaX",
                "/media-evil",
                "/home",
                data.toString(),
                data + "/",
                data + "/archives",
                data + "/cards",
                data + "/cards/" + radio,
                data + "/card-copies-evil",
                data + "/card-copies/..",
                data + "/card-copies/../own-secret",
                copies + "/\u2024\u2024/\u2024\u2024" + there,
                copies + "/%2e%2e/%2e%2e",
                "/%2e%2e" + there,
                "/media/\\..\\.." + there,
                there.toUpperCase(java.util.Locale.ROOT),
                copies.toString().toUpperCase(java.util.Locale.ROOT) + "/.."));
        for (String place : places) {
            ATTEMPTS.incrementAndGet();
            Answer set = reach("card", place);
            boolean literal = place.startsWith(copies + "/\u2024")
                    || place.startsWith(copies + "/%")
                    || place.startsWith("/media/\\");
            assertThat(set.status()).as(place).isEqualTo(literal ? 200 : 422);
            stored("card:" + place);
            tryAll(place, true);
        }
        for (String wrong :
                List.of("relative/card", "~", "file:" + there, "card:/etc", "\u0000/etc", there + "\u0000", "")) {
            ATTEMPTS.incrementAndGet();
            assertThat(reach("card", wrong).status()).as(wrong).isIn(400, 422);
        }
    }

    @Test
    void linksAreNotFollowed() throws IOException {
        Path victim = outside.resolve("victim");
        Map<String, Path> links = new TreeMap<>();
        links.put("direct", victim);
        links.put("folder/KM90", victim.resolve("KM90"));
        links.put("deep/way/down", victim);
        links.put("file/KM90/MEMORY.BIN", victim.resolve("KM90/MEMORY.BIN"));
        links.put("text/KM90/INDEX.TXT", victim.resolve("KM90/INDEX.TXT"));
        links.put("secret/KM90/INDEX.TXT", outside.resolve("passwd"));
        links.put("small/km90", victim.resolve("KM90"));
        links.put("dangling/KM90", outside.resolve("nowhere"));
        links.put("dangles/KM90/MEMORY.BIN", outside.resolve("nowhere.bin"));
        links.put("loop/KM90", copies.resolve("loop"));
        links.put("data/KM90", data);
        for (Map.Entry<String, Path> each : links.entrySet()) {
            Path link = copies.resolve(each.getKey());
            Files.createDirectories(link.getParent());
            Files.createSymbolicLink(link, each.getValue());
            String top = each.getKey().replaceFirst("/.*", "");
            for (String place : List.of(top, each.getKey().replaceFirst("/[^/]*[.][^/]*$", ""))) {
                stored("card:" + copies.resolve(place));
                tryAll("the link " + each.getKey() + " opened at " + place, true);
            }
        }
        // A link beside the real folder, spelled otherwise: nothing is guessed, neither is used.
        Files.createDirectories(copies.resolve("both/KM90"));
        Files.createSymbolicLink(copies.resolve("both/km90"), victim.resolve("KM90"));
        stored("card:" + copies.resolve("both"));
        tryAll("both", true);
        assertThat(copies.resolve("both/KM90")).isEmptyDirectory();
    }

    /** Between any check and any use the folder is swapped for a link to a victim, hundreds of times a second. */
    @Test
    void swappingFoldersForLinksLeadsNowhere() throws Exception {
        Path card = copies.resolve("race");
        Path own = Files.createDirectories(card.resolve("KM90"));
        Path held = copies.resolve("held");
        Path link = Files.createSymbolicLink(copies.resolve("link"), outside.resolve("empty/KM90"));
        AtomicBoolean ended = new AtomicBoolean();
        Thread swapping = new Thread(() -> {
            while (!ended.get()) {
                try {
                    Files.move(own, held);
                    Files.move(link, own);
                    Files.move(own, link);
                    Files.move(held, own);
                } catch (IOException again) {
                    // Whatever came between, it goes on.
                }
            }
        });
        swapping.start();
        stored("card:" + card);
        try {
            for (int i = 0; i < (ALL ? 300 : 30); i++) {
                stored("card:" + card);
                tryAll("race " + i, false);
            }
        } finally {
            ended.set(true);
            swapping.join();
        }
    }

    /** A folder with more files than anybody lists: the index in it is still found, and a newer export is not overwritten. */
    @Test
    void aFullFolderHidesNothing() throws IOException {
        Path card = Files.createDirectories(copies.resolve("full/KM90"));
        for (int i = 0; i < 2_500; i++) {
            Files.writeString(card.resolve("A" + i + ".TXT"), "mine");
            Files.writeString(card.resolveSibling("B" + i + ".TXT"), "mine");
        }
        Path exported = data.resolve("cards").resolve(radio).resolve("KM90");
        for (String name : List.of("MEMORY.BIN", "INDEX.TXT")) {
            Files.copy(exported.resolve(name), card.resolve(name));
        }
        reach("card", card.getParent().toString()).ok();
        assertThat(ended(post("/api/radios/" + radio + "/read", Map.of()))
                        .path("state")
                        .asString())
                .isEqualTo("DONE");
        // The radio exports something else; it must not be overwritten by a write that was planned before.
        Map<String, Object> planned = body(plan(radio, Map.of()), Map.of());
        byte[] newer = Files.readAllBytes(card.resolve("MEMORY.BIN"));
        newer[newer.length - 1] ^= 0x55;
        Files.write(card.resolve("MEMORY.BIN"), newer);
        reckonrod.core.image.MemoryImage image = reckonrod.core.image.MemoryImage.of(newer);
        CardIndex old = CardIndex.read(Files.readAllBytes(card.resolve("INDEX.TXT")));
        Files.write(
                card.resolve("INDEX.TXT"),
                new CardIndex(
                                old.radio(),
                                CardIndex.By.RADIO,
                                old.written(),
                                old.file(),
                                newer.length,
                                image.cyclicSum())
                        .text());
        JsonNode refused = ended(post("/api/radios/" + radio + "/write", planned));
        assertThat(refused.path("message").asString()).contains("exported something else to this card");
        assertThat(Files.readAllBytes(card.resolve("MEMORY.BIN"))).isEqualTo(newer);
        try (Stream<Path> files = Files.walk(card.getParent())) {
            assertThat(files.filter(Files::isRegularFile)).hasSize(5_002);
        }
    }

    @Test
    void namesInDefinitionsStayOnTheCard() {
        String shipped = get("/api/radio-models/kestrow-km90").ok().path("yaml").asString();
        List<String> folders = List.of(
                "..",
                ".",
                "../KM90",
                "/etc",
                "etc/cron.d",
                "cron.d",
                ".ssh",
                "~",
                "KM90/..",
                "KM 90",
                "KM90\\\\x",
                "CON",
                "nul",
                "COM1",
                "NINELONGX",
                "KM90\\u0000",
                "KM90\\n",
                "",
                "КМ90",
                "-rf",
                "$HOME",
                "*");
        List<String> files = List.of(
                "..",
                "../x",
                "/etc/passwd",
                ".bashrc",
                "x/y",
                "authorized_keys",
                "a.b.c",
                "MEMORY.BIN~",
                "NUL.BIN",
                "com1.bin",
                "INDEX.TXT",
                "index.txt",
                "x.",
                ".x",
                "MEMORY.BINX",
                "a\\u0000.bin",
                "a\\n.bin",
                "",
                "*.bin",
                "%2e%2e",
                "ＭＥＭ.BIN");
        for (String folder : folders) {
            refusedDefinition(shipped.replace("folder: KM90", "folder: \"" + folder + "\""));
        }
        for (String file : files) {
            refusedDefinition(shipped.replace("file: MEMORY.BIN", "file: \"" + file + "\""));
        }
    }

    private void refusedDefinition(String yaml) {
        ATTEMPTS.incrementAndGet();
        String own = yaml.replace("id: kestrow-km90", "id: escape-" + ATTEMPTS.get());
        assertThat(post("/api/radio-models", Map.of("yaml", own)).status())
                .as(own.lines()
                        .filter(each -> each.matches(" *(folder|file): .*"))
                        .toList()
                        .toString())
                .isEqualTo(422);
        sql.update(
                "insert into radio_definition values (?, ?, 0, now())",
                "escape-" + ATTEMPTS.get(),
                own.replace("\u0000", ""));
        sql.update(
                "insert into radio_unit (id, name, definition_id, port, half_written, version) values (?, ?, ?, ?, false, 0)",
                "escape",
                "escape",
                "escape-" + ATTEMPTS.get(),
                "card:" + copies);
        assertThat(post("/api/radios/escape/read", Map.of()).status()).isIn(404, 422);
        get("/api/radios").ok();
        sql.update("delete from radio_unit where id = 'escape'");
        sql.update("delete from radio_definition where id like 'escape-%'");
    }

    @Test
    void zippedCardsUnpackNowhere() throws IOException {
        Path exported = data.resolve("cards").resolve(radio).resolve("KM90");
        byte[] memory = Files.readAllBytes(exported.resolve("MEMORY.BIN"));
        byte[] index = Files.readAllBytes(exported.resolve("INDEX.TXT"));
        for (String at : List.of(
                "../",
                "/etc/",
                "../../../../../../etc/cron.d/",
                "C:\\..\\",
                "..\\..\\",
                "\u0000/",
                "./../",
                outside + "/victim/KM90/")) {
            ATTEMPTS.incrementAndGet();
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
                zip.putNextEntry(new ZipEntry(at + "INDEX.TXT"));
                zip.write(index);
                zip.putNextEntry(new ZipEntry(at + "MEMORY.BIN"));
                zip.write(memory);
            }
            Answer answer = send(
                    HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/radios/" + radio + "/card"))
                            .header("Content-Type", "application/octet-stream")
                            .POST(HttpRequest.BodyPublishers.ofByteArray(bytes.toByteArray())));
            ended(answer);
        }
    }

    @Test
    void onlyListedSerialPortsAreOpened() {
        String cabled = radio("wrenling-w12");
        for (String path : List.of(
                outside + "/passwd",
                "/etc/passwd",
                "/dev/null",
                "/dev/mem",
                "/dev/sda",
                "/dev/tty",
                "/dev/ptmx",
                "/proc/self/mem",
                "/dev/serial/../../etc/passwd",
                "/dev/serial/by-id/../../../etc/passwd",
                "/dev/serial",
                "//etc/passwd",
                "/dev/fd/0",
                "/dev/stdin",
                "/dev/pts/0",
                data + "/own-secret")) {
            ATTEMPTS.incrementAndGet();
            JsonNode now = get("/api/radios/" + cabled).ok();
            assertThat(put(
                                    "/api/radios/" + cabled,
                                    Map.of(
                                            "baseVersion",
                                            now.path("shelf").path("version").asLong(),
                                            "name",
                                            now.path("name").asString(),
                                            "reached",
                                            "serial",
                                            "at",
                                            path))
                            .problem(422, "port-not-allowed"))
                    .contains("lists no serial port");
            ATTEMPTS.incrementAndGet();
            sql.update("update radio_unit set port = ? where id = ?", "serial:" + path, cabled);
            JsonNode ended = ended(post("/api/radios/" + cabled + "/read", Map.of()));
            assertThat(ended.path("message").asString())
                    .contains("lists no serial port " + path, "Nothing was written");
        }
    }

    @Test
    void onlyThisMachineIsReachedAndNeverOurOwnPorts() throws IOException {
        String cabled = radio("wrenling-w12");
        String database = sql.queryForObject("select inet_server_port()::text", String.class);
        List<String> targets = new ArrayList<>(List.of(
                "10.0.0.1:4012",
                "192.168.1.1:4012",
                "169.254.169.254:4012",
                "0.0.0.0:4012",
                "radio.example:4012",
                "[::]:4012",
                "localhost.example:4012",
                "127.0.0.1.example:4012",
                "128.0.0.1:4012",
                "2130706433:4012",
                "0x7f000001:4012",
                "127.1:4012",
                "localhost:0",
                "localhost:22",
                "localhost:80",
                "localhost:1023",
                "localhost:65536",
                "localhost:99999",
                "user@localhost:4012",
                "localhost#:4012",
                "%6c%6f:4012"));
        for (String host : List.of("127.0.0.1", "localhost", "127.0.0.2", "127.255.255.254", "LOCALHOST")) {
            targets.add(host + ":" + port);
            targets.add(host + ":" + database);
        }
        for (String target : targets) {
            ATTEMPTS.incrementAndGet();
            JsonNode now = get("/api/radios/" + cabled).ok();
            assertThat(put(
                                    "/api/radios/" + cabled,
                                    Map.of(
                                            "baseVersion",
                                            now.path("shelf").path("version").asLong(),
                                            "name",
                                            now.path("name").asString(),
                                            "reached",
                                            "tcp",
                                            "at",
                                            target))
                            .status())
                    .as(target)
                    .isEqualTo(422);
            ATTEMPTS.incrementAndGet();
            sql.update("update radio_unit set port = ? where id = ?", "tcp:" + target, cabled);
            JsonNode ended = ended(post("/api/radios/" + cabled + "/read", Map.of()));
            assertThat(ended.toString())
                    .as(target)
                    .containsAnyOf(
                            "is not a loopback address", "Reckonrod's own", "must be 1024 to 65535", "no-port-set");
        }
    }

    /** So many ports as a scan would try are not tried. */
    @Test
    void aRadioIsNoPortScanner() throws IOException {
        String cabled = radio("wrenling-w12");
        int reached = 0;
        List<ServerSocket> open = new ArrayList<>();
        try {
            for (int i = 0; i < 20; i++) {
                ServerSocket listener = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
                listener.setSoTimeout(1);
                open.add(listener);
                sql.update(
                        "update radio_unit set port = ? where id = ?",
                        "tcp:127.0.0.1:" + listener.getLocalPort(),
                        cabled);
                JsonNode begun =
                        post("/api/radios/" + cabled + "/read", Map.of()).ok();
                try (Socket asked = accepted(listener)) {
                    reached += asked == null ? 0 : 1;
                }
                post("/api/jobs/" + begun.path("id").asString() + "/cancel", Map.of());
                await(
                        "/api/jobs/" + begun.path("id").asString(),
                        job -> !job.path("state").asString().equals("RUNNING"));
            }
        } finally {
            for (ServerSocket each : open) {
                each.close();
            }
        }
        assertThat(reached).isLessThanOrEqualTo(12);
        assertThat(get("/api/radios/" + cabled + "/newest-job")
                        .ok()
                        .path(0)
                        .path("message")
                        .asString())
                .contains("12 different TCP ports were tried");
    }

    private static Socket accepted(ServerSocket listener) throws IOException {
        listener.setSoTimeout(400);
        try {
            return listener.accept();
        } catch (java.net.SocketTimeoutException nobodyCame) {
            return null;
        }
    }

    @Test
    void addressesLeadToNoOtherFiles() throws IOException {
        String relative = "../".repeat(20) + outside.toString().substring(1) + "/passwd";
        for (String path : List.of(
                "/" + relative,
                "/" + relative.replace("../", "..%2f"),
                "/" + relative.replace("../", "%2e%2e/"),
                "/" + relative.replace("../", "%252e%252e%252f"),
                "/" + relative.replace("../", "..%5c"),
                "/" + relative.replace("../", "..;/"),
                "/assets/" + relative,
                "/assets/" + relative.replace("../", "%2e%2e%2f"),
                "/file:" + outside + "/passwd",
                "/classpath:application.yaml",
                "/application.yaml",
                "/WEB-INF/classes/application.yaml",
                "/BOOT-INF/classes/application.yaml",
                "/META-INF/MANIFEST.MF",
                "/static/../application.yaml",
                "/.git/config",
                "/api/archive/" + relative.replace("/", "%2f"),
                "/api/archive/..%2f..%2f/restore",
                "/api/radios/..%2f..%2fetc",
                "/actuator/env",
                "/actuator/heapdump")) {
            ATTEMPTS.incrementAndGet();
            try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
                socket.getOutputStream()
                        .write(("GET " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + port
                                        + "\r\nConnection: close\r\n\r\n")
                                .getBytes(UTF_8));
                String answer = new String(socket.getInputStream().readAllBytes(), UTF_8);
                assertThat(answer)
                        .as(path)
                        .doesNotContain(SECRET, "root:x:0", "RECKONROD_DATABASE", "[core]", "Implementation-Title");
                assertThat(answer).as(path).doesNotStartWith("HTTP/1.1 5");
            }
        }
    }

    @org.junit.jupiter.api.AfterAll
    static void enoughWasTried() {
        System.out.println(ATTEMPTS.get() + " attempts to leave the allowed places, none succeeded");
        assertThat(ATTEMPTS.get()).isGreaterThan(200);
    }
}
