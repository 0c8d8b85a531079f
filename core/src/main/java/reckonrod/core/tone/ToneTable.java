package reckonrod.core.tone;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;

/**
 * The tones and codes that a kind of radio offers, in the order its menus number them.
 *
 * @param ctcss the CTCSS tones, rising
 * @param dcs the DCS codes of normal polarity, rising
 */
public record ToneTable(List<CtcssTone> ctcss, List<DcsCode> dcs) {
    private static final Comparator<DcsCode> BY_CODE = Comparator.comparingInt(DcsCode::code);

    private static final Knowledge KNOWLEDGE =
            DataFile.readResource(ToneTable.class, "tones.yaml", ToneTable::knowledge);

    /** The usual 50 CTCSS tones and the 83 standard DCS codes. */
    public static final ToneTable STANDARD = KNOWLEDGE.standard;

    /** Every tone and code that some common radio has: 51 CTCSS tones, 150.0 Hz among them, and 104 DCS codes. */
    public static final ToneTable EXTENDED = KNOWLEDGE.extended;

    /** The 38 CTCSS tones of older radios. */
    public static final List<CtcssTone> FIRST_38 = KNOWLEDGE.first38;

    /**
     * A tone of the table and how far it is from the one asked for.
     *
     * @param tone the tone
     * @param distanceHertz how far away, in hertz, exact
     */
    public record Neighbour(CtcssTone tone, BigDecimal distanceHertz) {
        /** {@code 71.9 (0.4 away)}. */
        @Override
        public String toString() {
            return tone.toHertzText() + " (" + distanceHertz.toPlainString() + " away)";
        }
    }

    private record Knowledge(
            ToneTable standard, ToneTable extended, List<CtcssTone> first38, Map<String, CtcssTone> codes) {}

    public ToneTable {
        ctcss = List.copyOf(ctcss);
        dcs = List.copyOf(dcs);
        requireRising(ctcss, Comparator.naturalOrder());
        requireRising(dcs, BY_CODE);
    }

    private static <T> void requireRising(List<T> values, Comparator<T> order) {
        Set<T> sorted = new TreeSet<>(order);
        sorted.addAll(values);
        if (!List.copyOf(sorted).equals(values)) {
            throw new IllegalArgumentException("Tones and codes must rise, each once, was " + values);
        }
    }

    private static Knowledge knowledge(Section section) {
        section.text("source");
        ToneTable standard = new ToneTable(
                section.values("ctcss_hertz", CtcssTone::parse), section.values("dcs_octal", ToneTable::normal));
        ToneTable extended = new ToneTable(
                both(standard.ctcss, section.values("ctcss_hertz_of_few", CtcssTone::parse), Comparator.naturalOrder()),
                both(standard.dcs, section.values("dcs_octal_of_many", ToneTable::normal), BY_CODE));
        Map<String, CtcssTone> codes = new TreeMap<>();
        section.sections("two_character_codes", entry -> {
            CtcssTone tone = entry.value("hertz", CtcssTone::parse, standard.ctcss.get(0));
            if (codes.put(entry.text("code"), tone) != null || !standard.ctcss.contains(tone)) {
                throw new IllegalArgumentException("a code must stand here once, for a standard tone");
            }
            return tone;
        });
        List<CtcssTone> first38 = section.values("ctcss_hertz_of_older", CtcssTone::parse);
        if (!standard.ctcss.containsAll(first38)) {
            throw new IllegalArgumentException("the tones of older radios must be standard ones");
        }
        return new Knowledge(standard, extended, first38, Map.copyOf(codes));
    }

    private static DcsCode normal(String octal) {
        return DcsCode.parse(octal + " N");
    }

    private static <T> List<T> both(List<T> some, List<T> others, Comparator<T> order) {
        List<T> all = new ArrayList<>(some);
        all.addAll(others);
        all.sort(order);
        return all;
    }

