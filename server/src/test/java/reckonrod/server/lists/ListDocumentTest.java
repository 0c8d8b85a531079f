package reckonrod.server.lists;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import tools.jackson.databind.json.JsonMapper;

class ListDocumentTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** Every way to talk, every kind of tone, through JSON and back. */
    @Test
    void aListComesBackFromItsDocumentUnchanged() {
        BandPlan plan = BandPlans.shipped().find("r2-north-america").orElseThrow();
        List<String> lines = List.of(
                "SKARRA 145.310- 71.9",
                "147.135 +0.5 T88.5 R88.5 low",
                "FERRY X 145.350 > 433.475 D023N/D047I",
                "LEG 1 147.510 nfm mid",
                "MARINE 156.800",
                "\"72 \"\" Ö\" 146.550 am");
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        for (int slot = 0; slot < lines.size(); slot++) {
            String line = lines.get(slot);
            entries.put(
                    slot,
                    new ListEntry(
                            new UUID(1, slot),
                            Reckoner.reckon(line, plan).channel().orElseThrow(),
                            line,
                            slot == 2));
        }
        ChannelList list = new ChannelList(
                "Rück « »", plan.id(), new SlotRange(0, 9), List.of(new Block("B", new SlotRange(1, 3))), entries);
        String json = JSON.writeValueAsString(ListDocument.of(list));
        assertThat(JSON.readValue(json, ListDocument.class).toList()).isEqualTo(list);
    }

    @Test
    void aDocumentOfANewerFormatIsNotGuessedAt() {
        ListDocument newer = new ListDocument(2, "x", "r2-north-america", 0, 9, List.of(), List.of());
        assertThatThrownBy(newer::toList).hasMessageContaining("newer Reckonrod");
    }
}
