package reckonrod.core.notation;

/**
 * One step of the working.
 *
 * @param what the part that this step settles, such as {@code Shift}
 * @param value what it was settled to, such as {@code −0.600 MHz}
 * @param how how it came about, in plain words
 * @param source where it comes from
 */
public record Step(String what, String value, String how, Source source) {
    /** Where a step's value comes from. */
    public enum Source {
        /** It stood in the line. */
        TYPED("typed"),
        /** It follows from the line and a rule of the band plan. */
        RULE("rule"),
        /** Plain arithmetic on earlier steps. */
        WORKED_OUT("worked out"),
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
}
