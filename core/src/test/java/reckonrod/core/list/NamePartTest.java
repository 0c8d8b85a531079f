package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.geography.Position;
import reckonrod.core.notation.Reckoner;

/** What each part makes of a channel, and what becomes of it where a channel has none of that. */
class NamePartTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Spot HARBOUR = new Spot("Harbour", new Position(47.39, -37.98));
    private static final Optional<Origin> SKARRA =
            Optional.of(new Origin("v:skarra", "QV0SK", "Skarra Head", Optional.of(new Position(47.5, -38.25))));
    private static final Optional<Origin> NOWHERE = Optional.of(new Origin("v:x", "", " ", Optional.empty()));

    private static Channel channel(String line) {
        return Reckoner.reckon(line, R2).channel().orElseThrow();
    }

    private static NameRecipe recipe(String parts) {
        List<NamePart> named =
                Arrays.stream(parts.split(" ", -1)).map(NamePart::valueOf).toList();
        return new NameRecipe(named, named.contains(NamePart.DISTANCE) ? Optional.of(HARBOUR) : Optional.empty());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            PLACE                  | SK 145.310- 71.9         | Skarra Head         | SK
            CALL_SIGN              | SK 145.310- 71.9         | QV0SK               | ''
            LISTEN                 | SK 145.310- 71.9         | 145.310             | 145.310
            LISTEN                 | SK 446.00625             | 446.00625           | 446.00625
            TALK                   | SK 145.310- 71.9         | 144.710             | 144.710
            TALK                   | SK 146.520               | ''                  | ''
            TALK                   | SK 162.550 listen-only   | ''                  | ''
            CROSS_BAND_TALK        | SK 145.310- 71.9         | ''                  | ''
            CROSS_BAND_TALK        | SK 145.350 > 433.475     | 433.475             | 433.475
            CROSS_BAND_TALK        | SK 146.520               | ''                  | ''
            CROSS_BAND_TALK        | SK 162.550 listen-only   | ''                  | ''
            TALK_TONE              | SK 145.310- 71.9         | 71.9                | 71.9
            TALK_TONE              | SK 145.310- D023I        | D023I               | D023I
            TALK_TONE              | SK 145.310- R88.5        | ''                  | ''
            TALK_TONE              | SK 145.310-              | ''                  | ''
            BAND                   | SK 145.310-              | 2m                  | 2m
            BAND                   | SK 446.000               | 70cm                | 70cm
            BAND                   | SK 162.550 listen-only   | ''                  | ''
            DISTANCE               | SK 145.310-              | 24km                | ''
            NUMBER                 | SK 145.310-              | 7                   | 7
            PLACE CALL_SIGN        | SK 145.310-              | Skarra Head QV0SK   | SK
            CALL_SIGN PLACE        | SK 145.310-              | QV0SK Skarra Head   | SK
            PLACE TALK TALK_TONE   | SK 146.520               | Skarra Head         | SK
            NUMBER BAND PLACE      | SK 145.310-              | 7 2m Skarra Head    | 7 2m SK
            DISTANCE NUMBER        | SK 145.310-              | 24km 7              | 7
            """)
    void aPartIsWhatTheChannelHasOfIt(String parts, String line, String taken, String typed) {
        NameRecipe recipe = recipe(parts);
        assertThat(recipe.nameOf(channel(line), SKARRA, 7, R2)).isEqualTo(taken);
        assertThat(recipe.nameOf(channel(line), NOWHERE, 7, R2)).isEqualTo(typed);
        assertThat(recipe.nameOf(channel(line), Optional.empty(), 7, R2)).isEqualTo(typed);
    }

    /** Where it stands nowhere yet it has no number; a name that would be too long loses parts from the right, and then letters. */
    @Test
    void aNameIsNoLongerThanANameCanBe() {
        assertThat(NameRecipe.of(NamePart.NUMBER).nameOf(channel("SK 145.310-"), SKARRA, -1, R2))
                .isEmpty();
        assertThat(NameRecipe.of(NamePart.NUMBER).nameOf(channel("SK 145.310-"), SKARRA, 0, R2))
                .isEqualTo("0");
        Optional<Origin> far = Optional.of(
                new Origin("v:far", "QV0FAR", "The farther of the two towers above the old quarry", Optional.empty()));
        String name = NameRecipe.of(NamePart.PLACE, NamePart.CALL_SIGN).nameOf(channel("SK 145.310-"), far, 1, R2);
        assertThat(name)
                .hasSizeLessThanOrEqualTo(Channel.MOST_NAME_CHARACTERS)
                .isEqualTo("The farther of the two towers above the old quarry"
                        .substring(0, Channel.MOST_NAME_CHARACTERS)
                        .strip());
        assertThat(NameRecipe.of(NamePart.CALL_SIGN, NamePart.PLACE, NamePart.LISTEN)
                        .nameOf(channel("SK 145.310-"), far, 1, R2))
                .as("what does not fit is left out, and what fits behind it goes in")
                .isEqualTo("QV0FAR 145.310");
    }

    @Test
    void aRecipeIsOfPartsThatAreThereOnce() {
        assertThatIllegalArgumentException().isThrownBy(NameRecipe::of).withMessageContaining("one part or several");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> NameRecipe.of(NamePart.PLACE, NamePart.BAND, NamePart.PLACE))
                .withMessageContaining("none of them twice");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> NameRecipe.of(NamePart.DISTANCE))
                .withMessageContaining("must say from where");
        assertThat(recipe("PLACE DISTANCE").words()).isEqualTo("place and distance from Harbour");
        assertThat(new NameRecipe(List.of(NamePart.PLACE), Optional.of(HARBOUR)))
                .as("a place that nothing is taken from is none of the recipe")
                .isEqualTo(NameRecipe.PLACE);
        assertThat(recipe("PLACE NUMBER").counts()).isTrue();
        assertThat(recipe("PLACE BAND").counts()).isFalse();
    }
}
