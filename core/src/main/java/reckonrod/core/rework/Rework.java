package reckonrod.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Listening;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/** What is done to each of many channels. */
public sealed interface Rework {
    /**
     * The channel of a slot as it becomes; the same where there is nothing to do to it.
     *
     * @throws IllegalArgumentException if it would become none that there can be, in words
     */
    Channel of(int slot, ListEntry entry);

    /** What is done to so many channels: "Set power low of 3 channels". */
    String words(int count);

    /**
     * Power, kind and tones; what is left out stays. A channel that never talks has no power and no talk tone to set.
     *
     * @param power the power asked for
     * @param emission the modulation
     * @param talkTone the tone sent, or none
     * @param listenTone the tone waited for, or none
     */
    record Set(Optional<Power> power, Optional<Emission> emission, Optional<Tone> talkTone, Optional<Tone> listenTone)
            implements Rework {
        public Set {
            if (power.isEmpty() && emission.isEmpty() && talkTone.isEmpty() && listenTone.isEmpty()) {
                throw new IllegalArgumentException("Something must be set: power, kind, talk tone or listen tone");
            }
            if (talkTone.filter(ReversedTone.class::isInstance).isPresent()) {
                throw new IllegalArgumentException("A talk tone must be one that is sent, was " + talkTone.get());
            }
        }

        @Override
        public Channel of(int slot, ListEntry entry) {
            Channel channel = entry.channel();
            boolean talks = channel.transmit().isPresent();
            return channel.withPower(power.filter(each -> talks).orElse(channel.power()))
                    .withEmission(emission.orElse(channel.emission()))
                    .withTones(
                            talkTone.filter(each -> talks).orElse(channel.talkTone()),
                            listenTone.orElse(channel.listenTone()));
        }

        @Override
        public String words(int count) {
            List<String> parts = new ArrayList<>();
            power.ifPresent(each -> parts.add("power " + each.word()));
            emission.ifPresent(each -> parts.add("kind " + each));
            talkTone.ifPresent(each -> parts.add("talk tone " + each));
            listenTone.ifPresent(each -> parts.add("listen tone " + each));
            return "Set " + String.join(" and ", parts) + " of " + count + (count == 1 ? " channel" : " channels");
        }
    }

    /**
     * Some words in names give way to others, in whatever case they stand. Blanks that are left over go.
     *
     * @param find what is looked for, not empty
     * @param with what stands there instead; may be empty
     */
    record ReplaceInName(String find, String with) implements Rework {
        public ReplaceInName {
            if (find.isEmpty()) {
                throw new IllegalArgumentException("What is looked for in names must not be empty");
            }
        }

        @Override
        public Channel of(int slot, ListEntry entry) {
            Channel channel = entry.channel();
            Matcher found = Pattern.compile(find, Pattern.LITERAL | Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)
                    .matcher(channel.name());
            if (!found.find()) {
                return channel;
            }
            String next = found.replaceAll(Matcher.quoteReplacement(with))
                    .replaceAll(" {2,}", " ")
                    .strip();
            if (next.isEmpty()) {
                throw new IllegalArgumentException(channel.label() + " would have no name left");
            }
            return channel.withName(next);
        }

        @Override
        public String words(int count) {
            String names = count + (count == 1 ? " name" : " names");
            return with.isBlank()
                    ? "Take \"" + find + "\" out of " + names
                    : "Write \"" + with + "\" for \"" + find + "\" in " + names;
        }
    }

    /**
     * Names by a recipe. One that lacks all parts keeps its name.
     *
     * @param recipe how all are named; absent where each is named as its block has it, or else the list
     * @param list the list that they are in
     * @param plan the plan that says what the bands are
     */
    record NameBy(Optional<NameRecipe> recipe, ChannelList list, BandPlan plan) implements Rework {
        @Override
        public Channel of(int slot, ListEntry entry) {
            String name = recipe.or(() -> list.blockAt(slot).flatMap(Block::naming))
                    .orElse(list.naming())
                    .nameOf(entry.channel(), entry.origin(), NameRecipe.number(list, slot), plan);
            return name.isEmpty() ? entry.channel() : entry.channel().withName(name);
        }

        @Override
        public String words(int count) {
            return "Name " + count + (count == 1 ? " channel" : " channels") + " by "
                    + recipe.map(NameRecipe::words).orElse("the recipes of the list and its blocks");
        }
    }

    /**
     * What channels wait for, by a listening policy. Where a tone is published is told by the line that a channel came in as.
     *
     * @param policy what they are to wait for
     * @param plan the plan that reads the lines
     */
    record Listen(Listening policy, BandPlan plan) implements Rework {
        @Override
        public Channel of(int slot, ListEntry entry) {
            Channel channel = entry.channel();
            return switch (policy) {
                case PER_CHANNEL -> channel;
                case OPEN -> channel.withTones(channel.talkTone(), NoTone.NONE);
                case QUIET_WHERE_PUBLISHED ->
                    published(entry)
                            .map(tone -> channel.withTones(channel.talkTone(), tone))
                            .orElse(channel);
            };
        }

        private Optional<Tone> published(ListEntry entry) {
            return Reckoner.reckon(entry.published(), plan)
                    .channel()
                    .filter(each -> each.receive().equals(entry.channel().receive()))
                    .map(Channel::listenTone)
                    .filter(Tone::isPresent);
        }

        @Override
        public String words(int count) {
            return "Listening policy " + policy.words() + " changes " + count + (count == 1 ? " channel" : " channels");
        }
    }

    /**
     * Power of each by itself.
     *
     * @param powers what is asked for, by channel; those that are not in it stay
     * @param policy what that is for, in words
     */
    record PowerOfEach(Map<UUID, Power> powers, String policy) implements Rework {
        public PowerOfEach {
            powers = Map.copyOf(powers);
        }

        @Override
        public Channel of(int slot, ListEntry entry) {
            Power power = powers.get(entry.id());
            return power == null || entry.channel().transmit().isEmpty()
                    ? entry.channel()
                    : entry.channel().withPower(power);
        }

        @Override
        public String words(int count) {
            return "Power policy " + policy + " changes " + count + (count == 1 ? " channel" : " channels");
        }
    }
}
