package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.SegmentUse;
import reckonrod.core.bandplan.Service;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.check.Checks;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.frequency.AirChannel;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Raster;
import reckonrod.core.frequency.Shift;
import reckonrod.core.notation.LineParts.Direction;
import reckonrod.core.notation.Step.Source;
import reckonrod.core.tone.Tone;

/** Works the parts of one line into a channel, writing each step down. */
final class ChannelWorker {
    private final String line;
    private final LineParts parts;
    private final BandPlan plan;
    private final Frequency receive;
    private final Optional<Band> band;
    private final List<Step> steps = new ArrayList<>();
    private final List<Finding> findings;

    ChannelWorker(String line, LineParts parts, BandPlan plan) {
        this.line = line;
        this.parts = parts;
        this.plan = plan;
        this.receive = parts.receive.orElseThrow();
        this.band = plan.bandAt(receive);
        this.findings = new ArrayList<>(parts.findings);
    }

    WorkedAnswer work() {
        if (!parts.name.isEmpty()) {
            step("Name", parts.name, parts.nameAtEnd ? "the words at the end" : "the words in front", Source.PUBLISHED);
        }
        stepListen();
        step("Band", bandWords(), plan.title(), Source.RULE);
        checkBandName();
        Optional<Talk> talk = isKnown() ? talk().flatMap(this::insideWindows) : Optional.empty();
        if (talk.isEmpty()) {
            return new WorkedAnswer(line, Optional.empty(), steps, findings, List.of());
        }
        talk.get()
                .transmit(receive)
                .ifPresentOrElse(this::stepTalk, () -> step("Talk", "never", "listen-only", Source.RULE));
        toneSteps();
        Channel channel = new Channel(
                parts.name, receive, talk.get(), parts.talkTone, parts.listenTone, emission(), power(), parts.flags);
        flagStep();
        findings.addAll(Checks.channel(channel, plan));
        return new WorkedAnswer(line, Optional.of(channel), steps, withLineFixes(), BandStrip.of(channel, plan));
    }

    private void stepListen() {
        Optional<AirChannel> air = parts.airChannel;
        step(
                "Listen",
                receive.toString(),
                air.map(each -> "the air channel named " + each.name().toMegahertzText() + ", " + each.spacing()
                                + " spacing")
                        .orElse("the first frequency of the line"),
                Source.PUBLISHED);
        boolean airBand = plan.isAirBand(receive);
        if (airBand && air.isEmpty() && AirChannel.NAMES.contains(receive)) {
            tellOffChannel();
        }
    }

    private void tellOffChannel() {
        Frequency nearest = Raster.KHZ_8_33.nearest(receive);
        if (nearest.equals(receive)) {
            return;
        }
        String name = AirChannel.ofNarrowCarrier(nearest)
                .map(each -> each.name().toMegahertzText())
                .orElse(nearest.toMegahertzText());
        findings.add(new Finding(
                LineFindings.AIR_OFF_CHANNEL,
                Field.RECEIVE,
                Map.of("listen", receive.toString(), "nearest", name + " (" + nearest + ")"),
                Rewriting.fix("Use " + name, line, parts.receiveText, name).stream()
                        .toList()));
    }

    private void checkBandName() {
        Optional<String> said = parts.bandName;
        if (said.isPresent() && !band.map(Band::name).equals(said)) {
            findings.add(Finding.of(
                    LineFindings.BAND_DISAGREES,
                    Field.RECEIVE,
                    Map.of(
                            "said",
                            said.get(),
                            "listen",
                            receive.toString(),
                            "band",
                            band.map(each -> "the " + each.name() + " band").orElse("no amateur band"))));
        }
    }

