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
        Texts.requireBetween("Ground", groundMetres, -430, 8850, "m");
        Texts.requireBetween("Antenna height", antennaMetres, 0.5, 1000, "m");
    }
}
