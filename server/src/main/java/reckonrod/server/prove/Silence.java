package reckonrod.server.prove;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.find.Finder;
import reckonrod.core.find.Found;
import reckonrod.core.fit.Placement;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.geography.Position;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.prove.Cause;
import reckonrod.core.prove.Circumstance;
import reckonrod.core.prove.Diagnosis;
import reckonrod.core.prove.Knowledge;
import reckonrod.core.prove.Mending;
import reckonrod.core.prove.Question;
import reckonrod.core.prove.Situation;
import reckonrod.core.prove.Situation.Holding;
import reckonrod.core.prove.Tapped;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.reach.Reach;
import reckonrod.core.take.Taking;
import reckonrod.server.directory.EntryFilter;
import reckonrod.server.fieldlog.FieldLog;
import reckonrod.server.fieldlog.FieldTestView;
import reckonrod.server.find.FoundView;
import reckonrod.server.find.Searching;
import reckonrod.server.fit.Loading;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** Brings together what is known of a silent channel, and has the core say why. */
@Component
class Silence {
    private static final double INSTEAD_METRES = 80_000;
    private static final int INSTEAD_LOOKED_AT = 60;
    private static final int MOST_INSTEAD = 3;

    private final OnTheAir air;
    private final Searching searching;
    private final Loading loading;
    private final RadioUnits units;
    private final FieldLog log;

    Silence(OnTheAir air, Searching searching, Loading loading, RadioUnits units, FieldLog log) {
        this.air = air;
        this.searching = searching;
        this.loading = loading;
        this.units = units;
        this.log = log;
    }

    /**
     * A channel that was tried.
     *
     * @param radio by which radio, if that is known
     * @param here where, if that is known
     */
    record Tried(ChannelList list, UUID channel, Optional<RadioUnit> radio, Optional<Position> here) {}

    DiagnosisView of(Tried tried, Tapped tapped) {
        ListEntry entry = OnTheAir.channel(tried.list(), tried.channel());
        BandPlan plan = air.plan(tried.list());
        Optional<Placement> placement = tried.radio()
                .flatMap(radio ->
                        OnTheAir.placement(loading.fit(radio, tried.list()).placements(), tried.channel()));
        Finder finder = tried.radio()
                .map(radio -> air.finder(radio.definition().model(), placement.flatMap(Placement::content), plan))
                .orElseGet(() -> air.usualFinder(plan));
        Optional<DirectoryEntry> listed = Optional.ofNullable(air.entries(
                        tried.list(), List.of(entry), tried.here().map(List::of).orElse(List.of()))
                .get(entry.id()));
        Situation situation = new Situation(
                entry.channel(),
                listed.map(each -> new Situation.Listed(each, finder.input(each), finder.trust(each))),
                margin(tried, listed, finder),
                holding(tried, placement),
                tried.radio()
                        .filter(radio -> log.answeredElsewhere(radio.id(), entry.id(), searching.today()))
                        .isPresent(),
                !log.proofs(tried.list(), entry).isEmpty());
        Diagnosis diagnosis = diagnosis(situation, tapped);
        return view(tried, entry, listed, new Words(entry.channel(), listed, finder, tapped), diagnosis, plan);
    }

    private static Diagnosis diagnosis(Situation situation, Tapped tapped) {
        try {
            Set<String> hold = new LinkedHashSet<>(situation.circumstances());
            hold.addAll(tapped.circumstances());
            return new Diagnosis(Knowledge.shipped(), hold, tapped.answers());
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("answer-unknown", "No such answer", wrong.getMessage() + ".");
        }
    }

    private static OptionalDouble margin(Tried tried, Optional<DirectoryEntry> listed, Finder finder) {
        return tried.here()
                .flatMap(here -> listed.flatMap(each -> finder.reach(here, each)))
                .map(reach -> OptionalDouble.of(reach.marginDecibels()))
                .orElse(OptionalDouble.empty());
    }

    /** What the radio was last read to hold where the list puts this channel. */
    private Holding holding(Tried tried, Optional<Placement> placement) {
        if (tried.radio().isEmpty()) {
            return Holding.UNKNOWN;
        }
        RadioUnit radio = tried.radio().get();
        if (radio.definition().link().isEmpty()) {
            return Holding.KEYED;
        }
        Optional<RadioSlot> wanted = placement.flatMap(Placement::content);
        Optional<Snapshot> newest = units.lastRead(radio);
        if (wanted.isEmpty() || newest.isEmpty()) {
            return Holding.UNKNOWN;
        }
        Optional<RadioSlot> held = new ImageCodec(radio.definition())
                .decode(newest.get().image(), placement.get().place().getAsInt())
                .flatMap(reading -> reading.content());
        return held.filter(each -> isSameOnAir(each, wanted.get())).isPresent() ? Holding.AS_LISTED : Holding.OTHERWISE;
    }

    private static boolean isSameOnAir(RadioSlot one, RadioSlot other) {
        return one.receive().equals(other.receive())
                && one.transmit().equals(other.transmit())
                && one.talkTone().equals(other.talkTone())
                && one.listenTone().equals(other.listenTone())
                && one.emission() == other.emission();
    }

