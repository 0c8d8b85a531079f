package reckonrod.core.bandplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.frequency.Frequency;

/**
 * How a region calls its channels.
 *
 * @param rows letters and numbers
 * @param shortPairsMegahertz the whole megahertz that short pairs such as {@code 34/94} leave out; the input stands first
 */
public record ChannelNames(List<ChannelName> rows, List<Integer> shortPairsMegahertz) {
    /** No names at all. */
    public static final ChannelNames NONE = new ChannelNames(List.of(), List.of());

    public ChannelNames {
        rows = List.copyOf(rows);
        shortPairsMegahertz = List.copyOf(shortPairsMegahertz);
    }

    /** Whether the region has none. */
    public boolean isEmpty() {
        return rows.isEmpty() && shortPairsMegahertz.isEmpty();
    }

    /** The channel of that name in lower case, if there is one. */
    public Optional<ChannelName.Named> named(String name) {
        for (ChannelName row : rows) {
            Optional<ChannelName.Named> found = row.named(name);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /**
     * The repeaters that two groups of two digits can mean, input first, by the shift rules of a plan.
     *
     * @param input two digits, hundredths of a megahertz
     * @param output two digits likewise
     */
    public List<ChannelName.Named> ofPair(String input, String output, BandPlan plan) {
        List<ChannelName.Named> found = new ArrayList<>(1);
        for (int megahertz : shortPairsMegahertz) {
            Frequency talk = Frequency.parse(megahertz + "." + input);
            Frequency listen = Frequency.parse(megahertz + "." + output);
            if (plan.hasRule(listen, talk)) {
                found.add(new ChannelName.Named(
                        input + "/" + output, listen, Optional.of(talk), true, "short pairs, input first"));
            }
        }
        return found;
    }
}
