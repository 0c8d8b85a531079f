package reckonrod.server.find;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.find.Found;
import reckonrod.core.find.UsualStation;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.reach.Station;
import reckonrod.core.tone.PublishedTone;
import reckonrod.core.tone.Tone;
import reckonrod.server.directory.EntryFilter;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** Turns a question from the wire into what the core understands. */
@Component
public class Asking {
    private static final String USABLE = "usable";
    private static final Map<String, Comparator<Found>> ORDERS = Map.of(
            "use",
            Found.BY_USE,
            "distance",
            Found.BY_DISTANCE,
            "output",
            Found.BY_OUTPUT,
            "confirmed",
            Found.BY_CONFIRMED,
            "unconfirmed",
            Found.BY_UNCONFIRMED);

    private final ListStore lists;
    private final PlanLookup plans;

    Asking(ListStore lists, PlanLookup plans) {
        this.lists = lists;
        this.plans = plans;
    }

    /** The plan of the list that the question comes from. */
    public BandPlan plan(Question question) {
        return plan(question.list());
    }

    /** The plan of that list, or the usual one where there is none. */
    BandPlan plan(UUID list) {
        return Optional.ofNullable(list)
                .map(id -> plans.planOf(lists.get(id).list()))
                .orElseGet(() -> plans.plan(BandPlans.USUAL));
    }

    /** The person's station; what is missing of it is as usual. */
    public Station station(Question question) {
        Station usual = UsualStation.shipped().get(0).station();
        try {
            return Station.of(
                    Optional.ofNullable(question.antenna()).orElse(usual.antennaMetres()),
                    Optional.ofNullable(question.gain()).orElse(usual.gainDecibels()),
                    Optional.ofNullable(question.watts()).orElse(usual.watts()));
        } catch (IllegalArgumentException outOfRange) {
            throw ProblemException.refused("station-out-of-range", "No such station", outOfRange.getMessage() + ".");
        }
    }

    /** In which order what is found around a place is wanted. */
    public Comparator<Found> order(String name) {
        return Optional.ofNullable(ORDERS.get(name))
                .orElseThrow(() -> ProblemException.refused(
                        "order-unknown",
                        "Unknown order",
                        "order was \"" + name + "\" and must be use, distance, output, confirmed or unconfirmed."));
    }

    /** Which entries are wanted. */
    public EntryFilter filter(Question question, BandPlan plan) {
        return new EntryFilter(
                given(question.band()).map(band -> outputs(band, plan)),
                given(question.mode())
                        .map(mode -> Set.of(oneOf("mode", mode, Mode.values(), Mode::word)))
                        .orElse(Set.of()),
                given(question.state()).map(Asking::states).orElse(Set.of()),
                given(question.flag())
                        .map(flag -> Set.of(oneOf("flag", flag, DirectoryFlag.values(), DirectoryFlag::words)))
                        .orElse(Set.of()),
                given(question.tone()).map(Asking::tone),
                given(question.text()).orElse(""));
    }

    private static Optional<String> given(String text) {
        return Optional.ofNullable(text).map(String::strip).filter(each -> !each.isEmpty());
    }

    private static Set<State> states(String state) {
        return state.equals(USABLE) ? State.USABLE : Set.of(oneOf("state", state, State.values(), State::words));
    }

    private static FrequencyRange outputs(String name, BandPlan plan) {
        return plan.bands().stream()
                .filter(band -> band.name().equals(name))
                .findFirst()
                .map(Band::range)
                .orElseThrow(() -> ProblemException.refused(
                        "filter-unknown",
                        "Unknown band",
                        "\"" + name + "\" is no band of " + plan.title() + "; there are "
                                + plan.bands().stream().map(Band::name).collect(Collectors.joining(", "))
                                + "."));
    }

    private static <T> T oneOf(String what, String text, T[] values, Function<T, String> words) {
        for (T value : values) {
            if (words.apply(value).toLowerCase(Locale.ROOT).equals(text.toLowerCase(Locale.ROOT))) {
                return value;
            }
        }
        throw ProblemException.refused(
                "filter-unknown",
                "Unknown " + what,
                "\"" + text + "\" is no " + what + "; there are "
                        + Arrays.stream(values).map(words).collect(Collectors.joining(", ")) + ".");
    }

    private static Tone tone(String text) {
        try {
            return PublishedTone.parse(text);
        } catch (IllegalArgumentException unreadable) {
            throw ProblemException.refused("filter-unknown", "Unknown tone", unreadable.getMessage() + ".");
        }
    }
}
