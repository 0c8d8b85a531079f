package reckonrod.core.list;

import reckonrod.core.geography.Position;

/**
 * All that lies within a distance of a place.
 *
 * @param place what the place is called, not blank
 * @param centre where it is
 * @param kilometres how far around it, more than 0 and at most 20,100: half-way round the earth
 */
public record Area(String place, Position centre, double kilometres) {
    /** The longest way between two places on the earth, in kilometres. */
    public static final double MOST_KILOMETRES = 20_100;

    public Area {
        if (place.isBlank()) {
            throw new IllegalArgumentException("The place in the middle of an area must have a name");
        }
        if (!(kilometres > 0 && kilometres <= MOST_KILOMETRES)) {
            throw new IllegalArgumentException(
                    "The distance from " + place + " must be more than 0 and at most 20100 km, was " + kilometres);
        }
    }

    /** Whether a place lies in it; its rim does. */
    public boolean contains(Position position) {
        return centre.to(position).kilometres() <= kilometres;
    }

    /** In words: {@code within 40 km of Skarra}. */
    public String said() {
        String figure =
                kilometres == Math.rint(kilometres) ? String.valueOf((long) kilometres) : String.valueOf(kilometres);
        return "within " + figure + " km of " + place;
    }
}
