package reckonrod.core.reach;

import java.util.Optional;
import reckonrod.core.frequency.Frequency;

/**
 * Diffraction over real ground: ITU-R P.526, section 4.5, the delta-Bullington method. What the ground makes of a path does not
 * depend on the frequency and is worked out once.
 */
final class TerrainDiffraction {
    private final Profile profile;
    private final double length;
    private final Ends smooth;
    private final double actual;

    TerrainDiffraction(Profile profile) {
        this.profile = profile;
        this.length = profile.length();
        this.smooth = smoothEnds();
        this.actual = bullingtonHeight(profile.fromHeight(), profile.toHeight(), false);
    }

    /** The loss by diffraction, in decibels. */
    double decibels(Frequency frequency) {
        double from = profile.fromHeight() - smooth.from;
        double to = profile.toHeight() - smooth.to;
        double ground = bullington(actual, frequency);
        double sphere = SmoothEarth.decibels(frequency, length, from, to);
        return sphere == 0
                ? ground
                : ground + Math.max(sphere - bullington(bullingtonHeight(from, to, true), frequency), 0);
    }

    /** The loss of Bullington's one edge in place of all (section 4.5.2), in decibels. */
    private double bullington(double height, Frequency frequency) {
        double knife = Loss.knifeEdgeDecibels(height / Math.sqrt(Loss.wavelengthMetres(frequency)));
        return knife + (1 - Math.exp(-knife / 6)) * (10 + 0.02 * length / 1000);
    }

    /** The height of Bullington's edge as {@link #height} gives it; on level ground for the smooth counterpart. */
    private double bullingtonHeight(double from, double to, boolean level) {
        double up = Double.NEGATIVE_INFINITY;
        double down = Double.NEGATIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        for (int i = 1; i < profile.last(); i++) {
            double d = profile.distance(i);
            double rest = length - d;
            double raised = (level ? 0 : profile.ground(i)) + Profile.bulge(d, length);
            up = Math.max(up, (raised - from) / d);
            down = Math.max(down, (raised - to) / rest);
            double above = raised - (from * rest + to * d) / length;
            // Squares with their signs are in the same order, and the root is taken of the highest alone.
            highest = Math.max(highest, above * Math.abs(above) / (d * rest));
        }
        double straight = (to - from) / length;
        if (up < straight) {
            return Math.signum(highest) * Math.sqrt(Math.abs(highest) * 2 * length);
        }
        double edge = (to - from + down * length) / (up + down);
        return height(from + up * edge - (from * (length - edge) + to * edge) / length, edge);
    }

    /** The dimensionless height ν of an edge, times the root of the wavelength. */
    private double height(double above, double distance) {
        return above * Math.sqrt(2 * length / (distance * (length - distance)));
    }

    private record Ends(double from, double to) {}

    /** The height of the smooth ground under each end, never above its antenna (section 4.5.5). */
    private Ends smoothEnds() {
        double v1 = 0;
        double v2 = 0;
        double highest = Double.NEGATIVE_INFINITY;
        double fromAngle = Double.NEGATIVE_INFINITY;
        double toAngle = Double.NEGATIVE_INFINITY;
        for (int i = 1; i <= profile.last(); i++) {
            double d = profile.distance(i);
            double before = profile.distance(i - 1);
            v1 += (d - before) * (profile.ground(i) + profile.ground(i - 1));
            v2 += (d - before) * (profile.ground(i) * (2 * d + before) + profile.ground(i - 1) * (d + 2 * before));
            if (i < profile.last()) {
                double above = profile.ground(i) - profile.ray(d);
                highest = Math.max(highest, above);
                fromAngle = Math.max(fromAngle, above / d);
                toAngle = Math.max(toAngle, above / (length - d));
            }
        }
        double from = (2 * v1 * length - v2) / (length * length);
        double to = (v2 - v1 * length) / (length * length);
        if (highest > 0) {
            from -= highest * fromAngle / (fromAngle + toAngle);
            to -= highest * toAngle / (fromAngle + toAngle);
        }
        return new Ends(Math.min(from, profile.ground(0)), Math.min(to, profile.ground(profile.last())));
    }

    /** The point that stands most in the way; absent only when there is none between the antennas. */
    Optional<Obstacle> worst(Frequency frequency) {
        int worst = -1;
        double highest = Double.NEGATIVE_INFINITY;
        for (int i = 1; i < profile.last(); i++) {
            double height = height(profile.raised(i) - profile.ray(profile.distance(i)), profile.distance(i));
            if (height > highest) {
                highest = height;
                worst = i;
            }
        }
        if (worst < 0) {
            return Optional.empty();
        }
        double d = profile.distance(worst);
        double above = profile.raised(worst) - profile.ray(d);
        double zone = profile.fresnelMetres(d, frequency);
        return Optional.of(new Obstacle(
                d,
                profile.raised(worst),
                above,
                Math.min(1, -above / zone),
                Loss.knifeEdgeDecibels(highest / Math.sqrt(Loss.wavelengthMetres(frequency)))));
    }
}
