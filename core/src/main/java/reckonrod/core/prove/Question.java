package reckonrod.core.prove;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Something that a person can be asked on the spot.
 *
 * @param id its stable name
 * @param ask the question; {@code {talk}}, {@code {listen}} and {@code {name}} are filled from the channel
 * @param help how to find the answer; filled likewise
 * @param rests on what its figures rest
 * @param answered the share of people who can answer it, above 0 and at most 1
 * @param answers the answers there are
 * @param unless the circumstances under which it is senseless
 * @param settledBy the questions whose answers say nearly the same
 * @param usual the chance of each answer, in their order, for the causes that {@code unlike} does not name
 * @param unlike the same by the id of a cause
 */
public record Question(
        String id,
        String ask,
        String help,
        String rests,
        double answered,
        List<Answer> answers,
        Set<String> unless,
        Set<String> settledBy,
        List<Double> usual,
        Map<String, List<Double>> unlike) {
    /** The answer of somebody who cannot tell; it says nothing, and the question is not asked again. */
    public static final String UNKNOWN = "unknown";

    /** One of the answers; its words are filled like the question. */
    public record Answer(String id, String words) {}

    public Question {
        answers = List.copyOf(answers);
        unless = Set.copyOf(unless);
        settledBy = Set.copyOf(settledBy);
        usual = List.copyOf(usual);
        unlike = Map.copyOf(unlike);
    }

    /** How often the answer is given when something is the cause, 0 to 1. */
    public double chance(Cause cause, int answer) {
        return unlike.getOrDefault(cause.id(), usual).get(answer);
    }

    /**
     * The place of an answer among the answers.
     *
     * @throws IllegalArgumentException if it is none of them
     */
    public int indexOf(String answer) {
        for (int i = 0; i < answers.size(); i++) {
            if (answers.get(i).id().equals(answer)) {
                return i;
            }
        }
        throw new IllegalArgumentException("Question \"" + id + "\" has no answer \"" + answer + "\"; there are "
                + answers.stream().map(Answer::id).toList() + " and " + UNKNOWN);
    }
}
