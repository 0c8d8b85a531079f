package reckonrod.core.listing;

import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;

/** What is told of a row that becomes an entry all the same. */
final class RowFindings {
    static final FindingKind CELL_UNREADABLE = new FindingKind(
            "row-cell-unreadable",
            Severity.DOUBT,
            "\"{column}\" was left out: {reason}.",
            "The rest of the row is sound; the entry goes without this.");
    static final FindingKind NO_POSITION = new FindingKind(
            "row-without-position",
            Severity.NOTE,
            "{name} has no position.",
            "It is found by its name and frequency, but not by distance, and its reach cannot be judged.");
    static final FindingKind POSITION_ZERO = new FindingKind(
            "row-position-zero",
            Severity.DOUBT,
            "The position of {name} is 0, 0 and was left out.",
            "That is what tables say that know no position.");
    static final FindingKind PAIR_DISAGREES = new FindingKind(
            "row-pair-disagrees",
            Severity.DOUBT,
            "The input {input} and the shift {shift} of {name} disagree.",
            "The input was kept: a published pair wins over a shift.");
    static final FindingKind TONE_UNUSUAL = new FindingKind(
            "row-tone-unusual",
            Severity.DOUBT,
            "{tone} of {name} is in no table of tones.",
            "Radios cannot send it; one digit may be wrong.");
    static final FindingKind SHIFT_UNSIGNED = new FindingKind(
            "row-shift-unsigned",
            Severity.DOUBT,
            "The shift {shift} of {name} has no direction.",
            "A band plan decides where the repeater listens; look whether another column says it.");
    static final FindingKind SHIFT_NOT_OF_PLAN = new FindingKind(
            "row-shift-not-of-plan",
            Severity.DOUBT,
            "The shift {shift} of {name} has no sign and is read as upward; in {plan} repeaters there go the other way.",
            "Where a column has sizes alone, say so: then the band plan decides.");
    static final FindingKind TONE_BURST = new FindingKind(
            "row-tone-burst",
            Severity.NOTE,
            "{name} is opened by a tone burst of 1750 Hz.",
            "No channel holds one; it is a key of the radio, held for a moment before you speak.");
    static final FindingKind MODE_UNKNOWN = new FindingKind(
            "row-mode-unknown",
            Severity.NOTE,
            "The mode \"{mode}\" of {name} is not known, and is taken for digital.",
            "An analogue radio hears noise from digital voice; such an entry gives no channel.");
    static final FindingKind REMARK = new FindingKind(
            "row-remark",
            Severity.DOUBT,
            "{column} of {name} is \"{cell}\": {meaning}.",
            "No other column says so. Check the repeater before you rely on the entry.");
    static final FindingKind TONE_MODE = new FindingKind(
            "row-tone-mode",
            Severity.DOUBT,
            "The tone mode of {name} is \"{mode}\", but {but}.",
            "The tone may be a filler, or on the wrong side. Check the tones of this row.");
    static final FindingKind FUTURE = new FindingKind(
            "row-confirmed-in-future",
            Severity.DOUBT,
            "{name} was confirmed on {day}, which is still to come, and the day was left out.",
            "Day and month may be the wrong way round.");

    static final FindingKind OUTPUT_OUTSIDE = new FindingKind(
            "row-output-outside",
            Severity.DOUBT,
            "The output {output} of {name} lies in no amateur band of {plan}.",
            "It belongs to another service, or a digit slipped; a list would not let you talk there.");

    private RowFindings() {}
}
