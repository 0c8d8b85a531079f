package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.AirChannel;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/** What was found in a line, before any plan has worked on it. Filled by {@link LineReader} and then only read. */
final class LineParts {
    /** The way a line says that a channel talks, when it gives no second frequency. */
    enum Direction {
        UNSAID("nothing"),
        MINUS(String.valueOf(Shift.MINUS)),
        PLUS("+"),
        SIMPLEX("simplex"),
        LISTEN_ONLY("listen-only");

        private final String words;

        Direction(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    String name = "";
    boolean nameAtEnd;
    String receiveText = "";
    Optional<Frequency> receive = Optional.empty();
    Optional<AirChannel> airChannel = Optional.empty();
    Optional<Frequency> transmit = Optional.empty();
    Direction direction = Direction.UNSAID;
    Optional<Long> shiftSizeHertz = Optional.empty();
    Tone talkTone = NoTone.NONE;
    Tone listenTone = NoTone.NONE;
    Optional<Emission> emission = Optional.empty();
    Optional<Power> power = Optional.empty();
    Optional<String> bandName = Optional.empty();
    final Set<DirectoryFlag> flags = EnumSet.noneOf(DirectoryFlag.class);
    final List<String> leftovers = new ArrayList<>();
    final List<Finding> findings = new ArrayList<>();
}
