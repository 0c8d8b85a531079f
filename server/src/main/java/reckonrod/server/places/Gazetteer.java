package reckonrod.server.places;

import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Places that are known without the directory: those of the invented islands, with the demo. */
@Component
class Gazetteer {
    private final List<PlaceFinder.Place> places;

    Gazetteer(Surroundings surroundings) {
        places = surroundings.places();
    }

    List<PlaceFinder.Place> beginningWith(String text) {
        String begin = text.toLowerCase(Locale.ROOT);
        return places.stream()
                .filter(place -> place.name().toLowerCase(Locale.ROOT).startsWith(begin))
                .toList();
    }

    List<PlaceFinder.Place> all() {
        return places;
    }
}
