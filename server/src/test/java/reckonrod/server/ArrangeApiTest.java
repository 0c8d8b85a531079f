package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Blocks that are filled by themselves, many channels changed at once, names on displays: over HTTP, and what is refused. */
class ArrangeApiTest extends ServerTest {
    /** What belongs into a block, with some of it otherwise; spare, full and overflow stand beside it. */
    private static Map<String, Object> filling(Map<String, Object> otherwise) {
        Map<String, Object> belongs = new HashMap<>(Map.of(
                "bands",
                List.of("2 m"),
                "uses",
                List.of("repeater"),
                "kinds",
                List.of(),
                "flags",
                List.of(),
                "words",
                List.of()));
        Map<String, Object> filling = new HashMap<>(Map.of("belongs", belongs, "spare", 0, "full", "refuse"));
        otherwise.forEach((key, value) ->
                (List.of("spare", "full", "overflow").contains(key) ? filling : belongs).put(key, value));
        return filling;
    }

    private String begun(String template, int slots) {
        return post(
                        "/api/lists",
                        Map.of("name", "Zz way", "bandPlan", "r2-north-america", "slots", slots, "template", template))
                .ok()
                .path("id")
                .asString();
    }

    private static List<String> ids(JsonNode view) {
        return view.path("rows")
                .valueStream()
                .map(row -> row.path("id").asString())
                .toList();
    }

    @Test
    void aListBegunByATemplateFilesWhatComesIn() {
        assertThat(post(
                                "/api/lists",
                                Map.of(
                                        "name",
                                        "Zz",
                                        "bandPlan",
                                        "r2-north-america",
                                        "slots",
                                        30,
                                        "template",
                                        "traveller"))
                        .problem(422, "slots-too-few"))
                .contains("at least as many, was 30");
        assertThat(post(
                                "/api/lists",
                                Map.of("name", "Zz", "bandPlan", "r2-north-america", "slots", 300, "template", "x"))
                        .problem(422, "template-unknown"))
                .contains("traveller, newcomer");
        String id = begun("traveller", 250);
        JsonNode changed = change(
                        id, 0, edit("put", "slot", 249, "lines", List.of("SKARRA 145.310- 71.9", "CALL 146.520")))
                .ok();
        assertThat(changed.path("said").asString())
                .isEqualTo(
                        "Put 2 channels: into slot 26 of block 2 m repeaters for 2 m, repeaters; into slot 0 of block"
                                + " Calling for calling frequencies");
        // All of its calling frequencies come back as the one name that they have.
        JsonNode calling = get("/api/lists/" + id)
                .ok()
                .path("blocks")
                .get(0)
                .path("filling")
                .path("belongs");
        assertThat(calling.path("bands").toString()).isEqualTo("[\"calling frequencies\"]");
        Map<String, Object> asked = filling(Map.of("bands", List.of("calling frequencies"), "uses", List.of()));
        // It is filled like that already, which is no step of the history.
        change(id, 1, edit("fill-block", "block", "Calling", "filling", asked)).ok();
        assertThat(change(id, 1, edit("put", "slot", 240, "lines", List.of("CALL 70 446.000")))
                        .ok()
                        .path("slot")
                        .asInt())
                .isEqualTo(1);
        // Asked for a slot, it goes there.
        JsonNode here = change(id, 2, edit("put", "slot", 249, "lines", List.of("HALDEN 147.135+"), "here", true))
                .ok();
        assertThat(here.path("slot").asInt()).isEqualTo(249);
        JsonNode place = post(
                        "/api/reckon",
                        Map.of("line", "PELL 147.135+ 127.3", "bandPlan", "r2-north-america", "list", id, "slot", 249))
                .ok()
                .path("place");
        assertThat(place.path("slot").asInt() + " " + place.path("block").asString())
                .isEqualTo("27 2 m repeaters");
        delete("/api/lists/" + id).ok();
    }

