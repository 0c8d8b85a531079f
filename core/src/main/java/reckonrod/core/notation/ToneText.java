package reckonrod.core.notation;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Severity;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/** One tone by itself as people write it, read by the rules of lines: 118.8, 2B, D023N, CTCSS 118.8, REV118.8, none. */
public final class ToneText {
    private static final Set<String> NOTHING = Set.of("none", "off", "-", "no");
    private static final String CHANNEL = "145.500 R ";
    private static final Pattern REVERSED = Pattern.compile("rev", Pattern.CASE_INSENSITIVE);

    private ToneText() {}

    /**
     * The tone.
     *
     * @param plan any plan; tones are the same in all of them
     * @throws IllegalArgumentException if it is none, or one that only may be meant, in words
     */
    public static Tone read(String text, BandPlan plan) {
        String said = text.strip();
        if (NOTHING.contains(said.toLowerCase(Locale.ROOT))) {
            return NoTone.NONE;
        }
        // A reversed tone says by itself that it is one to listen by.
        String line = REVERSED.matcher(said).lookingAt() ? CHANNEL.replace("R ", "") + said : CHANNEL + said;
        WorkedAnswer answer = Reckoner.reckon(line, plan);
        WorkedAnswer without = Reckoner.reckon(CHANNEL + "none", plan);
        Channel bare = without.channel().orElseThrow();
        Tone tone = answer.channel().map(Channel::listenTone).orElse(NoTone.NONE);
        boolean nothingElse = answer.channel()
                .filter(channel ->
                        channel.withTones(NoTone.NONE, channel.talkTone()).equals(bare))
                .isPresent();
        List<Finding> doubts = answer.findings().stream()
                .filter(each -> each.kind().severity() != Severity.NOTE)
                .filter(each -> without.findings().stream().noneMatch(each::sameSubject))
                .toList();
        // What is said of the line around the tone would only puzzle whoever wrote the tone.
        String doubt = doubts.stream()
                .filter(each -> each.field() == Field.LISTEN_TONE || each.field() == Field.TALK_TONE)
                .map(Finding::message)
                .findFirst()
                .orElse("");
        if (said.isEmpty() || !tone.isPresent() || !nothingElse || !doubts.isEmpty()) {
            throw new IllegalArgumentException((doubt.isEmpty() ? "" : doubt + " ")
                    + "A tone must be a CTCSS tone such as 118.8, a DCS code such as D023N, or none, was \"" + said
                    + '"');
        }
        return tone;
    }
}