    /** The tone that a printed directory's two-character code stands for, such as {@code 1A} for 103.5 Hz. */
    public static Optional<CtcssTone> ofTwoCharacterCode(String code) {
        return Optional.ofNullable(KNOWLEDGE.codes.get(code.toUpperCase(Locale.ROOT)));
    }

    /** The two-character code of a tone, if directories have one for it. */
    public static Optional<String> twoCharacterCode(CtcssTone tone) {
        return KNOWLEDGE.codes.entrySet().stream()
                .filter(entry -> entry.getValue().equals(tone))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** Whether the table has this tone, or this code in either polarity. */
    public boolean contains(Tone tone) {
        if (tone instanceof DcsCode code) {
            return Collections.binarySearch(dcs, code, BY_CODE) >= 0;
        }
        if (tone instanceof ReversedTone reversed) {
            return contains(reversed.tone());
        }
        return !(tone instanceof CtcssTone some) || Collections.binarySearch(ctcss, some) >= 0;
    }

    /** The two tones that lie nearest, nearest first, the lower first when both are as far. */
    public List<Neighbour> nearest(BigDecimal hertz) {
        int above = 0;
        int tenths = hertz.movePointRight(1).intValue();
        while (above < ctcss.size() && ctcss.get(above).tenthsHertz() < tenths) {
            above++;
        }
        return ctcss.subList(Math.max(0, above - 2), Math.min(ctcss.size(), above + 3)).stream()
                .map(tone -> new Neighbour(
                        tone,
                        BigDecimal.valueOf(tone.tenthsHertz(), 1)
                                .subtract(hertz)
                                .abs()))
                .sorted(Comparator.comparing(Neighbour::distanceHertz))
                .limit(2)
                .toList();
    }

    /**
     * The codes of the table that a receiver cannot tell from the given one, normal polarity first. For a code of the
     * table this is itself and its inverse partner.
     */
    public List<DcsCode> sameOnAir(DcsCode code) {
        return Stream.concat(dcs.stream(), dcs.stream().map(DcsCode::inverted))
                .filter(code::soundsLike)
                .toList();
    }

    /**
     * One DCS code of the table with what the generator makes of it.
     *
     * @param code the code, normal polarity
     * @param partner the code of the table that is sent inverted as this one upright, if the table has it
     * @param aliases other codes, in no table, whose words are rotations of this one's
     */
    public record DcsPlace(DcsCode code, Optional<DcsCode> partner, List<DcsCode> aliases) {
        /**
         * Every way that people write a code which sounds like this one, in capitals and without blanks, so that a search by
         * any beginning finds it: {@code 023}, {@code D023N}, {@code DCS047I}, the word {@code 763813}.
         */
        public List<String> spellings() {
            Stream<String> codes = Stream.concat(Stream.of(code), Stream.concat(partner.stream(), aliases.stream()))
                    .map(each -> each.toOctalText() + each.polarity().letter())
                    .flatMap(each -> Stream.of(each, "D" + each, "DCS" + each));
            return Stream.concat(codes, Stream.of(String.format("%06X", code.word())))
                    .toList();
        }
    }

    /** Every DCS code of the table, worked out from the Golay generator. */
    public List<DcsPlace> dcsPlaces() {
        return dcs.stream().map(this::place).toList();
    }

    private DcsPlace place(DcsCode code) {
        Optional<DcsCode> partner =
                dcs.stream().map(DcsCode::inverted).filter(code::soundsLike).findFirst();
        Set<DcsCode> known = new HashSet<>(dcs);
        List<DcsCode> aliases = new ArrayList<>();
        for (int other = 0; other <= DcsCode.MOST; other++) {
            DcsCode alias = new DcsCode(other, DcsCode.Polarity.NORMAL);
            if (!known.contains(alias) && code.soundsLike(alias)) {
                aliases.add(alias);
            }
        }
        return new DcsPlace(code, partner, List.copyOf(aliases));
    }
}
