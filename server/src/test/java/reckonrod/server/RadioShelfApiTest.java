package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Radios come and go, are lent and come back; a model of one's own is told, broken and mended. */
class RadioShelfApiTest extends ServerTest {
    private final List<String> added = new ArrayList<>();

    private JsonNode add(String name, String model) {
        JsonNode radio =
                post("/api/radios", Map.of("name", name, "model", model)).ok();
        added.add(radio.path("id").asString());
        return radio;
    }

    private String simulated(String name, String model) {
        String id = post("/api/radios", Map.of("name", name, "model", model, "reached", "simulated"))
                .ok()
                .path("id")
                .asString();
        added.add(id);
        return id;
    }

    /** Other tests count the radios. */
    @AfterEach
    void layAside() {
        added.forEach(id -> post("/api/radios/" + id + "/retire", Map.of()));
    }

    private List<String> inUse() {
        List<String> ids = new ArrayList<>();
        get("/api/radios").ok().forEach(each -> ids.add(each.path("id").asString()));
        return ids;
    }

    /** A double click, or two tabs: the second of two is refused, and the database is not blamed. */
    @Test
    void ofRadiosAddedAtTheSameMomentUnderOneNameOnlyOneStays() {
        for (int round = 0; round < 4; round++) {
            String name = "Zz twin " + round;
            added.add("zz-twin-" + round);
            List<Integer> answers = IntStream.range(0, 6)
                    .parallel()
                    .mapToObj(any -> post("/api/radios", Map.of("name", name, "model", "wrenling-w12"))
                            .status())
                    .toList();
            assertThat(answers).containsOnlyOnce(201).containsOnly(201, 409);
        }
    }

    @Test
    void everyShippedModelCanBeAddedAndGetsAFit() {
        JsonNode models = get("/api/radio-models").ok();
        assertThat(models.size()).isGreaterThanOrEqualTo(7);
        models.forEach(model -> {
            JsonNode radio =
                    add("Zz " + model.path("id").asString(), model.path("id").asString());
            JsonNode fit = get("/api/radios/" + radio.path("id").asString() + "/fit?list=" + listId())
                    .ok();
            assertThat(fit.path("exact").asInt()
                            + fit.path("adapted").asInt()
                            + fit.path("byHand").asInt()
                            + fit.path("leftOut").asInt())
                    .isEqualTo(list().path("rows").size());
        });
    }

    @Test
    void aRadioIsLentAndComesBackWithWhatWasSaid() {
        JsonNode radio = add("Zz Borrowed · 1", "wrenling-w40");
        String path = "/api/radios/" + radio.path("id").asString();
        assertThat(path).endsWith("zz-borrowed-1");
        post(path + "/get-back", Map.of()).problem(409, "not-lent");
        JsonNode out = post(path + "/lend", Map.of("to", " Checkpoint 3 ", "note", "spare battery with it"))
                .ok();
        assertThat(out.path("shelf").path("lent").path("to").asString()).isEqualTo("Checkpoint 3");
        assertThat(post(path + "/lend", Map.of("to", "Checkpoint 4")).problem(409, "lent-already"))
                .contains("Checkpoint 3");
        assertThat(post(path + "/get-back", Map.of("note", "antenna loose"))
                        .ok()
                        .path("shelf")
                        .path("lent")
                        .isNull())
                .isTrue();
        JsonNode log = get(path + "/lendings").ok();
        assertThat(log.size()).isEqualTo(1);
        assertThat(log.get(0).path("backNote").asString()).isEqualTo("antenna loose");
        post(path + "/lend", Map.of("to", "")).problem(400, "field-invalid");
    }

