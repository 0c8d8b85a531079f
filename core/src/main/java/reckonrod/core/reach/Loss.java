package reckonrod.core.reach;

import reckonrod.core.frequency.Frequency;

/** The plain formulas of loss, and the constants that all of them share. */
final class Loss {
    /** The radius of the earth as radio waves see it in usual air, in metres: 4/3 of the real one. */
    static final double EARTH_METRES = 8_500_000;

    private static final double LIGHT_METRES_PER_SECOND = 299_792_458;

    private Loss() {}

    static double wavelengthMetres(Frequency frequency) {
        return LIGHT_METRES_PER_SECOND / frequency.hertz();
    }

    /** Free-space loss (ITU-R P.525, equation 4), in decibels; none at less than a wavelength. */
    static double freeSpaceDecibels(Frequency frequency, double metres) {
        return Math.max(0, 20 * Math.log10(4 * Math.PI * metres / wavelengthMetres(frequency)));
    }

    /** Loss behind one knife edge (ITU-R P.526, equation 31), in decibels; {@code nu} is its dimensionless height. */
    static double knifeEdgeDecibels(double nu) {
        if (nu <= -0.78) {
            return 0;
        }
        double x = nu - 0.1;
        return 6.9 + 20 * Math.log10(Math.sqrt(x * x + 1) + x);
    }

    /** The radio horizon over a smooth earth, d[km] = 4.12 (√h₁[m] + √h₂[m]), in metres. */
    static double horizonMetres(double oneHeight, double otherHeight) {
        return 4_120 * (Math.sqrt(oneHeight) + Math.sqrt(otherHeight));
    }
}