    private DiagnosisView view(
            Tried tried,
            ListEntry entry,
            Optional<DirectoryEntry> listed,
            Words words,
            Diagnosis diagnosis,
            BandPlan plan) {
        Mending mending = new Mending(plan);
        return new DiagnosisView(
                entry.id(),
                entry.channel().label(),
                entry.line(),
                tried.list().slotOf(entry.id()).isPresent()
                        ? tried.list().slotOf(entry.id()).get()
                        : null,
                listed.map(DirectoryEntry::label).orElse(null),
                listed.map(DirectoryEntry::id).orElse(null),
                known(tried, diagnosis),
                diagnosis.ranking().stream()
                        .map(each -> ranked(each, entry, listed, mending, plan, words))
                        .toList(),
                diagnosis.next().map(each -> words.question(each, diagnosis)).orElse(null),
                diagnosis.open().stream()
                        .map(each -> words.question(each, diagnosis))
                        .toList(),
                diagnosis.answers().entrySet().stream()
                        .map(each -> words.answered(each.getKey(), each.getValue()))
                        .toList(),
                Math.rint(diagnosis.bits() * 100) / 100,
                instead(tried, entry, listed, words.finder(), plan));
    }

    private static List<String> known(Tried tried, Diagnosis diagnosis) {
        return Stream.concat(
                        diagnosis.circumstances().stream().map(Circumstance::words),
                        tried.here().isPresent()
                                ? Stream.empty()
                                : Stream.of(
                                        "nobody knows where it was tried, so reach and other repeaters are left out"))
                .toList();
    }

    private static DiagnosisView.RankedView ranked(
            Diagnosis.Ranked ranked,
            ListEntry entry,
            Optional<DirectoryEntry> listed,
            Mending mending,
            BandPlan plan,
            Words words) {
        Cause cause = ranked.cause();
        Optional<Channel> mended = cause.mend().flatMap(each -> mending.mended(each, entry.channel(), listed));
        return new DiagnosisView.RankedView(
                cause.id(),
                cause.words(),
                cause.means(),
                cause.remedy(),
                ranked.words(),
                Math.rint(ranked.share() * 1000) / 10,
                ranked.reasons().stream()
                        .map(each -> new DiagnosisView.CauseReasonView(
                                words.filled(each.words()), each.rests(), Math.rint(each.factor() * 100) / 100))
                        .toList(),
                mended.map(each -> new DiagnosisView.MendView(entry.line(), LineWriter.write(each, plan)))
                        .orElse(null),
                cause.takesNext(),
                cause.byTrial());
    }

    /** The next repeaters that an FM radio can use from there, those of the same band first. */
    private List<DiagnosisView.NextRepeaterView> instead(
            Tried tried, ListEntry entry, Optional<DirectoryEntry> listed, Finder finder, BandPlan plan) {
        if (tried.here().isEmpty()) {
            return List.of();
        }
        Optional<FrequencyRange> band = plan.bandAt(entry.channel().receive()).map(each -> each.range());
        EntryFilter filter = new EntryFilter(
                Optional.empty(), Set.of(Mode.FM, Mode.NFM), State.USABLE, Set.of(), Optional.empty(), "");
        return searching
                .around(
                        tried.here().get(),
                        INSTEAD_METRES,
                        new Searching.Wanted(filter, finder, Found.BY_USE, INSTEAD_LOOKED_AT))
                .found()
                .stream()
                .filter(each ->
                        listed.filter(own -> own.id().equals(each.entry().id())).isEmpty())
                .filter(Found::isRecommended)
                .sorted(Comparator.comparing(each -> band.filter(
                                range -> range.contains(each.entry().signal().output()))
                        .isEmpty()))
                .limit(MOST_INSTEAD)
                .flatMap(each -> Taking.line(each.entry(), plan).stream()
                        .map(line -> new DiagnosisView.NextRepeaterView(
                                each.entry().id(),
                                each.entry().label(),
                                line,
                                Math.rint(each.metres() / 100) / 10,
                                verdict(each))))
                .toList();
    }

    private static FoundView.VerdictView verdict(Found found) {
        return FoundView.VerdictView.valueOf(
                found.reach().map(Reach::verdict).orElseThrow().name().toLowerCase(Locale.ROOT));
    }

    /** Fills what is asked with what the channel should show. */
    private record Words(Channel channel, Optional<DirectoryEntry> listed, Finder finder, Tapped tapped) {
        String filled(String text) {
            Optional<Frequency> talk = listed.map(finder::input).or(channel::transmit);
            return text.replace("{talk}", talk.map(Frequency::toMegahertzText).orElse("the talk frequency"))
                    .replace("{listen}", channel.receive().toMegahertzText())
                    .replace("{name}", channel.label());
        }

        DiagnosisView.QuestionView question(Question question, Diagnosis diagnosis) {
            return new DiagnosisView.QuestionView(
                    question.id(),
                    filled(question.ask()),
                    filled(question.help()),
                    question.answers().stream()
                            .map(each -> new DiagnosisView.AnswerView(each.id(), filled(each.words())))
                            .toList(),
                    Math.rint(diagnosis.worth(question) * 100) / 100);
        }

        DiagnosisView.AnsweredView answered(String id, String answer) {
            Question question = Knowledge.shipped().question(id).orElseThrow();
            return new DiagnosisView.AnsweredView(
                    id,
                    filled(question.ask()),
                    answer,
                    answer.equals(Question.UNKNOWN)
                            ? "Could not tell"
                            : filled(question.answers()
                                    .get(question.indexOf(answer))
                                    .words()),
                    tapped.behind(id).stream()
                            .sorted()
                            .map(FieldTestView.SeenView::of)
                            .toList());
        }
    }
}
