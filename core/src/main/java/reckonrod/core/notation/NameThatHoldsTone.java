package reckonrod.core.notation;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.ToneTable;

/** Tells a name such as TT100 or DC023 where the line has no tone: other people's letters in front of a tone pass for a name. */
final class NameThatHoldsTone {
    private static final Pattern LETTERS_AND_DIGITS =
            Pattern.compile("(?<![\\p{L}\\d])\\p{L}{1,3}(\\d{2,3})(?![\\p{L}\\d])");

    private NameThatHoldsTone() {}

    static void tell(LineParts parts) {
        boolean repeater = parts.direction.isSign() || parts.transmit.isPresent() || parts.repeaterSaid;
        if (!repeater || parts.nameQuoted || parts.talkTone.isPresent() || parts.listenTone.isPresent()) {
            return;
        }
        Matcher word = LETTERS_AND_DIGITS.matcher(parts.name);
        while (word.find()) {
            String found = word.group();
            // R67 and the like may be the name of the channel itself.
            boolean channelName = parts.channelName
                    .filter(named -> named.name().equalsIgnoreCase(found))
                    .isPresent();
            like(word.group(1))
                    .filter(any -> !channelName)
                    .ifPresent(write -> parts.findings.add(Finding.of(
                            LineFindings.NAME_HOLDS_TONE, Field.TALK_TONE, Map.of("found", found, "write", write))));
        }
    }

    /** How one would write the tone that these digits are; absent if they are none. */
    private static Optional<String> like(String digits) {
        if (digits.startsWith("0")) {
            return digits.length() == 3
                            && digits.chars().allMatch(digit -> digit <= '7')
                            && ToneTable.EXTENDED.contains(DcsCode.parse(digits + "N"))
                    ? Optional.of("D" + digits + "N")
                    : Optional.empty();
        }
        int tenths = Integer.parseInt(digits) * 10;
        return ToneTable.EXTENDED.ctcss().stream().anyMatch(tone -> tone.tenthsHertz() == tenths)
                ? Optional.of("T" + digits)
                : Optional.empty();
    }
}
