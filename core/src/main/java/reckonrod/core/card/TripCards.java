package reckonrod.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.take.Taking;
import reckonrod.core.trip.Trip;

/** The directory of a way, by kilometre. */
public final class TripCards {
    private static final double METRES = 1_000;
    private static final String UNKNOWN = "not known";

    private TripCards() {}

    /** A page for each band of a trip; what a repeater's entry does not say stands there as not known. */
    public static List<Card> of(Trip trip, BandPlan plan) {
        List<Card> cards = new ArrayList<>();
        for (Trip.BandTrip band : trip.bands()) {
            List<CardPart> parts = new ArrayList<>();
            if (!band.legs().isEmpty()) {
                parts.add(new CardPart.Table(
                        List.of("From km", "To km", "Repeater", "Listen", "Talk", "Tone", "Heard km"),
                        band.legs().stream().map(leg -> row(leg, plan)).toList()));
            }
            parts.add(new CardPart.Words(
                    band.gaps().isEmpty()
                            ? "Somebody is heard all the way, as reckoned from the ground and the power."
                            : "Nobody is heard: "
                                    + String.join(
                                            ", ",
                                            band.gaps().stream()
                                                    .map(gap -> "km " + km(gap.fromMetres()) + "–" + km(gap.toMetres()))
                                                    .toList())
                                    + "."));
            parts.addAll(LineCodes.of(band.legs().stream()
                    .map(Trip.Leg::entry)
                    .distinct()
                    .flatMap(each -> Taking.channel(each, plan).stream())
                    .map(each -> ChannelCards.line(each, plan))
                    .toList()));
            cards.add(new Card("By kilometre", band.band(), parts));
        }
        return cards;
    }

    private static List<String> row(Trip.Leg leg, BandPlan plan) {
        DirectoryEntry entry = leg.entry();
        Optional<Channel> channel = Taking.channel(entry, plan);
        return List.of(
                km(leg.fromMetres()),
                km(leg.toMetres()),
                Stream.of(entry.callSign(), entry.site().name())
                        .filter(each -> !each.isBlank())
                        .reduce((one, other) -> one + " " + other)
                        .orElse(entry.label()),
                entry.signal().output().toMegahertzText(),
                channel.map(each ->
                                each.transmit().map(Frequency::toMegahertzText).orElse("never"))
                        .orElse(UNKNOWN),
                channel.map(each -> each.talkTone().text().orElse("none")).orElse(UNKNOWN),
                km(leg.heardFromMetres()) + "–" + km(leg.heardToMetres()));
    }

    private static String km(double metres) {
        return String.format(Locale.ROOT, "%.1f", metres / METRES);
    }
}
