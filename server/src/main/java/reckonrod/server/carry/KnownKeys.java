package reckonrod.server.carry;

import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.panel.Panel;
import reckonrod.server.problem.ProblemException;

/** The keys of a radio, where its definition says what they do. */
public final class KnownKeys {
    private KnownKeys() {}

    /**
     * Them, or why there are none.
     *
     * @throws ProblemException if the definition does not say
     */
    public static Panel of(RadioDefinition definition) {
        return definition
                .panel()
                .orElseThrow(() -> ProblemException.refused(
                        "keys-unknown",
                        "Its keys are not known",
                        "The definition of the " + definition.title()
                                + " does not say what its keys do. It can be added under Models, as panel."));
    }
}