    @Test
    void whatIsKnownOfItChangesAndALateChangeOverwritesNothing() {
        JsonNode radio = add("Zz Car", "kestrow-km90");
        String path = "/api/radios/" + radio.path("id").asString();
        Map<String, Object> known = new HashMap<>(Map.of(
                "baseVersion", radio.path("shelf").path("version").asLong(),
                "name", "Zz Car two",
                "label", "green",
                "serial", "00417"));
        JsonNode changed = put(path, known).ok();
        assertThat(changed.path("name").asString()).isEqualTo("Zz Car two");
        assertThat(changed.path("shelf").path("label").asString()).isEqualTo("green");
        put(path, known).problem(409, "changed-elsewhere");
        known.put("baseVersion", changed.path("shelf").path("version").asLong());
        known.put("label", "mauve");
        put(path, known).problem(400, "field-invalid");
        known.put("label", "");
        known.put("name", "w12 · BLUE");
        assertThat(put(path, known).problem(409, "radio-name-taken")).contains("W12 · blue");
        assertThat(post("/api/radios", Map.of("name", "Zz no", "model", "nobody-makes-it"))
                        .problem(422, "radio-model-unknown"))
                .contains("nobody-makes-it");
        post("/api/radios", Map.of("name", "Zz no", "model", "orvane-ot9", "reached", "simulated"))
                .problem(422, "no-simulated-radio");
    }

    /** Only a retired radio is deleted, with as many snapshots as were shown; another one may have its id and nothing of it then. */
    @Test
    void aRetiredRadioIsDeletedWithWhatWasShown() {
        String id = simulated("Zz gone", "wrenling-w12");
        String job =
                post("/api/radios/" + id + "/read", Map.of()).ok().path("id").asString();
        await("/api/jobs/" + job, each -> each.path("state").asString().equals("DONE"));
        assertThat(delete("/api/radios/" + id + "?snapshots=1").problem(409, "radio-in-use"))
                .contains("Retire it first");
        post("/api/radios/" + id + "/retire", Map.of()).ok();
        assertThat(delete("/api/radios/" + id + "?snapshots=0").problem(409, "loss-not-meant"))
                .contains("now deletes 1 snapshot, and 0 were shown");
        delete("/api/radios/" + id + "?snapshots=1").ok();
        assertThat(get("/api/radios/" + id).status()).isEqualTo(404);
        assertThat(sql.queryForObject("select count(*) from snapshot where radio_id = ?", Integer.class, id))
                .isZero();
        String again = simulated("Zz gone", "dunnet-d7");
        assertThat(again).isEqualTo(id);
        assertThat(get("/api/radios/" + again + "/snapshots").ok()).isEmpty();
        String read =
                post("/api/radios/" + again + "/read", Map.of()).ok().path("id").asString();
        await("/api/jobs/" + read, each -> each.path("state").asString().equals("DONE"));
    }

    /** A retired radio is asked no more what it makes of a list, and comes back with all that it had. */
    @Test
    void aRadioIsLaidAsideAndTakenUp() {
        JsonNode radio = add("Zz Old", "wrenling-w12");
        String id = radio.path("id").asString();
        assertThat(inUse()).contains(id);
        post("/api/radios/" + id + "/retire", Map.of()).ok();
        assertThat(inUse()).doesNotContain(id);
        assertThat(get("/api/radios/retired").ok().toString()).contains("\"" + id + "\"");
        assertThat(list().path("rows").get(0).path("fits").toString()).doesNotContain("\"" + id + "\"");
        assertThat(post("/api/radios", Map.of("name", "zz old", "model", "wrenling-w12"))
                        .problem(409, "radio-name-taken"))
                .contains("laid aside");
        post("/api/radios/" + id + "/take-up", Map.of()).ok();
        assertThat(inUse()).contains(id);
    }

