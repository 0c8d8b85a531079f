package reckonrod.server.trip;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.card.CardWidth;
import reckonrod.core.card.Deck;
import reckonrod.core.card.Origin;
import reckonrod.core.card.TripCards;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.Finder;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Verdict;
import reckonrod.core.trip.Trip;
import reckonrod.core.trip.TripPlanner;
import reckonrod.server.find.Asking;
import reckonrod.server.find.EntryView;
import reckonrod.server.find.Question;
import reckonrod.server.find.RouteRequest;
import reckonrod.server.find.Searching;
import reckonrod.server.paper.Printing;
import reckonrod.server.paper.Sheet;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.problem.ProblemException;

/** Plans trips: which repeaters cover a route with the fewest changes, and where nobody is heard. */
@RestController
@RequestMapping("/api/trips")
class TripController {
    private static final int MOST_CANDIDATES = 3_000;
    private static final double MOST_ROUTE_METRES = 3_000_000;
    private static final double USUAL_BREAK_KILOMETRES = 3;

    private final Searching searching;
    private final TerrainTiles terrain;
    private final Asking asking;
    private final Clock clock;

    TripController(Searching searching, TerrainTiles terrain, Asking asking, Clock clock) {
        this.searching = searching;
        this.terrain = terrain;
        this.asking = asking;
        this.clock = clock;
    }

    /**
     * A trip to plan.
     *
     * @param perBand whether each band is to cover the way by itself
     * @param likelyOnly whether a repeater counts as heard only where its reach is likely; false if missing
     * @param bridgedKm breaks of at most so many kilometres are put up with; 3 if missing
     * @param closedToo whether closed ones may be used
     */
    record TripRequest(
            @Valid @NotNull(message = "must be given") RouteRequest route,
            @Valid @NotNull(message = "must be given") Question question,
            boolean perBand,
            @Schema(nullable = true) Boolean likelyOnly,
            @Schema(nullable = true) Double bridgedKm,
            boolean closedToo) {}

    /** Who to use from one kilometre to another, where one changes to it, and how far it is heard beyond. */
    record LegView(
            EntryView entry,
            double latitude,
            double longitude,
            double fromKm,
            double toKm,
            double heardFromKm,
            double heardToKm,
            double leastMarginDb,
            double weakKm) {}

    /** A stretch where nobody is heard. */
    record GapView(double fromKm, double toKm) {}

    /** The plan for one band. */
    record BandTripView(
            String band, List<LegView> legs, List<GapView> gaps, int changes, double gapKm, int considered) {}

    /** A planned trip; the entries are every repeater used, in driving order. */
    record TripView(double kilometres, List<BandTripView> bands, List<String> entries, int leftOut) {}

    @PostMapping("/plan")
    TripView plan(@Valid @RequestBody TripRequest request) {
        Planned planned = planned(request);
        Trip trip = planned.trip();
        return new TripView(
                km(planned.route().metres()),
                trip.bands().stream()
                        .map(band -> bandView(band, planned.route(), planned.finder(), planned.plan()))
                        .toList(),
                trip.repeaters().stream().map(DirectoryEntry::id).toList(),
                trip.leftOut());
    }

    /**
     * A trip on paper.
     *
     * @param large whether it is to be read in bad light
     */
    record TripPaperRequest(
            @Valid @NotNull(message = "must be given") TripRequest trip,
            @NotNull(message = "must be given") Sheet size,
            boolean large) {}

    /** The directory of a way by kilometre, to print. */
    @PostMapping(path = "/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> paper(@Valid @RequestBody TripPaperRequest request) {
        Planned planned = planned(request.trip());
        if (planned.trip().bands().isEmpty()) {
            throw ProblemException.refused(
                    "nothing-to-print", "There is nothing to print", "No repeater is heard along this route.");
        }
        Deck deck = new Deck(
                "Way of " + km(planned.route().metres()) + " km, by kilometre",
                new Origin("The directory as it stood here", clock.instant().atZone(clock.getZone())),
                CardWidth.PAGE,
                TripCards.of(planned.trip(), planned.plan()));
        return Printing.file(deck.title(), Printing.pdf(deck, request.size(), request.large()));
    }

    /** A trip with what it was planned by. */
    private record Planned(Trip trip, Route route, Finder finder, BandPlan plan) {}

    private Planned planned(TripRequest request) {
        BandPlan plan = asking.plan(request.question());
        Finder finder = searching.finder(asking.station(request.question()), plan);
        Route route = request.route().route();
        if (route.metres() > MOST_ROUTE_METRES) {
            throw ProblemException.refused(
                    "route-too-long",
                    "The route is too long",
                    "A trip is planned for at most 3000 km at a time, this route has "
                            + Math.round(route.metres() / 1000) + " km. Cut it into days.");
        }
        List<DirectoryEntry> candidates = searching.entriesAlong(
                route, request.route().corridorMetres(), asking.filter(request.question(), plan), MOST_CANDIDATES);
        Trip trip = new TripPlanner(plan, terrain, finder).plan(route, candidates, request.perBand(), wish(request));
        return new Planned(trip, route, finder, plan);
    }

    private static TripPlanner.Wish wish(TripRequest request) {
        try {
            return new TripPlanner.Wish(
                    (Boolean.TRUE.equals(request.likelyOnly()) ? Verdict.LIKELY : Verdict.MARGINAL)
                            .leastMarginDecibels(),
                    Optional.ofNullable(request.bridgedKm()).orElse(USUAL_BREAK_KILOMETRES) * 1000,
                    request.closedToo());
        } catch (IllegalArgumentException outOfRange) {
            throw ProblemException.refused("wish-out-of-range", "Out of range", outOfRange.getMessage() + ".");
        }
    }

    private static BandTripView bandView(Trip.BandTrip band, Route route, Finder finder, BandPlan plan) {
        return new BandTripView(
                band.band(),
                band.legs().stream()
                        .map(leg -> new LegView(
                                EntryView.of(leg.entry(), finder.trust(leg.entry()), plan),
                                route.at(leg.fromMetres()).latitudeDegrees(),
                                route.at(leg.fromMetres()).longitudeDegrees(),
                                km(leg.fromMetres()),
                                km(leg.toMetres()),
                                km(leg.heardFromMetres()),
                                km(leg.heardToMetres()),
                                Math.rint(leg.leastMarginDecibels() * 10) / 10,
                                km(leg.weakMetres())))
                        .toList(),
                band.gaps().stream()
                        .map(gap -> new GapView(km(gap.fromMetres()), km(gap.toMetres())))
                        .toList(),
                band.changes(),
                km(band.gapMetres()),
                band.considered());
    }

    private static double km(double metres) {
        return Math.rint(metres / 100) / 10;
    }
}
