package reckonrod.core.check;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** Looks for tones and codes that radios do not have, or few of them. */
public final class ToneTableCheck implements ChannelRule {
    static final FindingKind NOT_STANDARD = new FindingKind(
            "tone-not-standard",
            Severity.ERROR,
            "{tone} Hz is no standard tone; the nearest are {first} and {second}.",
            "A radio sends only the tones of its table, and a neighbour may not open the repeater: none is chosen for you.");
    static final FindingKind CODE_NOT_STANDARD = new FindingKind(
            "dcs-not-standard",
            Severity.ERROR,
            "{code} is no DCS code that radios offer.",
            "Codes have three digits from 0 to 7, and radios offer 104 of them. {same}");
    static final FindingKind FEW_RADIOS = new FindingKind(
            "tone-of-few-radios",
            Severity.NOTE,
            "{tone} is in the tables of few radios.",
            "It is no slip by itself; Fit says which of your radios have it.");
    static final FindingKind SAME_WORD = new FindingKind(
            "dcs-sides-same",
            Severity.NOTE,
            "{talkTone} and {listenTone} are the same word on the air.",
            "An inverted code equals its partner upright, so both sides use one code under two names.");

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        List<Finding> findings = new ArrayList<>();
        checkSide(channel, channel.talkTone(), Field.TALK_TONE, findings);
        checkSide(channel, channel.listenTone(), Field.LISTEN_TONE, findings);
        if (channel.talkTone() instanceof DcsCode talk
                && channel.listenTone() instanceof DcsCode listen
                && !talk.equals(listen)
                && talk.soundsLike(listen)) {
            findings.add(Finding.of(
                    SAME_WORD,
                    Field.LISTEN_TONE,
                    Map.of("talkTone", talk.toString(), "listenTone", listen.toString())));
        }
        return findings;
    }

    private static void checkSide(Channel channel, Tone tone, Field side, List<Finding> findings) {
        if (ToneTable.STANDARD.contains(tone)) {
            return;
        }
        if (ToneTable.EXTENDED.contains(tone)) {
            findings.add(Finding.of(FEW_RADIOS, side, Map.of("tone", tone.toString())));
            return;
        }
        unknown(tone, side)
                .ifPresent(finding -> findings.add(new Finding(
                        finding.kind(),
                        finding.field(),
                        finding.facts(),
                        nearest(tone).stream()
                                .map(each -> new Fix(
                                        "Use " + each,
                                        new Edit.ReplaceChannel(
                                                side == Field.TALK_TONE
                                                        ? channel.withTones(each, channel.listenTone())
                                                        : channel.withTones(channel.talkTone(), each))))
                                .toList())));
    }

    /** The finding on a tone that no radio has, without fixes; absent for a tone of the tables. */
    public static Optional<Finding> unknown(Tone tone, Field side) {
        if (ToneTable.EXTENDED.contains(tone)) {
            return Optional.empty();
        }
        if (tone instanceof DcsCode code) {
            List<DcsCode> same = ToneTable.EXTENDED.sameOnAir(code);
            String words = same.isEmpty()
                    ? "None of them sounds like this one."
                    : "On the air it cannot be told from " + same.get(0) + ".";
            return Optional.of(Finding.of(CODE_NOT_STANDARD, side, Map.of("code", code.toString(), "same", words)));
        }
        return Optional.of(unknown(hertz(tone), side));
    }

    /** The finding on a figure that is no tone of the tables, exact to what was typed, without fixes. */
    public static Finding unknown(BigDecimal hertz, Field side) {
        List<ToneTable.Neighbour> nearest = ToneTable.STANDARD.nearest(hertz);
        return Finding.of(
                NOT_STANDARD,
                side,
                Map.of(
                        "tone", hertz.toPlainString(),
                        "first", nearest.get(0).toString(),
                        "second", nearest.get(1).toString()));
    }

    private static BigDecimal hertz(Tone tone) {
        CtcssTone asked = tone instanceof ReversedTone reversed ? reversed.tone() : (CtcssTone) tone;
        return BigDecimal.valueOf(asked.tenthsHertz(), 1);
    }

    /** The finding on three digits that cannot be a DCS code, because they are not octal. */
    public static Finding notOctal(String digits, Field side) {
        return Finding.of(
                CODE_NOT_STANDARD, side, Map.of("code", "DCS " + digits, "same", "8 and 9 do not occur in them."));
    }

    /** What could stand instead of a tone that no radio has, best first. */
    public static List<Tone> nearest(Tone tone) {
        if (tone instanceof DcsCode code) {
            return List.copyOf(ToneTable.EXTENDED.sameOnAir(code));
        }
        return ToneTable.STANDARD.nearest(hertz(tone)).stream()
                .<Tone>map(each -> tone instanceof ReversedTone ? new ReversedTone(each.tone()) : each.tone())
                .toList();
    }
}
