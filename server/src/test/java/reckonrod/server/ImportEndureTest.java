package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The service fails, the disk is full, the database goes, two take at once: no row is lost and none is there twice. */
class ImportEndureTest extends ImportsTest {
    /** The service fails in the middle, what was read is kept, and it goes on from there; then a whole edition is taken. */
    @Test
    void aPullThatBreaksOffGoesOnWhereItWas() {
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", 3000, "later", true))
                .ok();
        String id = post("/api/imports/service", Map.of()).ok().path("id").asString();
        JsonNode broken = read(id);
        assertThat(broken.path("state").asString()).isEqualTo("broken_off");
        assertThat(broken.path("message").asString()).contains("503 at entry 3001", "3000 rows");
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", 6000, "later", true))
                .ok();
        post("/api/imports/" + id + "/go-on", Map.of()).ok();
        assertThat(read(id).path("rowsRead").asInt()).isEqualTo(6000);
        // As if the program had died while reading: after a while it is told, and it can go on.
        sql.update("update directory_import set state = 'READING', heard_at = now() - interval '1 minute'");
        await("/api/imports/" + id, body -> body.path("state").asString().equals("broken_off"));
        put("/api/imports/service", Map.of("there", true, "delayMillis", 0, "failsFrom", -1, "later", true))
                .ok();
        post("/api/imports/" + id + "/go-on", Map.of()).ok();
        List<JsonNode> events = events("/api/imports/" + id + "/events");
        List<Integer> rows =
                events.stream().map(each -> each.path("rowsRead").asInt()).toList();
        assertThat(rows).hasSizeGreaterThan(2).isSorted();
        assertThat(events.stream().filter(each -> each.path("state").asString().equals("reading")))
                .hasSize(events.size() - 1);
        JsonNode done = events.get(events.size() - 1);
        assertThat(done.path("state").asString()).isEqualTo("read");
        assertThat(done.path("rowsRead").asInt()).isEqualTo(50_032);
        assertThat(counts(done)).isEqualTo("50001 new, 2 changed, 29 same, 0 bad, 0 in doubt, 1 gone");
        assertThat(get("/api/imports/" + id + "/rows?kind=changed").ok().toString())
                .contains("CTCSS 100.0 → CTCSS 103.5", "on the air → off the air");
        post("/api/imports/" + id + "/take", Map.of("doubtful", true, "dropGone", true))
                .ok();
        assertThat(entries()).isEqualTo(50_033);
        sql.update("update directory_entry set state = 'OFF_AIR' where id = 'vellan:old-link'");
        sql.update("update directory_entry set state = 'ON_AIR' where id = 'vellan:tolmere'");
        sql.update("update directory_entry set talk_tone = 'CTCSS 100.0' where id = 'vellan:harbour'");
        sql.update("delete from directory_entry where id = 'vellan:fellgate'");
    }

    /** The disk is full, or the database goes, while rows are moved: the directory is as it was, and taking works later. */
    @Test
    void takingIsAllOrNothing() {
        JsonNode view = mapped(bring("half.csv", HEADINGS + "QV0AA,Alpha,47.5,-38.1,145.310,-0.6,71.9,2026-05-01\n"));
        String id = view.path("id").asString();
        int before = entries();
        sql.execute("alter table directory_entry add constraint full_disk check (source <> 'half') not valid");
        try {
            assertThat(post("/api/imports/" + id + "/take", Map.of("doubtful", true, "dropGone", true))
                            .status())
                    .isEqualTo(503);
            assertThat(entries()).isEqualTo(before);
            assertThat(get("/api/imports/" + id).ok().path("state").asString()).isEqualTo("read");
        } finally {
            sql.execute("alter table directory_entry drop constraint full_disk");
        }
        post("/api/imports/" + id + "/take", Map.of("doubtful", true, "dropGone", true))
                .ok();
        assertThat(entries()).isEqualTo(before + 1);
    }

