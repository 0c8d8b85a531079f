package reckonrod.server.prove;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import reckonrod.core.air.Hindrance;
import reckonrod.core.air.Margins;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.Finder;
import reckonrod.core.fit.Placement;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.prove.DryRun;
import reckonrod.core.prove.Mending;
import reckonrod.core.prove.Outcome;
import reckonrod.core.prove.Prediction;
import reckonrod.server.fit.Loading;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;

/** Keys up every channel of a list, in some radios and at some places, before anybody leaves. */
@Component
class DryRuns {
    private static final int MOST_CELLS = 40_000;

    private final OnTheAir air;
    private final Loading loading;

    DryRuns(OnTheAir air, Loading loading) {
        this.air = air;
        this.loading = loading;
    }

    /** A place, and how far along the way it is, in kilometres. */
    record At(String name, Position position, double kilometre) {}

    /** What a channel is expected to do, the best first. */
    enum OutcomeView {
        opens,
        perhaps,
        direct,
        listens,
        unheard,
        heard_only,
        silent,
        not_listed,
        not_in_radio
    }

    /** One radio at one place. */
    record DryColumnView(
            String radioId, String radio, String place, double kilometre, double latitude, double longitude) {}

    /**
     * One channel in one column.
     *
     * @param why an index into the reasons; nothing if nothing stands in the way
     * @param margin what is to spare at the worse end, in decibels; nothing if nobody knows
     */
    record DryCellView(
            OutcomeView outcome,
            @Schema(nullable = true) Integer why,
            @Schema(nullable = true) Double margin) {}

    /**
     * One channel.
     *
     * @param repeater what the directory calls its repeater; nothing if it has none
     * @param mend the line that would be right where the channel stands in the way; nothing if it does not
     */
    record DryRowView(
            UUID channelId,
            int slot,
            String name,
            String line,
            @Schema(nullable = true) String repeater,
            @Schema(nullable = true) String directoryId,
            @Schema(nullable = true) String mend,
            List<DryCellView> cells) {}

    /**
     * A dry run.
     *
     * @param outcomes the meaning of each outcome, by its name
     */
    record DryRunView(
            List<DryColumnView> columns,
            List<DryRowView> rows,
            List<String> reasons,
            Map<String, OutcomeWords> outcomes,
            long tookMillis) {}

    /** An outcome in a word and in a sentence, and whether something is wrong that may be mended. */
    record OutcomeWords(String words, String meaning, boolean trouble) {}

    DryRunView run(ChannelList list, List<RadioUnit> radios, List<At> places) {
        long began = System.nanoTime();
        long cells = (long) list.entries().size() * radios.size() * places.size();
        if (cells > MOST_CELLS) {
            throw ProblemException.refused(
                    "dry-run-too-large",
                    "That is too much at once",
                    list.entries().size() + " channels in " + radios.size() + " radios at " + places.size()
                            + " places are " + cells + " tries, at most " + MOST_CELLS
                            + " are shown at once. Choose fewer radios, or longer steps along the way.");
        }
        BandPlan plan = air.plan(list);
        Finder finder = air.usualFinder(plan);
        Map<UUID, DirectoryEntry> entries = air.entries(
                list, list.entries().values(), places.stream().map(At::position).toList());
        DryRun dry = new DryRun(OnTheAir.repeaters(entries, finder), air.paths());
        List<Map<UUID, Placement>> fitted = radios.stream()
                .map(radio -> byChannel(loading.fit(radio, list).placements()))
                .toList();
        Reasons reasons = new Reasons();
        Mending mending = new Mending(plan);
        List<DryRowView> rows = new ArrayList<>();
        list.entries().forEach((slot, entry) -> {
            Optional<DirectoryEntry> listed = Optional.ofNullable(entries.get(entry.id()));
            List<DryCellView> row = new ArrayList<>();
            Optional<String> mend = Optional.empty();
            for (int radio = 0; radio < radios.size(); radio++) {
                Placement placement = fitted.get(radio).get(entry.id());
                for (At at : places) {
                    Prediction prediction = dry.predict(
                            placement, radios.get(radio).definition().model(), at.position());
                    row.add(cell(prediction, placement, reasons));
                    if (mend.isEmpty() && prediction.outcome().isTrouble()) {
                        mend = mend(prediction, entry, listed, mending, plan);
                    }
                }
            }
            rows.add(new DryRowView(
                    entry.id(),
                    slot,
                    entry.channel().label(),
                    entry.line(),
                    listed.map(DirectoryEntry::label).orElse(null),
                    listed.map(DirectoryEntry::id).orElse(null),
                    mend.orElse(null),
                    row));
        });
        return new DryRunView(
                columns(radios, places), rows, reasons.all(), words(), (System.nanoTime() - began) / 1_000_000);
    }

    private static Map<UUID, Placement> byChannel(List<Placement> placements) {
        Map<UUID, Placement> byChannel = new LinkedHashMap<>();
        placements.forEach(each -> byChannel.put(each.entry().id(), each));
        return byChannel;
    }

    private static List<DryColumnView> columns(List<RadioUnit> radios, List<At> places) {
        return radios.stream()
                .flatMap(radio -> places.stream()
                        .map(at -> new DryColumnView(
                                radio.id(),
                                radio.name(),
                                at.name(),
                                at.kilometre(),
                                at.position().latitudeDegrees(),
                                at.position().longitudeDegrees())))
                .toList();
    }

    private static DryCellView cell(Prediction prediction, Placement placement, Reasons reasons) {
        OutcomeView outcome = OutcomeView.valueOf(prediction.outcome().name().toLowerCase(Locale.ROOT));
        String why = outcome == OutcomeView.not_in_radio
                ? placement.reasons().stream()
                        .map(each -> each.why())
                        .findFirst()
                        .orElse("")
                : Arrays.stream(Hindrance.values())
                        .filter(prediction.hindrances()::contains)
                        .map(Hindrance::words)
                        .collect(Collectors.joining("; "));
        return new DryCellView(
                outcome,
                why.isEmpty() ? null : reasons.index(why),
                prediction
                        .margins()
                        .map(Margins::worse)
                        .filter(Double::isFinite)
                        .map(margin -> Math.rint(margin * 10) / 10)
                        .orElse(null));
    }

    /** The channel set right; nothing is offered for what lies in the way alone. */
    private static Optional<String> mend(
            Prediction prediction, ListEntry entry, Optional<DirectoryEntry> listed, Mending mending, BandPlan plan) {
        return mending.mended(prediction.hindrances(), entry.channel(), listed)
                .map(each -> LineWriter.write(each, plan))
                .filter(line -> !line.equals(entry.line()));
    }

    static Map<String, OutcomeWords> words() {
        Map<String, OutcomeWords> words = new LinkedHashMap<>();
        for (Outcome each : Outcome.values()) {
            words.put(
                    each.name().toLowerCase(Locale.ROOT),
                    new OutcomeWords(each.words(), each.meaning(), each.isTrouble()));
        }
        return words;
    }

    /** The same reason is sent once. */
    private static final class Reasons {
        private final Map<String, Integer> known = new LinkedHashMap<>();

        int index(String words) {
            return known.computeIfAbsent(words, each -> known.size());
        }

        List<String> all() {
            return List.copyOf(known.keySet());
        }
    }
}
