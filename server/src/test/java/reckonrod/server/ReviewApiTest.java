package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Whole listings, findings on whole lists, and sets of channels. */
class ReviewApiTest extends ServerTest {
    private Answer review(String list, String text) {
        return post("/api/lists/" + list + "/review", Map.of("text", text, "slot", 0));
    }

    @Test
    void goodLinesGoInTogetherAndBadOnesStay() {
        String list = newList(20);
        JsonNode review = review(
                        list, "Name  Output  Shift  Tone\nSKARRA 145.310- 71.9\nPELL 147.135+ 127.9\nLEG 147.510\n")
                .ok();
        assertThat(review.path("good").asInt()).isEqualTo(2);
        assertThat(review.path("bad").asInt()).isEqualTo(2);
        assertThat(review.path("freeSlots").asInt()).isEqualTo(20);
        List<String> good = new ArrayList<>();
        review.path("lines").forEach(line -> {
            if (line.path("verdict").asString().equals("good")) {
                good.add(line.path("line").asString());
            }
        });
        JsonNode done = change(list, 0, edit("put", "slot", 3, "lines", good)).ok();
        assertThat(done.path("slot").asInt()).isEqualTo(3);
        assertThat(done.path("list").path("undo").asString()).isEqualTo("Put 2 channels from slot 3");
        assertThat(done.path("list").path("rows")).hasSize(2);
        assertThat(done.path("list").path("rows").get(0).path("published").asString())
                .isEqualTo("SKARRA 145.310- 71.9");
    }

    /** One line without a channel, or one slot too few, and nothing at all goes in. */
    @Test
    void allGoInOrNone() {
        String list = newList(2);
        assertThat(change(list, 0, edit("put", "slot", 0, "lines", List.of("146.520", "hello")))
                        .problem(422, "line-without-channel"))
                .contains("hello");
        assertThat(change(list, 0, edit("put", "slot", 0, "lines", List.of("146.520", "146.550", "146.580")))
                        .problem(422, "change-refused"))
                .contains("3 channels are to go in, and 2 slots");
        change(list, 0, edit("put", "slot", 0, "lines", List.of())).problem(400, "field-invalid");
        assertThat(get("/api/lists/" + list).ok().path("rows")).isEmpty();
    }

