package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.list.ChannelList;
import reckonrod.core.radio.LimitFacts;
import reckonrod.core.tone.Tone;

/** What a list needs of a radio, and whether two radios that have it get on. */
class TogetherTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static FitReport fit(String radio, ChannelList list, Carrying carrying) {
        RadioDefinition definition = RadioDefinitions.shipped().find(radio).orElseThrow();
        return new Fitter(definition.model(), R2, carrying).fit(list);
    }

    private static Together together(String radio, String line, Carrying carrying) {
        ChannelList list = Lists.of(R2, "FIRST 146.400", line);
        return Together.of(fit("wrenling-w12", list, Carrying.AS_LISTED), fit(radio, list, carrying));
    }

    private static Carrying otherTone(String tone) {
        return new Carrying(
                new Carrying.Places.Same(),
                Map.of(),
                Map.of(
                        new UUID(0, 1),
                        new Carrying.Overrule(false, false, Optional.empty(), Optional.of(Tone.parse(tone)))));
    }

    /** The channel is in both radios; one of them sends another tone on purpose. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A 146.520                | none        |
            A 146.520                | CTCSS 88.5  |
            A 146.520 T71.9 R71.9    | CTCSS 71.9  |
            A 146.520 T71.9 R71.9    | CTCSS 88.5  | one waits for CTCSS 71.9 and the other sends CTCSS 88.5
            A 146.520 T71.9 R71.9    | none        | one waits for CTCSS 71.9 and the other sends none
            A 146.520 R71.9          | CTCSS 71.9  | one waits for CTCSS 71.9 and the other sends none
            A 145.310- T71.9         | CTCSS 71.9  |
            A 145.310- T71.9 R71.9   | CTCSS 71.9  |
            A 145.310- T71.9         | CTCSS 88.5  | one sends CTCSS 71.9 and the other CTCSS 88.5, so one may not open the repeater
            A 145.310- D023N         | DCS 047 I   |
            A 145.310- D023N         | DCS 023 I   | one sends DCS 023 N and the other DCS 023 I, so one may not open the repeater
            """)
    void tonesDecideWhetherTheyHearEachOther(String line, String tone, String why) {
        Together pair = together("wrenling-w12", line, otherTone(tone));
        assertThat(pair.both()).isEqualTo(why == null ? java.util.List.of("FIRST", "A") : java.util.List.of("FIRST"));
        assertThat(pair.hindered())
                .extracting(Together.Hindered::why)
                .isEqualTo(why == null ? java.util.List.of() : java.util.List.of(why));
    }

    @Test
    void whatOnlyOneTalksOnIsNamed() {
        Together pair = together("orvane-ot9", "X 145.350 > 433.475", Carrying.AS_LISTED);
        assertThat(pair.onlyFirst()).containsExactly("FIRST", "X");
        assertThat(pair.onlySecond()).isEmpty();
        assertThat(together("wrenling-w12", "WEATHER 162.550", Carrying.AS_LISTED)
                        .both())
                .containsExactly("FIRST");
    }

    private static Map<String, String> needs(String... lines) {
        return Needs.of(Lists.of(R2, lines), R2).stream()
                .collect(Collectors.toMap(LimitFacts.Fact::name, LimitFacts.Fact::words));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A 146.520                       | Shift            | none
            A 145.310-                      | Shift            | one size for each band, in multiples of 50 kHz
            A 145.310-;B 145.330 > 144.330  | Shift            | a size for each slot, in multiples of 50 kHz
            A 145.310-;B 145.350 > 433.475  | Shift            | any pair: some talk in another band than they listen in
            A 145.310 > 144.720             | Shift            | any pair: some are no multiple of 50 kHz
            A 146.520 T71.9                 | Tones sent       | the 38 CTCSS tones
            A 146.520 T69.3                 | Tones sent       | the 50 CTCSS tones
            A 146.520 D025I                 | Tones sent       | the 83 DCS codes, inverted too
            A 146.520 T71.9                 | Tones waited for | none
            AIR 132.800 am;A 146.520        | Kinds            | FM, AM
            AIR 132.800 am;A 146.520        | Listens on       | 2 m, 132.800 MHz besides
            AIR 132.800 am;A 146.520        | Talks on         | 2 m
            Long name 146.520               | Names            | 9 characters, small letters too
            """)
    void aListNeedsNoMoreThanItSays(String lines, String what, String words) {
        assertThat(needs(lines.split(";"))).containsEntry(what, words);
    }

    @Test
    void anEmptyListNeedsNothing() {
        assertThat(needs()).isEmpty();
    }
}
