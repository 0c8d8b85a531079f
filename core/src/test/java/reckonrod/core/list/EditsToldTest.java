package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.notation.Reckoner;

/**
 * Every edit on one list of ten slots: what it is called in the history, which slot is looked at after it, and how the list stands
 * then; or why it is refused. Channels stand as letters, blocks in brackets behind the slot they begin at, a bar for a free slot.
 */
class EditsToldTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final String[] LINES = {
        "ALFA 145.310-", "BRAVO 147.135+", "CHARLIE 443.500+", "DELTA 145.390- off-air", "ECHO 156.800"
    };

    /** A0, B1, C2 pinned, E4, D6; block Home 0-2, block Sea 6-7; bank Trip holds C and A by hand, bank Mine is all of block Home. */
    private static ChannelList base() {
        TreeMap<Integer, ListEntry> entries = new TreeMap<>();
        int[] slots = {0, 1, 2, 6, 4};
        for (int i = 0; i < LINES.length; i++) {
            entries.put(slots[i], Lists.entry(R2, i, LINES[i]));
        }
        ChannelList list =
                ChannelList.empty("Base", R2.id(), new SlotRange(0, 9)).byPlan(R2.id(), "", entries);
        for (ListEdit edit : List.of(
                new BlockEdit.AddBlock("Home", new SlotRange(0, 2)),
                new BlockEdit.AddBlock("Sea", new SlotRange(6, 7)),
                new ListEdit.Pin(id('C'), true),
                new BankEdit.AddBank("Trip", Optional.empty(), List.of(id('C'), id('A'))),
                new BankEdit.AddBank("Mine", rule("Home"), List.of()))) {
            list = ((ListChange.Changed) edit.applyTo(list)).list();
        }
        return list;
    }

    private static UUID id(char letter) {
        return new UUID(0, letter - 'A');
    }

    private static List<UUID> ids(String letters) {
        return letters.chars().mapToObj(letter -> id((char) letter)).toList();
    }

    private static Optional<BankRule> rule(String block) {
        return Optional.of(new BankRule(Optional.empty(), Optional.of(block)));
    }

    private static Channel channel(String line) {
        return Reckoner.reckon(line, R2).channel().orElseThrow();
    }

    private static List<ListEntry> entries(String... lines) {
        List<ListEntry> entries = new ArrayList<>();
        for (String line : lines) {
            entries.add(Lists.entry(R2, 20 + entries.size(), line));
        }
        return entries;
    }

    private static String stands(ChannelList list) {
        Map<Integer, String> begins = new LinkedHashMap<>();
        list.blocks().forEach(block -> begins.put(block.slots().first(), "[" + block.name() + block.slots() + "]"));
        return IntStream.rangeClosed(list.slots().first(), list.slots().last())
                .mapToObj(slot -> begins.getOrDefault(slot, "")
                        + Optional.ofNullable(list.entries().get(slot))
                                .map(entry -> entry.channel().label().substring(0, 1))
                                .orElse("|"))
                .collect(Collectors.joining());
    }

    private static String banks(ChannelList list) {
        return list.scanning().banks().stream()
                .map(bank -> bank.name() + "="
                        + ScanPlan.of(list).members(bank.name()).stream()
                                .map(each -> list.entries()
                                        .get(list.slotOf(each).orElseThrow())
                                        .channel()
                                        .label()
                                        .substring(0, 1))
                                .collect(Collectors.joining()))
                .collect(Collectors.joining(" "));
    }

    private static String told(ListEdit edit) {
        ChannelList base = base();
        ListChange change = edit.applyTo(base);
        if (change instanceof ListChange.Refused refused) {
            return "! " + refused.reason();
        }
        ListChange.Changed changed = (ListChange.Changed) change;
        String banks = banks(changed.list());
        return changed.summary() + " @" + changed.slot() + " " + stands(changed.list())
                + (banks.equals(banks(base)) ? "" : " " + banks);
    }

    private static void tells(String expected, ListEdit... edits) {
        assertThat(List.of(edits).stream().map(EditsToldTest::told).collect(Collectors.joining("\n")) + "\n")
                .isEqualTo(expected);
    }

    @Test
    void banks() {
        tells(
                """
                Add bank Night; 2 channels @1 [Home0–2]ABC|E|[Sea6–7]D||| Trip=CA Mine=ABC Night=EB
                Add bank Night: all of block Sea; 1 channel @0 [Home0–2]ABC|E|[Sea6–7]D||| Trip=CA Mine=ABC Night=D
                Add bank Night; nothing is in it yet @0 [Home0–2]ABC|E|[Sea6–7]D||| Trip=CA Mine=ABC Night=
                ! There is no block "Nowhere" in this list.
                ! There is a bank Trip already. Banks are told apart by their names; choose another.
                ! A bank needs a name.
                ! 2 channels are no longer in the list. Nothing was changed.
                Call bank Trip Away @0 [Home0–2]ABC|E|[Sea6–7]D||| Away=CA Mine=ABC
                Call bank Trip trip @0 [Home0–2]ABC|E|[Sea6–7]D||| trip=CA Mine=ABC
                ! There is a bank Mine already. Banks are told apart by their names; choose another.
                ! There is no bank "None" in this list any more.
                Remove bank Trip; its channels stay in the list @0 [Home0–2]ABC|E|[Sea6–7]D||| Mine=ABC
                Bank Trip has the number 2 @0 [Home0–2]ABC|E|[Sea6–7]D||| Mine=ABC Trip=CA
                ! Bank Trip has the number 1 already.
                ! There are banks 1 to 2; 0 is none of them.
                ! There are banks 1 to 2; 3 is none of them.
                Fill bank Trip: all of block Sea; 3 channels @0 [Home0–2]ABC|E|[Sea6–7]D||| Trip=CAD Mine=ABC
                ! Bank Mine is filled like that already. Nothing was changed.
                Fill bank Mine by hand from now on; 3 channels @0 [Home0–2]ABC|E|[Sea6–7]D|||
                ! There is no block "Nowhere" in this list.
                Put BRAVO, DELTA into bank Trip @1 [Home0–2]ABC|E|[Sea6–7]D||| Trip=CABD Mine=ABC
                ! All of them are in bank Trip already. Nothing was changed.
                Take ALFA out of bank Trip @0 [Home0–2]ABC|E|[Sea6–7]D||| Trip=C Mine=ABC
                ! None of them is in bank Trip. Nothing was changed.
                ! ALFA, BRAVO are in bank Mine by its rule (all of block Home). Change the rule, or fill the bank by hand from now on.
                ! ALFA is in bank Mine by its rule (all of block Home). Change the rule, or fill the bank by hand from now on.
                ! No channel is chosen. Mark some with the space bar.
                ALFA is number 1 in bank Trip @0 [Home0–2]ABC|E|[Sea6–7]D||| Trip=AC Mine=ABC
                ! It stands there already. Nothing was changed.
                ! Bank Trip has places 1 to 2; 3 is none of them.
                ! Bank Trip has places 1 to 2; 0 is none of them.
                ! That channel is not in bank Mine by hand, so it has no place there to change.
                ! A scan does so already. Nothing was changed.
                A scan passes by listen-only channels @0 [Home0–2]ABC|E|[Sea6–7]D|||
                A scan passes by what is off the air @0 [Home0–2]ABC|E|[Sea6–7]D|||
                A scan passes by nothing by itself @0 [Home0–2]ABC|E|[Sea6–7]D|||
                A scan comes back to BRAVO again and again @1 [Home0–2]ABC|E|[Sea6–7]D|||
                ! That channel is no longer in the list. Nothing was changed.
                ! That is so already. Nothing was changed.
                """,
                new BankEdit.AddBank(" Night ", Optional.empty(), ids("EB")),
                new BankEdit.AddBank("Night", rule("Sea"), List.of()),
                new BankEdit.AddBank("Night", Optional.empty(), List.of()),
                new BankEdit.AddBank("Night", rule("Nowhere"), List.of()),
                new BankEdit.AddBank("TRIP", Optional.empty(), List.of()),
                new BankEdit.AddBank(" ", Optional.empty(), List.of()),
                new BankEdit.AddBank("Night", Optional.empty(), ids("XY")),
                new BankEdit.RenameBank("Trip", " Away "),
                new BankEdit.RenameBank("Trip", "trip"),
                new BankEdit.RenameBank("Trip", "mine"),
                new BankEdit.RenameBank("None", "Away"),
                new BankEdit.RemoveBank("Trip"),
                new BankEdit.MoveBank("Trip", 2),
                new BankEdit.MoveBank("Trip", 1),
                new BankEdit.MoveBank("Trip", 0),
                new BankEdit.MoveBank("Trip", 3),
                new BankEdit.RuleBank("Trip", rule("Sea")),
                new BankEdit.RuleBank("Mine", rule("Home")),
                new BankEdit.RuleBank("Mine", Optional.empty()),
                new BankEdit.RuleBank("Trip", rule("Nowhere")),
                new BankEdit.FillBank("Trip", ids("DB"), true),
                new BankEdit.FillBank("Trip", ids("AC"), true),
                new BankEdit.FillBank("Trip", ids("AE"), false),
                new BankEdit.FillBank("Trip", ids("E"), false),
                new BankEdit.FillBank("Mine", ids("AB"), false),
                new BankEdit.FillBank("Mine", ids("A"), false),
                new BankEdit.FillBank("Trip", List.of(), true),
                new BankEdit.PlaceInBank("Trip", id('A'), 1),
                new BankEdit.PlaceInBank("Trip", id('A'), 2),
                new BankEdit.PlaceInBank("Trip", id('A'), 3),
                new BankEdit.PlaceInBank("Trip", id('A'), 0),
                new BankEdit.PlaceInBank("Mine", id('A'), 1),
                new BankEdit.ScanBy(true, true),
                new BankEdit.ScanBy(true, false),
                new BankEdit.ScanBy(false, true),
                new BankEdit.ScanBy(false, false),
                new BankEdit.Priority(Optional.of(id('B'))),
                new BankEdit.Priority(Optional.of(id('X'))),
                new BankEdit.Priority(Optional.empty()));
    }

    @Test
    void blocks() {
        tells(
                """
                Add block Far at 8–9 @8 [Home0–2]ABC|E|[Sea6–7]D|[Far8–9]||
                ! Slots 7–9 and block Sea at 6–7 have slots in common. Choose others, or make that block smaller first.
                ! There is a block Home already, at 0–2. Blocks are told apart by their names; choose another.
                ! The list has slots 0–9; a block at 8–10 does not fit in.
                Call block Home Base @0 [Base0–2]ABC|E|[Sea6–7]D|||
                ! There is a block Sea already, at 6–7. Blocks are told apart by their names; choose another.
                Block Home has slots 0–4 @0 [Home0–4]ABC|E|[Sea6–7]D||| Trip=CA Mine=ABCE
                Block Home has slots 0–2 @0 [Home0–2]ABC|E|[Sea6–7]D|||
                ! Slots 1–6 and block Sea at 6–7 have slots in common. Choose others, or make that block smaller first.
                Move block Sea to slot 8 @8 [Home0–2]ABC|E|||[Sea8–9]D|
                ! Block Sea begins at slot 6 already.
                ! The list has slots 0–9; a block of 2 slots cannot begin at 9.
                ! Block Sea would come to stand in the middle of block Home, which has slots 0–2. Move it before or behind that one.
                ! CHARLIE (slot 2) is pinned and would have to move. Unpin first, or choose another place.
                Split block Home: Second begins at slot 1 @1 [Home0–0]A[Second1–2]BC|E|[Sea6–7]D||| Trip=CA Mine=A
                ! Block Home has slots 0–2; it can be split from slot 1 on, not at 0.
                ! Block Home has slots 0–2; it can be split from slot 1 on, not at 3.
                ! There is a block Sea already, at 6–7. Blocks are told apart by their names; choose another.
                Join block Sea to Home @0 [Home0–7]ABC|E|D||| Trip=CA Mine=ABCED
                ! No block follows Sea, so there is none to join it with.
                Remove block Home, its channels stay @0 ABC|E|[Sea6–7]D||| Trip=CA Mine=
                Take block Home out @0 ||C|E|[Sea6–7]D||| Trip=C Mine=
                Take block Sea out @6 [Home0–2]ABC|E|||||
                ! There is no block "None" in this list any more.
                Leave block Home as it is placed @0 [Home0–2]ABC|E|[Sea6–7]D|||
                Fill block Home by hand @0 [Home0–2]ABC|E|[Sea6–7]D|||
                Name what comes into block Home by place @0 [Home0–2]ABC|E|[Sea6–7]D|||
                ! Block Home is named so already. Nothing was changed.
                """,
                new BlockEdit.AddBlock("Far", new SlotRange(8, 9)),
                new BlockEdit.AddBlock("Far", new SlotRange(7, 9)),
                new BlockEdit.AddBlock("Home", new SlotRange(8, 9)),
                new BlockEdit.AddBlock("Far", new SlotRange(8, 10)),
                new BlockEdit.RenameBlock("Home", "Base"),
                new BlockEdit.RenameBlock("Home", "Sea"),
                new BlockEdit.ResizeBlock("Home", new SlotRange(0, 4)),
                new BlockEdit.ResizeBlock("Home", new SlotRange(0, 2)),
                new BlockEdit.ResizeBlock("Home", new SlotRange(1, 6)),
                new BlockEdit.MoveBlock("Sea", 8),
                new BlockEdit.MoveBlock("Sea", 6),
                new BlockEdit.MoveBlock("Sea", 9),
                new BlockEdit.MoveBlock("Sea", 1),
                new BlockEdit.MoveBlock("Home", 3),
                new BlockEdit.SplitBlock("Home", 1, "Second"),
                new BlockEdit.SplitBlock("Home", 0, "Second"),
                new BlockEdit.SplitBlock("Home", 3, "Second"),
                new BlockEdit.SplitBlock("Home", 2, "Sea"),
                new BlockEdit.JoinBlocks("Home"),
                new BlockEdit.JoinBlocks("Sea"),
                new BlockEdit.RemoveBlock("Home"),
                new BlockEdit.TakeBlockOut("Home"),
                new BlockEdit.TakeBlockOut("Sea"),
                new BlockEdit.TakeBlockOut("None"),
                new BlockEdit.KeepOrder("Home", Optional.empty()),
                new BlockEdit.Fill("Home", Optional.empty()),
                new BlockEdit.NameBlock("Home", Optional.of(NameRecipe.PLACE)),
                new BlockEdit.NameBlock("Home", Optional.empty()));
    }

    @Test
    void channels() {
        tells(
                """
                Put X @3 [Home0–2]ABCXE|[Sea6–7]D|||
                Put X @5 [Home0–2]ABC|EX[Sea6–7]D|||
                ! 3 channels are to go in, and 2 slots from 8 to 9 are free. Put in fewer, or start at an earlier slot.
                Put 3 channels from slot 3 @3 [Home0–2]ABCXEY[Sea6–7]DZ||
                ! The list has slots 0–9; slot 10 is none of them.
                Put block New at 8–9 @8 [Home0–2]ABC|E|[Sea6–7]D|[New8–9]XY
                ! No 3 slots in a row from 7 to 9 are free and outside every block. Start at an earlier slot, or make room.
                ! The list has slots 0–9; slot 10 is none of them.
                Edit BB @1 [Home0–2]ABC|E|[Sea6–7]D|||
                ! That channel is no longer in the list. Nothing was changed.
                Delete ECHO from slot 4 @4 [Home0–2]ABC|||[Sea6–7]D|||
                ! That channel is no longer in the list. Nothing was changed.
                Move ALFA to slot 4, out of block Home; ECHO takes slot 0 @4 [Home0–2]EBC|A|[Sea6–7]D||| Trip=CA Mine=EBC
                ! CHARLIE is pinned to slot 2. Unpin it with p to move it.
                ! CHARLIE is pinned to slot 2. Unpin it with p to move it.
                ! Pushing would move BRAVO out of block Home: no slot behind 1 is free there. Swap the two, or make room in the block.
                ! The list has slots 0–9; slot 10 is none of them.
                Move ALFA to slot 0 @0 [Home0–2]ABC|E|[Sea6–7]D|||
                Pin ALFA at slot 0 @0 [Home0–2]ABC|E|[Sea6–7]D|||
                Unpin CHARLIE at slot 2 @2 [Home0–2]ABC|E|[Sea6–7]D|||
                Show CHARLIE as CHRL where 5 characters fit @2 [Home0–2]ABC|E|[Sea6–7]D|||
                Shorten CHARLIE by rule where 5 characters fit @2 [Home0–2]ABC|E|[Sea6–7]D|||
                ! A short name for 3 characters must have 1 to 3, was "CHRL". Nothing was changed.
                Lay repeater-off-air of DELTA aside @6 [Home0–2]ABC|E|[Sea6–7]D|||
                Look at repeater-off-air of DELTA again @6 [Home0–2]ABC|E|[Sea6–7]D|||
                Call the list Other @0 [Home0–2]ABC|E|[Sea6–7]D|||
                """,
                new ListEdit.Put(3, entries("X 146.520")),
                new ListEdit.Put(4, entries("X 146.520")),
                new ListEdit.Put(8, entries("X 146.520", "Y 146.535", "Z 146.550")),
                new ListEdit.Put(3, entries("X 146.520", "Y 146.535", "Z 146.550")),
                new ListEdit.Put(10, entries("X 146.520")),
                new ListEdit.PutBlock("New", 2, entries("X 146.520", "Y 146.535")),
                new ListEdit.PutBlock("New", 7, entries("X 146.520", "Y 146.535", "Z 146.550")),
                new ListEdit.PutBlock("New", 10, entries("X 146.520")),
                new ListEdit.Rewrite(id('B'), channel("BB 147.135+ 88.5"), "BB 147.135+ 88.5"),
                new ListEdit.Rewrite(id('X'), channel("BB 147.135+"), "BB 147.135+"),
                new ListEdit.Delete(id('E')),
                new ListEdit.Delete(id('X')),
                new ListEdit.Move(id('A'), 4, MoveWay.SWAP),
                new ListEdit.Move(id('A'), 2, MoveWay.SWAP),
                new ListEdit.Move(id('C'), 3, MoveWay.SWAP),
                new ListEdit.Move(id('E'), 1, MoveWay.PUSH),
                new ListEdit.Move(id('A'), 10, MoveWay.SWAP),
                new ListEdit.Move(id('A'), 0, MoveWay.SWAP),
                new ListEdit.Pin(id('A'), true),
                new ListEdit.Pin(id('C'), false),
                new ListEdit.ShortName(id('C'), 5, Optional.of("CHRL")),
                new ListEdit.ShortName(id('C'), 5, Optional.empty()),
                new ListEdit.ShortName(id('C'), 3, Optional.of("CHRL")),
                new ListEdit.LayAside(id('D'), new Dismissal("repeater-off-air", Field.LINE, "x")),
                new ListEdit.LookAgain(id('D'), "repeater-off-air", Field.LINE),
                new ListEdit.Rename("Other"));
    }

    @Test
    void many() {
        tells(
                """
                Close the gaps between 3 channels; 1 stands in another block now @1 [Home0–2]ABCED|[Sea6–7]||||
                ! They stand like that already. Nothing was changed.
                ! All of them are pinned, and pinned channels stay. Unpin some first.
                Move 2 channels to slot 8 and behind; 2 stand in another block now @8 [Home0–2]||C|E|[Sea6–7]D|AB Trip=CA Mine=C
                ! 3 channels cannot go to slot 8 and behind: up to slot 9 there is room for 2. Choose an earlier slot.
                ! The list has slots 0–9; slot 10 is none of them.
                ! All of them are pinned, and pinned channels stay. Unpin some first.
                Delete 2 channels; CHARLIE stayed, being pinned @0 [Home0–2]||C|E|[Sea6–7]D||| Trip=C Mine=C
                ! All of them are pinned, and pinned channels stay. Unpin some first.
                ! 1 channel is no longer in the list. Nothing was changed.
                ! No channel is chosen. Mark some with the space bar.
                Pin 2 channels @0 [Home0–2]ABC|E|[Sea6–7]D|||
                Pin 1 channel @2 [Home0–2]ABC|E|[Sea6–7]D|||
                Unpin 1 channel @2 [Home0–2]ABC|E|[Sea6–7]D|||
                Spread 2 channels, 5 slots apart; 1 stands in another block now @0 [Home0–2]A|C|EB[Sea6–7]D||| Trip=CA Mine=AC
                ! Slot 4 is where one of them would come to stand, and ECHO stands there. Move it first, or choose another distance.
                ! 2 channels from slot 0, 10 slots apart, would need slots up to 10, and the list ends at 9. Choose a smaller distance.
                ! 3 channels from slot 0, 5 slots apart, would need slots up to 10, and the list ends at 9. Choose a smaller distance.
                ! Channels can be spread 2 to 1000 slots apart, not 1. To bring them together, close the gaps.
                ! All of them are pinned, and pinned channels stay. Unpin some first.
                Rank 1 for 2 channels @0 [Home0–2]ABC|E|[Sea6–7]D|||
                ! They are so already. Nothing was changed.
                Proven on 2026-11-01: 1 channel @0 [Home0–2]ABC|E|[Sea6–7]D|||
                ! They are so already. Nothing was changed.
                Skip 2 channels @0 [Home0–2]ABC|E|[Sea6–7]D|||
                ! They are so already. Nothing was changed.
                All to BB @1 [Home0–2]ABC|E|[Sea6–7]D|||
                ! Some of them are no longer in the list. Nothing was changed.
                """,
                new ManyEdit.CloseGaps(ids("BED")),
                new ManyEdit.CloseGaps(ids("ABC")),
                new ManyEdit.CloseGaps(ids("C")),
                new ManyEdit.MoveMany(ids("AB"), 8),
                new ManyEdit.MoveMany(ids("ABD"), 8),
                new ManyEdit.MoveMany(ids("AB"), 10),
                new ManyEdit.MoveMany(ids("C"), 8),
                new ManyEdit.DeleteMany(ids("ABC")),
                new ManyEdit.DeleteMany(ids("C")),
                new ManyEdit.DeleteMany(ids("AX")),
                new ManyEdit.DeleteMany(List.of()),
                new ManyEdit.PinMany(ids("AB"), true),
                new ManyEdit.PinMany(ids("C"), true),
                new ManyEdit.PinMany(ids("C"), false),
                new ManyEdit.Spread(ids("AB"), 5),
                new ManyEdit.Spread(ids("AB"), 4),
                new ManyEdit.Spread(ids("AB"), 10),
                new ManyEdit.Spread(ids("ABE"), 5),
                new ManyEdit.Spread(ids("AB"), 1),
                new ManyEdit.Spread(ids("C"), 2),
                new ManyEdit.Rank(ids("AB"), Optional.of(1)),
                new ManyEdit.Rank(ids("AB"), Optional.empty()),
                new ManyEdit.Prove(ids("A"), Optional.of(LocalDate.of(2026, 11, 1))),
                new ManyEdit.Prove(ids("A"), Optional.empty()),
                new BankEdit.Scan(ids("AB"), Optional.of(false)),
                new BankEdit.Scan(ids("A"), Optional.empty()),
                new ManyEdit.RewriteMany(
                        List.of(new ListEdit.Rewrite(id('B'), channel("BB 147.135+"), "BB 147.135+")), 0, "All to BB"),
                new ManyEdit.RewriteMany(
                        List.of(new ListEdit.Rewrite(id('X'), channel("BB 147.135+"), "BB 147.135+")), 0, "All to BB"));
    }
}
