package reckonrod.core.directory;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;

/**
 * How far an entry can be trusted on a day.
 *
 * @param age how long ago it was confirmed
 * @param findings what speaks against it, gravest first
 * @param looksDead whether it is off the air, dropped, or was not confirmed for years
 * @param isDigital whether it passes digital voice on
 * @param isClosed whether it is for members
 */
public record Trust(Age age, List<Finding> findings, boolean looksDead, boolean isDigital, boolean isClosed) {
    static final FindingKind OFF_AIR = new FindingKind(
            "entry-off-air",
            Severity.DOUBT,
            "The directory has {name} off the air.",
            "It may answer nobody. Do not count on it, and look for another one in reach.");
    static final FindingKind NO_LONGER_LISTED = new FindingKind(
            "entry-no-longer-listed",
            Severity.DOUBT,
            "The directory has {name} no more.",
            "It stood there once and was dropped; the repeater may be gone for good.");
    static final FindingKind OLD = new FindingKind(
            "entry-old",
            Severity.DOUBT,
            "{name} was last confirmed {months} months ago, on {day}.",
            "Tones and frequencies are changed and repeaters fall silent without their entries saying so. Try it before you"
                    + " count on it.");
    static final FindingKind AGEING = new FindingKind(
            "entry-ageing",
            Severity.NOTE,
            "{name} was last confirmed {months} months ago, on {day}.",
            "More than a year is time enough for a tone to change.");
    static final FindingKind UNCONFIRMED = new FindingKind(
            "entry-unconfirmed",
            Severity.NOTE,
            "Nobody has confirmed {name} with a date.",
            "Nothing says how old the entry is.");
    static final FindingKind SILENT_ONCE = new FindingKind(
            "entry-silent-once",
            Severity.NOTE,
            "{name} did not answer your own test on {day}.",
            "The channel was as the directory has it. It may have been the place or the radio; try it once more before you count"
                    + " on it.");
    static final FindingKind STAYS_SILENT = new FindingKind(
            "entry-stays-silent",
            Severity.DOUBT,
            "{name} did not answer your own tests on {days} days, the last on {day}.",
            "The channel was as the directory has it each time. It may be off the air or have another tone by now; ask somebody"
                    + " local, or look for another one in reach.");
    static final FindingKind DIGITAL = new FindingKind(
            "entry-digital",
            Severity.DOUBT,
            "{name} passes digital voice on.",
            "A radio for FM hears only noise there, and its own voice is not passed on.");
    static final FindingKind CLOSED = new FindingKind(
            "entry-closed", Severity.NOTE, "{name} is closed.", "It is for members; ask its keeper before you talk.");

    /** After so many months an entry is ageing. */
    public static final int AGEING_MONTHS = 12;

    /** After so many months an entry is old. */
    public static final int OLD_MONTHS = 36;

    /** How long ago an entry was confirmed, freshest first. */
    public enum Age {
        FRESH("confirmed within a year"),
        AGEING("confirmed more than a year ago"),
        UNCONFIRMED("never confirmed with a date"),
        OLD("confirmed more than three years ago");

        private final String words;

        Age(String words) {
            this.words = words;
        }

        /** The age in words. */
        public String words() {
            return words;
        }
    }

    public Trust {
        findings = List.copyOf(findings);
    }

    /** Whether an analogue radio can count on it: it looks alive and passes analogue voice on. */
    public boolean isOfUse() {
        return !looksDead && !isDigital;
    }

    /** Whether the person's own tests got no answer on several days since it last gave one. */
    public boolean staysSilent() {
        return findings.stream().anyMatch(each -> each.kind().equals(STAYS_SILENT));
    }

    /** Judges an entry as on that day. */
    public static Trust in(DirectoryEntry entry, LocalDate today) {
        Standing standing = entry.standing();
        Age age = age(standing.confirmedOn(), today);
        List<Finding> findings = new ArrayList<>();
        Map<String, String> name = Map.of("name", entry.label());
        if (standing.state() == State.OFF_AIR) {
            findings.add(Finding.of(OFF_AIR, Field.LINE, name));
        }
        if (standing.state() == State.NO_LONGER_LISTED) {
            findings.add(Finding.of(NO_LONGER_LISTED, Field.LINE, name));
        }
        ofAge(age, entry, today).ifPresent(findings::add);
        standing.inVain().ifPresent(each -> findings.add(ofOwnTests(each, entry)));
        boolean digital = entry.signal().mode() == Mode.DIGITAL;
        boolean closed = standing.flags().contains(DirectoryFlag.CLOSED);
        if (digital) {
            findings.add(Finding.of(DIGITAL, Field.EMISSION, name));
        }
        if (closed) {
            findings.add(Finding.of(CLOSED, Field.LINE, name));
        }
        findings.sort(Finding.ORDER);
        return new Trust(
                age,
                findings,
                standing.state() == State.OFF_AIR || standing.state() == State.NO_LONGER_LISTED || age == Age.OLD,
                digital,
                closed);
    }

    private static Finding ofOwnTests(Standing.InVain tests, DirectoryEntry entry) {
        return Finding.of(
                tests.days() == 1 ? SILENT_ONCE : STAYS_SILENT,
                Field.LINE,
                Map.of(
                        "name",
                        entry.label(),
                        "days",
                        String.valueOf(tests.days()),
                        "day",
                        tests.last().toString()));
    }

    private static Age age(Optional<LocalDate> confirmed, LocalDate today) {
        return confirmed
                .map(day -> ChronoUnit.MONTHS.between(day, today))
                .map(months -> months < AGEING_MONTHS ? Age.FRESH : months < OLD_MONTHS ? Age.AGEING : Age.OLD)
                .orElse(Age.UNCONFIRMED);
    }

    private static Optional<Finding> ofAge(Age age, DirectoryEntry entry, LocalDate today) {
        FindingKind kind = switch (age) {
            case FRESH -> null;
            case AGEING -> AGEING;
            case OLD -> OLD;
            case UNCONFIRMED -> UNCONFIRMED;
        };
        if (kind == null) {
            return Optional.empty();
        }
        String day = entry.standing().confirmedOn().map(LocalDate::toString).orElse("");
        String months = entry.standing()
                .confirmedOn()
                .map(confirmed -> String.valueOf(ChronoUnit.MONTHS.between(confirmed, today)))
                .orElse("");
        return Optional.of(Finding.of(kind, Field.LINE, Map.of("name", entry.label(), "months", months, "day", day)));
    }
}