    @Test
    void whatCannotBeAskedOfABlockIsSaid() {
        String id = newList(30);
        change(id, 0, edit("add-block", "block", "Far", "slots", Map.of("first", 2, "last", 3)))
                .ok();
        Map<String, Map<String, Object>> wrong = Map.of(
                "band must be one of 10 m, 6 m, 2 m", Map.of("bands", List.of("3 m")),
                "flag must be one of emergency power, linked", Map.of("flags", List.of("loud")),
                "overflow must name the block", Map.of("full", "overflow"),
                "must be 0 to 999", Map.of("spare", 1000),
                "No place is called \"Atlantis\"",
                        Map.of(
                                "area",
                                Map.of("circle", Map.of("centre", Map.of("place", "Atlantis"), "kilometres", 5))),
                "must be 0.1 to 20100 km",
                        Map.of("area", Map.of("circle", Map.of("centre", Map.of("place", "Skarra"), "kilometres", 0))),
                "Corner 2:", Map.of("area", Map.of("outline", Map.of("name", "N", "corners", "46, -38; there"))),
                "one of the two", Map.of("area", Map.of()),
                "must be said", Map.of("bands", List.of(), "uses", List.of()));
        wrong.forEach((told, what) -> assertThat(
                        change(id, 1, edit("fill-block", "block", "Far", "filling", filling(what)))
                                .body()
                                .path("detail")
                                .asString())
                .contains(told));
        change(id, 1, edit("fill-block", "block", "Far", "filling", filling(Map.of())))
                .ok();
        JsonNode full = change(id, 2, edit("put", "slot", 9, "lines", List.of("A 145.310-", "B 145.330-")))
                .ok();
        assertThat(full.path("list").path("blocks").get(0).path("belongs").asString())
                .isEqualTo("2 m, repeaters");
        assertThat(change(id, 3, edit("put", "slot", 9, "lines", List.of("C 145.350-")))
                        .problem(422, "change-refused"))
                .contains("C belongs into block Far (2 m, repeaters), and no slot of 2–3 is free");
    }

    /** Banks are made, ruled and told of for each radio; what is in one by a rule cannot be taken out unseen, and undo brings all back. */
    @Test
    void banksAreFilledByHandAndByRule() {
        String id = newList(30);
        JsonNode list = change(
                        id,
                        0,
                        edit("put", "slot", 1, "lines", List.of("SKARRA 145.310-", "PELL 147.135+", "MARINE 156.800")))
                .ok()
                .path("list");
        List<String> ids = ids(list);
        change(id, 1, edit("add-bank", "bank", "Mine", "channels", List.of(ids.get(2), ids.get(0))))
                .ok();
        Map<String, Object> repeaters = Map.of("belongs", filling(Map.of()).get("belongs"));
        JsonNode banks = change(id, 2, edit("add-bank", "bank", "Far", "rule", repeaters, "channels", List.of()))
                .ok()
                .path("list")
                .path("banks");
        assertThat(banks.path("banks").get(0).path("channels").toString())
                .isEqualTo("[\"" + ids.get(2) + "\",\"" + ids.get(0) + "\"]");
        assertThat(banks.path("banks").get(1).path("said").asString()).isEqualTo("2 m, repeaters");
        assertThat(banks.path("skipped").get(0).path("why").asString())
                .isEqualTo("listen-only among channels that talk");
        assertThat(change(id, 3, edit("fill-bank", "bank", "Far", "channels", ids, "inside", false))
                        .problem(422, "change-refused"))
                .contains("SKARRA, PELL are in bank Far by its rule (2 m, repeaters)");
        assertThat(change(id, 3, edit("rule-bank", "bank", "Far", "rule", Map.of()))
                        .problem(422, "filling-wrong"))
                .contains("must be said");
        assertThat(banks.path("radios")
                        .valueStream()
                        .map(radio -> radio.path("banks").asInt() + ": "
                                + radio.path("findings")
                                        .valueStream()
                                        .map(each -> each.path("code").asString())
                                        .toList())
                        .distinct())
                .contains("0: [fit-no-banks]", "10: []");
        JsonNode block = change(
                        id,
                        3,
                        edit("add-block", "block", "Near", "slots", Map.of("first", 1, "last", 5)),
                        edit("keep-order", "block", "Near", "by", "distance", "from", Map.of("place", "47.5 N 38.2 W")))
                .ok()
                .path("list")
                .path("blocks")
                .get(0);
        assertThat(block.path("orderFrom").toString())
                .isEqualTo("{\"place\":\"47.50000 N 38.20000 W\",\"latitude\":47.5,\"longitude\":-38.2}");
        assertThat(change(id, 4, edit("order", "channels", ids, "by", "distance"))
                        .problem(422, "place-missing"))
                .contains("a place");
    }

