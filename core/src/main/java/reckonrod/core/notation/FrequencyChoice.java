package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.Figure.Strength;
import reckonrod.core.notation.Figure.Use;
import reckonrod.core.notation.Item.Kind;

/** Decides which figure is listened to, which is talked on, and tells those that are neither. */
final class FrequencyChoice {
    private static final int LEAST_BROKEN_DIGITS = 3;

    private final Sentence sentence;
    private final LineParts parts;
    private final BandPlan plan;
    private final FrequencyReading reading;
    private final List<Figure> listened = new ArrayList<>(1);
    private final List<Figure> talked = new ArrayList<>(1);
    private Figure transmitFigure;

    FrequencyChoice(Sentence sentence, LineParts parts) {
        this.sentence = sentence;
        this.parts = parts;
        this.plan = sentence.plan;
        this.reading = new FrequencyReading(sentence, parts);
    }

    void choose(List<SideWords.Bound> bounds) {
        for (SideWords.Bound bound : bounds) {
            (bound.listens() ? listened : talked).add((Figure) bound.item());
        }
        if (parts.channelName.isPresent() && parts.receive.isPresent()) {
            return;
        }
        takeArrows();
        if (listened.size() > 1 || talked.size() > 1) {
            tellSeveral(listened.size() > 1 ? listened : talked);
            return;
        }
        Figure receive = listened.isEmpty() ? best() : listened.get(0);
        if (receive == null && talked.isEmpty()) {
            receive = anyDecimal();
        } else if (receive != null && listened.isEmpty() && !talked.isEmpty() && rank(receive) < 3) {
            receive = null;
        }
        if (!talked.isEmpty()) {
            transmitFigure = talked.get(0);
            transmitFigure.takeFor(Use.TRANSMIT);
        }
        if (receive == null || isBroken(receive)) {
            takeTalkAlone();
            return;
        }
        parts.sidesSaid |= !listened.isEmpty() || !talked.isEmpty();
        parts.onlyListenSaid = !listened.isEmpty() && talked.isEmpty();
        takeReceive(receive);
        takeOthers(receive);
        boolean listenWord = bounds.stream().anyMatch(bound -> bound.role() == Role.LISTEN);
        if (listenWord && transmitFigure == null && parts.direction == LineParts.Direction.UNSAID) {
            parts.direction = LineParts.Direction.LISTEN_ONLY;
        }
        if (transmitFigure != null && parts.receive.isPresent()) {
            parts.transmit = reading.read(transmitFigure);
            turn();
        }
    }

    private void takeTalkAlone() {
        if (transmitFigure != null) {
            parts.transmit = reading.read(transmitFigure);
        }
    }

    /** {@code 145.310 > 144.710}. */
    private void takeArrows() {
        for (int i = 0; i < sentence.items.size(); i++) {
            Item arrow = sentence.items.get(i);
            if (arrow.isMark('>') && !arrow.used) {
                arrow.used = true;
                addFree(sentence.at(i - 1), listened);
                addFree(sentence.at(i + 1), talked);
            }
        }
    }

    private void addFree(Item item, List<Figure> to) {
        if (item instanceof Figure figure
                && figure.isFree()
                && figure.strength != Strength.NONE
                && !listened.contains(figure)
                && !talked.contains(figure)) {
            to.add(figure);
        }
    }

    private void tellSeveral(List<Figure> figures) {
        figures.forEach(figure -> figure.takeFor(Use.TOLD));
        parts.findings.add(LineFindings.several(figures.stream()
                .map(figure -> sentence.typed(figure.from, figure.digitsTo))
                .toList()));
    }

    /** The figure that is most surely a frequency, the first of those that are as sure; null for none. */
    private Figure best() {
        Figure best = null;
        for (Figure figure : sentence.figures) {
            if (figure.isFree() && !talked.contains(figure) && rank(figure) > (best == null ? 0 : rank(best))) {
                best = figure;
            }
        }
        return best;
    }

    /** With nothing better, any decimal that is left, so that it is told why it is no frequency. */
    private Figure anyDecimal() {
        return sentence.figures.stream()
                .filter(figure -> figure.isFree() && !figure.isWhole())
                .findFirst()
                .orElse(null);
    }

