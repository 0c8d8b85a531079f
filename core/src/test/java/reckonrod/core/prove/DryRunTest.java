package reckonrod.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reckonrod.core.Entries;
import reckonrod.core.Lists;
import reckonrod.core.air.Hindrance;
import reckonrod.core.air.Repeater;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.State;
import reckonrod.core.find.Finder;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.fit.Fitter;
import reckonrod.core.fit.Placement;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Origin;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.reach.Station;
import reckonrod.core.reach.Terrain;

class DryRunTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Position HERE = new Position(47.5, -38);
    private static final Finder FINDER =
            new Finder(Station.of(1.5, -8, 5), R2, Terrain.UNKNOWN, LocalDate.of(2026, 11, 27));
    private static final RadioModel W12 = model("wrenling-w12");

    private static RadioModel model(String id) {
        return RadioDefinitions.shipped().find(id).orElseThrow().model();
    }

    private static Entries skarra(double kilometres) {
        return Entries.at("v:skarra", "Skarra", HERE.onCourse(90, kilometres * 1000));
    }

    private static Repeater real(DirectoryEntry entry) {
        return Repeater.of(entry, FINDER.input(entry), RepeaterPlace.of(entry).map(RepeaterPlace::place));
    }

    private static Prediction predict(String line, DirectoryEntry entry, RadioModel radio) {
        ChannelList list = Lists.of(R2, line);
        Placement placement = new Fitter(radio, R2).fit(list).placements().get(0);
        return new DryRun(Map.of(placement.entry().id(), real(entry)), new Paths(Terrain.UNKNOWN))
                .predict(placement, radio, HERE);
    }

    @Test
    void nearItOpensFartherOnlyHereAndThereAndThenNotAtAll() {
        assertThat(predict("145.310- 71.9", skarra(5).build(), W12).outcome()).isEqualTo(Outcome.OPENS);
        Prediction marginal = predict("145.310- 71.9", skarra(45).build(), W12);
        assertThat(marginal.outcome()).isEqualTo(Outcome.PERHAPS);
        assertThat(marginal.margins().orElseThrow().worse()).isBetween(0.0, 10.0);
        Prediction far = predict("145.310- 71.9", skarra(300).build(), W12);
        assertThat(far.outcome()).isEqualTo(Outcome.SILENT);
        assertThat(far.hindrances()).containsExactlyInAnyOrder(Hindrance.TOO_WEAK_HERE, Hindrance.TOO_WEAK_THERE);
        // With less power it is heard, and does not open.
        Prediction low = predict("145.310- 71.9 low", skarra(45).build(), W12);
        assertThat(low.outcome()).isEqualTo(Outcome.HEARD_ONLY);
        assertThat(low.hindrances()).containsExactly(Hindrance.TOO_WEAK_THERE);
        // The next higher power is offered, and none where nothing comes back.
        Channel asked = Lists.entry(R2, 0, "145.310- 71.9 low").channel();
        assertThat(new Mending(R2).mended(low.hindrances(), asked, Optional.empty()))
                .map(Channel::power)
                .contains(Power.MID);
        assertThat(new Mending(R2).mended(far.hindrances(), asked, Optional.empty()))
                .isEmpty();
    }

    /** What the radio makes of the channel is what is tried, not what the list says. */
    @Test
    void theRadioDecidesWhatIsTried() {
        DirectoryEntry near = skarra(5).build();
        assertThat(predict("145.310-", near, W12).outcome()).isEqualTo(Outcome.HEARD_ONLY);
        assertThat(predict("145.310- 71.9 listen 71.9", near, W12).outcome()).isEqualTo(Outcome.UNHEARD);
        assertThat(predict("145.310 listen only", near, W12).outcome()).isEqualTo(Outcome.LISTENS);
        assertThat(predict("145.310- 71.9", skarra(5).state(State.OFF_AIR).build(), W12)
                        .outcome())
                .isEqualTo(Outcome.SILENT);
        assertThat(predict("132.805 am", near, W12).outcome()).isEqualTo(Outcome.NOT_IN_RADIO);
    }

    @Test
    void whatIsWrongInTheChannelIsMendedByTheDirectory() {
        DirectoryEntry near = skarra(5).build();
        ChannelList list = Lists.of(R2, "145.310+ listen 71.9");
        ListEntry entry = list.entries().get(0);
        Prediction prediction = predict("145.310+ listen 71.9", near, W12);
        assertThat(new Mending(R2)
                        .mended(prediction.hindrances(), entry.channel(), Optional.of(near))
                        .orElseThrow()
                        .onAir())
                .isEqualTo(Lists.entry(R2, 0, "145.310- 71.9").channel().onAir());
        assertThat(new Mending(R2)
                        .mended(Set.of(Hindrance.OFF_AIR, Hindrance.TOO_WEAK_HERE), entry.channel(), Optional.of(near)))
                .isEmpty();
    }

    /** By where it was taken from; else by what it would open, the nearest of two; one without a shift by what is near. */
    @Test
    void aChannelFindsItsRepeater() {
        DirectoryEntry skarra = skarra(5).build();
        DirectoryEntry twin = Entries.at("v:twin", "Twin", HERE.onCourse(90, 2_000))
                .line("145.310", "-0.600", "88.5")
                .build();
        DirectoryEntry farther =
                Entries.at("v:far", "Far", HERE.onCourse(90, 90_000)).build();
        OwnRepeaters own = new OwnRepeaters(List.of(twin), List.of(farther, twin, skarra), FINDER);
        assertThat(own.of(Lists.entry(R2, 1, "145.310- 71.9"), HERE)).contains(skarra);
        assertThat(own.of(Lists.entry(R2, 1, "145.310- 88.5"), HERE)).contains(twin);
        assertThat(own.of(Lists.entry(R2, 1, "145.310 simplex"), HERE))
                .as("its shift was left out")
                .contains(twin);
        assertThat(new OwnRepeaters(List.of(), List.of(farther), FINDER)
                        .of(Lists.entry(R2, 1, "145.310 simplex"), HERE))
                .as("too far to be meant")
                .isEmpty();
        assertThat(own.of(Lists.entry(R2, 1, "146.940-"), HERE)).isEmpty();
        ListEntry taken = Lists.entry(R2, 1, "145.360-").withOrigin(Origin.named("v:twin"));
        assertThat(own.of(taken, HERE)).as("whatever it says by now").contains(twin);
    }

    private static WhoHears.Post post(String line, double kilometresEast, String kind, int watts) {
        ListEntry entry = Lists.entry(R2, 1, line);
        return new WhoHears.Post(
                new Fitter(model("wrenling-w40"), R2).fit(1, entry).content().orElseThrow(),
                kind,
                BigDecimal.valueOf(watts),
                HERE.onCourse(90, kilometresEast * 1000));
    }

    @Test
    void whoHearsWhom() {
        Paths paths = new Paths(Terrain.UNKNOWN);
        WhoHears direct = new WhoHears(Terrain.UNKNOWN, paths, Optional.empty());
        WhoHears.Post hand = post("146.520", 0, "handheld", 5);
        assertThat(direct.from(hand, post("146.520", 1, "handheld", 5)).by()).isEqualTo(WhoHears.By.DIRECT);
        WhoHears.Heard far = direct.from(hand, post("146.520", 60, "handheld", 5));
        assertThat(far.by()).isEqualTo(WhoHears.By.NOT);
        assertThat(far.marginDecibels()).isNegative();
        assertThat(direct.from(post("146.520 listen only", 0, "handheld", 5), hand)
                        .by())
                .isEqualTo(WhoHears.By.NEVER_TALKS);
        assertThat(direct.from(hand, post("146.520 listen 71.9", 1, "handheld", 5))
                        .by())
                .as("a speaker that waits for a tone stays shut")
                .isEqualTo(WhoHears.By.APART);

        WhoHears relayed =
                new WhoHears(Terrain.UNKNOWN, paths, Optional.of(real(skarra(20).build())));
        WhoHears.Post one = post("145.310- 71.9", 0, "handheld", 5);
        WhoHears.Post other = post("145.310- 71.9", 40, "handheld", 5);
        assertThat(relayed.from(one, other).by()).isEqualTo(WhoHears.By.REPEATER);
        assertThat(relayed.from(post("145.310-", 0, "handheld", 5), other).by())
                .as("without the tone it does not open")
                .isEqualTo(WhoHears.By.APART);
        assertThat(relayed.from(post("145.310- 71.9", 200, "handheld", 5), other)
                        .by())
                .isEqualTo(WhoHears.By.NOT);
    }

    /** A thousand ways worked out once give the same as each worked out alone. */
    @Test
    void aPathWorkedOutOnceServesEveryPower() {
        Paths paths = new Paths(Terrain.UNKNOWN);
        Repeater skarra = real(skarra(30).build());
        Map<Integer, Double> margins = new HashMap<>();
        for (int watts : List.of(1, 5, 50)) {
            margins.put(
                    watts,
                    paths.between(HERE, "handheld", BigDecimal.valueOf(watts), skarra)
                            .orElseThrow()
                            .there());
        }
        assertThat(margins.get(50) - margins.get(5)).isCloseTo(10, within(1e-9));
        double alone = FINDER.reach(HERE, skarra(30).build())
                .orElseThrow()
                .heardThere()
                .marginDecibels();
        assertThat(margins.get(5)).isCloseTo(alone, within(1e-9));
    }
}