    /** A frequency that the plan knows nothing of is refused, unless the line says that it is for listening. */
    private boolean isKnown() {
        if (plan.knows(receive) || parts.direction == Direction.LISTEN_ONLY) {
            return true;
        }
        String typed = receive.toMegahertzText();
        List<Fix> fixes = new ArrayList<>();
        FrequencyReading.readings(typed.replace(".", ""), plan)
                .forEach(reading -> Rewriting.fix("Read " + reading, line, parts.receiveText, reading.toMegahertzText())
                        .ifPresent(fixes::add));
        fixes.add(new Fix("Keep it for listening", new Edit.RewriteLine(line.strip() + " listen-only")));
        findings.add(new Finding(
                LineFindings.OUTSIDE_KNOWN,
                Field.RECEIVE,
                Map.of("found", receive.toString(), "plan", plan.shortTitle()),
                fixes));
        return false;
    }

    private void flagStep() {
        if (!parts.flags.isEmpty()) {
            step(
                    "Directory",
                    parts.flags.stream().map(DirectoryFlag::words).collect(Collectors.joining(", ")),
                    parts.flags.stream().map(DirectoryFlag::meaning).collect(Collectors.joining("; ")),
                    Source.PUBLISHED);
        }
    }

    private String bandWords() {
        Optional<Service> service = plan.serviceAt(receive);
        return band.map(each -> each.name()
                        + each.segmentAt(receive)
                                .map(segment -> ", " + segment.use().words() + " "
                                        + segment.range().toString().replace('-', '–'))
                                .orElse(""))
                .orElseGet(() -> service.map(Service::name).orElse("outside every band"));
    }

    private Optional<Talk> talk() {
        if (parts.transmit.isPresent() && parts.direction != Direction.LISTEN_ONLY) {
            return Optional.of(pair(parts.transmit.get()));
        }
        // Who says listen-only does not want to talk, whatever else the line holds.
        parts.transmit.ifPresent(transmit -> findings.add(Finding.of(
                LineFindings.TWO_SIGNS,
                Field.TRANSMIT,
                Map.of("first", Direction.LISTEN_ONLY.words(), "second", "talk on " + transmit))));
        return switch (parts.direction) {
            case MINUS, PLUS -> shifted();
            case LISTEN_ONLY -> Optional.of(new Talk.Never());
            case SIMPLEX, UNSAID -> Optional.of(simplex());
        };
    }

    private Talk pair(Frequency transmit) {
        Shift actual = Shift.between(receive, transmit);
        boolean sameBand = band.isPresent() && band.equals(plan.bandAt(transmit));
        step(
                "Shift",
                sameBand ? actual.toString() : "split",
                "two frequencies given: output, then input. A given pair wins over any rule",
                Source.PUBLISHED);
        boolean signed = parts.direction == Direction.MINUS || parts.direction == Direction.PLUS;
        boolean signAgrees = !signed || (parts.direction == Direction.MINUS) == (actual.hertz() < 0);
        boolean sizeAgrees =
                parts.shiftSizeHertz.map(size -> size == actual.sizeHertz()).orElse(true);
        if (!signAgrees || !sizeAgrees) {
            String said = (parts.direction == Direction.MINUS ? String.valueOf(Shift.MINUS) : "+")
                    + parts.shiftSizeHertz
                            .map(size -> Shift.ofHertz(size).toSizeText())
                            .orElse("");
            findings.add(Finding.of(
                    LineFindings.SIGN_AND_PAIR, Field.TRANSMIT, Map.of("said", said, "actual", actual.toString())));
        }
        return actual.hertz() == 0 ? new Talk.Same() : new Talk.On(transmit);
    }

