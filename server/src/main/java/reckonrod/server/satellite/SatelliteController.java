package reckonrod.server.satellite;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.satellite.DopplerSet;
import reckonrod.core.satellite.Orbit;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.reckon.FindingView;
import reckonrod.server.reckon.ReckonAnswer;

/** The memory channels for a pass of an FM satellite, by the plan of the list that they are meant for. */
@RestController
@RequestMapping("/api/lists/{id}/satellite")
class SatelliteController {
    private final ListStore store;
    private final PlanLookup plans;

    SatelliteController(ListStore store, PlanLookup plans) {
        this.store = store;
        this.plans = plans;
    }

    /** A satellite; frequencies in megahertz, the height of its orbit in kilometres, its tone in hertz if it has one. */
    record SatelliteRequest(
            @NotBlank(message = "must be what the satellite is called")
            String name,

            @NotBlank(message = "must be the frequency it listens on, such as 145.990")
            String uplink,

            @NotBlank(message = "must be the frequency it sends on, such as 437.800")
            String downlink,

            @NotNull(message = "must be the height of its orbit, 160 to 3000 km")
            Integer heightKilometres,

            @Schema(nullable = true) String talkTone) {}

    /** The set; {@code usable} is false when an error speaks against it. */
    record SatelliteSet(boolean usable, List<PassView> passes, List<String> working, List<FindingView> findings) {}

    /** One channel of the set; seconds are counted from the closest approach of a pass overhead. */
    record PassView(String name, String phase, ReckonAnswer.Sum sum, int fromSeconds, int toSeconds, String line) {}

    @PostMapping
    SatelliteSet set(@PathVariable UUID id, @Valid @RequestBody SatelliteRequest request) {
        BandPlan plan = plans.planOf(store.get(id).list());
        Frequency uplink = read("uplink", () -> Frequency.parse(request.uplink()));
        Frequency downlink = read("downlink", () -> Frequency.parse(request.downlink()));
        Orbit orbit = read("heightKilometres", () -> new Orbit(request.heightKilometres()));
        Tone tone = Optional.ofNullable(request.talkTone())
                .filter(text -> !text.isBlank())
                .<Tone>map(text -> read("talkTone", () -> CtcssTone.parse(text.strip())))
                .orElse(NoTone.NONE);
        DopplerSet set = read("name", () -> DopplerSet.of(request.name(), uplink, downlink, orbit, tone, plan));
        List<FindingView> findings =
                set.findings().stream().map(each -> FindingView.of(each, plan)).toList();
        return new SatelliteSet(
                findings.stream().noneMatch(each -> each.severity() == FindingView.SeverityView.error),
                set.passes().stream()
                        .map(each -> new PassView(
                                each.channel().name(),
                                each.phase(),
                                ReckonAnswer.Sum.of(each.channel(), plan),
                                each.fromSeconds(),
                                each.toSeconds(),
                                LineWriter.write(each.channel(), plan)))
                        .toList(),
                set.working(),
                findings);
    }

    private static <T> T read(String field, Supplier<T> value) {
        try {
            return value.get();
        } catch (IllegalArgumentException wrong) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "field-invalid",
                    "A field is wrong",
                    wrong.getMessage() + ".",
                    java.util.Map.of("field", field));
        }
    }
}
