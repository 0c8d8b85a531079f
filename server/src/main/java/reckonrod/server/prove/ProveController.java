package reckonrod.server.prove;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.fieldlog.FieldLogGpx;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.prove.CallingNote;
import reckonrod.core.prove.Tapped;
import reckonrod.server.fieldlog.FieldTestView;
import reckonrod.server.find.RouteRequest;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.places.Surroundings;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnits;

/** Dry runs, the causes of a silence, who hears whom, and readiness for a day. */
@RestController
@RequestMapping("/api/prove")
class ProveController {
    private static final String NEEDED = "must be given";
    private static final double LEAST_STEP_KM = 0.1;
    private static final double ROUND_METRES = 60_000;
    private static final int MOST_ROUND_PLACES = 60;

    private final ListStore lists;
    private final RadioUnits radios;
    private final PlaceFinder places;
    private final Surroundings surroundings;
    private final Silence silence;
    private final DryRuns dryRuns;
    private final Readiness readiness;
    private final WhoHearsWhom whoHears;

    ProveController(
            ListStore lists,
            RadioUnits radios,
            PlaceFinder places,
            Surroundings surroundings,
            Silence silence,
            DryRuns dryRuns,
            Readiness readiness,
            WhoHearsWhom whoHears) {
        this.lists = lists;
        this.radios = radios;
        this.places = places;
        this.surroundings = surroundings;
        this.silence = silence;
        this.dryRuns = dryRuns;
        this.readiness = readiness;
        this.whoHears = whoHears;
    }

    /**
     * A silent channel.
     *
     * @param at where it was tried: a place, coordinates or a locator; nothing if nobody says
     * @param seen what was tapped of it
     * @param answers what was answered so far, by the question
     */
    record DiagnosisRequest(
            @NotNull(message = NEEDED) UUID listId,
            @NotNull(message = NEEDED) UUID channelId,
            @Schema(nullable = true) String radioId,
            @Schema(nullable = true) String at,
            @NotNull(message = NEEDED) Set<FieldTestView.@NotNull(message = NEEDED) SeenView> seen,
            @NotNull(message = NEEDED) LinkedHashMap<String, @NotNull(message = NEEDED) String> answers) {}

    @PostMapping("/diagnosis")
    DiagnosisView diagnosis(@Valid @RequestBody DiagnosisRequest request) {
        return silence.of(
                new Silence.Tried(
                        lists.get(request.listId()).list(),
                        request.channelId(),
                        given(request.radioId()).map(radios::get),
                        given(request.at()).flatMap(this::known).map(PlaceFinder.Place::position)),
                new Tapped(
                        request.seen().stream()
                                .map(FieldTestView.SeenView::seen)
                                .collect(Collectors.toSet()),
                        request.answers()));
    }

    /** A place may be called what nobody else calls it; then reach is left out, which the answer says. */
    private Optional<PlaceFinder.Place> known(String place) {
        try {
            return places.all(place).stream().findFirst();
        } catch (ProblemException noPosition) {
            return Optional.empty();
        }
    }

    private static Optional<String> given(String text) {
        return Optional.ofNullable(text).map(String::strip).filter(each -> !each.isEmpty());
    }

    /**
     * What is tried dry.
     *
     * @param places where; or along a route
     * @param stepKm how far apart the tries are along a route, in kilometres
     */
    record DryRunRequest(
            @NotNull(message = NEEDED) UUID listId,

            @NotEmpty(message = "must name at least one radio") @Size(max = 50, message = "must name at most 50 radios")
            List<@NotNull(message = NEEDED) String> radios,

            @Schema(nullable = true) @Size(max = 100, message = "must be at most 100 places")
            List<@NotBlank(message = NEEDED) String> places,

            @Schema(nullable = true) @Valid RouteRequest route,
            @Schema(nullable = true) Double stepKm) {}

    @PostMapping("/dry-run")
    DryRuns.DryRunView dryRun(@Valid @RequestBody DryRunRequest request) {
        return dryRuns.run(
                lists.get(request.listId()).list(),
                request.radios().stream().map(radios::get).toList(),
                request.route() == null
                        ? named(request.places())
                        : along(request.route().route(), request.stepKm()));
    }