    private int rank(Figure figure) {
        return switch (figure.strength) {
            case NONE -> 0;
            case WHOLE -> figure.text.length() > 2 ? 3 : 1;
            case TONE -> 2;
            case OUTSIDE, SERVICE -> 3;
            // 146.2 is a standard tone as well.
            case BAND -> figure.tone != null && figure.unit == null ? 4 : 5;
            case KEYED -> FrequencyReading.readings(figure.text, plan).isEmpty() ? 3 : 5;
        };
    }

    /** What stands in front and cannot be read may have been the frequency: a tone does not step in for it. */
    private boolean isBroken(Figure receive) {
        if (rank(receive) >= 4) {
            return false;
        }
        for (Item item : sentence.items) {
            if (item.from >= receive.from) {
                return false;
            }
            long digits = item.text
                    .chars()
                    .filter(letter -> letter >= '0' && letter <= '9')
                    .count();
            boolean unread = item.kind == Kind.BROKEN || item.isWord() && item.entry == null && !item.used;
            if (unread && digits >= LEAST_BROKEN_DIGITS) {
                parts.findings.add(Finding.of(
                        LineFindings.UNREADABLE,
                        Field.RECEIVE,
                        Map.of("found", sentence.typed(item), "reason", "It is no number that can be read")));
                item.used = true;
                return true;
            }
        }
        return false;
    }

    private void takeReceive(Figure receive) {
        if (receive.strength == Strength.WHOLE) {
            parts.findings.add(Finding.of(
                    LineFindings.WORD_TAKEN,
                    Field.RECEIVE,
                    Map.of("word", sentence.typed(receive), "meaning", receive.frequency.toString())));
        }
        boolean listened = receive.strength == Strength.SERVICE || receive.strength == Strength.TONE;
        if (listened && receive.tone != null && receive.unit == null && receive.frequency != null) {
            plan.serviceAt(receive.frequency)
                    .ifPresent(service -> parts.findings.add(Finding.of(
                            LineFindings.SERVICE_OR_TONE,
                            Field.RECEIVE,
                            Map.of("found", sentence.typed(receive), "service", service.name()))));
        }
        receive.takeFor(Use.RECEIVE);
        parts.receiveFigure = receive;
        parts.receive = reading.read(receive).flatMap(reading::airChannel);
    }

    /** Every other figure that is a frequency: the one talked on, or one too many. */
    private void takeOthers(Figure receive) {
        Optional<Frequency> listen = parts.receive;
        boolean service = listen.isPresent()
                && plan.bandAt(listen.get()).isEmpty()
                && plan.serviceAt(listen.get()).isPresent();
        for (Figure figure : sentence.figures) {
            if (!figure.isFree() || listen.isEmpty()) {
                continue;
            }
            if (service && isKnown(figure) && figure.strength != Strength.WHOLE) {
                tellSeveral(List.of(receive, figure));
                parts.receive = Optional.empty();
                return;
            }
            takeOther(figure, receive, listen.get());
        }
    }

    private boolean isKnown(Figure figure) {
        return figure.strength != Strength.NONE && figure.frequency != null && plan.knows(figure.frequency)
                || figure.strength == Strength.KEYED
                        && !FrequencyReading.readings(figure.text, plan).isEmpty();
    }

    private void takeOther(Figure figure, Figure receive, Frequency listen) {
        boolean sameBand = isInBandOf(figure, listen);
        boolean wholeInBand = figure.strength == Strength.WHOLE && sameBand && figure.text.length() > 2;
        boolean toneTooFine = figure.strength == Strength.SERVICE && figure.toneLike && figure.unit == null;
        if (figure.strength.compareTo(Strength.OUTSIDE) < 0 && !wholeInBand || toneTooFine) {
            return;
        }
        if (figure.tone != null && figure.unit == null && isToneRather(figure, receive, listen)) {
            tellToneOrFrequency(figure, true);
            return;
        }
        boolean linked = isLinked(receive, figure);
        boolean pair = sameBand || linked || figure.strength != Strength.SERVICE && !parts.direction.isSign();
        if (transmitFigure == null && pair && !wholeInBand) {
            transmitFigure = figure;
            figure.takeFor(Use.TRANSMIT);
            if (sameBand && figure.tone != null && figure.unit == null && !linked) {
                tellToneOrFrequency(figure, false);
            }
            return;
        }
        figure.takeFor(Use.TOLD);
        parts.findings.add(Finding.of(
                LineFindings.TOO_MANY_FREQUENCIES,
                Field.LINE,
                Map.of("found", sentence.typed(figure.from, figure.digitsTo))));
    }

