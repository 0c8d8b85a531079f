package reckonrod.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.image.SlotReading;
import reckonrod.core.list.BankEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListComparison;
import reckonrod.core.list.ListEdit;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.CtcssTone;

class RadioListTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private final AtomicLong ids = new AtomicLong();

    static Iterable<RadioDefinition> radios() {
        return RadioDefinitions.shipped().all();
    }

    private RadioList taken(Limits limits, Map<Integer, SlotReading> readings) {
        return RadioList.of("Read", R2, limits, readings, () -> new UUID(7, ids.incrementAndGet()));
    }

    /** What a radio was given comes back as a list that gives the radio the same again. */
    @ParameterizedTest
    @MethodSource("radios")
    void aRadioReadIntoAListGetsTheSameAgain(RadioDefinition radio) {
        ChannelList list = Lists.of(
                R2,
                "FIRST 146.520",
                "SKARRA 145.310- 71.9 low",
                "\"=1 N\" 147.135+ T88.5 R88.5",
                "443.500+ D023N",
                "FERRY X 145.350 > 433.475",
                "145.150- R100.0",
                "TOWER 132.810 am",
                "NAR 147.510 nfm");
        for (ListEdit edit : List.of(
                new BankEdit.AddBank("A", Optional.empty(), List.of(new UUID(0, 2))),
                new BankEdit.AddBank("Empty", Optional.empty(), List.of()),
                new BankEdit.AddBank("C", Optional.empty(), List.of(new UUID(0, 2), new UUID(0, 1))),
                new BankEdit.Scan(List.of(new UUID(0, 3), new UUID(0, 4)), Optional.of(false)),
                new BankEdit.Scan(List.of(new UUID(0, 6)), Optional.of(true)))) {
            list = ((ListChange.Changed) edit.applyTo(list)).list();
        }
        Fitter fitter = new Fitter(radio.model(), R2);
        NavigableMap<Integer, RadioSlot> before = fitter.fit(list).contents().slots();
        Map<Integer, SlotReading> readings = new TreeMap<>();
        before.forEach((slot, content) -> readings.put(slot, new SlotReading.Held(content)));
        RadioList read = taken(radio.limits(), readings);
        assertThat(read.unread()).isEmpty();
        assertThat(fitter.fit(read.list()).contents().slots()).isEqualTo(before);
    }

    /** Of a radio that holds the list as it was written nothing differs; a tone that was changed on it does, and nothing else of it. */
    @ParameterizedTest
    @MethodSource("radios")
    void whatARadioHoldsAsItWouldBeWrittenIsNoDifference(RadioDefinition radio) {
        ChannelList list = Lists.of(
                R2,
                "FIRST OF THE LONG NAMES 146.520 mid",
                "SKARRA LIGHTHOUSE NORTH 145.310- 71.9 low",
                "PELL 147.135+ T88.5");
        FitReport fitted = new Fitter(radio.model(), R2).fit(list);
        Map<Integer, SlotReading> readings = new TreeMap<>();
        fitted.contents().slots().forEach((slot, content) -> readings.put(slot, new SlotReading.Held(content)));
        assertThat(compared(radio, list, fitted, readings))
                .allSatisfy(row -> assertThat(row.kind()).isEqualTo(ListComparison.Kind.ONLY_HERE))
                .hasSize(3 - readings.size());
        int skarra = readings.entrySet().stream()
                .filter(each ->
                        each.getValue().content().orElseThrow().receive().hertz() == 145_310_000)
                .findFirst()
                .orElseThrow()
                .getKey();
        RadioSlot held = readings.get(skarra).content().orElseThrow();
        readings.put(
                skarra,
                new SlotReading.Held(new RadioSlot(
                        held.name(),
                        held.receive(),
                        held.transmit(),
                        CtcssTone.parse("100.0"),
                        held.listenTone(),
                        held.emission(),
                        held.power(),
                        held.scan(),
                        held.banks())));
        assertThat(compared(radio, list, fitted, readings))
                .filteredOn(row -> row.kind() == ListComparison.Kind.CHANGED)
                .singleElement()
                .satisfies(row -> assertThat(row.parts()).containsExactly(ListComparison.Part.TALK_TONE))
                .satisfies(row -> assertThat(row.there().orElseThrow().entry().line())
                        .contains("SKARRA LIGHTHOUSE NORTH")
                        .contains("100.0"));
    }

    private List<ListComparison.Row> compared(
            RadioDefinition radio, ChannelList list, FitReport fitted, Map<Integer, SlotReading> readings) {
        ChannelList held = taken(radio.limits(), readings).list();
        return ListComparison.of(list, SeenInRadio.list(list, fitted, held, readings, R2))
                .rows();
    }

    @Test
    void whatCannotBeReadIsToldAndNotGuessed() {
        RadioList read = taken(
                RadioDefinitions.shipped().all().iterator().next().limits(),
                Map.of(4, new SlotReading.Unreadable("receive means nothing")));
        assertThat(read.list().entries()).isEmpty();
        assertThat(read.unread()).containsExactly("slot 4: receive means nothing");
    }
}
