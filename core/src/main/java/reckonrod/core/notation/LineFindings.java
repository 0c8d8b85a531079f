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
    static final FindingKind TONE_NOT_STANDARD = new FindingKind(
            "tone-not-standard",
            Severity.ERROR,
            "{tone} Hz is no standard tone; the nearest are {first} and {second}. No tone is chosen.",
            "A radio can only send the tones of its table, and the neighbour may not open the repeater.");
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