    private boolean isInBandOf(Figure figure, Frequency listen) {
        Optional<Band> band = plan.bandAt(listen);
        if (figure.strength == Strength.KEYED) {
            List<Frequency> readings = FrequencyReading.readings(figure.text, plan);
            return readings.size() == 1 && band.isPresent() && band.equals(plan.bandAt(readings.get(0)));
        }
        return figure.frequency != null
                && band.isPresent()
                && band.get().range().contains(figure.frequency);
    }

    /** With a sign in the line, a standard tone in the band is a frequency only where the plan's shift leads there. */
    private boolean isToneRather(Figure figure, Figure receive, Frequency listen) {
        if (!parts.direction.isSign() || transmitFigure == figure || isLinked(receive, figure)) {
            return false;
        }
        return !plan.hasRule(listen, figure.frequency);
    }

    private void tellToneOrFrequency(Figure figure, boolean tone) {
        String digits = sentence.typed(figure.from, figure.digitsTo);
        parts.findings.add(new Finding(
                LineFindings.TONE_OR_FREQUENCY,
                tone ? Field.TALK_TONE : Field.TRANSMIT,
                Map.of("found", digits, "taken", tone ? "a tone" : "the talk frequency"),
                List.of(
                        tone
                                ? LineEdit.replace("Talk on " + digits, sentence.line, figure, "> " + digits)
                                : LineEdit.replace("Read it as a tone", sentence.line, figure, "T" + digits))));
    }

    /** Whether a slash or a dash joins two figures, or a bracket holds the second right behind the first. */
    private boolean isLinked(Figure receive, Figure figure) {
        int one = sentence.indexOf(receive);
        int other = sentence.indexOf(figure);
        Item between = sentence.at(Math.min(one, other) + 1);
        return Math.abs(one - other) == 2
                && (between.isMark('/')
                        || between.kind == Kind.SIGN && between.gap == Item.Gap.NONE && figure.gap == Item.Gap.NONE);
    }

    /** Two frequencies without a word stand output first; where only the other order fits the plan, they are turned, and told. */
    private void turn() {
        Optional<Frequency> talk = parts.transmit;
        if (parts.sidesSaid || talk.isEmpty() || !listened.isEmpty() || !talked.isEmpty()) {
            return;
        }
        Frequency listen = parts.receive.orElseThrow();
        Optional<Band> talkBand = plan.bandAt(talk.get());
        if (talkBand.isPresent() && !talkBand.equals(plan.bandAt(listen))) {
            askBands(listen, talk.get());
            return;
        }
        if (plan.hasRule(listen, talk.get())) {
            return;
        }
        if (!plan.hasRule(talk.get(), listen)) {
            tellNoPair(listen, talk.get());
            return;
        }
        parts.receive = talk;
        parts.transmit = Optional.of(listen);
        parts.turned = true;
        parts.findings.add(new Finding(
                LineFindings.PAIR_TURNED,
                Field.RECEIVE,
                Map.of("input", listen.toString(), "output", talk.get().toString(), "plan", plan.shortTitle()),
                List.of(talkOn(transmitFigure, listen))));
    }

    /** Nothing says that two bare frequencies belong together: no word, no sign, no size, and no shift of the plan. */
    private void tellNoPair(Frequency listen, Frequency talk) {
        if (parts.direction == LineParts.Direction.UNSAID && !listen.equals(talk)) {
            parts.findings.add(new Finding(
                    LineFindings.PAIR_OR_TWO,
                    Field.TRANSMIT,
                    Map.of("listen", listen.toString(), "talk", talk.toString(), "plan", plan.shortTitle()),
                    List.of(talkOn(transmitFigure, listen))));
        }
    }

    private void askBands(Frequency listen, Frequency talk) {
        parts.findings.add(new Finding(
                LineFindings.PAIR_ACROSS_BANDS,
                Field.TRANSMIT,
                Map.of("listen", listen.toString(), "talk", talk.toString()),
                List.of(talkOn(transmitFigure, listen), talkOn(parts.receiveFigure, talk))));
    }

    private Fix talkOn(Figure figure, Frequency listen) {
        return LineEdit.replace(
                "Listen on " + listen.toMegahertzText(), sentence.line, figure, "tx " + sentence.typed(figure));
    }
}
