package reckonrod.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Trust;
import reckonrod.core.find.Finder;
import reckonrod.core.find.Found;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.find.UsualStation;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.reach.Profile;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Station;
import reckonrod.core.take.Taking;
import reckonrod.server.directory.Area;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.directory.EntryFilter;
import reckonrod.server.find.Searching.Result;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Searches of the directory: around a point, along a route, by name; and one entry with its path over the ground. */
@RestController
@RequestMapping("/api/find")
class FindController {
    private static final int MOST_SHOWN = 200;
    private static final double MOST_KILOMETRES = 2_000;

    private final DirectoryStore directory;
    private final Searching searching;
    private final PlaceFinder places;
    private final TerrainTiles terrain;
    private final Asking asking;
    private final RadioUnits radios;

    FindController(
            DirectoryStore directory,
            Searching searching,
            PlaceFinder places,
            TerrainTiles terrain,
            Asking asking,
            RadioUnits radios) {
        this.directory = directory;
        this.searching = searching;
        this.places = places;
        this.terrain = terrain;
        this.asking = asking;
        this.radios = radios;
    }

    /** What a search gave: the ones shown, how many there are in all, and where it was searched from. */
    record FindView(
            @Schema(nullable = true) PlaceFinder.Place here,
            @Schema(nullable = true) RouteView route,
            List<FoundView> found,
            long total) {}

    /** One source of the directory: how many entries it gave, and the day that the newest of them was confirmed. */
    record SourceView(
            String source,
            long entries,
            @Schema(nullable = true) LocalDate newest) {}

    /** A station to judge reach for: antenna above the ground in metres, gain less all losses in dBi, power in watts. */
    record StationView(String id, String words, double antenna, double gain, double watts) {
        static StationView of(RadioDefinition radio, PowerLevel power) {
            String watts = power.watts().stripTrailingZeros().toPlainString();
            return of(
                    radio.id() + "-" + watts,
                    radio.title() + ", " + watts + " W",
                    UsualStation.of(radio.kind().word(), power.watts()));
        }

        static StationView of(UsualStation usual) {
            return of(usual.id(), usual.words(), usual.station());
        }

        private static StationView of(String id, String words, Station station) {
            return new StationView(id, words, station.antennaMetres(), station.gainDecibels(), station.watts());
        }
    }

    /** A route, thinned out for drawing; each point is a latitude and a longitude. */
    record RouteView(double kilometres, List<List<Double>> points) {}

    /** A search along a route, which is given as GPX or as points. */
    record RouteSearch(
            @Valid @NotNull(message = "must be given") RouteRequest route,
            @Valid @NotNull(message = "must be given") Question question) {}

    /** A point of a profile, in metres: the ground with the earth's bulge, the ray, and the first Fresnel zone around it. */
    record ProfilePoint(double metres, double ground, double ray, double fresnel) {}

    /** The point that stands most in the way. */
    record ObstacleView(double metres, double ground, double aboveRay, double clearShare, double lossDb) {}

    /** One entry as seen from a place, with the path between the two where the ground is known. */
    record PathView(
            FoundView found,
            List<ProfilePoint> profile,
            @Schema(nullable = true) ObstacleView obstacle) {}

    /** An entry and the line of its channel in the notation; no line where an FM radio can do nothing with it. */
    record EntryDetail(EntryView entry, String line) {}

    /** What a flag of an entry means; that it is off the air is said by its state. */
    record FlagView(String letter, String words, String meaning) {}

    @GetMapping("/flags")
    List<FlagView> flags() {
        return Arrays.stream(DirectoryFlag.values())
                .filter(flag -> flag != DirectoryFlag.OFF_AIR)
                .map(flag -> new FlagView(flag.word(), flag.words(), flag.meaning()))
                .toList();
    }

    /** Stations to judge reach for: each power of the person's own radios first, then what people commonly have. */
    @GetMapping("/stations")
    List<StationView> stations() {
        Stream<StationView> own = radios.all().stream()
                .map(RadioUnit::definition)
                .distinct()
                .flatMap(radio -> radio.limits().power().stream().map(power -> StationView.of(radio, power)));
        return Stream.concat(own, UsualStation.shipped().stream().map(StationView::of))
                .toList();
    }

    @GetMapping("/sources")
    List<SourceView> sources() {
        return directory.sources().stream()
                .map(each -> new SourceView(each.name(), each.entries(), each.newest()))
                .toList();
    }

