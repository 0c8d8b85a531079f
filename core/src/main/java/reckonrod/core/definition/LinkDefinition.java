package reckonrod.core.definition;

import java.util.List;

/**
 * How a radio is loaded.
 *
 * @param family the transfer protocol
 * @param ident how it names itself; firmware numbers follow
 * @param baud the speed of the line in bits a second; a byte takes ten
 * @param blockBytes the bytes that are read or written at a time
 * @param answerWithinMillis how long the radio may take to answer, in milliseconds
 * @param tries how often a request is sent before the host gives up
 * @param person what the person does on the radio, in order
 */
public record LinkDefinition(
        Family family, String ident, int baud, int blockBytes, int answerWithinMillis, int tries, List<String> person) {
    /** The transfer protocols. */
    public enum Family {
        /** The host asks for each block and the radio answers. */
        POLLED_BLOCKS("polled blocks");

        private final String words;

        Family(String words) {
            this.words = words;
        }

        static Family parse(String words) {
            for (Family family : values()) {
                if (family.words.equals(words)) {
                    return family;
                }
            }
            throw new IllegalArgumentException("family must be \"polled blocks\", was \"" + words + "\"");
        }
    }

    public LinkDefinition {
        person = List.copyOf(person);
    }
}
