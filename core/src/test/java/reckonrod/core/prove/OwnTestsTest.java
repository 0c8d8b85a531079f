package reckonrod.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.Entries;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Trust;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.core.fieldlog.Seen;
import reckonrod.core.find.Finder;
import reckonrod.core.find.Found;
import reckonrod.core.find.UsualStation;
import reckonrod.core.geography.Position;

class OwnTestsTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final Position NEAR = new Position(47.51, -38.01);
    private static final Finder FINDER =
            new Finder(UsualStation.shipped().get(0).station(), R2, (latitude, longitude) -> 0, TODAY);
    private static final DirectoryEntry SKARRA =
            Entries.at("v:skarra", "Skarra", 47.5, -38).build();

    private static FieldTest test(String day, String line, Optional<Position> here, Seen seen) {
        return new FieldTest(
                UUID.randomUUID(),
                Instant.parse(day + "T12:00:00Z"),
                "",
                here,
                "",
                "SKARRA",
                line,
                Set.of(Seen.LIGHT, seen),
                0,
                "");
    }

    private static DirectoryEntry heeded(FieldTest... tests) {
        return new OwnTests(FINDER, R2, ZoneOffset.UTC).heeded(SKARRA, List.of(tests));
    }

    private static List<String> codes(DirectoryEntry entry) {
        return Trust.in(entry, TODAY).findings().stream()
                .map(each -> each.kind().code())
                .toList();
    }

    /** Two days of silence with the right channel are a doubt, one is a note; days before it was confirmed say nothing. */
    @Test
    void silenceOnSeveralDaysIsADoubt() {
        FieldTest first = test("2026-11-20", "145.310- 71.9", Optional.of(NEAR), Seen.NOTHING);
        FieldTest sameDay = test("2026-11-20", "145.310- 71.9", Optional.empty(), Seen.NOISE);
        FieldTest second = test("2026-11-22", "145.310- 71.9 SKARRA", Optional.empty(), Seen.NOTHING);
        FieldTest before = test("2026-05-22", "145.310- 71.9", Optional.of(NEAR), Seen.NOTHING);
        assertThat(codes(heeded(first, sameDay, before))).containsExactly("entry-silent-once");
        DirectoryEntry silent = heeded(first, second, before);
        assertThat(codes(silent)).containsExactly("entry-stays-silent");
        Found found = FINDER.from(NEAR, silent);
        assertThat(found.isRecommended()).isFalse();
        assertThat(FINDER.from(NEAR, SKARRA).isRecommended()).isTrue();
        List<Found> both = new ArrayList<>(List.of(
                found,
                FINDER.from(NEAR, Entries.at("v:other", "Other", 47.53, -38.04).build())));
        both.sort(Found.BY_USE);
        assertThat(both.get(1)).as("sinks behind its like").isEqualTo(found);
    }

    /** An answer ends it, whatever came before and with whatever channel. */
    @Test
    void anAnswerWipesTheSilenceBeforeItOut() {
        FieldTest silent = test("2026-11-20", "145.310- 71.9", Optional.of(NEAR), Seen.NOTHING);
        FieldTest later = test("2026-11-22", "145.310- 71.9", Optional.of(NEAR), Seen.NOTHING);
        FieldTest answered = test("2026-11-21", "145.310- 74.4", Optional.of(NEAR), Seen.TAIL);
        DirectoryEntry heeded = heeded(silent, answered, later);
        assertThat(heeded.standing().confirmedOn()).contains(LocalDate.of(2026, 11, 21));
        assertThat(codes(heeded)).containsExactly("entry-silent-once");
    }

    /** What was wrong with the channel or the place is not the repeater's fault. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "145.310-",
                "145.310- 74.4",
                "145.310 > 144.710 listen 71.9",
                "145.310- 71.9 listen 71.9",
                "145.310+ 71.9",
                "145.310 simplex 71.9",
                "145.310 listen only",
                "145.360- 71.9"
            })
    void aWrongChannelSaysNothingOfTheRepeater(String line) {
        assertThat(heeded(
                        test("2026-11-20", line, Optional.of(NEAR), Seen.NOTHING),
                        test("2026-11-22", line, Optional.of(NEAR), Seen.NOTHING)))
                .isEqualTo(SKARRA);
    }

    @Test
    void aPlaceOutOfReachSaysNothingOfTheRepeater() {
        Optional<Position> far = Optional.of(new Position(52, -30));
        assertThat(heeded(
                        test("2026-11-20", "145.310- 71.9", far, Seen.NOTHING),
                        test("2026-11-22", "145.310- 71.9", far, Seen.NOTHING)))
                .isEqualTo(SKARRA);
    }

    /** Both taps answer what would be asked; the light alone leaves the frequency open, and an answer outweighs the taps. */
    @ParameterizedTest
    @CsvSource({
        "light shown,,       expected, '',            2",
        "light shown, other, other,    '',            0",
        "light,,             '',       light-came-on, 0",
        "light,       other, other,    '',            0",
        "shown,,             '',       '',            0"
    })
    void whatWasTappedIsNotAsked(String seen, String answered, String press, String circumstance, int taps) {
        Set<Seen> tapped =
                Set.copyOf(Arrays.stream(seen.split(" ")).map(Seen::parse).toList());
        Tapped it = new Tapped(tapped, answered == null ? Map.of() : Map.of("press", answered));
        assertThat(it.answers().getOrDefault("press", "")).isEqualTo(press);
        assertThat(String.join(" ", it.circumstances())).isEqualTo(circumstance);
        assertThat(it.behind("press")).hasSize(taps);
        // What it says is in the knowledge.
        assertThat(new Diagnosis(Knowledge.shipped(), it.circumstances(), it.answers()).ranking())
                .isNotEmpty();
    }
}
