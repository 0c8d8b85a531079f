package reckonrod.core.definition;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Raster;
import reckonrod.core.layout.BitPlace;
import reckonrod.core.layout.LayoutReader;
import reckonrod.core.layout.SettingPlace;
import reckonrod.core.list.SlotRange;
import reckonrod.core.panel.Face;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Handling;
import reckonrod.core.radio.Kind;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.NameRule;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.ScanLimits;
import reckonrod.core.radio.ShiftLimit;
import reckonrod.core.radio.ShiftMenu;
import reckonrod.core.radio.ToneLimits;
import reckonrod.core.radio.ToneSet;
import reckonrod.core.tone.ToneTable;

/** Builds a definition from its data file. */
final class DefinitionReader {
    private static final ScanLimits USUAL_SCAN = new ScanLimits(0, 0, 0, true, false);

    private DefinitionReader() {}

    static RadioDefinition read(Section top) {
        Limits limits = limits(top.section("limits"));
        RadioModel model = new RadioModel(
                top.text("id"),
                top.text("maker"),
                top.text("model"),
                top.value("kind", Kind::parse, Kind.HANDHELD),
                limits);
        List<Placed> placed = top.optionalSections("settings", DefinitionReader::setting);
        Optional<Section> memory = top.optionalSection("memory");
        Optional<Section> inner = top.optionalSection("inner_memory");
        if (memory.isPresent() && inner.isPresent()) {
            throw new IllegalArgumentException("inner_memory is for a radio whose memory nobody can read; it has both");
        }
        if (memory.isEmpty()
                && inner.isEmpty()
                && placed.stream().anyMatch(each -> each.place().isPresent())) {
            throw new IllegalArgumentException("settings have a place only in a memory that is laid out");
        }
        List<RadioSetting> named = placed.stream().map(Placed::setting).toList();
        Optional<Section> keys = top.optionalSection("panel");
        Optional<Panel> panel = keys.filter(
                        each -> each.optionalText("pause_ms").isPresent())
                // The older form, in which people may have written down a radio of their own.
                .or(() -> keys.flatMap(each -> each.optionalSection("numbered")))
                .map(new PanelReader(named, limits)::read);
        List<Placed> settings =
                placed.stream().map(each -> each.reachedBy(panel)).toList();
        boolean keysOnly = panel.isPresent() && memory.isEmpty() && inner.isEmpty();
        List<SettingPlace> places = keysOnly
                ? IntStream.range(0, settings.size())
                        .mapToObj(at -> new SettingPlace(settings.get(at).setting(), PlainMemory.setting(at)))
                        .toList()
                : settings.stream().flatMap(each -> each.inMemory().stream()).toList();
        return new RadioDefinition(
                model,
                settings.stream().map(Placed::setting).toList(),
                memory.map(section -> LayoutReader.read(section, limits, places)),
                keysOnly
                        ? Optional.of(DataFile.read(
                                "what the limits of this radio say",
                                new PlainMemory(limits, named).text(),
                                section -> LayoutReader.read(section, limits, places)))
                        : inner.map(section -> LayoutReader.read(section, limits, places)),
                top.optionalSection("link").map(LinkReader::read),
                panel.map(each -> withWays(each, settings)),
                keys.flatMap(each -> each.optionalSection("shift")).map(DefinitionReader::shiftMenu),
                top.optionalSection("face").map(FaceReader::read).orElseGet(() -> Face.plain(limits)),
                top.optionalSection("handling").map(DefinitionReader::handling));
    }

    private static Handling handling(Section section) {
        return new Handling(
                section.text("on"),
                section.text("slot"),
                section.text("talk"),
                section.text("lock"),
                section.optionalText("scan").orElse(""),
                section.optionalValues("alone", text -> text));
    }

    /** The items hold the settings as the radio has them, with the way to them. */
    private static Panel withWays(Panel panel, List<Placed> settings) {
        return new Panel(
                panel.dialect(),
                panel.keys(),
                panel.words(),
                panel.timing(),
                panel.digits(),
                panel.fast(),
                panel.overwriting(),
                panel.clearedByFrequency(),
                panel.items().stream()
                        .map(item -> new PanelItem(
                                item.number(),
                                item.label(),
                                item.part(),
                                item.values(),
                                item.shown(),
                                item.setting()
                                        .map(one -> settings.stream()
                                                .map(Placed::setting)
                                                .filter(each -> each.name().equals(one.name()))
                                                .findFirst()
                                                .orElseThrow())))
                        .toList());
    }

    /** A setting, and where it lies if that is known. */
    private record Placed(RadioSetting setting, Optional<BitPlace> place) {
        Optional<SettingPlace> inMemory() {
            return place.map(each -> new SettingPlace(setting, each));
        }

        /** A panel that has the setting says how it is reached; nobody has to write that down twice. */
        Placed reachedBy(Optional<Panel> panel) {
            Optional<String> way = panel.flatMap(any -> any.items().stream()
                    .filter(item -> item.setting().filter(setting::equals).isPresent())
                    .findFirst()
                    .map(any::way));
            if (way.isPresent() && setting.panel().isPresent()) {
                throw new IllegalArgumentException("the setting \"" + setting.name()
                        + "\" says how it is reached, and so does an item of the panel; leave out its panel");
            }
            return way.isEmpty() ? this : new Placed(setting.reachedBy(way.get()), place);
        }
    }

    private static Placed setting(Section section) {
        return new Placed(
                new RadioSetting(
                        section.text("name"),
                        section.values("values", text -> text),
                        section.text("advised"),
                        section.text("why"),
                        section.optionalValues("fails", text -> text),
                        section.optionalText("panel")),
                section.optionalText("byte").map(any -> LayoutReader.place(section)));
    }

