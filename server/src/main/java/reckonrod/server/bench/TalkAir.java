package reckonrod.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import reckonrod.core.air.Repeater;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.find.Finder;
import reckonrod.core.find.LowestPower;
import reckonrod.core.find.UsualStation;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.prove.Paths;
import reckonrod.core.radio.RadioSlot;
import reckonrod.server.fieldlog.FieldTestView.SeenView;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.places.TerrainTiles;
import reckonrod.sim.air.Air;
import reckonrod.sim.world.World;

/** The invented air: what is heard when a simulated radio, or one to practise on, is keyed up. */
@Component
public class TalkAir {
    // What has become of the repeaters of the isles follows from it; one of them has another tone by now.
    static final long SEED = 538;

    private final BandPlans plans;
    private final TerrainTiles terrain;
    private final PlaceFinder places;
    private final Clock clock;

    TalkAir(BandPlans plans, TerrainTiles terrain, PlaceFinder places, Clock clock) {
        this.plans = plans;
        this.terrain = terrain;
        this.places = places;
        this.clock = clock;
    }

    /**
     * What is seen and heard of it.
     *
     * @param shown what the display shows while the key is down
     * @param seen the same as it is tapped into the log
     * @param says the same in words
     */
    public record TalkHeardView(
            String name, @Schema(nullable = true) String shown, List<SeenView> seen, String says) {}

    /** The talk key is pressed at a place. */
    public TalkHeardView heard(RadioDefinition definition, RadioSlot slot, String at) {
        return view(
                slot,
                air().keyUp(
                                slot,
                                places.one(at).position(),
                                definition.kind().word(),
                                watts(definition, slot),
                                clock.instant()));
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
