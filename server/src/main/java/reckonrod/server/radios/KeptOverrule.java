package reckonrod.server.radios;

import java.util.Optional;
import reckonrod.core.fit.Carrying;
import reckonrod.core.tone.Tone;

/** An overrule as it is kept; nothing where it says nothing. */
record KeptOverrule(boolean leftOut, boolean listenOnly, String name, String talkTone) {
    private static final String SAME = "same";
    private static final String PACKED = "packed";

    static KeptOverrule of(Carrying.Overrule overrule) {
        return new KeptOverrule(
                overrule.leftOut(),
                overrule.listenOnly(),
                overrule.name().orElse(null),
                overrule.talkTone().map(Tone::toString).orElse(null));
    }

    Carrying.Overrule value() {
        return new Carrying.Overrule(
                leftOut,
                listenOnly,
                Optional.ofNullable(name),
                Optional.ofNullable(talkTone).map(Tone::parse));
    }

    static String text(Carrying.Places places) {
        return places instanceof Carrying.Places.Moved moved
                ? String.valueOf(moved.by())
                : places instanceof Carrying.Places.Packed ? PACKED : SAME;
    }

    static Carrying.Places places(String text) {
        return switch (text) {
            case SAME -> new Carrying.Places.Same();
            case PACKED -> new Carrying.Places.Packed();
            default -> new Carrying.Places.Moved(Integer.parseInt(text));
        };
    }
}
