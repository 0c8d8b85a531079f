package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.finding.Field;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.radio.ShiftLimit;
import reckonrod.core.radio.ToneSet;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/**
 * For every limit of every radio that ships: what lies just inside is let in as it is, and what lies just outside is told. The cases
 * are made from the definitions, so a limit that the fit forgets is found.
 */
class EveryLimitTest {
    /** A plan by which one may talk anywhere, so that only the radio's own limits speak. */
    private static final BandPlan ANYWHERE = BandPlans.read("anywhere.yaml", """
            id: anywhere
            title: Anywhere
            short_title: Anywhere
            practice: None; for tests of what radios can.
            status: for tests
            bands:
              - name: all
                range_mhz: 30-1300
                rasters_khz: ["5"]
                calling_mhz: ["600"]
            licences:
              - name: any
                talk_mhz: ["30-1300"]
                practice: None; for tests.
            """);

    private static final int A_SLOT = 42;

    static Stream<RadioDefinition> radios() {
        return RadioDefinitions.shipped().all().stream();
    }

    private final SoftAssertions soft = new SoftAssertions();

    private void inside(RadioDefinition radio, String what, int slot, Channel channel, Field field) {
        soft.assertThat(reasons(radio, slot, channel, field))
                .as("%s inside: %s", radio.title(), what)
                .isEmpty();
    }

    private void outside(RadioDefinition radio, String what, int slot, Channel channel, Field field) {
        soft.assertThat(reasons(radio, slot, channel, field))
                .as("%s outside: %s", radio.title(), what)
                .isNotEmpty();
    }

    private static List<String> reasons(RadioDefinition radio, int slot, Channel channel, Field field) {
        return new Fitter(radio.model(), ANYWHERE)
                .fit(slot, ListEntry.of(new UUID(0, 1), channel, "")).reasons().stream()
                        .filter(each -> each.field() == field)
                        .map(FitReason::why)
                        .toList();
    }

    /** A plain simplex channel in the first stretch that the radio talks in. */
    private static Channel plain(Limits limits) {
        return new Channel(
                "A",
                limits.transmit().get(0).range().lower(),
                new Talk.Same(),
                NoTone.NONE,
                NoTone.NONE,
                limits.transmit().get(0).emissions().get(0),
                limits.power().get(0).level(),
                Set.of());
    }

    private static Channel on(Channel channel, Frequency frequency, Talk talk) {
        return new Channel(
                channel.name(),
                frequency,
                talk,
                channel.talkTone(),
                channel.listenTone(),
                channel.emission(),
                channel.power(),
                Set.of());
    }

    @ParameterizedTest
    @MethodSource("radios")
    void slots(RadioDefinition radio) {
        Channel plain = plain(radio.limits());
        int first = radio.limits().slots().first();
        int last = radio.limits().slots().last();
        inside(radio, "slot " + first, first, plain, Field.SLOT);
        inside(radio, "slot " + last, last, plain, Field.SLOT);
        outside(radio, "slot " + (last + 1), last + 1, plain, Field.SLOT);
        if (first > 0) {
            outside(radio, "slot " + (first - 1), first - 1, plain, Field.SLOT);
        }
        soft.assertAll();
    }

    @ParameterizedTest
    @MethodSource("radios")
    void names(RadioDefinition radio) {
        Limits limits = radio.limits();
        Channel plain = plain(limits);
        int longest = limits.name().longest();
        inside(radio, "a name of " + longest, A_SLOT, plain.withName("X".repeat(longest)), Field.NAME);
        outside(radio, "a name of " + (longest + 1), A_SLOT, plain.withName("X".repeat(longest + 1)), Field.NAME);
        for (char each : limits.name().characters().strip().toCharArray()) {
            inside(radio, "a name with " + each, A_SLOT, plain.withName("X" + each + "X"), Field.NAME);
        }
        outside(radio, "a name with a sign it has not", A_SLOT, plain.withName("X\u2192X"), Field.NAME);
        soft.assertAll();
    }

