package reckonrod.core.definition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import reckonrod.core.channel.Emission;
import reckonrod.core.definition.ShortDefinition.KeptShift;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Kind;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.ShiftLimit;

/** A radio that its owner tells from the manual is the radio that he told. */
class ShortDefinitionTest {
    private static ShortDefinition told(String maker, String model, KeptShift shift, boolean large) {
        return new ShortDefinition(
                maker,
                model,
                large ? Kind.MOBILE : Kind.HANDHELD,
                large ? 1 : 0,
                large ? 9999 : 99,
                large ? 16 : 0,
                large,
                ShortDefinition.stretches("136-174, 400-480"),
                ShortDefinition.stretches("144-148"),
                large ? ShortDefinition.stretches("108-135.995") : List.of(),
                large,
                large ? 51 : 38,
                large ? 104 : 0,
                large,
                ShortDefinition.powers(large ? "50, 20, 5" : "5"),
                shift,
                large ? 10 : 0,
                large);
    }

    private static Limits limits(ShortDefinition told) {
        RadioDefinition read = RadioDefinitions.readNew("told.yaml", told.yaml());
        assertThat(read.id()).isEqualTo(told.id());
        assertThat(read.memory()).isEmpty();
        assertThat(read.link()).isEmpty();
        return read.limits();
    }

    @ParameterizedTest
    @EnumSource(KeptShift.class)
    void allThatWasToldIsRead(KeptShift shift) {
        Limits limits = limits(told("Halden", "H 5/B", shift, true));
        assertThat(limits.slots().first()).isEqualTo(1);
        assertThat(limits.slots().last()).isEqualTo(9999);
        assertThat(limits.name().longest()).isEqualTo(16);
        assertThat(limits.name().allows("Skarra -2/b")).isTrue();
        assertThat(limits.receiving(Frequency.parse("118.300")).map(BandLimit::emissions))
                .contains(List.of(Emission.AM));
        assertThat(limits.receiving(Frequency.parse("446.00625")).map(BandLimit::emissions))
                .contains(List.of(Emission.FM, Emission.NFM));
        assertThat(limits.transmitting(Frequency.parse("446.00625"))).isEmpty();
        assertThat(limits.transmitting(Frequency.parse("148.000"))).isPresent();
        assertThat(limits.tones().talk()).isEqualTo(limits.tones().listen());
        assertThat(limits.tones().talk().ctcss()).hasSize(51);
        assertThat(limits.tones().talk().dcs()).hasSize(104);
        assertThat(limits.tones().talk().inverted()).isTrue();
        assertThat(limits.power().stream()
                        .map(each -> each.level().word() + " " + each.watts())
                        .collect(Collectors.joining(", ")))
                .isEqualTo("high 50, mid 20, low 5");
        assertThat(limits.banks()).isEqualTo(10);
        assertThat(limits.listenOnly()).isTrue();
        assertThat(limits.shift())
                .isInstanceOf(
                        switch (shift) {
                            case ANY_PAIR -> ShiftLimit.AnyPair.class;
                            case SIZE_FOR_EACH_SLOT -> ShiftLimit.Steps.class;
                            case ONE_SIZE_A_BAND -> ShiftLimit.OncePerBand.class;
                        });
    }

    @Test
    void whatItDoesNotHaveIsNotThere() {
        Limits limits = limits(told("Halden", "H5", KeptShift.ANY_PAIR, false));
        assertThat(limits.name().longest()).isZero();
        assertThat(limits.receiving(Frequency.parse("118.300"))).isEmpty();
        assertThat(limits.receiving(Frequency.parse("145.310")).map(BandLimit::emissions))
                .contains(List.of(Emission.FM));
        assertThat(limits.tones().talk().ctcss()).hasSize(38);
        assertThat(limits.tones().talk().dcs()).isEmpty();
        assertThat(limits.tones().talk().inverted()).isFalse();
        assertThat(limits.banks()).isZero();
        assertThat(limits.listenOnly()).isFalse();
    }

    /** Names with what means something in the text of a file are names, and nothing more is read out of them. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Halden        | H5                    | halden-h5
            "Halden"      | H5: {x}               | halden-h5-x
            Hal\\den      | H#5                   | hal-den-h-5
            Ærø & Söhne   | 5/B                   | r-s-hne-5-b
            ' - x: 1      | [H5]                  | x-1-h5
            """)
    void aNameIsANameWhateverItHas(String maker, String model, String id) {
        ShortDefinition told = told(maker, model, KeptShift.ANY_PAIR, false);
        assertThat(told.id()).isEqualTo(id);
        assertThat(RadioDefinitions.readNew("told.yaml", told.yaml()).title()).isEqualTo(maker + " " + model);
    }

    /** A line break would begin another line of the file. */
    @Test
    void aNameOfSeveralLinesIsOneLine() {
        ShortDefinition told = told("Halden\nlimits: none", "H5\u2028id: other\r\n", KeptShift.ANY_PAIR, false);
        RadioDefinition read = RadioDefinitions.readNew("told.yaml", told.yaml());
        assertThat(read.title()).isEqualTo("Halden limits: none H5 id: other");
        assertThat(read.id()).isEqualTo("halden-limits-none-h5-id-other");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            136-174              | 136-174
            136–174, 400—480     | 136-174 400-480
            136 - 174 MHz;400-480MHz | 136-174 400-480
            108-135.995 / 144-148 | 108-135.995 144-148
            136-174 400-480      | 136-174 400-480
            """)
    void stretchesAreReadAsPeopleWriteThem(String text, String stretches) {
        assertThat(String.join(" ", ShortDefinition.stretches(text))).isEqualTo(stretches);
    }

    /** A comma parts stretches; one that was meant as a decimal mark leaves halves that are none. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            ''             | At least one must be given
            ,              | At least one must be given
            136            | two frequencies in MHz with a dash between them, such as 136-174, was "136"
            136-           | was "136-"
            136-174-180    | was "136-174-180"
            108-135,995    | was "995"
            vhf            | was "vhf"
            136-174 kHz    | was "kHz"
            """)
    void whatIsNoStretchIsTold(String text, String fault) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ShortDefinition.stretches(text))
                .withMessageContaining(fault);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            5              | high 5
            5, 0.5         | high 5, low 0.5
            50 W / 20 W / 5 W | high 50, mid 20, low 5
            5 watts;1watt  | high 5, low 1
            """)
    void powersAreReadAsPeopleWriteThem(String text, String powers) {
        assertThat(ShortDefinition.powers(text).stream()
                        .map(each -> each.level().word() + " " + each.watts().toPlainString())
                        .collect(Collectors.joining(", ")))
                .isEqualTo(powers);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            ''          | At least one must be given
            high        | must be a number of watts such as 5 or 0.5, was "high"
            5, 5        | each lower than the one before it
            1, 5        | each lower than the one before it
            5, 0        | above 0 W
            5, 0,5      | each lower than the one before it, with a point in 0.5
            9, 7, 5, 3  | one to three powers, were 4
            -5          | was "-5"
            10000       | was "10000"
            """)
    void whatIsNoPowerIsTold(String text, String fault) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ShortDefinition.powers(text))
                .withMessageContaining(fault);
    }
}
