package reckonrod.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Shift;
import reckonrod.core.image.SlotReading;
import reckonrod.core.list.Bank;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Intent;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ScanPlan;
import reckonrod.core.list.Scanning;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSlot;

/**
 * What a radio holds as a list, each slot under its own number and each bank under its own. Names are as the radio shows them.
 *
 * @param list the list
 * @param unread what could not be taken, in words, by slot
 */
public record RadioList(ChannelList list, List<String> unread) {
    public RadioList {
        unread = List.copyOf(unread);
    }

    /**
     * Makes it.
     *
     * @param name of the list
     * @param plan the plan that its lines are written by
     * @param limits those of the radio
     * @param readings what each slot holds; free ones are left out
     * @param ids a new one for each channel
     */
    public static RadioList of(
            String name, BandPlan plan, Limits limits, Map<Integer, SlotReading> readings, Supplier<UUID> ids) {
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        List<String> unread = new ArrayList<>();
        new TreeMap<>(readings).forEach((slot, reading) -> {
            if (reading instanceof SlotReading.Unreadable wrong) {
                unread.add("slot " + slot + ": " + wrong.reason());
            }
            reading.content()
                    .ifPresent(content -> entry(content, plan, ids.get())
                            .ifPresentOrElse(
                                    entry -> entries.put(slot, entry),
                                    () -> unread.add("slot " + slot + ": no line says what it holds")));
        });
        ChannelList list = new ChannelList(
                name, plan.id(), "", limits.slots(), Intent.NONE, List.of(), entries, scanning(entries, readings));
        return new RadioList(limits.scan().skips() ? scanned(list, readings) : list, unread);
    }

    /** Banks under the numbers that they have on the radio, empty ones between them too. */
    private static Scanning scanning(Map<Integer, ListEntry> entries, Map<Integer, SlotReading> readings) {
        NavigableMap<Integer, List<UUID>> banks = new TreeMap<>();
        entries.forEach((slot, entry) -> readings.get(slot)
                .content()
                .orElseThrow()
                .banks()
                .forEach(bank ->
                        banks.computeIfAbsent(bank, any -> new ArrayList<>()).add(entry.id())));
        return new Scanning(
                IntStream.rangeClosed(1, banks.isEmpty() ? 0 : banks.lastKey())
                        .mapToObj(
                                bank -> new Bank("Bank " + bank, Optional.empty(), banks.getOrDefault(bank, List.of())))
                        .toList(),
                true,
                true,
                Optional.empty());
    }

    /** What the scan of the radio does otherwise than the usual rule was chosen by somebody. */
    private static ChannelList scanned(ChannelList list, Map<Integer, SlotReading> readings) {
        ScanPlan usual = ScanPlan.of(list);
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>(list.entries());
        entries.replaceAll((slot, entry) -> {
            boolean stops = readings.get(slot).content().orElseThrow().scan();
            return stops == usual.scans(entry) ? entry : entry.withScan(Optional.of(stops));
        });
        return list.byPlan(list.bandPlanId(), list.licence(), entries);
    }

    private static Optional<ListEntry> entry(RadioSlot content, BandPlan plan, UUID id) {
        try {
            Channel channel = channel(content, plan);
            String line = LineWriter.write(channel, plan);
            return Reckoner.reckon(line, plan)
                    .channel()
                    .filter(read -> read.onAir().equals(channel.onAir())
                            && read.name().equals(channel.name())
                            && read.power() == channel.power())
                    .map(read -> ListEntry.of(id, read, line));
        } catch (IllegalArgumentException noChannel) {
            return Optional.empty();
        }
    }

    private static Channel channel(RadioSlot content, BandPlan plan) {
        Talk talk = content.transmit()
                .<Talk>map(on -> on.equals(content.receive())
                        ? new Talk.Same()
                        : plan.hasRule(content.receive(), on)
                                ? new Talk.Shifted(Shift.between(content.receive(), on), true)
                                : new Talk.On(on))
                .orElseGet(Talk.Never::new);
        return new Channel(
                content.name(),
                content.receive(),
                talk,
                content.talkTone(),
                content.listenTone(),
                content.emission(),
                content.power(),
                Set.of());
    }
}
