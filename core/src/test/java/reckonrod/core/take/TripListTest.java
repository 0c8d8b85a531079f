package reckonrod.core.take;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Intent;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.SlotRange;

class TripListTest {
    private static final BandPlan PLAN =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static List<ListEntry> channels(int first, int last) {
        return IntStream.rangeClosed(first, last)
                .mapToObj(i -> ListEntry.of(
                        new UUID(0, i),
                        Channel.of(Frequency.parse("146.520"), new Talk.Same()).withName("N" + i),
                        "n" + i))
                .toList();
    }

    private static ChannelList home(int held) {
        ChannelList empty = ChannelList.empty("Home", "plan", new SlotRange(1, 10));
        return ((ListChange.Changed) new ListEdit.Put(1, channels(1, held)).applyTo(empty)).list();
    }

    private static ChannelList trip(ChannelList home, int way) {
        return ((ListChange.Changed) TripList.of(home, "Round", NameRecipe.PLACE, channels(101, 100 + way), PLAN))
                .list();
    }

    @Test
    void theWayFollowsTheHomeListInOrderAndOnlyGrowsItWhenItMust() {
        ChannelList home = home(4);
        assertThat(trip(home, 6).slots()).isEqualTo(new SlotRange(1, 10));
        ChannelList grown = trip(home, 7);
        assertThat(grown.slots()).isEqualTo(new SlotRange(1, 17));
        assertThat(grown.name()).isEqualTo("Round");
        assertThat(grown.entries().values().stream()
                        .map(each -> each.channel().name())
                        .toList())
                .containsExactly("N1", "N2", "N3", "N4", "N101", "N102", "N103", "N104", "N105", "N106", "N107");
        assertThat(grown.blocks()).extracting(block -> block.name()).containsExactly("Round");
        assertThat(home.entries()).containsOnlyKeys(1, 2, 3, 4);
    }

    /** How its channels are to be goes along; what home is for does not. */
    @Test
    void theTripHasItsOwnPurpose() {
        Intent brief = Intent.NONE.abbreviating(Map.of("HARBOUR", "HBR"));
        assertThat(trip(home(4).meant(brief.meant("Handhelds, all year")), 6).intent())
                .isEqualTo(brief);
    }

    @Test
    void aFullHomeListLosesNothing() {
        assertThat(trip(home(10), 3).entries()).containsOnlyKeys(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13);
    }
}
