package reckonrod.core.bandplan;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Shift;

/**
 * A band plan: a template of common practice in a region.
 *
 * @param id its name in files and addresses, such as {@code r2-north-america}
 * @param title its name for people
 * @param shortTitle the few words used in a sentence, such as {@code Region 2}
 * @param practice on what published practice it rests
 * @param status how far it has been checked, such as {@code unverified template}
 * @param bands its bands, rising
 * @param services what may be listened to only
 * @param channelNames the names that the region gives its channels
 * @param licences the classes of licence and their talk windows; the first is the usual one
 * @param licence the class that this plan judges by, one of the licences
 */
public record BandPlan(
        String id,
        String title,
        String shortTitle,
        String practice,
        String status,
        List<Band> bands,
        List<Service> services,
        ChannelNames channelNames,
        List<Licence> licences,
        Licence licence) {
    /** What every plan says of itself. */
    public static final String CAUTION =
            "A template of common practice, not verified for your area. Local rules and your frequency coordinator prevail.";

    public BandPlan {
        bands = List.copyOf(bands);
        services = List.copyOf(services);
        licences = List.copyOf(licences);
        requireDistinct(licences);
        for (Licence each : licences) {
            requireInBands(each, bands);
        }
        for (int i = 1; i < bands.size(); i++) {
            requireAbove(bands.subList(0, i), bands.get(i));
        }
    }

    static Band requireAbove(List<Band> lower, Band band) {
        for (Band other : lower) {
            if (other.range().upper().compareTo(band.range().lower()) >= 0) {
                throw new IllegalArgumentException("bands must rise and not overlap: " + band.name() + " at "
                        + band.range() + " follows " + other.name() + " at " + other.range());
            }
        }
        return band;
    }

    static Licence requireInBands(Licence licence, List<Band> bands) {
        for (FrequencyRange window : licence.talkWindows()) {
            if (bands.stream().noneMatch(band -> band.range().contains(window))) {
                throw new IllegalArgumentException("talk window " + window + " of licence \"" + licence.name()
                        + "\" must lie inside a band of the plan");
            }
        }
        return licence;
    }

    private static void requireDistinct(List<Licence> licences) {
        Set<String> names = new HashSet<>();
        licences.forEach(licence -> {
            if (!names.add(licence.name())) {
                throw new IllegalArgumentException("licence \"" + licence.name() + "\" stands here twice");
            }
        });
    }

    /**
     * This plan, judging by another class of licence; by its usual one for an empty name. A class that the plan does not
     * have (any more) covers nothing: talking is never allowed by mistake.
     */
    public BandPlan judgingBy(String licenceName) {
        Licence chosen = licences.stream()
                .filter(each -> licenceName.isEmpty() || each.name().equals(licenceName))
                .findFirst()
                .orElseGet(() -> new Licence(licenceName, List.of(), "not in the plan"));
        return chosen.equals(licence)
                ? this
                : new BandPlan(
                        id, title, shortTitle, practice, status, bands, services, channelNames, licences, chosen);
    }

    /** Whether the licence covers talking there. */
    public boolean mayTalk(Frequency frequency) {
        return licence.covers(frequency);
    }

    /** The use of the segment a frequency lies in, if the plan gives it one. */
    public Optional<SegmentUse> useAt(Frequency frequency) {
        return bandAt(frequency).flatMap(band -> band.segmentAt(frequency)).map(Segment::use);
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

    /** Whether a shift rule leads from that output to that input. */
    public boolean hasRule(Frequency output, Frequency input) {
        Shift shift = Shift.between(output, input);
        return bandAt(output)
                .map(band -> band.rulesFor(output).stream()
                        .anyMatch(rule -> rule.shift().equals(shift)))
                .orElse(false);
    }

    /** Whether a service that speaks AM is there: the air band, whose channels have names. */
    public boolean isAirBand(Frequency frequency) {
        return serviceAt(frequency)
                .map(service -> service.emission().equals("AM"))
                .orElse(false);
    }

    /** Whether the plan knows any use of the frequency. */
    public boolean knows(Frequency frequency) {
        return bandAt(frequency).isPresent() || serviceAt(frequency).isPresent();
    }
}
