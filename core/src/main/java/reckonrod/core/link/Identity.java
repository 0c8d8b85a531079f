package reckonrod.core.link;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.definition.LinkDefinition;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.LinkException.Fault;

/**
 * Who a radio says it is.
 *
 * @param said the words of the radio
 * @param word what to tell of its firmware, if that was never tried with this definition
 */
public record Identity(String said, Optional<String> word) {
    private static final Pattern FIRMWARE = Pattern.compile("([0-9]+)\\.[0-9]+");

    /**
     * Makes sure that a radio is the one that is expected: of the model, and of a firmware whose memory is laid out as the
     * definition has it. Firmware of one family has the same number before its point.
     *
     * @throws LinkException if it is another one; both are named
     */
    public static Identity require(RadioDefinition radio, String said) throws LinkException {
        LinkDefinition link = radio.line();
        if (!(said + " ").startsWith(link.ident() + " ")) {
            throw new LinkException(
                    Fault.OTHER_MODEL,
                    "The radio says it is a " + said + ", but a " + radio.title()
                            + " was expected. Nothing was read or written. Choose the right radio or change the cable or"
                            + " card over.");
        }
        String firmware = said.substring(link.ident().length()).strip();
        Matcher number = FIRMWARE.matcher(firmware);
        if (link.firmware().isEmpty()) {
            return new Identity(said, Optional.empty());
        }
        String known = link.firmware().get();
        String family = known.substring(0, known.indexOf('.'));
        if (!number.matches() || !number.group(1).equals(family)) {
            throw new LinkException(
                    Fault.OTHER_FIRMWARE,
                    "This " + radio.title()
                            + (firmware.isEmpty() ? " does not say which firmware it has" : " has firmware " + firmware)
                            + ", whose memory may be laid out otherwise than"
                            + " that of " + family + ".x, which is known here. Nothing was read or written; it needs a"
                            + " definition of its own.");
        }
        return new Identity(
                said,
                firmware.equals(known)
                        ? Optional.empty()
                        : Optional.of("Its firmware is " + firmware + "; " + known
                                + " is what this was tried with, and both are of one family."));
    }
}