    @ParameterizedTest
    @MethodSource("radios")
    void stretchesAndSteps(RadioDefinition radio) {
        Limits limits = radio.limits();
        edges(radio, limits.receive(), Field.RECEIVE);
        edges(radio, limits.transmit(), Field.TRANSMIT);
        soft.assertAll();
    }

    private void edges(RadioDefinition radio, List<BandLimit> bands, Field field) {
        Channel plain = plain(radio.limits());
        for (BandLimit band : bands) {
            Shift step = Shift.ofHertz(50_000);
            List<Frequency> within =
                    new ArrayList<>(List.of(band.range().lower(), band.range().upper()));
            band.steps()
                    .forEach(
                            each -> within.add(each.nearest(band.range().lower().plus(Shift.ofHertz(50_000)))));
            within.forEach(each -> inside(radio, each.toString(), A_SLOT, there(plain, each, field), field));
            Stream.of(
                            band.range().lower().plus(Shift.ofHertz(-step.hertz())),
                            band.range().upper().plus(step))
                    .filter(each -> bands.stream().noneMatch(other -> other.contains(each)))
                    .forEach(each -> outside(radio, each.toString(), A_SLOT, there(plain, each, field), field));
            // A simplex channel that is off the steps of the dial is told so once, where it listens.
            Frequency off = band.range().lower().plus(Shift.ofHertz(51_010));
            outside(radio, "off the steps, " + off, A_SLOT, there(plain, off, field), Field.RECEIVE);
            radio.limits()
                    .receiving(band.range().lower())
                    .ifPresent(heard -> heard.steps().stream()
                            .map(each -> each.nearest(off))
                            .filter(each -> !band.tunes(each))
                            .forEach(each -> outside(
                                    radio,
                                    "heard and not talked on, " + each,
                                    A_SLOT,
                                    there(plain, each, field),
                                    field)));
        }
    }

    private static Channel there(Channel plain, Frequency frequency, Field field) {
        return on(plain, frequency, field == Field.RECEIVE ? new Talk.Never() : new Talk.Same());
    }

    @ParameterizedTest
    @MethodSource("radios")
    void tones(RadioDefinition radio) {
        Limits limits = radio.limits();
        Channel plain = plain(limits);
        for (Tone tone : everyTone()) {
            boolean alike = tone instanceof DcsCode code
                    && ToneTable.EXTENDED.sameOnAir(code).stream()
                            .anyMatch(each -> limits.tones().talk().has(each));
            if (!(tone instanceof ReversedTone)) {
                tone(radio, limits.tones().talk(), tone, plain.withTones(tone, NoTone.NONE), Field.TALK_TONE, alike);
            }
            tone(radio, limits.tones().listen(), tone, plain.withTones(NoTone.NONE, tone), Field.LISTEN_TONE, alike);
        }
        Channel mixed = plain.withTones(Tone.parse("DCS 023 N"), Tone.parse("DCS 025 I"));
        if (limits.tones().onePolarity()) {
            outside(radio, "two polarities", A_SLOT, mixed, Field.LISTEN_TONE);
        } else if (limits.tones().listen().inverted()) {
            inside(radio, "two polarities", A_SLOT, mixed, Field.LISTEN_TONE);
        }
        soft.assertAll();
    }

    private void tone(RadioDefinition radio, ToneSet tones, Tone tone, Channel channel, Field field, boolean alike) {
        if (tones.has(tone)) {
            inside(radio, field + " " + tone, A_SLOT, channel, field);
        } else {
            outside(radio, field + " " + tone, A_SLOT, channel, field);
            if (!alike && field == Field.TALK_TONE) {
                soft.assertThat(new Fitter(radio.model(), ANYWHERE)
                                .fit(A_SLOT, ListEntry.of(new UUID(0, 1), channel, ""))
                                .mark())
                        .as("%s, %s cannot be sent", radio.title(), tone)
                        .isEqualTo(FitMark.LEFT_OUT);
            }
        }
    }

