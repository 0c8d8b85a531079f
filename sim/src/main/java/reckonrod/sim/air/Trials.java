package reckonrod.sim.air;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Function;
import reckonrod.core.prove.Cause;
import reckonrod.core.prove.Diagnosis;
import reckonrod.core.prove.Knowledge;
import reckonrod.core.prove.Question;

/** Tries ways of asking on invented silences, and counts how often and how soon the true cause is named. */
public final class Trials {
    private final Knowledge knowledge;
    private final int cases;
    private final boolean alike;

    /**
     * Trials on so many cases.
     *
     * @param alike whether all causes are met alike, what is seldom too; else as often as they are
     */
    public Trials(Knowledge knowledge, int cases, boolean alike) {
        this.alike = alike;
        this.knowledge = knowledge;
        this.cases = cases;
    }

    /** The question that is asked next, if one is. */
    public interface Way extends Function<Diagnosis, Optional<Question>> {}

    /** What is worth most first. */
    public static final Way BY_WORTH = Diagnosis::next;

    /** In the order of the table. */
    public static final Way IN_ORDER = diagnosis -> diagnosis.open().stream().findFirst();

    /**
     * How a way of asking did, in shares of all cases.
     *
     * @param first how often the true cause stood first
     * @param amongThree how often it stood among the first three
     * @param asked how many questions were asked on the average
     * @param byCause how often each cause stood first when it was the true one
     */
    public record Score(double first, double amongThree, double asked, Map<String, Double> byCause) {}

    /** Asks at most so many questions of each. */
    public Score score(Way way, int most) {
        SplittableRandom random = new SplittableRandom(20_261_127);
        Map<String, int[]> byCause = new HashMap<>();
        int first = 0;
        int three = 0;
        int asked = 0;
        for (int i = 0; i < cases; i++) {
            SilentCase silent = SilentCase.of(cause(random, i), random.nextLong());
            Bystander person = new Bystander(silent, random.nextLong());
            Diagnosis diagnosis = new Diagnosis(knowledge, silent.situation().circumstances(), Map.of());
            for (int asking = 0; asking < most; asking++) {
                Optional<Question> next = way.apply(diagnosis);
                if (next.isEmpty()) {
                    break;
                }
                asked++;
                diagnosis = diagnosis.with(next.get().id(), person.answer(next.get()));
            }
            int place = place(diagnosis, silent.cause());
            int[] own = byCause.computeIfAbsent(silent.cause(), each -> new int[2]);
            own[1]++;
            if (place == 0) {
                first++;
                own[0]++;
            }
            if (place < 3) {
                three++;
            }
        }
        Map<String, Double> shares = new HashMap<>();
        byCause.forEach((cause, each) -> shares.put(cause, (double) each[0] / each[1]));
        return new Score((double) first / cases, (double) three / cases, (double) asked / cases, shares);
    }

    private String cause(SplittableRandom random, int number) {
        List<Cause> causes = knowledge.causes();
        if (alike) {
            return causes.get(number % causes.size()).id();
        }
        double luck =
                random.nextDouble() * causes.stream().mapToDouble(Cause::base).sum();
        for (Cause each : causes) {
            luck -= each.base();
            if (luck < 0) {
                return each.id();
            }
        }
        return causes.get(0).id();
    }

    private static int place(Diagnosis diagnosis, String cause) {
        List<Diagnosis.Ranked> ranking = diagnosis.ranking();
        for (int i = 0; i < ranking.size(); i++) {
            if (ranking.get(i).cause().id().equals(cause)) {
                return i;
            }
        }
        return ranking.size();
    }
}
