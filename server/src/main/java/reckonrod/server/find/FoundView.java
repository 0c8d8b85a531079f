package reckonrod.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.find.Found;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Reach;

/** An entry as seen from a place, on the wire. */
public record FoundView(
        EntryView entry,
        boolean recommended,
        @Schema(nullable = true) ReachView reach,
        @Schema(nullable = true) PassingView passing,
        @Schema(nullable = true) InsteadView instead,
        @Schema(nullable = true) SameView same) {
    /** Whether it will be understood. */
    public enum VerdictView {
        likely,
        marginal,
        unlikely
    }

    /** One direction, in dBm and dB. */
    public record DirectionView(
            double sentDbm, double lossDb, double arrivesDbm, double neededDbm, double marginDb, VerdictView verdict) {
        static DirectionView of(Reach.Direction direction) {
            return new DirectionView(
                    rounded(direction.sentDecibelMilliwatts()),
                    rounded(direction.lossDecibels()),
                    rounded(direction.arrivesDecibelMilliwatts()),
                    rounded(direction.neededDecibelMilliwatts()),
                    rounded(direction.marginDecibels()),
                    FoundView.verdict(direction.verdict()));
        }
    }

    /** The reach and the numbers it came from. */
    public record ReachView(
            double kilometres,
            double bearingDegrees,
            String compass,
            double horizonKilometres,
            boolean behindHorizon,
            double freeSpaceDb,
            double diffractionDb,
            String horizonWords,
            boolean overTerrain,
            int groundKnownPercent,
            DirectionView theyHearMe,
            DirectionView iHearThem,
            double marginDb,
            VerdictView verdict,
            List<String> assumed) {
        static ReachView of(Reach reach, List<String> assumed) {
            return new ReachView(
                    Math.rint(reach.hop().kilometres() * 100) / 100,
                    Math.rint(reach.hop().bearingDegrees()),
                    reach.hop().compassPoint(),
                    rounded(reach.horizonMetres() / 1000),
                    reach.isBehindHorizon(),
                    rounded(reach.freeSpaceDecibels()),
                    rounded(reach.diffractionDecibels()),
                    reach.horizonWords(),
                    reach.isOverTerrain(),
                    (int) Math.floor(reach.groundKnownShare() * 100),
                    DirectionView.of(reach.heardThere()),
                    DirectionView.of(reach.heardHere()),
                    rounded(reach.marginDecibels()),
                    FoundView.verdict(reach.verdict()),
                    assumed);
        }
    }

    /** Where a route passes it, in kilometres. */
    public record PassingView(double kilometre, double offKilometres, double latitude, double longitude) {}

    /** The same repeater as another source has it, which confirmed it later. */
    public record SameView(String id, String source, String label, LocalDate confirmedOn) {
        static SameView of(Found other) {
            return new SameView(
                    other.entry().id(),
                    other.entry().source(),
                    other.entry().label(),
                    other.entry().standing().confirmedOn().orElseThrow());
        }
    }

    /** What to try instead. */
    public record InsteadView(String id, String label, long outputHz, double kilometres, VerdictView verdict) {}

    /** An entry that was found by its words alone: where it is seen from nobody said. */
    static FoundView fromNowhere(EntryView entry) {
        return new FoundView(entry, false, null, null, null, null);
    }

    static FoundView of(Found found, Optional<Found> instead, Optional<Found> same, BandPlan plan) {
        List<String> assumed =
                RepeaterPlace.of(found.entry()).map(RepeaterPlace::assumed).orElse(List.of());
        return new FoundView(
                EntryView.of(found.entry(), found.trust(), plan),
                found.isRecommended(),
                found.reach().map(reach -> ReachView.of(reach, assumed)).orElse(null),
                found.passing().map(each -> passing(each, found)).orElse(null),
                instead.map(FoundView::instead).orElse(null),
                same.map(SameView::of).orElse(null));
    }

    private static PassingView passing(Route.Passing passing, Found found) {
        return new PassingView(
                rounded(passing.metres() / 1000),
                rounded(passing.offMetres() / 1000),
                found.from().latitudeDegrees(),
                found.from().longitudeDegrees());
    }

    private static InsteadView instead(Found other) {
        return new InsteadView(
                other.entry().id(),
                other.entry().label(),
                other.entry().signal().output().hertz(),
                rounded(other.metres() / 1000),
                verdict(other.reach().orElseThrow().verdict()));
    }

    private static VerdictView verdict(reckonrod.core.reach.Verdict verdict) {
        return VerdictView.valueOf(verdict.name().toLowerCase(Locale.ROOT));
    }

    private static double rounded(double value) {
        return Math.rint(value * 10) / 10;
    }
}
