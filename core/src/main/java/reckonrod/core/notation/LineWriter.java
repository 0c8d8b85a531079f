package reckonrod.core.notation;

import java.util.Locale;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.regex.Pattern;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.AirChannel;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/** Writes a channel as a line that reads back as the same channel. */
public final class LineWriter {
    private static final Pattern PLAIN_NAME = Pattern.compile("\\p{L}[\\p{L} ]*");

    private LineWriter() {}

    /**
     * The line of a channel: name, listen, talk, tones, kind, power; what is usual by the plan is left out.
     *
     * @param plan the plan that will read the line back
     */
    public static String write(Channel channel, BandPlan plan) {
        return write(channel, plan, talkWords(channel, plan));
    }

    /**
     * The same with other words for where it talks, which may leave it open: whoever reads the line tells what is in doubt of it.
     *
     * @param talkWords what stands behind the frequency, with a blank before it; may be empty
     */
    public static String write(Channel channel, BandPlan plan, String talkWords) {
        StringJoiner line = new StringJoiner(" ");
        if (!channel.name().isEmpty()) {
            line.add(
                    isPlain(channel.name())
                            ? channel.name()
                            : '"' + channel.name().replace("\"", "\"\"") + '"');
        }
        line.add(listenWord(channel, plan) + talkWords);
        tone("T", channel.talkTone()).ifPresent(line::add);
        tone("R", channel.listenTone()).ifPresent(line::add);
        if (channel.emission() != ChannelWorker.usualEmission(channel.receive(), plan)) {
            line.add(channel.emission().name());
        }
        if (channel.power() != Power.HIGH) {
            line.add(channel.power().word());
        }
        channel.flags().stream().map(DirectoryFlag::word).forEach(line::add);
        return line.toString();
    }

    private static boolean isPlain(String name) {
        Vocabulary vocabulary = Vocabulary.shipped();
        for (String word : name.split(" ", -1)) {
            if (vocabulary.isKnown(word)
                    || vocabulary.nearlyKnown(word.toLowerCase(Locale.ROOT)).isPresent()) {
                return false;
            }
        }
        return PLAIN_NAME.matcher(name).matches();
    }

    // A carrier of its own is written by its name, since a figure such as 132.810 is read as one.
    private static String listenWord(Channel channel, BandPlan plan) {
        return plan.serviceAt(channel.receive())
                .filter(service -> service.emission().equals(Emission.AM.name()))
                .flatMap(service -> AirChannel.ofNarrowCarrier(channel.receive()))
                .map(AirChannel::name)
                .orElse(channel.receive())
                .toMegahertzText();
    }

    private static String talkWords(Channel channel, BandPlan plan) {
        Talk talk = channel.talk();
        if (talk instanceof Talk.Shifted shifted) {
            String sign = shifted.shift().hertz() < 0 ? "-" : "+";
            return shifted.byRule()
                    ? sign
                    : " " + sign + shifted.shift().toMegahertzText().substring(1);
        }
        Optional<Frequency> transmit = channel.transmit();
        if (talk instanceof Talk.On && transmit.isPresent()) {
            return " > " + transmit.get().toMegahertzText();
        }
        return talk instanceof Talk.Same ? " simplex" : isListenedToOnly(channel.receive(), plan) ? "" : " listen-only";
    }

    private static boolean isListenedToOnly(Frequency receive, BandPlan plan) {
        return plan.bandAt(receive).isEmpty() && plan.serviceAt(receive).isPresent();
    }

    private static Optional<String> tone(String side, Tone tone) {
        if (tone instanceof CtcssTone ctcss) {
            return Optional.of(side + ctcss.toHertzText());
        }
        if (tone instanceof ReversedTone reversed) {
            return Optional.of("REV" + reversed.tone().toHertzText());
        }
        if (tone instanceof DcsCode dcs) {
            return Optional.of((side.equals("R") ? "R" : "") + "D" + dcs.toOctalText()
                    + dcs.polarity().letter());
        }
        return Optional.empty();
    }
}
