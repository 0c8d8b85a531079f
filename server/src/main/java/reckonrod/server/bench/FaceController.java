package reckonrod.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.cable.Trouble;
import reckonrod.sim.face.Display;
import reckonrod.sim.face.RadioFace;

/** The display and keys of a simulated radio, and the trouble its cable can be given. */
@RestController
@RequestMapping("/api/radios/{id}")
class FaceController {
    private final RadioUnits units;
    private final Bench bench;

    FaceController(RadioUnits units, Bench bench) {
        this.units = units;
        this.bench = bench;
    }

    /** A key of the radio. */
    record KeyRequest(
            @NotNull(message = "must be one of the radio's keys")
            RadioFace.Key key) {}

    /** A cable trouble; {@code atByte} counts from 0 where the kind needs a place. */
    record TroubleView(
            @NotNull(message = "must be one of the kinds") TroubleKind kind,
            @Min(value = 0, message = "must be 0 or more") long atByte) {
        static TroubleView of(Trouble trouble) {
            return new TroubleView(TroubleKind.of(trouble), TroubleKind.byteOf(trouble));
        }

        Trouble toTrouble() {
            return kind.at(atByte);
        }
    }

    @GetMapping("/face")
    Display display(@PathVariable String id) {
        return radio(id).face().display();
    }

    @PostMapping("/face")
    Display press(@PathVariable String id, @Valid @RequestBody KeyRequest request) {
        return FaceKeys.press(radio(id).face(), request.key());
    }

    @GetMapping("/trouble")
    TroubleView trouble(@PathVariable String id) {
        return TroubleView.of(radio(id).trouble());
    }

    @PutMapping("/trouble")
    TroubleView setTrouble(@PathVariable String id, @Valid @RequestBody TroubleView request) {
        radio(id).setTrouble(request.toTrouble());
        return request;
    }

    private SimulatedRadio radio(String id) {
        RadioUnit unit = units.get(id);
        return bench.radio(unit)
                .orElseThrow(() -> ProblemException.refused(
                        "not-simulated",
                        "Not a simulated radio",
                        unit.name() + " is a real radio; look at its own face."));
    }
}
