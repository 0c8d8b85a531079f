package reckonrod.server.radios;

import reckonrod.core.fit.Carrying;

/** Where a block goes, as it is kept; it begins nowhere where it does not go in. */
record KeptInto(Integer from) {
    static KeptInto of(Carrying.Into into) {
        return new KeptInto(into instanceof Carrying.Into.From at ? at.slot() : null);
    }

    Carrying.Into value() {
        return from == null ? new Carrying.Into.Out() : new Carrying.Into.From(from);
    }
}
