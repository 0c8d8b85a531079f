package reckonrod.core;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
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
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/** Builds directory entries for tests: {@code 145.310 −0.600 71.9}, on the air, confirmed in 2026, unless said otherwise. */
public final class Entries {
    private final String id;
    private final String site;
    private final Optional<Position> position;
    private Frequency output = Frequency.ofHertz(145_310_000);
    private Input input = Input.parse("-0.600");
    private Tone talkTone = CtcssTone.parse("71.9");
    private Tone listenTone = NoTone.NONE;
    private Mode mode = Mode.FM;
    private State state = State.ON_AIR;
    private Optional<LocalDate> confirmed = Optional.of(LocalDate.of(2026, 6, 1));
    private Set<DirectoryFlag> flags = Set.of();

    private Entries(String id, String site, Optional<Position> position) {
        this.id = id;
        this.site = site;
        this.position = position;
    }

    public static Entries at(String id, String site, double latitude, double longitude) {
        return new Entries(id, site, Optional.of(new Position(latitude, longitude)));
    }

    public static Entries at(String id, String site, Position position) {
        return new Entries(id, site, Optional.of(position));
    }

    public static Entries nowhere(String id, String site) {
        return new Entries(id, site, Optional.empty());
    }

    public Entries line(String nextOutput, String nextInput, String tone) {
        output = Frequency.parse(nextOutput);
        input = Input.parse(nextInput);
        talkTone = tone.isEmpty() ? NoTone.NONE : CtcssTone.parse(tone);
        return this;
    }

    public Entries tones(Tone talk, Tone listen) {
        talkTone = talk;
        listenTone = listen;
        return this;
    }

    public Entries mode(Mode next) {
        mode = next;
        return this;
    }

    public Entries state(State next) {
        state = next;
        return this;
    }

    public Entries confirmed(LocalDate day) {
        confirmed = Optional.ofNullable(day);
        return this;
    }

    public Entries flags(Set<DirectoryFlag> next) {
        flags = next;
        return this;
    }

    public DirectoryEntry build() {
        return new DirectoryEntry(
                id,
                "QV0SK",
                new Site(site, "", position, OptionalDouble.of(300), OptionalDouble.of(20)),
                new Signal(output, input, talkTone, listenTone, mode, OptionalDouble.of(25)),
                new Standing(state, flags, confirmed, "", "", ""));
    }
}
