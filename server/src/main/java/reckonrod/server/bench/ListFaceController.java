package reckonrod.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.server.fit.Loading;
import reckonrod.server.lists.ListStore;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.face.Display;
import reckonrod.sim.face.FaceState;
import reckonrod.sim.face.RadioFace;
import reckonrod.sim.face.RadioState;

/** How a radio would show a list, before anything is written into it. */
@RestController
@RequestMapping("/api/radios/{id}")
class ListFaceController {
    private final RadioUnits units;
    private final ListStore lists;
    private final Loading loading;

    ListFaceController(RadioUnits units, ListStore lists, Loading loading) {
        this.units = units;
        this.lists = lists;
        this.loading = loading;
    }

    /**
     * A list as the radio would show it that held what the list becomes in it; nothing is written and nothing kept.
     *
     * @param list the list
     * @param state how the display and the keys stand; left out for one that is switched on just now
     * @param slot the slot that it is turned to then; left out for the first
     * @param key the key that is pressed; left out to look only
     */
    record ListFaceRequest(
            @NotNull(message = "must be the id of a list") UUID list,
            @Schema(nullable = true) FaceState state,
            @Schema(nullable = true) Integer slot,
            @Schema(nullable = true) RadioFace.Key key) {}

    /** What is shown, and how the display and the keys stand now. */
    record ListFaceView(FaceState state, Display display) {}

    @PostMapping("/face-of-list")
    ListFaceView face(@PathVariable String id, @Valid @RequestBody ListFaceRequest request) {
        RadioUnit unit = units.get(id);
        RadioDefinition definition = unit.definition();
        if (definition.memory().isEmpty()) {
            throw ProblemException.refused(
                    "memory-unknown",
                    "Its memory is not known",
                    "How the " + definition.title()
                            + " shows a channel cannot be worked out: its definition does not say how its"
                            + " memory is laid out.");
        }
        MemoryImage image = new ImageCodec(definition)
                .encode(
                        SimulatedRadio.fresh(definition, 0),
                        loading.fit(unit, lists.get(request.list()).list()).contents());
        FaceState state = request.state() != null
                ? request.state()
                : FaceState.on(
                        definition,
                        request.slot() == null ? definition.limits().slots().first() : request.slot());
        RadioState.Keeper keeper = RadioState.Keeper.of(RadioState.of(state));
        RadioFace face = new RadioFace(definition, RadioMemory.of(image), keeper);
        Display shown = request.key() == null ? face.display() : FaceKeys.press(face, request.key());
        return new ListFaceView(keeper.get().face(), shown);
    }
}