    private Talk simplex() {
        boolean output = parts.direction == Direction.UNSAID
                && band.flatMap(each -> each.segmentAt(receive))
                        .map(segment -> segment.use() == SegmentUse.REPEATER_OUTPUT)
                        .orElse(false);
        if (output) {
            String sign = band.orElseThrow().rulesFor(receive).stream()
                    .findFirst()
                    .map(rule -> rule.shift().hertz() < 0 ? "-" : "+")
                    .orElse("-");
            findings.add(new Finding(
                    LineFindings.NO_SIGN,
                    Field.TRANSMIT,
                    Map.of("listen", receive.toString(), "plan", plan.shortTitle()),
                    List.of(new Fix(
                            "Read it as a repeater, " + sign.replace('-', Shift.MINUS),
                            new Edit.RewriteLine(line.strip() + " " + sign)))));
        }
        step(
                "Shift",
                "none",
                parts.direction == Direction.SIMPLEX ? "simplex, as typed" : "no sign and no second frequency: simplex",
                parts.direction == Direction.SIMPLEX ? Source.PUBLISHED : Source.USUAL);
        return new Talk.Same();
    }

    private Optional<Talk> shifted() {
        int sign = parts.direction == Direction.MINUS ? -1 : 1;
        if (parts.shiftSizeHertz.isPresent()) {
            Shift shift = Shift.ofHertz(sign * parts.shiftSizeHertz.get());
            step("Shift", shift.toString(), "sign and size as typed", Source.PUBLISHED);
            return Optional.of(new Talk.Shifted(shift, false));
        }
        List<ShiftRule> rules = band.map(each -> each.rulesFor(receive)).orElse(List.of());
        Optional<ShiftRule> rule = band.flatMap(each -> each.ruleFor(receive, sign));
        if (rule.isEmpty()) {
            findings.add(Finding.of(
                    LineFindings.SIZE_UNKNOWN,
                    Field.TRANSMIT,
                    Map.of("plan", plan.shortTitle(), "listen", receive.toString())));
            return Optional.empty();
        }
        Shift shift = Shift.ofHertz(sign * rule.get().shift().sizeHertz());
        tellLocalOptions(rules, shift, sign);
        boolean agrees = shift.equals(rule.get().shift());
        step(
                "Shift",
                shift.toString(),
                "size by rule: " + plan.shortTitle() + ", " + rule.get() + ". Sign as you typed it; the rule "
                        + (agrees ? "agrees" : "says the other")
                        + (rules.size() > 1 ? "; local options go both ways here" : ""),
                Source.RULE);
        return Optional.of(new Talk.Shifted(shift, true));
    }

    /** Where areas differ in size, the sign does not settle it: all options are offered as lines. */
    private void tellLocalOptions(List<ShiftRule> rules, Shift taken, int sign) {
        List<Shift> options = rules.stream()
                .map(ShiftRule::shift)
                .filter(each -> Long.signum(each.hertz()) == sign)
                .toList();
        if (options.size() < 2) {
            return;
        }
        findings.add(new Finding(
                LineFindings.LOCAL_OPTIONS,
                Field.TRANSMIT,
                Map.of(
                        "plan", plan.shortTitle(),
                        "listen", receive.toString(),
                        "options", options.stream().map(Shift::toString).collect(Collectors.joining(" and ")),
                        "taken", taken.toString()),
                options.stream().map(this::asTyped).toList()));
    }

    private Fix asTyped(Shift shift) {
        Channel typed = new Channel(
                parts.name,
                receive,
                new Talk.Shifted(shift, false),
                parts.talkTone,
                parts.listenTone,
                parts.emission.orElse(usualEmission(receive, plan)),
                parts.power.orElse(Power.HIGH),
                parts.flags);
        return new Fix("Use " + shift, new Edit.ReplaceChannel(typed));
    }

