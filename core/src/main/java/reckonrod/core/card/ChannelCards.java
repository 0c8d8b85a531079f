package reckonrod.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.PairSum;
import reckonrod.core.channel.Power;
import reckonrod.core.exchange.ListLines;
import reckonrod.core.fit.Placement;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.Tone;

/** A card for each channel: all that is needed to set it up on any radio, and whether it is known to work. */
public final class ChannelCards {
    private final ChannelList list;
    private final BandPlan plan;

    /**
     * For the channels of a list.
     *
     * @param plan its plan
     */
    public ChannelCards(ChannelList list, BandPlan plan) {
        this.list = list;
        this.plan = plan;
    }

    /** A channel in the notation, as another copy of this program reads it back. */
    public static String line(Channel channel, BandPlan plan) {
        return LineWriter.write(ListLines.asItIs(channel), plan);
    }

    /**
     * The card of a channel as the list has it.
     *
     * @param proven when it was answered last, in words; absent if it never was as it is now
     */
    public Card of(int slot, ListEntry entry, Optional<String> proven) {
        Channel channel = entry.channel();
        List<CardPart.Figure> figures = figures(
                channel.receive(),
                channel.transmit(),
                PairSum.of(channel, plan).shift(),
                channel.talkTone(),
                channel.listenTone(),
                channel.emission(),
                channel.power());
        return card(slot, channel.label(), entry, figures, List.of(), proven);
    }

    /**
     * The card of a channel as a radio has it, with what is otherwise there.
     *
     * @param placement where it goes into the radio; not left out
     */
    public Card of(Placement placement, Optional<String> proven) {
        RadioSlot content = placement.content().orElseThrow();
        List<CardPart.Figure> figures = figures(
                content.receive(),
                content.transmit(),
                PairSum.of(placement.entry().channel(), plan).shift(),
                content.talkTone(),
                content.listenTone(),
                content.emission(),
                content.power());
        return card(
                placement.place().orElseThrow(),
                placement.called(),
                placement.entry(),
                figures,
                placement.reasons().stream().map(each -> each.why()).distinct().toList(),
                proven);
    }

    private static List<CardPart.Figure> figures(
            Frequency receive,
            Optional<Frequency> talk,
            String shift,
            Tone talkTone,
            Tone listenTone,
            Emission emission,
            Power power) {
        List<CardPart.Figure> figures = new ArrayList<>();
        figures.add(new CardPart.Figure("Listen", receive.toMegahertzText() + " MHz"));
        figures.add(new CardPart.Figure(
                "Talk",
                talk.map(each -> each.equals(receive) ? "the same" : each.toMegahertzText() + " MHz")
                        .orElse("never: only listen")));
        if (talk.isPresent() && !talk.get().equals(receive)) {
            figures.add(new CardPart.Figure("Shift", shift.equals("split") ? "none, another band" : shift + " MHz"));
        }
        if (talk.isPresent()) {
            figures.add(new CardPart.Figure("Talk tone", words(talkTone)));
        }
        figures.add(new CardPart.Figure("Listen tone", words(listenTone)));
        figures.add(new CardPart.Figure("Kind", emission + (talk.isPresent() ? ", " + power.word() + " power" : "")));
        return figures;
    }

    private static String words(Tone tone) {
        return tone.text().orElse("none");
    }

    private Card card(
            int slot,
            String title,
            ListEntry entry,
            List<CardPart.Figure> figures,
            List<String> otherwise,
            Optional<String> proven) {
        String line = line(entry.channel(), plan);
        List<CardPart> parts = new ArrayList<>();
        parts.add(new CardPart.Figures(figures));
        parts.add(new CardPart.Typed(line));
        entry.channel().flags().stream().map(ChannelCards::words).forEach(each -> parts.add(new CardPart.Words(each)));
        otherwise.forEach(each -> parts.add(new CardPart.Words(each)));
        if (entry.channel().transmit().isPresent()) {
            parts.add(new CardPart.Words(
                    proven.map(each -> "Answered " + each + ".").orElse("Not yet answered on the air as it is now.")));
        }
        parts.addAll(LineCodes.of(List.of(line)));
        String block = list.slotOf(entry.id())
                .flatMap(list::blockAt)
                .map(each -> " · " + each.name())
                .orElse("");
        return new Card(title, "Slot " + slot + block, parts);
    }

    private static String words(DirectoryFlag flag) {
        String words = flag.words();
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ": " + flag.meaning() + ".";
    }
}
