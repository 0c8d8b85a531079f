package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Every kind of edit as it comes over the wire: what it says, and all that it changes of a list. It is one step, which undo takes
 * back to the letter and redo does again. Names in capitals behind {@code $} are channels.
 */
class EveryEditTest extends ServerTest {
    private static final Pattern CHANNEL = Pattern.compile("\\$([A-Z]+)");

    /** What is sent, what is said, and the lines of the list that go and come. */
    private static final String EDITS = """
            {'kind':'put','slot':12,'lines':['NEW 146.550','SECOND 446.000']}
            Put 2 channels from slot 12
            + 12 NEW 146.550
            + 13 SECOND 446.000

            {'kind':'put','slot':12,'lines':['NEW 146.550'],'block':'Fresh'}
            Put block Fresh at 12–12
            + 12 NEW 146.550
            + block Fresh 12-12

            {'kind':'put','slot':3,'lines':['NEW 146.550'],'here':true}
            Put NEW
            + 3 NEW 146.550

            {'kind':'rewrite','channel':$SKARRA,'line':'SKARRA 145.310- 77.0 low'}
            Edit SKARRA
            - 0 SKARRA 145.310- 71.9
            + 0 SKARRA 145.310- 77.0 low

            {'kind':'delete','channel':$PELL}
            Delete PELL from slot 1
            - 1 PELL 147.135+ 127.3
            - bank 1 Day: SKARRA PELL CALL
            + bank 1 Day: SKARRA CALL

            {'kind':'move','channel':$SKARRA,'slot':20}
            Move SKARRA to slot 20, out of block Coast
            - 0 SKARRA 145.310- 71.9
            + 20 SKARRA 145.310- 71.9

            {'kind':'move','channel':$SKARRA,'slot':1}
            Move SKARRA to slot 1; PELL takes slot 0
            - 0 SKARRA 145.310- 71.9
            - 1 PELL 147.135+ 127.3
            + 0 PELL 147.135+ 127.3
            + 1 SKARRA 145.310- 71.9

            {'kind':'pin','channel':$PELL,'pinned':true}
            Pin PELL at slot 1
            - 1 PELL 147.135+ 127.3
            + 1 PELL 147.135+ 127.3 pinned

            {'kind':'pin','channel':$HALDEN,'pinned':false}
            Unpin HALDEN at slot 4
            - 4 HALDEN 146.835- pinned
            + 4 HALDEN 146.835-

            {'kind':'lay-aside','channel':$SKARRA,'code':'shift-sign-differs','field':'transmit','reason':'it is so'}
            Lay shift-sign-differs of SKARRA aside

            {'kind':'look-again','channel':$FERRY,'code':'cross-band-split','field':'transmit'}
            Look at cross-band-split of FERRY again
            - 7 FERRY 145.350 > 433.475 aside=cross-band-split: wanted so
            + 7 FERRY 145.350 > 433.475

            {'kind':'take','slot':14,'take':{'entries':['vellan:pell-2'],'recipe':null}}
            Put Pell Light
            + 14 Pell Light 147.135 +0.600 T127.3 R127.3 E O from=vellan:pell-2

            {'kind':'take-block-out','block':'Air'}
            Take block Air out
            - 6 TOWER 118.300
            - 7 FERRY 145.350 > 433.475 aside=cross-band-split: wanted so
            - block Air 5-9

            {'kind':'go-by','bandPlan':'r2-north-america','licence':'entry'}
            Go by Region 2, North America, licence entry
            - list called=Zz plan=r2-north-america licence=full
            + list called=Zz plan=r2-north-america licence=entry

            {'kind':'add-block','block':'Far','slots':{'first':10,'last':11}}
            Add block Far at 10–11, around 2 channels
            + block Far 10-11

            {'kind':'rename-block','block':'Air','name':'Sky'}
            Call block Air Sky
            - block Air 5-9
            + block Sky 5-9

            {'kind':'resize-block','block':'Coast','slots':{'first':1,'last':4}}
            Block Coast has slots 1–4; 1 channel stands outside of it now
            - block Coast 0-4
            + block Coast 1-4

            {'kind':'move-block','block':'Air','slot':14}
            Move block Air to slot 14; 2 channels give way
            - 6 TOWER 118.300
            - 7 FERRY 145.350 > 433.475 aside=cross-band-split: wanted so
            - 10 OSTREY 145.430-
            - 11 LEG 147.510 low
            - block Air 5-9
            + 5 OSTREY 145.430-
            + 6 LEG 147.510 low
            + 15 TOWER 118.300
            + 16 FERRY 145.350 > 433.475 aside=cross-band-split: wanted so
            + block Air 14-18

            {'kind':'split-block','block':'Coast','slot':2,'second':'Inland'}
            Split block Coast: Inland begins at slot 2
            - block Coast 0-4
            + block Coast 0-1
            + block Inland 2-4

            {'kind':'join-blocks','block':'Coast'}
            Join block Air to Coast
            - block Coast 0-4
            - block Air 5-9
            + block Coast 0-9

            {'kind':'remove-block','block':'Coast'}
            Remove block Coast, its channels stay
            - block Coast 0-4

            {'kind':'keep-order','block':'Coast','by':'frequency'}
            Keep block Coast in order by frequency; 2 take their place in Coast
            - 1 PELL 147.135+ 127.3
            - 2 CALL 146.520
            - block Coast 0-4
            + 1 CALL 146.520
            + 2 PELL 147.135+ 127.3
            + block Coast 0-4 order=frequency

            {'kind':'fill-block','block':'Air','filling':{'belongs':{'bands':['2 m'],'uses':['repeater'],'kinds':[],'flags':[],'words':[]},'spare':0,'full':'refuse'}}
            Fill block Air with 2 m, repeaters; 3 channels come
            - 0 SKARRA 145.310- 71.9
            - 1 PELL 147.135+ 127.3
            - 10 OSTREY 145.430-
            - block Air 5-9
            + 5 SKARRA 145.310- 71.9
            + 8 PELL 147.135+ 127.3
            + 9 OSTREY 145.430-
            + block Air 5-9 belongs=2 m, repeaters

            {'kind':'order','channels':[$SKARRA,$PELL,$CALL,$OSTREY,$LEG],'by':'name'}
            Order 5 channels by name; 4 stand in another block now
            - 0 SKARRA 145.310- 71.9
            - 1 PELL 147.135+ 127.3
            - 2 CALL 146.520
            - 10 OSTREY 145.430-
            - 11 LEG 147.510 low
            + 0 CALL 146.520
            + 1 LEG 147.510 low
            + 2 OSTREY 145.430-
            + 10 PELL 147.135+ 127.3
            + 11 SKARRA 145.310- 71.9

            {'kind':'close-gaps','channels':[$CALL,$TOWER,$FERRY,$OSTREY]}
            Close the gaps between 4 channels; 2 stand in another block now
            - 6 TOWER 118.300
            - 7 FERRY 145.350 > 433.475 aside=cross-band-split: wanted so
            - 10 OSTREY 145.430-
            + 3 TOWER 118.300
            + 5 FERRY 145.350 > 433.475 aside=cross-band-split: wanted so
            + 6 OSTREY 145.430-

            {'kind':'move-many','channels':[$SKARRA,$CALL],'slot':20}
            Move 2 channels to slot 20 and behind; 2 stand in another block now
            - 0 SKARRA 145.310- 71.9
            - 2 CALL 146.520
            + 20 SKARRA 145.310- 71.9
            + 21 CALL 146.520

            {'kind':'delete-many','channels':[$SKARRA,$HALDEN,$LEG]}
            Delete 2 channels; HALDEN stayed, being pinned
            - 0 SKARRA 145.310- 71.9
            - 11 LEG 147.510 low
            - bank 1 Day: SKARRA PELL CALL
            + bank 1 Day: PELL CALL

            {'kind':'pin-many','channels':[$SKARRA,$PELL],'pinned':true}
            Pin 2 channels
            - 0 SKARRA 145.310- 71.9
            - 1 PELL 147.135+ 127.3
            + 0 SKARRA 145.310- 71.9 pinned
            + 1 PELL 147.135+ 127.3 pinned

            {'kind':'spread','channels':[$OSTREY,$LEG],'apart':3}
            Spread 2 channels, 3 slots apart
            - 11 LEG 147.510 low
            + 13 LEG 147.510 low

            {'kind':'rank','channels':[$SKARRA,$PELL],'rank':3}
            Rank 3 for 2 channels
            - 0 SKARRA 145.310- 71.9
            - 1 PELL 147.135+ 127.3
            + 0 SKARRA 145.310- 71.9 rank=3
            + 1 PELL 147.135+ 127.3 rank=3

            {'kind':'prove','channels':[$SKARRA],'day':'2026-05-03'}
            Proven on 2026-05-03: 1 channel
            - 0 SKARRA 145.310- 71.9
            + 0 SKARRA 145.310- 71.9 proven=2026-05-03

            {'kind':'name-block','block':'Coast','naming':{'parts':['call_sign','listen'],'from':null}}
            Name what comes into block Coast by call sign and output
            - block Coast 0-4
            + block Coast 0-4 named=call sign and output

            {'kind':'mean','purpose':'For the boat','naming':null,'abbreviations':[{'word':'HARBOUR','shorter':'HBR'}]}
            Say what the list is for; Abbreviate HARBOUR
            - intent named=place listen=each channel as it is talk=each channel as it is
            + intent purpose=For the boat named=place short=[{'word':'HARBOUR','shorter':'HBR'}] listen=each channel as it is talk=each channel as it is

            {'kind':'listen-by','policy':'open'}
            Listening policy: open: no channel waits for a tone; 0 channels change
            - intent named=place listen=each channel as it is talk=each channel as it is
            + intent named=place listen=open: no channel waits for a tone talk=each channel as it is

            {'kind':'talk-by','policy':'low_on_calling','from':null}
            Power policy: low on calling frequencies; 1 channel changes
            - intent named=place listen=each channel as it is talk=each channel as it is
            - 2 CALL 146.520
            + intent named=place listen=each channel as it is talk=low on calling frequencies
            + 2 CALL 146.520 simplex low

            {'kind':'set-many','channels':[$SKARRA,$PELL],'power':'low','emission':'NFM','talkTone':'88.5','listenTone':null}
            Set power low and kind NFM and talk tone CTCSS 88.5 of 2 channels
            - 0 SKARRA 145.310- 71.9
            - 1 PELL 147.135+ 127.3
            + 0 SKARRA 145.310- T88.5 NFM low
            + 1 PELL 147.135+ T88.5 NFM low

            {'kind':'replace-in-names','channels':[$SKARRA,$PELL,$HALDEN],'find':'l','with':'X'}
            Write "X" for "l" in 2 names
            - 1 PELL 147.135+ 127.3
            - 4 HALDEN 146.835- pinned
            - bank 1 Day: SKARRA PELL CALL
            - bank 2 Night: HALDEN
            + 1 PEXX 147.135+ T127.3
            + 4 HAXDEN 146.835- pinned
            + bank 1 Day: SKARRA PEXX CALL
            + bank 2 Night: HAXDEN

            {'kind':'name-many','channels':[$SKARRA,$PELL],'naming':{'parts':['listen'],'from':null}}
            Name 2 channels by output
            - 0 SKARRA 145.310- 71.9
            - 1 PELL 147.135+ 127.3
            - bank 1 Day: SKARRA PELL CALL
            + 0 "145.310" 145.310- T71.9
            + 1 "147.135" 147.135+ T127.3
            + bank 1 Day: 145.310 147.135 CALL

            {'kind':'short-name','channel':$SKARRA,'length':7,'name':'SKA'}
            Show SKARRA as SKA where 7 characters fit

            {'kind':'rename','name':'Zz other'}
            Call the list Zz other
            - list called=Zz plan=r2-north-america licence=full
            + list called=Zz other plan=r2-north-america licence=full

            {'kind':'add-bank','bank':'Tour','rule':{'block':'Coast','belongs':null},'channels':[$LEG]}
            Add bank Tour: all of block Coast; 5 channels
            + bank 3 Tour: LEG SKARRA PELL CALL HALDEN rule=all of block Coast

            {'kind':'rename-bank','bank':'Day','name':'Noon'}
            Call bank Day Noon
            - bank 1 Day: SKARRA PELL CALL
            + bank 1 Noon: SKARRA PELL CALL

            {'kind':'remove-bank','bank':'Day'}
            Remove bank Day; its channels stay in the list
            - bank 1 Day: SKARRA PELL CALL
            - bank 2 Night: HALDEN
            + bank 1 Night: HALDEN

            {'kind':'move-bank','bank':'Night','number':1}
            Bank Night has the number 1
            - bank 1 Day: SKARRA PELL CALL
            - bank 2 Night: HALDEN
            + bank 1 Night: HALDEN
            + bank 2 Day: SKARRA PELL CALL

            {'kind':'rule-bank','bank':'Night','rule':{'block':'Air','belongs':null}}
            Fill bank Night: all of block Air; 3 channels
            - bank 2 Night: HALDEN
            + bank 2 Night: HALDEN TOWER FERRY rule=all of block Air

            {'kind':'fill-bank','bank':'Day','channels':[$PELL,$LEG],'inside':false}
            Take PELL out of bank Day
            - bank 1 Day: SKARRA PELL CALL
            + bank 1 Day: SKARRA CALL

            {'kind':'fill-bank','bank':'Night','channels':[$LEG,$CALL],'inside':true}
            Put CALL, LEG into bank Night
            - bank 2 Night: HALDEN
            + bank 2 Night: HALDEN CALL LEG

            {'kind':'place-in-bank','bank':'Day','channel':$CALL,'place':1}
            CALL is number 1 in bank Day
            - bank 1 Day: SKARRA PELL CALL
            + bank 1 Day: CALL SKARRA PELL

            {'kind':'scan','channels':[$SKARRA,$PELL],'scan':false}
            Skip 2 channels
            - 0 SKARRA 145.310- 71.9
            - 1 PELL 147.135+ 127.3
            + 0 SKARRA 145.310- 71.9 scan=false
            + 1 PELL 147.135+ 127.3 scan=false

            {'kind':'scan-by','skipListenOnly':false,'skipOffAir':true}
            A scan passes by what is off the air
            - scan listen-only skipped=true off-air skipped=true
            + scan listen-only skipped=false off-air skipped=true

            {'kind':'priority','channel':$CALL}
            A scan comes back to CALL again and again
            - scan listen-only skipped=true off-air skipped=true
            + scan listen-only skipped=true off-air skipped=true priority=CALL
            """;

