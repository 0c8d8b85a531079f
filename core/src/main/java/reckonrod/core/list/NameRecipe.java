package reckonrod.core.list;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;

/**
 * How channels are named: by parts in order, with blanks between them. What a channel lacks of them is left out. Parts from the right
 * are left out where the name would be longer than a name can be.
 *
 * @param parts one or more, none twice
 * @param from where distances are taken from; there if a distance is part of it
 */
public record NameRecipe(List<NamePart> parts, Optional<Spot> from) {
    /** By the place alone. */
    public static final NameRecipe PLACE = of(NamePart.PLACE);

    /** Those that are offered first. */
    public static final List<NameRecipe> USUAL = List.of(
            PLACE,
            of(NamePart.CALL_SIGN),
            of(NamePart.PLACE, NamePart.CALL_SIGN),
            of(NamePart.PLACE, NamePart.LISTEN),
            of(NamePart.CALL_SIGN, NamePart.LISTEN));

    public NameRecipe {
        parts = List.copyOf(parts);
        if (parts.isEmpty() || parts.stream().distinct().count() < parts.size()) {
            throw new IllegalArgumentException("A name must be made of one part or several, none of them twice");
        }
        if (parts.contains(NamePart.DISTANCE) && from.isEmpty()) {
            throw new IllegalArgumentException("A name with a distance in it must say from where");
        }
        from = parts.contains(NamePart.DISTANCE) ? from : Optional.empty();
    }

    /** A recipe without a distance in it. */
    public static NameRecipe of(NamePart... parts) {
        return new NameRecipe(List.of(parts), Optional.empty());
    }

    /** The recipe in words: {@code place and call sign}. */
    public String words() {
        return parts.stream()
                .map(part -> part == NamePart.DISTANCE
                        ? "distance from " + from.orElseThrow().name()
                        : part.words())
                .collect(Collectors.joining(" and "));
    }

    /** Whether a name depends on where the channel stands. */
    public boolean counts() {
        return parts.contains(NamePart.NUMBER);
    }

    /**
     * The name of a channel by this recipe; empty if it lacks all of the parts.
     *
     * @param origin what it was taken from
     * @param number its number in its block; less than 0 while it stands nowhere
     * @param plan the plan that says what the bands are
     */
    public String nameOf(Channel channel, Optional<Origin> origin, int number, BandPlan plan) {
        NamePart.Named named = new NamePart.Named(channel, origin, number, from);
        StringBuilder name = new StringBuilder();
        for (NamePart part : parts) {
            String whole = part.of(named, plan);
            String next = name.isEmpty() && whole.length() > Channel.MOST_NAME_CHARACTERS
                    ? whole.substring(0, Channel.MOST_NAME_CHARACTERS).strip()
                    : whole;
            int more = name.isEmpty() ? next.length() : next.length() + 1;
            if (!next.isEmpty() && name.length() + more <= Channel.MOST_NAME_CHARACTERS) {
                name.append(name.isEmpty() ? "" : " ").append(next);
            }
        }
        return name.toString();
    }

    /** The number of what stands in a slot of a list: in its block from 1, else the slot itself. */
    public static int number(ChannelList list, int slot) {
        return list.blockAt(slot).map(block -> slot - block.slots().first() + 1).orElse(slot);
    }
}
