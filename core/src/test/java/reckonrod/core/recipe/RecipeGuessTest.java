package reckonrod.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.channel.Channel;
import reckonrod.core.frequency.Frequency;

/**
 * Examples of tables that nobody described, and the channels that the recipe made of them reads: frequencies, then the tones of talking
 * and listening. What could be read in two ways is left open by name ({@code ? Offset}), and its rows say what is missing.
 */
class RecipeGuessTest {
    static Stream<String> examples() {
        return Stream.of("""
            Name,Freq,Offset,Dir,Tone
            SKARRA,145.310,0.600,-,71.9
            LEG,147.510,0.600,,
            ?
            SKARRA 145.310 > 144.710 71.9 -
            LEG 147.510 > 147.510 - -

            Name,Freq,Duplex,Offset,Tone
            SKARRA,145.310,-,0.600,71.9
            FERRY,145.350,split,433.475,
            ?
            SKARRA 145.310 > 144.710 71.9 -
            FERRY 145.350 > 433.475 - -

            Name,Freq,Dir,Offset kHz
            SKARRA,145.310,-,600
            FERRY,145.350,split,433475
            ?
            SKARRA 145.310 > 144.710 - -
            FERRY 145.350 > 433.475 - -

            Name,Freq,Offset,Tone
            SKARRA,145.310,0.600,71.9
            ? Offset
            no column says where it talks

            Name,Rx,Shift,Tone,DCS
            SKARRA,145.310,-0.6,71.9,
            OST,441.150,5,,114
            ?
            SKARRA 145.310 > 144.710 71.9 -
            OST 441.150 > 446.150 114 -

            Name,Freq,Shift,Tone Mode,Tone,Tone Sql,DCS
            SKARRA,145.310,-0.6,Tone,71.9,88.5,023
            PELL,147.135,0.6,TSQL,127.3,127.3,023
            LEG,147.510,0.0,,88.5,88.5,023
            OST,441.150,5.0,DTCS,88.5,88.5,114
            ?
            SKARRA 145.310 > 144.710 71.9 -
            PELL 147.135 > 147.735 127.3 127.3
            LEG 147.510 > 147.510 - -
            OST 441.150 > 446.150 114 114

            Name,Freq,Shift,Tone Mode,Tone,Tone Sql
            PELL,147.135,0.6,TSQL,88.5,127.3
            LOW,145.310,-0.6,Tone,88.5,127.3
            ? Tone Mode Tone Tone Sql
            PELL 147.135 > 147.735 - -
            LOW 145.310 > 144.710 - -

            Name,Freq,Shift,Tone Mode,Tone
            PELL,147.135,0.6,Weird,127.3
            LOW,145.310,-0.6,Tone,88.5
            ? Tone Mode Tone
            PELL 147.135 > 147.735 - -
            LOW 145.310 > 144.710 - -

            Name,Freq,Shift,Tone type,Tone
            PELL,147.135,0.6,tone,127.3
            LOW,145.310,-0.6,enc,88.5
            ? Tone type Tone
            PELL 147.135 > 147.735 - -
            LOW 145.310 > 144.710 - -

            Name,Freq,Shift,Step,Sub
            PELL,147.135,0.6,12.5,127.3
            LOW,145.310,-0.6,12.5,88.5
            ? Step
            PELL 147.135 > 147.735 127.3 -
            LOW 145.310 > 144.710 88.5 -
            """.split("\n\n"));
    }

    @ParameterizedTest
    @MethodSource("examples")
    void whatIsGuessedIsWhatWasMeantOrLeftOpen(String told) {
        List<String> lines = told.lines().map(String::strip).toList();
        int mark = lines.indexOf(
                lines.stream().filter(line -> line.startsWith("?")).findFirst().orElseThrow());
        String example = String.join("\n", lines.subList(0, mark)) + "\n";
        RecipeGuess guess = RecipeGuess.of("Mine", example);
        assertThat(Stream.concat(
                                Stream.of(("? " + String.join(" ", guess.open())).strip()),
                                new RecipeTable(guess.recipe())
                                        .read(example).stream().map(RecipeGuessTest::says))
                        .collect(Collectors.joining("\n")))
                .isEqualTo(String.join("\n", lines.subList(mark, lines.size())));
    }

    private static String says(RecipeTable.ReadRow row) {
        return row.channel().map(RecipeGuessTest::says).orElse(row.fault());
    }

    private static String says(Channel channel) {
        return "%s %s > %s %s %s"
                .formatted(
                        channel.name(),
                        channel.receive().toMegahertzText(),
                        channel.transmit().map(Frequency::toMegahertzText).orElse("-"),
                        tone(channel.talkTone().text()),
                        tone(channel.listenTone().text()));
    }

    private static String tone(Optional<String> tone) {
        return tone.map(text -> text.replaceAll("CTCSS |DCS | N", "")).orElse("-");
    }
}