    /** The OT9 has no slot 0: packed, or moved, it carries what it could not, and one channel is otherwise in it alone. */
    @Test
    void aRadioCarriesAListInItsOwnWay() {
        String id = add("Zz Crew", "orvane-ot9").path("id").asString();
        String fit = "/api/radios/" + id + "/fit?list=" + listId();
        JsonNode call = get(fit).ok().path("placements").get(0);
        assertThat(call.path("mark").asString()).isEqualTo("left_out");
        JsonNode packed = put("/api/radios/" + id + "/places", Map.of("places", "packed", "by", 0))
                .ok();
        assertThat(packed.path("carrying").path("places").asString()).isEqualTo("packed");
        call = get(fit).ok().path("placements").get(0);
        assertThat(call.path("place").asInt()).isEqualTo(1);
        put("/api/radios/" + id + "/places", Map.of("places", "moved", "by", 3)).ok();
        assertThat(get(fit).ok().path("placements").get(0).path("place").asInt())
                .isEqualTo(3);
        put("/api/radios/" + id + "/places", Map.of("places", "sideways", "by", 3))
                .problem(400, "body-unreadable");

        String overrule =
                "/api/radios/" + id + "/overrules/" + call.path("channelId").asString();
        put(overrule, Map.of("leftOut", false, "listenOnly", false, "name", "FIRST"))
                .ok();
        JsonNode row = list().path("rows").get(0);
        row.path("fits")
                .forEach(each -> assertThat(each.path("reasons").toString().contains("FIRST"))
                        .isEqualTo(each.path("radioId").asString().equals(id)));
        put(overrule, Map.of("leftOut", false, "listenOnly", false, "talkTone", "a whistle"))
                .problem(422, "overrule-refused");
        // A tone as people write it.
        JsonNode typed = put(overrule, Map.of("leftOut", false, "listenOnly", false, "talkTone", "D23N"))
                .ok();
        assertThat(typed.path("carrying")
                        .path("overrules")
                        .get(0)
                        .path("talkTone")
                        .asString())
                .isEqualTo("DCS 023 N");
        // What no channel can have would break every fit of the radio.
        for (Map<String, Object> never : List.<Map<String, Object>>of(
                Map.of("leftOut", false, "listenOnly", false, "name", "N".repeat(33)),
                Map.of("leftOut", false, "listenOnly", false, "name", "A\nB"),
                Map.of("leftOut", false, "listenOnly", false, "talkTone", "reversed CTCSS 71.9"))) {
            put(overrule, never).problem(422, "overrule-refused");
        }
        assertThat(get(fit).ok().path("placements").size()).isPositive();
        JsonNode back =
                put(overrule, Map.of("leftOut", false, "listenOnly", false)).ok();
        assertThat(back.path("carrying").path("overrules").isEmpty()).isTrue();
    }

    /** A reason's mend changes the channel for all radios; the pair that cannot talk to each other is told. */
    @Test
    void oneChannelInAllRadiosWithWhatWouldMendIt() {
        JsonNode row = null;
        for (JsonNode each : list().path("rows")) {
            if (each.path("label").asString().equals("VELLAN HL")) {
                row = each;
            }
        }
        JsonNode fits = get("/api/lists/" + listId() + "/channels/"
                        + row.path("id").asString() + "/fits")
                .ok();
        assertThat(fits.size()).isEqualTo(inUse().size());
        assertThat(fits.toString()).contains("\"line\":\"VLLNHL ");
        get("/api/lists/" + listId() + "/channels/" + java.util.UUID.randomUUID() + "/fits")
                .problem(404, "not-found");
        JsonNode pairs = get("/api/lists/" + listId() + "/together").ok();
        int radios = inUse().size();
        assertThat(pairs.size()).isEqualTo(radios * (radios - 1) / 2);
        assertThat(pairs.get(0).path("onlyFirst").size()
                        + pairs.get(0).path("onlySecond").size())
                .isPositive();
        assertThat(get("/api/lists/" + listId() + "/needs").ok().toString()).contains("any pair", "AM", "CTCSS");
    }

