package reckonrod.core.link;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import reckonrod.core.definition.LinkDefinition.Cable;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.Conversation.Stuck;
import reckonrod.core.link.Conversation.Why;
import reckonrod.core.link.LinkException.Fault;

/** Tells what is at the other end of a line from what came over it. */
final class Diagnosis {
    private static final List<Integer> SPEEDS = List.of(4_800, 9_600, 19_200, 38_400, 57_600, 115_200);
    private static final int LETTERS_THAT_TELL = 6;

    private Diagnosis() {}

    /** Tries a speed. */
    interface Speeds {
        boolean answersAt(int baud, Exchange.Asked asked);
    }

    /** Whether the radio makes sense at another speed than its definition has, which is told then. */
    static Optional<LinkException> otherSpeed(
            RadioDefinition radio, Cable cable, Stuck<?> stuck, Speeds speeds, Exchange.Asked asked) {
        if (stuck.why() == Why.REFUSED || isEcho(asked.request(), stuck.heard())) {
            return Optional.empty();
        }
        int usual = cable.pace().baud();
        return SPEEDS.stream()
                .filter(baud -> baud != usual && speeds.answersAt(baud, asked))
                .findFirst()
                .map(baud -> new LinkException(
                        Fault.OTHER_SPEED,
                        "The radio answers at " + baud + " baud, and a " + radio.title() + " is loaded at " + usual
                                + ". Set its cable speed to " + usual
                                + " in its menu, or start over from its link mode."));
    }

    static LinkException of(RadioDefinition radio, Cable cable, byte[] said, Stuck<?> stuck) {
        return switch (stuck.why()) {
            case REFUSED ->
                new LinkException(
                        Fault.REFUSED,
                        "The " + radio.title()
                                + " refused what was asked of it. Switch it off and on in its link mode and start"
                                + " over.");
            case SUM_DIFFERS ->
                new LinkException(
                        Fault.GARBAGE,
                        "Each piece came whole, and all together they are not what the radio says it holds. Check that the plug"
                                + " sits tight, then start over.");
            case WRONG_WAY ->
                new LinkException(
                        Fault.REFUSED,
                        "The " + radio.title()
                                + " was set to take where it was to send, or to send where it was to take. Start"
                                + " over and start the other one on the radio.");
            case SILENCE ->
                new LinkException(
                        Fault.NO_ANSWER,
                        "The radio does not answer. Check that it is switched on in its link mode, that the plug sits tight, and"
                                + " that this is the port of its cable.");
            case NONSENSE -> nonsense(cable, said, stuck.heard());
        };
    }

    private static LinkException nonsense(Cable cable, byte[] said, byte[] heard) {
        if (isEcho(said, heard)) {
            return new LinkException(
                    Fault.ECHO,
                    "What was sent comes back as it was: the cable ends in itself, or its plug is not in the radio's socket"
                            + " all the way.");
        }
        Optional<String> words = words(heard);
        if (words.isPresent()) {
            return new LinkException(
                    Fault.OTHER_DEVICE,
                    "Something else than a radio speaks on this port: \"" + words.get()
                            + "\". Choose the port of the radio's cable.");
        }
        return new LinkException(
                Fault.GARBAGE,
                "What came from the radio makes no sense, " + cable.pace().tries()
                        + " times over. Check that the plug sits tight and that the radio is in its link mode.");
    }

    private static boolean isEcho(byte[] said, byte[] heard) {
        return said.length > 0 && heard.length >= said.length && Arrays.equals(said, Arrays.copyOf(heard, said.length));
    }

    /** The words of a device that talks in plain text, such as a satellite receiver or a modem. */
    private static Optional<String> words(byte[] heard) {
        String text = new String(heard, StandardCharsets.ISO_8859_1).strip();
        boolean plain = text.length() >= LETTERS_THAT_TELL
                && text.chars().allMatch(each -> each >= ' ' && each < 0x7F || each == '\r' || each == '\n');
        return plain ? Optional.of(text.lines().findFirst().orElse("").strip()) : Optional.empty();
    }
}
