package reckonrod.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Trust;
import reckonrod.core.find.Finder;
import reckonrod.core.find.Found;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Profile;
import reckonrod.core.reach.Reach;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.find.Searching.Result;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.problem.ProblemException;

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

    FindController(
            DirectoryStore directory, Searching searching, PlaceFinder places, TerrainTiles terrain, Asking asking) {
        this.directory = directory;
        this.searching = searching;
        this.places = places;
        this.terrain = terrain;
        this.asking = asking;
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

    /** What a flag of an entry means. */
    record FlagView(String letter, String words, String meaning) {}

    @GetMapping("/flags")
    List<FlagView> flags() {
        return Arrays.stream(DirectoryFlag.values())
                .map(flag -> new FlagView(flag.word(), flag.words(), flag.meaning()))
                .toList();
    }

    @GetMapping("/sources")
    List<SourceView> sources() {
        return directory.sources().stream()
                .map(each -> new SourceView(each.name(), each.entries(), each.newest()))
                .toList();
    }

    @GetMapping
    FindView around(
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "100") double km,
            @RequestParam(defaultValue = "200") int most,
            @Valid @ParameterObject @ModelAttribute Question question) {
        BandPlan plan = asking.plan(question);
        Finder finder = searching.finder(asking.station(question), plan);
        if (at.isBlank()) {
            return anywhere(question, plan);
        }
        kilometres("km", km);
        PlaceFinder.Place here = places.one(at);
        Result result = searching.around(here.position(), km * 1000, asking.filter(question, plan), finder, MOST_SHOWN);
        return new FindView(here, null, views(result, finder, plan), result.total());
    }

    private FindView anywhere(Question question, BandPlan plan) {
        reckonrod.server.directory.EntryFilter filter = asking.filter(question, plan);
        List<FoundView> found = searching.anywhere(filter, MOST_SHOWN).stream()
                .map(entry ->
                        new FoundView(EntryView.of(entry, Trust.in(entry, searching.today()), plan), null, null, null))
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
                .map(found -> FoundView.of(found, finder.insteadOf(found, all), plan))
                .toList();
    }

    @GetMapping("/path")
    PathView path(
            @RequestParam String id,
            @RequestParam String at,
            @Valid @ParameterObject @ModelAttribute Question question) {
        DirectoryEntry entry = directory
                .byId(id)
                .orElseThrow(() -> ProblemException.notFound("The directory has no entry " + id + " any more."));
        BandPlan plan = asking.plan(question);
        Finder finder = searching.finder(asking.station(question), plan);
        Position here = places.one(at).position();
        Found found = finder.from(here, entry);
        Optional<Profile> profile =
                RepeaterPlace.of(entry).flatMap(there -> Reach.profile(finder.placeAt(here), there.place(), terrain));
        return new PathView(
                FoundView.of(found, Optional.empty(), plan),
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
