package reckonrod.core.reach;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Hop;
import reckonrod.core.geography.Position;

/**
 * Whether a station and a repeater will hear each other.
 *
 * @param hop the way to the repeater
 * @param horizonMetres the radio horizon of the two antennas over a smooth earth
 * @param freeSpaceDecibels loss in free space, on the frequency listened on
 * @param diffractionDecibels loss by the round earth or the ground, on the same frequency
 * @param heardThere whether the repeater hears the station
 * @param heardHere whether the station hears the repeater
 * @param groundKnownShare how much of the way the ground was known and taken into account, from 0 to 1
 */
public record Reach(
        Hop hop,
        double horizonMetres,
        double freeSpaceDecibels,
        double diffractionDecibels,
        Direction heardThere,
        Direction heardHere,
        double groundKnownShare) {
    // An edge that just touches the ray costs 6 dB (ITU-R P.526, section 4.1).
    private static final double GROUND_IN_THE_WAY_DECIBELS = 6;

    /**
     * One direction.
     *
     * @param sentDecibelMilliwatts what leaves the antenna
     * @param lossDecibels what the way takes
     * @param arrivesDecibelMilliwatts what reaches the receiver
     * @param neededDecibelMilliwatts what the receiver needs
     */
    public record Direction(
            double sentDecibelMilliwatts,
            double lossDecibels,
            double arrivesDecibelMilliwatts,
            double neededDecibelMilliwatts) {
        static Direction of(Station from, Station to, double loss) {
            double sent = from.decibelMilliwatts() + from.gainDecibels();
            return new Direction(sent, loss, sent - loss + to.gainDecibels(), to.neededDecibelMilliwatts());
        }

        /** What arrives above what is needed, in decibels. */
        public double marginDecibels() {
            return arrivesDecibelMilliwatts - neededDecibelMilliwatts;
        }

        /** Whether it will be understood. */
        public Verdict verdict() {
            return Verdict.of(marginDecibels());
        }
    }

    /** The margin of the worse direction, in decibels. */
    public double marginDecibels() {
        return Math.min(heardThere.marginDecibels(), heardHere.marginDecibels());
    }

    /** The worse of the two directions: a repeater is of use only when both work. */
    public Verdict verdict() {
        return heardThere.verdict().or(heardHere.verdict());
    }

    /** Whether the repeater lies behind the horizon. */
    public boolean isBehindHorizon() {
        return hop.metres() > horizonMetres;
    }

    /** What the horizon has to do with the verdict, in one sentence that never speaks against it. */
    public String horizonWords() {
        boolean heard = verdict() != Verdict.UNLIKELY;
        if (isBehindHorizon()) {
            return heard
                    ? "It lies behind the radio horizon of a smooth earth, and enough bends over it."
                    : "It lies behind the radio horizon.";
        }
        if (heard) {
            return "It lies before the radio horizon.";
        }
        return groundKnownShare > 0 && diffractionDecibels >= GROUND_IN_THE_WAY_DECIBELS
                ? "It lies before the radio horizon, but the ground stands in the way."
                : "It lies before the radio horizon, but too little power arrives.";
    }

    /**
     * A place with a station.
     *
     * @param aboveSeaMetres height of the ground above the sea, where it is known
     */
    public record Place(Position position, Station station, OptionalDouble aboveSeaMetres) {
        /** How high the antenna stands over the sea, or over the ground where no more is known. */
        double standing() {
            return station.antennaMetres() + Math.max(0, aboveSeaMetres.orElse(0));
        }

        /** This place with the height of the ground that the terrain knows, where none was given. */
        Place withGround(Terrain terrain) {
            return aboveSeaMetres.isPresent() ? this : new Place(position, station, terrain.metresAt(position));
        }

        private double over(Terrain terrain) {
            return station.antennaMetres()
                    + Math.max(0, terrain.metresAt(position).orElse(aboveSeaMetres.orElse(0)));
        }
    }

    /**
     * Estimates the reach.
     *
     * @param from the person's place
     * @param to the repeater's
     * @param output what the repeater talks on
     * @param input what it listens on
     */
    public static Reach between(Place from, Place to, Frequency output, Frequency input, Terrain terrain) {
        Place here = from.withGround(terrain);
        Place there = to.withGround(terrain);
        Optional<Profile> profile = profile(here, there, terrain);
        Hop hop = here.position.to(there.position);
        double metres = Math.max(1, hop.metres());
        double free = Loss.freeSpaceDecibels(output, metres);
        ToDoubleFunction<Frequency> diffraction = diffraction(here, there, metres, profile);
        double out = diffraction.applyAsDouble(output);
        double back = output.equals(input)
                ? free + out
                : Loss.freeSpaceDecibels(input, metres) + diffraction.applyAsDouble(input);
        return new Reach(
                hop,
                Loss.horizonMetres(here.standing(), there.standing()),
                free,
                out,
                Direction.of(here.station, there.station, back),
                Direction.of(there.station, here.station, free + out),
                profile.map(Profile::knownShare).orElse(0.0));
    }

    /** Whether the ground was known all the way. */
    public boolean isOverTerrain() {
        return groundKnownShare == 1;
    }

    /**
     * The margin in decibels as if there were nothing but sea between the two, worked out quickly. A single hill between two
     * low antennas may make the true one better by some twenty decibels; everything else makes it worse.
     */
    public static double overSeaDecibels(Place here, Place there, Frequency output, Frequency input, Terrain terrain) {
        double metres = Math.max(1, here.position.to(there.position).metres());
        double one = here.over(terrain);
        double other = there.over(terrain);
        double out = Loss.freeSpaceDecibels(output, metres) + SmoothEarth.decibels(output, metres, one, other);
        double back = Loss.freeSpaceDecibels(input, metres) + SmoothEarth.decibels(input, metres, one, other);
        return Math.min(
                Direction.of(here.station, there.station, back).marginDecibels(),
                Direction.of(there.station, here.station, out).marginDecibels());
    }

    /** The ground between the two, if it is known all the way. */
    public static Optional<Profile> profile(Place here, Place there, Terrain terrain) {
        return Profile.between(
                here.position,
                here.aboveSeaMetres,
                here.station.antennaMetres(),
                there.position,
                there.aboveSeaMetres,
                there.station.antennaMetres(),
                terrain);
    }

    /** The point of a profile that stands most in the way. */
    public static Optional<Obstacle> obstacle(Profile profile, Frequency frequency) {
        return new TerrainDiffraction(profile).worst(frequency);
    }

    private static ToDoubleFunction<Frequency> diffraction(
            Place here, Place there, double metres, Optional<Profile> profile) {
        return profile.filter(each -> each.length() > 0)
                .<ToDoubleFunction<Frequency>>map(each -> new TerrainDiffraction(each)::decibels)
                .orElse(frequency -> SmoothEarth.decibels(frequency, metres, here.standing(), there.standing()));
    }
}
