package reckonrod.core.take;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Entries;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.find.Finder;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.BlockEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Filling;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Listening;
import reckonrod.core.list.NamePart;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.reach.Station;
import reckonrod.core.reach.Terrain;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.ReversedTone;

class TakingTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final BandPlan R1 = BandPlans.shipped().find("r1-europe").orElseThrow();
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

    private static Taken take(DirectoryEntry entry, BandPlan plan) {
        return Taking.all(List.of(entry), Lists.of(plan), NameRecipe.PLACE, plan, TODAY)
                .get(0);
    }

    /** What a directory publishes, by two plans: the frequency talked on is what counts. */
    @ParameterizedTest
    @CsvSource({
        "145.310, -0.600, r2, 144.710",
        "145.310, -, r2, 144.710",
        "147.135, +, r2, 147.735",
        "441.150, +, r2, 446.150",
        "145.6375, -, r1, 145.0375",
        "438.950, -, r1, 431.350",
        "145.350, > 433.475, r2, 433.475",
        "147.555, simplex, r2, 147.555"
    })
    void anEntryTalksWhereItSays(String output, String input, String plan, String talk) {
        Taken taken = take(
                Entries.at("v:1", "Skarra Head", 47.6, -38.2)
                        .line(output, input, "71.9")
                        .build(),
                plan.equals("r1") ? R1 : R2);
        Channel channel = taken.channel().orElseThrow();
        assertThat(channel.receive().toMegahertzText()).isEqualTo(output);
        assertThat(channel.transmit().orElseThrow().toMegahertzText()).isEqualTo(talk);
        assertThat(channel.name()).isEqualTo("Skarra Head");
    }

    /** What the entry leaves out goes the way of the plan, and that is told; where the plan leaves it open too nothing is made up. */
    @ParameterizedTest
    @CsvSource({
        "145.350, ±0.600, r2, 144.750, entry-direction-by-plan",
        "147.135, ±0.600, r2, 147.735, entry-direction-by-plan",
        "438.950, ±7.600, r1, 431.350, entry-direction-by-plan",
        "145.350, ±1.000, r2, none, entry-direction-open",
        "147.555, ±0.600, r2, none, entry-direction-open",
        "145.310, '', r2, 144.710, entry-shift-by-plan",
        "441.150, '', r2, 446.150, entry-shift-by-plan",
        "52.750, '', r2, none, entry-shift-open",
        "147.555, '', r2, 147.555, entry-without-shift"
    })
    void aShiftWithoutDirectionIsNeverTakenForSure(String output, String input, String plan, String talk, String told) {
        Taken taken = take(
                Entries.at("v:1", "Skarra Head", 47.6, -38.2)
                        .line(output, input, "")
                        .build(),
                plan.equals("r1") ? R1 : R2);
        assertThat(taken.channel()
                        .flatMap(Channel::transmit)
                        .map(Frequency::toMegahertzText)
                        .orElse("none"))
                .isEqualTo(talk);
        assertThat(taken.findings()).anySatisfy(each -> {
            assertThat(each.kind().code()).isEqualTo(told);
            assertThat(each.kind().severity()).isNotEqualTo(Severity.NOTE);
            assertThat(each.message()).doesNotContain("{");
        });
    }

    /** Where a repeater listens is one answer, whether a channel is taken from it or a silence is searched for. */
    @ParameterizedTest
    @CsvSource({
        "145.310, +",
        "145.310, -",
        "147.135, -",
        "441.150, -",
        "145.350, ±0.600",
        "145.350, ''",
        "147.555, ''",
        "145.310, > 144.715",
        "438.950, ''",
        "438.950, +",
        "438.950, ±7.600",
        "430.850, ''"
    })
    void theFinderKnowsTheSameInputAsTheChannelHas(String output, String input) {
        DirectoryEntry entry = Entries.at("v:1", "Skarra Head", 47.6, -38.2)
                .line(output, input, "")
                .build();
        int compared = 0;
        for (BandPlan plan : BandPlans.shipped().all()) {
            Finder finder = new Finder(Station.of(1.5, 0, 5), plan, Terrain.UNKNOWN, TODAY);
            Optional<Frequency> talk = Taking.channel(entry, plan).flatMap(Channel::transmit);
            if (talk.isPresent()) {
                compared++;
                assertThat(finder.input(entry))
                        .as("%s %s by %s", output, input, plan.shortTitle())
                        .isEqualTo(talk.get());
            }
        }
        assertThat(compared).isPositive();
    }

    /** Tones stay on their sides through the line and back, whatever they are. */
    @Test
    void tonesGoToTheirSidesAndTheLineReadsBackAsTheChannel() {
        for (Entries each : List.of(
                Entries.at("v:1", "A \"7\" R8", 47, -38)
                        .tones(CtcssTone.parse("71.9"), CtcssTone.parse("88.5"))
                        .flags(Set.of(DirectoryFlag.LINKED, DirectoryFlag.EMERGENCY_POWER)),
                Entries.at("v:1", "B", 47, -38).tones(DcsCode.parse("023N"), DcsCode.parse("047I")),
                Entries.at("v:1", "C", 47, -38)
                        .tones(CtcssTone.parse("100.0"), new ReversedTone(CtcssTone.parse("88.5")))
                        .mode(Mode.NFM))) {
            DirectoryEntry entry = each.build();
            Taken taken = take(entry, R2);
            Channel channel = taken.channel().orElseThrow();
            assertThat(channel.talkTone()).isEqualTo(entry.signal().talkTone());
            assertThat(channel.listenTone()).isEqualTo(entry.signal().listenTone());
            assertThat(channel.flags()).isEqualTo(entry.standing().flags());
            assertThat(Reckoner.reckon(taken.line(), R2).channel()).contains(channel);
        }
    }

    @Test
    void namesFollowTheRecipeAndDoNotClash() {
        List<DirectoryEntry> entries = List.of(
                Entries.at("v:1", "Skarra", 47, -38).build(),
                Entries.at("v:2", "Skarra", 47, -38).line("441.150", "+", "").build(),
                Entries.at("v:3", "Harbour of the northern fells of Pell", 47, -38)
                        .build());
        assertThat(Taking.all(entries, Lists.of(R2, "skarra 146.550"), NameRecipe.PLACE, R2, TODAY))
                .extracting(taken -> taken.channel().orElseThrow().name())
                .containsExactly("Skarra 145.310", "Skarra 441.150", "Harbour of the northern fells of");
        assertThat(Taking.all(entries, Lists.of(R2), NameRecipe.of(NamePart.CALL_SIGN, NamePart.LISTEN), R2, TODAY))
                .extracting(taken -> taken.channel().orElseThrow().name())
                .startsWith("QV0SK 145.310", "QV0SK 441.150");
    }

    /** Names that count, and names of a block of its own, are made for where a channel comes to stand. */
    @Test
    void whatGoesIntoABlockIsNamedByTheRecipeOfTheBlock() {
        ChannelList list = Lists.of(R2, "A 146.550");
        for (ListEdit edit : List.of(
                new BlockEdit.AddBlock("REPEATERS", new SlotRange(10, 19)),
                new BlockEdit.Fill(
                        "REPEATERS",
                        Optional.of(new Filling(
                                new Belongs(
                                        List.of(),
                                        Set.of(Belongs.Use.REPEATER),
                                        Optional.empty(),
                                        Set.of(),
                                        Set.of(),
                                        List.of(),
                                        Optional.empty()),
                                0,
                                new Filling.WhenFull.Refuse()))),
                new BlockEdit.NameBlock(
                        "REPEATERS", Optional.of(NameRecipe.of(NamePart.NUMBER, NamePart.CALL_SIGN))))) {
            list = edit.applyTo(list).fold(ListChange.Changed::list, refused -> {
                throw new AssertionError(refused.reason());
            });
        }
        List<ListEntry> entries = Taking.all(
                        List.of(
                                Entries.at("v:1", "Skarra", 47, -38).build(),
                                Entries.at("v:2", "Holm", 47, -38)
                                        .line("441.150", "+", "")
                                        .build(),
                                Entries.at("v:3", "Bay", 47, -38)
                                        .line("147.510", "simplex", "")
                                        .build()),
                        list,
                        list.naming(),
                        R2,
                        TODAY)
                .stream()
                .flatMap(each -> each.listEntry(UUID.randomUUID()).stream())
                .toList();
        ListChange.Changed taken =
                (ListChange.Changed) TakenNames.taking(list, list.naming(), Optional.empty(), 1, entries, R2)
                        .applyTo(list);
        assertThat(taken.list().entries().values())
                .extracting(each -> each.channel().name())
                .containsExactly("A", "Bay", "1 QV0SK", "2 QV0SK");
        assertThat(taken.list().entries().values())
                .allSatisfy(each -> assertThat(each.line()).isEqualTo(each.published()))
                .allSatisfy(each ->
                        assertThat(Reckoner.reckon(each.line(), R2).channel()).contains(each.channel()));
    }

    @Test
    void anOpenListTakesNoChannelThatWaitsForATone() {
        ChannelList list = Lists.of(R2);
        list = list.meant(list.intent().listening(Listening.OPEN));
        DirectoryEntry entry = Entries.at("v:1", "Skarra", 47, -38)
                .tones(CtcssTone.parse("71.9"), CtcssTone.parse("88.5"))
                .build();
        assertThat(Taking.all(List.of(entry), list, NameRecipe.PLACE, R2, TODAY)
                        .get(0)
                        .line())
                .contains("71.9")
                .doesNotContain("88.5");
    }

    /** Digital voice is no channel for an FM radio; a doubtful entry is taken, and says what is doubtful. */
    @Test
    void findingsComeBeforeTheChannel() {
        Taken digital = take(Entries.at("v:1", "D", 47, -38).mode(Mode.DIGITAL).build(), R2);
        assertThat(digital.channel()).isEmpty();
        assertThat(digital.listEntry(new UUID(0, 7))).isEmpty();
        assertThat(codes(digital.findings())).contains("entry-digital");
        Taken silent = take(Entries.at("v:1", "S", 47, -38).state(State.OFF_AIR).build(), R2);
        assertThat(codes(silent.findings())).contains("entry-off-air");
        Taken twice = Taking.all(
                        List.of(Entries.at("v:1", "S", 47, -38).build()),
                        Lists.of(R2, "A 147.555", "OTHER 145.310- 71.9"),
                        NameRecipe.PLACE,
                        R2,
                        TODAY)
                .get(0);
        assertThat(twice.findings())
                .extracting(Finding::message)
                .contains("OTHER in slot 1 has the same pair and tones.");
        assertThat(silent.listEntry(new UUID(0, 7)).orElseThrow().directoryId()).isEqualTo("v:1");
    }

    /** A change of the entry is told with the way to follow it; a change that the person made is not. */
    @Test
    void aTakenChannelKnowsWhenItsEntryChanges() {
        DirectoryEntry then = Entries.at("v:1", "Skarra", 47, -38).build();
        ListEntry taken = take(then, R2).listEntry(new UUID(0, 7)).orElseThrow();
        assertThat(DirectoryLink.findings(taken, then, R2, TODAY)).isEmpty();
        ListEntry own = taken.withChannel(
                taken.channel()
                        .withTones(CtcssTone.parse("100.0"), taken.channel().listenTone()),
                "typed over");
        assertThat(DirectoryLink.findings(own, then, R2, TODAY)).isEmpty();

        DirectoryEntry now = Entries.at("v:1", "Skarra", 47, -38)
                .line("145.310", "-0.600", "88.5")
                .build();
        Finding changed = DirectoryLink.findings(taken, now, R2, TODAY).get(0);
        assertThat(changed.message()).contains("Skarra", "145.310 -0.600 T88.5 now", "145.310 -0.600 T71.9");
        Edit.ReplaceChannel edit = (Edit.ReplaceChannel) changed.fixes().get(0).edit();
        assertThat(edit.channel().talkTone()).isEqualTo(CtcssTone.parse("88.5"));
        assertThat(edit.channel().name()).isEqualTo("Skarra");
        assertThat(DirectoryLink.findings(taken.withChannel(edit.channel(), "x"), now, R2, TODAY))
                .isEmpty();
        assertThat(codes(DirectoryLink.findings(taken, then.in(State.NO_LONGER_LISTED), R2, TODAY)))
                .containsExactly("entry-no-longer-listed");
    }

    private static List<String> codes(List<Finding> findings) {
        return findings.stream().map(each -> each.kind().code()).toList();
    }
}