    record Case(String edit, String said, List<String> changes) {
        @Override
        public String toString() {
            return edit;
        }
    }

    static Stream<Case> cases() {
        List<Case> cases = new ArrayList<>();
        for (String part : EDITS.strip().split("\n\n", -1)) {
            List<String> lines = part.strip().lines().toList();
            cases.add(new Case(lines.get(0), lines.get(1), lines.subList(2, lines.size())));
        }
        return cases.stream();
    }

    /** A list of eight channels, two blocks and two banks. */
    private String filled() {
        String id = newList(30);
        change(
                        id,
                        0,
                        edit(
                                "put",
                                "slot",
                                0,
                                "lines",
                                List.of("SKARRA 145.310- 71.9", "PELL 147.135+ 127.3", "CALL 146.520")),
                        edit("put", "slot", 4, "lines", List.of("HALDEN 146.835-")),
                        edit("put", "slot", 6, "lines", List.of("TOWER 118.300", "FERRY 145.350 > 433.475")),
                        edit("put", "slot", 10, "lines", List.of("OSTREY 145.430-", "LEG 147.510 low")),
                        edit("add-block", "block", "Coast", "slots", Map.of("first", 0, "last", 4)),
                        edit("add-block", "block", "Air", "slots", Map.of("first", 5, "last", 9)))
                .ok();
        Map<String, String> ids = ids(id);
        change(
                        id,
                        1,
                        edit("pin", "channel", ids.get("HALDEN"), "pinned", true),
                        edit(
                                "lay-aside",
                                "channel",
                                ids.get("FERRY"),
                                "code",
                                "cross-band-split",
                                "field",
                                "transmit",
                                "reason",
                                "wanted so"),
                        edit(
                                "add-bank",
                                "bank",
                                "Day",
                                "channels",
                                List.of(ids.get("SKARRA"), ids.get("PELL"), ids.get("CALL"))),
                        edit("add-bank", "bank", "Night", "channels", List.of(ids.get("HALDEN"))))
                .ok();
        return id;
    }

