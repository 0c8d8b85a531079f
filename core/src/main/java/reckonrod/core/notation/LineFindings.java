package reckonrod.core.notation;

import java.util.List;
import java.util.Map;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;

/** The kinds of finding that reading and working a line can raise. */
final class LineFindings {
    static final FindingKind EMPTY = new FindingKind(
            "line-empty", Severity.ERROR, "The line is empty.", "Type a directory entry, such as 145.310- 71.9.");
    static final FindingKind OPEN_REMARK = new FindingKind(
            "remark-open",
            Severity.DOUBT,
            "The table also says \"{remark}\".",
            "It was not understood, or it may change the channel. Correct the line if needed, then remove the remark.");
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
    static final FindingKind TOO_MANY_FREQUENCIES = new FindingKind(
            "frequency-left-over",
            Severity.ERROR,
            "{found} is one frequency more than the channel has.",
            "A line holds one channel: where you listen, and where you talk. Take this one out, or give it a line of its own.");
    static final FindingKind SEVERAL = new FindingKind(
            "several-frequencies",
            Severity.ERROR,
            "{found} cannot all be where you listen or talk.",
            "A line holds one channel. Give each a line of its own, or write rx and tx before them.");
    static final FindingKind PAIR_TURNED = new FindingKind(
            "pair-turned",
            Severity.DOUBT,
            "{input} stood first and is an input by {plan}, so {output} was taken for listening.",
            "Two frequencies without a word are read output first, unless only the other order fits the plan.");
    static final FindingKind PAIR_ACROSS_BANDS = new FindingKind(
            "pair-across-bands",
            Severity.DOUBT,
            "{listen} and {talk} lie in two bands, and no word says which of them is talked on: the first was taken for"
                    + " listening.",
            "A directory may mean a satellite's two ways, or two repeaters of one site.");
    static final FindingKind TONES_BY_PLACE = new FindingKind(
            "tones-by-place",
            Severity.DOUBT,
            "{first} and {second} were each taken for the frequency that they stand behind.",
            "No word says which tone is sent and which opens the speaker.");
    static final FindingKind TONE_BESIDE_LISTEN = new FindingKind(
            "tone-beside-listen",
            Severity.DOUBT,
            "{tone} stands beside the frequency listened on; it was taken for talking.",
            "A tone without a word is sent. If it is to open the speaker, write R in front of it.");
    static final FindingKind ONLY_LISTEN = new FindingKind(
            "only-listen-given",
            Severity.DOUBT,
            "The line says where to listen and nothing of talking; it was read as simplex.",
            "It may be for listening only, or the shift was left out.");
    static final FindingKind SHIFT_BY_PLAN = new FindingKind(
            "shift-by-plan",
            Severity.DOUBT,
            "No sign was given; {listen} is a repeater output of {plan}, so its shift {shift} was taken.",
            "The line speaks of a repeater. If it is simplex, say so.");
    static final FindingKind SIGN_ASKED = new FindingKind(
            "sign-asked",
            Severity.ERROR,
            "The line does not say whether to talk above or below {listen}.",
            "{plan} does not settle it by one rule; add + or −, or both frequencies.");
    static final FindingKind SIGN_BY_PLAN = new FindingKind(
            "sign-by-plan",
            Severity.DOUBT,
            "The size {size} was given without a sign; {shift} was taken, as {plan} has it.",
            "A size alone does not say whether the repeater listens above or below.");
    static final FindingKind DASH = new FindingKind(
            "dash-behind-name",
            Severity.DOUBT,
            "The dash in front of {listen} was read as parting the name from it, not as a minus.",
            "{plan} has no shift downward there. Put the sign behind the frequency if it is one.");
    static final FindingKind NOT_KEPT = new FindingKind(
            "said-not-kept",
            Severity.NOTE,
            "Understood, and no part of a channel: {words}.",
            "Distances, heights, watts, slots and steps are not kept with the channel.");
    static final FindingKind WATTS_OR_TONE = new FindingKind(
            "watts-or-tone",
            Severity.DOUBT,
            "{found} was read as watts.",
            "The figure is a standard tone too. Write T before it if it is one.");
    static final FindingKind MEASURE_OR_TONE = new FindingKind(
            "measure-or-tone",
            Severity.DOUBT,
            "{found} was read as a measure because it follows \"{word}\".",
            "The figure is a standard tone too. Write T before it if it is one.");
    static final FindingKind WORD_BEFORE_TONE = new FindingKind(
            "word-before-tone",
            Severity.DOUBT,
            "{found} was read as the talk tone, but it follows \"{word}\", which may say what it measures.",
            "Write T before the figure if it is a tone, or remove it.");
    static final FindingKind UNIT_OR_TONE = new FindingKind(
            "unit-or-tone",
            Severity.DOUBT,
            "{found} was read as a measure, and nothing else in the line is a tone.",
            "The figure is a standard tone too, and the word behind it may begin a name. Write T before it if it is a tone.");
    static final FindingKind TONE_OR_COORDINATE = new FindingKind(
            "tone-or-coordinate",
            Severity.DOUBT,
            "{found} was read as a tone, and the letter before it may make it a coordinate.",
            "Write T before it if it is a tone; delete it if it is a longitude or latitude.");
    static final FindingKind TONE_BEHIND_SLASH = new FindingKind(
            "tone-behind-slash",
            Severity.DOUBT,
            "{found} was read as the talk tone, and nothing stands before its slash.",
            "A slash often parts the talk tone from the listen tone. Write R before it if it opens the speaker.");
    static final FindingKind SERVICE_OR_TONE = new FindingKind(
            "service-or-tone",
            Severity.DOUBT,
            "{found} was read as the frequency of {service}.",
            "It is a standard tone too, so the frequency may be missing. Write MHz behind it if it is the frequency.");
    static final FindingKind NARROW_OR_NAME = new FindingKind(
            "narrow-or-name",
            Severity.DOUBT,
            "{found} was read as narrow FM.",
            "It may also be the code of a state or province. Write NFM for narrow FM, or put the name in quotes.");
    static final FindingKind ROW_OR_TONE = new FindingKind(
            "row-number-or-tone",
            Severity.DOUBT,
            "{found} at the start of the line was read as a tone.",
            "It may also be the number of a row. Delete it then, or write T before it if it is a tone.");
    static final FindingKind CODE_OR_NAME = new FindingKind(
            "tone-code-or-name",
            Severity.DOUBT,
            "{found} was read as a printed code for {tone}.",
            "It may also be a state, a road or a part of the name. Put the name in quotes if it is.");
    static final FindingKind PAIR_OR_TWO = new FindingKind(
            "pair-or-two-channels",
            Severity.DOUBT,
            "{listen} and {talk} were read as one channel, and {plan} has no such pair.",
            "They may be two channels. Write > between them if they belong together, or put each on a line of its own.");
    static final FindingKind TONE_OR_NAME = new FindingKind(
            "tone-or-name",
            Severity.DOUBT,
            "{found} was read as a tone, though it stands behind a word of the name.",
            "Put the name in quotes if the figure belongs to it.");
    static final FindingKind TONE_OR_FREQUENCY = new FindingKind(
            "tone-or-frequency",
            Severity.DOUBT,
            "{found} is a standard tone and a frequency of the same band; it was taken for {taken}.",
            "Write T before a tone, or tx before the talk frequency.");
    static final FindingKind TONE_BEHIND_SIGN = new FindingKind(
            "tone-behind-sign",
            Severity.DOUBT,
            "{found} stands behind the sign and was read as a tone, not as kilohertz.",
            "No shift of the plan has that size there.");
    static final FindingKind SIZE_OR_TONE = new FindingKind(
            "size-or-tone",
            Severity.DOUBT,
            "{found} is the size of the shift there in kilohertz, and a standard tone; it was taken for {taken}.",
            "Write T before a tone, or kHz behind a size.");
    static final FindingKind SIZE_OF_ZERO = new FindingKind(
            "size-of-zero",
            Severity.DOUBT,
            "The line has a sign and a shift of 0, and {listen} is a repeater output; it was read as simplex.",
            "A column of zeros may stand for the usual shift. Take the 0 out if this is a repeater.");
    static final FindingKind NAME_HOLDS_TONE = new FindingKind(
            "name-holds-tone",
            Severity.DOUBT,
            "\"{found}\" was read as the name, and the line gives no tone.",
            "It ends like a tone. Write {write} if it is one, or put the name in quotes.");
    static final FindingKind TONE_SHORTENED = new FindingKind(
            "tone-shortened",
            Severity.DOUBT,
            "{found} was read as the tone {tone}.",
            "Only one standard tone begins so; its decimal was left off.");
    static final FindingKind TONE_DENIED = new FindingKind(
            "tone-denied",
            Severity.DOUBT,
            "The line says that there is no tone, and gives {tone}.",
            "The tone was kept; one of the two was copied wrongly.");
    static final FindingKind TONE_ON_SERVICE = new FindingKind(
            "tone-on-service",
            Severity.DOUBT,
            "{found} was left out: nobody talks to this service, and it needs no tone.",
            "The figure may belong to another line, or be a second frequency.");
    static final FindingKind WORD_TAKEN = new FindingKind(
            "word-taken-for", Severity.DOUBT, "\"{word}\" was read as {meaning}.", "It may have been meant otherwise.");
    static final FindingKind CAVEAT = new FindingKind(
            "word-takes-back",
            Severity.DOUBT,
            "\"{word}\" may take back what stands beside it. It was not acted on.",
            "Leave out what does not hold, or put the word in quotes if it is the name.");
    static final FindingKind WORD_IN_NAME = new FindingKind(
            "word-in-name",
            Severity.DOUBT,
            "\"{word}\" was read as part of the name {name}.",
            "By itself it has a meaning; put a comma between if it is no part of the name.");
    static final FindingKind WORD_OR_NAME = new FindingKind(
            "word-or-name",
            Severity.DOUBT,
            "\"{word}\" was read by its meaning, not as the name.",
            "Put it in quotes if it is the name.");
    static final FindingKind NEARLY_KNOWN = new FindingKind(
            "word-nearly-known",
            Severity.DOUBT,
            "\"{word}\" is not known; \"{known}\" is.",
            "A letter may have slipped. What it says was not taken.");
    static final FindingKind CHANNEL_NAME_DISAGREES = new FindingKind(
            "channel-name-disagrees",
            Severity.DOUBT,
            "{name} is the name of {named} in {plan}, and the line gives {said}.",
            "The frequency was kept; one of the two was copied wrongly, or it is only a name.");
    static final FindingKind OTHER_MODE = new FindingKind(
            "other-mode",
            Severity.DOUBT,
            "The line says {mode}, which no channel here can be; it was worked out as FM.",
            "The radios of this program have FM and AM.");
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
            Severity.DOUBT,
            "{listen} is among the repeater outputs of {plan}, and was read as simplex.",
            "A repeater listens elsewhere: add the sign if this is one.");

    private LineFindings() {}

    static Finding twoSigns(String first, String second) {
        return Finding.of(TWO_SIGNS, Field.TRANSMIT, Map.of("first", first, "second", second));
    }

    static Finding digital(String mode) {
        return Finding.of(DIGITAL_MODE, Field.EMISSION, Map.of("mode", mode));
    }

    static Finding several(List<String> found) {
        return Finding.of(SEVERAL, Field.RECEIVE, Map.of("found", String.join(" and ", found)));
    }
}