    /** A talk frequency outside the talk windows is taken away; the channel is then listen-only. */
    private Optional<Talk> insideWindows(Talk talk) {
        boolean lowerThanAnything = talk instanceof Talk.Shifted shifted
                && receive.hertz() + shifted.shift().hertz() < 1;
        if (lowerThanAnything) {
            findings.add(Finding.of(
                    LineFindings.UNREADABLE,
                    Field.TRANSMIT,
                    Map.of(
                            "found",
                            ((Talk.Shifted) talk).shift().toString(),
                            "reason",
                            "The shift is larger than the frequency")));
            return Optional.empty();
        }
        Optional<Frequency> outside = talk.transmit(receive).filter(transmit -> !plan.mayTalk(transmit));
        if (outside.isEmpty()) {
            return Optional.of(talk);
        }
        if (!(talk instanceof Talk.Same) || band.isPresent()) {
            Finding finding = Checks.talkOutside(outside.get(), plan);
            findings.add(new Finding(finding.kind(), finding.field(), finding.facts(), byRuleInstead(talk)));
        }
        return Optional.of(new Talk.Never());
    }

    /** The shifts that the plan has there, where the one in the line leads outside: a digit of it may have slipped. */
    private List<Fix> byRuleInstead(Talk talk) {
        return talk instanceof Talk.Shifted
                ? band.map(each -> each.rulesFor(receive)).orElse(List.of()).stream()
                        .map(rule -> asTyped(rule.shift()))
                        .toList()
                : List.of();
    }

    private void stepTalk(Frequency transmit) {
        Shift shift = Shift.between(receive, transmit);
        String sum = shift.hertz() == 0 || parts.transmit.isPresent()
                ? shift.hertz() == 0 ? "the same as listen" : "the second frequency of the line"
                : receive.toMegahertzText() + (shift.hertz() < 0 ? " " + Shift.MINUS + " " : " + ")
                        + Shift.ofHertz(shift.sizeHertz()).toMegahertzText().substring(1) + " = "
                        + transmit.toMegahertzText();
        step("Talk", transmit.toString(), sum, parts.transmit.isPresent() ? Source.PUBLISHED : Source.ARITHMETIC);
    }

    private void toneSteps() {
        toneStep("Talk tone", parts.talkTone, "sent while you talk; it opens the repeater", "your voice only");
        toneStep("Listen tone", parts.listenTone, "must be heard before the speaker opens", "speaker always open");
    }

    private void toneStep(String what, Tone tone, String meaning, String without) {
        step(
                what,
                tone.text().orElse("none"),
                tone.isPresent() ? meaning : without,
                tone.isPresent() ? Source.PUBLISHED : Source.USUAL);
    }

    private Emission emission() {
        Emission usual = usualEmission(receive, plan);
        Emission emission = parts.emission.orElse(usual);
        step("Kind", emission.name(), parts.emission.isPresent() ? "as typed" : "usual here", source(parts.emission));
        return emission;
    }

    private Power power() {
        Power power = parts.power.orElse(Power.HIGH);
        step("Power", power.word(), parts.power.isPresent() ? "as typed" : "usual", source(parts.power));
        return power;
    }

    private static Source source(Optional<?> typed) {
        return typed.isPresent() ? Source.PUBLISHED : Source.USUAL;
    }

    /** The emission a line without one means: that of the listening service, else FM. */
    static Emission usualEmission(Frequency receive, BandPlan plan) {
        return plan.serviceAt(receive)
                .map(service -> Emission.valueOf(service.emission()))
                .orElse(Emission.FM);
    }

    /** Fixes that replace the channel become fixes that rewrite the line, so that the person sees what is kept. */
    private List<Finding> withLineFixes() {
        return findings.stream()
                .map(finding -> finding.fixes().isEmpty() ? finding : withLineFixes(finding))
                .toList();
    }

    private Finding withLineFixes(Finding finding) {
        return new Finding(
                finding.kind(),
                finding.field(),
                finding.facts(),
                finding.fixes().stream().map(this::asLine).toList());
    }

    private Fix asLine(Fix fix) {
        return fix.edit() instanceof Edit.ReplaceChannel replace
                ? new Fix(fix.label(), new Edit.RewriteLine(LineWriter.write(replace.channel(), plan)))
                : fix;
    }

    private void step(String what, String value, String how, Source source) {
        steps.add(new Step(what, value, how, source));
    }
}
