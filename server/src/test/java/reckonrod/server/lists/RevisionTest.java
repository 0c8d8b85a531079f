package reckonrod.server.lists;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.list.BlockEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.list.MoveWay;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import tools.jackson.databind.json.JsonMapper;

/** A history that keeps differences gives every list back as it was, and costs little. */
class RevisionTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final BandPlan PLAN =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private final Random random = new Random(64);

    private ListEntry entry(int number) {
        String line = "SITE " + number + " 145.310- "
                + List.of("71.9", "100.0", "D023N").get(random.nextInt(3));
        return ListEntry.of(new UUID(number, random.nextLong()), channel(line), line);
    }

    private static Channel channel(String line) {
        return Reckoner.reckon(line, PLAN).channel().orElseThrow();
    }

    private ListEdit anyEdit(ChannelList list, int number) {
        List<ListEntry> entries = List.copyOf(list.entries().values());
        if (entries.isEmpty() || random.nextInt(4) == 0) {
            return new ListEdit.Put(random.nextInt(60), List.of(entry(number)));
        }
        ListEntry some = entries.get(random.nextInt(entries.size()));
        return switch (random.nextInt(10)) {
            case 0 -> new ListEdit.Delete(some.id());
            case 1 ->
                new ListEdit.Move(some.id(), random.nextInt(60), random.nextBoolean() ? MoveWay.PUSH : MoveWay.SWAP);
            case 2 -> new ListEdit.Pin(some.id(), !some.pinned());
            case 3 -> new ManyEdit.Rank(List.of(some.id()), Optional.of(1 + random.nextInt(9)));
            case 4 ->
                new ManyEdit.Prove(List.of(some.id()), Optional.of(LocalDate.of(2026, 1 + random.nextInt(12), 1)));
            case 5 -> new ListEdit.Mean(list.intent().meant("For " + number), "Mean");
            case 6 -> new BlockEdit.AddBlock("B" + number, new SlotRange(random.nextInt(58), 59));
            default -> new ListEdit.Rewrite(some.id(), channel("X 147.135+ 127.3"), "X 147.135+ 127.3 " + number);
        };
    }

    @Test
    void everyRevisionComesBackFromWhatIsKept() {
        ChannelList list = ChannelList.empty("Walk", PLAN.id(), new SlotRange(0, 59));
        RevisionRecord revision = RevisionRecord.first(new UUID(0, 1), list, "Begin", Instant.EPOCH);
        List<RevisionRecord> kept = new ArrayList<>(List.of(revision));
        List<ChannelList> lists = new ArrayList<>(List.of(list));
        for (int i = 0; i < 400; i++) {
            ChannelList before = list;
            list = anyEdit(list, i).applyTo(list).fold(ListChange.Changed::list, refused -> before);
            revision = RevisionRecord.next(revision.asParent(), before, list, "Change " + i, Instant.EPOCH);
            kept.add(revision);
            lists.add(list);
        }
        ChannelList rebuilt = null;
        int whole = 0;
        for (int i = 0; i < kept.size(); i++) {
            RevisionRecord each = kept.get(i);
            if (each.document() != null) {
                whole++;
                rebuilt = JSON.readValue(JSON.writeValueAsString(each.document()), ListDocument.class)
                        .toList();
            } else {
                rebuilt = JSON.readValue(JSON.writeValueAsString(each.difference()), ListDifference.class)
                        .appliedTo(rebuilt);
            }
            assertThat(rebuilt).as("revision %d", i).isEqualTo(lists.get(i));
        }
        assertThat(whole).isBetween(400 / 64, 40);
    }
}
