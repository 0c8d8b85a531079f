package reckonrod.core.bandplan;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Raster;
import reckonrod.core.frequency.Shift;

/** The band plans at hand, by their id. */
public final class BandPlans {
    private static final List<String> SHIPPED =
            List.of("r2-north-america", "r1-europe", "r1-united-kingdom", "r3-australia");
    private static final FrequencyRange UNREAD = new FrequencyRange(Frequency.ofHertz(1), Frequency.ofHertz(1));

    private final Map<String, BandPlan> plans = new LinkedHashMap<>();

    private BandPlans(List<BandPlan> plans) {
        plans.forEach(plan -> this.plans.put(plan.id(), plan));
    }

    /** The plans that ship with the program. */
    public static BandPlans shipped() {
        return new BandPlans(SHIPPED.stream()
                .map(id -> DataFile.readResource(BandPlans.class, id + ".yaml", BandPlans::plan))
                .toList());
    }

    /**
     * Reads one plan from the text of a file.
     *
     * @throws reckonrod.core.datafile.DataFileException with every fault and its line
     */
    public static BandPlan read(String fileName, String yaml) {
        return DataFile.read(fileName, yaml, BandPlans::plan);
    }

    /** The plan of that id, if there is one. */
    public Optional<BandPlan> find(String id) {
        return Optional.ofNullable(plans.get(id));
    }

    /** All plans. */
    public Collection<BandPlan> all() {
        return List.copyOf(plans.values());
    }

    private static BandPlan plan(Section section) {
        return new BandPlan(
                section.text("id"),
                section.text("title"),
                section.text("short_title"),
                section.text("practice"),
                section.sections("bands", BandPlans::band),
                section.optionalSections("listening_services", BandPlans::service));
    }

    private static Band band(Section section) {
        return new Band(
                section.text("name"),
                section.value("range_mhz", FrequencyRange::parse, UNREAD),
                section.values("rasters_khz", Raster::parse),
                section.optionalSections("segments", BandPlans::segment),
                section.optionalSections("shift_rules", BandPlans::rule),
                section.values("calling_mhz", Frequency::parse));
    }

    private static Segment segment(Section section) {
        return new Segment(
                section.value("range_mhz", FrequencyRange::parse, UNREAD),
                section.value("use", SegmentUse::parse, SegmentUse.SIMPLEX));
    }

    private static ShiftRule rule(Section section) {
        return new ShiftRule(
                section.value("outputs_mhz", FrequencyRange::parse, UNREAD),
                section.value("shift_mhz", Shift::parse, Shift.NONE),
                section.text("practice"));
    }

    private static Service service(Section section) {
        return new Service(
                section.text("name"),
                section.value("range_mhz", FrequencyRange::parse, UNREAD),
                section.text("emission"));
    }
}