    private static List<Tone> everyTone() {
        List<Tone> all = new ArrayList<>(ToneTable.EXTENDED.ctcss());
        ToneTable.EXTENDED.dcs().forEach(code -> all.addAll(List.of(code, code.inverted())));
        ToneTable.EXTENDED.ctcss().forEach(tone -> all.add(new ReversedTone(tone)));
        return all;
    }

    @ParameterizedTest
    @MethodSource("radios")
    void power(RadioDefinition radio) {
        List<Power> has = radio.limits().power().stream().map(PowerLevel::level).toList();
        Arrays.stream(Power.values()).forEach(level -> {
            Channel channel = plain(radio.limits()).withPower(level);
            if (has.contains(level)) {
                inside(radio, level.word(), A_SLOT, channel, Field.POWER);
            } else {
                outside(radio, level.word(), A_SLOT, channel, Field.POWER);
            }
        });
        soft.assertAll();
    }

    @ParameterizedTest
    @MethodSource("radios")
    void emissions(RadioDefinition radio) {
        for (BandLimit band : radio.limits().receive()) {
            for (Emission emission : Emission.values()) {
                Channel channel = on(plain(radio.limits()), band.range().lower(), new Talk.Never())
                        .withEmission(emission);
                String what = emission + " at " + band.range();
                if (band.kept().contains(emission)) {
                    inside(radio, what, A_SLOT, channel, Field.EMISSION);
                } else {
                    outside(radio, what, A_SLOT, channel, Field.EMISSION);
                }
                if (band.byHand().contains(emission)) {
                    assertThat(new Fitter(radio.model(), ANYWHERE)
                                    .fit(A_SLOT, ListEntry.of(new UUID(0, 1), channel, ""))
                                    .mark())
                            .isEqualTo(FitMark.BY_HAND);
                }
            }
        }
        soft.assertAll();
    }

    @ParameterizedTest
    @MethodSource("radios")
    void shifts(RadioDefinition radio) {
        Limits limits = radio.limits();
        BandLimit band = limits.transmit().get(limits.transmit().size() - 1);
        Frequency listen = band.range().lower();
        long step;
        if (limits.shift() instanceof ShiftLimit.Steps steps) {
            step = steps.stepHertz();
        } else if (limits.shift() instanceof ShiftLimit.OncePerBand once) {
            step = once.stepHertz();
        } else {
            step = 50_000;
        }
        inside(radio, "a shift of a step", A_SLOT, shifted(limits, listen, step), Field.TRANSMIT);
        boolean any = limits.shift() instanceof ShiftLimit.AnyPair
                || limits.shift() instanceof ShiftLimit.Steps steps && steps.separate() > 0;
        Channel half = shifted(limits, listen, step * 3 / 2);
        if (any) {
            inside(radio, "a shift between the steps", A_SLOT, half, Field.TRANSMIT);
        } else {
            outside(radio, "a shift between the steps", A_SLOT, half, Field.TRANSMIT);
        }
        Frequency elsewhere = limits.transmit().get(0).range().lower();
        Channel cross = on(plain(limits), listen, new Talk.On(elsewhere));
        if (any) {
            inside(radio, "another band", A_SLOT, cross, Field.TRANSMIT);
        } else {
            outside(radio, "another band", A_SLOT, cross, Field.TRANSMIT);
        }
        soft.assertAll();
    }

    private static Channel shifted(Limits limits, Frequency listen, long hertz) {
        return on(plain(limits), listen, new Talk.On(listen.plus(Shift.ofHertz(hertz))));
    }

    /** What never talks stays so in a radio that cannot be kept from talking: it is left out. */
    @ParameterizedTest
    @MethodSource("radios")
    void listenOnly(RadioDefinition radio) {
        Channel silent = plain(radio.limits()).withTalk(new Talk.Never());
        Optional<reckonrod.core.radio.RadioSlot> content = new Fitter(radio.model(), ANYWHERE)
                .fit(A_SLOT, ListEntry.of(new UUID(0, 1), silent, ""))
                .content();
        assertThat(content.isPresent()).isEqualTo(radio.limits().listenOnly());
        content.ifPresent(each -> assertThat(each.transmit()).isEmpty());
    }
}
