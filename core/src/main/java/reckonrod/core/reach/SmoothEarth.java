package reckonrod.core.reach;

import reckonrod.core.frequency.Frequency;

/** Diffraction over a smooth earth: ITU-R P.526, section 3. */
final class SmoothEarth {
    /** Average ground: what a wave meets over land. */
    private static final double PERMITTIVITY = 22;

    private static final double SIEMENS_PER_METRE = 0.003;

    private SmoothEarth() {}

    /**
     * The loss by diffraction for any distance (section 3.2), in decibels.
     *
     * @param metres the distance, above 0
     * @param oneHeight an antenna's height above the smooth earth, in metres
     * @param otherHeight the other one's
     */
    static double decibels(Frequency frequency, double metres, double oneHeight, double otherHeight) {
        double high = Math.max(Math.max(oneHeight, otherHeight), 0.1);
        double low = Math.max(Math.min(oneHeight, otherHeight), 0.1);
        double sum = Math.sqrt(high) + Math.sqrt(low);
        if (metres >= Math.sqrt(2 * Loss.EARTH_METRES) * sum) {
            return Math.max(0, firstTerm(frequency, metres, high, low, Loss.EARTH_METRES));
        }
        Clearance clearance = clearance(metres, high, low);
        double needed =
                0.552 * Math.sqrt(clearance.before * clearance.behind * Loss.wavelengthMetres(frequency) / metres);
        if (clearance.metres > needed) {
            return 0;
        }
        double touchingEarth = 0.5 * Math.pow(metres / sum, 2);
        double touching = firstTerm(frequency, metres, high, low, touchingEarth);
        return touching < 0 ? 0 : (1 - clearance.metres / needed) * touching;
    }

    private record Clearance(double metres, double before, double behind) {}

    /** The least height of the ray above the smooth earth (equations 22 and 23). */
    private static Clearance clearance(double metres, double high, double low) {
        double c = (high - low) / (high + low);
        double m = metres * metres / (4 * Loss.EARTH_METRES * (high + low));
        double b = 2
                * Math.sqrt((m + 1) / (3 * m))
                * Math.cos(Math.PI / 3 + Math.acos(3 * c / 2 * Math.sqrt(3 * m / Math.pow(m + 1, 3))) / 3);
        double before = metres / 2 * (1 + b);
        double behind = metres - before;
        double height = ((high - before * before / (2 * Loss.EARTH_METRES)) * behind
                        + (low - behind * behind / (2 * Loss.EARTH_METRES)) * before)
                / metres;
        return new Clearance(height, before, behind);
    }

    /** The first term of the residue series (section 3.1.1.2), in decibels below free space. */
    static double firstTerm(
            Frequency frequency, double metres, double oneHeight, double otherHeight, double earthMetres) {
        double megahertz = frequency.hertz() / 1e6;
        double earth = earthMetres / 1000;
        double x = 2.188 * Math.cbrt(megahertz) * Math.pow(earth, -2 / 3.0) * metres / 1000;
        double scale = 9.575e-3 * Math.pow(megahertz, 2 / 3.0) * Math.pow(earth, -1 / 3.0);
        double least = 2 + 20 * Math.log10(admittance(megahertz, earth));
        return -(distanceTerm(x)
                + Math.max(least, heightGain(scale * oneHeight))
                + Math.max(least, heightGain(scale * otherHeight)));
    }

    private static double distanceTerm(double x) {
        return x >= 1.6 ? 11 + 10 * Math.log10(x) - 17.6 * x : -20 * Math.log10(x) - 5.6488 * Math.pow(x, 1.425);
    }

    private static double heightGain(double y) {
        return y > 2 ? 17.6 * Math.sqrt(y - 1.1) - 5 * Math.log10(y - 1.1) - 8 : 20 * Math.log10(y + 0.1 * y * y * y);
    }

    /** The normalized surface admittance for upright waves (equations 16 and 17). */
    private static double admittance(double megahertz, double earthKilometres) {
        double loss = 18_000 * SIEMENS_PER_METRE / megahertz;
        double level = 0.36
                * Math.pow(earthKilometres * megahertz, -1 / 3.0)
                * Math.pow(Math.pow(PERMITTIVITY - 1, 2) + loss * loss, -0.25);
        return level * Math.sqrt(PERMITTIVITY * PERMITTIVITY + loss * loss);
    }
}
