package reckonrod.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.air.Repeater;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.find.Finder;
import reckonrod.core.find.LowestPower;
import reckonrod.core.find.UsualStation;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotReading;
import reckonrod.core.prove.Paths;
import reckonrod.core.radio.RadioSlot;
import reckonrod.server.fieldlog.FieldTestView.SeenView;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.sim.air.Air;
import reckonrod.sim.world.World;

/** The talk key of a simulated radio: what its memory holds goes out onto the invented air. No real radio is keyed from here. */
@RestController
@RequestMapping("/api/radios/{id}/talk")
class TalkController {
    // What has become of the repeaters of the isles follows from it; one of them has another tone by now.
    static final long SEED = 538;

    private final RadioUnits units;
    private final Bench bench;
    private final BandPlans plans;
    private final TerrainTiles terrain;
    private final PlaceFinder places;
    private final Clock clock;

    TalkController(
            RadioUnits units, Bench bench, BandPlans plans, TerrainTiles terrain, PlaceFinder places, Clock clock) {
        this.units = units;
        this.bench = bench;
        this.plans = plans;
        this.terrain = terrain;
        this.places = places;
        this.clock = clock;
    }

    /** A press of the talk key on a slot, at a place. */
    record TalkRequest(
            @NotNull(message = "must be given") Integer slot,
            @NotBlank(message = "must be given") String at) {}

    /**
     * What is seen and heard of it.
     *
     * @param shown what the display shows while the key is down
     * @param seen the same as it is tapped into the log
     * @param says the same in words
     */
    record TalkHeardView(
            String name, @Schema(nullable = true) String shown, List<SeenView> seen, String says) {}

    @PostMapping
    TalkHeardView talk(@PathVariable String id, @Valid @RequestBody TalkRequest request) {
        RadioUnit unit = units.get(id);
        RadioDefinition definition = unit.definition();
        RadioSlot slot = slot(unit, request.slot());
        Air.Heard heard = air().keyUp(
                        slot,
                        places.one(request.at()).position(),
                        definition.kind().word(),
                        watts(definition, slot),
                        clock.instant());
        return view(slot, heard);
    }

    private static BigDecimal watts(RadioDefinition definition, RadioSlot slot) {
        return new LowestPower.Levels(
                        definition.kind().word(), definition.limits().watts())
                .at(slot.power());
    }

    private Air air() {
        Finder finder = new Finder(
                UsualStation.shipped().get(0).station(),
                plans.find(BandPlans.USUAL).orElseThrow(),
                terrain,
                LocalDate.now(clock));
        return Air.over(World.shipped().repeaters(), finder, new Paths(terrain), SEED);
    }

    private RadioSlot slot(RadioUnit unit, int slot) {
        MemoryImage memory = bench.radio(unit)
                .map(radio -> MemoryImage.of(
                        radio.memory().read(0, unit.definition().layout().bytes())))
                .orElseThrow(() -> ProblemException.refused(
                        "not-simulated",
                        "Not a simulated radio",
                        unit.name() + " is a real radio; press its own talk key. Nothing is sent from here."));
        return new ImageCodec(unit.definition())
                .decode(memory, slot)
                .flatMap(SlotReading::content)
                .orElseThrow(() -> ProblemException.refused(
                        "slot-empty",
                        "Nothing in that slot",
                        "Slot " + slot + " of " + unit.name() + " holds no channel. Write the list first."));
    }

    private static TalkHeardView view(RadioSlot slot, Air.Heard heard) {
        List<SeenView> seen = new ArrayList<>();
        List<String> words = new ArrayList<>();
        if (heard.sent()) {
            seen.add(SeenView.light);
            words.add("The transmit light came on");
        } else {
            words.add("The radio did not send");
        }
        if (heard.tail()) {
            seen.add(SeenView.tail);
            words.add("a tail came back from "
                    + heard.opened().map(Repeater::name).orElse("the repeater"));
        }
        if (heard.answered()) {
            seen.add(SeenView.answered);
            words.add("somebody answered");
        }
        if (heard.voices()) {
            seen.add(SeenView.identified);
            words.add("voices were on the channel");
        }
        if (!heard.tail() && !heard.answered() && !heard.voices()) {
            seen.add(SeenView.nothing);
            words.add("nothing was heard");
        }
        return new TalkHeardView(
                slot.name(),
                slot.transmit().map(Frequency::toMegahertzText).orElse(null),
                seen,
                String.join(", ", words) + ".");
    }
}
