package reckonrod.core.notation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.SegmentUse;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.check.Checks;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.notation.LineParts.Direction;
import reckonrod.core.notation.Step.Source;

/** Works out where a channel talks: by its pair, its sign and size, or the plan's rule; and never outside the talk windows. */
final class TalkWorker {
    private final String line;
    private final LineParts parts;
    private final BandPlan plan;
    private final Frequency receive;
    private final Optional<Band> band;
    private final List<ShiftRule> rules;
    private final List<Step> steps;
    private final List<Finding> findings;

    TalkWorker(String line, LineParts parts, BandPlan plan, List<Step> steps, List<Finding> findings) {
        this.line = line;
        this.parts = parts;
        this.plan = plan;
        this.receive = parts.receive.orElseThrow();
        this.band = plan.bandAt(receive);
        this.rules = band.map(each -> each.rulesFor(receive)).orElse(List.of());
        this.steps = steps;
        this.findings = findings;
    }

    /** Where it talks; absent where the line does not settle it. */
    Optional<Talk> talk() {
        return said().flatMap(this::insideWindows);
    }

    private Optional<Talk> said() {
        if (parts.direction == Direction.LISTEN_ONLY) {
            // Who says listen-only does not want to talk, whatever else the line holds.
            parts.transmit.ifPresent(transmit ->
                    findings.add(LineFindings.twoSigns(Direction.LISTEN_ONLY.words(), "talk on " + transmit)));
            return Optional.of(new Talk.Never());
        }
        if (parts.transmit.isPresent()) {
            return Optional.of(pair(parts.transmit.get()));
        }
        if (parts.eitherSign != null) {
            return askSign(
                    LineEdit.replace("Talk lower, " + Shift.MINUS, line, parts.eitherSign, "-"),
                    LineEdit.replace("Talk higher, +", line, parts.eitherSign, "+"));
        }
        return switch (parts.direction) {
            case MINUS, PLUS -> shifted();
            default -> unsaid();
        };
    }

    private Talk pair(Frequency transmit) {
        Shift actual = Shift.between(receive, transmit);
        boolean sameBand = band.isPresent() && band.equals(plan.bandAt(transmit));
        step(
                "Shift",
                sameBand ? actual.toString() : "split",
                parts.channelName
                        .map(named -> "the short pair " + named.name() + ", input first")
                        .orElse(
                                parts.turned
                                        ? "two frequencies given, input first: the plan turned them. A given pair wins over any rule"
                                        : "two frequencies given: output, then input. A given pair wins over any rule"),
                Source.PUBLISHED);
        boolean signed = parts.direction.isSign();
        if (parts.direction == Direction.SIMPLEX && actual.hertz() != 0) {
            findings.add(LineFindings.twoSigns(parts.direction.words(), "talk on " + transmit));
        }
        boolean signAgrees = !signed || (parts.direction == Direction.MINUS) == (actual.hertz() < 0);
        boolean sizeAgrees =
                parts.shiftSizeHertz.map(size -> size == actual.sizeHertz()).orElse(true);
        if (!signAgrees || !sizeAgrees) {
            String said = (signed ? parts.direction.words() : "")
                    + parts.shiftSizeHertz
                            .map(size -> Shift.ofHertz(size).toSizeText())
                            .orElse("");
            findings.add(Finding.of(
                    LineFindings.SIGN_AND_PAIR, Field.TRANSMIT, Map.of("said", said, "actual", actual.toString())));
        }
        if (actual.hertz() == 0
                && parts.direction != Direction.SIMPLEX
                && plan.useAt(receive).equals(Optional.of(SegmentUse.REPEATER_OUTPUT))) {
            findings.add(Finding.of(
                    LineFindings.NO_SIGN,
                    Field.TRANSMIT,
                    Map.of("listen", receive.toString(), "plan", plan.shortTitle())));
        }
        return actual.hertz() == 0 ? new Talk.Same() : new Talk.On(transmit);
    }

    /** No sign: the plan's shift for what is said to be a repeater, else simplex. */
    private Optional<Talk> unsaid() {
        boolean simplexSaid = parts.direction == Direction.SIMPLEX || parts.simplexByName;
        if (!simplexSaid && parts.shiftSizeHertz.isPresent()) {
            return signOfSize(parts.shiftSizeHertz.get());
        }
        Optional<SegmentUse> use = plan.useAt(receive);
        boolean output = use.map(each -> each == SegmentUse.REPEATER_OUTPUT).orElse(!rules.isEmpty());
        boolean repeater = parts.repeaterSaid
                || parts.talkTone.isPresent()
                || parts.listenTone.isPresent()
                || !parts.flags.isEmpty();
        if (!simplexSaid && output && repeater || parts.repeaterSaid && !simplexSaid) {
            return byPlan();
        }
        if (simplexSaid && parts.shiftSizeHertz.isPresent()) {
            findings.add(LineFindings.twoSigns(
                    Direction.SIMPLEX.words(),
                    "a shift of " + Shift.ofHertz(parts.shiftSizeHertz.get()).toSizeText()));
        }
        if (parts.signedZero && output) {
            findings.add(Finding.of(LineFindings.SIZE_OF_ZERO, Field.TRANSMIT, Map.of("listen", receive.toString())));
        } else if (!simplexSaid && output) {
            tellNoSign();
        } else if (!simplexSaid && parts.onlyListenSaid && band.isPresent()) {
            findings.add(new Finding(
                    LineFindings.ONLY_LISTEN,
                    Field.TRANSMIT,
                    Map.of(),
                    List.of(
                            LineEdit.append("Listen only", line, "listen-only"),
                            LineEdit.append("Say simplex", line, "simplex"))));
        }
        // Nobody talks where no band is.
        if (simplexSaid || band.isPresent()) {
            step(
                    "Shift",
                    "none",
                    simplexSaid ? "simplex, as typed" : "no sign and no second frequency: simplex",
                    simplexSaid ? Source.PUBLISHED : Source.USUAL);
        }
        return Optional.of(new Talk.Same());
    }

