package reckonrod.core.list;

import java.util.List;
import reckonrod.core.geography.Position;

/** A stretch of country. */
public sealed interface Area {
    /** Whether a place lies in it; its rim does. */
    boolean contains(Position position);

    /** In words, as after "repeaters". */
    String said();

    /**
     * All that lies within a distance of a place.
     *
     * @param place what the place is called, not blank
     * @param centre where it is
     * @param kilometres how far around it, more than 0 and at most 20,100: half-way round the earth
     */
    record Circle(String place, Position centre, double kilometres) implements Area {
        /** The longest way between two places on the earth, in kilometres. */
        public static final double MOST_KILOMETRES = 20_100;

        public Circle {
            if (place.isBlank()) {
                throw new IllegalArgumentException("The place in the middle of an area must have a name");
            }
            if (!(kilometres > 0 && kilometres <= MOST_KILOMETRES)) {
                throw new IllegalArgumentException(
                        "The distance from " + place + " must be more than 0 and at most 20100 km, was " + kilometres);
            }
        }

        @Override
        public boolean contains(Position position) {
            return centre.to(position).kilometres() <= kilometres;
        }

        /** In words: {@code within 40 km of Skarra}. */
        @Override
        public String said() {
            String figure = kilometres == Math.rint(kilometres)
                    ? String.valueOf((long) kilometres)
                    : String.valueOf(kilometres);
            return "within " + figure + " km of " + place;
        }
    }

    /**
     * All that lies inside an outline. Its sides are straight in latitude and longitude, as those of a polygon of RFC 7946 are, and
     * may cross the 180th meridian; each takes the shorter way round. An outline does not go around a pole.
     *
     * @param name what the area is called, not blank
     * @param corners 3 to {@link #MOST_CORNERS} of them that do not all lie on one line; the last is joined to the first
     */
    record Outline(String name, List<Position> corners) implements Area {
        /** The most corners of an outline. */
        public static final int MOST_CORNERS = 500;

        public Outline {
            corners = open(corners);
            if (name.isBlank()) {
                throw new IllegalArgumentException("An outlined area must have a name");
            }
            if (corners.size() < 3 || corners.size() > MOST_CORNERS) {
                throw new IllegalArgumentException("The outline of " + name + " must have 3 to " + MOST_CORNERS
                        + " corners, was " + corners.size());
            }
            double round = 0;
            double doubleArea = 0;
            for (int i = 0; i < corners.size(); i++) {
                double step = east(corners.get(i), corners.get((i + 1) % corners.size()));
                doubleArea += (2 * round + step)
                        * (corners.get((i + 1) % corners.size()).latitudeDegrees()
                                - corners.get(i).latitudeDegrees());
                round += step;
            }
            if (Math.abs(round) > 1) {
                throw new IllegalArgumentException("The outline of " + name + " goes around a pole, which it must not");
            }
            if (Math.abs(doubleArea) < 1e-9) {
                throw new IllegalArgumentException(
                        "The corners of " + name + " lie on one line, so nothing is inside of them");
            }
        }

        private static List<Position> open(List<Position> corners) {
            int last = corners.size() - 1;
            return last > 0 && corners.get(0).equals(corners.get(last))
                    ? List.copyOf(corners.subList(0, last))
                    : List.copyOf(corners);
        }

        /** How far east of one place another lies, the shorter way, in degrees: −180 to 180. */
        private static double east(Position from, Position to) {
            double degrees = to.longitudeDegrees() - from.longitudeDegrees();
            return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
        }

        @Override
        public boolean contains(Position place) {
            boolean inside = false;
            double x = east(corners.get(0), place);
            double y = place.latitudeDegrees();
            double fromX = 0;
            for (int i = 0; i < corners.size(); i++) {
                Position from = corners.get(i);
                Position to = corners.get((i + 1) % corners.size());
                double toX = fromX + east(from, to);
                // An outline may be wider than half the earth as seen from its first corner.
                for (double shift = -360; shift <= 360; shift += 360) {
                    double low = from.latitudeDegrees() - y;
                    double high = to.latitudeDegrees() - y;
                    double side = (toX - fromX) * -low - (x + shift - fromX) * (high - low);
                    if (side == 0 && low * high <= 0 && (x + shift - fromX) * (x + shift - toX) <= 0) {
                        return true;
                    }
                    if ((low > 0) != (high > 0) && (side > 0) == (high > low)) {
                        inside = !inside;
                    }
                }
                fromX = toX;
            }
            return inside;
        }

        /** In words: {@code inside North Vellan}. */
        @Override
        public String said() {
            return "inside " + name;
        }
    }
}
