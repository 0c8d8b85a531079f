package reckonrod.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.SlotReading;
import reckonrod.core.list.ChannelList;
import reckonrod.core.radio.RadioSlot;

/** Which channels of a radio are whose: a channel of the list is known again by its number, a stranger has one from 700 on. */
class SeenInRadioTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    private final ChannelList list = Lists.of(
            R2,
            "CALLING OF THE ISLES 146.520 mid",
            "SKARRA LIGHTHOUSE 145.310- 71.9 low",
            "PELL 147.135+ T88.5",
            "PELL AGAIN 147.135+ T88.5");
    private final FitReport fitted = new Fitter(W12.model(), R2).fit(list);
    private final Map<Integer, RadioSlot> held = new TreeMap<>();

    @BeforeEach
    void theRadioHoldsTheList() {
        held.putAll(fitted.contents().slots());
    }

    private String seen() {
        Map<Integer, SlotReading> readings = new TreeMap<>();
        held.forEach((slot, content) -> readings.put(slot, new SlotReading.Held(content)));
        AtomicLong ids = new AtomicLong(700);
        ChannelList read = RadioList.of("Read", R2, W12.limits(), readings, () -> new UUID(0, ids.getAndIncrement()))
                .list();
        return SeenInRadio.list(list, fitted, read, readings, R2).entries().entrySet().stream()
                .map(each -> each.getKey() + "=" + each.getValue().id().getLeastSignificantBits() + " "
                        + each.getValue().line())
                .collect(Collectors.joining("\n"));
    }

    private static RadioSlot with(RadioSlot slot, String name, String listen, Power power) {
        return new RadioSlot(
                name,
                Frequency.parse(listen),
                slot.transmit(),
                slot.talkTone(),
                slot.listenTone(),
                slot.emission(),
                power,
                slot.scan(),
                slot.banks());
    }

    @Test
    void asItWasWrittenItIsOnesOwnWithAllThatTheRadioHasNoRoomFor() {
        assertThat(seen()).isEqualTo("""
                0=0 CALLING OF THE ISLES 146.520 mid
                1=1 SKARRA LIGHTHOUSE 145.310- 71.9 low
                2=2 PELL 147.135+ T88.5
                3=3 PELL AGAIN 147.135+ T88.5""");
    }

    @Test
    void whatWasMovedOnTheRadioIsFoundWhereItStands() {
        RadioSlot first = held.get(0);
        held.put(0, held.get(1));
        held.put(1, first);
        held.put(9, held.remove(2));
        assertThat(seen()).isEqualTo("""
                0=1 SKARRA LIGHTHOUSE 145.310- 71.9 low
                1=0 CALLING OF THE ISLES 146.520 mid
                3=3 PELL AGAIN 147.135+ T88.5
                9=2 PELL 147.135+ T88.5""");
    }

    @Test
    void whatWasChangedInItsPlaceIsOnesOwnAsItIsNow() {
        held.put(0, with(held.get(0), "HOME", "146.520", held.get(0).power()));
        held.put(1, with(held.get(1), held.get(1).name(), "145.330", Power.HIGH));
        held.put(2, with(held.get(2), "OTHER", "146.000", Power.HIGH));
        assertThat(seen()).isEqualTo("""
                0=0 HOME 146.520 simplex mid
                1=1 SKARRA LIGHTHOUSE 145.330 > 144.710 T71.9
                2=702 OTHER 146.000 > 147.735 T88.5
                3=3 PELL AGAIN 147.135+ T88.5""");
    }

    @Test
    void aStrangerStaysOneAndAnEmptyRadioHasNone() {
        held.put(
                40,
                new RadioSlot(
                        "GUEST",
                        Frequency.parse("146.550"),
                        Optional.of(Frequency.parse("146.550")),
                        held.get(0).talkTone(),
                        held.get(0).listenTone(),
                        held.get(0).emission(),
                        Power.HIGH,
                        true,
                        java.util.Set.of()));
        assertThat(seen()).endsWith("40=704 GUEST 146.550 simplex");
        held.clear();
        assertThat(seen()).isEmpty();
    }
}
