package reckonrod.core.image;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.fit.Carrying;
import reckonrod.core.fit.Fitter;
import reckonrod.core.layout.Annotation;
import reckonrod.core.radio.RadioSlot;

/**
 * The same few channels in the memory of every radio, byte by byte: {@code docs/images.md}. A change of it is a change of what is written
 * into radios; {@code -Ddocs.write} writes it anew, to be looked at.
 */
class GoldenImagesTest {
    private static final Path PAGE = Path.of("../docs/images.md");
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static final List<String> LINES = List.of(
            "SKARRA 145.310- T71.9", "PELL 441.150+ D025I R D025I low", "CALL 146.520", "WEATHER 162.550 R88.5 nfm");

    private static String page() {
        return """
                # The same channels in every radio's memory

                Written from the code by `mvn -pl core test -Dtest=GoldenImagesTest -Ddocs.write`; the build holds that it is so.
                The channels are

                %s

                packed into the radio's slots, in a memory that was empty (all slots free, everything else 0). The columns: the byte,
                what stands there, which bits where it is not all of them, what they hold, what they mean. Numbers of more than one
                byte stand as they lie in the memory.

                %s
                """.formatted(
                        LINES.stream().map(each -> "    " + each).collect(Collectors.joining("\n")),
                        RadioDefinitions.shipped().all().stream()
                                .filter(each -> each.memory().isPresent())
                                .map(GoldenImagesTest::radio)
                                .collect(Collectors.joining("\n\n")));
    }

    private static String radio(RadioDefinition radio) {
        byte[] empty = new byte[radio.layout().bytes()];
        for (int slot = radio.layout().slots().first();
                slot <= radio.layout().slots().last();
                slot++) {
            radio.layout().of(empty).free(slot);
        }
        NavigableMap<Integer, RadioSlot> contents = new TreeMap<>(new Fitter(
                        radio.model(),
                        R2,
                        new Carrying(new Carrying.Places.Packed(), java.util.Map.of(), java.util.Map.of()))
                .fit(Lists.of(R2, LINES.toArray(String[]::new)))
                .contents()
                .slots());
        byte[] memory =
                new ImageCodec(radio).encode(MemoryImage.of(empty), contents).toBytes();
        return "## " + radio.title() + "\n\n"
                + contents.entrySet().stream()
                        .map(each -> "Slot " + each.getKey() + ", "
                                + each.getValue().name() + ":\n\n```\n"
                                + Annotation.text(Annotation.of(radio.layout(), memory, each.getKey())) + "\n```")
                        .collect(Collectors.joining("\n\n"));
    }

    @Test
    void theBytesAreWhatThePageSays() throws IOException {
        if (System.getProperty("docs.write") != null) {
            Files.writeString(PAGE, page());
        }
        assertThat(page()).isEqualTo(Files.readString(PAGE));
    }
}
