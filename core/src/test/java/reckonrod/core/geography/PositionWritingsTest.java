package reckonrod.core.geography;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Places in all four quarters of the earth, in the ways that people write them: read rightly, or refused. */
class PositionWritingsTest {
    private static final double SECOND = 1 / 3600.0;

    private record Angle(double degrees, char positive, char negative) {
        String letter() {
            return String.valueOf(degrees < 0 ? negative : positive);
        }

        String sign() {
            return degrees < 0 ? "-" : "";
        }

        String plain(int decimals) {
            return String.format(Locale.ROOT, "%." + decimals + "f", Math.abs(degrees));
        }

        /** Whole degrees, and minutes with decimals. */
        String minutes(String between, String behind) {
            double all = Math.round(Math.abs(degrees) * 60 * 1_000) / 1_000.0;
            int whole = (int) (all / 60);
            return whole + between + String.format(Locale.ROOT, "%06.3f", all - whole * 60) + behind;
        }

        String seconds(String one, String two, String three) {
            long all = Math.round(Math.abs(degrees) * 3600);
            return String.format(Locale.ROOT, "%d%s%02d%s%02d%s", all / 3600, one, all / 60 % 60, two, all % 60, three);
        }
    }

    private static void reads(String text, Angle latitude, Angle longitude) {
        Position position = PositionReader.parse(text);
        assertThat(position.latitudeDegrees()).as("latitude of %s", text).isCloseTo(latitude.degrees, within());
        assertThat(position.longitudeDegrees()).as("longitude of %s", text).isCloseTo(longitude.degrees, within());
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.data.Offset.offset(SECOND);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void everyWritingIsTheSamePlace(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 500; i++) {
            Angle latitude = new Angle(random.nextInt(-84_00000, 84_00000) / 1e5, 'N', 'S');
            Angle longitude = new Angle(random.nextInt(-179_00000, 179_00000) / 1e5, 'E', 'W');
            String north = latitude.letter();
            String east = longitude.letter();
            for (String text : List.of(
                    latitude.sign() + latitude.plain(5) + " " + longitude.sign() + longitude.plain(5),
                    latitude.sign() + latitude.plain(5) + "," + longitude.sign() + longitude.plain(5),
                    latitude.sign() + latitude.plain(5) + "; " + longitude.sign() + longitude.plain(5),
                    latitude.plain(5) + north + " " + longitude.plain(5) + east,
                    north + latitude.plain(5) + " " + east + longitude.plain(5),
                    north + " " + latitude.plain(5) + ", " + east + " " + longitude.plain(5),
                    latitude.plain(5) + "°" + north + " " + longitude.plain(5) + "°" + east,
                    latitude.minutes("° ", "' ") + north + ", " + longitude.minutes("° ", "' ") + east,
                    north + latitude.minutes(" ", "") + " " + east + longitude.minutes(" ", ""),
                    latitude.seconds("°", "'", "\"") + north + " " + longitude.seconds("°", "'", "\"") + east,
                    latitude.seconds(" ", " ", " ") + north + " " + longitude.seconds(" ", " ", " ") + east,
                    latitude.seconds("° ", "′ ", "″ ") + north + ", " + longitude.seconds("° ", "′ ", "″ ") + east)) {
                reads(text, latitude, longitude);
            }
        }
    }

    /** Figures that were lost, doubled or exchanged are refused, or still the place within the figures given; never another. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12})
    void aSlipNeverMovesThePlaceInSilence(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 500; i++) {
            Angle latitude = new Angle(random.nextInt(1_00000, 84_00000) / 1e5, 'N', 'S');
            Angle longitude = new Angle(-random.nextInt(91_00000, 179_00000) / 1e5, 'E', 'W');
            for (String text : List.of(
                    // One angle has its letter, the other has lost it.
                    latitude.seconds(" ", " ", " ") + longitude.seconds(" ", " ", " ") + "W",
                    // One angle in seconds, the other without its minutes.
                    latitude.seconds(" ", " ", " ") + "N " + "W",
                    // Longitude first without letters cannot be a latitude.
                    longitude.sign() + longitude.plain(5) + " " + latitude.plain(5),
                    // Two letters of one angle.
                    latitude.plain(5) + "N " + longitude.plain(5) + "N",
                    // Minutes over sixty.
                    "47 75.5 N 38 12.0 W",
                    latitude.plain(5) + "N")) {
                assertThat(isRefused(text)).as(text).isTrue();
            }
        }
    }

    private static boolean isRefused(String text) {
        try {
            PositionReader.parse(text);
            return false;
        } catch (IllegalArgumentException refused) {
            assertThat(refused.getMessage()).isNotBlank();
            return true;
        }
    }
}
