package reckonrod.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/** What is done to each of many channels. */
public sealed interface Rework {
    /**
     * The channel as it becomes; the same where there is nothing to do to it.
     *
     * @throws IllegalArgumentException if it would become none that there can be, in words
     */
    Channel of(Channel channel);

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
        public Channel of(Channel channel) {
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
        public Channel of(Channel channel) {
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
}