    /** Around a place, in a box as seen from a place, or anywhere when neither is given. */
    @GetMapping
    FindView around(
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String box,
            @RequestParam(defaultValue = "100") double km,
            @RequestParam(defaultValue = "200") int most,
            @RequestParam(defaultValue = "use") String order,
            @Valid @ParameterObject @ModelAttribute Question question) {
        BandPlan plan = asking.plan(question);
        if (at.isBlank() && box.isBlank()) {
            return anywhere(question, plan);
        }
        if (most < 1 || most > MOST_SHOWN) {
            throw ProblemException.refused(
                    "most-out-of-range", "Out of range", "most must be 1 to " + MOST_SHOWN + ", was " + most + ".");
        }
        Searching.Wanted wanted = new Searching.Wanted(
                asking.filter(question, plan),
                searching.finder(asking.station(question), plan),
                asking.order(order),
                most);
        Optional<PlaceFinder.Place> here = at.isBlank() ? Optional.empty() : Optional.of(places.one(at));
        Result result;
        if (box.isBlank()) {
            kilometres("km", km);
            result = searching.around(here.orElseThrow().position(), km * 1000, wanted);
        } else {
            result = searching.within(area(box), here.map(PlaceFinder.Place::position), wanted);
        }
        return new FindView(here.orElse(null), null, views(result, wanted.finder(), plan), result.total());
    }

    private static Area area(String box) {
        try {
            return Area.parse(box);
        } catch (IllegalArgumentException noBox) {
            throw ProblemException.refused("box-unreadable", "No such box", noBox.getMessage() + ".");
        }
    }

    private FindView anywhere(Question question, BandPlan plan) {
        EntryFilter filter = asking.filter(question, plan);
        List<FoundView> found = searching.anywhere(filter, MOST_SHOWN).stream()
                .map(entry -> FoundView.fromNowhere(EntryView.of(entry, Trust.in(entry, searching.today()), plan)))
                .toList();
        return new FindView(null, null, found, directory.countAnywhere(filter));
    }

    @PostMapping("/route")
    FindView along(@Valid @RequestBody RouteSearch search) {
        BandPlan plan = asking.plan(search.question());
        Finder finder = searching.finder(asking.station(search.question()), plan);
        Route route = search.route().route();
        Result result = searching.along(
                route, search.route().corridorMetres(), asking.filter(search.question(), plan), finder, MOST_SHOWN);
        return new FindView(null, routeView(route), views(result, finder, plan), result.total());
    }

    private static RouteView routeView(Route route) {
        return new RouteView(
                Math.rint(route.metres() / 100) / 10,
                route.milestones(Math.max(250, route.metres() / 1_000)).stream()
                        .map(stone -> List.of(
                                stone.position().latitudeDegrees(),
                                stone.position().longitudeDegrees()))
                        .toList());
    }

    private static List<FoundView> views(Result result, Finder finder, BandPlan plan) {
        List<Found> all = result.found();
        return all.stream()
                .map(found -> FoundView.of(found, finder.insteadOf(found, all), finder.sameElsewhere(found, all), plan))
                .toList();
    }

    /** One entry, seen from nowhere, and the line that says its channel. */
    @GetMapping("/entry")
    EntryDetail entry(@RequestParam String id, @RequestParam(required = false) UUID list) {
        DirectoryEntry entry = entryOf(id);
        BandPlan plan = asking.plan(list);
        return new EntryDetail(
                EntryView.of(entry, Trust.in(entry, searching.today()), plan),
                Taking.line(entry, plan).orElse(""));
    }

    private DirectoryEntry entryOf(String id) {
        return directory
                .byId(id)
                .map(each -> searching.heeding(Map.of(id, each)).get(id))
                .orElseThrow(() -> ProblemException.notFound("The directory has no entry " + id + " any more."));
    }

    @GetMapping("/path")
    PathView path(
            @RequestParam String id,
            @RequestParam String at,
            @Valid @ParameterObject @ModelAttribute Question question) {
        DirectoryEntry entry = entryOf(id);
        BandPlan plan = asking.plan(question);
        Finder finder = searching.finder(asking.station(question), plan);
        Position here = places.one(at).position();
        Found found = finder.from(here, entry);
        Optional<Profile> profile =
                RepeaterPlace.of(entry).flatMap(there -> Reach.profile(finder.placeAt(here), there.place(), terrain));
        return new PathView(
                FoundView.of(found, Optional.empty(), Optional.empty(), plan),
                profile.map(each -> points(each, entry)).orElse(List.of()),
                profile.flatMap(each -> Reach.obstacle(each, entry.signal().output()))
                        .map(each -> new ObstacleView(
                                each.metres(),
                                each.groundMetres(),
                                each.aboveRayMetres(),
                                each.clearanceShare(),
                                each.lossDecibels()))
                        .orElse(null));
    }

    private static List<ProfilePoint> points(Profile profile, DirectoryEntry entry) {
        return profile.points(entry.signal().output()).stream()
                .map(each -> new ProfilePoint(
                        Math.rint(each.metres()),
                        rounded(each.groundMetres()),
                        rounded(each.rayMetres()),
                        rounded(each.fresnelMetres())))
                .toList();
    }

    private static double rounded(double metres) {
        return Math.rint(metres * 10) / 10;
    }

    private static void kilometres(String field, double km) {
        if (!(km > 0 && km <= MOST_KILOMETRES)) {
            throw ProblemException.refused(
                    "distance-out-of-range",
                    "The distance is out of range",
                    field + " must be above 0 and at most 2000 km, was " + km + ".");
        }
    }
}
