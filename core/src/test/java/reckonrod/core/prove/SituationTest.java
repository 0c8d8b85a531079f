package reckonrod.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Entries;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.directory.Trust;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.prove.Situation.Holding;
import reckonrod.core.tone.CtcssTone;

class SituationTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final Knowledge KNOWLEDGE = Knowledge.shipped();

    private static Channel channel(String line) {
        return Reckoner.reckon(line, R2).channel().orElseThrow();
    }

    private static Situation situation(String line, DirectoryEntry entry, double margin, Holding holding) {
        return new Situation(
                channel(line),
                Optional.of(new Situation.Listed(entry, Frequency.parse("144.710"), Trust.in(entry, TODAY))),
                OptionalDouble.of(margin),
                holding,
                false,
                false);
    }

    private static String first(Situation situation) {
        return new Diagnosis(KNOWLEDGE, situation.circumstances(), Map.of())
                .ranking()
                .get(0)
                .cause()
                .id();
    }

    /** What the list has otherwise than the directory stands first without a question, and its remedy makes the channel right. */
    @ParameterizedTest
    @CsvSource(textBlock = """
                    145.310-,                      tone-missing
                    145.310 > 144.710 listen 71.9, tone-side
                    145.310- 74.4,                 tone-other
                    145.310+ 71.9,                 talk-side
                    145.310 -0.060 71.9,           talk-distance
                    145.310 simplex 71.9,          talk-distance
                    145.360- 71.9,                 output
                    145.310- 71.9 listen 71.9,     listen-tone
                    145.310- 71.9 am,              emission
                    """)
    void aDifferenceFromTheDirectoryStandsFirst(String line, String cause) {
        DirectoryEntry entry = Entries.at("v:skarra", "Skarra", 47.5, -38).build();
        Situation situation = situation(line, entry, 15, Holding.UNKNOWN);
        assertThat(first(situation)).isEqualTo(cause);
        Cause.Mend mend = KNOWLEDGE.cause(cause).orElseThrow().mend().orElseThrow();
        Channel right =
                new Mending(R2).mended(mend, channel(line), Optional.of(entry)).orElseThrow();
        assertThat(right.onAir()).isEqualTo(channel("145.310- 71.9").onAir());
        assertThat(new Mending(R2).mended(mend, right, Optional.of(entry)))
                .as("nothing is left to mend")
                .isEmpty();
    }

    /** With the channel as the directory has it, the entry, the place and the radio decide. */
    @Test
    void whatElseIsKnownDecides() {
        Entries skarra = Entries.at("v:skarra", "Skarra", 47.5, -38);
        String right = "145.310- 71.9";
        assertThat(first(situation(right, skarra.build(), -8, Holding.AS_LISTED)))
                .isEqualTo("out-of-reach");
        assertThat(first(situation(right, skarra.build(), 30, Holding.OTHERWISE)))
                .isEqualTo("not-loaded");
        assertThat(first(situation(right, skarra.build(), 30, Holding.KEYED))).isEqualTo("tone-off");
        assertThat(first(situation("145.310 listen only", skarra.build(), 30, Holding.AS_LISTED)))
                .isEqualTo("talk-locked");
        assertThat(first(situation(right, skarra.state(State.OFF_AIR).build(), 30, Holding.AS_LISTED)))
                .isEqualTo("dead");
        assertThat(first(situation(
                        right, skarra.state(State.ON_AIR).mode(Mode.DIGITAL).build(), 30, Holding.AS_LISTED)))
                .isEqualTo("digital");
    }

    /** A channel that talks on what it listens to, where no repeater is known, is not blamed on a repeater. */
    @Test
    void onADirectChannelNobodyMayHaveListened() {
        Situation direct = new Situation(
                channel("146.520"), Optional.empty(), OptionalDouble.empty(), Holding.UNKNOWN, false, false);
        assertThat(first(direct)).isEqualTo("nobody");
        assertThat(new Diagnosis(KNOWLEDGE, direct.circumstances(), Map.of()).open())
                .extracting(Question::id)
                .doesNotContain("others", "search");
        Situation shifted = new Situation(
                channel("146.940-"), Optional.empty(), OptionalDouble.empty(), Holding.UNKNOWN, false, false);
        assertThat(first(shifted)).isNotEqualTo("nobody");
    }

    /** What nobody knows is not guessed; a remedy that needs no directory is there all the same. */
    @Test
    void withoutADirectoryOnlyWhatIsKnownIsSaid() {
        Channel alone = channel("145.310 > 144.710 listen 71.9")
                .withTones(channel("145.310- 71.9").listenTone(), CtcssTone.parse("71.9"));
        Situation situation =
                new Situation(alone, Optional.empty(), OptionalDouble.empty(), Holding.UNKNOWN, true, true);
        assertThat(situation.circumstances())
                .containsExactlyInAnyOrder("most-power", "answered-elsewhere", "answered-before");
        assertThat(new Mending(R2).mended(Cause.Mend.TONES, alone, Optional.empty()))
                .map(Channel::talkTone)
                .contains(CtcssTone.parse("71.9"));
        assertThat(new Mending(R2).mended(Cause.Mend.PAIR, channel("145.310-"), Optional.empty()))
                .map(each -> each.transmit().orElseThrow())
                .contains(Frequency.parse("145.910"));
    }

    /** Which circumstances hold, one by one: what the channel has against what the directory says. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.310- 71.9                 | listens-for-nothing most-power reach-likely entry-fresh mode-same output-same talk-same talk-tone-same
            145.310- 71.9 low nfm         | listens-for-nothing low-power reach-likely entry-fresh mode-same output-same talk-same talk-tone-same
            145.310- 71.9 am              | listens-for-nothing most-power reach-likely entry-fresh mode-other output-same talk-same talk-tone-same
            145.310-                      | listens-for-nothing most-power reach-likely entry-fresh mode-same output-same talk-same no-talk-tone
            145.310- T88.5                | listens-for-nothing most-power reach-likely entry-fresh mode-same output-same talk-same talk-tone-other
            145.310- R71.9                | most-power reach-likely entry-fresh mode-same output-same talk-same talk-tone-listens listen-tone-unpublished
            145.310- R88.5                | most-power reach-likely entry-fresh mode-same output-same talk-same other-tone-listens listen-tone-unpublished
            145.310+ 71.9                 | listens-for-nothing most-power reach-likely entry-fresh mode-same output-same talk-side-other talk-tone-same
            145.310 > 144.500 71.9        | listens-for-nothing most-power reach-likely entry-fresh mode-same output-same talk-distance-other talk-tone-same
            145.360- 71.9                 | listens-for-nothing most-power reach-likely entry-fresh mode-same output-other talk-same talk-tone-same
            145.310 listen only           | never-talks listens-for-nothing most-power reach-likely entry-fresh mode-same output-same no-talk-tone
            """)
    void whatHoldsIsToldOneByOne(String line, String told) {
        DirectoryEntry entry = Entries.at("v:skarra", "Skarra", 47.5, -38).build();
        assertThat(situation(line, entry, 10, Holding.UNKNOWN).circumstances())
                .containsExactlyInAnyOrder(told.split(" ", -1));
    }

    @ParameterizedTest
    @CsvSource({
        "20, reach-good",
        "19.9, reach-likely",
        "10, reach-likely",
        "9.9, reach-marginal",
        "0, reach-marginal",
        "-0.1, reach-unlikely"
    })
    void theMarginIsToldInSteps(double margin, String told) {
        DirectoryEntry entry = Entries.at("v:skarra", "Skarra", 47.5, -38).build();
        assertThat(situation("145.310- 71.9", entry, margin, Holding.UNKNOWN).circumstances())
                .filteredOn(each -> each.startsWith("reach-"))
                .containsExactly(told);
    }

    @Test
    void whatTheRadioHoldsAndWhatTheEntryIsWorthIsTold() {
        Entries skarra = Entries.at("v:skarra", "Skarra", 47.5, -38);
        assertThat(situation("145.310- 71.9", skarra.build(), 30, Holding.AS_LISTED)
                        .circumstances())
                .contains("holds-list");
        assertThat(situation(
                                "145.310- 71.9",
                                skarra.confirmed(LocalDate.of(2024, 6, 1)).build(),
                                30,
                                Holding.KEYED)
                        .circumstances())
                .contains("keyed-by-hand", "entry-ageing");
        assertThat(situation(
                                "145.310- 71.9",
                                skarra.confirmed(LocalDate.of(2019, 1, 1))
                                        .state(State.OFF_AIR)
                                        .build(),
                                30,
                                Holding.OTHERWISE)
                        .circumstances())
                .contains("holds-otherwise", "entry-old", "entry-off-air");
        assertThat(situation("145.310- 71.9", skarra.mode(Mode.DIGITAL).build(), 30, Holding.UNKNOWN)
                        .circumstances())
                .contains("entry-digital")
                .doesNotContain("mode-same", "mode-other");
        DirectoryEntry open = Entries.at("v:o", "Open", 47.5, -38)
                .line("145.310", "-0.600", "")
                .tones(reckonrod.core.tone.NoTone.NONE, CtcssTone.parse("100.0"))
                .build();
        assertThat(situation("145.310- R100.0", open, 30, Holding.UNKNOWN).circumstances())
                .contains("needs-no-tone", "listen-tone-published");
    }

    @ParameterizedTest
    @CsvSource({
        "0.80, almost certainly",
        "0.795, almost certainly",
        "0.794, probably",
        "0.50, probably",
        "0.494, perhaps",
        "0.20, perhaps",
        "0.194, hardly",
        "0.05, hardly",
        "0.044, unlikely"
    })
    void aShareIsAWordAsItsPercentIs(double share, String word) {
        Cause cause = KNOWLEDGE.cause("tone-missing").orElseThrow();
        assertThat(new Diagnosis.Ranked(cause, share, java.util.List.of()).words())
                .isEqualTo(word);
    }
}