    private Map<String, String> ids(String list) {
        Map<String, String> ids = new TreeMap<>();
        get("/api/lists/" + list)
                .ok()
                .path("rows")
                .forEach(row ->
                        ids.put(row.path("label").asString(), row.path("id").asString()));
        return ids;
    }

    private static String names(JsonNode channels, Map<String, String> labels) {
        return channels.valueStream().map(each -> labels.get(each.asString())).collect(Collectors.joining(" "));
    }

    private static String part(String what, JsonNode value) {
        return value.isNull() || value.isMissingNode()
                ? ""
                : part(what, value.isContainer() ? value.toString().replace('"', '\'') : value.asString());
    }

    private static String part(String what, String value) {
        return value.isEmpty() || value.equals("[]") ? "" : " " + what + "=" + value;
    }

    private static String aside(JsonNode laidAside) {
        return laidAside
                .valueStream()
                .map(each -> each.path("finding").path("code").asString() + ": "
                        + each.path("reason").asString())
                .collect(Collectors.joining(", "));
    }

    /** All of a list that an edit can change, a line for each thing. */
    private List<String> picture(String list) {
        JsonNode view = get("/api/lists/" + list).ok();
        Map<String, String> labels = new TreeMap<>();
        view.path("rows")
                .forEach(row ->
                        labels.put(row.path("id").asString(), row.path("label").asString()));
        List<String> lines = new ArrayList<>();
        lines.add("list" + part("called", view.path("name")).replaceAll("Zz [0-9a-f-]{36}", "Zz")
                + part("plan", view.path("bandPlan").path("id")) + part("licence", view.path("licence")));
        JsonNode intent = view.path("intent");
        lines.add("intent" + part("purpose", intent.path("purpose")) + part("named", intent.path("named"))
                + part("short", intent.path("abbreviations")) + part("listen", intent.path("listenWords"))
                + part("talk", intent.path("talkWords")));
        view.path("rows")
                .forEach(row -> lines.add(
                        row.path("slot").asInt() + " " + row.path("line").asString()
                                + (row.path("pinned").asBoolean() ? " pinned" : "") + part("scan", row.path("scan"))
                                + part("rank", row.path("rank")) + part("proven", row.path("proven"))
                                + part("aside", aside(row.path("laidAside"))) + part("from", row.path("directoryId"))));
        view.path("blocks")
                .forEach(block -> lines.add("block " + block.path("name").asString() + " "
                        + block.path("firstSlot").asInt() + "-"
                        + block.path("lastSlot").asInt()
                        + part("order", block.path("orderWords")) + part("belongs", block.path("belongs"))
                        + part("named", block.path("named"))));
        JsonNode banks = view.path("banks");
        int number = 1;
        for (JsonNode bank : banks.path("banks")) {
            lines.add("bank " + number++ + " " + bank.path("name").asString() + ": "
                    + names(bank.path("channels"), labels) + part("rule", bank.path("said")));
        }
        lines.add("scan listen-only skipped=" + banks.path("skipListenOnly").asString() + " off-air skipped="
                + banks.path("skipOffAir").asString()
                + (banks.path("priority").isNull()
                        ? ""
                        : " priority=" + labels.get(banks.path("priority").asString())));
        return lines;
    }

