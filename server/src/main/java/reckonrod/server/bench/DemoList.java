package reckonrod.server.bench;

import java.util.List;
import java.util.Locale;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.list.Bank;
import reckonrod.core.list.BankRule;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Intent;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Origin;
import reckonrod.core.list.Scanning;
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
                Intent.NONE.meant(section.optionalText("purpose").orElse("")),
                List.copyOf(section.sections("blocks", DemoList::block)),
                entries,
                new Scanning(
                        section.optionalSections("banks", each -> bank(each, entries)), true, true, Optional.empty()));
    }

    /** Channels by words in their names, by how they are used, or by their slots. */
    private static Bank bank(Section section, NavigableMap<Integer, ListEntry> entries) {
        List<String> words = section.optionalValues("words", word -> word);
        Set<Belongs.Use> uses =
                Set.copyOf(section.optionalValues("uses", word -> Belongs.Use.valueOf(word.toUpperCase(Locale.ROOT))));
        Optional<Belongs> belongs = words.isEmpty() && uses.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Belongs(List.of(), uses, Optional.empty(), Set.of(), Set.of(), words, Optional.empty()));
        return new Bank(
                section.text("name"),
                belongs.map(each -> new BankRule(Optional.of(each), Optional.empty())),
                section.optionalValues("slots", Integer::valueOf).stream()
                        .map(slot -> entries.get(slot).id())
                        .toList());
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
        ListEntry bare = ListEntry.of(UUID.randomUUID(), channel, line);
        return section.optionalText("entry")
                .map(key -> bare.withOrigin(Origin.named("vellan:" + key)))
                .orElse(bare)
                .withPinned(section.optionalText("pinned").isPresent());
    }
}
