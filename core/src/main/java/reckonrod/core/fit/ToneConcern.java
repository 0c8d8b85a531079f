package reckonrod.core.fit;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.ToneSet;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** The radio must be able to send the talk tone; without the listen tone its speaker only stays open. */
record ToneConcern() implements Concern {
    static final FindingKind CANNOT_SEND = new FindingKind(
            "fit-talk-tone-missing",
            Severity.DOUBT,
            "The radio cannot send {tone}, so it could not open the repeater.",
            "Use a radio that has this tone.");
    static final FindingKind CANNOT_WAIT = new FindingKind(
            "fit-listen-tone-missing",
            Severity.NOTE,
            "The radio cannot wait for {tone}; its speaker stays open instead.",
            "Take the listen tone off the channel.");
    static final FindingKind PARTNER = new FindingKind(
            "fit-code-by-another-name",
            Severity.NOTE,
            "The radio gets {tone} under another name, {partner}: the same word on the air.",
            "Write {partner} in the list.");
    static final FindingKind ONE_POLARITY = new FindingKind(
            "fit-one-polarity",
            Severity.NOTE,
            "The radio has one polarity for both codes of a slot; its speaker stays open instead of waiting for {tone}.",
            "Take the listen tone off the channel.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        Channel channel = candidate.channel();
        Tone talk = channel.transmit().isPresent() ? talk(candidate, limits) : NoTone.NONE;
        Tone listen = listen(candidate, limits);
        if (!limits.tones().together(talk, listen)) {
            listen = beside(candidate, talk, listen, limits);
        }
        candidate.becomes(candidate.channel().withTones(talk, listen));
    }

    /** Beside a code of the other polarity: the same word under its other name, else none. */
    private static Tone beside(Candidate candidate, Tone talk, Tone listen, Limits limits) {
        return alike(listen)
                .filter(each ->
                        limits.tones().listen().has(each) && limits.tones().together(talk, each))
                .findFirst()
                .map(same -> byAnotherName(candidate, Field.LISTEN_TONE, listen, same))
                .orElseGet(() -> {
                    openSpeaker(candidate, ONE_POLARITY, listen);
                    return NoTone.NONE;
                });
    }

    private static Tone talk(Candidate candidate, Limits limits) {
        Tone tone = candidate.channel().talkTone();
        return asHad(candidate, tone, Field.TALK_TONE, limits.tones().talk()).orElseGet(() -> {
            candidate.leftOut(CANNOT_SEND, Field.TALK_TONE, Map.of("tone", tone.toString()), tone.toString());
            return NoTone.NONE;
        });
    }

    private static Tone listen(Candidate candidate, Limits limits) {
        Tone tone = candidate.channel().listenTone();
        return asHad(candidate, tone, Field.LISTEN_TONE, limits.tones().listen())
                .orElseGet(() -> {
                    openSpeaker(candidate, CANNOT_WAIT, tone);
                    return NoTone.NONE;
                });
    }

    private static void openSpeaker(Candidate candidate, FindingKind kind, Tone tone) {
        candidate.adapted(
                kind,
                Field.LISTEN_TONE,
                Map.of("tone", tone.toString()),
                tone.toString(),
                "none",
                "Take the listen tone off",
                candidate.asWritten().withTones(candidate.asWritten().talkTone(), NoTone.NONE));
    }

    /** The tone as the radio has it: itself, or the code whose word is the same on the air; absent if it has neither. */
    private static Optional<Tone> asHad(Candidate candidate, Tone tone, Field field, ToneSet tones) {
        if (tones.has(tone)) {
            return Optional.of(tone);
        }
        return alike(tone).filter(tones::has).findFirst().map(same -> byAnotherName(candidate, field, tone, same));
    }

    /** The codes whose word is the same on the air. */
    private static Stream<Tone> alike(Tone tone) {
        return tone instanceof DcsCode code
                ? ToneTable.EXTENDED.sameOnAir(code).stream().map(each -> each)
                : Stream.empty();
    }

    private static Tone byAnotherName(Candidate candidate, Field field, Tone tone, Tone same) {
        Channel written = candidate.asWritten();
        candidate.adapted(
                PARTNER,
                field,
                Map.of("tone", tone.toString(), "partner", same.toString()),
                tone.toString(),
                same.toString(),
                "Write " + same,
                field == Field.TALK_TONE
                        ? written.withTones(same, written.listenTone())
                        : written.withTones(written.talkTone(), same));
        return same;
    }
}
