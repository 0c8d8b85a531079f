package reckonrod.core.definition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.datafile.DataFileException;
import reckonrod.core.fit.Carrying;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.list.ChannelList;
import reckonrod.core.radio.LimitFacts;

/** Definitions of all radios, mistyped in thousands of ways: each is refused with its line, or does all that a definition does. */
class DefinitionFuzzTest {
    // -Dmutants=300 for longer.
    private static final int MUTANTS = Integer.getInteger("mutants", 120);
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final ChannelList LIST = Lists.of(
            R2,
            "CALL 146.520",
            "SKARRA 145.310- T71.9",
            "PELL 441.150+ D025I R D023N low",
            "AIR 132.800 am",
            "FERRY X 145.350 > 433.475",
            "WEATHER 162.550 nfm",
            "ÄÖ long name indeed 147.135+ R100.0",
            "MID 446.000 mid");
    private static final List<String> NUMBERS = List.of(
            "0",
            "1",
            "-1",
            "2",
            "7",
            "8",
            "31",
            "63",
            "64",
            "255",
            "256",
            "1000",
            "9999",
            "16777215",
            "99999999999",
            "0.5");
    private static final List<String> WORDS = List.of(
            "[]",
            "{}",
            "\"\"",
            "~",
            "yes",
            "[[]]",
            "receive",
            "banks",
            "polarity",
            "direction",
            "map: 0",
            "&a [*a]",
            "\"1-2\"",
            "AM");

    static Stream<String> shipped() {
        return RadioDefinitions.shipped().all().stream().map(RadioDefinition::id);
    }

    private static String mutant(String yaml, Random random) {
        List<String> lines = new ArrayList<>(yaml.lines().toList());
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            int at = random.nextInt(lines.size());
            String line = lines.get(at);
            switch (random.nextInt(6)) {
                case 0 -> lines.remove(at);
                case 1 -> lines.add(random.nextInt(lines.size()), line);
                case 2 -> lines.set(at, line.replaceFirst("[0-9]+(\\.[0-9]+)?", one(NUMBERS, random)));
                case 3 -> lines.set(at, line.replaceFirst(": .*", ": " + one(WORDS, random)));
                case 4 -> lines.set(at, line.replaceFirst("\\[[^\\[\\]]*\\]", one(WORDS, random)));
                default -> lines.set(at, line.replaceAll("[0-9]+(?=[^0-9]*$)", one(NUMBERS, random)));
            }
        }
        return String.join("\n", lines);
    }

    private static String one(List<String> from, Random random) {
        return java.util.regex.Matcher.quoteReplacement(from.get(random.nextInt(from.size())));
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void whatIsNotRefusedWorks(String id) {
        String yaml = RadioDefinitions.shippedText(id);
        Random random = new Random(id.hashCode());
        int read = 0;
        for (int i = 0; i < MUTANTS; i++) {
            String mutant = mutant(yaml, random);
            RadioDefinition radio;
            try {
                radio = RadioDefinitions.read("mutant.yaml", mutant);
            } catch (DataFileException refused) {
                assertThat(refused.faults()).allMatch(each -> each.matches("(?s)mutant.yaml:\\d+: .+"));
                continue;
            }
            read++;
            try {
                works(radio, random);
            } catch (RuntimeException | AssertionError broken) {
                throw new AssertionError("Mutant " + i + " of " + id + " was read and breaks:\n" + mutant, broken);
            }
        }
        assertThat(read).as("mutants of %s that were read", id).isGreaterThan(20);
    }

    private static void works(RadioDefinition radio, Random random) {
        assertThat(LimitFacts.of(radio.limits())).isNotEmpty();
        for (Carrying.Places places :
                List.of(new Carrying.Places.Same(), new Carrying.Places.Packed(), new Carrying.Places.Moved(1))) {
            FitReport fitted = new Fitter(radio.model(), R2, new Carrying(places, Map.of(), Map.of())).fit(LIST);
            assertThat(fitted.placements()).hasSize(LIST.entries().size());
            radio.memory().ifPresent(layout -> {
                ImageCodec codec = new ImageCodec(radio);
                byte[] bytes = new byte[layout.bytes()];
                MemoryImage image = codec.encode(MemoryImage.of(bytes), fitted.contents());
                fitted.contents()
                        .slots()
                        .forEach((slot, content) -> assertThat(
                                        codec.decode(image, slot).flatMap(each -> each.content()))
                                .as("slot %d", slot)
                                .isEqualTo(Optional.of(content)));
                random.nextBytes(bytes);
                codec.decode(MemoryImage.of(bytes));
                codec.settings(MemoryImage.of(bytes));
            });
        }
    }
}
