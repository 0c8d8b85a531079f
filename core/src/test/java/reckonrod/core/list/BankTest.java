package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.geography.Position;

class BankTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Position HERE = new Position(47.5, -38.0);
    private final ChannelList list = done(
            Lists.of(
                    R2,
                    "HARBOUR 145.310- 71.9",
                    "SKARRA 147.135+",
                    "PELL 443.500+",
                    "DEAD 145.390- off-air",
                    "MARINE 156.800"),
            new BlockEdit.AddBlock("Home", new SlotRange(0, 2)));

    private static ChannelList done(ChannelList list, ListEdit... edits) {
        for (ListEdit edit : edits) {
            list = ListEdit.applyAll(list, List.of(any -> edit)).fold(ListChange.Changed::list, refused -> {
                throw new IllegalStateException(refused.reason());
            });
        }
        return list;
    }

    private String refused(ChannelList of, ListEdit edit) {
        return ListEdit.applyAll(of, List.of(any -> edit))
                .fold(changed -> "changed: " + changed.summary(), ListChange.Refused::reason);
    }

    private static UUID id(int slot) {
        return new UUID(0, slot);
    }

    private static String members(ChannelList list, String bank) {
        return ScanPlan.of(list).members(bank).stream()
                .map(each -> String.valueOf(each.getLeastSignificantBits()))
                .collect(Collectors.joining(" "));
    }

    private static Optional<BankRule> block(String name) {
        return Optional.of(new BankRule(Optional.empty(), Optional.of(name)));
    }

    private static Belongs near(double kilometres) {
        return new Belongs(
                List.of(),
                Set.of(),
                Optional.empty(),
                Set.of(),
                Set.of(),
                List.of(),
                Optional.of(new Area.Circle("Skarra", HERE, kilometres)));
    }

    @Test
    void whatThePersonPutsIntoABankKeepsThePersonsOrder() {
        ChannelList banked = done(
                list,
                new BankEdit.AddBank("Trip", Optional.empty(), List.of(id(2))),
                new BankEdit.FillBank("Trip", List.of(id(1), id(0)), true),
                new BankEdit.PlaceInBank("Trip", id(0), 1));
        assertThat(members(banked, "Trip")).isEqualTo("0 2 1");
        assertThat(members(done(banked, new BankEdit.FillBank("Trip", List.of(id(2), id(4)), false)), "Trip"))
                .isEqualTo("0 1");
        assertThat(refused(banked, new BankEdit.FillBank("Trip", List.of(id(0)), true)))
                .contains("in bank Trip already");
        assertThat(refused(banked, new BankEdit.FillBank("Trip", List.of(id(0), id(77)), false)))
                .contains("1 channel is no longer in the list");
        assertThat(refused(banked, new BankEdit.AddBank("trip", Optional.empty(), List.of())))
                .contains("There is a bank Trip already");
    }

    @Test
    void aRuleKeepsABankFullAndWhatItHoldsCannotBeTakenOutUnseen() {
        ChannelList banked = done(
                list,
                new BankEdit.AddBank("Mine", block("Home"), List.of(id(4))),
                new ListEdit.Move(id(3), 2, MoveWay.SWAP));
        assertThat(members(banked, "Mine")).isEqualTo("4 0 1 3");
        assertThat(refused(banked, new BankEdit.FillBank("Mine", List.of(id(4), id(1)), false)))
                .startsWith("SKARRA is in bank Mine by its rule (all of block Home)");
        ChannelList byHand = done(banked, new BankEdit.RuleBank("Mine", Optional.empty()));
        assertThat(members(byHand, "Mine")).isEqualTo("4 0 1 3");
        assertThat(members(done(byHand, new BankEdit.FillBank("Mine", List.of(id(1)), false)), "Mine"))
                .isEqualTo("4 0 3");
        assertThat(refused(banked, new BankEdit.RuleBank("Mine", block("Nowhere"))))
                .isEqualTo("There is no block \"Nowhere\" in this list.");
    }

    /** Neither another name nor the end of its block changes what a bank holds without a word. */
    @Test
    void aBankFollowsItsBlock() {
        ChannelList banked = done(list, new BankEdit.AddBank("Mine", block("Home"), List.of()));
        ChannelList renamed = done(banked, new BlockEdit.RenameBlock("Home", "Base"));
        assertThat(members(renamed, "Mine")).isEqualTo("0 1 2");
        ListChange.Changed gone =
                (ListChange.Changed) ListEdit.applyAll(renamed, List.of(any -> new BlockEdit.RemoveBlock("Base")));
        assertThat(gone.summary()).endsWith("; bank Mine keeps what it had of block Base");
        assertThat(members(gone.list(), "Mine")).isEqualTo("0 1 2");
    }

    @Test
    void anAreaHoldsWhatIsKnownToStandThere() {
        Belongs near = near(12.5);
        assertThat(near.said()).isEqualTo("within 12.5 km of Skarra");
        for (double kilometres : new double[] {12.4, 12.6}) {
            ListEntry there = Lists.entry(R2, 1, "SKARRA 147.135+")
                    .withOrigin(
                            new Origin("v:1", "QV0SK", "Skarra", Optional.of(HERE.onCourse(80, kilometres * 1000))));
            assertThat(near.holds(there)).isEqualTo(kilometres < 12.5);
        }
        assertThat(near.holds(Lists.entry(R2, 1, "SKARRA 147.135+"))).isFalse();
        assertThatThrownBy(() -> near(0)).hasMessageContaining("more than 0 and at most 20100 km, was 0.0");
        assertThatThrownBy(() -> near(Double.NaN)).hasMessageContaining("was NaN");
    }

    @Test
    void channelsAreOrderedByWhereTheyStandAndByCallSign() {
        ChannelList placed = list;
        for (int slot = 0; slot < 3; slot++) {
            java.util.TreeMap<Integer, ListEntry> entries = new java.util.TreeMap<>(placed.entries());
            int away = slot;
            entries.computeIfPresent(
                    slot,
                    (at, entry) -> entry.withOrigin(new Origin(
                            "v:" + at,
                            "QV" + (12 - away * 5) + "X",
                            "Skarra",
                            Optional.of(HERE.onCourse(10, 9000 - away * 3000)))));
            placed = placed.with(entries);
        }
        List<UUID> all = List.of(id(4), id(3), id(2), id(1), id(0));
        assertThat(names(done(placed, new ManyEdit.Order(all, new Ordering.Distance("Skarra", HERE)))))
                .isEqualTo("PELL SKARRA HARBOUR DEAD MARINE");
        assertThat(names(done(placed, new ManyEdit.Order(all, Ordering.By.CALL_SIGN))))
                .isEqualTo("PELL SKARRA HARBOUR DEAD MARINE");
    }

    private static String names(ChannelList list) {
        return list.entries().values().stream()
                .map(each -> each.channel().name())
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            true  | true  | 0 1 2
            false | true  | 0 1 2 4
            true  | false | 0 1 2 3
            false | false | 0 1 2 3 4
            """)
    void aScanPassesByWhatNobodyCanAnswer(boolean listenOnly, boolean offAir, String scanned) {
        Scanning scanning = new Scanning(List.of(), listenOnly, offAir, Optional.empty());
        assertThat(scanned(list.scannedBy(scanning))).isEqualTo(scanned);
        ChannelList chosen = done(
                list.scannedBy(scanning),
                new BankEdit.Scan(List.of(id(0)), Optional.of(false)),
                new BankEdit.Scan(List.of(id(4)), Optional.of(true)));
        assertThat(scanned(chosen)).doesNotContain("0").endsWith("4");
    }

    /** A list for listening alone is scanned. */
    @Test
    void listenOnlyChannelsByThemselvesAreScanned() {
        assertThat(scanned(Lists.of(R2, "MARINE 156.800", "AIR 132.800"))).isEqualTo("0 1");
    }

    private static String scanned(ChannelList of) {
        ScanPlan plan = ScanPlan.of(of);
        return of.entries().entrySet().stream()
                .filter(each -> plan.scans(each.getValue()))
                .map(each -> String.valueOf(each.getKey()))
                .collect(Collectors.joining(" "));
    }

    /** Whatever is done to banks, no channel goes or moves; whatever is done to channels, none is in a bank that is not in the list. */
    @Test
    void banksAndChannelsLeaveEachOtherAlone() {
        Random random = new Random(12);
        ChannelList now = list;
        for (int step = 0; step < 3000; step++) {
            ChannelList before = now;
            ListEdit edit = edit(random, before);
            now = ListEdit.applyAll(before, List.of(any -> edit)).fold(ListChange.Changed::list, refused -> before);
            Set<UUID> there = ids(now);
            now.scanning().banks().forEach(bank -> assertThat(there).containsAll(bank.channels()));
            if (edit instanceof BankEdit) {
                assertThat(now.entries().keySet()).isEqualTo(before.entries().keySet());
                assertThat(now.blocks()).isEqualTo(before.blocks());
            } else if (!(edit instanceof ListEdit.Delete)) {
                assertThat(now.scanning()).isEqualTo(before.scanning());
            }
        }
        assertThat(now.scanning().banks()).isNotEmpty();
    }

    private static Set<UUID> ids(ChannelList list) {
        return list.entries().values().stream().map(ListEntry::id).collect(Collectors.toSet());
    }

    private static ListEdit edit(Random random, ChannelList list) {
        String bank = "b" + random.nextInt(4);
        UUID one = id(random.nextInt(9));
        List<UUID> some = new ArrayList<>(List.of(one, id(random.nextInt(5))));
        return switch (random.nextInt(13)) {
            case 0 -> new BankEdit.AddBank(bank, Optional.empty(), some);
            case 1 -> new BankEdit.RenameBank(bank, "b" + random.nextInt(4));
            case 2 -> random.nextInt(4) == 0 ? new BankEdit.RemoveBank(bank) : new BankEdit.MoveBank(bank, 1);
            case 3 -> new BankEdit.RuleBank(bank, random.nextBoolean() ? block("Home") : Optional.empty());
            case 4, 5 -> new BankEdit.FillBank(bank, some, random.nextBoolean());
            case 6 -> new BankEdit.PlaceInBank(bank, one, random.nextInt(5));
            case 7 -> new BankEdit.Scan(some, Optional.of(random.nextBoolean()));
            case 8 -> new BankEdit.Priority(Optional.of(one));
            case 9 -> new ListEdit.Move(one, random.nextInt(12), MoveWay.SWAP);
            case 10 -> new ManyEdit.Order(some, Ordering.By.NAME);
            case 11 -> new ListEdit.Delete(one);
            default ->
                list.slotOf(one).isPresent()
                        ? new ListEdit.Pin(one, false)
                        : new ListEdit.PutHere(
                                0, List.of(Lists.entry(R2, (int) one.getLeastSignificantBits(), "NEW 146.550")));
        };
    }
}
