package reckonrod.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.LinkDefinition.StreamedClone;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.device.card.CardSlot;
import reckonrod.sim.device.clone.CloneKey;

/** What the person does on a simulated radio to have it loaded, where it does not do so by itself. */
@RestController
@RequestMapping("/api/radios/{id}/at-hand")
class AtHandController {
    private final RadioUnits units;
    private final Bench bench;
    private final Clock clock;

    AtHandController(RadioUnits units, Bench bench, Clock clock) {
        this.units = units;
        this.bench = bench;
        this.clock = clock;
    }

    /** Something the person can do there. */
    enum Act {
        send,
        take,
        stop,
        export,
        take_in
    }

    /**
     * What can be done on it.
     *
     * @param acts in order; empty where it needs nobody
     * @param shows what the radio says of the last one, or what runs
     */
    record AtHandView(List<Act> acts, String shows) {}

    /** What the person does. */
    record ActRequest(
            @NotNull(message = "must be one of the acts") Act act) {}

    @GetMapping
    AtHandView acts(@PathVariable String id) {
        RadioUnit unit = units.get(id);
        SimulatedRadio radio = radio(unit);
        if (unit.definition().line().family() instanceof StreamedClone) {
            return new AtHandView(List.of(Act.send, Act.take, Act.stop), shows(radio.started()));
        }
        return new AtHandView(
                unit.definition().line().family() instanceof MemoryCard ? List.of(Act.export, Act.take_in) : List.of(),
                "");
    }

    @PostMapping
    AtHandView press(@PathVariable String id, @Valid @RequestBody ActRequest request) throws IOException {
        RadioUnit unit = units.get(id);
        SimulatedRadio radio = radio(unit);
        AtHandView view = acts(id);
        if (!view.acts().contains(request.act())) {
            throw ProblemException.refused(
                    "no-such-act",
                    "It has no such key",
                    "A " + unit.definition().title() + " is not loaded so.");
        }
        return switch (request.act()) {
            case send -> started(view, radio, CloneKey.SEND);
            case take -> started(view, radio, CloneKey.TAKE);
            case stop -> started(view, radio, CloneKey.NOTHING);
            case export -> {
                slot(radio).export(bench.card(unit), LocalDateTime.now(clock));
                yield new AtHandView(view.acts(), "Exported");
            }
            case take_in -> new AtHandView(view.acts(), slot(radio).takeIn(bench.card(unit)));
        };
    }

    private static AtHandView started(AtHandView view, SimulatedRadio radio, CloneKey key) {
        radio.start(key);
        return new AtHandView(view.acts(), shows(key));
    }

    private static String shows(CloneKey key) {
        return switch (key) {
            case NOTHING -> "";
            case SEND -> "SEND";
            case TAKE -> "------";
        };
    }

    private static CardSlot slot(SimulatedRadio radio) {
        return radio.cardSlot().orElseThrow();
    }

    private SimulatedRadio radio(RadioUnit unit) {
        return bench.radio(unit)
                .orElseThrow(() -> ProblemException.refused(
                        "not-simulated", "Not a simulated radio", unit.name() + " is a real radio; use its own keys."));
    }
}
