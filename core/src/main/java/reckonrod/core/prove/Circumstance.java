package reckonrod.core.prove;

import java.util.Map;

/**
 * Something that the program knows of a case before anybody is asked.
 *
 * @param id its stable name
 * @param words what is known, as after "because"
 * @param rests on what its figures rest
 * @param factors how many times as likely it makes a cause, by the cause's id; causes that are not named stay
 */
public record Circumstance(String id, String words, String rests, Map<String, Double> factors) {
    public Circumstance {
        factors = Map.copyOf(factors);
    }

    /** How many times as likely it makes a cause. */
    public double factor(Cause cause) {
        return factors.getOrDefault(cause.id(), 1.0);
    }
}
