package reckonrod.core.prove;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The causes of one silence, ranked by what is known and what was answered so far. A value: another answer, or one taken back,
 * makes another diagnosis.
 */
public final class Diagnosis {
    // A question that is expected to say less than this is not worth the walk; in bits, over the share who can answer
    // it.
    private static final double LEAST_BITS = 0.01;
    private static final double LOG_2 = Math.log(2);

    private final Knowledge knowledge;
    private final List<Circumstance> circumstances;
    private final Map<String, String> answers;
    private final double[] shares;

    /**
     * A cause in its place.
     *
     * @param share how likely it is, 0 to 1; all of them sum to 1
     * @param reasons what made it more or less likely, the weightiest first
     */
    public record Ranked(Cause cause, double share, List<Reason> reasons) {
        public Ranked {
            reasons = List.copyOf(reasons);
        }

        /** How likely it is, in a word. */
        public String words() {
            // As the whole percents that stand beside it.
            long percent = Math.round(share * 100);
            return percent >= 80
                    ? "almost certainly"
                    : percent >= 50 ? "probably" : percent >= 20 ? "perhaps" : percent >= 5 ? "hardly" : "unlikely";
        }
    }

    /**
     * What moved a cause.
     *
     * @param words what is known or was answered
     * @param rests on what the figure rests
     * @param factor how many times as likely it made the cause against the average of all; below 1 it spoke against it
     */
    public record Reason(String words, String rests, double factor) {}

    /**
     * A diagnosis.
     *
     * @param circumstances the ids of what is known of the case
     * @param answers the answer to each question by its id, in the order they were given
     * @throws IllegalArgumentException if there is no such circumstance, question or answer
     */
    public Diagnosis(Knowledge knowledge, Collection<String> circumstances, Map<String, String> answers) {
        this.knowledge = knowledge;
        this.circumstances =
                circumstances.stream().sorted().map(knowledge::circumstance).toList();
        this.answers = new LinkedHashMap<>(answers);
        double[] weights = knowledge.causes().stream().mapToDouble(Cause::base).toArray();
        this.circumstances.forEach(each -> times(weights, factors(each)));
        this.answers.forEach((question, answer) -> chances(question, answer).ifPresent(each -> times(weights, each)));
        this.shares = shares(weights);
    }

    private double[] factors(Circumstance circumstance) {
        return knowledge.causes().stream().mapToDouble(circumstance::factor).toArray();
    }

    /** The chance of that answer for each cause; absent if it is that the person cannot tell. */
    private Optional<double[]> chances(String question, String answer) {
        Question asked = knowledge
                .question(question)
                .orElseThrow(() -> new IllegalArgumentException("There is no question \"" + question + "\""));
        if (answer.equals(Question.UNKNOWN)) {
            return Optional.empty();
        }
        return Optional.of(chances(asked, asked.indexOf(answer)));
    }

    private double[] chances(Question question, int answer) {
        return knowledge.causes().stream()
                .mapToDouble(cause -> question.chance(cause, answer))
                .toArray();
    }

    private static void times(double[] weights, double[] factors) {
        for (int i = 0; i < weights.length; i++) {
            weights[i] *= factors[i];
        }
    }

    private static double[] shares(double[] weights) {
        double sum = sum(weights);
        double[] shares = weights.clone();
        for (int i = 0; i < shares.length; i++) {
            shares[i] /= sum;
        }
        return shares;
    }

    private static double sum(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum;
    }

    /** What was answered so far, in that order. */
    public Map<String, String> answers() {
        return new LinkedHashMap<>(answers);
    }

    /** What is known of the case. */
    public List<Circumstance> circumstances() {
        return circumstances;
    }

    /** The same with one answer more. */
    public Diagnosis with(String question, String answer) {
        Map<String, String> next = new LinkedHashMap<>(answers);
        next.put(question, answer);
        return new Diagnosis(
                knowledge, circumstances.stream().map(Circumstance::id).toList(), next);
    }

    /** All causes, the most likely first. */
    public List<Ranked> ranking() {
        List<Ranked> ranking = new ArrayList<>();
        for (int i = 0; i < shares.length; i++) {
            ranking.add(new Ranked(knowledge.causes().get(i), shares[i], reasons(i)));
        }
        ranking.sort(Comparator.comparingDouble(Ranked::share).reversed());
        return ranking;
    }

    /** Each step of the reckoning against the average of all causes as they stood before it. */
    private List<Reason> reasons(int cause) {
        List<Reason> reasons = new ArrayList<>();
        double[] weights = knowledge.causes().stream().mapToDouble(Cause::base).toArray();
        for (Circumstance each : circumstances) {
            add(reasons, weights, factors(each), cause, each.words(), each.rests());
        }
        answers.forEach((id, answer) -> chances(id, answer).ifPresent(factors -> {
            Question question = knowledge.question(id).orElseThrow();
            add(
                    reasons,
                    weights,
                    factors,
                    cause,
                    question.ask() + " — "
                            + question.answers().get(question.indexOf(answer)).words(),
                    question.rests());
        }));
        reasons.sort(Comparator.comparingDouble((Reason each) -> Math.abs(Math.log(each.factor())))
                .reversed());
        return reasons;
    }

    private static void add(
            List<Reason> reasons, double[] weights, double[] factors, int cause, String words, String rests) {
        double before = weights[cause] / sum(weights);
        times(weights, factors);
        double after = weights[cause] / sum(weights);
        double factor = after / before;
        if (factor > 1.1 || factor < 0.9) {
            reasons.add(new Reason(words, rests, factor));
        }
    }

    /** How much is still open, in bits; 0 when one cause is certain. */
    public double bits() {
        return bits(shares);
    }

    private static double bits(double[] shares) {
        double bits = 0;
        for (double share : shares) {
            if (share > 0) {
                bits -= share * Math.log(share) / LOG_2;
            }
        }
        return bits;
    }

    /** The questions that can still be asked, in their fixed order. */
    public List<Question> open() {
        return knowledge.questions().stream()
                .filter(each -> !answers.containsKey(each.id()))
                .filter(each -> each.settledBy().stream().noneMatch(answers::containsKey))
                .filter(each ->
                        circumstances.stream().noneMatch(known -> each.unless().contains(known.id())))
                .toList();
    }

    /** The question that is worth most now; absent when none is worth asking. */
    public Optional<Question> next() {
        return open().stream().filter(each -> worth(each) >= LEAST_BITS).max(Comparator.comparingDouble(this::worth));
    }

    /** How many bits a question is expected to take away, by how many people can answer it. */
    public double worth(Question question) {
        double expected = 0;
        for (int answer = 0; answer < question.answers().size(); answer++) {
            double[] weights = shares.clone();
            times(weights, chances(question, answer));
            double chance = sum(weights);
            if (chance > 0) {
                expected += chance * bits(shares(weights));
            }
        }
        return question.answered() * (bits() - expected);
    }
}
