package reckonrod.server.directory;

import jakarta.persistence.Embeddable;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;
import reckonrod.core.tone.Tone;

/** The columns of an entry, in the directory and on the way into it. */
@Embeddable
public class EntryFields {
    // Read by queries alone.
    @SuppressWarnings("UnusedVariable")
    private String source;

    private String callSign;
    private String site;
    private String area;
    private Double latitude;
    private Double longitude;
    private Integer cell;
    private Double groundMetres;
    private Double antennaMetres;
    private Long outputHz;
    private String inputWords;
    private String talkTone;
    private String listenTone;
    private String mode;
    private Double watts;
    private String state;
    private String flags;
    private LocalDate confirmedOn;
    private String confirmedBy;
    private String sponsor;
    private String notes;

    // Read by queries alone.
    @SuppressWarnings("UnusedVariable")
    private String searchText;

    protected EntryFields() {}

    /** The columns of an entry. */
    public static EntryFields of(DirectoryEntry entry) {
        EntryFields fields = new EntryFields();
        fields.source = entry.source();
        fields.callSign = entry.callSign();
        fields.site = entry.site().name();
        fields.area = entry.site().area();
        entry.site().position().ifPresent(position -> {
            fields.latitude = position.latitudeDegrees();
            fields.longitude = position.longitudeDegrees();
            fields.cell = Cells.of(position.latitudeDegrees(), position.longitudeDegrees());
        });
        fields.groundMetres = boxed(entry.site().groundMetres());
        fields.antennaMetres = boxed(entry.site().antennaMetres());
        Signal signal = entry.signal();
        fields.outputHz = signal.output().hertz();
        fields.inputWords = signal.input().words().strip();
        fields.talkTone = signal.talkTone().toString();
        fields.listenTone = signal.listenTone().toString();
        fields.mode = signal.mode().name();
        fields.watts = boxed(signal.watts());
        Standing standing = entry.standing();
        fields.state = standing.state().name();
        fields.flags = standing.flags().stream().map(Enum::name).sorted().collect(Collectors.joining(" "));
        fields.confirmedOn = standing.confirmedOn().orElse(null);
        fields.confirmedBy = standing.confirmedBy();
        fields.sponsor = standing.sponsor();
        fields.notes = standing.notes();
        fields.searchText = folded(String.join(
                " ",
                fields.callSign,
                fields.site,
                fields.area,
                fields.sponsor,
                fields.notes,
                signal.output().toMegahertzText()));
        return fields;
    }

    /** How a text is written in the search column, and what is looked for in it. */
    static String folded(String text) {
        return text.toLowerCase(Locale.ROOT);
    }

    private static Double boxed(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The entry with that key. */
    public DirectoryEntry entry(String id) {
        return new DirectoryEntry(
                id,
                callSign,
                new Site(
                        site,
                        area,
                        latitude == null ? Optional.empty() : Optional.of(new Position(latitude, longitude)),
                        optional(groundMetres),
                        optional(antennaMetres)),
                new Signal(
                        Frequency.ofHertz(outputHz),
                        Input.parse(inputWords),
                        Tone.parse(talkTone),
                        Tone.parse(listenTone),
                        Mode.valueOf(mode),
                        optional(watts)),
                new Standing(
                        State.valueOf(state),
                        flagSet(),
                        Optional.ofNullable(confirmedOn),
                        confirmedBy,
                        sponsor,
                        notes));
    }

    private Set<DirectoryFlag> flagSet() {
        return flags.isEmpty()
                ? Set.of()
                : Arrays.stream(flags.split(" ", -1))
                        .map(DirectoryFlag::valueOf)
                        .collect(Collectors.toSet());
    }
}
