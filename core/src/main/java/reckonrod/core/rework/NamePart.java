package reckonrod.core.rework;

import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.Tone;

/** What a name is made of. */
public enum NamePart {
    /** Where it is: the site of its entry, or the name that it has. */
    PLACE("place") {
        @Override
        String of(Channel channel, Optional<DirectoryEntry> entry, BandPlan plan) {
            return entry.map(each -> each.site().name())
                    .filter(name -> !name.isBlank())
                    .orElse(channel.name());
        }
    },
    /** The call sign of its entry. */
    CALL_SIGN("call sign") {
        @Override
        String of(Channel channel, Optional<DirectoryEntry> entry, BandPlan plan) {
            return entry.map(DirectoryEntry::callSign).orElse("");
        }
    },
    /** The frequency that is listened on, in megahertz. */
    LISTEN("listen frequency") {
        @Override
        String of(Channel channel, Optional<DirectoryEntry> entry, BandPlan plan) {
            return channel.receive().toMegahertzText();
        }
    },
    /** The frequency that is talked on, in megahertz, where it is another one. */
    TALK("talk frequency") {
        @Override
        String of(Channel channel, Optional<DirectoryEntry> entry, BandPlan plan) {
            return channel.isDuplex()
                    ? channel.transmit().map(Frequency::toMegahertzText).orElse("")
                    : "";
        }
    },
    /** The talk tone, as briefly as people write it: 71.9, D023N. */
    TALK_TONE("talk tone") {
        @Override
        String of(Channel channel, Optional<DirectoryEntry> entry, BandPlan plan) {
            return brief(channel.talkTone());
        }
    },
    /** The band without its blank: 2m. */
    BAND("band") {
        @Override
        String of(Channel channel, Optional<DirectoryEntry> entry, BandPlan plan) {
            return plan.bandAt(channel.receive()).map(Band::name).orElse("").replace(" ", "");
        }
    };

    private final String words;

    NamePart(String words) {
        this.words = words;
    }

    /** The part in words. */
    public String words() {
        return words;
    }

    abstract String of(Channel channel, Optional<DirectoryEntry> entry, BandPlan plan);

    private static String brief(Tone tone) {
        return tone.text()
                .map(text ->
                        text.startsWith("DCS ") ? "D" + text.substring(4).replace(" ", "") : text.replace("CTCSS ", ""))
                .orElse("");
    }
}
