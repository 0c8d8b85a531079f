package reckonrod.core.geography;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PositionReaderTest {
    /** One place in every form that people write one; the grids are as coarse as their last digit. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "47.5123 -38.0456",
                "47.5123, -38.0456",
                "47,5123 -38,0456",
                "47,5123; -38,0456",
                "47.5123N 38.0456W",
                "N47.5123 W38.0456",
                "W 38.0456, N 47.5123",
                "47 30.738 N 38 2.736 W",
                "47°30.738' N 38°2.736' W",
                "47°30'44.28\" N 38°2'44.16\" W",
                "47\u00B030\u203244.28\u2033N, 38\u00B02\u203244.16\u2033W",
                "N 47 30 44.28 W 38 2 44.16",
                "N47.5123W38.0456",
                "47.5123N38.0456W",
                "N47,5123W38,0456",
                "47,5123,-38,0456",
                "47 30 44.28 N, 38 2 44.16 W",
                "+47.5123/-38.0456"
            })
    void everyFormOfDegreesIsTheSamePlace(String text) {
        assertThat(PositionReader.parse(text)
                        .to(new Position(47.5123, -38.0456))
                        .metres())
                .isLessThan(1);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            47,5 38,1        | 47.5 | 38.1
            47,5 -38,1       | 47.5 | -38.1
            47,38            | 47   | 38
            N47.5W38.1       | 47.5 | -38.1
            47 30 38 06      | 47.5 | 38.1
            47 30 N 38 06 W  | 47.5 | -38.1
            47°30' -38°06'   | 47.5 | -38.1
            """)
    void figuresArePartedByWhatStandsThere(String text, double latitude, double longitude) {
        Position read = PositionReader.parse(text);
        assertThat(read.latitudeDegrees()).isCloseTo(latitude, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(read.longitudeDegrees()).isCloseTo(longitude, org.assertj.core.api.Assertions.within(1e-9));
    }

    /** What can be read in two ways is asked, with what was read. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            47 30 38 06 W          | only one of the two angles has its letter, W
            47 30 15 38 06         | 5 figures were found
            N 48.5 O 2.5           | east or west as E or W
            48.5 N 2.5 O           | east or west as E or W
            24C 500000 5261225     | latitude band C
            24N 500000 5261225     | latitude band N
            24TWA0000061225        | latitude band T
            47.5 30 N 38 06 W      | only its last figure may have decimals
            """)
    void whatIsNotSurelyOnePlaceIsRefused(String text, String said) {
        assertThatThrownBy(() -> PositionReader.parse(text)).hasMessageContaining(said);
    }

    /** The corners of zone 24 by hand: its central meridian is 39 W, easting 500000 there; 0 N on the equator. */
    @ParameterizedTest
    @CsvSource({
        "24N 500000 0000000, 0, -39",
        "24 T 500000 5261225, 47.504456, -39",
        "24TWT0000061225, 47.504456, -39",
        "24T WT 00000 61225, 47.504456, -39",
        "HN00aa00, 40.00208, -39.99583",
        "HN07xm, 47.52083, -38.04167",
        "RR99xx, 89.97917, 179.95833"
    })
    void gridsAreRead(String text, double latitude, double longitude) {
        assertThat(PositionReader.parse(text)
                        .to(new Position(latitude, longitude))
                        .metres())
                .as(text)
                .isLessThan(5);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "Skarra",
                "47.5",
                "91 0",
                "47.5 -181",
                "47 61 N 38 0 W",
                "47.5 N 38 N",
                "47.5 -38 N W",
                "HN9",
                "24I 500000 0000000",
                "47.5 38 12 99 W",
                "-47.5 S 38 W",
                "99999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999"
            })
    void whatIsNoPlaceIsRefusedWithWhatWasFound(String text) {
        assertThatThrownBy(() -> PositionReader.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must be");
    }

    @Test
    void aLocatorIsReadBackFromTheMiddleOfItsSquare() {
        for (double latitude = -89.9; latitude < 90; latitude += 7.3) {
            for (double longitude = -179.9; longitude < 180; longitude += 13.7) {
                Position place = new Position(latitude, longitude);
                Position middle = Locator.parse(Locator.of(place));
                assertThat(Math.abs(middle.latitudeDegrees() - latitude)).isLessThanOrEqualTo(1 / 48.0 + 1e-9);
                assertThat(Math.abs(middle.longitudeDegrees() - longitude)).isLessThanOrEqualTo(1 / 24.0 + 1e-9);
                assertThat(Locator.of(middle)).isEqualTo(Locator.of(place));
            }
        }
    }
}
