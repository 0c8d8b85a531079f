package reckonrod.perf;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import reckonrod.core.air.Repeater;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.Finder;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.find.UsualStation;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;
import reckonrod.core.prove.Diagnosis;
import reckonrod.core.prove.DryRun;
import reckonrod.core.prove.Knowledge;
import reckonrod.core.prove.Outcome;
import reckonrod.core.prove.Paths;
import reckonrod.core.prove.Question;
import reckonrod.core.reach.Terrain;
import reckonrod.core.take.Taking;
import reckonrod.sim.air.Trials;
import reckonrod.sim.world.World;

/** Measures what Prove works out: how soon a cause is named, and a dry run of a thousand channels. */
public final class ProveMeasurement {
    private static final int CASES = 5_000;
    private static final int CHANNELS = 1_000;
    private static final int PLACES = 100;

    private ProveMeasurement() {}

    /** Runs it; takes some six minutes, most of them for the best pair. With {@code dry} only the dry run. */
    public static void main(String[] arguments) {
        for (boolean alike : arguments.length > 0 ? new boolean[0] : new boolean[] {false, true}) {
            say("%d silences, %s%n", CASES, alike ? "all causes alike" : "causes as often as they are met");
            Trials trials = new Trials(Knowledge.shipped(), CASES, alike);
            score("what is worth most first, 4 questions", trials.score(Trials.BY_WORTH, 4));
            score("the fixed order, 4 questions", trials.score(Trials.IN_ORDER, 4));
            score("the best pair of questions ahead, 4", trials.score(ProveMeasurement::twoAhead, 4));
            score("all questions, the full posterior", trials.score(Trials.IN_ORDER, 99));
        }
        dryRun("sea alone", Terrain.UNKNOWN);
        dryRun("the invented ground", World.shipped().ground());
    }

    /** The question whose own worth and that of the best one after it, by every answer, is most together. */
    private static Optional<Question> twoAhead(Diagnosis diagnosis) {
        return diagnosis.open().stream()
                .filter(each -> diagnosis.worth(each) >= 0.01)
                .max(Comparator.comparingDouble(each -> diagnosis.worth(each) + after(diagnosis, each)));
    }

    private static double after(Diagnosis diagnosis, Question question) {
        double sum = 0;
        for (Question.Answer answer : question.answers()) {
            Diagnosis next = diagnosis.with(question.id(), answer.id());
            double chance = diagnosis.ranking().stream()
                    .mapToDouble(each -> each.share() * question.chance(each.cause(), question.indexOf(answer.id())))
                    .sum();
            sum += chance * next.open().stream().mapToDouble(next::worth).max().orElse(0);
        }
        return sum;
    }

    private static void score(String way, Trials.Score score) {
        say(
                "  %-40s first %.1f %%, among three %.1f %%, %.2f asked%n",
                way, 100 * score.first(), 100 * score.amongThree(), score.asked());
    }

    private static void dryRun(String ground, Terrain terrain) {
        BandPlan plan = BandPlans.shipped().find(BandPlans.USUAL).orElseThrow();
        Finder finder = new Finder(UsualStation.shipped().get(0).station(), plan, terrain, LocalDate.of(2026, 11, 27));
        List<DirectoryEntry> entries = World.shipped().repeaters();
        TreeMap<Integer, ListEntry> channels = new TreeMap<>();
        Map<UUID, Repeater> repeaters = new HashMap<>();
        for (int slot = 0; slot < CHANNELS; slot++) {
            DirectoryEntry entry = entries.get(slot % entries.size());
            Optional<Channel> channel = Taking.channel(entry, plan);
            if (channel.isPresent()) {
                UUID id = new UUID(0, slot);
                channels.put(slot, ListEntry.of(id, channel.get().withName("C" + slot), ""));
                repeaters.put(
                        id,
                        Repeater.of(
                                entry,
                                finder.input(entry),
                                RepeaterPlace.of(entry).map(RepeaterPlace::place)));
            }
        }
        ChannelList list = ChannelList.empty("Thousand", plan.id(), new SlotRange(0, CHANNELS - 1))
                .byPlan(plan.id(), "", channels);
        List<RadioDefinition> radios = List.copyOf(RadioDefinitions.shipped().all());
        List<FitReport> fitted = radios.stream()
                .map(each -> new Fitter(each.model(), plan).fit(list))
                .toList();
        List<Position> places = new ArrayList<>();
        for (int i = 0; i < PLACES; i++) {
            int across = i / 10;
            places.add(new Position(47.2 + i % 10 * 0.07, -38.6 + across * 0.12));
        }
        long began = System.nanoTime();
        DryRun dry = new DryRun(repeaters, new Paths(terrain));
        Map<Outcome, Integer> counts = new TreeMap<>();
        int tries = 0;
        for (int radio = 0; radio < radios.size(); radio++) {
            for (int slot = 0; slot < fitted.get(radio).placements().size(); slot++) {
                for (Position place : places) {
                    counts.merge(
                            dry.predict(
                                            fitted.get(radio).placements().get(slot),
                                            radios.get(radio).model(),
                                            place)
                                    .outcome(),
                            1,
                            Integer::sum);
                    tries++;
                }
            }
        }
        say(
                "dry run over %s: %d channels, %d radios, %d places, %d tries in %.2f s %s%n",
                ground, channels.size(), radios.size(), PLACES, tries, (System.nanoTime() - began) / 1e9, counts);
    }

    private static void say(String format, Object... values) {
        System.out.print(String.format(Locale.ROOT, format, values));
    }
}
