package reckonrod.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotReading;
import reckonrod.core.list.SlotRange;
import reckonrod.core.radio.RadioSlot;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** The talk key of a simulated radio: what its memory holds goes out onto the invented air. No real radio is keyed from here. */
@RestController
@RequestMapping("/api/radios/{id}/talk")
class TalkController {
    private final RadioUnits units;
    private final Bench bench;
    private final TalkAir air;

    TalkController(RadioUnits units, Bench bench, TalkAir air) {
        this.units = units;
        this.bench = bench;
        this.air = air;
    }

    /** A press of the talk key on a slot, at a place. */
    record TalkRequest(
            @NotNull(message = "must be given") Integer slot,
            @NotBlank(message = "must be given") String at) {}

    @PostMapping
    TalkAir.TalkHeardView talk(@PathVariable String id, @Valid @RequestBody TalkRequest request) {
        RadioUnit unit = units.get(id);
        return air.heard(unit.definition(), slot(unit, request.slot()), request.at());
    }

    private RadioSlot slot(RadioUnit unit, int slot) {
        SlotRange slots = unit.definition().limits().slots();
        if (!slots.contains(slot)) {
            throw ProblemException.refused(
                    "no-such-slot",
                    "No such slot",
                    "Slot " + slot + " is not one of " + unit.name() + "; its slots are " + slots.first() + " to "
                            + slots.last() + ".");
        }
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
}