    private static Map<String, Object> shortForm(Object... parts) {
        Map<String, Object> form = new HashMap<>();
        form.putAll(Map.of(
                "maker",
                "Ælfric & \"Sons\"",
                "model",
                "A: 1 #2",
                "kind",
                "handheld",
                "firstSlot",
                1,
                "lastSlot",
                80,
                "longestName",
                8,
                "receive",
                "136-174; 400 – 470 MHz",
                "transmit",
                "144-146,430-440",
                "watts",
                "5 W, 1 W",
                "shift",
                "any_pair"));
        form.putAll(Map.of(
                "airband",
                "118-135.995",
                "narrow",
                true,
                "ctcss",
                50,
                "dcs",
                83,
                "inverted",
                true,
                "smallLetters",
                false,
                "banks",
                4,
                "listenOnly",
                true));
        for (int i = 0; i < parts.length; i += 2) {
            form.put((String) parts[i], parts[i + 1]);
        }
        return form;
    }

    /** What the owner of an unknown radio can tell alone gives a fit. */
    @Test
    void aRadioThatDoesNotShipIsToldInAShortForm() {
        String yaml =
                post("/api/radio-models/short", shortForm()).ok().path("yaml").asString();
        JsonNode file = post("/api/radio-models", Map.of("yaml", yaml)).ok();
        assertThat(file.path("model").path("id").asString()).isEqualTo("lfric-sons-a-1-2");
        assertThat(file.path("model").path("title").asString()).isEqualTo("Ælfric & \"Sons\" A: 1 #2");
        assertThat(file.path("model").path("cable").asBoolean()).isFalse();
        String id = add("Zz Own", "lfric-sons-a-1-2").path("id").asString();
        JsonNode fit = get("/api/radios/" + id + "/fit?list=" + listId()).ok();
        assertThat(fit.path("exact").asInt() + fit.path("adapted").asInt()).isGreaterThan(5);
        assertThat(delete("/api/radio-models/lfric-sons-a-1-2").problem(409, "radio-model-in-use"))
                .contains("Zz Own");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            receive     | 174-136       | 422 | radio-model-faulty
            receive     | all of it     | 422 | radio-model-faulty
            receive     | 136-174, 150-160 | 422 | radio-model-faulty
            watts       | 0,5           | 422 | radio-model-faulty
            watts       | 1, 5          | 422 | radio-model-faulty
            watts       | 5, 4, 3, 2    | 422 | radio-model-faulty
            watts       | five          | 422 | radio-model-faulty
            ctcss       | 49            | 422 | radio-model-faulty
            lastSlot    | 0             | 422 | radio-model-faulty
            """)
    void aShortFormThatCannotBeIsRefused(String part, String value, int status, String code) {
        Object given = part.equals("receive") || part.equals("watts") ? value : Integer.valueOf(value);
        Answer answer = post("/api/radio-models/short", shortForm(part, given));
        if (answer.status() == 200) {
            answer = post(
                    "/api/radio-models/check",
                    Map.of("yaml", answer.body().path("yaml").asString()));
        }
        answer.problem(status, code);
    }

    /** A copy is broken, told by its line, mended and kept; its radios take it at once. */
    @Test
    void aCopyOfAShippedModelIsBrokenAndMended() {
        String yaml = get("/api/radio-models/wrenling-w12")
                .ok()
                .path("yaml")
                .asString()
                .replace("id: wrenling-w12", "id: my-w12")
                .replace("model: W12", "model: W12 mine");
        post("/api/radio-models", Map.of("yaml", yaml)).ok();
        post("/api/radio-models", Map.of("yaml", yaml)).problem(409, "radio-model-exists");
        String id = add("Zz Mine", "my-w12").path("id").asString();
        String broken = yaml.replace("bits: 56", "bits: 48");
        int line = (int) broken.substring(0, broken.indexOf("bits: 48")).lines().count();
        Answer refused = put("/api/radio-models/my-w12", Map.of("baseVersion", 0, "yaml", broken));
        assertThat(refused.problem(422, "radio-model-faulty")).contains("name must be able to hold AAAAAAA");
        assertThat(refused.body().path("faults").get(0).path("line").asInt()).isEqualTo(line);
        String few = yaml.replace("last: 149", "last: 9");
        put("/api/radio-models/my-w12", Map.of("baseVersion", 0, "yaml", few)).ok();
        put("/api/radio-models/my-w12", Map.of("baseVersion", 0, "yaml", yaml)).problem(409, "changed-elsewhere");
        put("/api/radio-models/wrenling-w12", Map.of("baseVersion", 0, "yaml", yaml))
                .problem(422, "radio-model-ships");
        JsonNode fit = get("/api/radios/" + id + "/fit?list=" + listId()).ok();
        assertThat(fit.path("leftOut").asInt()).isGreaterThan(10);
    }

    /** A text is judged without being kept; a model goes when no radio is of it, and one that ships never. */
    @Test
    void aModelIsCheckedWithoutBeingKeptAndGoesWhenNoRadioIsOfIt() {
        String yaml = get("/api/radio-models/kestrow-k31")
                .ok()
                .path("yaml")
                .asString()
                .replace("id: kestrow-k31", "id: my-k31")
                .replace("model: K31", "model: K31 mine");
        JsonNode checked = post("/api/radio-models/check", Map.of("yaml", yaml)).ok();
        assertThat(checked.path("id").asString()).isEqualTo("my-k31");
        assertThat(checked.path("title").asString()).isEqualTo("Kestrow K31 mine");
        assertThat(get("/api/radio-models/my-k31").status()).isEqualTo(404);
        Answer faulty = post("/api/radio-models/check", Map.of("yaml", yaml.replace("level: mid", "level: high")));
        assertThat(faulty.problem(422, "radio-model-faulty")).contains("powers must be above 0 W and fall");
        post("/api/radio-models", Map.of("yaml", yaml)).ok();
        String radio = add("Zz Mine", "my-k31").path("id").asString();
        assertThat(delete("/api/radio-models/my-k31").problem(409, "radio-model-in-use"))
                .isEqualTo("It is the model of Zz Mine, so it is kept.");
        sql.update("delete from radio_unit where id = ?", radio);
        assertThat(delete("/api/radio-models/my-k31").status()).isEqualTo(204);
        assertThat(get("/api/radio-models/my-k31").status()).isEqualTo(404);
        assertThat(delete("/api/radio-models/my-k31").status()).isEqualTo(404);
        assertThat(delete("/api/radio-models/kestrow-k31").status()).isEqualTo(404);
        assertThat(get("/api/radio-models/kestrow-k31")
                        .ok()
                        .path("model")
                        .path("ships")
                        .asBoolean())
                .isTrue();
    }

    /** Nothing of a definition is a program, and none makes the program work without end. */
    @Test
    @Timeout(120)
    void aHostileFileEndsInAnErrorWithItsLine() {
        String w12 = get("/api/radio-models/wrenling-w12").ok().path("yaml").asString();
        StringBuilder bomb = new StringBuilder("a0: &a0 [x]\n");
        for (int i = 1; i < 30; i++) {
            bomb.append("a%d: &a%d [*a%d, *a%d, *a%d]\n".formatted(i, i, i - 1, i - 1, i - 1));
        }
        for (String bad : List.of(
                bomb.toString(),
                "id: !!javax.script.ScriptEngineManager []",
                "[".repeat(5_000),
                "id: &a [*a]",
                w12.replace("bytes: 4096", "bytes: 99999999999"),
                w12.replace("last: 149", "last: 9999"),
                w12.replace("stride: 20", "stride: 1000000"),
                w12.replace("longest: 7", "longest: 2000000000"),
                w12.replace("id: wrenling-w12", "id: ../../etc/passwd"),
                w12.replace("id: wrenling-w12", "id: \"a b\""))) {
            Answer answer = post("/api/radio-models/check", Map.of("yaml", bad));
            assertThat(answer.status())
                    .as(bad.substring(0, Math.min(80, bad.length())))
                    .isEqualTo(422);
        }
        post("/api/radio-models/check", Map.of("yaml", "x".repeat(200_001))).problem(422, "radio-model-too-long");
    }
}
