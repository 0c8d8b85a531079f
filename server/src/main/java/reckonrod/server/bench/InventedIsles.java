package reckonrod.server.bench;

import java.util.List;
import org.springframework.stereotype.Component;
import reckonrod.core.geography.Position;
import reckonrod.server.ReckonrodSettings;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.places.Surroundings;
import reckonrod.sim.world.World;

/** The invented isles, with the demo. */
@Component
class InventedIsles implements Surroundings {
    private final List<PlaceFinder.Place> places;
    private final List<Outline> outlines;

    InventedIsles(ReckonrodSettings settings) {
        places = settings.demo()
                ? World.shipped().places().stream()
                        .map(each -> new PlaceFinder.Place(
                                each.name(),
                                each.area(),
                                each.position().latitudeDegrees(),
                                each.position().longitudeDegrees()))
                        .toList()
                : List.of();
        outlines = settings.demo()
                ? World.shipped().islands().stream()
                        .map(each -> new Outline(each.name(), each.coast()))
                        .toList()
                : List.of();
    }

    @Override
    public List<PlaceFinder.Place> places() {
        return places;
    }

    @Override
    public List<Outline> outlines() {
        return outlines;
    }

    @Override
    public List<Position> way() {
        return World.shipped().drive();
    }
}
