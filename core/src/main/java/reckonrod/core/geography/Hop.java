package reckonrod.core.geography;

/**
 * The shortest way from one place to another.
 *
 * @param metres its length, 0 or more
 * @param bearingDegrees the true bearing it sets out on, 0 up to 360
 */
public record Hop(double metres, double bearingDegrees) {
    private static final String[] POINTS = {
        "N", "NNE", "NE", "ENE", "E", "ESE", "SE", "SSE", "S", "SSW", "SW", "WSW", "W", "WNW", "NW", "NNW"
    };

    /** The length in kilometres. */
    public double kilometres() {
        return metres / 1000;
    }

    /** The bearing as one of sixteen points of the compass. */
    public String compassPoint() {
        return POINTS[(int) Math.round(bearingDegrees / 22.5) % POINTS.length];
    }
}