    @Test
    void manyAreChangedInOneAndAWrongToneChangesNone() {
        String id = newList(20);
        JsonNode list = change(
                        id,
                        0,
                        edit("put", "slot", 0, "lines", List.of("LEG 1 147.510", "LEG 2 147.540", "TOWER 132.810 am")))
                .ok()
                .path("list");
        assertThat(change(id, 1, edit("set-many", "channels", ids(list), "power", "low", "talkTone", "118.9"))
                        .problem(422, "change-refused"))
                .contains("the nearest are 118.8", "Nothing was changed");
        JsonNode preview = post(
                        "/api/lists/" + id + "/changes/preview",
                        Map.of(
                                "baseVersion",
                                1,
                                "edits",
                                List.of(edit("set-many", "channels", ids(list), "power", "low", "talkTone", "2b"))))
                .ok();
        assertThat(preview.path("rewritten")).hasSize(2);
        assertThat(preview.path("rewritten").get(0).path("after").asString())
                .contains("T118.8")
                .endsWith("low");
        JsonNode changed = change(
                        id,
                        1,
                        edit("set-many", "channels", ids(list), "power", "low", "talkTone", "2b"),
                        edit("replace-in-names", "channels", ids(list), "find", "leg", "with", "STOP"))
                .ok();
        assertThat(changed.path("said").asString())
                .isEqualTo(
                        "2 changes: Set power low and talk tone CTCSS 118.8 of 2 channels; Write \"STOP\" for \"leg\" in 2 names");
        assertThat(change(id, 2, edit("set-many", "channels", ids(list))).problem(422, "change-refused"))
                .contains("Something must be set");

        String copied = post(
                        "/api/lists/" + id + "/copied",
                        Map.of("channels", ids(list).subList(0, 1)))
                .ok()
                .path("text")
                .asString();
        assertThat(copied)
                .startsWith("Slot\tBlock\tName")
                .contains("STOP 1\t147.510")
                .doesNotContain("STOP 2");
        JsonNode read = post("/api/lines", Map.of("text", copied, "bandPlan", "r2-north-america"))
                .ok();
        assertThat(read.path("text").asString())
                .contains("STOP 1")
                .contains("118.8")
                .endsWith("low");
    }

    @Test
    void aShortNameIsShownWhereItFits() {
        String id = newList(20);
        JsonNode list = change(
                        id,
                        0,
                        edit(
                                "put",
                                "slot",
                                1,
                                "lines",
                                List.of("VELLAN HIGHLAND 145.310-", "VELLAN HIGHLANDS 145.330-")))
                .ok()
                .path("list");
        String first = ids(list).get(0);
        assertThat(change(id, 1, edit("short-name", "channel", first, "length", 7, "name", "vellan_"))
                        .problem(422, "name-cannot-be-shown"))
                .contains("A display of 7 characters");
        change(id, 1, edit("short-name", "channel", first, "length", 7, "name", "HIGH 1"))
                .ok();
        JsonNode names = get("/api/lists/" + id + "/names").ok();
        int seven = names.path("lengths")
                .valueStream()
                .map(each -> each.path("length").asInt())
                .toList()
                .indexOf(7);
        assertThat(names.path("rows").get(0).path("shown").get(seven).toString())
                .contains("HIGH 1", "\"chosen\":true");
        // The name that it stands for is gone, and it with it.
        change(id, 2, edit("rewrite", "channel", first, "line", "OTHER PLACE 145.310-"))
                .ok();
        assertThat(get("/api/lists/" + id + "/names")
                        .ok()
                        .path("rows")
                        .get(0)
                        .path("shown")
                        .get(seven)
                        .path("chosen")
                        .asBoolean())
                .isFalse();
    }
}