    @Test
    void fiveThousandLinesAreReviewedAndOneMoreIsRefused() {
        String list = newList(9999);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 5_000; i++) {
            text.append("SITE ").append((char) ('A' + i % 26)).append(' ');
            text.append(440 + i % 4)
                    .append('.')
                    .append(100 + i % 900)
                    .append("+ ")
                    .append(i % 7 == 0 ? "71.5" : "71.9");
            text.append(" E L\n");
        }
        JsonNode review = review(list, text.toString()).ok();
        assertThat(review.path("lines")).hasSize(5_000);
        assertThat(review.path("bad").asInt()).isEqualTo(715);
        assertThat(review(list, text + "146.520").problem(422, "too-many-lines"))
                .contains("5000", "5001");
    }

    @Test
    void findingsOfAListAreLaidAsideUntilTheChannelChanges() {
        String list = newList(10);
        change(list, 0, edit("put", "slot", 0, "lines", List.of("CALL 146.520", "BAD 145.310+", "C 156.800")))
                .ok();
        JsonNode findings = get("/api/lists/" + list + "/findings").ok();
        assertThat(findings.path("counts").path("doubts").asInt()).isEqualTo(2);
        assertThat(findings.path("findings").get(0).path("label").asString()).isEqualTo("BAD");
        String channel =
                get("/api/lists/" + list).ok().path("rows").get(0).path("id").asString();
        JsonNode row = change(
                        list,
                        1,
                        edit(
                                "lay-aside",
                                "channel",
                                channel,
                                "code",
                                "calling-at-high-power",
                                "field",
                                "power",
                                "reason",
                                "Summit only"))
                .ok()
                .path("list")
                .path("rows")
                .get(0);
        assertThat(row.path("findings")).isEmpty();
        assertThat(row.path("laidAside").get(0).path("reason").asString()).isEqualTo("Summit only");
        assertThat(get("/api/lists/" + list + "/findings")
                        .ok()
                        .path("counts")
                        .path("laidAside")
                        .asInt())
                .isEqualTo(1);

        JsonNode edited = change(list, 2, edit("rewrite", "channel", channel, "line", "CALL 146.520 nfm"))
                .ok();
        assertThat(edited.path("list").path("rows").get(0).path("findings").toString())
                .contains("calling-at-high-power");
        JsonNode undone =
                post("/api/lists/" + list + "/undo", Map.of("baseVersion", 3)).ok();
        assertThat(undone.path("rows").get(0).path("laidAside")).hasSize(1);
        JsonNode again = change(
                        list,
                        4,
                        edit("look-again", "channel", channel, "code", "calling-at-high-power", "field", "power"))
                .ok();
        assertThat(again.path("list").path("rows").get(0).path("findings")).hasSize(1);

        assertThat(change(list, 5, edit("lay-aside", "channel", channel, "code", "x", "field", "power", "reason", " "))
                        .problem(400, "field-invalid"))
                .contains("must say why");
        assertThat(change(list, 5, edit("lay-aside", "channel", channel, "code", "x", "field", "colour", "reason", "y"))
                        .problem(422, "field-unknown"))
                .contains("talk_tone");
    }

    /** What only a radio shows, here two names that look alike on it, is told with the radio's name. */
    @Test
    void whatARadioMakesOfTheListIsAmongTheFindings() {
        String list = newList(10);
        change(list, 0, edit("put", "slot", 0, "lines", List.of("VELLAN HALT 147.510", "VELLAN HELT 147.540")))
                .ok();
        List<String> told = new ArrayList<>();
        get("/api/lists/" + list + "/findings")
                .ok()
                .path("findings")
                .forEach(each ->
                        told.add(each.path("slot") + " " + each.path("radio").asString() + " "
                                + each.path("finding").path("code").asString()));
        assertThat(told)
                .containsExactly(
                        "0 KM90 · car fit-home-slot", "1 W12 · blue name-told-apart", "1 W12 · red name-told-apart");
    }

    @Test
    void aSatelliteBecomesABlockOfSplitChannels() {
        String list = newList(30);
        String path = "/api/lists/" + list;
        Map<String, ?> satellite = Map.of(
                "name",
                "QSAT",
                "uplink",
                "145.990",
                "downlink",
                "437.800",
                "heightKilometres",
                420,
                "talkTone",
                "67.0");
        JsonNode set = post(path + "/satellite", satellite).ok();
        assertThat(set.path("usable").asBoolean()).isTrue();
        List<String> lines = new ArrayList<>();
        set.path("passes").forEach(pass -> lines.add(pass.path("line").asString()));
        JsonNode done = change(list, 0, edit("put", "slot", 4, "lines", lines, "block", "QSAT pass"))
                .ok();
        JsonNode view = done.path("list");
        assertThat(view.path("blocks").get(0).path("name").asString()).isEqualTo("QSAT pass");
        assertThat(view.path("rows").get(0).path("slot").asInt()).isEqualTo(4);
        assertThat(view.path("rows").get(0).path("sum").path("talk").asString()).isEqualTo("145.985");
        assertThat(view.path("rows").get(0).path("talkTone").asString()).isEqualTo("CTCSS 67.0");

        Map<String, ?> outside =
                Map.of("name", "QSAT", "uplink", "149.910", "downlink", "437.800", "heightKilometres", 420);
        assertThat(post(path + "/satellite", outside).ok().path("usable").asBoolean())
                .isFalse();
        Map<String, ?> high =
                Map.of("name", "QSAT", "uplink", "145.990", "downlink", "437.800", "heightKilometres", 36_000);
        assertThat(post(path + "/satellite", high).problem(422, "field-invalid"))
                .contains("160 to 3000 km, was 36000");
    }

    @Test
    void theTablesOfTonesAreServed() {
        JsonNode tones = get("/api/tones").ok();
        assertThat(tones.path("ctcss")).hasSize(51);
        assertThat(tones.path("dcs")).hasSize(104);
        assertThat(tones.path("ctcss").get(1).toString())
                .isEqualTo(
                        "{\"hertz\":\"69.3\",\"code\":\"WZ\",\"below\":\"2.3\",\"above\":\"2.6\",\"ofFewRadios\":false}");
        assertThat(tones.path("dcs").get(0).path("word").asString()).isEqualTo("763813");
        assertThat(tones.path("dcs").get(0).path("partner").asString()).isEqualTo("047");
        assertThat(tones.path("dcs").get(0).path("bits").asString()).isEqualTo("11101100011100000010011");
    }
}
