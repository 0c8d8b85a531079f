package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.BankEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ScanLimits;

class ScanFitTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final RadioModel WRENLING =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow().model();

    private static RadioModel with(ScanLimits scan) {
        Limits of = WRENLING.limits();
        return new RadioModel(
                "x",
                "Test",
                "X",
                WRENLING.kind(),
                new Limits(
                        of.slots(),
                        of.name(),
                        of.receive(),
                        of.transmit(),
                        of.tones(),
                        of.shift(),
                        of.listenOnly(),
                        of.power(),
                        scan,
                        of.home()));
    }

    /** Three banks: A has slots 0 1 2, B has 2 1 (in that order), C has 3 that the radio cannot hold, and 0; slot 4 is listen-only. */
    private static ChannelList list() {
        ChannelList list = Lists.of(R2, "A 145.310-", "B 147.135+", "C 443.500+", "D 223.500", "E 156.800");
        for (ListEdit edit : List.of(
                bank("A", 0, 1, 2),
                bank("B", 2),
                new BankEdit.FillBank("B", List.of(new UUID(0, 1)), true),
                bank("C", 3, 0),
                new BankEdit.Priority(Optional.of(new UUID(0, 1))))) {
            list = ((ListChange.Changed) edit.applyTo(list)).list();
        }
        return list;
    }

    private static BankEdit bank(String name, int... slots) {
        return new BankEdit.AddBank(
                name,
                Optional.empty(),
                java.util.Arrays.stream(slots)
                        .mapToObj(each -> new UUID(0, each))
                        .toList());
    }

    /** What is lost is told, for every way in which radios have banks: none, one each, several, small ones, few. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0 | 0  | 0 | true  | [] [] [] []        | fit-no-banks fit-no-priority                 |
            8 | 99 | 8 | true  | [1, 3] [1, 2] [1, 2] [] | fit-no-priority                         |
            8 | 99 | 1 | true  | [1] [1] [1] []     | fit-no-priority                              | 0 fit-in-fewer-banks; 1 fit-in-fewer-banks; 2 fit-in-fewer-banks
            8 | 1  | 8 | true  | [1, 3] [] [2] []   | fit-bank-full fit-bank-full fit-no-priority  | 1 fit-not-in-bank; 2 fit-not-in-bank
            2 | 99 | 2 | true  | [1] [1, 2] [1, 2] [] | fit-banks-left-out fit-no-priority         |
            0 | 0  | 0 | false | [] [] [] []        | fit-no-banks fit-scans-all fit-no-priority   |
            """)
    void whatARadioCannotKeepApartIsTold(
            int banks, int channels, int each, boolean skips, String inside, String wide, String reasons) {
        FitReport report = new Fitter(with(new ScanLimits(banks, channels, each, skips, false)), R2).fit(list());
        assertThat(report.contents().slots().values().stream()
                        .map(RadioSlot::banks)
                        .map(Object::toString)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(inside);
        assertThat(report.contents().slots().get(4).scan()).isEqualTo(!skips);
        assertThat(report.contents().slots().get(0).scan()).isTrue();
        assertThat(report.wide().stream().map(found -> found.kind().code()).collect(Collectors.joining(" ")))
                .isEqualTo(wide);
        assertThat(report.wide()).extracting(Finding::message).allMatch(message -> !message.contains("{"));
        assertThat(report.placements().stream()
                        .flatMap(placement -> placement.reasons().stream()
                                .filter(reason -> reason.mark() == FitMark.ADAPTED)
                                .map(reason -> placement.slot() + " "
                                        + reason.finding().kind().code()))
                        .collect(Collectors.joining("; ")))
                .isEqualTo(reasons == null ? "" : reasons);
    }
}
