package reckonrod.server.reckon;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.Segment;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.PairSum;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.notation.BandStrip;
import reckonrod.core.notation.Explanation;
import reckonrod.core.notation.WorkedAnswer;

/** A worked answer on the wire; frequencies in hertz, null where there is none. */
public record ReckonAnswer(
        String line,
        boolean answered,
        @Schema(nullable = true) String name,
        @Schema(nullable = true) Long receiveHz,
        @Schema(nullable = true) Long transmitHz,
        @Schema(nullable = true) Long shiftHz,
        @Schema(nullable = true) String talkTone,
        @Schema(nullable = true) String listenTone,
        @Schema(nullable = true) String emission,
        @Schema(nullable = true) String power,
        Sum sum,
        List<StepView> working,
        List<ChangeView> changes,
        List<KeyingView> keying,
        List<FindingView> findings,
        List<StripView> strips,
        @Schema(nullable = true) PlaceView place,
        String caution) {
    /**
     * Where the channel would go in a list, and what the person's radios would make of it there.
     *
     * @param slot the slot it really takes; null where none is free
     * @param block the block that it goes into by what belongs there; null where it goes to the cursor
     * @param refused why it cannot go in; null where it can
     */
    public record PlaceView(
            @Schema(nullable = true) Integer slot,
            @Schema(nullable = true) String block,
            @Schema(nullable = true) String refused,
            List<RadioFitView> radios) {}

    /** What one radio makes of it, in words. */
    public record RadioFitView(String radio, String mark, List<String> why) {}

    /**
     * The arithmetic, ready to be written out; empty where there is none.
     *
     * @param listen the listen frequency in megahertz
     * @param shift sign and size in megahertz, or a word
     * @param talk the talk frequency in megahertz
     */
    public record Sum(String listen, String shift, String talk) {
        static final Sum NONE = new Sum("", "", "");

        /** The sum of a channel. */
        public static Sum of(Channel channel, BandPlan plan) {
            PairSum sum = PairSum.of(channel, plan);
            return new Sum(sum.listen(), sum.shift(), sum.talk());
        }
    }

    /** One step of the working. */
    public record StepView(String what, String value, String how, String source, String was) {}

    /** What an edit does to one part; an empty side where there is nothing. */
    public record ChangeView(String what, String before, String after) {}

    /** How the shift is keyed in on a model's panel. */
    public record KeyingView(String radio, List<String> steps) {}

    /** A band to be drawn, with the frequencies that lie in it. */
    public record StripView(
            String band,
            long lowerHz,
            long upperHz,
            @Schema(nullable = true) Long listenHz,
            @Schema(nullable = true) Long talkHz,
            @Schema(nullable = true) RuleView rule,
            List<SegmentView> segments) {}

    /** The outputs of the rule that a pair follows. */
    public record RuleView(long lowerHz, long upperHz, String words) {}

    /** A stretch of a band with its use in words. */
    public record SegmentView(long lowerHz, long upperHz, String use) {}

    static ReckonAnswer of(
            WorkedAnswer answer,
            List<Explanation.Change> changes,
            BandPlan plan,
            Collection<RadioDefinition> radios,
            Optional<PlaceView> place) {
        Optional<Channel> channel = answer.channel();
        return new ReckonAnswer(
                answer.line(),
                channel.isPresent(),
                channel.map(Channel::name).orElse(null),
                channel.map(each -> each.receive().hertz()).orElse(null),
                channel.flatMap(Channel::transmit).map(Frequency::hertz).orElse(null),
                channel.flatMap(Channel::shift).map(Shift::hertz).orElse(null),
                channel.flatMap(each -> each.talkTone().text()).orElse(null),
                channel.flatMap(each -> each.listenTone().text()).orElse(null),
                channel.map(each -> each.emission().name()).orElse(null),
                channel.map(each -> each.power().word()).orElse(null),
                channel.map(each -> Sum.of(each, plan)).orElse(Sum.NONE),
                answer.working().stream()
                        .map(step -> new StepView(
                                step.what(),
                                step.value(),
                                step.how(),
                                step.source().words(),
                                step.was()))
                        .toList(),
                changes.stream()
                        .map(each -> new ChangeView(each.what(), each.before(), each.after()))
                        .toList(),
                channel.map(each -> keying(each, radios)).orElse(List.of()),
                answer.findings().stream()
                        .map(each -> FindingView.of(each, plan))
                        .toList(),
                answer.strips().stream().map(ReckonAnswer::strip).toList(),
                place.orElse(null),
                BandPlan.CAUTION);
    }

    private static List<KeyingView> keying(Channel channel, Collection<RadioDefinition> radios) {
        return radios.stream()
                .flatMap(radio ->
                        radio.shiftMenu().stream().map(menu -> new KeyingView(radio.title(), menu.keying(channel))))
                .filter(each -> !each.steps().isEmpty())
                .toList();
    }

    private static StripView strip(BandStrip strip) {
        return new StripView(
                strip.band().name(),
                strip.band().range().lower().hertz(),
                strip.band().range().upper().hertz(),
                strip.listen().map(Frequency::hertz).orElse(null),
                strip.talk().map(Frequency::hertz).orElse(null),
                strip.rule()
                        .map(rule -> new RuleView(
                                rule.outputs().lower().hertz(),
                                rule.outputs().upper().hertz(),
                                rule.toString()))
                        .orElse(null),
                strip.band().segments().stream().map(ReckonAnswer::segment).toList());
    }

    private static SegmentView segment(Segment segment) {
        return new SegmentView(
                segment.range().lower().hertz(),
                segment.range().upper().hertz(),
                segment.use().words());
    }
}
