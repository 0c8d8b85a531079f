package reckonrod.core.satellite;

import reckonrod.core.frequency.Frequency;

/**
 * A circular orbit around the earth.
 *
 * @param heightKilometres height above the ground, 160 to 3,000 km
 */
public record Orbit(int heightKilometres) {
    /** The earth's gravitation GM in km³/s², WGS 84. */
    static final double GRAVITATION = 398_600.4418;

    /** The earth's mean radius in km, IUGG. */
    static final double EARTH_RADIUS = 6_371.0;

    /** The speed of light in km/s, exact by the SI. */
    static final double LIGHT = 299_792.458;

    private static final int LEAST = 160;
    private static final int MOST = 3_000;

    public Orbit {
        if (heightKilometres < LEAST || heightKilometres > MOST) {
            throw new IllegalArgumentException(
                    "Orbit height must be " + LEAST + " to " + MOST + " km, was " + heightKilometres + " km");
        }
    }

    private double radius() {
        return EARTH_RADIUS + heightKilometres;
    }

    /** The speed along the orbit, in km/s. */
    public double speed() {
        return Math.sqrt(GRAVITATION / radius());
    }

    /** The speed towards somebody who sees the satellite rise in a pass overhead, in km/s. */
    public double speedAtHorizon() {
        return speed() * EARTH_RADIUS / radius();
    }

    /** The greatest Doppler shift of a frequency, in whole hertz. */
    public long greatestShiftHertz(Frequency frequency) {
        return Math.round(frequency.hertz() * (speedAtHorizon() / LIGHT));
    }

    /** How long a pass overhead lasts from rise to closest approach, in seconds. */
    public double secondsToOverhead() {
        return Math.acos(EARTH_RADIUS / radius()) / angularSpeed();
    }

    private double angularSpeed() {
        return speed() / radius();
    }

    /**
     * The share of the greatest shift at a time of a pass overhead: +1 at the rise, 0 overhead, −1 at the setting.
     *
     * @param seconds after the closest approach; negative before it
     */
    public double shareAt(double seconds) {
        double angle = angularSpeed() * seconds;
        double distance = Math.sqrt(
                EARTH_RADIUS * EARTH_RADIUS + radius() * radius() - 2 * EARTH_RADIUS * radius() * Math.cos(angle));
        double away = EARTH_RADIUS * radius() * Math.sin(angle) * angularSpeed() / distance;
        return -away / speedAtHorizon();
    }
}
