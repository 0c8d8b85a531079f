package reckonrod.core.bandplan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Raster;
import reckonrod.core.frequency.Shift;

/** The band plans at hand, by their id. */
public final class BandPlans {
    /** The plan that is meant where nobody said which. */
    public static final String USUAL = "r2-north-america";

    private static final List<String> SHIPPED =
            List.of("r2-north-america", "r1-europe", "r1-united-kingdom", "r3-australia");
    private static final FrequencyRange UNREAD = new FrequencyRange(Frequency.ofHertz(1), Frequency.ofHertz(1));

    private static final Licence NO_LICENCE = new Licence("none", List.of(), "");
    private static final Pattern ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,59}");
    private static final Set<String> EMISSIONS = Set.of("FM", "NFM", "AM");

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

    /**
     * The same for a text that is new, which is refused for slips too that a kept one may have: lists hang on that.
     *
     * @throws reckonrod.core.datafile.DataFileException with every fault and its line
     */
    public static BandPlan readNew(String fileName, String yaml) {
        return DataFile.read(fileName, yaml, file -> {
            BandPlan plan = plan(file);
            // What could not be read is taken for something else meanwhile, and that is nobody's slip.
            if (!file.hasFaults()) {
                PlanSlips.of(plan).forEach(file::fault);
            }
            return plan;
        });
    }

    /**
     * The text of a shipped plan's file, with its comments, to be copied and edited.
     *
     * @throws IllegalArgumentException if no plan of that id ships
     */
    public static String shippedText(String id) {
        if (!SHIPPED.contains(id)) {
            throw new IllegalArgumentException("Plan must be one of " + SHIPPED + ", was \"" + id + "\"");
        }
        return DataFile.resourceText(BandPlans.class, id + ".yaml");
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
        List<Band> bands = new ArrayList<>();
        section.sections("bands", each -> bands.add(BandPlan.requireAbove(bands, band(each))));
        List<Licence> licences = section.sections(
                "licences",
                // A band that a fault left out would make its windows look wrong too.
                each -> section.hasFaults() ? licence(each) : BandPlan.requireInBands(licence(each), bands));
        return new BandPlan(
                section.value("id", BandPlans::id, ""),
                section.text("title"),
                section.text("short_title"),
                section.text("practice"),
                section.text("status"),
                bands,
                section.optionalSections("listening_services", BandPlans::service),
                new ChannelNames(
                        section.optionalSections("channel_names", BandPlans::channelName),
                        section.optionalValues("short_pairs_mhz", BandPlans::wholeMegahertz)),
                licences,
                licences.isEmpty() ? NO_LICENCE : licences.get(0));
    }

    private static String id(String text) {
        if (!ID.matcher(text).matches()) {
            throw new IllegalArgumentException(
                    "id must be lower case letters, digits and hyphens, at most 60, was \"" + text + "\"");
        }
        return text;
    }

    private static ChannelName channelName(Section section) {
        return new ChannelName(
                section.optionalText("prefix").orElse("").toLowerCase(Locale.ROOT),
                section.number("first", 0, 9999),
                section.number("last", 0, 9999),
                section.optionalText("every").map(BandPlans::wholeMegahertz).orElse(1),
                section.value("base_mhz", Frequency::parse, UNREAD.lower()),
                section.value("step_khz", text -> Frequency.parse(text + " kHz"), UNREAD.lower())
                        .hertz(),
                section.value("use", SegmentUse::parse, SegmentUse.SIMPLEX),
                section.text("practice"));
    }

    private static int wholeMegahertz(String text) {
        if (!text.matches("[0-9]{1,4}")) {
            throw new IllegalArgumentException("a whole number of at most four digits is needed, was \"" + text + "\"");
        }
        return Integer.parseInt(text);
    }

    private static Licence licence(Section section) {
        return new Licence(
                section.text("name"), section.values("talk_mhz", FrequencyRange::parse), section.text("practice"));
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

    private static String emission(String text) {
        if (!EMISSIONS.contains(text)) {
            throw new IllegalArgumentException("emission must be FM, NFM or AM, was \"" + text + "\"");
        }
        return text;
    }

    private static Service service(Section section) {
        return new Service(
                section.text("name"),
                section.value("range_mhz", FrequencyRange::parse, UNREAD),
                section.value("emission", BandPlans::emission, "FM"));
    }
}
