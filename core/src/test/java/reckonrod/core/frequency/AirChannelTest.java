package reckonrod.core.frequency;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirChannelTest {
    @ParameterizedTest
    @CsvSource({
        "118.000, 118.000,    25 kHz",
        "118.005, 118.000,    8.33 kHz",
        "118.010, 118.008333, 8.33 kHz",
        "118.015, 118.016667, 8.33 kHz",
        "118.025, 118.025,    25 kHz",
        "118.030, 118.025,    8.33 kHz",
        "118.035, 118.033333, 8.33 kHz",
        "118.090, 118.091667, 8.33 kHz",
        "136.990, 136.991667, 8.33 kHz",
    })
    void aNameGivesCarrierAndSpacing(String name, String carrier, String spacing) {
        AirChannel channel = AirChannel.named(Frequency.parse(name)).orElseThrow();
        assertThat(channel.carrier().toMegahertzText()).isEqualTo(carrier);
        assertThat(channel.spacing()).hasToString(spacing);
    }

    /** Of the 3,799 figures from 118.000 to 136.990 every fifth is no name, and each carrier is on its raster. */
    @Test
    void everyFifthFigureIsNoName() {
        int names = 0;
        for (long hertz = 118_000_000; hertz <= 136_990_000; hertz += 5_000) {
            Frequency figure = Frequency.ofHertz(hertz);
            boolean missing = java.util.List.of("20", "45", "70", "95").contains(String.valueOf(hertz / 1_000 % 100));
            assertThat(AirChannel.named(figure).isEmpty()).as("%s", figure).isEqualTo(missing);
            if (missing) {
                assertThat(AirChannel.neighbours(figure)).hasSize(2);
            } else {
                AirChannel channel = new AirChannel(figure);
                assertThat(channel.spacing().contains(channel.carrier()))
                        .as("%s", figure)
                        .isTrue();
                boolean own = channel.carrier().hertz() % 25_000 != 0;
                assertThat(AirChannel.ofNarrowCarrier(channel.carrier()))
                        .isEqualTo(own ? java.util.Optional.of(channel) : java.util.Optional.empty());
                names++;
            }
        }
        assertThat(names).isEqualTo(3_040);
    }

    @Test
    void aMissingNameIsRefused() {
        assertThatThrownBy(() -> new AirChannel(Frequency.parse("132.820"))).hasMessageContaining("not end in 20");
    }
}
