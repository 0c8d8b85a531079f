package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Power;
import reckonrod.core.list.ListComparison.Kind;
import reckonrod.core.list.ListComparison.Part;
import reckonrod.core.list.ListComparison.Row;
import reckonrod.core.notation.LineWriter;

class ListComparisonTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static ChannelList list(String... lines) {
        return Lists.of(R2, lines);
    }

    /** A friend's list: the same channels under other ids. */
    private static ChannelList foreign(ChannelList list) {
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        list.entries()
                .forEach((slot, entry) -> entries.put(
                        slot, ListEntry.of(new UUID(7, slot), entry.channel(), entry.line(), entry.origin())));
        return list.with(entries);
    }

    private static List<String> drawn(ChannelList here, ChannelList there) {
        return ListComparison.of(here, there).rows().stream()
                .map(row -> row.kind() + " "
                        + row.here()
                                .or(row::there)
                                .orElseThrow()
                                .entry()
                                .channel()
                                .label() + " " + row.parts())
                .toList();
    }

    @Test
    void aCopyIsFollowedByWhereItsChannelsCameFrom() {
        ChannelList home = list("A 146.520", "B 146.550", "C 146.580", "D 147.000 + 88.5");
        ChannelList copy = all(
                home,
                new ListEdit.Rewrite(
                        new UUID(0, 1), home.entries().get(1).channel().withPower(Power.LOW), "B low"),
                new ListEdit.Move(new UUID(0, 2), 9, MoveWay.SWAP),
                new ListEdit.Delete(new UUID(0, 3)),
                new ListEdit.Put(20, List.of(Lists.entry(R2, 50, "E 147.510"))));
        assertThat(drawn(home, copy))
                .containsExactly("CHANGED B [POWER]", "MOVED C []", "ONLY_HERE D []", "ONLY_THERE E []");
        assertThat(drawn(copy, home))
                .containsExactly("CHANGED B [POWER]", "MOVED C []", "ONLY_HERE E []", "ONLY_THERE D []");
        assertThat(drawn(home, home)).isEmpty();
    }

    private static ChannelList all(ChannelList list, ListEdit... edits) {
        ChannelList now = list;
        for (ListEdit edit : edits) {
            now = ((ListChange.Changed) edit.applyTo(now)).list();
        }
        return now;
    }

    /** A friend's channels are known by what they are on the air; one that stands twice is met once. */
    @Test
    void aForeignListIsFollowedByWhatIsOnTheAir() {
        ChannelList mine = list("SKARRA 145.310- 71.9", "CALL 146.520", "CALL AGAIN 146.520");
        ChannelList friends = foreign(list("SK 145.310- 71.9", "CALL AGAIN 146.520", "SKARRA 145.310- 77.0"));
        assertThat(drawn(mine, friends))
                .containsExactly(
                        "CHANGED SKARRA [NAME]", "ONLY_HERE CALL []", "MOVED CALL AGAIN []", "ONLY_THERE SKARRA []");
        Row changed = ListComparison.of(mine, friends).rows().get(0);
        assertThat(Part.NAME.of(changed.there().orElseThrow().entry().channel()))
                .isEqualTo("SK");
    }

    /** When everything is taken over, the two lists hold the same channels, whatever they held before. */
    @ParameterizedTest
    @ValueSource(longs = {71, 72, 73, 74, 75, 76})
    void whatIsTakenOverIsAlike(long seed) {
        Random random = new Random(seed);
        ChannelList here = random(random, 0);
        ChannelList there = random.nextBoolean() ? foreign(random(random, 0)) : random(random, random.nextInt(9));
        ListComparison before = ListComparison.of(here, there);
        if (before.rows().stream().allMatch(row -> row.kind() == Kind.MOVED)) {
            return;
        }
        int[] next = {0};
        ListChange taken = ListComparison.takeOver(
                        here, before.rows(), "there", () -> new UUID(9, next[0]++), each -> LineWriter.write(each, R2))
                .applyTo(here);
        ChannelList after = ((ListChange.Changed) taken).list();
        assertThat(ListComparison.of(after, there).rows())
                .as("seed %d", seed)
                .allMatch(row -> row.kind() == Kind.MOVED);
        assertThat(channels(after)).containsExactlyInAnyOrderElementsOf(channels(there));
    }

    private static List<Channel> channels(ChannelList list) {
        return list.entries().values().stream().map(ListEntry::channel).toList();
    }

    private static ChannelList random(Random random, int firstId) {
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            lines.add("N" + (char) ('A' + random.nextInt(6)) + " 14" + (5 + random.nextInt(2)) + "."
                    + (2 + random.nextInt(3)) + "10" + (random.nextBoolean() ? " 71.9" : ""));
        }
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        for (int i = 0; i < lines.size(); i++) {
            entries.put(2 * i + random.nextInt(2), Lists.entry(R2, firstId + i, lines.get(i)));
        }
        return ChannelList.empty("Test", R2.id(), new SlotRange(0, 149)).with(entries);
    }

    @Test
    void nothingChosenIsNothingDone() {
        ChannelList list = list("A 146.520");
        assertThat(ListComparison.takeOver(list, List.of(), "x", UUID::randomUUID, Channel::label)
                        .applyTo(list))
                .isInstanceOf(ListChange.Refused.class);
    }
}