    private static List<String> changes(List<String> before, List<String> after) {
        return Stream.concat(
                        before.stream().filter(each -> !after.contains(each)).map(each -> "- " + each),
                        after.stream().filter(each -> !before.contains(each)).map(each -> "+ " + each))
                .toList();
    }

    private JsonNode parsed(String edit, Map<String, String> ids) {
        Matcher channels = CHANNEL.matcher(edit);
        return json.readTree(channels.replaceAll(found -> "\"" + ids.get(found.group(1)) + "\"")
                .replace('\'', '"'));
    }

    @ParameterizedTest
    @MethodSource("cases")
    void anEditChangesWhatItSaysAndIsTakenBack(Case each) {
        String list = filled();
        List<String> before = picture(list);
        JsonNode made = change(list, 2, parsed(each.edit(), ids(list))).ok();
        List<String> after = picture(list);
        assertThat(Stream.concat(Stream.of(made.path("said").asString()), changes(before, after).stream()))
                .containsExactlyElementsOf(Stream.concat(Stream.of(each.said()), each.changes().stream())
                        .toList());
        assertThat(post("/api/lists/" + list + "/undo", Map.of("baseVersion", 3))
                        .ok()
                        .path("version")
                        .asLong())
                .isEqualTo(4);
        assertThat(picture(list)).isEqualTo(before);
        post("/api/lists/" + list + "/redo", Map.of("baseVersion", 4)).ok();
        assertThat(picture(list)).isEqualTo(after);
        delete("/api/lists/" + list).ok();
    }

