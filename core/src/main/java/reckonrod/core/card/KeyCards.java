package reckonrod.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.keying.KeySheet;
import reckonrod.core.keying.ListSheets;
import reckonrod.core.radio.RadioSetting;

/** Key sheets on paper. */
public final class KeyCards {
    private static final int MILLIS = 1_000;

    private final String radio;
    private final String begin;
    private final int pauseSeconds;

    /**
     * For a radio.
     *
     * @param radio what it is called
     * @param begin how to come to where each sheet begins
     * @param pauseSeconds after so long without a key the radio closes its menu and keeps nothing
     */
    public KeyCards(String radio, String begin, int pauseSeconds) {
        this.radio = radio;
        this.begin = begin;
        this.pauseSeconds = pauseSeconds;
    }

    /** For a list that was worked out. */
    public static KeyCards of(String radio, ListSheets sheets) {
        return new KeyCards(
                radio,
                sheets.machine().begins(),
                sheets.machine().panel().timing().pauseMillis() / MILLIS);
    }

    /**
     * The whole list: what holds for all, slot by slot, and then how the slots are cleared that only the radio holds.
     *
     * @param spare whether those are wanted
     */
    public List<Card> whole(ListSheets sheets, boolean spare) {
        List<Card> all = new ArrayList<>();
        all.add(front(
                List.copyOf(sheets.sheets().values()),
                sheets.linkSeconds(),
                sheets.left().stream()
                        .map(each -> each.entry().channel().label())
                        .toList()));
        sheets.placed()
                .forEach((slot, placement) -> all.add(of(
                        "Slot " + slot + " · " + placement.called(),
                        placement.content().orElseThrow().words(),
                        sheets.sheets().get(slot))));
        if (spare) {
            sheets.spare()
                    .forEach((slot, sheet) ->
                            all.add(of("Slot " + slot + ", cleared", "Only the radio has it; it may stay", sheet)));
        }
        return all;
    }

    /**
     * What holds for all of the sheets.
     *
     * @param linkSeconds how long its link takes for the same; absent if it has none
     * @param left what the radio leaves out, in words
     */
    public Card front(List<KeySheet> sheets, Optional<Integer> linkSeconds, List<String> left) {
        int presses = sheets.stream().mapToInt(KeySheet::presses).sum();
        int seconds = sheets.stream().mapToInt(KeySheet::seconds).sum();
        List<CardPart> parts = new ArrayList<>();
        if (sheets.isEmpty()) {
            parts.add(new CardPart.Words("There is nothing to key in."));
            return new Card(radio, "Keyed in by hand", parts);
        }
        parts.add(new CardPart.Words(begin));
        parts.add(new CardPart.Caution("After " + pauseSeconds
                + " s without a key the radio closes what is open and keeps nothing of it; begin that slot again."));
        parts.add(
                new CardPart.Words(presses + " keys in all, about " + Math.max(1, Math.round(seconds / 60.0)) + " min."
                        + linkSeconds
                                .map(each -> " Its link does the same in " + each + " s.")
                                .orElse(" It has no link.")));
        if (!left.isEmpty()) {
            parts.add(new CardPart.Words("Not in this radio: " + String.join(", ", left) + "."));
        }
        return new Card(radio, "Keyed in by hand", parts);
    }

    /**
     * One of them.
     *
     * @param title what is keyed in
     * @param under in which slot, and what it then holds
     */
    public Card of(String title, String under, KeySheet sheet) {
        List<CardPart> parts = new ArrayList<>();
        sheet.cannot().forEach(each -> parts.add(new CardPart.Caution(each)));
        if (!sheet.lines().isEmpty()) {
            parts.add(steps(sheet));
            parts.add(new CardPart.Words(sheet.presses() + " keys, about " + sheet.seconds() + " s."));
        }
        return new Card(title, under, parts);
    }

    /** The settings as this program advises them. */
    public List<Card> settings(Map<RadioSetting, KeySheet> sheets) {
        List<Card> cards = new ArrayList<>();
        sheets.forEach((setting, sheet) -> {
            List<CardPart> parts = new ArrayList<>();
            parts.add(new CardPart.Words(setting.why()));
            sheet.cannot().forEach(each -> parts.add(new CardPart.Caution(each)));
            if (!sheet.lines().isEmpty()) {
                parts.add(steps(sheet));
            }
            cards.add(new Card(setting.name() + ": " + setting.advised(), "Setting of " + radio, parts));
        });
        return cards;
    }

    /** How everything is cleared, which nobody wants by accident. */
    public Card reset(KeySheet sheet) {
        List<CardPart> parts = new ArrayList<>();
        parts.add(
                new CardPart.Caution("This clears every slot and every setting. Read the radio first, and keep that."));
        sheet.cannot().forEach(each -> parts.add(new CardPart.Words(each)));
        if (!sheet.lines().isEmpty()) {
            parts.add(steps(sheet));
        }
        return new Card("Everything cleared", "Reset of " + radio, parts);
    }

    private static CardPart steps(KeySheet sheet) {
        return new CardPart.Keys(sheet.lines().stream()
                .map(each -> new CardPart.Step(each.shortLabels(), String.join(" · ", each.told())))
                .toList());
    }
}
