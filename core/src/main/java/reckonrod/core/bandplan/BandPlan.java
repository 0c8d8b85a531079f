package reckonrod.core.bandplan;

import java.util.List;
import java.util.Optional;
import reckonrod.core.frequency.Frequency;

/**
 * A band plan: a template of common practice in a region.
 *
 * @param id its name in files and addresses, such as {@code r2-north-america}
 * @param title its name for people
 * @param shortTitle the few words used in a sentence, such as {@code Region 2}
 * @param practice on what published practice it rests
 * @param bands its bands, rising
 * @param services what may be listened to only
 */
public record BandPlan(
        String id, String title, String shortTitle, String practice, List<Band> bands, List<Service> services) {
    /** What every plan says of itself. */
    public static final String CAUTION =
            "A template of common practice, not verified for your area. Local rules and your frequency coordinator prevail.";

    public BandPlan {
        bands = List.copyOf(bands);
        services = List.copyOf(services);
        for (int i = 1; i < bands.size(); i++) {
            if (bands.get(i - 1).range().upper().compareTo(bands.get(i).range().lower()) >= 0) {
                throw new IllegalArgumentException("bands must rise and not overlap: "
                        + bands.get(i).name() + " follows " + bands.get(i - 1).name());
            }
        }
    }

    /** The band a frequency lies in. */
    public Optional<Band> bandAt(Frequency frequency) {
        for (Band band : bands) {
            if (band.range().contains(frequency)) {
                return Optional.of(band);
            }
        }
        return Optional.empty();
    }

    /** The listen-only service a frequency lies in. */
    public Optional<Service> serviceAt(Frequency frequency) {
        for (Service service : services) {
            if (service.range().contains(frequency)) {
                return Optional.of(service);
            }
        }
        return Optional.empty();
    }

    /** Whether the plan knows any use of the frequency. */
    public boolean knows(Frequency frequency) {
        return bandAt(frequency).isPresent() || serviceAt(frequency).isPresent();
    }
}
