package reckonrod.core.directory;

import java.util.Optional;
import java.util.OptionalDouble;
import reckonrod.core.geography.Position;

/**
 * Where a repeater stands.
 *
 * @param name the hill, tower or town; may be empty
 * @param area the region around it; may be empty
 * @param position where that is, if published
 * @param groundMetres height of the ground above the sea, if published
 * @param antennaMetres height of the antenna above the ground, if published
 */
public record Site(
        String name,
        String area,
        Optional<Position> position,
        OptionalDouble groundMetres,
        OptionalDouble antennaMetres) {
    public Site {
        name = name.strip();
        area = area.strip();
        Texts.require("Site", name, 80);
        Texts.require("Area", area, 80);
        requireGround(groundMetres);
        requireAntenna(antennaMetres);
    }

    /**
     * The height of the ground, if it can be one.
     *
     * @throws IllegalArgumentException if it is not −430 to 8850 m
     */
    public static OptionalDouble requireGround(OptionalDouble metres) {
        return Texts.requireBetween("Ground", metres, -430, 8850, "m");
    }

    /**
     * The height of an antenna, if it can be one.
     *
     * @throws IllegalArgumentException if it is not 0.5 to 1000 m
     */
    public static OptionalDouble requireAntenna(OptionalDouble metres) {
        return Texts.requireBetween("Antenna height", metres, 0.5, 1000, "m");
    }
}