    private static final String FIVE_THOUSAND = rows(5_000);

    private static String rows(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> "QV0AA,Site %d,47.5,-38.1,145.310,-0.6,71.9,2026-05-01%n".formatted(i))
                .collect(Collectors.joining("", HEADINGS, ""));
    }

    /** The disk is full while rows are kept: what was kept before stays, and it goes on from there when there is room. */
    @Test
    void aFullDiskWhileReadingLosesNothing() {
        sql.execute("create function full_disk() returns trigger language plpgsql as "
                + "$$ begin raise exception 'no space left' using errcode = 'disk_full'; end $$");
        sql.execute("create trigger full_disk before insert on directory_import_row for each row when (new.line > 2500)"
                + " execute function full_disk()");
        JsonNode broken;
        try {
            broken = mapped(bring("disk.csv", FIVE_THOUSAND));
        } finally {
            sql.execute("drop trigger full_disk on directory_import_row");
            sql.execute("drop function full_disk");
        }
        assertThat(broken.path("state").asString()).isEqualTo("broken_off");
        assertThat(broken.path("message").asString()).contains("room on its disk");
        assertThat(broken.path("rowsRead").asInt()).isEqualTo(2_000);
        assertThat(goneOn(broken)).isEqualTo("5000 new, 0 changed, 0 same, 0 bad, 0 in doubt, 0 gone");
    }

    /** The database goes away in the middle and comes back: no row is lost and none is there twice. */
    @Test
    void aRestartOfTheDatabaseWhileReadingLosesNothing() {
        String id = begun(bring("restart.csv", rows(15_000)));
        await("/api/imports/" + id, body -> body.path("rowsRead").asInt() > 0);
        TestCluster.stop();
        TestCluster.start();
        // It goes on by itself when the database was back before the next rows came, and else when it is told to.
        JsonNode after = read(id);
        String counted = after.path("state").asString().equals("broken_off") ? goneOn(after) : counts(after);
        assertThat(counted).isEqualTo("15000 new, 0 changed, 0 same, 0 bad, 0 in doubt, 0 gone");
    }

    private String goneOn(JsonNode broken) {
        String id = broken.path("id").asString();
        post("/api/imports/" + id + "/go-on", Map.of()).ok();
        return counts(await(
                "/api/imports/" + id, body -> body.path("state").asString().equals("read")));
    }

    /** Two tabs press the same button: one takes, the other is told so. */
    @Test
    void takenByTwoAtOnceItIsTakenOnce() {
        JsonNode view = mapped(bring("twice.csv", FIVE_THOUSAND));
        int before = entries();
        String path = "/api/imports/" + view.path("id").asString() + "/take";
        List<Integer> answers = Stream.of(1, 2)
                .parallel()
                .map(tab ->
                        post(path, Map.of("doubtful", true, "dropGone", false)).status())
                .sorted()
                .toList();
        assertThat(answers).containsExactly(200, 409);
        assertThat(entries()).isEqualTo(before + 5_000);
        // Brought again with one row alone, the others are gone; they are shown page by page, none twice.
        String again = mapped(bring("twice.csv", FIVE_THOUSAND.lines().limit(2).collect(Collectors.joining("\n"))))
                .path("id")
                .asString();
        Set<String> gone = new HashSet<>();
        for (int after = 0; after < 300; after += 100) {
            get("/api/imports/" + again + "/rows?kind=gone&fromLine=" + after)
                    .ok()
                    .forEach(row -> gone.add(row.path("label").asString()));
        }
        assertThat(gone).hasSize(300).doesNotContain("Site 0");
        get("/api/imports/" + again + "/rows?kind=gone&fromLine=-1").problem(422, "line-out-of-range");
        assertThat(post("/api/imports/" + again + "/take", Map.of("doubtful", true, "dropGone", true))
                        .ok()
                        .path("message")
                        .asString())
                .isEqualTo("0 entries were taken, 4999 are marked as no longer listed.");
    }
}
