package reckonrod.core.fit;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import reckonrod.core.finding.Finding;
import reckonrod.core.radio.Contents;
import reckonrod.core.radio.Contents.Setting;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;

/**
 * A list fitted to a radio.
 *
 * @param radio the radio
 * @param placements one for each entry, by rising slot
 * @param settings what has to be set once for the whole radio
 * @param findings what only the fitted list shows, by slot
 * @param banks what becomes of each bank of the list
 * @param order the radio's slots of each of its banks, in the order of the list
 * @param wide what the list as a whole loses in this radio
 */
public record FitReport(
        RadioModel radio,
        List<Placement> placements,
        List<Setting> settings,
        NavigableMap<Integer, List<Finding>> findings,
        List<BankFit> banks,
        NavigableMap<Integer, List<Integer>> order,
        List<Finding> wide) {
    private static final int MOST_TOLD = 5;

    public FitReport {
        findings = Collections.unmodifiableNavigableMap(new TreeMap<>(findings));
        placements = List.copyOf(placements);
        banks = List.copyOf(banks);
        order = Collections.unmodifiableNavigableMap(new TreeMap<>(order));
        wide = List.copyOf(wide);
    }

    /** How many entries got each mark. */
    public Map<FitMark, Integer> totals() {
        Map<FitMark, Integer> totals = new EnumMap<>(FitMark.class);
        for (FitMark mark : FitMark.values()) {
            totals.put(mark, 0);
        }
        placements.forEach(placement -> totals.merge(placement.mark(), 1, Integer::sum));
        return totals;
    }

    /** What is in and what is not, to be told after a write: {@code 29 of 30 channels. Left out: AIR (The radio has no AM).}. */
    public String told() {
        int in = contents().slots().size();
        StringBuilder told = new StringBuilder();
        told.append(in == placements.size() ? String.valueOf(in) : in + " of " + placements.size())
                .append(placements.size() == 1 ? " channel." : " channels.");
        tell(FitMark.LEFT_OUT, "Left out", told);
        tell(FitMark.BY_HAND, "Still to be done by hand", told);
        return told.toString();
    }

    private void tell(FitMark mark, String words, StringBuilder told) {
        List<String> some = placements.stream()
                .filter(placement -> placement.mark() == mark)
                .map(placement -> placement.entry().channel().label() + " ("
                        + withoutStop(placement.reasons().get(0).why()) + ")")
                .toList();
        if (!some.isEmpty()) {
            told.append(' ')
                    .append(words)
                    .append(": ")
                    .append(String.join(", ", some.subList(0, Math.min(MOST_TOLD, some.size()))));
            told.append(
                    some.size() > MOST_TOLD ? " and " + (some.size() - MOST_TOLD) + " more; Fit has them all." : ".");
        }
    }

    /** A sentence that goes on behind its bracket. */
    private static String withoutStop(String sentence) {
        return sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
    }

    /** What goes into the radio. */
    public Contents contents() {
        NavigableMap<Integer, RadioSlot> slots = new TreeMap<>();
        placements.forEach(placement -> placement
                .content()
                .ifPresent(content -> slots.put(placement.place().getAsInt(), content)));
        return new Contents(slots, order, settings);
    }
}
