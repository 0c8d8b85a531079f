package reckonrod.core.take;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Talk;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.finding.Finding;
import reckonrod.core.listing.RowReading;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;

/** Reads a line of directory notation as an entry of the directory. */
public final class LineEntry {
    private LineEntry() {}

    /**
     * The entry of a line; one that gives no repeater is bad, with the reason.
     *
     * @param source the name of the source, which begins the key
     * @param plan works the line out
     */
    public static RowReading read(String line, String source, BandPlan plan) {
        WorkedAnswer answer = Reckoner.reckon(line, plan);
        Optional<Channel> channel = answer.channel();
        if (channel.isEmpty() || channel.get().transmit().isEmpty()) {
            return new RowReading.Bad(answer.findings().stream()
                    .map(Finding::message)
                    .findFirst()
                    .orElse("The line gives a channel that only listens, and no repeater."));
        }
        try {
            return new RowReading.Good(
                    entry(channel.get(), source),
                    answer.findings().stream()
                            .filter(each -> !each.kind().code().startsWith("entry-"))
                            .toList());
        } catch (IllegalArgumentException outOfRange) {
            return new RowReading.Bad(outOfRange.getMessage());
        }
    }

    private static DirectoryEntry entry(Channel channel, String source) {
        Set<DirectoryFlag> flags = channel.flags().stream()
                .filter(flag -> flag != DirectoryFlag.OFF_AIR)
                .collect(Collectors.toSet());
        State state = channel.flags().contains(DirectoryFlag.OFF_AIR) ? State.OFF_AIR : State.UNKNOWN;
        return new DirectoryEntry(
                source + ":" + channel.name() + "@" + channel.receive().toMegahertzText(),
                "",
                new Site(channel.name(), "", Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty()),
                new Signal(
                        channel.receive(),
                        input(channel.talk()),
                        channel.talkTone(),
                        channel.listenTone(),
                        mode(channel.emission()),
                        OptionalDouble.empty()),
                new Standing(state, flags, Optional.empty(), "", "", ""));
    }

    private static Input input(Talk talk) {
        return talk instanceof Talk.Shifted shifted
                ? new Input.Shifted(shifted.shift())
                : talk instanceof Talk.On on ? new Input.At(on.frequency()) : new Input.Simplex();
    }

    private static Mode mode(Emission emission) {
        return switch (emission) {
            case FM -> Mode.FM;
            case NFM -> Mode.NFM;
            case AM -> Mode.AM;
        };
    }
}
