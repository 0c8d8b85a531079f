package reckonrod.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Trust;
import reckonrod.server.reckon.FindingView;

/** An entry of the directory on the wire, everything in words that is a code elsewhere. */
public record EntryView(
        String id,
        String source,
        String label,
        String callSign,
        String site,
        String area,
        @Schema(nullable = true) Double latitude,
        @Schema(nullable = true) Double longitude,
        @Schema(nullable = true) Double groundMetres,
        @Schema(nullable = true) Double antennaMetres,
        long outputHz,
        @Schema(nullable = true) Long inputHz,
        String inputWords,
        @Schema(nullable = true) String talkTone,
        @Schema(nullable = true) String listenTone,
        String mode,
        String band,
        @Schema(nullable = true) Double watts,
        StateView state,
        List<CodeView> codes,
        @Schema(nullable = true) LocalDate confirmedOn,
        String confirmedBy,
        Age age,
        String ageWords,
        String sponsor,
        String notes,
        List<FindingView> findings,
        boolean looksDead) {
    /** A flag or state in words, and what it means for use. */
    public record CodeView(String words, String meaning) {}

    /** A state, in words. */
    public record StateView(String code, String words, String meaning) {}

    /** How long ago it was confirmed. */
    public enum Age {
        fresh,
        ageing,
        unconfirmed,
        old
    }

    /** The wire form of an entry. */
    public static EntryView of(DirectoryEntry entry, Trust trust, BandPlan plan) {
        return new EntryView(
                entry.id(),
                entry.source(),
                entry.label(),
                entry.callSign(),
                entry.site().name(),
                entry.site().area(),
                entry.site().position().map(each -> each.latitudeDegrees()).orElse(null),
                entry.site().position().map(each -> each.longitudeDegrees()).orElse(null),
                boxed(entry.site().groundMetres()),
                boxed(entry.site().antennaMetres()),
                entry.signal().output().hertz(),
                entry.signal()
                        .input()
                        .frequency(entry.signal().output())
                        .map(each -> each.hertz())
                        .orElse(null),
                entry.signal().input().shown(),
                entry.signal().talkTone().text().orElse(null),
                entry.signal().listenTone().text().orElse(null),
                entry.signal().mode().word(),
                plan.bandAt(entry.signal().output()).map(Band::name).orElse(""),
                boxed(entry.signal().watts()),
                new StateView(
                        entry.standing().state().name().toLowerCase(Locale.ROOT),
                        entry.standing().state().words(),
                        entry.standing().state().meaning()),
                entry.standing().flags().stream()
                        .map(flag -> new CodeView(flag.words(), flag.meaning()))
                        .toList(),
                entry.standing().confirmedOn().orElse(null),
                entry.standing().confirmedBy(),
                Age.valueOf(trust.age().name().toLowerCase(Locale.ROOT)),
                trust.age().words(),
                entry.standing().sponsor(),
                entry.standing().notes(),
                trust.findings().stream()
                        .map(each -> FindingView.of(each, plan))
                        .toList(),
                trust.looksDead());
    }

    private static Double boxed(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
