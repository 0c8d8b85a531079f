package reckonrod.core.notation;

import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;

/** The kinds of finding that reading and working a line can raise. */
final class LineFindings {
    static final FindingKind EMPTY = new FindingKind(
            "line-empty", Severity.ERROR, "The line is empty.", "Type a directory entry, such as 145.310- 71.9.");
    static final FindingKind TOO_LONG = new FindingKind(
            "line-too-long",
            Severity.ERROR,
            "The line has {length} characters; at most {most} are read.",
            "One line holds one channel. Shorten it or split it.");
    static final FindingKind NO_FREQUENCY = new FindingKind(
            "no-frequency",
            Severity.ERROR,
            "No frequency was found in \"{line}\".",
            "A line needs the frequency you listen on, in megahertz, such as 145.310.");
    static final FindingKind UNREADABLE = new FindingKind(
            "frequency-unreadable",
            Severity.ERROR,
            "\"{found}\" cannot be read as a frequency.",
            "{reason}. A digit may have slipped.");
    static final FindingKind NO_READING = new FindingKind(
            "keypad-no-reading",
            Severity.ERROR,
            "\"{found}\" has no decimal point, and no place for one gives a frequency that {plan} knows.",
            "Put the point in, such as 145.310; nothing is guessed.");
    static final FindingKind AMBIGUOUS = new FindingKind(
            "keypad-ambiguous",
            Severity.ERROR,
            "\"{found}\" has no decimal point and can be {readings}.",
            "Both are known frequencies, so none is chosen for you.");
    static final FindingKind OUTSIDE_KNOWN = new FindingKind(
            "frequency-outside-known",
            Severity.ERROR,
            "{found} was understood, and {plan} knows no band and no listening service there.",
            "A digit may have slipped, or the list uses another band plan. Write listen behind it to keep it for listening.");
    static final FindingKind AIR_NAME_MISSING = new FindingKind(
            "air-channel-missing",
            Severity.ERROR,
            "There is no air channel {name}; its neighbours are {neighbours}.",
            "Names of air channels do not end in 20, 45, 70 or 95, so a digit slipped.");
    static final FindingKind AIR_OFF_CHANNEL = new FindingKind(
            "air-frequency-off-channel",
            Severity.DOUBT,
            "{listen} is no carrier of an air channel; the nearest is {nearest}.",
            "Air channels lie a third of 25 kHz apart and are called by names such as 132.810.");
    static final FindingKind ONLY_TALK = new FindingKind(
            "only-talk-given",
            Severity.ERROR,
            "The line says where to talk, {talk}, and not where to listen.",
            "The listen frequency comes first, such as 145.310 > 144.710.");
    static final FindingKind TWO_LISTEN = new FindingKind(
            "frequency-left-over",
            Severity.DOUBT,
            "{found} is one frequency more than a channel has.",
            "A line holds one channel: where you listen, and where you talk. The first two were kept.");
    static final FindingKind TWO_SIGNS = new FindingKind(
            "direction-given-twice",
            Severity.DOUBT,
            "The line says {first}, and also {second}.",
            "The first was kept; one of the two was copied wrongly.");
    static final FindingKind TONE_BURST = new FindingKind(
            "tone-burst",
            Severity.NOTE,
            "The line asks for a 1750 Hz tone burst.",
            "It is sent by a key of the radio while you begin to talk, and is no part of a memory channel.");
    static final FindingKind BAND_DISAGREES = new FindingKind(
            "band-disagrees",
            Severity.DOUBT,
            "The line says {said}, and {listen} is in {band}.",
            "One of the two was copied wrongly.");
    static final FindingKind DIGITAL_MODE = new FindingKind(
            "digital-mode",
            Severity.DOUBT,
            "The line says {mode}, a digital mode; the channel was worked out as FM.",
            "An FM radio hears noise on a digital repeater, unless it carries FM too.");
    static final FindingKind SHORT_CODE = new FindingKind(
            "dcs-zero-added",
            Severity.NOTE,
            "The DCS code {said} was read as {code}.",
            "Codes have three digits; spreadsheets drop a zero in front.");
    static final FindingKind TWO_TONES = new FindingKind(
            "tone-given-twice",
            Severity.ERROR,
            "A second {side} tone, {tone}, was found.",
            "Each side has one tone. Write T before the talk tone and R before the listen tone.");
    static final FindingKind SIZE_UNKNOWN = new FindingKind(
            "shift-size-unknown",
            Severity.ERROR,
            "{plan} has no shift rule at {listen}, so the sign alone does not give the talk frequency.",
            "Type the size behind the sign, such as -0.6, or both frequencies.");
    static final FindingKind LOCAL_OPTIONS = new FindingKind(
            "local-options",
            Severity.DOUBT,
            "{plan} knows several shifts at {listen}: {options}; {taken} was taken.",
            "Areas differ here. Ask locally, or type the size behind the sign.");
    static final FindingKind SIGN_AND_PAIR = new FindingKind(
            "sign-and-pair-disagree",
            Severity.DOUBT,
            "The line says {said}, but its two frequencies are {actual} apart.",
            "The given pair is kept; one of the two was copied wrongly.");
    static final FindingKind LEFTOVER = new FindingKind(
            "not-understood",
            Severity.DOUBT,
            "Not understood: {words}.",
            "The rest of the line was worked out without it.");
    static final FindingKind NO_SIGN = new FindingKind(
            "output-without-sign",
            Severity.NOTE,
            "{listen} is among the repeater outputs of {plan}; without a sign it was read as simplex.",
            "A repeater listens elsewhere: add the sign if this is one.");

    private LineFindings() {}
}