    private List<DryRuns.At> named(List<String> texts) {
        if (texts == null || texts.isEmpty()) {
            throw ProblemException.refused("no-place", "No place", "Give at least one place, or a route.");
        }
        List<DryRuns.At> named = new ArrayList<>();
        for (String each : texts) {
            PlaceFinder.Place place = places.one(each);
            named.add(new DryRuns.At(place.name(), place.position(), 0));
        }
        return named;
    }

    private static List<DryRuns.At> along(Route route, Double stepKm) {
        double step = stepKm == null ? Math.max(1, route.metres() / 1000 / 60) : stepKm;
        if (!(step >= LEAST_STEP_KM)) {
            throw ProblemException.refused(
                    "step-out-of-range", "The steps are too short", "stepKm must be 0.1 or more, was " + step + ".");
        }
        return route.milestones(step * 1000).stream()
                .map(stone -> new DryRuns.At(
                        Math.rint(stone.metres() / 100) / 10 + " km",
                        stone.position(),
                        Math.rint(stone.metres() / 100) / 10))
                .toList();
    }

    /** Somebody with a radio at a place. */
    record PostRequest(
            @NotBlank(message = NEEDED) String radioId,
            @NotBlank(message = NEEDED) String at) {}

    /** Who is to hear whom, on which channels. */
    record WhoHearsRequest(
            @NotNull(message = NEEDED) UUID listId,

            @NotEmpty(message = "must name at least one channel")
            @Size(max = 50, message = "must be at most 50 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @Size(min = 2, max = 12, message = "must be 2 to 12 people") @NotNull(message = NEEDED)
            List<@Valid @NotNull(message = NEEDED) PostRequest> posts) {}

    @PostMapping("/who-hears")
    List<WhoHearsWhom.HearingView> whoHears(@Valid @RequestBody WhoHearsRequest request) {
        return whoHears.of(
                lists.get(request.listId()).list(),
                request.channels(),
                request.posts().stream()
                        .map(each -> new WhoHearsWhom.Somebody(
                                radios.get(each.radioId()),
                                places.one(each.at()).position()))
                        .toList());
    }

    /** The note on calling and on emergencies. */
    @GetMapping("/calling")
    CallingNote calling() {
        return CallingNote.shipped();
    }

    @GetMapping("/readiness")
    Readiness.ReadinessView readiness(
            @RequestParam UUID list, @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate since) {
        return readiness.of(lists.get(list), since);
    }

    /** A round through the named places around a start, by which everything that is not proven since can be tried. */
    @GetMapping("/round")
    Readiness.RoundView round(
            @RequestParam UUID list,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate since,
            @RequestParam String radio,
            @RequestParam String at) {
        StoredList stored = lists.get(list);
        PlaceFinder.Place start = places.one(at);
        List<PlaceFinder.Place> around = new ArrayList<>();
        around.add(start);
        surroundings.places().stream()
                .filter(each -> start.position().to(each.position()).metres() < ROUND_METRES)
                .filter(each -> !each.name().equals(start.name()))
                .sorted(Comparator.comparingDouble(
                        each -> start.position().to(each.position()).metres()))
                .limit(MOST_ROUND_PLACES)
                .forEach(around::add);
        return readiness.round(stored, since, radios.get(radio), start, around);
    }

    /** The same as waypoints, for a receiver that shows the way. */
    @GetMapping("/round/gpx")
    ResponseEntity<String> roundGpx(
            @RequestParam UUID list,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate since,
            @RequestParam String radio,
            @RequestParam String at) {
        String gpx = FieldLogGpx.waypoints(round(list, since, radio, at).stops().stream()
                .map(stop -> new FieldLogGpx.Waypoint(
                        new Position(stop.latitude(), stop.longitude()),
                        stop.place(),
                        "",
                        "Try "
                                + stop.channels().stream()
                                        .map(each -> each.name() + " (slot " + each.slot() + ")")
                                        .collect(Collectors.joining(", "))))
                .toList());
        return ResponseEntity.ok()
                .contentType(new MediaType("application", "gpx+xml", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("round of tests.gpx", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(gpx);
    }
}
