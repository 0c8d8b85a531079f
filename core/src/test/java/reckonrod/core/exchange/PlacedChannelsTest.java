package reckonrod.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.Entries;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.geography.GpxReader;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Origin;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PlacedChannelsTest {
    private final BandPlan plan = BandPlans.shipped().find("r2-north-america").orElseThrow();
    private final Map<String, DirectoryEntry> entries = Map.of(
            "test:1", Entries.at("test:1", "First", 12.5, -45.25).build(),
            "test:2", Entries.at("test:2", "Second", -1.000001, 179.999999).build(),
            "test:3", Entries.nowhere("test:3", "Third").build());
    private final ChannelList list = list();

    private ChannelList list() {
        ChannelList list = ChannelList.empty("Places", plan.id(), new SlotRange(1, 9));
        int slot = 1;
        for (String line : new String[] {"\"A <&> \"\"B\"\"\" 145.310- 71.9", "SECOND 147.135+", "NOWHERE 147.510"}) {
            String id = "test:" + slot;
            ListEntry entry = ListEntry.taken(
                    new UUID(0, slot), Reckoner.reckon(line, plan).channel().orElseThrow(), line, Origin.named(id));
            list = ((ListChange.Changed) new ListEdit.Put(slot++, List.of(entry)).applyTo(list)).list();
        }
        return list;
    }

    /** What goes out is read again as the same places, whatever characters a name has; a channel without a place is left out. */
    @Test
    void placesComeBackAsTheyWentOut() {
        String gpx = PlacedChannels.gpx(list, entries);
        assertThat(GpxReader.parse(gpx).points().get(0)).isEqualTo(new Position(12.5, -45.25));
        assertThat(gpx)
                .contains("<name>A &lt;&amp;&gt; \"B\"</name>", "lat=\"-1.000001\" lon=\"179.999999\"")
                .doesNotContain("NOWHERE");

        JsonNode features = JsonMapper.builder()
                .build()
                .readTree(PlacedChannels.geoJson(list, entries))
                .path("features");
        assertThat(features).hasSize(2);
        JsonNode first = features.get(0);
        assertThat(first.path("geometry").path("coordinates").get(0).asDouble()).isEqualTo(-45.25);
        assertThat(first.path("properties").path("name").asString()).isEqualTo("A <&> \"B\"");
        assertThat(first.path("properties").path("talk_hz").asLong()).isEqualTo(144_710_000);
        assertThat(Reckoner.reckon(first.path("properties").path("line").asString(), plan)
                        .channel())
                .contains(list.entries().get(1).channel());
    }
}
