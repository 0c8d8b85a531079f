package reckonrod.core.satellite;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.check.Checks;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Raster;
import reckonrod.core.frequency.Shift;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/**
 * The memory channels for one pass, from rise to setting.
 *
 * @param passes the channels in the order of the pass
 * @param working how the greatest shifts were worked out, one sentence each
 * @param findings what is wrong or doubtful; with an error the set is not to be used
 */
public record DopplerSet(List<Pass> passes, List<String> working, List<Finding> findings) {
    /** The steps that the radios tune, on either band. */
    public static final Raster STEP = Raster.KHZ_5;

    private static final long STEP_HERTZ = 5_000;

    /** What every channel of such a set is. */
    private static final String EXPECTED = "cross-band-split";

    private static final int MOST_STEPS = 4;
    private static final int MOST_NAME = 30;

    /**
     * One channel of the set.
     *
     * @param channel the channel
     * @param phase where in the pass it is used, in words
     * @param fromSeconds when to change to it in a pass overhead, in seconds after the closest approach
     * @param toSeconds when to change to the next
     */
    public record Pass(Channel channel, String phase, int fromSeconds, int toSeconds) {}

    public DopplerSet {
        passes = List.copyOf(passes);
        working = List.copyOf(working);
        findings = List.copyOf(findings);
    }

    /**
     * Works out the set.
     *
     * @param name what the satellite is called, at most 30 characters; a number is put behind it
     * @param uplink the frequency the satellite listens on
     * @param downlink the frequency the satellite sends on
     * @param orbit its orbit
     * @param talkTone the tone that opens it
     * @param plan the plan whose talk windows apply
     * @throws IllegalArgumentException if the name is too long or blank
     */
    public static DopplerSet of(
            String name, Frequency uplink, Frequency downlink, Orbit orbit, Tone talkTone, BandPlan plan) {
        if (name.isBlank() || name.strip().length() > MOST_NAME) {
            throw new IllegalArgumentException("Name must be 1 to " + MOST_NAME + " characters, was \"" + name + "\"");
        }
        long greatest = Math.max(orbit.greatestShiftHertz(uplink), orbit.greatestShiftHertz(downlink));
        int steps = (int) Math.max(1, Math.min(MOST_STEPS, Math.round((double) greatest / STEP_HERTZ)));
        List<Pass> passes = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int step = steps; step >= -steps; step--) {
            Channel channel = channel(name, uplink, downlink, orbit, (double) step / steps)
                    .withName(name.strip() + " " + (steps - step + 1))
                    .withTones(talkTone, NoTone.NONE);
            passes.add(
                    new Pass(channel, phase(step), change(orbit, step + 0.5, steps), change(orbit, step - 0.5, steps)));
            Checks.channel(channel, plan).stream()
                    .filter(finding ->
                            findings.stream().noneMatch(each -> each.kind().equals(finding.kind())))
                    .filter(finding -> !finding.kind().code().equals(EXPECTED))
                    .forEach(findings::add);
        }
        findings.sort(Finding.ORDER);
        return new DopplerSet(passes, working(uplink, downlink, orbit), findings);
    }

    // Nearing (share above 0): heard higher, so listen higher; and call lower, so that it arrives where it listens.
    private static Channel channel(String name, Frequency uplink, Frequency downlink, Orbit orbit, double share) {
        Frequency listen = shifted(downlink, share * orbit.greatestShiftHertz(downlink));
        Frequency talk = shifted(uplink, -share * orbit.greatestShiftHertz(uplink));
        return Channel.of(listen, new Talk.On(talk)).withName(name.strip());
    }

    private static Frequency shifted(Frequency centre, double hertz) {
        long steps = Math.round(hertz / STEP_HERTZ);
        return centre.plus(Shift.ofHertz(steps * STEP_HERTZ));
    }

    private static String phase(int step) {
        if (step == 0) {
            return "overhead";
        }
        return step > 0 ? "nearing" : "leaving";
    }

    /** When the shift passes a step's border: found by halving, since it falls all through the pass. */
    private static int change(Orbit orbit, double step, int steps) {
        double share = step / steps;
        double early = -orbit.secondsToOverhead();
        double late = orbit.secondsToOverhead();
        while (late - early > 0.1) {
            double middle = (early + late) / 2;
            if (orbit.shareAt(middle) > share) {
                early = middle;
            } else {
                late = middle;
            }
        }
        return (int) Math.round((early + late) / 2);
    }

    private static List<String> working(Frequency uplink, Frequency downlink, Orbit orbit) {
        return List.of(
                String.format(
                        Locale.ROOT,
                        "Speed along the orbit: √(GM ÷ (R + h)) = √(398,600.4 ÷ (6,371 + %,d)) = %.3f km/s.",
                        orbit.heightKilometres(),
                        orbit.speed()),
                String.format(
                        Locale.ROOT,
                        "Towards you at the horizon: v × R ÷ (R + h) = %.3f km/s.",
                        orbit.speedAtHorizon()),
                greatest("Downlink", downlink, orbit),
                greatest("Uplink", uplink, orbit),
                "Steps of " + STEP
                        + ", which radios tune on either band; each frequency is the step next to its shift.");
    }

    private static String greatest(String what, Frequency frequency, Orbit orbit) {
        return String.format(
                Locale.ROOT,
                "%s: %s × %.3f ÷ %,.0f = ±%.3f kHz at most.",
                what,
                frequency,
                orbit.speedAtHorizon(),
                Orbit.LIGHT,
                orbit.greatestShiftHertz(frequency) / 1_000.0);
    }
}