    /** A new kind of edit needs a line here. */
    @Test
    void noKindIsLeftOut() {
        TreeSet<String> kinds = new TreeSet<>();
        get("/api/openapi")
                .ok()
                .path("components")
                .path("schemas")
                .path("EditRequest")
                .path("discriminator")
                .path("mapping")
                .propertyNames()
                .forEach(kinds::add);
        assertThat(kinds).hasSizeGreaterThan(40);
        // It needs the keys of a comparison, and has a test of its own below.
        assertThat(kinds.remove("take-over")).isTrue();
        assertThat(cases().map(each -> json.readTree(
                                each.edit().replaceAll("\\$[A-Z]+", "0").replace('\'', '"'))
                        .path("kind")
                        .asString()))
                .containsAll(kinds);
    }

    /** What the list was before is taken over row by row; the rest stays, and a row that is no longer so takes nothing. */
    @Test
    void whatItWasBeforeIsTakenOver() {
        String list = filled();
        List<String> first = picture(list);
        long revision = get("/api/lists/" + list + "/history")
                .ok()
                .get(0)
                .path("revision")
                .asLong();
        Map<String, String> ids = ids(list);
        change(
                        list,
                        2,
                        edit("rewrite", "channel", ids.get("SKARRA"), "line", "SKARRA 145.310- 77.0"),
                        edit("delete", "channel", ids.get("LEG")),
                        edit("put", "slot", 20, "lines", List.of("NEW 146.550")))
                .ok();
        List<String> before = picture(list);
        Map<String, JsonNode> rows = new TreeMap<>();
        get("/api/lists/" + list + "/compare?revision=" + revision)
                .ok()
                .path("rows")
                .forEach(row -> rows.put(
                        row.path("kind").asString() + " " + row.path("label").asString(), row));
        assertThat(rows).containsOnlyKeys("changed SKARRA", "only_there LEG", "only_here NEW");
        assertThat(rows.get("changed SKARRA").path("parts").get(0).path("there").asString())
                .isEqualTo("CTCSS 71.9");
        List<String> wanted = Stream.of("changed SKARRA", "only_there LEG")
                .map(each -> rows.get(each).path("key").asString())
                .toList();
        Map<String, Object> over = edit("take-over", "from", list, "revision", revision, "rows", wanted);
        change(list, 3, over).ok();
        assertThat(changes(first, picture(list)))
                .containsExactly(
                        "- 0 SKARRA 145.310- 71.9",
                        "- 11 LEG 147.510 low",
                        "+ 0 SKARRA 145.310- T71.9",
                        "+ 11 LEG 147.510 simplex low",
                        "+ 20 NEW 146.550");
        assertThat(change(list, 4, over).problem(409, "changed-elsewhere"))
                .contains("2 of what was chosen no longer differs like that. Nothing was taken over");
        post("/api/lists/" + list + "/undo", Map.of("baseVersion", 4)).ok();
        assertThat(picture(list)).isEqualTo(before);
        delete("/api/lists/" + list).ok();
    }
}