    private static ShiftMenu shiftMenu(Section section) {
        return new ShiftMenu(
                section.text("direction_item"),
                section.text("size_item"),
                section.text("lower"),
                section.text("higher"),
                section.text("none"),
                section.number("digits", 3, 9),
                section.number("last_digit_hertz", 1, 1_000_000));
    }

    private static Limits limits(Section section) {
        Section slots = section.section("slots");
        Section name = section.section("name");
        return new Limits(
                new SlotRange(slots.number("first", 0, 9999), slots.number("last", 0, 9999)),
                new NameRule(name.number("longest", 0, 32), name.text("characters")),
                section.sections("receive", DefinitionReader::band),
                section.sections("transmit", DefinitionReader::band),
                tones(section.section("tones")),
                shift(section.section("shift")),
                section.value("listen_only", DefinitionReader::yes, true),
                section.sections("power", DefinitionReader::power),
                section.optionalSection("scan").map(DefinitionReader::scan).orElse(USUAL_SCAN),
                slots.optionalText("home").isPresent()
                        ? OptionalInt.of(slots.number("home", 0, 9999))
                        : OptionalInt.empty());
    }

    private static ScanLimits scan(Section section) {
        int banks = number(section, "banks", ScanLimits.MOST_BANKS, 0);
        return new ScanLimits(
                banks,
                number(section, "channels_a_bank", 9999, 9999),
                number(section, "banks_a_channel", ScanLimits.MOST_BANKS, Math.max(1, banks)),
                section.optionalText("skips").isEmpty() || section.value("skips", DefinitionReader::yes, true),
                section.optionalText("priority").isPresent() && section.value("priority", DefinitionReader::yes, false),
                section.optionalText("called").orElse("bank"));
    }

    private static int number(Section section, String key, int most, int instead) {
        return section.optionalText(key).isPresent() ? section.number(key, 1, most) : instead;
    }

    private static BandLimit band(Section section) {
        return new BandLimit(
                section.value("mhz", FrequencyRange::parse, FrequencyRange.parse("1-2")),
                section.values("steps_khz", Raster::parse),
                section.values("emissions", DefinitionReader::emission),
                section.optionalValues("by_hand", DefinitionReader::emission));
    }

    private static ToneLimits tones(Section section) {
        return new ToneLimits(
                toneSet(section.section("talk")),
                toneSet(section.section("listen")),
                section.optionalText("one_polarity").isPresent()
                        && section.value("one_polarity", DefinitionReader::yes, false));
    }

    /** How many of each the radio has says which: the tables are the field's own. */
    private static ToneSet toneSet(Section section) {
        ToneTable standard = ToneTable.STANDARD;
        ToneTable extended = ToneTable.EXTENDED;
        return new ToneSet(
                section.value(
                        "ctcss",
                        text -> counted(text, "ctcss", List.of(ToneTable.FIRST_38, standard.ctcss(), extended.ctcss())),
                        List.of()),
                section.value("dcs", text -> counted(text, "dcs", List.of(standard.dcs(), extended.dcs())), List.of()),
                section.optionalText("inverted").isPresent() && section.value("inverted", DefinitionReader::yes, false),
                section.optionalText("reversed").isPresent()
                        && section.value("reversed", DefinitionReader::yes, false));
    }

    private static <T> List<T> counted(String count, String key, List<List<T>> tables) {
        if (count.equals("0")) {
            return List.of();
        }
        return tables.stream()
                .filter(table -> String.valueOf(table.size()).equals(count))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(key + " must be 0 or one of the common tables, "
                        + tables.stream()
                                .map(table -> String.valueOf(table.size()))
                                .collect(Collectors.joining(" or "))
                        + ", was \"" + count + "\""));
    }

    private static ShiftLimit shift(Section section) {
        String kept = section.text("kept_as");
        return switch (kept) {
            case "any pair" -> new ShiftLimit.AnyPair();
            case "steps" ->
                new ShiftLimit.Steps(
                        section.number("step_hertz", 1, 10_000_000),
                        section.number("most_hertz", 1, 2_000_000_000),
                        section.optionalText("separate").isPresent() ? section.number("separate", 1, 10_000) : 0,
                        section.optionalText("within_band").isPresent()
                                && section.value("within_band", DefinitionReader::yes, false));
            case "one size a band" ->
                new ShiftLimit.OncePerBand(
                        section.number("step_hertz", 1, 10_000_000), section.number("most_hertz", 1, 2_000_000_000));
            default ->
                throw new IllegalArgumentException(
                        "kept_as must be \"any pair\", \"steps\" or \"one size a band\", was \"" + kept + "\"");
        };
    }

    private static PowerLevel power(Section section) {
        return new PowerLevel(
                section.value("level", Power::parse, Power.HIGH),
                section.value("watts", DefinitionReader::watts, BigDecimal.ONE));
    }

    private static BigDecimal watts(String text) {
        try {
            return new BigDecimal(text);
        } catch (NumberFormatException noNumber) {
            throw new IllegalArgumentException(
                    "watts must be a number such as 5 or 0.5, was \"" + text + "\"", noNumber);
        }
    }

    static boolean yes(String text) {
        if (!text.equals("yes") && !text.equals("no")) {
            throw new IllegalArgumentException("it must be yes or no, was \"" + text + "\"");
        }
        return text.equals("yes");
    }

    private static Emission emission(String text) {
        return Arrays.stream(Emission.values())
                .filter(emission -> emission.name().equals(text))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("emission must be FM, NFM or AM, was \"" + text + "\""));
    }
}
