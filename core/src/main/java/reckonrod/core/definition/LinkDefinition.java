package reckonrod.core.definition;

import java.util.List;
import java.util.Optional;

/**
 * How a radio is loaded.
 *
 * @param family the transfer protocol with its figures
 * @param ident how it names itself; its firmware number follows
 * @param firmware the firmware that this definition was tried with, such as {@code 1.07}; memory is laid out alike in all that
 *     have the same number before the point. Absent where that is not known, and any will do
 * @param person what the person does on the radio before, in order
 */
public record LinkDefinition(Family family, String ident, Optional<String> firmware, List<String> person) {
    /** A transfer protocol. */
    public sealed interface Family {
        /** What it is called in data files. */
        String words();

        /** The memory is taken in pieces of so many bytes. */
        int blockBytes();
    }

    /** A protocol over a line of bytes. */
    public sealed interface Cable extends Family {
        /** How fast it is. */
        Pace pace();
    }

    /**
     * How fast a line is.
     *
     * @param baud the speed in bits a second; a byte takes ten
     * @param answerWithinMillis how long the radio may take to answer, in milliseconds
     * @param tries how often a request is sent before the host gives up
     */
    public record Pace(int baud, int answerWithinMillis, int tries) {}

    /**
     * The host asks for each block and the radio answers.
     *
     * @param tellsChanged whether the radio tells which blocks were changed since it was asked to remember them
     */
    public record PolledBlocks(Pace pace, int blockBytes, boolean tellsChanged) implements Cable {
        static final String WORDS = "polled blocks";

        @Override
        public String words() {
            return WORDS;
        }
    }

    /** As {@link PolledBlocks}, in numbered packets with a cyclic check, so that it goes over lines that lose and repeat. */
    public record FramedPackets(Pace pace, int blockBytes) implements Cable {
        static final String WORDS = "framed packets";

        @Override
        public String words() {
            return WORDS;
        }
    }

    /**
     * The person starts it on the radio, and the whole memory goes in one stream.
     *
     * @param send what the person does to have the radio send
     * @param take what the person does to have it take
     */
    public record StreamedClone(Pace pace, int blockBytes, List<String> send, List<String> take) implements Cable {
        static final String WORDS = "streamed clone";

        public StreamedClone {
            send = List.copyOf(send);
            take = List.copyOf(take);
        }

        @Override
        public String words() {
            return WORDS;
        }
    }

    /**
     * Records as long as they need to be, gathered by the radio and kept by it as a whole, by the checksum of the whole.
     *
     * @param blockBytes the longest record's bytes of memory
     */
    public record VariableRecords(Pace pace, int blockBytes) implements Cable {
        static final String WORDS = "variable records";

        @Override
        public String words() {
            return WORDS;
        }
    }

    /**
     * A memory card that is carried between radio and computer. Its names are short ones (ISO 9660 level 1 style: eight characters,
     * three after the point), so that they never hide a file, leave the folder or mean a device.
     *
     * @param folder the folder on the card, at most 8 letters, digits, {@code -} or {@code _}
     * @param file the file of the memory in it, likewise, with an ending of at most 3
     * @param export what the person does to have the radio write its memory to the card
     * @param takeIn what the person does to have it read the card
     */
    public record MemoryCard(String folder, String file, List<String> export, List<String> takeIn) implements Family {
        /** The name of the text that says what the file beside it holds. */
        public static final String TEXT = "INDEX.TXT";

        static final String WORDS = "memory card";

        private static final String PLAIN = "[A-Za-z0-9][A-Za-z0-9_-]{0,7}";
        private static final String DEVICE = "(?i)(con|prn|aux|nul|com[0-9]|lpt[0-9])(\\..*)?";

        public MemoryCard {
            requireFolder(folder);
            requireFile(file);
            export = List.copyOf(export);
            takeIn = List.copyOf(takeIn);
        }

        @Override
        public String words() {
            return WORDS;
        }

        static String requireFolder(String name) {
            if (!name.matches(PLAIN) || name.matches(DEVICE)) {
                throw new IllegalArgumentException(
                        "folder must be a plain name of up to 8 letters and digits, such as KM90, was \"" + name
                                + "\"");
            }
            return name;
        }

        static String requireFile(String name) {
            if (!isPlainFile(name) || name.equalsIgnoreCase(TEXT)) {
                throw new IllegalArgumentException(
                        "file must be a plain name of up to 8 letters and digits with an ending of up to 3, such as MEMORY.BIN,"
                                + " and not " + TEXT + ", was \"" + name + "\"");
            }
            return name;
        }

        /** Whether a file on a card can have that name. */
        public static boolean isPlainFile(String name) {
            return name.matches(PLAIN + "(\\.[A-Za-z0-9]{1,3})?") && !name.matches(DEVICE);
        }

        /** A card is written as a whole. */
        @Override
        public int blockBytes() {
            return 1;
        }
    }

    public LinkDefinition {
        person = List.copyOf(person);
        firmware.filter(each -> !each.matches("[0-9]+\\.[0-9]+")).ifPresent(each -> {
            throw new IllegalArgumentException(
                    "firmware must be a number with a point, such as 1.07, was \"" + each + "\"");
        });
    }

    /**
     * The line, for who has a cable.
     *
     * @throws IllegalStateException if it is loaded by card
     */
    public Cable cable() {
        if (family instanceof Cable cable) {
            return cable;
        }
        throw new IllegalStateException(ident + " is loaded by card");
    }

    /** How a radio that is as this definition expects names itself. */
    public String usualIdent() {
        return ident + " " + firmware.orElse("1.00");
    }
}
