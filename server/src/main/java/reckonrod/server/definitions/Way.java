package reckonrod.server.definitions;

import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.RadioDefinition;

/** By what a radio is loaded. */
public enum Way {
    cable,
    card,
    keys;

    /** By what a model is loaded. */
    public static Way of(RadioDefinition definition) {
        return definition.link().isEmpty() ? keys : definition.line().family() instanceof MemoryCard ? card : cable;
    }
}
