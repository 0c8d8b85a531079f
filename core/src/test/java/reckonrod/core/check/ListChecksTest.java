package reckonrod.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.BankEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Dismissal;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.Listening;

class ListChecksTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    /** Of two channels the later one is told about; the first is left in peace. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A 145.310- 71.9 | B 145.310 > 144.710 71.9 | DOUBT duplicate-channel: The same pair and tones stand in slot 0 as A.
            A 145.310- 71.9 | B 145.310- 71.9 low      | NOTE near-duplicate-channel: Slot 0 (A) has the same pair and talk tone and differs only in the power.
            A 145.310- 71.9 | B 145.310- T71.9 R71.9   | NOTE near-duplicate-channel: Slot 0 (A) has the same pair and talk tone and differs only in the listen tone.
            A 145.310- 71.9 | B 145.310- 77.0          | NOTE co-channel: Slot 0 (A) listens on the same 145.310 MHz but has another talk tone.
            A 145.310-      | B 145.310 simplex        | NOTE co-channel: Slot 0 (A) listens on the same 145.310 MHz but talks elsewhere.
            A 145.310-      | a 146.940-               | NOTE name-twice: Slot 0 is called a too.
            A 442.100+      | B 442.1025+ nfm          | NOTE nearly-the-same-frequency: Slot 0 (A) listens only 2500 Hz away, with the same shift.
            A 442.100+      | B 442.125+               |
            A 442.100+      | B 442.105+               |
            LEG 147.510     | LEGS 147.5125            |
            """)
    void twoChannelsAreSetBesideEachOther(String first, String second, String said) {
        NavigableMap<Integer, SlotFindings> found = Checks.list(Lists.of(R2, first, second), R2);
        assertThat(found.getOrDefault(0, SlotFindings.NONE).open()).isEmpty();
        List<String> ofList = found.getOrDefault(1, SlotFindings.NONE).open().stream()
                .map(Finding::toString)
                .filter(each -> !each.contains("off-raster"))
                .toList();
        assertThat(ofList).isEqualTo(said == null ? List.of() : List.of(said));
    }

    /** Whichever of the two listens lower, the later one is told. */
    @Test
    void theLaterOfTwoNearlySameFrequenciesIsTold() {
        ChannelList list = Lists.of(R2, "B 442.1025+ nfm", "A 442.100+");
        assertThat(Checks.list(list, R2).get(1).open().stream().map(Finding::toString))
                .containsExactly(
                        "NOTE nearly-the-same-frequency: Slot 0 (B) listens only 2500 Hz away, with the same shift.");
    }

    /** Between the two lies a third on the frequency of one of them, with another shift: it hides neither from the other. */
    @Test
    void aThirdChannelHidesNoNearlySameFrequency() {
        ChannelList list = Lists.of(R2, "A 442.100+", "C 442.100 > 449.600", "B 442.1025+ nfm");
        assertThat(Checks.list(list, R2).get(2).open().stream().map(Finding::toString))
                .anyMatch(each -> each.startsWith("NOTE nearly-the-same-frequency: Slot 0 (A)"));
    }

    @Test
    void aServiceThatIsScannedAmongChannelsThatTalkIsPointedOut() {
        ChannelList list = Lists.of(R2, "A 147.510", "MARINE 156.800", "AIR 132.800", "WX 162.550");
        ChannelList scanned = ((reckonrod.core.list.ListChange.Changed)
                        new BankEdit.Scan(List.of(list.entries().get(1).id()), Optional.of(true)).applyTo(list))
                .list();
        assertThat(Checks.list(scanned, R2).entrySet().stream()
                        .flatMap(slot -> slot.getValue().open().stream()
                                .map(finding ->
                                        slot.getKey() + " " + finding.kind().code()))
                        .filter(each -> each.endsWith("service-scanned-among-talk")))
                .containsExactly("1 service-scanned-among-talk");
    }

    /** In an open list each channel that waits for a tone is told, and the offered fix opens it. */
    @Test
    void anOpenListTellsWhatWaitsForATone() {
        ChannelList list = Lists.of(R2, "A 145.310- 71.9 rx 88.5", "B 147.135+ 71.9", "C 146.835- T103.5 REV88.5");
        assertThat(waiting(list)).isEmpty();
        ChannelList open = list.meant(list.intent().listening(Listening.OPEN));
        assertThat(waiting(open).keySet()).containsExactly(0, 2);
        assertThat(waiting(open).values())
                .allSatisfy(each -> assertThat(
                                ((Edit.ReplaceChannel) each.fixes().get(0).edit())
                                        .channel()
                                        .listenTone()
                                        .isPresent())
                        .isFalse());
    }

    private static Map<Integer, Finding> waiting(ChannelList list) {
        Map<Integer, Finding> waiting = new TreeMap<>();
        Checks.list(list, R2)
                .forEach((slot, found) -> found.open().stream()
                        .filter(each -> each.kind().code().equals("waits-in-open-list"))
                        .forEach(each -> waiting.put(slot, each)));
        return waiting;
    }

    /** What was laid aside is apart, with its reason; other findings of the channel stay open. */
    @Test
    void dismissedFindingsAreKeptApart() {
        ChannelList list = Lists.of(R2, "A 146.520 71.9");
        ChannelList aside = ((reckonrod.core.list.ListChange.Changed) new ListEdit.LayAside(
                                list.entries().get(0).id(),
                                new Dismissal("calling-at-high-power", Field.POWER, "Only on the summit"))
                        .applyTo(list))
                .list();
        SlotFindings found = Checks.list(aside, R2).get(0);
        assertThat(codes(found.open().stream())).containsExactly("tone-on-simplex");
        assertThat(found.laidAside())
                .singleElement()
                .satisfies(each -> assertThat(each.reason()).isEqualTo("Only on the summit"));
        assertThat(codes(Checks.list(list, R2).get(0).open().stream()))
                .containsExactly("tone-on-simplex", "calling-at-high-power");
    }

    private static Stream<String> codes(Stream<Finding> findings) {
        return findings.map(finding -> finding.kind().code());
    }
}
