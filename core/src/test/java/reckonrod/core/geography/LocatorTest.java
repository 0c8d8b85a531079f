package reckonrod.core.geography;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The middles of fields, squares and subsquares, worked out by hand from 18 by 18, 10 by 10, 24 by 24 and 10 by 10 parts. */
class LocatorTest {
    @ParameterizedTest
    @CsvSource({
        "AA00, -89.5, -179",
        "RR99, 89.5, 179",
        "JJ00, 0.5, 1",
        "JJ00aa, 0.0208333, 0.0416667",
        "HN07, 47.5, -39",
        "HN07xm, 47.5208333, -38.0416667",
        "hn07XM, 47.5208333, -38.0416667",
        "' HN07xm ', 47.5208333, -38.0416667",
        "HN07xm50, 47.5020833, -38.0375",
        "RR99xx99, 89.9979167, 179.9958333"
    })
    void aLocatorIsTheMiddleOfItsField(String text, double latitude, double longitude) {
        Position middle = Locator.parse(text);
        assertThat(middle.latitudeDegrees()).isCloseTo(latitude, within(1e-7));
        assertThat(middle.longitudeDegrees()).isCloseTo(longitude, within(1e-7));
        assertThat(Locator.isLocator(text)).isTrue();
    }

    /** An edge belongs to the field north and east of it; the pole and the date line to the last there is. */
    @ParameterizedTest
    @CsvSource({
        "0, 0, JJ00aa",
        "-0.0001, -0.0001, II99xx",
        "47.5, -38, HN17am",
        "47.4999, -38.0001, HN07xl",
        "90, 180, RR99xx",
        "-90, -180, AA00aa",
        "-33.75, 151.25, QF56pg"
    })
    void aPlaceLiesInOneField(double latitude, double longitude, String locator) {
        assertThat(Locator.of(new Position(latitude, longitude))).isEqualTo(locator);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "HN",
                "HN0",
                "HN07x",
                "HN07xm5",
                "HN07xm501",
                "SN07",
                "HS07",
                "HN07yx",
                "HN07xy",
                "H107",
                "07HN",
                "HN 07",
                "HN07-xm"
            })
    void whatIsNoLocatorIsTold(String text) {
        assertThat(Locator.isLocator(text)).isFalse();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Locator.parse(text))
                .withMessageContaining("such as HN07xm, was \"" + text + "\"");
    }
}
