package reckonrod.core.bandplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Raster;

/**
 * One band of a plan.
 *
 * @param name its usual name, such as {@code 2 m}
 * @param range its edges
 * @param rasters the channel spacings in use, widest first; a frequency on any of them is on raster
 * @param segments uses, rising, none overlapping another
 * @param shiftRules shift rules; several may cover one output
 * @param calling the FM calling frequencies
 */
public record Band(
        String name,
        FrequencyRange range,
        List<Raster> rasters,
        List<Segment> segments,
        List<ShiftRule> shiftRules,
        List<Frequency> calling) {
    public Band {
        rasters = List.copyOf(rasters);
        segments = List.copyOf(segments);
        shiftRules = List.copyOf(shiftRules);
        calling = List.copyOf(calling);
        Segment previous = null;
        for (Segment segment : segments) {
            requireInside(range, segment.range(), "segment");
            if (previous != null
                    && previous.range().upper().compareTo(segment.range().lower()) >= 0) {
                throw new IllegalArgumentException(
                        "segments must rise and not overlap: " + segment.range() + " follows " + previous.range());
            }
            previous = segment;
        }
        for (ShiftRule rule : shiftRules) {
            requireInside(range, rule.outputs(), "shift rule");
            requireInside(
                    range,
                    new FrequencyRange(
                            rule.outputs().lower().plus(rule.shift()),
                            rule.outputs().upper().plus(rule.shift())),
                    "inputs of the shift rule");
        }
    }

    private static void requireInside(FrequencyRange band, FrequencyRange part, String what) {
        if (!band.contains(part)) {
            throw new IllegalArgumentException(what + " must lie inside the band " + band + ", was " + part);
        }
    }

    /** The segment a frequency lies in, if the plan gives it a use. */
    public Optional<Segment> segmentAt(Frequency frequency) {
        for (Segment segment : segments) {
            if (segment.range().contains(frequency)) {
                return Optional.of(segment);
            }
        }
        return Optional.empty();
    }

    /** The rules that cover an output; more than one means local options. */
    public List<ShiftRule> rulesFor(Frequency output) {
        List<ShiftRule> found = new ArrayList<>(2);
        for (ShiftRule rule : shiftRules) {
            if (rule.outputs().contains(output)) {
                found.add(rule);
            }
        }
        return found;
    }

    /**
     * The rule that supplies the size of a shift when its sign is given: the first that goes the same way, else the first
     * at all; absent where no rule covers the output.
     *
     * @param sign −1 for talking lower, +1 for higher
     */
    public Optional<ShiftRule> ruleFor(Frequency output, int sign) {
        List<ShiftRule> rules = rulesFor(output);
        for (ShiftRule rule : rules) {
            if (Long.signum(rule.shift().hertz()) == sign) {
                return Optional.of(rule);
            }
        }
        return rules.isEmpty() ? Optional.empty() : Optional.of(rules.get(0));
    }

    /** Whether a frequency is on one of the band's rasters. */
    public boolean onRaster(Frequency frequency) {
        for (Raster raster : rasters) {
            if (raster.contains(frequency)) {
                return true;
            }
        }
        return false;
    }
}
