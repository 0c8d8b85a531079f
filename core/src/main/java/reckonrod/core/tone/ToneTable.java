package reckonrod.core.tone;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;

/**
 * The tones and codes that common radios offer, in the order their menus number them.
 *
 * @param ctcss the CTCSS tones, rising
 * @param dcs the DCS codes of normal polarity, rising
 */
public record ToneTable(List<CtcssTone> ctcss, List<DcsCode> dcs) {
    /** The usual 50 CTCSS tones and the 83 standard DCS codes. */
    public static final ToneTable STANDARD = DataFile.readResource(ToneTable.class, "tones.yaml", ToneTable::read);

    /**
     * A tone of the table and how far it is from the one asked for.
     *
     * @param tone the tone
     * @param distanceTenthsHertz how far away, in tenths of a hertz
     */
    public record Neighbour(CtcssTone tone, int distanceTenthsHertz) {
        /** {@code 71.9 Hz, 0.4 away}. */
        @Override
        public String toString() {
            return tone.toHertzText() + " (" + distanceTenthsHertz / 10 + "." + distanceTenthsHertz % 10 + " away)";
        }
    }

    public ToneTable {
        ctcss = List.copyOf(ctcss);
        dcs = List.copyOf(dcs);
        if (!List.copyOf(new TreeSet<>(ctcss)).equals(ctcss)) {
            throw new IllegalArgumentException("CTCSS tones must rise, each once");
        }
    }

    private static ToneTable read(Section section) {
        section.text("source");
        return new ToneTable(
                section.values("ctcss_hertz", CtcssTone::parse),
                section.values("dcs_octal", code -> DcsCode.parse(code + " N")));
    }

    /** Whether the table has this tone, or this code in either polarity. */
    public boolean contains(Tone tone) {
        return tone.fold(() -> true, ctcss::contains, code -> dcs.contains(code) || dcs.contains(code.inverted()));
    }

    /** The tone of exactly so many tenths of a hertz, if the table has it. */
    public Optional<CtcssTone> exact(int tenthsHertz) {
        return ctcss.stream().filter(tone -> tone.tenthsHertz() == tenthsHertz).findFirst();
    }

    /** The two tones that lie nearest, nearest first, the lower first when both are as far. */
    public List<Neighbour> nearest(int tenthsHertz) {
        return ctcss.stream()
                .map(tone -> new Neighbour(tone, Math.abs(tone.tenthsHertz() - tenthsHertz)))
                .sorted(Comparator.comparingInt(Neighbour::distanceTenthsHertz))
                .limit(2)
                .toList();
    }
}
