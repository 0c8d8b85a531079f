package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.Service;
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
        Optional<Talk> talk = isKnown() ? new TalkWorker(line, parts, plan, steps, findings).talk() : Optional.empty();
        if (talk.isEmpty()) {
            return new WorkedAnswer(line, Optional.empty(), steps, findings, List.of());
        }
        talk.get()
                .transmit(receive)
                .ifPresentOrElse(this::stepTalk, () -> step("Talk", "never", "listen-only", Source.RULE));
        boolean talks = !(talk.get() instanceof Talk.Never);
        toneSteps(talks);
        Emission emission = emission();
        Power power = parts.power.orElse(Power.HIGH);
        if (talks) {
            step("Power", power.word(), parts.power.isPresent() ? "as typed" : "usual", source(parts.power));
        }
        Channel channel = new Channel(
                parts.name, receive, talk.get(), parts.talkTone, parts.listenTone, emission, power, parts.flags);
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
                        .or(() -> parts.channelName
                                .filter(named -> parts.receiveFigure == null)
                                .map(named -> "the channel named "
                                        + named.name().toUpperCase(Locale.ROOT) + ": " + named.practice()))
                        .orElse(parts.turned ? "the second frequency of the line" : "the frequency of the line"),
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
                List.of(LineEdit.replace("Use " + name, line, parts.receiveFigure, name))));
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
        if (parts.receiveFigure != null) {
            FrequencyReading.readings(typed.replace(".", ""), plan)
                    .forEach(reading -> fixes.add(
                            LineEdit.replace("Read " + reading, line, parts.receiveFigure, reading.toMegahertzText())));
        }
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

    private void stepTalk(Frequency transmit) {
        Shift shift = Shift.between(receive, transmit);
        String sum = shift.hertz() == 0 || parts.transmit.isPresent()
                ? shift.hertz() == 0 ? "the same as listen" : "the other frequency of the line"
                : receive.toMegahertzText() + (shift.hertz() < 0 ? " " + Shift.MINUS + " " : " + ")
                        + Shift.ofHertz(shift.sizeHertz()).toMegahertzText().substring(1) + " = "
                        + transmit.toMegahertzText();
        step("Talk", transmit.toString(), sum, parts.transmit.isPresent() ? Source.PUBLISHED : Source.ARITHMETIC);
    }

    private void toneSteps(boolean talks) {
        if (talks) {
            toneStep("Talk tone", parts.talkTone, "sent while you talk; it opens the repeater", "your voice only");
        }
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
