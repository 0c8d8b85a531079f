package reckonrod.core.find;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.reach.Station;

/**
 * A station as people commonly have it, to begin with where nobody knows better.
 *
 * @param id its name in addresses
 * @param words its name on screen, with its power
 * @param station its antenna, power and receiver
 * @param kinds the kinds of radio that are used so, such as {@code handheld}
 */
public record UsualStation(String id, String words, Station station, Set<String> kinds) {
    private static final List<UsualStation> SHIPPED =
            DataFile.readResource(UsualStation.class, "/reckonrod/core/find/stations.yaml", UsualStation::all);

    public UsualStation {
        kinds = Set.copyOf(kinds);
    }

    /** All of them, the most modest first; never empty. */
    public static List<UsualStation> shipped() {
        return SHIPPED;
    }

    /** A radio of that kind with that power, used as such radios are; as the first of all where nobody knows the kind. */
    public static Station of(String kind, BigDecimal watts) {
        Station usual = SHIPPED.stream()
                .filter(each -> each.kinds.contains(kind))
                .findFirst()
                .orElse(SHIPPED.get(0))
                .station;
        return Station.of(usual.antennaMetres(), usual.gainDecibels(), watts.doubleValue());
    }

    private static List<UsualStation> all(Section section) {
        Set<String> seen = new HashSet<>();
        return section.sections("stations", each -> {
            UsualStation station = new UsualStation(
                    each.text("id"),
                    each.text("words"),
                    Station.of(
                            each.value("antenna_m", Double::valueOf, 1.5),
                            each.value("gain_dbi", Double::valueOf, 0.0),
                            each.value("watts", Double::valueOf, 5.0)),
                    Set.copyOf(each.optionalValues("kinds", Function.identity())));
            station.kinds.forEach(kind -> {
                if (!seen.add(kind)) {
                    each.fault("kind \"" + kind + "\" must belong to one station alone");
                }
            });
            return station;
        });
    }
}
