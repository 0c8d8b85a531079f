package reckonrod.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.list.ListEntry;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/** What is done to each of many channels. */
public sealed interface Rework {
    /**
     * The channel as it becomes; the same where there is nothing to do to it.
     *
     * @throws IllegalArgumentException if it would become none that there can be, in words
     */
    Channel of(ListEntry entry);

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
        public Channel of(ListEntry entry) {
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
        public Channel of(ListEntry entry) {
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
     * Names made of parts, in order, with blanks between them. What a channel lacks of them is left out; one that lacks all of
     * them keeps its name. Parts from the right are left out where the name would be longer than a name can be.
     *
     * @param parts one or more, none twice
     * @param entries the directory entries that the channels were taken from, by their ids, as far as they are known
     * @param plan the plan that says what the bands are
     */
    record NameBy(List<NamePart> parts, Map<String, DirectoryEntry> entries, BandPlan plan) implements Rework {
        public NameBy {
            parts = List.copyOf(parts);
            entries = Map.copyOf(entries);
            if (parts.isEmpty() || parts.stream().distinct().count() < parts.size()) {
                throw new IllegalArgumentException("A name must be made of one part or several, none of them twice");
            }
        }

        @Override
        public Channel of(ListEntry entry) {
            Channel channel = entry.channel();
            Optional<DirectoryEntry> from = Optional.ofNullable(entries.get(entry.directoryId()));
            StringBuilder name = new StringBuilder();
            for (NamePart part : parts) {
                String next = part.of(channel, from, plan);
                int more = name.isEmpty() ? next.length() : next.length() + 1;
                if (!next.isEmpty() && name.length() + more <= Channel.MOST_NAME_CHARACTERS) {
                    name.append(name.isEmpty() ? "" : " ").append(next);
                }
            }
            return name.isEmpty() ? channel : channel.withName(name.toString());
        }

        @Override
        public String words(int count) {
            return "Name " + count + (count == 1 ? " channel" : " channels") + " by "
                    + String.join(" and ", parts.stream().map(NamePart::words).toList());
        }
    }
}
