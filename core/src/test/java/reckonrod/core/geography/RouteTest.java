package reckonrod.core.geography;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RouteTest {
    private static final Position A = new Position(0, 179.5);
    private static final Position B = new Position(0, -179.5);
    private static final Position C = new Position(1, -179.5);

    /** A degree of longitude on the equator is 111 319.49 m, the first degree of latitude 110 574.39 m (WGS-84). */
    @Test
    void aRouteOverTheDateLineIsMeasuredAndWalked() {
        Route route = Route.along(List.of(A, A, B, C));
        assertThat(route.metres()).isCloseTo(111_319.49 + 110_574.39, within(0.1));
        assertThat(route.at(111_319.49 / 2).longitudeDegrees())
                .satisfiesAnyOf(
                        degrees -> assertThat(degrees).isCloseTo(180, within(1e-6)),
                        degrees -> assertThat(degrees).isCloseTo(-180, within(1e-6)));
        Route.Passing passing = route.nearest(new Position(0.5, -179.4));
        assertThat(passing.metres()).isCloseTo(111_319.49 + 55_287, within(30.0));
        assertThat(passing.offMetres()).isCloseTo(11_131.5, within(5.0));
        assertThat(route.milestones(10_000))
                .hasSize(24)
                .last()
                .satisfies(last -> assertThat(last.position()).isEqualTo(C));
    }

    /** On a winding track of many points nothing nearer is passed over: against every point of it, each measured properly. */
    @ParameterizedTest
    @ValueSource(longs = {3, 17, 40})
    void theNearestSpotOfALongTrack(long seed) {
        Random random = new Random(seed);
        List<Position> track = new ArrayList<>();
        Position at = new Position(50 + random.nextDouble(), 179.2);
        double course = 90;
        for (int i = 0; i < 3_000; i++) {
            track.add(at);
            course += 40 * (random.nextDouble() - 0.5);
            at = at.onCourse(course, 60);
        }
        Route route = Route.along(track);
        for (int i = 0; i < 30; i++) {
            Position place =
                    track.get(random.nextInt(3_000)).onCourse(360 * random.nextDouble(), 40_000 * random.nextDouble());
            Route.Passing passing = route.nearest(place);
            double least = track.stream()
                    .mapToDouble(each -> place.to(each).metres())
                    .min()
                    .orElseThrow();
            assertThat(passing.offMetres()).as("seed %s", seed).isBetween(0.98 * least - 60, least * 1.005 + 1);
        }
    }

    /** Walked step by step it ends where it should, and every step is as long as the others. */
    @Test
    void theGreatCircleStaysByTheEllipsoidsShortestWay() {
        Position from = new Position(47.5, -38);
        Position to = new Position(46.9, -36.4);
        Hop hop = from.to(to);
        List<Position> walked = new ArrayList<>();
        GreatCircle.between(from, to)
                .walk(400, (step, latitude, longitude) -> walked.add(new Position(latitude, longitude)));
        assertThat(walked).hasSize(401).startsWith(from).endsWith(to);
        for (int step = 0; step <= 400; step += 40) {
            Position exact = from.onCourse(hop.bearingDegrees(), hop.metres() * step / 400);
            assertThat(walked.get(step).to(exact).metres()).isLessThan(0.002 * hop.metres());
        }
        assertThat(walked.get(399).to(to).metres()).isCloseTo(hop.metres() / 400, within(hop.metres() / 40_000));
        assertThat(hop.compassPoint()).isEqualTo("ESE");
    }

    @Test
    void aWalkOverTheDateLineAndOneThatStaysInPlace() {
        List<Double> longitudes = new ArrayList<>();
        GreatCircle.between(A, B).walk(4, (step, latitude, longitude) -> longitudes.add(longitude));
        assertThat(longitudes.get(1)).isCloseTo(179.75, within(1e-9));
        assertThat(longitudes.get(3)).isCloseTo(-179.75, within(1e-9));
        List<Double> latitudes = new ArrayList<>();
        GreatCircle.between(C, C).walk(2, (step, latitude, longitude) -> latitudes.add(latitude));
        assertThat(latitudes).allSatisfy(latitude -> assertThat(latitude).isCloseTo(1, within(1e-9)));
    }

    @Test
    void tracksWinOverRoutesAndWaypoints() {
        String gpx = """
                <?xml version="1.0"?><gpx xmlns="http://www.topografix.com/GPX/1/1" version="1.1">
                <wpt lat="1" lon="1"/><rte><rtept lat="2" lon="2"/><rtept lat="3" lon="3"/></rte>
                <trk><trkseg><trkpt lat="4" lon="4"><ele>7</ele></trkpt><trkpt lat="5" lon="5"/></trkseg></trk></gpx>""";
        assertThat(GpxReader.parse(gpx).points()).containsExactly(new Position(4, 4), new Position(5, 5));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<kml/>|begins with <kml>",
                "no xml|line 1",
                "<gpx><wpt lat=\"1\" lon=\"1\"/></gpx>|two waypoints",
                "<gpx><wpt lat=\"1\" lon=\"1\"/><wpt lat=\"1\" lon=\"1\"/></gpx>|lie apart",
                "<gpx></gpx>|holds no way",
                "<gpx><wpt lat=\"95\" lon=\"1\"/></gpx>|was 95",
                "<gpx><wpt lat=\"NaN\" lon=\"1\"/></gpx>|Latitude must be -90 to 90 degrees, was NaN, in line 1",
                "<gpx><wpt lat=\"47,5\" lon=\"1\"/></gpx>|must have lat and lon in decimal degrees; the one in line 1 has not",
                "<gpx><wpt lon=\"1\"/></gpx>|lat and lon",
                "<gpx><wpt lat=\"1\" lon=\"1\">|cannot be read",
                "<!DOCTYPE gpx [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><gpx>&x;</gpx>|GPX"
            })
    void whatIsNoRouteSaysWhy(String text, String said) {
        assertThatThrownBy(() -> GpxReader.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(said);
    }
}
