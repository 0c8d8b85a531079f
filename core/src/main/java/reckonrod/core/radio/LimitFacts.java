package reckonrod.core.radio;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reckonrod.core.frequency.Shift;

/** What a radio can hold, in words for people, in the order in which they ask. */
public final class LimitFacts {
    private LimitFacts() {}

    /**
     * One of them.
     *
     * @param name what it is about
     * @param words what the radio can
     */
    public record Fact(String name, String words) {}

    /** All of them. */
    public static List<Fact> of(Limits limits) {
        List<Fact> facts = new ArrayList<>();
        facts.add(new Fact("Slots", slots(limits)));
        facts.add(new Fact("Names", names(limits.name())));
        facts.add(new Fact("Listens on", bands(limits.receive())));
        facts.add(new Fact("Talks on", bands(limits.transmit())));
        facts.add(new Fact("Tones sent", tones(limits.tones().talk())));
        facts.add(new Fact("Tones waited for", tones(limits.tones().listen())));
        facts.add(new Fact("Shift", shift(limits.shift())));
        facts.add(new Fact(
                "Power",
                limits.power().stream()
                        .map(each -> each.watts().toPlainString())
                        .collect(Collectors.joining(" / ", "", " W"))));
        facts.add(new Fact("Banks", banks(limits.scan())));
        facts.add(new Fact(
                "Listen-only",
                limits.listenOnly() ? "a slot can be kept from talking" : "every slot talks where it can"));
        return facts;
    }

    private static String slots(Limits limits) {
        return limits.slots().count() + ", numbered " + limits.slots()
                + (limits.home().isPresent() ? "; " + limits.home().getAsInt() + " is the home channel" : "");
    }

    private static String names(NameRule names) {
        return names.longest() == 0
                ? "none"
                : names.longest() + " characters, " + (names.hasSmallLetters() ? "small letters too" : "capitals only");
    }

    private static String bands(List<BandLimit> bands) {
        return bands.stream()
                .map(band -> band.range().toWords() + ", "
                        + band.emissions().stream()
                                .map(each -> each.name() + (band.byHand().contains(each) ? " by hand" : ""))
                                .collect(Collectors.joining(" "))
                        + ", steps of "
                        + band.steps().stream().map(Object::toString).collect(Collectors.joining(" or ")))
                .collect(Collectors.joining("; "));
    }

    private static String tones(ToneSet tones) {
        return Stream.of(
                        tones.ctcss().isEmpty() ? "no CTCSS" : tones.ctcss().size() + " CTCSS",
                        tones.dcs().isEmpty()
                                ? "no DCS"
                                : tones.dcs().size() + " DCS codes"
                                        + (tones.inverted() ? ", inverted too" : ", upright only"),
                        tones.reversed() ? "reversed too" : "")
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static String shift(ShiftLimit limit) {
        if (limit instanceof ShiftLimit.Steps steps) {
            return "multiples of " + Shift.ofHertz(steps.stepHertz()).toSizeText() + " up to "
                    + Shift.ofHertz(steps.mostHertz()).toSizeText()
                    + (steps.withinBand() ? ", within the band" : "")
                    + (steps.separate() > 0
                            ? "; " + steps.separate() + " slots may have a talk frequency of their own"
                            : "");
        }
        if (limit instanceof ShiftLimit.OncePerBand once) {
            return "up, down or none; one size for each band, a multiple of "
                    + Shift.ofHertz(once.stepHertz()).toSizeText();
        }
        return "any pair";
    }

    private static String banks(ScanLimits scan) {
        if (scan.banks() == 0) {
            return "none";
        }
        return scan.banks() + " " + scan.called() + "s"
                + (scan.channelsABank() < 9999 ? " of " + scan.channelsABank() : "") + ", a channel in "
                + (scan.banksAChannel() == 1
                        ? "one"
                        : scan.banksAChannel() == scan.banks() ? "several" : scan.banksAChannel());
    }
}