    private void tellNoSign() {
        findings.add(new Finding(
                LineFindings.NO_SIGN,
                Field.TRANSMIT,
                Map.of("listen", receive.toString(), "plan", plan.shortTitle()),
                rules.stream()
                        .map(rule ->
                                LineEdit.append("Read it as a repeater, " + rule.shift(), line, signWord(rule.shift())))
                        .toList()));
    }

    /** The sign alone where it settles the plan's shift, else with its size. */
    private String signWord(Shift shift) {
        String sign = shift.hertz() < 0 ? "-" : "+";
        long alike = rules.stream()
                .filter(rule -> Long.signum(rule.shift().hertz()) == Long.signum(shift.hertz()))
                .count();
        return alike == 1 ? sign : sign + shift.toMegahertzText().substring(1);
    }

    private Optional<Talk> byPlan() {
        if (rules.size() != 1) {
            return askSign(rules.stream()
                    .map(rule -> LineEdit.append("Use " + rule.shift(), line, signWord(rule.shift())))
                    .toArray(Fix[]::new));
        }
        Shift shift = rules.get(0).shift();
        if (parts.channelName.filter(named -> named.repeater()).isEmpty()) {
            findings.add(new Finding(
                    LineFindings.SHIFT_BY_PLAN,
                    Field.TRANSMIT,
                    Map.of("listen", receive.toString(), "plan", plan.shortTitle(), "shift", shift.toString()),
                    List.of(LineEdit.append("It is simplex", line, "simplex"))));
        }
        step("Shift", shift.toString(), "by rule: " + plan.shortTitle() + ", " + rules.get(0), Source.RULE);
        return Optional.of(new Talk.Shifted(shift, true));
    }

    private Optional<Talk> signOfSize(long size) {
        List<ShiftRule> fitting =
                rules.stream().filter(rule -> rule.shift().sizeHertz() == size).toList();
        if (fitting.size() != 1) {
            String text = Shift.ofHertz(size).toMegahertzText().substring(1);
            return askSign(
                    LineEdit.append("Talk lower, " + Shift.MINUS + text, line, "-"),
                    LineEdit.append("Talk higher, +" + text, line, "+"));
        }
        Shift shift = fitting.get(0).shift();
        findings.add(new Finding(
                LineFindings.SIGN_BY_PLAN,
                Field.TRANSMIT,
                Map.of(
                        "size", shift.toSizeText(),
                        "shift", shift.toString(),
                        "plan", plan.shortTitle()),
                List.of(LineEdit.append("Say " + shift, line, shift.hertz() < 0 ? "-" : "+"))));
        step(
                "Shift",
                shift.toString(),
                "size as typed, sign by " + plan.shortTitle() + ", " + fitting.get(0),
                Source.RULE);
        return Optional.of(new Talk.Shifted(shift, false));
    }

    private Optional<Talk> askSign(Fix... fixes) {
        findings.add(new Finding(
                LineFindings.SIGN_ASKED,
                Field.TRANSMIT,
                Map.of("listen", receive.toString(), "plan", plan.shortTitle()),
                List.of(fixes)));
        return Optional.empty();
    }

    private Optional<Talk> shifted() {
        int sign = parts.direction == Direction.MINUS ? -1 : 1;
        if (parts.dashBehindName
                && rules.stream().noneMatch(rule -> rule.shift().hertz() < 0)) {
            findings.add(Finding.of(
                    LineFindings.DASH,
                    Field.TRANSMIT,
                    Map.of("listen", receive.toString(), "plan", plan.shortTitle())));
            return unsaid();
        }
        if (parts.shiftSizeHertz.isPresent()) {
            Shift shift = Shift.ofHertz(sign * parts.shiftSizeHertz.get());
            step("Shift", shift.toString(), "sign and size as typed", Source.PUBLISHED);
            return Optional.of(new Talk.Shifted(shift, false));
        }
        Optional<ShiftRule> rule = band.flatMap(each -> each.ruleFor(receive, sign));
        if (rule.isEmpty()) {
            findings.add(Finding.of(
                    LineFindings.SIZE_UNKNOWN,
                    Field.TRANSMIT,
                    Map.of("plan", plan.shortTitle(), "listen", receive.toString())));
            return Optional.empty();
        }
        Shift shift = Shift.ofHertz(sign * rule.get().shift().sizeHertz());
        tellLocalOptions(shift, sign);
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
    private void tellLocalOptions(Shift taken, int sign) {
        if (rules.size() < 2) {
            return;
        }
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
                parts.emission.orElse(ChannelWorker.usualEmission(receive, plan)),
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
                ? rules.stream().map(rule -> asTyped(rule.shift())).toList()
                : List.of();
    }

    private void step(String what, String value, String how, Source source) {
        steps.add(new Step(what, value, how, source));
    }
}
