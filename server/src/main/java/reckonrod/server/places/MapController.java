package reckonrod.server.places;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.geography.Position;

/** Places by name or coordinates, and what the map draws besides the coasts of the earth. */
@RestController
@RequestMapping("/api/map")
class MapController {
    private static final String GPX_HEAD = """
            <?xml version="1.0" encoding="UTF-8"?>
            <gpx xmlns="http://www.topografix.com/GPX/1/1" version="1.1" creator="Reckonrod">
            <trk><name>Through Ardmoor</name><trkseg>
            """;

    private final PlaceFinder finder;
    private final Gazetteer gazetteer;
    private final Surroundings surroundings;

    MapController(PlaceFinder finder, Gazetteer gazetteer, Surroundings surroundings) {
        this.finder = finder;
        this.gazetteer = gazetteer;
        this.surroundings = surroundings;
    }

    /** An outline, closed; each point is a latitude and a longitude. */
    record OutlineView(String name, List<List<Double>> points) {}

    /** What is drawn besides the coasts of the earth. */
    record MapView(List<OutlineView> outlines, List<PlaceFinder.Place> places) {}

    @GetMapping("/places")
    List<PlaceFinder.Place> places(@RequestParam String text) {
        return finder.all(text);
    }

    @GetMapping("/outlines")
    ResponseEntity<MapView> outlines() {
        List<OutlineView> outlines = surroundings.outlines().stream()
                .map(each -> new OutlineView(
                        each.name(),
                        each.coast().stream().map(MapController::pair).toList()))
                .toList();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)))
                .body(new MapView(outlines, gazetteer.all()));
    }

    /** A way to try: the road through Ardmoor, as GPX. */
    @GetMapping(path = "/drive.gpx", produces = "application/gpx+xml")
    ResponseEntity<String> drive() {
        StringBuilder gpx = new StringBuilder(GPX_HEAD);
        for (Position place : surroundings.way()) {
            gpx.append(String.format(
                    Locale.ROOT,
                    "<trkpt lat=\"%.5f\" lon=\"%.5f\"/>%n",
                    place.latitudeDegrees(),
                    place.longitudeDegrees()));
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/gpx+xml;charset=UTF-8"))
                .header("Content-Disposition", "attachment; filename=\"through-ardmoor.gpx\"")
                .body(gpx.append("</trkseg></trk></gpx>\n").toString());
    }

    private static List<Double> pair(Position position) {
        return List.of(
                Math.rint(position.latitudeDegrees() * 1e4) / 1e4, Math.rint(position.longitudeDegrees() * 1e4) / 1e4);
    }
}
