package reckonrod.core.image;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** The numbers of a radio's tones: 0 none, then CTCSS, DCS, DCS inverted, each in the order of the table. */
final class ToneNumbers {
    private final List<Tone> tones = new ArrayList<>();
    private final Map<Tone, Integer> numbers = new HashMap<>();

    ToneNumbers(ToneTable table) {
        tones.add(NoTone.NONE);
        tones.addAll(table.ctcss());
        tones.addAll(table.dcs());
        table.dcs().stream().map(DcsCode::inverted).forEach(tones::add);
        for (int i = 0; i < tones.size(); i++) {
            numbers.put(tones.get(i), i);
        }
    }

    int numberOf(Tone tone) {
        Integer number = numbers.get(tone);
        if (number == null) {
            throw new IllegalArgumentException("Tone must be one of the radio's, was " + tone);
        }
        return number;
    }

    Tone toneAt(long number) {
        if (number < 0 || number >= tones.size()) {
            throw new UnreadableSlotException("tone number " + number);
        }
        return tones.get((int) number);
    }
}
