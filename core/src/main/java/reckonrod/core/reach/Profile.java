package reckonrod.core.reach;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.GreatCircle;
import reckonrod.core.geography.Position;

/** The ground along a path from one antenna to the other, at even steps. */
public final class Profile {
    private static final double USUAL_STEP_METRES = 90;
    private static final int MOST_POINTS = 400;

    private final double[] metres;
    private final double[] ground;
    private final double fromHeight;
    private final double toHeight;
    private final double knownShare;

    private Profile(double[] metres, double[] ground, double fromHeight, double toHeight, double knownShare) {
        this.metres = metres;
        this.ground = ground;
        this.fromHeight = fromHeight;
        this.toHeight = toHeight;
        this.knownShare = knownShare;
    }

    /**
     * The profile of a path. Where the ground is not known it is taken to be as low as the lower of its known neighbours; the
     * known heights of the ends count as such.
     *
     * @param fromGround height of the ground at the start, in metres above the sea, where the terrain does not know it
     * @param fromAntenna height of the first antenna above the ground, in metres
     * @param toGround the same at the end
     * @param toAntenna height of the other antenna
     * @return absent if the ground is known nowhere on the way
     */
    public static Optional<Profile> between(
            Position from,
            OptionalDouble fromGround,
            double fromAntenna,
            Position to,
            OptionalDouble toGround,
            double toAntenna,
            Terrain terrain) {
        double length = from.to(to).metres();
        int steps = (int) Math.min(MOST_POINTS, Math.max(2, Math.ceil(length / USUAL_STEP_METRES)));
        double[] metres = new double[steps + 1];
        double[] ground = new double[steps + 1];
        GreatCircle.between(from, to).walk(steps, (step, latitude, longitude) -> {
            metres[step] = length * step / steps;
            ground[step] = terrain.metresAt(latitude, longitude);
        });
        long known =
                Arrays.stream(ground).filter(height -> !Double.isNaN(height)).count();
        if (known == 0) {
            return Optional.empty();
        }
        if (known < ground.length) {
            fillEnd(ground, 0, fromGround);
            fillEnd(ground, steps, toGround);
            fillGaps(ground);
        }
        return Optional.of(new Profile(
                metres, ground, ground[0] + fromAntenna, ground[steps] + toAntenna, (double) known / ground.length));
    }

    private static void fillEnd(double[] ground, int end, OptionalDouble published) {
        if (Double.isNaN(ground[end]) && published.isPresent()) {
            ground[end] = published.getAsDouble();
        }
    }

    private static void fillGaps(double[] ground) {
        int last = -1;
        for (int i = 0; i <= ground.length; i++) {
            if (i < ground.length && Double.isNaN(ground[i])) {
                continue;
            }
            double before = last >= 0 ? ground[last] : Double.POSITIVE_INFINITY;
            double behind = i < ground.length ? ground[i] : Double.POSITIVE_INFINITY;
            Arrays.fill(ground, last + 1, i, Math.min(before, behind));
            last = i;
        }
    }

    /** How much of the way the ground is known, from 0 to 1. */
    public double knownShare() {
        return knownShare;
    }

    /**
     * A profile of known heights.
     *
     * @param metres distances from the start, rising from 0
     * @param ground height above the sea at each
     */
    static Profile of(double[] metres, double[] ground, double fromAntenna, double toAntenna) {
        return new Profile(
                metres.clone(), ground.clone(), ground[0] + fromAntenna, ground[ground.length - 1] + toAntenna, 1);
    }

    int last() {
        return metres.length - 1;
    }

    /** The length of the path in metres. */
    public double length() {
        return metres[last()];
    }

    double distance(int point) {
        return metres[point];
    }

    double ground(int point) {
        return ground[point];
    }

    /** The height of the first antenna above the sea, in metres. */
    public double fromHeight() {
        return fromHeight;
    }

    /** The height of the other antenna above the sea, in metres. */
    public double toHeight() {
        return toHeight;
    }

    /** How much the round earth raises a point above the straight chord, in metres. */
    static double bulge(double distance, double length) {
        return distance * (length - distance) / (2 * Loss.EARTH_METRES);
    }

    /** The ground with the earth's bulge. */
    double raised(int point) {
        return ground[point] + bulge(metres[point], length());
    }

    /** The straight ray between the antennas. */
    double ray(double distance) {
        return length() > 0 ? fromHeight + (toHeight - fromHeight) * distance / length() : fromHeight;
    }

    /** The radius of the first Fresnel zone there, in metres. */
    double fresnelMetres(double distance, Frequency frequency) {
        return length() == 0
                ? 0
                : Math.sqrt(Loss.wavelengthMetres(frequency) * distance * (length() - distance) / length());
    }

    /**
     * One point of a profile, to be drawn.
     *
     * @param metres the distance from the start
     * @param groundMetres the ground above the sea, raised by the earth's bulge
     * @param rayMetres the straight ray
     * @param fresnelMetres the radius of the first Fresnel zone around it
     */
    public record Point(double metres, double groundMetres, double rayMetres, double fresnelMetres) {}

    /** All points, from the first antenna to the other. */
    public List<Point> points(Frequency frequency) {
        return Arrays.stream(indices())
                .mapToObj(i -> new Point(metres[i], raised(i), ray(metres[i]), fresnelMetres(metres[i], frequency)))
                .toList();
    }

    private int[] indices() {
        return IntStream.rangeClosed(0, last()).toArray();
    }
}
