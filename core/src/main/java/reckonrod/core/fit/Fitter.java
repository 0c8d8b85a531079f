package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.finding.Field;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.radio.RadioDefinition;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** Fits channels to one radio. */
public final class Fitter {
    private final RadioDefinition radio;
    private final Limits limits;
    private final BandPlan plan;

    /**
     * A fitter for that radio.
     *
     * @param plan the plan whose talk windows decide where a channel may talk
     */
    public Fitter(RadioDefinition radio, BandPlan plan) {
        this.radio = radio;
        this.plan = plan;
        this.limits = radio.limits();
    }

    /** Fits every entry of a list. */
    public FitReport fit(ChannelList list) {
        return fit(list, this::fit);
    }

    /**
     * The same for who remembers what entries gave before.
     *
     * @param one what {@link #fit(int, ListEntry)} gives for an entry in its slot
     */
    public FitReport fit(ChannelList list, BiFunction<Integer, ListEntry, Placement> one) {
        List<Placement> placements = list.entries().entrySet().stream()
                .map(each -> one.apply(each.getKey(), each.getValue()))
                .toList();
        return new FitReport(radio, placements, FitChecks.of(radio, placements));
    }

    /** Fits one entry by itself. */
    public Placement fit(int slot, ListEntry entry) {
        List<FitReason> reasons = new ArrayList<>();
        Channel channel = insideWindows(entry.channel(), reasons);
        slot(slot, reasons);
        frequencies(channel, reasons);
        emission(channel, reasons);
        Tone talkTone = channel.transmit().isPresent() ? talkTone(channel.talkTone(), reasons) : NoTone.NONE;
        Tone listenTone = listenTone(channel.listenTone(), reasons);
        String name = name(channel.name(), reasons);
        Power power = power(channel, reasons);
        FitMark mark =
                reasons.stream().map(FitReason::mark).max(FitMark::compareTo).orElse(FitMark.EXACT);
        Optional<RadioSlot> content = mark == FitMark.LEFT_OUT
                ? Optional.empty()
                : Optional.of(new RadioSlot(
                        name,
                        channel.receive(),
                        channel.transmit(),
                        talkTone,
                        listenTone,
                        channel.emission(),
                        power,
                        channel.transmit().isPresent()));
        List<FitReason> shown = mark == FitMark.LEFT_OUT
                ? reasons.stream().filter(each -> each.mark() == mark).toList()
                : reasons;
        return new Placement(slot, entry, mark, shown, content);
    }

    /** What is outside the talk windows never talks, in no radio. */
    private Channel insideWindows(Channel channel, List<FitReason> reasons) {
        Optional<Frequency> outside = channel.transmit().filter(transmit -> !plan.mayTalk(transmit));
        if (outside.isEmpty()) {
            return channel;
        }
        reasons.add(new FitReason(
                FitMark.ADAPTED,
                Field.TRANSMIT,
                "Talking there is outside the talk windows; it goes in listen-only.",
                outside.get().toString(),
                "listen only",
                "Choose the band plan and licence of the list that apply, or mend the channel."));
        return channel.withTalk(new Talk.Never());
    }

    private void slot(int slot, List<FitReason> reasons) {
        if (!limits.slots().contains(slot)) {
            reasons.add(leftOut(
                    Field.SLOT,
                    "The radio has slots " + limits.slots() + ".",
                    String.valueOf(slot),
                    "Move the channel to one of those slots."));
        }
    }

    private void frequencies(Channel channel, List<FitReason> reasons) {
        if (!limits.receives(channel.receive())) {
            reasons.add(outside(Field.RECEIVE, "listens on", channel.receive(), limits.receive()));
        } else if (!limits.tunes(channel.receive())) {
            reasons.add(offStep(Field.RECEIVE, channel.receive()));
        }
        channel.transmit().ifPresent(talk -> {
            if (!limits.transmits(talk)) {
                reasons.add(outside(Field.TRANSMIT, "talks on", talk, limits.transmit()));
            } else if (channel.isDuplex() && !limits.tunes(talk)) {
                reasons.add(offStep(Field.TRANSMIT, talk));
            }
        });
    }

    private static FitReason outside(Field field, String does, Frequency frequency, List<FrequencyRange> ranges) {
        String covered = ranges.stream()
                .map(range -> range.lower().toMegahertzText() + "–" + range.upper())
                .collect(Collectors.joining(" and "));
        return leftOut(
                field,
                "The radio only " + does + " " + covered + ".",
                frequency.toString(),
                "Use a radio that covers " + frequency + ".");
    }

