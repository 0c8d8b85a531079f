package reckonrod.core.list;

import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.Tone;

/** What a name is made of. */
public enum NamePart {
    /** Where it is: the site of its entry, or the name that it has. */
    PLACE("place") {
        @Override
        String of(Named named, BandPlan plan) {
            return named.origin()
                    .map(Origin::site)
                    .filter(each -> !each.isBlank())
                    .orElse(named.channel().name());
        }
    },
    /** The call sign of its entry. */
    CALL_SIGN("call sign") {
        @Override
        String of(Named named, BandPlan plan) {
            return named.origin().map(Origin::callSign).orElse("");
        }
    },
    /** The frequency that is listened on, in megahertz: the output of a repeater. */
    LISTEN("output") {
        @Override
        String of(Named named, BandPlan plan) {
            return named.channel().receive().toMegahertzText();
        }
    },
    /** The frequency that is talked on, in megahertz, where it is another one. */
    TALK("talk frequency") {
        @Override
        String of(Named named, BandPlan plan) {
            Channel channel = named.channel();
            return channel.isDuplex()
                    ? channel.transmit().map(Frequency::toMegahertzText).orElse("")
                    : "";
        }
    },
    /** The frequency that is talked on, in megahertz, where that is on another band than it is heard on. */
    CROSS_BAND_TALK("talk frequency on another band") {
        @Override
        String of(Named named, BandPlan plan) {
            Channel channel = named.channel();
            return channel.transmit()
                    .filter(talk -> !plan.bandAt(talk).equals(plan.bandAt(channel.receive())))
                    .map(Frequency::toMegahertzText)
                    .orElse("");
        }
    },
    /** The talk tone, as briefly as people write it: 71.9, D023N. */
    TALK_TONE("talk tone") {
        @Override
        String of(Named named, BandPlan plan) {
            return brief(named.channel().talkTone());
        }
    },
    /** The band without its blank: 2m. */
    BAND("band") {
        @Override
        String of(Named named, BandPlan plan) {
            return plan.bandAt(named.channel().receive())
                    .map(Band::name)
                    .orElse("")
                    .replace(" ", "");
        }
    },
    /** How far it is from a place, in whole kilometres: 12km. */
    DISTANCE("distance") {
        @Override
        String of(Named named, BandPlan plan) {
            return named.from()
                    .flatMap(from -> named.origin()
                            .flatMap(Origin::position)
                            .map(site -> Math.round(from.position().to(site).kilometres()) + "km"))
                    .orElse("");
        }
    },
    /** Its number in its block, from 1; its slot where it is in none. */
    NUMBER("number") {
        @Override
        String of(Named named, BandPlan plan) {
            return named.number() < 0 ? "" : String.valueOf(named.number());
        }
    };

    /**
     * What is to be named.
     *
     * @param number its number, 0 or more; less while it has none
     * @param from where distances are taken from
     */
    record Named(Channel channel, Optional<Origin> origin, int number, Optional<Spot> from) {}

    private final String words;

    NamePart(String words) {
        this.words = words;
    }

    /** The part in words. */
    public String words() {
        return words;
    }

    abstract String of(Named named, BandPlan plan);

    private static String brief(Tone tone) {
        return tone.text()
                .map(text ->
                        text.startsWith("DCS ") ? "D" + text.substring(4).replace(" ", "") : text.replace("CTCSS ", ""))
                .orElse("");
    }
}
