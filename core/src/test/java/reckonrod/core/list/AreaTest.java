package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reckonrod.core.geography.Position;

/** Outlines, whose sides are straight in latitude and longitude as in RFC 7946. */
class AreaTest {
    private static Area.Outline outline(double... degrees) {
        List<Position> corners = new ArrayList<>();
        for (int i = 0; i < degrees.length; i += 2) {
            corners.add(new Position(degrees[i], degrees[i + 1]));
        }
        return new Area.Outline("The fells", corners);
    }

    /** The angle that a polygon goes around a point, another way to ask the same. */
    private static boolean windsAround(List<double[]> corners, double x, double y) {
        double sum = 0;
        for (int i = 0; i < corners.size(); i++) {
            double[] from = corners.get(i);
            double[] to = corners.get((i + 1) % corners.size());
            double turn = Math.atan2(to[1] - y, to[0] - x) - Math.atan2(from[1] - y, from[0] - x);
            sum += Math.IEEEremainder(turn, 2 * Math.PI);
        }
        return Math.abs(sum) > Math.PI;
    }

    @Test
    void aPlaceIsInsideWhereTheOutlineWindsAroundItEvenOverTheDateLine() {
        Random random = new Random(12);
        int inside = 0;
        for (int round = 0; round < 3000; round++) {
            double east = random.nextBoolean() ? 180 : random.nextInt(360) - 180;
            int corners = 3 + random.nextInt(8);
            List<double[]> flat = new ArrayList<>();
            List<Position> places = new ArrayList<>();
            for (int i = 0; i < corners; i++) {
                double angle = 2 * Math.PI * i / corners;
                double radius = 1 + 20 * random.nextDouble();
                double[] corner = {radius * Math.cos(angle), radius * Math.sin(angle)};
                flat.add(corner);
                places.add(new Position(corner[1], Math.IEEEremainder(east + corner[0], 360)));
            }
            Area.Outline outline = new Area.Outline("Star", places);
            double x = random.nextDouble() * 40 - 20;
            double y = random.nextDouble() * 40 - 20;
            boolean expected = windsAround(flat, x, y);
            assertThat(outline.contains(new Position(y, Math.IEEEremainder(east + x, 360))))
                    .as("round %s, %s east", round, east)
                    .isEqualTo(expected);
            inside += expected ? 1 : 0;
        }
        assertThat(inside).isBetween(300, 2700);
    }

    @Test
    void itsRimAndItsCornersAreInsideAndAClosingCornerIsNoOther() {
        Area.Outline square = outline(46, -38, 46, -37, 47, -37, 47, -38, 46, -38);
        assertThat(square.corners()).hasSize(4);
        assertThat(square.contains(new Position(46, -37.5))).isTrue();
        assertThat(square.contains(new Position(46.5, -38))).isTrue();
        assertThat(square.contains(new Position(47, -37))).isTrue();
        assertThat(square.contains(new Position(47, -36.999))).isFalse();
        assertThat(square.contains(new Position(46, -38.001))).isFalse();
        assertThat(square.said()).isEqualTo("inside The fells");
    }

    @Test
    void whatHasNoInsideIsRefused() {
        assertThatThrownBy(() -> outline(46, -38, 47, -37)).hasMessageContaining("3 to 500 corners, was 2");
        assertThatThrownBy(() -> outline(46, -38, 47, -37, 48, -36)).hasMessageContaining("lie on one line");
        assertThatThrownBy(() -> outline(80, 0, 80, 120, 80, -120)).hasMessageContaining("goes around a pole");
    }
}
