package reckonrod.server.find;

import java.util.Optional;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.reach.Station;
import reckonrod.server.directory.EntryFilter;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** Turns a question from the wire into what the core understands. */
@Component
public class Asking {
    private static final double HANDHELD_ANTENNA_METRES = 1.5;
    // A short antenna beside a body.
    private static final double HANDHELD_GAIN = -8;
    private static final double HANDHELD_WATTS = 5;
    private static final String USUAL_PLAN = "r2-north-america";

    private final ListStore lists;
    private final PlanLookup plans;

    Asking(ListStore lists, PlanLookup plans) {
        this.lists = lists;
        this.plans = plans;
    }

    /** The plan of the list that the question comes from. */
    public BandPlan plan(Question question) {
        return Optional.ofNullable(question.list())
                .map(id -> plans.planOf(lists.get(id).list()))
                .orElseGet(() -> plans.plan(USUAL_PLAN));
    }

    /** The person's station. */
    public Station station(Question question) {
        try {
            return Station.of(
                    Optional.ofNullable(question.antenna()).orElse(HANDHELD_ANTENNA_METRES),
                    Optional.ofNullable(question.gain()).orElse(HANDHELD_GAIN),
                    Optional.ofNullable(question.watts()).orElse(HANDHELD_WATTS));
        } catch (IllegalArgumentException outOfRange) {
            throw ProblemException.refused("station-out-of-range", "No such station", outOfRange.getMessage() + ".");
        }
    }

    /** Which entries are wanted. */
    public EntryFilter filter(Question question, BandPlan plan) {
        return Searching.filter(
                given(question.band()),
                given(question.mode()),
                given(question.state()),
                given(question.tone()),
                given(question.text()),
                plan);
    }

    private static String given(String text) {
        return text == null ? "" : text;
    }
}
