package reckonrod.server.bench;

import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.UUID;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;

/** A list of the demo data: slots and lines, worked out as if they had been typed. */
final class DemoList {
    private DemoList() {}

    static ChannelList read(String resource, BandPlans plans) {
        return DataFile.readResource(DemoList.class, resource, section -> list(section, plans));
    }

    private static ChannelList list(Section section, BandPlans plans) {
        BandPlan plan = plans.find(section.text("band_plan")).orElseThrow();
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        section.sections("channels", each -> entries.put(each.number("slot", 0, 149), entry(each, plan)));
        return new ChannelList(
                section.text("name"),
                plan.id(),
                "",
                new SlotRange(0, 149),
                NameRecipe.PLACE,
                List.copyOf(section.sections("blocks", DemoList::block)),
                entries);
    }

    private static Block block(Section section) {
        return new Block(
                section.text("name"), new SlotRange(section.number("first", 0, 149), section.number("last", 0, 149)));
    }

    private static ListEntry entry(Section section, BandPlan plan) {
        String line = section.text("line");
        WorkedAnswer answer = Reckoner.reckon(line, plan);
        Channel channel = answer.channel()
                .orElseThrow(() -> new IllegalArgumentException("No channel: " + line + " " + answer.findings()));
        return ListEntry.taken(
                        UUID.randomUUID(),
                        channel,
                        line,
                        section.optionalText("entry")
                                .map(key -> "vellan:" + key)
                                .orElse(""))
                .withPinned(section.optionalText("pinned").isPresent());
    }
}