    private FitReason offStep(Field field, Frequency frequency) {
        String steps = limits.rasters().stream().map(Object::toString).collect(Collectors.joining(" and "));
        return leftOut(
                field,
                "The radio tunes in steps of " + steps + ".",
                frequency.toString(),
                "Check the frequency; a digit may have slipped.");
    }

    private void emission(Channel channel, List<FitReason> reasons) {
        if (!limits.emissions().contains(channel.emission())) {
            reasons.add(leftOut(
                    Field.EMISSION,
                    "The radio has no " + channel.emission() + ".",
                    channel.emission().name(),
                    "Use a radio with " + channel.emission() + "."));
        }
    }

    private Tone talkTone(Tone tone, List<FitReason> reasons) {
        Optional<Tone> had = asHad(tone, Field.TALK_TONE, reasons);
        if (had.isEmpty()) {
            reasons.add(leftOut(
                    Field.TALK_TONE,
                    "The radio cannot send " + tone + ", so it could not open the repeater.",
                    tone.toString(),
                    "Use a radio that has this tone."));
        }
        return had.orElse(NoTone.NONE);
    }

    private Tone listenTone(Tone tone, List<FitReason> reasons) {
        Optional<Tone> had = asHad(tone, Field.LISTEN_TONE, reasons);
        if (had.isEmpty()) {
            reasons.add(new FitReason(
                    FitMark.ADAPTED,
                    Field.LISTEN_TONE,
                    "The radio cannot wait for " + tone + "; its speaker stays open instead.",
                    tone.toString(),
                    "none",
                    "Take the listen tone off the channel."));
        }
        return had.orElse(NoTone.NONE);
    }

    /** The tone as the radio has it: itself, or the code whose word is the same on the air; absent if it has neither. */
    private Optional<Tone> asHad(Tone tone, Field field, List<FitReason> reasons) {
        if (limits.has(tone)) {
            return Optional.of(tone);
        }
        if (!(tone instanceof DcsCode code)) {
            return Optional.empty();
        }
        Optional<Tone> partner = ToneTable.EXTENDED.sameOnAir(code).stream()
                .<Tone>map(each -> each)
                .filter(limits::has)
                .findFirst();
        partner.ifPresent(same -> reasons.add(new FitReason(
                FitMark.ADAPTED,
                field,
                "The radio has " + code + " under another name, " + same + ": the same word on the air.",
                code.toString(),
                same.toString(),
                "Write " + same + " in the list.")));
        return partner;
    }

    private String name(String name, List<FitReason> reasons) {
        if (limits.name().allows(name)) {
            return name;
        }
        String shortened = limits.name().shorten(name);
        if (shortened.equalsIgnoreCase(name)) {
            // Capitals alone change nothing that anyone could mistake.
            return shortened;
        }
        reasons.add(new FitReason(
                FitMark.ADAPTED,
                Field.NAME,
                "The radio shows names of at most " + limits.name().longest() + " characters, capitals and digits.",
                name,
                shortened,
                "Choose a name of at most " + limits.name().longest() + " capitals."));
        return shortened;
    }

    /** The level asked for, or the next one that is not above it; a listen-only channel has no use for either. */
    private Power power(Channel channel, List<FitReason> reasons) {
        PowerLevel level = limits.power().stream()
                .filter(each -> each.level().compareTo(channel.power()) >= 0)
                .findFirst()
                .orElseGet(() -> limits.power().get(limits.power().size() - 1));
        if (level.level() != channel.power() && channel.transmit().isPresent()) {
            reasons.add(new FitReason(
                    FitMark.ADAPTED,
                    Field.POWER,
                    "The radio has no " + channel.power().word()
                            + " power; the next level that is not above it is taken.",
                    channel.power().word(),
                    level.level().word() + ", " + level.watts() + " W",
                    "Ask for "
                            + limits.power().stream()
                                    .map(each -> each.level().word())
                                    .collect(Collectors.joining(" or "))
                            + "."));
        }
        return level.level();
    }

    private static FitReason leftOut(Field field, String why, String before, String avoid) {
        return new FitReason(FitMark.LEFT_OUT, field, why, before, "", avoid);
    }
}
