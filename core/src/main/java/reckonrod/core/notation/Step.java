package reckonrod.core.notation;

/**
 * One step of the working.
 *
 * @param what the part that this step settles, such as {@code Shift}
 * @param value what it was settled to, such as {@code −0.600 MHz}
 * @param how how it came about, in plain words
 * @param source where it comes from
 * @param was what it would be by the line as published and whether that stood there, such as {@code published CTCSS 71.9};
 *     empty where it is the same
 */
public record Step(String what, String value, String how, Source source, String was) {
    /** Where a step's value comes from. */
    public enum Source {
        /** It stood in the line as it came in. */
        PUBLISHED("published"),
        /** It follows from the line and a rule of the band plan. */
        RULE("worked out by rule"),
        /** Plain arithmetic on earlier steps. */
        ARITHMETIC("arithmetic"),
        /** The person changed it after the line had come in. */
        TYPED_OVER("typed over by you"),
        /** Nothing was said, so the usual was taken. */
        USUAL("usual");

        private final String words;

        Source(String words) {
            this.words = words;
        }

        /** The source in words. */
        public String words() {
            return words;
        }
    }

    /** A step of a line as it came in. */
    Step(String what, String value, String how, Source source) {
        this(what, value, how, source, "");
    }

    // Only what stood in the line was published; the rest followed, or was taken as usual.
    private String saidWords() {
        return switch (source) {
            case PUBLISHED, TYPED_OVER -> "published ";
            case USUAL -> "usually ";
            case RULE, ARITHMETIC -> "worked out ";
        };
    }

    /** This step seen beside the same step of the line as published; null when that line has no such step. */
    Step beside(Step published) {
        if (published != null && published.value.equals(value)) {
            return this;
        }
        String before = published == null ? "" : published.saidWords() + published.value;
        return new Step(what, value, how, source == Source.PUBLISHED ? Source.TYPED_OVER : source, before);
    }
}
