package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.bandplan.ChannelName;
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

        boolean isSign() {
            return this == MINUS || this == PLUS;
        }
    }

    String name = "";
    boolean nameAtEnd;
    boolean nameQuoted;
    /** The figure that the receive frequency was read from; null where a channel's name gave it. */
    Figure receiveFigure;

    Optional<Frequency> receive = Optional.empty();
    Optional<AirChannel> airChannel = Optional.empty();
    Optional<Frequency> transmit = Optional.empty();
    /** Whether a word, an arrow or a slash says which of the two frequencies is which. */
    boolean sidesSaid;
    /** Whether the two frequencies stood input first, and the plan turned them. */
    boolean turned;
    /** Whether only the side that is listened to was said, and nothing of talking. */
    boolean onlyListenSaid;

    Optional<ChannelName.Named> channelName = Optional.empty();
    Direction direction = Direction.UNSAID;
    /** The sign that says either way; null for none. */
    Item eitherSign;
    /** Whether the minus may only be a dash that parts the name from its frequency. */
    boolean dashBehindName;

    boolean repeaterSaid;
    /** Whether the simplex was a sign with a size of 0. */
    boolean signedZero;
    /** Whether the channel's name says that it is simplex. */
    boolean simplexByName;

    Optional<Long> shiftSizeHertz = Optional.empty();
    Tone talkTone = NoTone.NONE;
    Tone listenTone = NoTone.NONE;
    Optional<Emission> emission = Optional.empty();
    Optional<Power> power = Optional.empty();
    Optional<String> bandName = Optional.empty();
    /** Words that speak of a digital mode, as typed. */
    final List<String> digitalWords = new ArrayList<>(1);

    final Set<DirectoryFlag> flags = EnumSet.noneOf(DirectoryFlag.class);
    final List<Finding> findings = new ArrayList<>();

    /** The first word on the direction counts; another one after it is a doubt. */
    void direct(Direction said) {
        if (direction == Direction.UNSAID) {
            direction = said;
        } else if (direction != said) {
            // Who says listen-only anywhere does not want to talk.
            Direction first = direction;
            direction = said == Direction.LISTEN_ONLY ? said : direction;
            findings.add(LineFindings.twoSigns(first.words(), said.words()));
        }
    }
}
