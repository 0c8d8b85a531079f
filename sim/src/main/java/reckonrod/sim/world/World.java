package reckonrod.sim.world;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.PositionReader;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/** The invented world, read once. */
public final class World {
    /** The name of the directory of this world, which begins the keys of its entries. */
    public static final String SOURCE = "vellan";

    private static final Pattern SPACES = Pattern.compile(" +");
    private static final int DRIVE_HALVINGS = 5;
    private static final double ROUGH_ROAD = 0.07;
    private static final World SHIPPED =
            DataFile.readResource(World.class, "/reckonrod/sim/world/world.yaml", World::new);

    /** A named place. */
    public record Place(String name, String area, Position position) {}

    /**
     * A hill.
     *
     * @param metres its height
     * @param widthMetres how far from its top it has lost two thirds of it
     */
    record Hill(Position top, double metres, double widthMetres) {}

    private final List<Island> islands;
    private final List<Hill> hills;
    private final List<Place> places;
    private final List<Position> drive;
    private final List<DirectoryEntry> repeaters;

    private World(Section section) {
        islands = section.sections(
                "islands", each -> Island.drawn(each.text("name"), each.values("corners", PositionReader::parse)));
        hills = section.sections(
                "hills",
                each -> new Hill(
                        position(each), each.number("metres", 1, 3000), each.number("width_km", 1, 50) * 1000.0));
        places = section.sections("places", each -> new Place(each.text("name"), each.text("area"), position(each)));
        drive = roughened(section.values("drive", this::placed));
        Ground ground = new Ground(islands, hills);
        repeaters = section.sections("repeaters", each -> repeater(each, ground));
    }

    /** The shipped one. */
    public static World shipped() {
        return SHIPPED;
    }

    /** Its islands, with their coasts. */
    public List<Island> islands() {
        return islands;
    }

    /** Its named places. */
    public List<Place> places() {
        return places;
    }

    /** The road through Ardmoor, between 500 and 600 km. */
    public List<Position> drive() {
        return drive;
    }

    /** The repeaters of the islands and of Ardmoor. */
    public List<DirectoryEntry> repeaters() {
        return repeaters;
    }

    /** The ground of its islands. */
    public Ground ground() {
        return new Ground(islands, hills);
    }

    private Position placed(String name) {
        return places.stream()
                .filter(place -> place.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There must be a place " + name))
                .position();
    }

    private static List<Position> roughened(List<Position> places) {
        SplittableRandom random = new SplittableRandom(7);
        List<Position> way = places;
        for (int i = 0; i < DRIVE_HALVINGS; i++) {
            way = Island.halved(way, ROUGH_ROAD, random);
        }
        return way;
    }

    private static Position position(Section section) {
        return section.value("at", PositionReader::parse, new Position(0, 0));
    }

    private static DirectoryEntry repeater(Section section, Ground ground) {
        Position position = position(section);
        return new DirectoryEntry(
                SOURCE + ":" + section.text("key"),
                section.text("call"),
                new Site(
                        section.text("site"),
                        section.text("area"),
                        Optional.of(position),
                        OptionalDouble.of(Math.rint(ground.metresAt(position).orElse(0))),
                        OptionalDouble.of(section.number("antenna", 1, 200))),
                new Signal(
                        section.value("output", Frequency::parse, Frequency.ofHertz(145_000_000)),
                        section.value("input", Input::parse, new Input.Unpublished()),
                        tone(section.optionalText("talk")),
                        tone(section.optionalText("listen")),
                        section.optionalText("mode").map(mode -> Mode.DIGITAL).orElse(Mode.FM),
                        OptionalDouble.of(section.number("watts", 1, 100))),
                new Standing(
                        state(section.optionalText("state")),
                        Arrays.stream(SPACES.split(section.text("flags"), -1))
                                .flatMap(letter -> DirectoryFlag.of(letter).stream())
                                .collect(Collectors.toSet()),
                        section.optionalText("confirmed").map(java.time.LocalDate::parse),
                        section.optionalText("by").orElse(""),
                        section.optionalText("sponsor").orElse(""),
                        section.optionalText("notes").orElse("")));
    }

    private static State state(Optional<String> text) {
        return text.map(each -> each.equals("off") ? State.OFF_AIR : State.UNKNOWN)
                .orElse(State.ON_AIR);
    }

    private static Tone tone(Optional<String> text) {
        return text.<Tone>map(each -> each.startsWith("D") ? DcsCode.parse(each.substring(1)) : CtcssTone.parse(each))
                .orElse(NoTone.NONE);
    }
}
