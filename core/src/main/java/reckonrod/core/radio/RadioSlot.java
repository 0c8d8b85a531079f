package reckonrod.core.radio;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.Tone;

/**
 * What one memory slot of a radio holds.
 *
 * @param name as the radio shows it, without trailing blanks
 * @param receive the frequency listened on
 * @param transmit the frequency talked on; absent for listen-only
 * @param talkTone the tone sent while talking
 * @param listenTone the tone that opens the speaker
 * @param emission the modulation
 * @param power the power level
 * @param scan whether the scan stops here
 * @param banks the banks that it is in, from 1
 */
public record RadioSlot(
        String name,
        Frequency receive,
        Optional<Frequency> transmit,
        Tone talkTone,
        Tone listenTone,
        Emission emission,
        Power power,
        boolean scan,
        Set<Integer> banks) {
    public RadioSlot {
        banks = Collections.unmodifiableSortedSet(new TreeSet<>(banks));
    }

    /** The same under another name. */
    public RadioSlot withName(String next) {
        return new RadioSlot(next, receive, transmit, talkTone, listenTone, emission, power, scan, banks);
    }

    /** The same, scanned or not and in these banks. */
    public RadioSlot scanned(boolean stops, Set<Integer> inside) {
        return new RadioSlot(name, receive, transmit, talkTone, listenTone, emission, power, stops, inside);
    }

    /** What it does, in words and without its name: {@code 145.310, talk 144.710, talk tone 71.9, FM high}. */
    public String words() {
        List<String> parts = new ArrayList<>();
        parts.add(receive.toMegahertzText());
        parts.add(transmit.map(talk -> talk.equals(receive) ? "talk the same" : "talk " + talk.toMegahertzText())
                .orElse("never talks"));
        talkTone.text().ifPresent(tone -> parts.add("talk tone " + tone));
        listenTone.text().ifPresent(tone -> parts.add("listen tone " + tone));
        parts.add(emission + " " + power.word());
        return String.join(", ", parts);
    }
}
